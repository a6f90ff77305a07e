import { finishedVisits } from '../core/schedule/visits'
import { readObservations, readRegisters } from '../data/observations'
import type { Db } from '../data/database'
import type { Site } from '../data/sites'
import { withFaceAreas } from '../core/reckoning/faceAreas'
import { withPrices } from '../core/reckoning/prices'
import { withSchools } from '../core/reckoning/schoolWork'
import type { Observation } from '../core/walk/observation'
import { mergeRegisters, registersOf, type Registers } from '../core/walk/registers'
import { siteStateOf, type SiteState } from '../core/walk/siteState'

interface Kept {
  readonly revision: number
  readonly state: SiteState
  /** What was known at earlier instants, by instant. */
  readonly earlier: Map<string, SiteState>
}
const kept = new WeakMap<Db, Map<string, Kept>>()

type Known = Pick<Site, 'id' | 'revision' | 'units' | 'schools'>

/** What the records say, with the quantities that faces' own measures and the site's ways of working give. */
const derived = (registers: Registers, { units, schools }: Known): SiteState =>
  withPrices(withSchools(withFaceAreas(siteStateOf(registers), units), schools, units))

function keptState(db: Db, site: Known): Kept {
  const states = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, states)
  const known = states.get(site.id)
  if (known?.revision === site.revision) return known
  const fresh = {
    revision: site.revision,
    state: derived(registersOf(readRegisters(db, site.id)), site),
    earlier: new Map<string, SiteState>(),
  }
  states.set(site.id, fresh)
  return fresh
}

/** What is known about a site. Derived once a revision and kept, so that pages across forty sites stay quick. */
export const siteState = (db: Db, site: Known): SiteState => keptState(db, site).state

/** What the records of a site say under other ways of working. */
export const siteStateUnder = (db: Db, site: Known): SiteState => derived(registersOf(readRegisters(db, site.id)), site)

/** What would be known about a site if more were recorded. */
export const siteStateWith = (db: Db, site: Known, more: readonly Observation[]): SiteState =>
  derived(mergeRegisters(registersOf(readRegisters(db, site.id)), more), site)

/** What was known about a site up to an instant, the instant included. */
export function siteStateUpTo(db: Db, site: Known, instant: string): SiteState {
  const { earlier } = keptState(db, site)
  const state = earlier.get(instant) ?? derived(registersOf(readObservations(db, site.id, instant)), site)
  earlier.set(instant, state)
  return state
}

/** Visits of some sites whose work is done, by key. */
export const finishedKeys = (db: Db, sites: readonly Site[]): ReadonlySet<string> =>
  new Set(
    sites.flatMap((site) => {
      const { places, lines } = siteState(db, site)
      return finishedVisits(site.id, places, lines)
    }),
  )
