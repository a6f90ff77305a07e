import type { Day } from '../../core/calendar/day'
import type { SiteConditions } from '../../core/walk/siteConditions'

export interface WeatherReport extends SiteConditions {
  readonly simulated: boolean
}

/** The weather of a day. The simulated station stands where a real one may. */
export interface WeatherStation {
  conditionsOn(day: Day): WeatherReport
}

/** Mean low and high of each month in °C, of a made-up temperate town. */
const MONTHS: readonly (readonly [number, number])[] = [
  [-1, 4],
  [-1, 6],
  [2, 10],
  [5, 14],
  [9, 19],
  [12, 22],
  [14, 24],
  [14, 24],
  [11, 19],
  [7, 14],
  [3, 8],
  [0, 5],
]

/** The same day always has the same weather, so that a demo and a test can be told apart from chance. */
export const simulatedWeather = (): WeatherStation => ({
  conditionsOn(day) {
    const roll = [...day].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 9973, 7)
    const [low, high] = MONTHS[Number(day.slice(5, 7)) - 1]!
    const shift = (roll % 7) - 3
    const cold = low + shift < 0
    const sky = (
      cold ? (['frost', 'snow', 'overcast', 'dry'] as const) : (['dry', 'overcast', 'showers', 'rain'] as const)
    )[roll % 4]!
    const ground =
      ({ rain: 'soaked', showers: 'damp', snow: 'under snow', frost: 'frozen' } as const)[sky as 'rain'] ?? 'dry'
    return { sky, low: low + shift, high: high + shift, ground, simulated: true }
  },
})
