import { visitsBy } from '../../core/schedule/visitsBy'
import { daysWords, longDay } from '../../core/calendar/day'
import type { PullIn } from '../../core/schedule/pullIn'
import { readPlanGoal } from '../../data/firm'
import { readBookedKeys, readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { visitNamer } from '../share/visitWords'
import { problemInput } from './planFirm'
import { pullInInWorker } from './solver'

export interface BringForward {
  readonly words: string
  /** What it wins and what it takes. */
  readonly wins: string
}

/** What would bring the end of a site forward, each found by planning again without it. */
export async function bringForward(context: Context, siteId: string): Promise<readonly BringForward[]> {
  context.requireLead()
  const site = context.site(siteId)
  const stored = readPlan(context.db)
  if (!stored?.plan.finish[site.id]) throw new Refusal(409, 'Nothing is planned for this site yet. Plan first.')
  const found = await pullInInWorker(problemInput(context.db, context.today), site.id, readPlanGoal(context.db))
  const name = visitNamer(context.db)
  const byKey = visitsBy(stored.plan).key
  const booked = readBookedKeys(context.db)
  const what = ({ relief }: PullIn): string => {
    switch (relief.kind) {
      case 'crew':
        return `One more crew of ${relief.name}.`
      case 'release':
        return `Not waiting for this: ${relief.release.words}.`
      case 'agreed':
        return `${byKey.has(relief.visitKey) ? name(byKey.get(relief.visitKey)!) : 'A visit'} on another day than was agreed.`
    }
  }
  return found.map((one) => {
    const told = one.moved.filter((key) => booked.has(key)).length
    const visits = one.moved.length === 1 ? '1 visit moves' : `${one.moved.length} visits move`
    const people = told === 0 ? 'nobody who was told' : told === 1 ? '1 of them was told' : `${told} of them were told`
    return {
      words: what(one),
      wins: `${daysWords(one.days)} earlier: ${longDay(one.finish)}. ${visits}, ${people}.`,
    }
  })
}
