import { visitsBy } from './visitsBy'
import { daysBetween, daysWords, shortDay } from '../calendar/day'
import type { Plan, PlannedVisit } from './plan'

/** A change of plan as a plain value: what moved, came, or went. Undo, 'what moves' and the history all read it. */
export interface PlanDiff {
  readonly moved: readonly { readonly from: PlannedVisit; readonly to: PlannedVisit }[]
  readonly added: readonly PlannedVisit[]
  readonly gone: readonly PlannedVisit[]
  readonly finish: readonly { readonly siteId: string; readonly from: string | null; readonly to: string | null }[]
}

/** When a visit is: first and last half-day. */
export type VisitTime = Pick<PlannedVisit, 'startDay' | 'endDay' | 'startHalf' | 'endHalf'>

export const sameTime = (a: VisitTime, b: VisitTime): boolean =>
  a.startDay === b.startDay && a.startHalf === b.startHalf && a.endDay === b.endDay && a.endHalf === b.endHalf

export function planDiff(from: Plan, to: Plan): PlanDiff {
  const old = visitsBy(from).key
  const now = visitsBy(to).key
  const sites = new Set([...Object.keys(from.finish), ...Object.keys(to.finish)])
  return {
    moved: to.visits.flatMap((visit) => {
      const was = old.get(visit.key)
      return was && !sameTime(was, visit) ? [{ from: was, to: visit }] : []
    }),
    added: to.visits.filter((visit) => !old.has(visit.key)),
    gone: from.visits.filter((visit) => !now.has(visit.key)),
    finish: [...sites]
      .map((siteId) => ({ siteId, from: from.finish[siteId] ?? null, to: to.finish[siteId] ?? null }))
      .filter((change) => change.from !== change.to),
  }
}

/** `Thu 19 to Mon 23 Mar` in words that fit a line. */
export function visitDays(visit: VisitTime): string {
  const half = ['morning', 'afternoon'] as const
  if (visit.startDay === visit.endDay) {
    return visit.startHalf === visit.endHalf
      ? `${shortDay(visit.startDay)}, ${half[visit.startHalf]}`
      : shortDay(visit.startDay)
  }
  return `${shortDay(visit.startDay)} to ${shortDay(visit.endDay)}`
}

/** `2 days later`, `1 day earlier` */
export function shiftWords(from: VisitTime, to: VisitTime): string {
  const days = daysBetween(from.startDay, to.startDay)
  if (days === 0)
    return from.startHalf < to.startHalf
      ? 'half a day later'
      : from.startHalf > to.startHalf
        ? 'half a day earlier'
        : 'ends at another time'
  return `${daysWords(Math.abs(days))} ${days > 0 ? 'later' : 'earlier'}`
}
