import { heldLine } from '../scope/line'
import { entryName } from '../entries/entry'
import { capital } from '../lists/capital'
import type { Units } from '../measure/length'
import { dateOnly, daysBetween, daysWords, shortDay, type Day } from '../calendar/day'
import { kindsOf } from '../places/place'
import { isOnSite } from '../selections/selection'
import { coverGates, gateWords } from '../sequence/coverGate'
import { placeName, type SiteState } from '../walk/siteState'
import type { PlannedVisit } from './plan'
import { permitsBefore } from './permits'
import { wetBefore } from './wetWork'
import { hiresBefore } from './hires'
import { liftsIn } from './lifts'
import { inTheWay, namedHolds, selectionsFor } from './holds'
import type { Booking } from './problem'
import type { Sense } from './sense'
import { linesOfVisit } from './visits'
import { stoppedDays, type Forecast } from './weather'

/** One thing that a visit needs before it can start. */
export interface Constraint {
  readonly kind: 'people' | 'material' | 'decision' | 'permit' | 'hold' | 'gate' | 'dry' | 'lift' | 'weather'
  readonly words: string
  readonly cleared: boolean
}

/** What a visit needs, cleared or not: who comes, what must be there, decided, granted, closed up and dry, what is too heavy
 * for them, and the sky (C-40). What comes before it in the plan is not counted: the plan itself sees to that. */
export function constraintsOn(
  visit: Pick<PlannedVisit, 'startDay' | 'endDay' | 'stages' | 'trade' | 'placeIds' | 'lineIds' | 'crewId' | 'people'>,
  state: SiteState,
  booking: Pick<Booking, 'state' | 'startDay'> | null,
  forecast: Forecast,
  site: Pick<Sense, 'coldest'> & { readonly units: Units },
): readonly Constraint[] {
  return [
    people(visit, booking),
    ...visit.placeIds.flatMap((placeId) => [
      ...materials(visit, placeId, state),
      ...decisions(visit, placeId, state),
      ...gates(visit, placeId, state),
    ]),
    ...wet(visit, state),
    ...holds(visit, state),
    ...inTheWay(visit, state).map(({ words }): Constraint => ({
      kind: 'hold',
      words,
      cleared: false,
    })),
    ...permits(visit, state),
    ...hires(visit, state),
    ...lifts(visit, state, site.units),
    ...weather(visit, state, forecast, site),
  ]
}

export const isReady = (constraints: readonly Constraint[]): boolean => constraints.every(({ cleared }) => cleared)

type Needs = Parameters<typeof constraintsOn>[0]

function people({ startDay, crewId }: Needs, booking: Pick<Booking, 'state' | 'startDay'> | null): Constraint {
  const said = (words: string, cleared = false): Constraint => ({ kind: 'people', words, cleared })
  if (crewId === null) return said('No crew is on record')
  if (!booking) return said('Nobody was asked yet')
  if (booking.state === 'declined') return said('They declined')
  if (booking.startDay !== startDay) return said(`They were told ${dateOnly(booking.startDay)}`)
  return booking.state === 'confirmed' ? said('Confirmed', true) : said('Told, not confirmed')
}

const materials = (visit: Needs, placeId: string, state: SiteState): Constraint[] =>
  selectionsFor(visit, placeId, state).map(({ what, state: stands, arrives }): Constraint => {
    const said = (words: string, cleared = false): Constraint => ({
      kind: 'material',
      words: `${what}: ${words}`,
      cleared,
    })
    if (isOnSite(stands)) return said('here', true)
    if (stands === 'wrong') return said('came wrong or damaged')
    if (stands !== 'ordered') return said('not ordered')
    if (!arrives) return said('ordered, no day told')
    const late = daysBetween(visit.startDay, arrives)
    return late > 0
      ? said(`arrives ${dateOnly(arrives)}, ${daysWords(late)} too late`)
      : said(`arrives ${dateOnly(arrives)}`, true)
  })

const decisions = ({ stages }: Needs, placeId: string, state: SiteState): Constraint[] =>
  state.decisions
    .filter((one) => one.placeId === placeId && one.blocks && stages.includes(one.blocks))
    .map(({ question, answer }): Constraint => ({
      kind: 'decision',
      words: answer === null ? `${question} Not decided` : `${question} ${answer}`,
      cleared: answer !== null,
    }))

/** Only what failed or waits for somebody holds a gate here; work that is planned before it does not. */
const gates = ({ stages }: Needs, placeId: string, state: SiteState): Constraint[] =>
  coverGates(placeId, state)
    .filter(
      (gate) =>
        !gate.open && stages.includes(gate.stage) && gate.items.some((item) => item.failed || item.kind === 'entry'),
    )
    .map((gate): Constraint => ({
      kind: 'gate',
      words: `${placeName(state, placeId)}: ${gateWords(gate)}`,
      cleared: false,
    }))

const wet = (visit: Needs, state: SiteState): Constraint[] =>
  wetBefore(visit, state).map(({ words, until }): Constraint => ({
    kind: 'dry',
    words,
    cleared: until !== null && until <= visit.startDay,
  }))

const holds = (visit: Needs, state: SiteState): Constraint[] =>
  linesOfVisit(visit, state.lines).flatMap((line): Constraint[] => [
    ...(line.held ? [{ kind: 'hold', words: heldLine(line), cleared: false } as const] : []),
    ...namedHolds(line, state).map(({ words }): Constraint => ({ kind: 'hold', words, cleared: false })),
  ])

const permits = (visit: Needs, state: SiteState): Constraint[] =>
  permitsBefore(visit, state).map(({ entry, leave: { granted: cleared } }): Constraint => ({
    kind: 'permit',
    words: `${String(entry.values.what)}: ${cleared ? 'granted' : 'not granted'}`,
    cleared,
  }))

const hires = (visit: Needs, state: SiteState): Constraint[] =>
  hiresBefore(visit, state).map(({ entry, hire: { comes } }): Constraint => ({
    kind: 'material',
    words: `${String(entry.values.what)}: ${comes ? `comes ${dateOnly(comes)}` : 'not called yet'}`,
    cleared: comes !== null && comes <= visit.startDay,
  }))

/** What is too heavy for those who come and has no hoist agreed. */
const lifts = (visit: Needs, state: SiteState, units: Units): Constraint[] =>
  liftsIn(visit, state, units).map(({ entry, people: takes, hoist }): Constraint => {
    const heavy = `${capital(entryName(entry))}: it takes ${takes === 1 ? 'one person' : `${takes} people`} by its weight`
    if (hoist) return { kind: 'lift', words: `${heavy}; ${String(hoist.values.what)} is agreed`, cleared: true }
    const cleared = visit.people >= takes
    return {
      kind: 'lift',
      words: cleared
        ? heavy
        : `${heavy}, and ${visit.people === 1 ? 'one comes' : `${visit.people} come`}: agree on a hoist or more hands`,
      cleared,
    }
  })

function weather(
  visit: Needs,
  { places }: SiteState,
  forecast: Forecast,
  { coldest }: Pick<Sense, 'coldest'>,
): Constraint[] {
  const kinds = kindsOf(places, visit.placeIds)
  return [...stoppedDays(visit.stages, kinds, forecast, coldest)]
    .filter(([day]) => day >= visit.startDay && day <= visit.endDay)
    .map(([day, why]): Constraint => ({
      kind: 'weather',
      words: `Forecast for ${shortDay(day)}: ${why}`,
      cleared: false,
    }))
}

/** What of a plan of some days ago is done, and what is not. */
export interface Kept {
  readonly planned: readonly string[]
  readonly done: readonly string[]
}

/** The visits that were to end from one day to another, and which of them did.
 * @param isDone whether the work of a visit is done, by its key */
export function keptOf(
  visits: readonly Pick<PlannedVisit, 'key' | 'endDay'>[],
  from: Day,
  to: Day,
  isDone: (key: string) => boolean,
): Kept {
  const planned = visits.filter(({ endDay }) => endDay >= from && endDay <= to).map(({ key }) => key)
  return { planned, done: planned.filter(isDone) }
}
