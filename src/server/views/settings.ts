import { printSize } from '../../core/measure/size'
import { readCrews } from '../../data/crews'
import { readAssignedSites, readPeople } from '../../data/people'
import { readOwnStandards } from '../../data/standards'
import { standardsOf } from '../../core/takeoff/usualFigures'
import { readRates } from '../../data/rates'
import type { Context } from '../context'

/** The firm's people, crews and rates; crew see only their own sign-out. */
export function firmSettingsView(context: Context) {
  const { db, person } = context
  return {
    person: { name: person.name, role: person.role },
    people:
      person.role === 'owner'
        ? readPeople(db).map(({ id, name, login, role }) => ({
            id,
            name,
            login,
            role,
            sites: readAssignedSites(db, id),
          }))
        : [],
    sites: context.sites().map(({ id, name }) => ({ id, name })),
    crews: context.seesMoney
      ? readCrews(db).map(({ calendar, ...crew }) => ({
          ...crew,
          own: crew.own ?? false,
          mornings: crew.mornings ?? false,
          setUpHours: crew.setUpHours ?? 0,
          weekdays: calendar.weekdays,
          halves: calendar.halves ?? 'both',
        }))
      : [],
    rates: context.seesMoney ? readRates(db) : {},
    standards: { all: standardsOf('metric'), above: {}, own: readOwnStandards(db, null) },
  }
}

export function siteSettingsView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  return {
    /** Whether they may take the whole site out as a file. */
    mayTakeOut: context.person.role === 'owner',
    site: {
      id: site.id,
      name: site.name,
      revision: site.revision,
      livedIn: site.livedIn,
      weekdays: site.calendar.weekdays,
      halves: site.calendar.halves ?? 'both',
      daysOff: site.calendar.daysOff ?? [],
      startsOn: site.startsOn,
      travelHours: site.travelHours,
      clientName: site.clientName,
      clientAddress: site.clientAddress,
      privateNote: site.privateNote,
      schools: site.schools,
      relations: site.ownRelations.map(({ before, after, why, waitDays = 0, mostDays = null, scope = 'place' }) => ({
        before,
        after,
        why,
        waitDays,
        mostDays,
        scope,
      })),
    },
    standards: {
      all: standardsOf(site.units),
      above: readOwnStandards(context.db, null),
      own: readOwnStandards(context.db, site.id),
    },
    places: context.record(site).places.map(({ id, name, level, size }) => ({
      id,
      name,
      level,
      size: size ? printSize(size, site.units) : null,
    })),
  }
}
