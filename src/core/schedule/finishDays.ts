import { laterDay, type Day } from '../calendar/day'
import type { Plan } from './plan'

/** The two days on which a site ends: the likely one, and the one that is safe to promise. */
export interface FinishDays {
  readonly likely: Day
  readonly safe: Day
}

/** The days that everybody reads, at the desk, behind a link and on paper: the likely day by the draws, or where none were
 * made the end of the plan; the safe day is never before it, and neither lies in the past.
 * @returns null where nothing of the site is planned */
export function finishDays(
  { finish, risk }: Pick<Plan, 'finish' | 'risk'>,
  siteId: string,
  today: Day,
): FinishDays | null {
  const end = finish[siteId]
  if (!end) return null
  const drawn = risk[siteId]
  const likely = laterDay(drawn?.likely ?? end, today)
  return { likely, safe: laterDay(drawn?.safe ?? likely, likely) }
}
