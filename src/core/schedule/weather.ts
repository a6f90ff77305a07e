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

type Stop = (sky: Sky) => string | null
const WET: readonly SiteConditions['sky'][] = ['showers', 'rain', 'snow', 'storm']
const pours: Stop = ({ sky }) => (sky === 'rain' || sky === 'snow' || sky === 'storm' ? sky : null)
const wet: Stop = ({ sky }) => (WET.includes(sky) ? sky : null)
const below =
  (degrees: number): Stop =>
  ({ low }) =>
    low < degrees ? `${signed(low)} °C` : null
const any =
  (...stops: readonly Stop[]): Stop =>
  (sky) =>
    stops.reduce<string | null>((found, stop) => found ?? stop(sky), null)

/** What stops work outside, by stage. General rules of the trade: nothing that is opened is opened into rain, wet paint
 * and render want a dry day of 5 °C and more, fresh concrete no frost, fresh mortar neither rain nor frost. */
const STOPS: Partial<Record<Stage, Stop>> = {
  'strip-out': pours,
  excavation: pours,
  underground: pours,
  concrete: any(below(0), ({ sky }) => (sky === 'storm' ? sky : null)),
  masonry: any(pours, below(2)),
  roof: wet,
  'windows-doors': pours,
  'weather-barrier': wet,
  cladding: pours,
  insulation: pours,
  plaster: any(wet, below(5)),
  paint: any(wet, below(5)),
  'site-works': pours,
}

/** What of a day's weather stops work there, in a word or two; null where nothing does or the work is inside. */
export function stopsWork(stages: readonly Stage[], kinds: readonly PlaceKind[], sky: Sky): string | null {
  if (!isOutside(kinds)) return null
  return stages.reduce<string | null>((found, stage) => found ?? STOPS[stage]?.(sky) ?? null, null)
}

/** The days of a forecast on which work there is stopped, each with what stops it. */
export const stoppedDays = (
  stages: readonly Stage[],
  kinds: readonly PlaceKind[],
  forecast: Forecast,
): ReadonlyMap<Day, string> =>
  new Map(
    [...forecast].flatMap(([day, sky]) => {
      const why = stopsWork(stages, kinds, sky)
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
): ReadonlyMap<Day, string> =>
  new Map([
    ...(nights === undefined ? [] : stormDays(nights, forecast)),
    ...[...stoppedDays(stages, kinds, forecast)].map(([day, why]) => [day, `${why} on ${shortDay(day)}`] as const),
  ])
