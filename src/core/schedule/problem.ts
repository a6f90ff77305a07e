import { weekdayName, type Day } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { groupBy } from '../lists/groupBy'
import { listed } from '../lists/listed'
import { isMorning, openSlots, slotOfDay, SLOTS_PER_DAY, type Slot } from '../calendar/slots'
import type { WorkCalendar } from '../calendar/workingDays'
import type { RateKey } from '../scope/rates'
import { STAGES, type Trade } from '../scope/vocabulary'
import { coverGates, type CoverGate } from '../sequence/coverGate'
import { relationsFor, type Relation } from '../sequence/relations'
import type { Schools } from '../sequence/schools'
import { requireNoCycle } from '../sequence/stageOrder'
import { missedOn } from '../walk/coming'
import { placeName, type SiteState } from '../walk/siteState'
import { apartOf, asksOf, type Ask, type SiteOpening } from './asks'
import { freedOf } from './freed'
import { holdsOf, type Release } from './holds'
import { endsAmong, type PlannedEnd } from './promisedEnds'
import type { Activity, Instance, Mode, Precedence, Resource } from './instance'
import { linksOf, type Link } from './links'
import { namedLinks, withoutCircles, type Refused } from './namedOrder'
import { modesOf, pacedHours } from './manning'
import { networkOf } from './network'
import { digsOutside, openingSlots } from './opening'
import { noticeOf } from './notice'
import type { Sense } from './sense'
import { daysAway, type Forecast } from './weather'
import { kindsOf } from '../places/place'
import { crewsThatFit, visitsOf, type Visit } from './visits'
import { whoComes } from './whoComes'

/** A subcontractor or own crew that does a trade's visits on every site. */
export interface Crew {
  readonly id: string
  readonly name: string
  readonly trade: Trade
  /** What they do beside it, where no crew of that trade is on record. */
  readonly alsoTrades?: readonly Trade[]
  /** How many places they can work at once. */
  readonly crews: number
  /** People in each. */
  readonly crewSize: number
  readonly calendar: WorkCalendar
  /** Our own people, whose weeks should be even. */
  readonly own?: boolean
  /** They begin in the morning only: half a day is not worth their drive. */
  readonly mornings?: boolean
  /** Working days ahead that they are called before they come to a site for the first time; the firm's where nothing is
   * said. */
  readonly noticeDays?: number | undefined
  /** Hours in which all of them set up and clear away, once a coming; none where nothing is said. */
  readonly setUpHours?: number
  /** Times the usual hours that they take, by the rate of the work, where the firm has learned it and counts with it. */
  readonly paces?: Readonly<Partial<Record<RateKey, number>>>
}

export interface SiteToPlan {
  readonly id: string
  readonly name: string
  readonly calendar: WorkCalendar
  readonly startsOn: Day
  /** Hours of every day that the drive takes, there and back; none where nothing is said. */
  readonly travelHours?: number
  readonly schools: Schools
  readonly ownRelations: readonly Relation[]
  /** Who comes for a trade that several crews do, where somebody chose. */
  readonly crews?: Readonly<Partial<Record<Trade, string>>>
  /** Whether people live there during the works. */
  readonly livedIn: boolean
  /** What the plan keeps to there. */
  readonly sense: Sense
  readonly state: SiteState
}

/** What was told, agreed or refused about a visit, with the dates it was told for. */
export interface Booking {
  readonly visitKey: string
  /** Who was told. */
  readonly crewId?: string
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

/** A visit of the plan before: its start, the people who came, and hours in which they set up where they had to. */
export interface PlannedBefore extends Pin {
  readonly people: number
  /** Who came. */
  readonly crewId?: string | null
  readonly setUp?: number
  /** The day until which something held it, where that bound its start. */
  readonly until?: Day | undefined
  /** The visit that bound its start, by key. */
  readonly boundBy?: string | null
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
  /** All that is opened outside, by the numbers of the visits, with the nights that it may stand open. */
  readonly openings: readonly SiteOpening[]
  /** What is asked of the plan beside order and crews, in the order of the instance's spans. */
  readonly asks: readonly Ask[]
  readonly links: readonly Link[]
  /** What was promised to end by a day. */
  readonly ends: readonly PlannedEnd[]
  /** What was said by name and cannot be kept. */
  readonly refused: readonly Refused[]
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
  readonly before: readonly PlannedBefore[]
}

/** Days that the calendars cover. Two years hold any firm's open work. */
const HORIZON_DAYS = 730

/** Builds the instance of all sites together: crews are shared, places hold so many crews, gates and goods hold visits.
 * @throws ImpossibleRequest `circular-order` where a site's own relations run in a circle, `circular-precedence` where
 * visits do */
export function problemOf(input: ProblemInput): Problem {
  const { today, sites, crews } = input
  const horizon = HORIZON_DAYS * SLOTS_PER_DAY

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
  const asks: Ask[] = []
  const ends: PlannedEnd[] = []
  const openings: SiteOpening[] = []
  const activities: Activity[] = []
  const bookings = new Map(input.bookings.map((booking) => [booking.visitKey, booking]))
  const pins = new Map(input.pins.map((pin) => [pin.visitKey, pin]))
  const before = new Map(input.before.map((one) => [one.visitKey, one]))

  const states = new Map(sites.map(({ id, state }) => [id, state]))
  const owns = sites.map(({ id, state }) => visitsOf(id, state))
  const { links, refused } = linksBetween(sites, owns, states)
  const linksInto = groupBy(links, ({ to }) => to)
  const crewOf = whoComes(
    sites,
    owns,
    crews,
    (key) => bookings.get(key),
    (key) => before.get(key)?.crewId,
  )

  for (const [siteIndex, site] of sites.entries()) {
    const first = visits.length
    const placeResource = new Map<string, number>()
    for (const place of site.state.places) {
      placeResource.set(place.id, resources.length)
      resources.push({ capacity: crewsThatFit(place) })
    }
    const gates = new Map(site.state.places.map((place) => [place.id, coverGates(place.id, site.state)]))
    const gatesAt = (placeId: string): readonly CoverGate[] => gates.get(placeId) ?? []
    const own = owns[siteIndex]!
    const its = own.flatMap((_, index) => linksInto.get(first + index) ?? [])
    const asked = asksOf(site, own, first, its)
    asks.push(...asked.asks)
    openings.push(...asked.openings)
    const opened = new Set(asked.openings.flatMap((one) => one.opens))
    // What one coming opens and closes stands open for no night.
    const nightsOf = new Map(
      asked.openings.flatMap(({ opens, closes, most }) =>
        opens.filter((one) => !closes.includes(one)).map((one) => [one, most] as const),
      ),
    )
    // What another crew was told or said binds nobody else.
    const booked = (visit: Visit): Booking | undefined => {
      const told = bookings.get(visit.key)
      return told?.crewId === undefined || told.crewId === crewOf(visit)?.id ? told : undefined
    }
    const notice = noticeOf(own, site, crewOf, booked, today)
    const itsHolds = own.map((visit) => {
      const found = [...holdsOf(visit, site, booked(visit), today, gatesAt), ...[notice(visit) ?? []].flat()]
      return found.sort((a, b) => b.slot - a.slot)
    })
    const itsEnds = endsAmong(site.id, site.state, own, first)
    ends.push(...itsEnds)
    const freed = freedOf(own, itsHolds, before, today)
    for (const [index, visit] of own.entries()) {
      const crew = crewOf(visit)
      const booking = booked(visit)
      const found = itsHolds[index]!
      const fixed = fixedStart(booking, pins.get(visit.key), today, missedOn(site.state.comings, visit.key))
      const kinds = kindsOf(site.state.places, visit.placeIds)
      const away =
        fixed === undefined
          ? daysAway(visit.stages, kinds, nightsOf.get(first + index), input.forecast, site.sense.coldest)
          : new Map()
      const calendar = calendarFor(site, crew, [...away.keys()])
      stopped.push(away)
      if (crew && !calendars[calendar]!.includes(1)) throw noCommonDay(site, crew)
      const opens = !visit.begun && (opened.has(first + index) || digsOutside(visit, kinds))
      opening.push(opens)
      const starts = startsFor(site, crew, opens)
      visits.push(visit)
      visitCrews.push(crew)
      holds.push(found)
      const modes = modesOf(
        pacedHours(visit, crew, site.state.lines),
        crew,
        site.travelHours ?? 0,
        crew ? resourceOfCrew.get(crew.id)! : null,
        // An inspector looks round while others work: only who works takes room.
        (visit.inspects.length > 0 ? [] : visit.placeIds).map((id) => ({
          resource: placeResource.get(id)!,
          fits: resources[placeResource.get(id)!]!.capacity,
        })),
      )
      activities.push({
        modes,
        site: siteIndex,
        ...(crew ? { team: resourceOfCrew.get(crew.id)! } : {}),
        ...(crew?.own ? { own: true } : {}),
        moving: SLOTS_PER_DAY / site.sense.movesADay,
        ...(starts === undefined ? {} : { starts }),
        ...deadlineOf(first + index, itsEnds, today),
        calendar,
        release: found[0]!.slot,
        ...(fixed === undefined ? {} : { fixed, weight: weightOf(booking, pins.has(visit.key)) }),
        ...asBefore(freed.has(visit.key) ? undefined : before.get(visit.key), today, modes, crew),
        ...(visit.begun && visit.trade !== 'inspector' ? { begun: true } : {}),
      })
    }
  }
  const precedences: Precedence[] = links.map(({ from, to, lag }) => ({ from, to, lag }))
  const spans = asks.map(({ span }) => span)
  const instance: Instance = { horizon, calendars, resources, activities, precedences, spans, apart: apartOf(asks) }
  const nameOf = (index: number): string => visitName(visits[index]!, sites)
  networkOf(instance, nameOf)
  return {
    origin: today,
    states,
    visits,
    crews: visitCrews,
    holds,
    stopped,
    opens: opening,
    openings,
    asks,
    links,
    ends,
    refused,
    instance,
    nameOf,
  }
}

/** What comes before what: on each site by the order of its work, and by name on and between all of them. */
function linksBetween(
  sites: readonly SiteToPlan[],
  owns: readonly (readonly Visit[])[],
  states: ReadonlyMap<string, SiteState>,
): ReturnType<typeof withoutCircles> {
  let first = 0
  const usual = sites.map((site, i) => {
    const relations = relationsFor(site.schools, site.ownRelations, site.sense.waits)
    requireNoCycle(relations)
    const its = linksOf(owns[i]!, first, site.state, relations)
    first += owns[i]!.length
    return its
  })
  return withoutCircles([...usual.flat(), ...namedLinks(owns.flat(), states)])
}

function visitName(visit: Visit, sites: readonly SiteToPlan[]): string {
  const site = sites.find((one) => one.id === visit.siteId)!
  const stages = visit.stages.map((stage) => STAGES[stage].toLowerCase()).join(' and ')
  return `${stages} in ${visit.placeIds.map((id) => placeName(site.state, id)).join(', ')}, ${site.name}`
}

/** When and by how many crews a visit was done in the plan before; nothing where that is over. */
function asBefore(
  before: PlannedBefore | undefined,
  today: Day,
  modes: readonly Mode[],
  crew: Crew | null,
): Pick<Activity, 'before' | 'manned'> {
  const slot = before ? slotOfDay(today, before.day) + before.half : -1
  if (!before || slot < 0) return {}
  const crews = before.people / (crew?.crewSize ?? 1)
  const manned = modes.findIndex(
    ({ demands, follows }) =>
      (follows ?? false) === ((crew?.setUpHours ?? 0) > 0 && before.setUp === undefined) && demands[0]?.units === crews,
  )
  return { before: slot, ...(crew && manned >= 0 ? { manned } : {}) }
}

/** The end of the day by which a visit should be done for what was promised of it. */
function deadlineOf(index: number, ends: readonly PlannedEnd[], today: Day): { deadline?: Slot } {
  const promised = ends
    .filter(({ visits }) => visits.includes(index))
    .map(({ by }) => slotOfDay(today, by) + SLOTS_PER_DAY)
  return promised.length === 0 ? {} : { deadline: Math.max(0, Math.min(...promised)) }
}

const daysWorked = ({ weekdays, halves = 'both' }: WorkCalendar): string =>
  `${listed(weekdays.map(weekdayName))}${halves === 'both' ? '' : `, ${halves}s only`}`

const noCommonDay = (site: SiteToPlan, crew: Crew): ImpossibleRequest =>
  new ImpossibleRequest(
    'no-common-day',
    `${crew.name} and ${site.name} have no working time in common: ${crew.name} work ${daysWorked(crew.calendar)}, ${site.name} is worked on ${daysWorked(site.calendar)}. Give one of them a day of the other.`,
    'weekdays',
  )

/** What it counts to break an agreed start: a day set by hand the most, one that was confirmed more than one only told. */
const weightOf = (booking: Booking | undefined, pinned: boolean): number =>
  pinned ? 10 : booking?.state === 'confirmed' ? 3 : 1

/** The start to keep: a pin first, then what was told or confirmed. A start that has passed, or for which nobody came, no
 * longer binds. */
function fixedStart(
  booking: Booking | undefined,
  pin: Pin | undefined,
  today: Day,
  missed: Day | null,
): Slot | undefined {
  const agreed = pin
    ? slotOfDay(today, pin.day) + pin.half
    : booking && booking.state !== 'declined'
      ? slotOfDay(today, booking.startDay) + booking.startHalf
      : undefined
  const least = missed === null ? 0 : Math.max(0, slotOfDay(today, missed) + SLOTS_PER_DAY)
  return agreed !== undefined && agreed >= least ? agreed : undefined
}
