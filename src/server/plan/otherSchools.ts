import { dateOnly, daysWords, type Day } from '../../core/calendar/day'
import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import { workingDaysBetween, type WorkCalendar } from '../../core/calendar/workingDays'
import { planDiff } from '../../core/schedule/planDiff'
import { ORDERING_SCHOOLS } from '../../core/sequence/relations'
import { SCHOOLS, wayOf, type SchoolId } from '../../core/sequence/schools'
import type { SiteState } from '../../core/walk/siteState'
import { readBookedKeys, readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState, siteStateUnder } from '../siteStates'
import { problemInput, towards } from './planFirm'
import { PREVIEW, solveInWorker } from './solver'

/** One question of the order of work answered the other way, and what it would do. */
export interface OtherSchool {
  readonly question: string
  readonly way: string
  readonly does: string
}

/** What the other order of work would do to a site, question by question: planned each way, nothing saved. */
export async function otherSchools(context: Context, siteId: string): Promise<readonly OtherSchool[]> {
  context.requireLead()
  const site = context.site(siteId)
  const stored = readPlan(context.db)
  const asNow = stored?.plan.finish[site.id]
  if (!stored || !asNow) throw new Refusal(409, 'Nothing is planned for this site yet. Plan first.')
  const input = problemInput(context.db, context.today)
  const booked = readBookedKeys(context.db)
  const now = siteState(context.db, site)
  const asked = ORDERING_SCHOOLS.flatMap((id) =>
    Object.keys(SCHOOLS[id].ways)
      .filter((way) => way !== wayOf(site.schools, id))
      .map((way) => ({ id, way })),
  )
  const doneAs = async (id: SchoolId, way: string): Promise<string> => {
    const schools = { ...site.schools, [id]: { way, why: '' } }
    const state = siteStateUnder(context.db, { ...site, schools })
    const plan = await solveInWorker(
      { ...input, sites: input.sites.map((one) => (one.id === site.id ? { ...one, schools, state } : one)) },
      towards(context.db, PREVIEW),
    )
    const { moved } = planDiff(stored.plan, plan)
    const told = moved.filter(({ to }) => booked.has(to.key)).length
    return [
      finishWords(asNow, plan.finish[site.id]!, site.calendar),
      hoursWords(hoursOf(state) - hoursOf(now)),
      moved.length === 0
        ? 'Nobody moves.'
        : `${moved.length === 1 ? '1 visit moves' : `${moved.length} visits move`}, ${told === 0 ? 'nobody who was told' : `${told} of them told`}.`,
    ].join(' ')
  }
  return Promise.all(
    asked.map(async ({ id, way }): Promise<OtherSchool> => ({
      question: SCHOOLS[id].question,
      way: wayWords(id, way),
      does: await doneAs(id, way).catch((error: unknown) => {
        // An order that runs in a circle with the site's own is no way to go; it says why.
        if (error instanceof ImpossibleRequest) return error.message
        throw error
      }),
    })),
  )
}

function finishWords(asNow: Day, finish: Day, calendar: WorkCalendar): string {
  if (finish === asNow) return `The finish stays ${dateOnly(finish)}.`
  const [first, last] = finish > asNow ? [asNow, finish] : [finish, asNow]
  const days = daysWords(workingDaysBetween(first, last, calendar))
  return `Finish ${dateOnly(finish)}, ${days} of work ${finish > asNow ? 'later' : 'earlier'}.`
}

const wayWords = (id: SchoolId, way: string): string => (SCHOOLS[id].ways as Readonly<Record<string, string>>)[way]!

const hoursOf = ({ lines }: SiteState): number =>
  lines.reduce((sum, line) => (line.excluded ? sum : sum + line.hours), 0)

const hoursWords = (more: number): string => {
  const hours = Math.round(Math.abs(more))
  return hours === 0 ? 'The work is the same.' : `${hours} h ${more > 0 ? 'more' : 'less'} work.`
}
