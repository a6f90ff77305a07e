import { dayOf, shortDay } from '../../core/calendar/day'
import { groupBy } from '../../core/lists/groupBy'
import { KIND_WORDS } from '../../core/walk/lineKinds'
import { printSize } from '../../core/measure/size'
import { readCrews, readCrewsPutAway } from '../../data/crews'
import { readFirm } from '../../data/firm'
import { readSessionsOf } from '../../data/sessions'
import { readAssignedSites, readMorningAddress, readPeople } from '../../data/people'
import { readOwnStandards } from '../../data/standards'
import { TRADES } from '../../core/scope/vocabulary'
import { tradesWithChoice } from '../sites/crewChoices'
import { senseFigures } from '../../core/schedule/sense'
import { standardsOf } from '../../core/takeoff/usualFigures'
import { readSitesPutAway } from '../../data/sites'
import { learnedView } from '../learning/learned'
import { readRates } from '../../data/rates'
import type { Context } from '../context'
import { addressOf } from '../share/links'
import { mailGoes, mailTransport } from '../share/messages'
import { firmPhrases } from '../walk/walkSnapshot'

const when = (instant: string): string => shortDay(dayOf(instant))

/** Where somebody is signed in, each sort of device once, the one that was used last first. */
const devicesOf = (db: Context['db'], personId: string) =>
  [...groupBy(readSessionsOf(db, personId), ({ device }) => device)]
    .map(([device, its]) => ({
      device,
      times: its.length,
      last: its
        .map(({ seenAt }) => seenAt)
        .sort()
        .at(-1)!,
    }))
    .sort((a, b) => (a.last < b.last ? 1 : -1))
    .map(({ device, times, last }) => ({ device, times, seen: when(last) }))

/** What somebody settles for themselves. */
export function mySettingsView({ db, person, firm }: Context) {
  return {
    morning: { address: readMorningAddress(db, person.id), goes: mailGoes(firm), crew: person.role === 'crew' },
    person: { name: person.name, login: person.login },
    sessions: devicesOf(db, person.id),
  }
}

/** Who works here, for the owner. */
export function peopleSettingsView(context: Context) {
  context.requireOwner()
  const { db } = context
  return {
    people: readPeople(db).map(({ id, name, login, role, putAwayAt }) => ({
      id,
      name,
      login,
      role,
      sites: readAssignedSites(db, id),
      signedIn: devicesOf(db, id).map(({ device, times, seen }) =>
        [device, times > 1 ? `signed in ${times} times` : '', `last used ${seen}`].filter(Boolean).join(', '),
      ),
      away: putAwayAt !== null,
    })),
    sites: context.sites().map(({ id, name }) => ({ id, name })),
  }
}

export function crewSettingsView(context: Context) {
  context.requireLead()
  return {
    crews: readCrews(context.db).map(({ calendar, ...crew }) => ({
      ...crew,
      own: crew.own ?? false,
      mornings: crew.mornings ?? false,
      setUpHours: crew.setUpHours ?? 0,
      noticeDays: crew.noticeDays ?? null,
      alsoTrades: crew.alsoTrades ?? [],
      weekdays: calendar.weekdays,
      halves: calendar.halves ?? 'both',
    })),
    away: readCrewsPutAway(context.db).map(({ id, name, trade }) => ({ id, name, trade })),
  }
}

export function figureSettingsView(context: Context) {
  context.requireLead()
  return {
    learned: learnedView(context),
    rates: readRates(context.db),
    standards: {
      all: [...senseFigures(), ...standardsOf('metric')],
      above: {},
      own: readOwnStandards(context.db, null),
    },
  }
}

/** The firm itself: its name and its habits. */
export function firmSettingsView(context: Context) {
  context.requireLead()
  const { name, units, currency, dayForm, weekStart, timeZone } = readFirm(context.db)!
  const phrases = firmPhrases(context).map(({ id, siteId, words, kind, seenBy, seenAt }) => ({
    id,
    siteId,
    words,
    means: KIND_WORDS[kind].toLowerCase(),
    by: seenBy,
    day: when(seenAt),
  }))
  return {
    firm: { name, units, currency, dayForm, weekStart, timeZone },
    mayChange: context.person.role === 'owner',
    phrases,
  }
}

export function doorSettingsView(context: Context) {
  context.requireLead()
  const firm = readFirm(context.db)!
  const { simulated } = mailTransport()
  return {
    address: firm.address,
    otherwise: firm.address || addressOf(context.db),
    allowedHosts: firm.allowedHosts,
    mail: simulated
      ? firm.demo
        ? 'Mail and text messages go to the simulated outbox of the demo: nothing reaches anybody.'
        : 'No mail server is set (AFTERMIST_SMTP_URL): messages wait in the outbox until one is, or until you say them yourself.'
      : 'Mail goes out by your mail server.',
    mayChange: context.person.role === 'owner',
  }
}

export function siteSettingsView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const choices = tradesWithChoice(context.db)
  return {
    /** Trades that several crews do: who comes here can be chosen. */
    choices: choices.map(({ trade, crews }) => ({ trade, words: TRADES[trade], crews })),
    /** Sites that were put away, which can be brought back. */
    away: context.person.role === 'owner' ? readSitesPutAway(context.db).map(({ id, name }) => ({ id, name })) : [],
    /** Whether they may take the whole site out as a file. */
    mayTakeOut: context.person.role === 'owner',
    site: {
      id: site.id,
      name: site.name,
      revision: site.revision,
      units: site.units,
      livedIn: site.livedIn,
      weekdays: site.calendar.weekdays,
      halves: site.calendar.halves ?? 'both',
      daysOff: site.calendar.daysOff ?? [],
      startsOn: site.startsOn,
      travelHours: site.travelHours,
      clientName: site.clientName,
      clientAddress: site.clientAddress,
      privateNote: site.privateNote,
      street: site.street,
      wayIn: site.wayIn,
      whomToCall: site.whomToCall,
      schools: site.schools,
      crews: Object.fromEntries(choices.map(({ trade }) => [trade, site.crews[trade] ?? ''])),
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
      all: [...senseFigures(), ...standardsOf(site.units)],
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
