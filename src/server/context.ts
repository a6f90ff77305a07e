import type { Day, Instant } from '../core/calendar/day'
import type { Db } from '../data/database'
import { readAssignedSites, type Person } from '../data/people'
import { readSite, readSites, type Site } from '../data/sites'
import type { FirmFolder } from './firmFolder'
import { Refusal } from './refusal'

/** Who asks, of which firm, at what time, and what they may do. */
export interface Context {
  readonly firm: FirmFolder
  readonly db: Db
  readonly person: Person
  readonly today: Day
  now(): Instant
  /** The sites this person may see. */
  sites(): Site[]
  /** The site, or a refusal where it is not theirs to see. */
  site(id: string): Site
  /** Refuses crew; money, plans and messages are for leads and owners. */
  requireLead(): void
  requireOwner(): void
  readonly seesMoney: boolean
}

export function contextFor(firm: FirmFolder, person: Person): Context {
  const { db, clock } = firm
  const assigned = person.role === 'crew' ? new Set(readAssignedSites(db, person.id)) : null
  return {
    firm,
    db,
    person,
    today: clock.today(),
    now: clock.now,
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
  }
}
