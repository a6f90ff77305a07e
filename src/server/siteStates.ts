import { readRegisters } from '../data/observations'
import type { Db } from '../data/database'
import type { Site } from '../data/sites'
import { registersOf } from '../core/walk/registers'
import { siteStateOf, type SiteState } from '../core/walk/siteState'

const kept = new WeakMap<Db, Map<string, { revision: number; state: SiteState }>>()

/** What is known about a site. Derived once a revision and kept, so that pages across forty sites stay quick. */
export function siteState(db: Db, site: Pick<Site, 'id' | 'revision'>): SiteState {
  const states = kept.get(db) ?? new Map<string, { revision: number; state: SiteState }>()
  kept.set(db, states)
  const known = states.get(site.id)
  if (known?.revision === site.revision) return known.state
  const state = siteStateOf(registersOf(readRegisters(db, site.id)))
  states.set(site.id, { revision: site.revision, state })
  return state
}
