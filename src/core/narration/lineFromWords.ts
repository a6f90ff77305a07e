import type { Day } from '../calendar/day'
import type { Units } from '../measure/length'
import type { RateOverrides } from '../scope/rates'
import type { Facts } from '../walk/observation'
import type { Place } from '../walk/siteState'
import { narrate } from './narrate'
import { workOf } from './spokenWork'
import { capital } from '../lists/capital'

/** A line of work in somebody's own words, read as speech is.
 * @param text what is to be done at the place: 'two blockings behind the vanity' */
export function lineFromWords(
  text: string,
  place: Pick<Place, 'id' | 'name' | 'kind' | 'size'>,
  { units, today, rates = {} }: { readonly units: Units; readonly today: Day; readonly rates?: RateOverrides },
): Facts['line']['laid'] {
  const [read] = narrate({ text, places: [place.name], current: place.name, units, today, walk: 'scope' })
  return { ...workOf({ ...read, words: text }, place, rates), title: capital(text) }
}
