import { daysWords, shortDay, type Day } from '../calendar/day'
import { addWorkingDays, workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import type { Line } from '../scope/line'
import type { Plan, PlannedVisit } from './plan'
import { isLate, promiseWords } from './promises'
import { OPENING_SORTS } from './sense'
import { byStart } from './tradeRun'
import { visitsBy } from './visitsBy'
import { isOpenTooLong, nightsOpen, type StandsOpen } from './standsOpen'
import { isOffTooLong, withoutWords } from './without'

/** What cannot be kept: an order that was said; something that is closed again or a service that is back in time; an end
 * that was promised, a day on which work was said to begin; the notice of somebody who was never called. */
export type AlarmRule = 'order' | 'open' | 'without' | 'promised' | 'begins' | 'notice'

/** A rule of sense that facts force a plan to break: which, why, and what would mend it. */
export interface Alarm {
  readonly rule: AlarmRule
  readonly siteId: string
  /** The visit to look at, by key. */
  readonly visit: string
  /** The day that it is about, where it is one. */
  readonly day?: Day
  readonly words: string
}

/** Names for what a plan knows by key and number. */
export interface Names {
  readonly visit: (key: string) => string
  readonly place: (siteId: string, placeId: string) => string
  /** Visits whose day somebody agreed to, or set by hand. */
  readonly agreed: ReadonlySet<string>
}

/** Everything that a plan cannot keep, each with the fact that forces it and its mend. */
export const alarmsOf = (
  plan: Pick<Plan, 'open' | 'visits' | 'unkept' | 'without' | 'promises' | 'risk'>,
  names: Names,
): Alarm[] => [
  ...plan.unkept.map((one) => ({ rule: 'order' as const, ...one })),
  ...plan.open.filter(isOpenTooLong).map((one) => ({
    rule: 'open' as const,
    siteId: one.siteId,
    visit: one.closes ?? one.opens,
    words: `${names.place(one.siteId, one.placeId)}: ${what(one)}. ${fact(one, plan, names)}`,
  })),
  ...plan.without.filter(isOffTooLong).map((one) => ({
    rule: 'without' as const,
    siteId: one.siteId,
    visit: one.back,
    words: `${withoutWords(one)} It comes back with ${names.visit(one.back)}. ${visitsBy(plan).key.get(one.back)!.why} Find something that serves meanwhile${one.promised ? ', or talk' : ''}.`,
  })),
  ...plan.promises.filter(isLate).map((one) => ({
    rule: 'promised' as const,
    siteId: one.siteId,
    visit: one.last,
    day: one.promised,
    words: promiseWords(one, names.visit(one.last), plan.risk[one.id]),
  })),
]

/** Who comes to a site from outside for the first time, and may not know of it. */
export interface Uncalled {
  readonly name: string
  /** Working days of notice that they are given. */
  readonly noticeDays: number
}

/** First comings that are nearer than their notice, and nobody was told: the plan kept the notice when it was made, and the
 * days went by. One for each crew, their first.
 * @param uncalled who comes with a visit, where they are to be called and were not; null for everybody else */
export function uncalledSoon(
  visits: readonly PlannedVisit[],
  uncalled: (visit: PlannedVisit) => Uncalled | null,
  today: Day,
  calendar: WorkCalendar,
): Alarm[] {
  const told = new Set<string | null>()
  return [...visits].sort(byStart).flatMap((visit): Alarm[] => {
    const who = visit.startDay < today ? null : uncalled(visit)
    if (!who || told.has(visit.crewId)) return []
    told.add(visit.crewId)
    // The plan begins after the days of notice, as `noticeOf` counts them.
    if (visit.startDay >= addWorkingDays(today, who.noticeDays, calendar)) return []
    return [
      {
        rule: 'notice',
        siteId: visit.siteId,
        visit: visit.key,
        day: visit.startDay,
        words: `${who.name}: they start on ${shortDay(visit.startDay)} and nobody has told them. They are called ${daysWords(who.noticeDays)} ahead: call today, or plan again.`,
      },
    ]
  })
}

/** Working days by which a plan may begin after the day that was said, before it is told. Our own default. */
const SAID_LATER = 3

/** Work that was said to begin on a day and that the plan begins later: what was said, and why it cannot be. */
export function saidAndPlanned(
  siteId: string,
  lines: readonly Line[],
  plan: Pick<Plan, 'visits'>,
  calendar: WorkCalendar,
): Alarm[] {
  return lines.flatMap((line): Alarm[] => {
    const said = line.held?.begins ? line.held.until : undefined
    const visit = said && visitsBy(plan).line.get(line.id)
    if (!visit || visit.startDay <= said) return []
    if (workingDaysBetween(said, visit.startDay, calendar) <= SAID_LATER) return []
    return [
      {
        rule: 'begins',
        siteId,
        visit: visit.key,
        words: `${line.title} was said to begin on ${shortDay(said)}, and the plan begins it on ${shortDay(visit.startDay)}. ${visit.why} Tell who counts on the day that was said.`,
      },
    ]
  })
}

const nightWords = (count: number): string => (count === 1 ? 'one night' : `${count} nights`)

function what(one: StandsOpen): string {
  const opened = OPENING_SORTS[one.sort].toLowerCase()
  const nights = nightsOpen(one)
  const limit = one.most === 0 ? 'to be closed on the day' : `${nightWords(one.most)} at most`
  return nights === null
    ? `${opened} is opened on ${shortDay(one.from)} and nothing in the plan closes it`
    : `${opened} stands open ${nightWords(nights)}, ${shortDay(one.from)} to ${shortDay(one.until!)}, ${limit}`
}

/** Why it cannot be helped, and what would. */
function fact(one: StandsOpen, { visits }: Pick<Plan, 'visits'>, { visit, agreed }: Names): string {
  if (one.closes === null) return 'Add the work that closes it, or a cover.'
  if (agreed.has(one.opens)) return `${visit(one.opens)} was agreed for then: agree on another day, or add a cover.`
  const closing = visits.find(({ key }) => key === one.closes)!
  const why = agreed.has(one.closes) ? 'It was agreed for then.' : closing.why
  return `${visit(one.closes)} closes it. ${why} Add a cover as work of its own, or open less at a time.`
}
