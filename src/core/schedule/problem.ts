import { addDays, shortDay, weekdayName, type Day } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { listed } from '../lists/listed'
import { isMorning, openSlots, slotOfDay, SLOTS_PER_DAY, type Slot } from '../calendar/slots'
import type { WorkCalendar } from '../calendar/workingDays'
import type { Line } from '../scope/line'
import { STAGES, type Stage, type Trade } from '../scope/vocabulary'
import { coverGates, gateWords, type CoverGate } from '../sequence/coverGate'
import { relationsFor, type Relation } from '../sequence/relations'
import { wayOf, type Schools } from '../sequence/schools'
import { requireNoCycle } from '../sequence/stageOrder'
import { arrivalDay } from '../selections/orderBy'
import { isOnSite, type Selection } from '../selections/selection'
import { placeName, type SiteState } from '../walk/siteState'
import type { Activity, Instance, Mode, Precedence, Resource } from './instance'
import { linksOf, type Link } from './links'
import { networkOf } from './network'
import { openingSlots, opensOutside } from './opening'
import { isGranted, permitsBefore } from './permits'
import { stoppedDays, type Forecast } from './weather'
import { kindsOf } from '../places/place'
import { linesOfVisit, crewsThatFit, visitSlots, visitsOf, type Visit } from './visits'

/** A subcontractor or own crew that does a trade's visits on every site. */
export interface Crew {
  readonly id: string
  readonly name: string
  readonly trade: Trade
  /** How many places they can work at once. */
  readonly crews: number
  /** People in each. */
  readonly crewSize: number
  readonly calendar: WorkCalendar
  /** Our own people, whose weeks should be even. */
  readonly own?: boolean
  /** They begin in the morning only: half a day is not worth their drive. */
  readonly mornings?: boolean
}

export interface SiteToPlan {
  readonly id: string
  readonly name: string
  readonly calendar: WorkCalendar
  readonly startsOn: Day
  readonly schools: Schools
  readonly ownRelations: readonly Relation[]
  readonly state: SiteState
}

/** What was told, agreed or refused about a visit, with the dates it was told for. */
export interface Booking {
  readonly visitKey: string
  readonly state: 'told' | 'confirmed' | 'declined'
  readonly startDay: Day
  readonly startHalf: 0 | 1
  /** After a decline: first day the trade is free again. */
  readonly freeFrom?: Day
}

/** A start of a visit: set by hand, or of the plan before. */
export interface Pin {
  readonly visitKey: string
  readonly day: Day
  readonly half: 0 | 1
}

/** Why a visit cannot start before its release slot, in words. */
export interface Release {
  readonly slot: Slot
  readonly words: string
  readonly kind: 'site-start' | 'phase' | 'delivery' | 'held' | 'gate' | 'declined' | 'decision' | 'permit' | 'today'
  /** What is waited for, of goods that are not on site. */
  readonly goods?: string
  /** Of goods whose day nobody told: the slots by which they may come earlier, at best and as is likely. */
  readonly sooner?: readonly [best: number, likely: number]
}

/** The firm's sites as one abstract instance, with what is needed to put the answer back into words. */
export interface Problem {
  readonly origin: Day
  /** What is known of each site, by its id. */
  readonly states: ReadonlyMap<string, SiteState>
  readonly visits: readonly Visit[]
  readonly crews: readonly (Crew | null)[]
  /** All that holds each visit, the latest first. */
  readonly holds: readonly (readonly Release[])[]
  /** Days on which the weather keeps each visit away, with what does. */
  readonly stopped: readonly ReadonlyMap<Day, string>[]
  /** Whether each visit opens something outside, which nobody does on the afternoon before days off. */
  readonly opens: readonly boolean[]
  readonly links: readonly Link[]
  readonly instance: Instance
  /** Names a visit by its number, with its site. */
  readonly nameOf: (index: number) => string
}

export interface ProblemInput {
  readonly today: Day
  readonly sites: readonly SiteToPlan[]
  readonly crews: readonly Crew[]
  readonly bookings: readonly Booking[]
  readonly pins: readonly Pin[]
  /** What the sky is said to do; work outside that is not agreed yet keeps off days that stop it. */
  readonly forecast: Forecast
  /** When visits were in the plan before; a new plan moves no more of them than it has to. */
  readonly before: readonly Pin[]
}

/** Days that the calendars cover. Two years hold any firm's open work. */
const HORIZON_DAYS = 730
/** Working time assumed to lift a hold or to open a gate where nobody named a day: counted from tomorrow. */
const ASSUMED_HOLD_DAYS = 3

/** Builds the instance of all sites together: crews are shared, places hold so many crews, gates and goods hold visits.
 * @throws ImpossibleRequest `circular-order` where a site's own relations run in a circle, `circular-precedence` where
 * visits do */
export function problemOf(input: ProblemInput): Problem {
  const { today, sites, crews } = input
  const horizon = HORIZON_DAYS * SLOTS_PER_DAY
  const byTrade = new Map<Trade, Crew>()
  for (const crew of crews) if (!byTrade.has(crew.trade)) byTrade.set(crew.trade, crew)

  const resources: Resource[] = crews.map((crew) => ({ capacity: crew.crews }))
  const resourceOfCrew = new Map(crews.map((crew, i) => [crew.id, i]))
  const calendars: Uint8Array[] = []
  const calendarIndex = new Map<string, number>()
  const calendarFor = (site: SiteToPlan, crew: Crew | null, off: readonly Day[]): number => {
    const key = `${site.id}|${crew?.id ?? ''}|${off.join()}`
    const known = calendarIndex.get(key)
    if (known !== undefined) return known
    const open = openSlots(today, horizon, crew ? [site.calendar, crew.calendar] : [site.calendar])
    for (const day of off) open.fill(0, slotOfDay(today, day), slotOfDay(today, day) + SLOTS_PER_DAY)
    calendarIndex.set(key, calendars.length)
    return calendars.push(open) - 1
  }
  /** Slots in which a visit may begin, where that is not any in which it may be worked. */
  const startsFor = (site: SiteToPlan, crew: Crew | null, opens: boolean): number | undefined => {
    if (!crew?.mornings && !opens) return undefined
    const key = `${site.id}|${opens}|${crew?.mornings ?? false}|starts`
    const known = calendarIndex.get(key)
    if (known !== undefined) return known
    const worked = openSlots(today, horizon, [site.calendar])
    const may = opens ? openingSlots(worked) : worked
    calendarIndex.set(key, calendars.length)
    return calendars.push(crew?.mornings ? may.map((is, slot) => (isMorning(slot) ? is : 0)) : may) - 1
  }

  const visits: Visit[] = []
  const visitCrews: (Crew | null)[] = []
  const holds: Release[][] = []
  const stopped: ReadonlyMap<Day, string>[] = []
  const opening: boolean[] = []
  const links: Link[] = []
  const activities: Activity[] = []
  const bookings = new Map(input.bookings.map((booking) => [booking.visitKey, booking]))
  const pins = new Map(input.pins.map((pin) => [pin.visitKey, pin]))
  const before = new Map(input.before.map((one) => [one.visitKey, slotOfDay(today, one.day) + one.half]))

  for (const [siteIndex, site] of sites.entries()) {
    const relations = relationsFor(site.schools, site.ownRelations)
    requireNoCycle(relations)
    const first = visits.length
    const placeResource = new Map<string, number>()
    for (const place of site.state.places) {
      placeResource.set(place.id, resources.length)
      resources.push({ capacity: crewsThatFit(place) })
    }
    const gates = new Map(site.state.places.map((place) => [place.id, coverGates(place.id, site.state)]))
    const gatesAt = (placeId: string): readonly CoverGate[] => gates.get(placeId) ?? []
    const own = visitsOf(site.id, site.state.places, site.state.lines)
    for (const visit of own) {
      const crew = byTrade.get(visit.trade) ?? null
      const booking = bookings.get(visit.key)
      const found = holdsOf(visit, site, booking, today, gatesAt)
      const fixed = fixedStart(booking, pins.get(visit.key), today)
      const kinds = kindsOf(site.state.places, visit.placeIds)
      const away = fixed === undefined ? stoppedDays(visit.stages, kinds, input.forecast) : new Map<Day, string>()
      const calendar = calendarFor(site, crew, [...away.keys()])
      stopped.push(away)
      if (crew && !calendars[calendar]!.includes(1)) throw noCommonDay(site, crew)
      const opens = !visit.begun && visit.inspects.length === 0 && opensOutside(visit, kinds)
      opening.push(opens)
      const starts = startsFor(site, crew, opens)
      visits.push(visit)
      visitCrews.push(crew)
      holds.push(found)
      activities.push({
        modes: modesOf(
          visit,
          crew,
          crew ? resourceOfCrew.get(crew.id)! : null,
          // An inspector looks round while others work: only who works takes room.
          (visit.inspects.length > 0 ? [] : visit.placeIds).map((id) => ({
            resource: placeResource.get(id)!,
            fits: resources[placeResource.get(id)!]!.capacity,
          })),
        ),
        site: siteIndex,
        ...(crew ? { team: resourceOfCrew.get(crew.id)! } : {}),
        ...(crew?.own ? { own: true } : {}),
        ...(starts === undefined ? {} : { starts }),
        ...deadlineOf(visit, site.state, today),
        calendar,
        release: found[0]!.slot,
        ...(fixed === undefined ? {} : { fixed, weight: weightOf(booking, pins.has(visit.key)) }),
        ...((before.get(visit.key) ?? -1) >= 0 ? { before: before.get(visit.key)! } : {}),
        ...(visit.begun && visit.trade !== 'inspector' ? { begun: true } : {}),
      })
    }
    links.push(...linksOf(own, first, site.state, relations))
  }
  const precedences: Precedence[] = links.map(({ from, to, lag }) => ({ from, to, lag }))
  const instance: Instance = { horizon, calendars, resources, activities, precedences }
  const nameOf = (index: number): string => visitName(visits[index]!, sites)
  networkOf(instance, nameOf)
  return {
    origin: today,
    states: new Map(sites.map(({ id, state }) => [id, state])),
    visits,
    crews: visitCrews,
    holds,
    stopped,
    opens: opening,
    links,
    instance,
    nameOf,
  }
}

function visitName(visit: Visit, sites: readonly SiteToPlan[]): string {
  const site = sites.find((one) => one.id === visit.siteId)!
  const stages = visit.stages.map((stage) => STAGES[stage].toLowerCase()).join(' and ')
  return `${stages} in ${visit.placeIds.map((id) => placeName(site.state, id)).join(', ')}, ${site.name}`
}

/** The phases of the contract that some lines belong to, with the days that were told for them. */
export const phasesOf = (
  lines: readonly Line[],
  { entries }: Pick<SiteState, 'entries'>,
): { readonly id: string; readonly name: string; readonly starts: Day | null; readonly promised: Day | null }[] =>
  entries
    .filter(
      ({ id, kind, settled }) => kind === 'phase' && settled === null && lines.some((one) => one.partOf.includes(id)),
    )
    .map(({ id, values }) => ({
      id,
      name: String(values.number),
      starts: (values.starts as Day | undefined) ?? null,
      promised: (values.promised as Day | undefined) ?? null,
    }))

/** The end of the day by which a visit should be done for the phases that its lines belong to. */
function deadlineOf(visit: Visit, state: SiteState, today: Day): { deadline?: Slot } {
  const lines = linesOfVisit(visit, state.lines)
  const promised = phasesOf(lines, state).flatMap((phase) => phase.promised ?? [])
  return promised.length === 0
    ? {}
    : { deadline: Math.max(0, Math.min(...promised.map((day) => slotOfDay(today, day) + SLOTS_PER_DAY))) }
}

const daysWorked = ({ weekdays, halves = 'both' }: WorkCalendar): string =>
  `${listed(weekdays.map(weekdayName))}${halves === 'both' ? '' : `, ${halves}s only`}`

const noCommonDay = (site: SiteToPlan, crew: Crew): ImpossibleRequest =>
  new ImpossibleRequest(
    'no-common-day',
    `${crew.name} and ${site.name} have no working time in common: ${crew.name} work ${daysWorked(crew.calendar)}, ${site.name} is worked on ${daysWorked(site.calendar)}. Give one of them a day of the other.`,
    'weekdays',
  )

/** Half-days from which a visit is worth a second crew. */
const SHARED_FROM = 4

/** The ways to man a visit: one crew, or two at once where the trade has them and every place has room. */
function modesOf(
  visit: Visit,
  crew: Crew | null,
  team: number | null,
  places: readonly { readonly resource: number; readonly fits: number | Uint8Array }[],
): Mode[] {
  const slots = visitSlots(visit.hours, crew?.crewSize ?? 1)
  const manned = (crews: number): Mode => ({
    duration: Math.ceil(slots / crews),
    demands: [
      ...(team === null ? [] : [{ resource: team, units: crews }]),
      ...places.map(({ resource }) => ({ resource, units: crews })),
    ],
  })
  const shared =
    (crew?.crews ?? 0) >= 2 && slots >= SHARED_FROM && places.every(({ fits }) => typeof fits === 'number' && fits >= 2)
  return shared ? [manned(1), manned(2)] : [manned(1)]
}

/** What it counts to break an agreed start: a day set by hand the most, one that was confirmed more than one only told. */
const weightOf = (booking: Booking | undefined, pinned: boolean): number =>
  pinned ? 10 : booking?.state === 'confirmed' ? 3 : 1

/** The start to keep: a pin first, then what was told or confirmed. A start that has passed no longer binds. */
function fixedStart(booking: Booking | undefined, pin: Pin | undefined, today: Day): Slot | undefined {
  const agreed = pin
    ? slotOfDay(today, pin.day) + pin.half
    : booking && booking.state !== 'declined'
      ? slotOfDay(today, booking.startDay) + booking.startHalf
      : undefined
  return agreed !== undefined && agreed >= 0 ? agreed : undefined
}

function holdsOf(
  visit: Visit,
  site: SiteToPlan,
  booking: Booking | undefined,
  today: Day,
  gatesAt: (placeId: string) => readonly CoverGate[],
): Release[] {
  const at = (day: Day): Slot => Math.max(0, slotOfDay(today, day))
  const found: Release[] = [
    { slot: at(site.startsOn), words: `${site.name} starts`, kind: site.startsOn > today ? 'site-start' : 'today' },
  ]
  const lines = linesOfVisit(visit, site.state.lines)
  const assumed = ASSUMED_HOLD_DAYS * SLOTS_PER_DAY
  for (const line of lines) {
    if (!line.held) continue
    const slot = line.held.until ? at(line.held.until) : assumed
    found.push({ slot, words: `${line.title} is held: ${line.held.reason}`, kind: 'held' })
  }
  for (const { name, starts } of phasesOf(lines, site.state))
    if (starts) found.push({ slot: at(starts), words: `Phase ${name} starts`, kind: 'phase' })
  for (const placeId of visit.placeIds) {
    found.push(...gateReleases(visit, placeId, site, gatesAt(placeId)))
    found.push(...failedTests(visit, placeId, site, gatesAt(placeId), at))
    for (const selection of goodsFor(visit, placeId, site)) found.push(goodsRelease(selection, site.state, today, at))
    for (const decision of site.state.decisions) {
      if (
        decision.answer !== null ||
        decision.placeId !== placeId ||
        !decision.blocks ||
        !visit.stages.includes(decision.blocks)
      )
        continue
      found.push({
        slot: decision.by ? at(decision.by) : assumed,
        words: `${decision.question} is not decided`,
        kind: 'decision',
      })
    }
  }
  for (const entry of permitsBefore(visit, site.state)) {
    if (isGranted(entry)) continue
    const { what, expected } = entry.values
    found.push({
      slot: expected ? at(expected as Day) : assumed,
      words: `${String(what)} is not granted yet`,
      kind: 'permit',
    })
  }
  if (booking?.state === 'declined') {
    const from = booking.freeFrom ? at(booking.freeFrom) : at(booking.startDay) + SLOTS_PER_DAY
    const free = booking.freeFrom ? `, free again from ${shortDay(booking.freeFrom)}` : ''
    found.push({ slot: from, words: `They declined ${shortDay(booking.startDay)}${free}`, kind: 'declined' })
  }
  return found.sort((a, b) => b.slot - a.slot)
}

/** A gate with something failed or not known yet holds its stage for the assumed time; merely missing things hold it until tomorrow. */
function gateReleases(visit: Visit, placeId: string, site: SiteToPlan, gates: readonly CoverGate[]): Release[] {
  return gates
    .filter(
      (gate) => !gate.open && visit.stages.includes(gate.stage) && !coverBegun(gate.stage, placeId, site.state.lines),
    )
    .map((gate) => {
      const failed = gate.items.some((item) => item.failed || item.kind === 'entry')
      const words = `${placeName(site.state, placeId)}: ${gateWords(gate)}`
      return { slot: (failed ? ASSUMED_HOLD_DAYS : 1) * SLOTS_PER_DAY, words, kind: 'gate' as const }
    })
}

/** What did not pass is looked at again the next day at the earliest. */
const failedTests = (
  visit: Visit,
  placeId: string,
  site: SiteToPlan,
  gates: readonly CoverGate[],
  at: (day: Day) => Slot,
): Release[] =>
  gates
    .flatMap(({ items }) => items)
    .filter((item) => item.failedOn !== undefined && item.lineId !== null && visit.lineIds.includes(item.lineId))
    .map(({ failedOn, text }) => ({
      slot: at(addDays(failedOn!, 1)),
      words: `${placeName(site.state, placeId)}: ${text.toLowerCase()} did not pass on ${shortDay(failedOn!)}`,
      kind: 'gate',
    }))

const coverBegun = (stage: Stage, placeId: string, lines: readonly Line[]): boolean =>
  lines.some((line) => line.placeId === placeId && line.stage === stage && line.progress > 0 && !line.held)

const FINISHING: readonly Stage[] = ['trim', 'fixtures', 'railing', 'return-list']

/** What must be there before a visit: what it puts in; on a site that waits for late parts, all that finishes the place. */
const goodsFor = (visit: Visit, placeId: string, { state, schools }: SiteToPlan): Selection[] =>
  wayOf(schools, 'trips') === 'wait' && visit.stages.some((stage) => FINISHING.includes(stage))
    ? selectionsFor({ ...visit, stages: [...visit.stages, ...FINISHING] }, placeId, state)
    : selectionsFor(visit, placeId, state)

export const selectionsFor = (visit: Pick<Visit, 'stages'>, placeId: string, state: SiteState): Selection[] =>
  state.selections.filter((s) => s.placeId === placeId && visit.stages.includes(s.neededFor) && s.state !== 'installed')

function goodsRelease(selection: Selection, state: SiteState, today: Day, at: (day: Day) => Slot): Release {
  const arrives = arrivalDay(selection.state, today, selection.leadDays, selection.approvalDays ?? 0, selection.arrives)
  const words = `${selection.what} for ${placeName(state, selection.placeId)}`
  if (isOnSite(selection.state)) return { slot: at(arrives), words: `${words} is on site`, kind: 'delivery' }
  // Who needs it is called for the day after: a delivery comes at any hour.
  const slot = at(addDays(arrives, 1))
  if (selection.state === 'ordered' && selection.arrives)
    return { slot, words: `${words} can be on site on ${shortDay(arrives)}`, kind: 'delivery', goods: selection.what }
  const [best, likely, longest] = selection.leadDays
  const sooner = [(longest - best) * SLOTS_PER_DAY, (longest - likely) * SLOTS_PER_DAY] as const
  return {
    slot,
    words: `${words} may take until ${shortDay(arrives)}`,
    kind: 'delivery',
    goods: selection.what,
    sooner,
  }
}
