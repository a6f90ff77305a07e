import type { Day, Instant } from '../core/calendar/day'
import type { Db } from '../data/database'
import { readFirm } from '../data/firm'
import { readAssignedSites, type Person } from '../data/people'
import { readSite, readSites, type Site } from '../data/sites'
import type { Reader } from '../core/share/recordFor'
import type { SiteState } from '../core/walk/siteState'
import type { FirmFolder } from './firmFolder'
import { Refusal } from './refusal'
import { recordOf } from './siteStates'

/** Who asks, of which firm, at what time, and what they may do. */
export interface Context {
  readonly firm: FirmFolder
  readonly db: Db
  readonly person: Person
  readonly today: Day
  now(): Instant
  /** The order of what is recorded now; see the clock. */
  order(told?: number): number
  /** The sites this person may see. */
  sites(): Site[]
  /** The site, or a refusal where it is not theirs to see. */
  site(id: string): Site
  /** Refuses crew; money, plans and messages are for leads and owners. */
  requireLead(): void
  requireOwner(): void
  readonly seesMoney: boolean
  /** What a browser of theirs keeps things under. */
  readonly who: { readonly key: string; readonly name: string }
  readonly reader: Reader
  /** A site as this person may know it; see core/share/recordFor. */
  record(site: Pick<Site, 'id' | 'revision' | 'units' | 'schools'>): SiteState
}

export function contextFor(firm: FirmFolder, person: Person): Context {
  const { db, clock } = firm
  const assigned = person.role === 'crew' ? new Set(readAssignedSites(db, person.id)) : null
  const reader: Reader = person.role === 'crew' ? 'crew' : 'office'
  return {
    firm,
    db,
    person,
    today: clock.today(),
    now: clock.now,
    order: clock.order,
    sites: () => readSites(db).filter((site) => !assigned || assigned.has(site.id)),
    site: (id) => {
      const site = readSite(db, id)
      if (!site || (assigned && !assigned.has(id))) throw new Refusal(404, 'There is no such site among yours.')
      return site
    },
    requireLead: () => {
      if (person.role === 'crew') throw new Refusal(403, 'Only a lead or the owner can do this.')
    },
    requireOwner: () => {
      if (person.role !== 'owner') throw new Refusal(403, 'Only the owner can do this.')
    },
    seesMoney: person.role !== 'crew',
    who: { key: `${readFirm(db)?.key ?? ''}-${person.id}`, name: person.name },
    reader,
    record: (site) => recordOf(reader, db, site),
  }
}
