import { groupBy } from '../lists/groupBy'
import { floorArea } from '../places/geometry'
import { HOURS_PER_SLOT, SLOTS_PER_DAY } from '../calendar/slots'
import { isMeasuring } from '../scope/leads'
import { hoursLeft, type Line } from '../scope/line'
import { linesBy } from '../scope/linesBy'
import { isOutside } from '../scope/responsible'
import { BUILD_ORDER, type Stage, type Trade } from '../scope/vocabulary'
import type { Selection } from '../selections/selection'
import type { Place, SiteState } from '../walk/siteState'

/** Lines of one trade done in one coming: one or more places, one stage or a pack of stages that belong together. */
export interface Visit {
  /** Stable from plan to plan: site, trade, first stage and place or level. */
  readonly key: string
  readonly siteId: string
  readonly trade: Trade
  readonly stages: readonly Stage[]
  readonly placeIds: readonly string[]
  readonly lineIds: readonly string[]
  /** The stages that an inspection looks at; it comes after them and before whatever covers them. */
  readonly inspects: readonly Stage[]
  /** Effort left in hours of one person. */
  readonly hours: number
  /** Effort of all its lines, done or not. */
  readonly hoursInAll: number
  readonly begun: boolean
  /** Whether it only measures for what is made then: it needs no goods, and what needs them comes their lead later. */
  readonly measures: boolean
  /** Which coming it is, of a trade that comes more than once for a stage; 1 otherwise. */
  readonly coming: number
}

/** Stages that one trade does in one coming. */
const PACKS: readonly (readonly Stage[])[] = [['board', 'tape']]

/** Jobs of at most this many hours are done together with the others of their level. One half-day. */
const SMALL_JOB_HOURS = HOURS_PER_SLOT
/** Hours after which a bunch is full: three days of one person. */
const BUNCH_HOURS = 6 * HOURS_PER_SLOT

/** Who looks at the work of others and does none. */
const INSPECTING: readonly Trade[] = ['inspector', 'engineer']
export const isInspection = ({ trade }: Pick<Line, 'trade'>): boolean => INSPECTING.includes(trade)

interface Job {
  readonly place: Place
  /** A room that people are without while it is rebuilt: its small jobs wait for no other room, and none for them. */
  readonly apart: boolean
  readonly lines: readonly Line[]
}

/** What is to be done on a site, where, and with what goods. */
export type Work = Pick<SiteState, 'places' | 'lines' | 'selections'>

/** Turns the lines of a site into visits.
 *
 * Grouping looks at all lines in scope, done or not, so that a visit keeps its key while it is being worked off; visits
 * whose lines are all done are left out.
 */
export const visitsOf = (siteId: string, work: Work): Visit[] =>
  grouped(siteId, work).flatMap(({ visit }) => (visit.hours > 0 ? [visit] : []))

/** Keys of the visits whose lines are all done. */
export const finishedVisits = (siteId: string, work: Work): string[] =>
  grouped(siteId, work).flatMap(({ visit }) => (visit.hours > 0 ? [] : [visit.key]))

/** A visit that is over, with all that was done in it. */
export interface FinishedVisit {
  readonly visit: Visit
  readonly lines: readonly Line[]
  readonly placeIds: readonly string[]
}

/** The visits whose lines are all done. */
export const visitsOver = (siteId: string, work: Work): FinishedVisit[] =>
  grouped(siteId, work).flatMap(({ visit, jobs }) =>
    visit.hours > 0
      ? []
      : [{ visit, lines: jobs.flatMap((job) => job.lines), placeIds: jobs.map(({ place }) => place.id) }],
  )

function grouped(
  siteId: string,
  { places, lines, selections }: Work,
): { readonly visit: Visit; readonly jobs: readonly Job[] }[] {
  const placeById = new Map(places.map((place) => [place.id, place]))
  const jobs = new Map<string, Map<string, Line[]>>()
  const ours = lines.filter((line) => !line.excluded && !isOutside(line.responsible) && placeById.has(line.placeId))
  const byPlaceId = groupBy(ours, ({ placeId }) => placeId)
  const apart = new Set(ours.flatMap((line) => (line.action === 'remove' && line.outage ? [line.placeId] : [])))
  const stages = new Map(ours.map((line) => [line.id, stageIn(line, byPlaceId.get(line.placeId)!)]))
  const named = namedOrder(ours)
  const late = heldFrom(ours)
  const goods = goodsFrom(byPlaceId, selections)
  const isLate = ({ id, placeId }: Line): boolean =>
    BUILD_ORDER.indexOf(stages.get(id)!) >= (late.get(placeId) ?? Infinity)
  for (const line of ours) {
    const sort = `${line.trade}|${packOf(line, stages.get(line.id)!)}|${isInspection(line) ? (line.inspects ?? []).join('+') : ''}${isMeasuring(line) ? '|measure' : ''}${line.coming > 1 ? `|coming ${line.coming}` : ''}`
    const byPlace = jobs.get(sort) ?? new Map<string, Line[]>()
    byPlace.set(line.placeId, [...(byPlace.get(line.placeId) ?? []), line])
    jobs.set(sort, byPlace)
  }
  return [...jobs.entries()].flatMap(([sort, byPlace]) => {
    const inOrder = [...byPlace].map(([id, its]): Job => ({
      place: placeById.get(id)!,
      apart: apart.has(id),
      lines: its,
    }))
    inOrder.sort((a, b) => a.place.order - b.place.order || (a.place.id < b.place.id ? -1 : 1))
    return bunches(inOrder)
      .flatMap(({ key, jobs: bunch }) => {
        const waits = asOneComing(bunch, named, stages)
        // What is held, waits long for goods, or follows on what does, is done by itself: clear rooms do not wait for it.
        return parted(key, bunch, (line) =>
          [isLate(line) ? line.placeId : '', waits.get(line.id) ?? '', goods(line, stages.get(line.id)!)]
            .join(' ')
            .trim(),
        )
      })
      .map(({ key, jobs: bunch }) => ({ visit: visit(siteId, `${siteId}|${sort}|${key}`, bunch, stages), jobs: bunch }))
  })
}

const packOf = (line: Line, stage: Stage): string =>
  isInspection(line) ? `inspect-${line.stage}` : (PACKS.find((pack) => pack.includes(stage)) ?? [stage]).join('+')

/** The stage that a line is done in: a unit that is only changed comes out when the new one goes in, by the same people in
 * the same coming, so that nothing stands open. Where the opening itself changes it comes out with the rest. */
const stageIn = (line: Line, here: readonly Line[]): Stage =>
  line.stage === 'strip-out' &&
  line.action === 'remove' &&
  (line.element === 'window' || line.element === 'door') &&
  here.some(({ stage, trade, action }) => stage === 'windows-doors' && trade === line.trade && action !== 'inspect') &&
  !here.some(({ element, excluded, stage }) => element === 'opening' && stage === 'framing' && excluded === null)
    ? 'windows-doors'
    : line.stage

/** What lines wait for by name, and what waits for them although it is usually done earlier: such lines are not done with
 * others, which that would hold or turn round. */
function namedOrder(lines: readonly Line[]): ReadonlyMap<string, string> {
  if (lines.every(({ waits }) => waits.length === 0)) return new Map()
  const byId = new Map(lines.map((line) => [line.id, line]))
  const before = new Map<string, string[]>()
  for (const line of lines)
    for (const wait of line.waits) {
      const first = byId.get(wait.for)
      if (first && BUILD_ORDER.indexOf(first.stage) >= BUILD_ORDER.indexOf(line.stage))
        before.set(first.id, [...(before.get(first.id) ?? []), line.id])
    }
  return new Map(
    lines.flatMap(({ id, waits }) => {
      const after = waits.map((wait) => wait.for)
      const words = [...after.sort(), '>', ...(before.get(id) ?? []).sort()].join(' ')
      return words === '>' ? [] : [[id, words] as const]
    }),
  )
}

/** What a unit that is only changed waits for is waited for by all of its coming: it is not taken out before. */
function asOneComing(
  jobs: readonly Job[],
  named: ReadonlyMap<string, string>,
  stages: ReadonlyMap<string, Stage>,
): ReadonlyMap<string, string> {
  if (named.size === 0) return named
  const changed = jobs.filter(({ lines }) => lines.some(({ id, stage }) => stages.get(id) !== stage))
  return new Map([
    ...named,
    ...changed.flatMap(({ lines }) => {
      const all = [...new Set(lines.flatMap(({ id }) => named.get(id) ?? []))].sort().join(' + ')
      return lines.map(({ id }) => [id, all] as const)
    }),
  ])
}

/** The parts of a bunch whose lines are of one sort. The part of no sort keeps the key, or else the first, so that what people
 * were told of a visit stays theirs. */
function parted(
  key: string,
  jobs: readonly Job[],
  sortOf: (line: Line) => string,
): { key: string; jobs: readonly Job[] }[] {
  const lines = jobs.flatMap((job) => job.lines)
  const sorts = [...new Set(lines.map(sortOf))].sort()
  if (sorts.length < 2) return [{ key, jobs }]
  return sorts.map((sort, i) => ({
    key: i === 0 ? key : `${key} then ${lines.find((line) => sortOf(line) === sort)!.id}`,
    jobs: jobs
      .map((job) => ({ ...job, lines: job.lines.filter((line) => sortOf(line) === sort) }))
      .filter((job) => job.lines.length > 0),
  }))
}

/** From which stage on the work of a place is not clear, by its number in the order of building: something there is held, or
 * waits for something by name. */
function heldFrom(lines: readonly Line[]): ReadonlyMap<string, number> {
  const from = new Map<string, number>()
  for (const { placeId, stage, held, waits } of lines)
    if (held || waits.length > 0) from.set(placeId, Math.min(from.get(placeId) ?? Infinity, BUILD_ORDER.indexOf(stage)))
  return from
}

/** Goods that may take longer are long in coming: a neighbour that needs none does not wait for them. Three weeks. */
const LONG_LEAD_DAYS = 21

/** For which goods, long in coming, a line waits or follows on work that does; '' for none. What is torn out or cut for a unit
 * is not begun before the unit is on its way, so that all work of such a place goes with it. It is told by the lead alone and
 * not by where the goods are, so that visits stay what they were when they come. */
function goodsFrom(
  byPlace: ReadonlyMap<string, readonly Line[]>,
  selections: readonly Selection[],
): (line: Line, stage: Stage) => string {
  const long = selections.filter(({ leadDays }) => leadDays[2] > LONG_LEAD_DAYS)
  const places = new Map(
    [...groupBy(long, ({ placeId }) => placeId)].map(([placeId, its]) => {
      const opened = (byPlace.get(placeId) ?? []).some(
        ({ stage, element }) => stage === 'strip-out' || element === 'opening',
      )
      const from = ({ neededFor }: Selection): number =>
        opened && BUILD_ORDER.indexOf(neededFor) <= BUILD_ORDER.indexOf('windows-doors')
          ? 0
          : BUILD_ORDER.indexOf(neededFor)
      const first = its.reduce((a, b) => (from(b) < from(a) ? b : a))
      return [placeId, { from: from(first), words: `goods ${first.neededFor} ${first.leadDays[2]}` }] as const
    }),
  )
  return ({ placeId }, stage) => {
    const its = places.get(placeId)
    return its && BUILD_ORDER.indexOf(stage) >= its.from ? its.words : ''
  }
}

function bunches(jobs: readonly Job[]): { key: string; jobs: Job[] }[] {
  const found: { key: string; jobs: Job[] }[] = []
  const open = new Map<string, { bunch: { key: string; jobs: Job[] }; hours: number }>()
  for (const job of jobs) {
    const hours = job.lines.reduce((sum, line) => sum + line.hours, 0)
    if (hours > SMALL_JOB_HOURS) {
      found.push({ key: job.place.id, jobs: [job] })
      continue
    }
    const level = job.apart ? job.place.id : job.place.level
    const current = open.get(level)
    if (current && current.hours + hours <= BUNCH_HOURS) {
      current.bunch.jobs.push(job)
      current.hours += hours
    } else {
      const bunch = { key: `with ${job.place.id}`, jobs: [job] }
      found.push(bunch)
      open.set(level, { bunch, hours })
    }
  }
  return found
}

function visit(siteId: string, key: string, jobs: readonly Job[], stageOf: ReadonlyMap<string, Stage>): Visit {
  const lines = jobs.flatMap((job) => job.lines)
  const left = lines.filter((line) => line.progress < 100)
  return {
    key,
    siteId,
    trade: lines[0]!.trade,
    stages: BUILD_ORDER.filter((stage) => lines.some((line) => stageOf.get(line.id) === stage)),
    placeIds: jobs.filter((job) => job.lines.some((line) => line.progress < 100)).map((job) => job.place.id),
    lineIds: left.map((line) => line.id),
    inspects: isInspection(lines[0]!) ? [...new Set(lines.flatMap((line) => line.inspects ?? []))] : [],
    hours: left.reduce((sum, line) => sum + hoursLeft(line), 0),
    hoursInAll: lines.reduce((sum, line) => sum + line.hours, 0),
    measures: isMeasuring(lines[0]!),
    coming: lines[0]!.coming,
    begun: lines.some((line) => line.progress > 0),
  }
}

/** Half-days a visit takes for a crew of so many people: C-38, its hours over those of the crew and what they need to set
 * up, in the hours that the drive leaves of each.
 * @param setUp hours in which all of them set up and clear away
 * @param travel hours of every day that the drive takes, there and back; less than a day has */
export const visitSlots = (hours: number, crewSize: number, setUp = 0, travel = 0): number =>
  Math.max(1, Math.ceil((hours / crewSize + setUp) / (HOURS_PER_SLOT - travel / SLOTS_PER_DAY) - 1e-9))

/** Rooms under this floor area hold one crew at a time. General trade rule of thumb. */
const ONE_CREW_BELOW_M2 = 14
/** How many crews fit in a place at once. */
export const crewsThatFit = (place: Pick<Place, 'kind' | 'size'>): number => {
  if (place.kind !== 'room' && place.kind !== 'void') return 2
  const area = floorArea(place.size)
  return area !== null && area < ONE_CREW_BELOW_M2 ? 1 : 2
}

/** The lines of work that a visit does. */
export const linesOfVisit = ({ lineIds }: Pick<Visit, 'lineIds'>, lines: readonly Line[]): Line[] =>
  linesBy(lines).ids(lineIds)
