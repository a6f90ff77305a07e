import { keptFor } from '../core/lists/keptFor'
import { finishedVisits } from '../core/schedule/visits'
import { readObservations, readRegisters } from '../data/observations'
import type { Db } from '../data/database'
import type { Site } from '../data/sites'
import { withFaceAreas } from '../core/reckoning/faceAreas'
import { withPasses } from '../core/reckoning/passes'
import { withTaken } from '../core/reckoning/taken'
import { withPrices } from '../core/reckoning/prices'
import { withSchools } from '../core/reckoning/schoolWork'
import { isAgreed } from '../core/scope/extras'
import { recordFor, type Reader } from '../core/share/recordFor'
import type { Observation } from '../core/walk/observation'
import { mergeRegisters, registersOf, type Registers } from '../core/walk/registers'
import { siteStateOf, type SiteState } from '../core/walk/siteState'
import { once } from '../data/once'
import { sound, type SetAside } from './setAside'

interface Kept {
  readonly revision: number
  readonly registers: Registers
  readonly setAside: readonly SetAside[]
  /** What each reader may know, by reader. */
  readonly states: Map<Reader, SiteState>
  /** What was known at earlier instants, by reader and instant. */
  readonly earlier: Map<string, SiteState>
}
const kept = once('states', () => new WeakMap<Db, Map<string, Kept>>())

type Known = Pick<Site, 'id' | 'revision' | 'units' | 'schools'>

/** What the records say, with the quantities that faces' own measures and the site's ways of working give. */
const derived = (registers: Registers, { units, schools }: Pick<Known, 'units' | 'schools'>): SiteState =>
  withTaken(
    withPrices(withSchools(withFaceAreas(withPasses(siteStateOf(registers, units)), units), schools, units)),
    units,
  )

function keptOf(db: Db, site: Known): Kept {
  const all = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, all)
  const known = all.get(site.id)
  if (known?.revision === site.revision) return known
  const { observations, setAside } = sound(readRegisters(db, site.id))
  const fresh: Kept = {
    revision: site.revision,
    registers: registersOf(observations),
    setAside,
    states: new Map(),
    earlier: new Map(),
  }
  all.set(site.id, fresh)
  return fresh
}

/** All that is known about a site. Derived once a revision and kept, so that pages across forty sites stay quick. What is
 * shown to somebody is composed from `recordOf` instead. */
export const siteState = (db: Db, site: Known): SiteState => recordOf('office', db, site)

/** A site as one reader may know it. Whatever is composed for them is composed from this. */
export function recordOf(reader: Reader, db: Db, site: Known): SiteState {
  const { states, registers } = keptOf(db, site)
  const state = states.get(reader) ?? derived(recordFor(reader, registers), site)
  states.set(reader, state)
  return state
}

/** The registers of a site as one reader may know them. */
export const registersFor = (reader: Reader, db: Db, site: Known): Registers =>
  recordFor(reader, keptOf(db, site).registers)

/** A site as it was laid down, before its ways of working and its prices: what is copied has those come over it once, too. */
export const laidState = (db: Db, site: Known): SiteState => siteStateOf(registersFor('office', db, site), site.units)

/** Facts on record that cannot be so, and are left out until somebody takes them back. */
export const setAsideAt = (db: Db, site: Known): readonly SetAside[] => keptOf(db, site).setAside

/** What the records of a site say under other ways of working. */
export const siteStateUnder = (db: Db, site: Known): SiteState => derived(keptOf(db, site).registers, site)

/** What would be known about a site if more were recorded. */
export const siteStateWith = (db: Db, site: Known, more: readonly Observation[]): SiteState =>
  derived(mergeRegisters(keptOf(db, site).registers, more), site)

/** What a reader could have known of a site up to an instant, the instant included. */
export function recordUpTo(reader: Reader, db: Db, site: Known, instant: string): SiteState {
  const { earlier } = keptOf(db, site)
  const key = `${reader} ${instant}`
  const state =
    earlier.get(key) ??
    derived(recordFor(reader, registersOf(sound(readObservations(db, site.id, instant)).observations)), site)
  earlier.set(key, state)
  return state
}

const finished = keptFor<SiteState, readonly string[]>()

/** Visits of some sites whose work is done, by key. */
export const finishedKeys = (db: Db, sites: readonly Site[]): ReadonlySet<string> =>
  new Set(
    sites.flatMap((site) => {
      const state = siteState(db, site)
      // What nobody agreed to keeps no visit open.
      return finished(state, [], () => finishedVisits(site.id, { ...state, lines: state.lines.filter(isAgreed) }))
    }),
  )
