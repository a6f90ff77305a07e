import { readObservations, readRegisters } from '../data/observations'
import type { Db } from '../data/database'
import type { Site } from '../data/sites'
import { withFaceAreas } from '../core/reckoning/faceAreas'
import { registersOf } from '../core/walk/registers'
import { siteStateOf, type SiteState } from '../core/walk/siteState'

interface Kept {
  readonly revision: number
  readonly state: SiteState
  /** What was known at earlier instants, by instant. */
  readonly earlier: Map<string, SiteState>
}
const kept = new WeakMap<Db, Map<string, Kept>>()

function keptState(db: Db, site: Pick<Site, 'id' | 'revision' | 'units'>): Kept {
  const states = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, states)
  const known = states.get(site.id)
  if (known?.revision === site.revision) return known
  const fresh = {
    revision: site.revision,
    state: withFaceAreas(siteStateOf(registersOf(readRegisters(db, site.id))), site.units),
    earlier: new Map<string, SiteState>(),
  }
  states.set(site.id, fresh)
  return fresh
}

/** What is known about a site. Derived once a revision and kept, so that pages across forty sites stay quick. */
export const siteState = (db: Db, site: Pick<Site, 'id' | 'revision' | 'units'>): SiteState => keptState(db, site).state

/** What was known about a site up to an instant, the instant included. */
export function siteStateUpTo(db: Db, site: Pick<Site, 'id' | 'revision' | 'units'>, instant: string): SiteState {
  const { earlier } = keptState(db, site)
  const state =
    earlier.get(instant) ?? withFaceAreas(siteStateOf(registersOf(readObservations(db, site.id, instant))), site.units)
  earlier.set(instant, state)
  return state
}
