import { signed } from '../measure/signed'
import { addDays, shortDay, type Day } from '../calendar/day'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'
import type { SiteConditions } from '../walk/siteConditions'

/** The sky of a day to come, in whole °C. */
export type Sky = Pick<SiteConditions, 'sky' | 'low' | 'high'> & {
  /** Told by the stand-in for a station. */
  readonly simulated?: boolean
}
/** What was told of a day to come. */
export type DayForecast = Omit<Sky, 'simulated'> & { readonly day: Day }
/** What the sky is said to do on the days to come. */
export type Forecast = ReadonlyMap<Day, Sky>
export const NO_FORECAST: Forecast = new Map()

const OUTSIDE_PLACES: readonly PlaceKind[] = ['face', 'roof', 'ground', 'boundary', 'outbuilding']
export const isOutside = (kinds: readonly PlaceKind[]): boolean => kinds.some((kind) => OUTSIDE_PLACES.includes(kind))

/** Work outside that frost spoils, with the lowest °C of a day on which it is done. General rules of the trade; what stands
 * on the tin or the bag goes before them. */
export const USUAL_COLDEST = { paint: 5, plaster: 5, masonry: 2, concrete: 0 } as const
export type Coldest = Readonly<Record<keyof typeof USUAL_COLDEST, number>>

type Stop = (sky: Sky, coldest: Coldest) => string | null
const WET: readonly SiteConditions['sky'][] = ['showers', 'rain', 'snow', 'storm']
const pours: Stop = ({ sky }) => (sky === 'rain' || sky === 'snow' || sky === 'storm' ? sky : null)
const wet: Stop = ({ sky }) => (WET.includes(sky) ? sky : null)
const cold =
  (stage: keyof Coldest): Stop =>
  ({ low }, coldest) =>
    low < coldest[stage] ? `${signed(low)} °C` : null
const any =
  (...stops: readonly Stop[]): Stop =>
  (sky, coldest) =>
    stops.reduce<string | null>((found, stop) => found ?? stop(sky, coldest), null)

/** What stops work outside, by stage. General rules of the trade: nothing that is opened is opened into rain, wet paint
 * and render want a dry day, fresh mortar no rain, and each its warmth. */
const STOPS: Partial<Record<Stage, Stop>> = {
  'strip-out': pours,
  excavation: pours,
  underground: pours,
  concrete: any(cold('concrete'), ({ sky }) => (sky === 'storm' ? sky : null)),
  masonry: any(pours, cold('masonry')),
  roof: wet,
  'windows-doors': pours,
  'weather-barrier': wet,
  cladding: pours,
  insulation: pours,
  plaster: any(wet, cold('plaster')),
  paint: any(wet, cold('paint')),
  'site-works': pours,
}

/** What of a day's weather stops work there, in a word or two; null where nothing does or the work is inside. */
export function stopsWork(
  stages: readonly Stage[],
  kinds: readonly PlaceKind[],
  sky: Sky,
  coldest: Coldest = USUAL_COLDEST,
): string | null {
  if (!isOutside(kinds)) return null
  return stages.reduce<string | null>((found, stage) => found ?? STOPS[stage]?.(sky, coldest) ?? null, null)
}

/** The days of a forecast on which work there is stopped, each with what stops it. */
export const stoppedDays = (
  stages: readonly Stage[],
  kinds: readonly PlaceKind[],
  forecast: Forecast,
  coldest: Coldest = USUAL_COLDEST,
): ReadonlyMap<Day, string> =>
  new Map(
    [...forecast].flatMap(([day, sky]) => {
      const why = stopsWork(stages, kinds, sky, coldest)
      return why ? [[day, why] as const] : []
    }),
  )

/** The days before a storm on which nothing is opened that would stand open in it.
 * @param nights for which what is opened stands open at most */
export const stormDays = (nights: number, forecast: Forecast): ReadonlyMap<Day, string> =>
  new Map(
    [...forecast].flatMap(([storm, { sky }]) =>
      sky === 'storm'
        ? Array.from(
            { length: Math.max(1, nights) },
            (_, i) => [addDays(storm, -1 - i), `the storm of ${shortDay(storm)}`] as const,
          )
        : [],
    ),
  )

/** Days on which a visit keeps away for the weather, with why in words.
 * @param nights for which what it opens stands open at most; undefined where it opens nothing */
export const daysAway = (
  stages: readonly Stage[],
  kinds: readonly PlaceKind[],
  nights: number | undefined,
  forecast: Forecast,
  coldest: Coldest,
): ReadonlyMap<Day, string> =>
  new Map([
    ...(nights === undefined ? [] : stormDays(nights, forecast)),
    ...[...stoppedDays(stages, kinds, forecast, coldest)].map(
      ([day, why]) => [day, `${why} on ${shortDay(day)}`] as const,
    ),
  ])
