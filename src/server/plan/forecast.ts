import { addDays, type Day } from '../../core/calendar/day'
import type { DayForecast, Forecast } from '../../core/schedule/weather'
import type { Db } from '../../data/database'
import { readFirm } from '../../data/firm'
import { deleteForecast, readForecast, saveForecast } from '../../data/forecast'
import { simulatedWeather } from '../../devices/weather/simulatedWeather'
import { forecast } from '../../schemas/forecast'
import type { Context } from '../context'

/** How far ahead a forecast is worth planning by. */
const FORECAST_DAYS = 7

/** The days to come as they were told; in the demo alone the simulated station tells the others. */
export function forecastFor(db: Db, today: Day): Forecast {
  const station = readFirm(db)?.demo ? simulatedWeather() : null
  const simulated = Array.from({ length: station ? FORECAST_DAYS : 0 }, (_, i) => addDays(today, i)).map(
    (day) => [day, station!.conditionsOn(day)] as const,
  )
  return new Map([
    ...simulated,
    ...readForecast(db, today).map(({ day, sky, low, high }) => [day, { sky, low, high }] as const),
  ])
}

/** Keeps what somebody said that the sky will do; the plan follows when it is made again. */
export function keepForecast(context: Context, body: unknown): { kept: number } {
  context.requireLead()
  const { days } = forecast.validateSync(body)
  context.db.transaction(() => {
    for (const told of days) {
      if (told.sky === '') deleteForecast(context.db, told.day as Day)
      else saveForecast(context.db, told as DayForecast, context.person.name, context.now())
    }
  })()
  return { kept: days.length }
}
