import type { Day, Instant } from '../core/calendar/day'
import type { DayForecast } from '../core/schedule/weather'
import type { Db } from './database'

/** What was told of the days from one on, in their order. */
export const readForecast = (db: Db, from: Day): DayForecast[] =>
  db.prepare('SELECT day, sky, low, high FROM forecast WHERE day >= ? ORDER BY day').all(from) as DayForecast[]

export function saveForecast(db: Db, told: DayForecast, by: string, at: Instant): void {
  db.prepare(
    `INSERT INTO forecast (day, sky, low, high, told_by, told_at) VALUES (@day, @sky, @low, @high, @by, @at)
     ON CONFLICT (day) DO UPDATE SET sky = @sky, low = @low, high = @high, told_by = @by, told_at = @at`,
  ).run({ ...told, by, at })
}

export function deleteForecast(db: Db, day: Day): void {
  db.prepare('DELETE FROM forecast WHERE day = ?').run(day)
}
