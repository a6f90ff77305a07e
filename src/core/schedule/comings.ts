import { slotOfDay } from '../calendar/slots'
import { comings } from './goals'
import type { Plan } from './plan'

/** How often trades come to sites in a plan, all together. */
export function comingsOf({ madeOn, visits }: Pick<Plan, 'madeOn' | 'visits'>): number {
  const numbers = new Map<string, number>()
  const numberOf = (id: string): number => {
    const known = numbers.get(id) ?? numbers.size
    numbers.set(id, known)
    return known
  }
  return comings(
    visits.map(({ siteId, crewId }) => ({
      site: numberOf(siteId),
      ...(crewId === null ? {} : { team: numberOf(crewId) }),
    })),
    {
      start: visits.map(({ startDay, startHalf }) => slotOfDay(madeOn, startDay) + startHalf),
      finish: visits.map(({ endDay, endHalf }) => slotOfDay(madeOn, endDay) + endHalf + 1),
    },
  )
}
