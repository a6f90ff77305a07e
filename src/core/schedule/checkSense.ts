import { addDays, daysBetween, type Day } from '../calendar/day'
import { addWorkingDays } from '../calendar/workingDays'
import { SET_BY } from '../scope/leads'
import type { Line } from '../scope/line'
import { BUILD_ORDER, stageNamed, type Stage } from '../scope/vocabulary'
import { COVERED_BY } from '../sequence/relations'
import type { SiteState } from '../walk/siteState'
import type { Plan, PlannedVisit } from './plan'
import type { Sense } from './sense'

/** A rule of sense that a plan breaks, and where. */
export interface Breach {
  readonly rule:
    | 'open'
    | 'without'
    | 'tests'
    | 'goods'
    | 'notice'
    | 'measured'
    | 'covered'
    | 'order'
    | 'wet'
    | 'overhead'
    | 'promised'
    | 'hire'
  readonly siteId: string
  readonly words: string
}

/** A site as it was asked to be planned. */
export interface CheckedSite {
  readonly id: string
  readonly state: SiteState
  readonly sense: Sense
  readonly livedIn?: boolean
  /** Trades whose crews are our own or know that they come. */
  readonly called: ReadonlySet<string>
}

type Read = Pick<Plan, 'visits' | 'unkept' | 'finish'>

/** Reads a plan as a practitioner would, day by day from its visits and lines, sharing nothing with the search: what it leaves
 * open, who lives without for long, dust before tests, goods that cannot be there yet, trades that nobody called, tops before
 * their lead, a promise that is missed, work on a scaffold that is not there. */
export const checkSense = (plan: Read, site: CheckedSite, today: Day): Breach[] =>
  breachesOf(plan, site, today).map((breach) => ({ ...breach, siteId: site.id }))

type Found = Omit<Breach, 'siteId'>

function breachesOf(plan: Read, site: CheckedSite, today: Day): Found[] {
  const visits = plan.visits.filter(({ siteId }) => siteId === site.id)
  const works = worksOf(plan, site.id, site.state)
  return [
    ...site.state.places.flatMap(({ id, kind, name }) =>
      leftOpen(
        works.filter(({ line }) => line.placeId === id),
        kind,
        name,
        site.sense,
      ),
    ),
    ...dustBeforeTests(works),
    ...withoutGoods(works, site.state, today),
    ...uncalled(visits, site, today),
    ...beforeMeasured(works, site.state),
    ...coveredUnseen(works),
    ...notDryYet(works, site.sense),
    ...underOpenRoof(works, site.state),
    ...beforeNamed(works),
    ...withoutForLong(works, site),
    ...endsLate(plan, visits, site, today),
    ...beforeItsHire(works, site.state, today),
  ]
}

/** What takes the only kitchen or bathroom of a home away, and for how many days. */
const OUTAGES = { 'kitchen sink': 'kitchen', bathroom: 'bathroom' } as const

/** Days on which a household is without its only kitchen or bathroom, from the first strip-out to the last fixture. */
export function daysOff(
  plan: Pick<Plan, 'visits'>,
  { id, state, livedIn }: Pick<CheckedSite, 'id' | 'state' | 'livedIn'>,
): { readonly what: 'kitchen' | 'bathroom'; readonly from: Day; readonly until: Day }[] {
  return livedIn ? offAmong(worksOf(plan, id, state), state.lines) : []
}

function offAmong(works: readonly Work[], lines: readonly Line[]) {
  return Object.entries(OUTAGES).flatMap(([outage, what]) => {
    const takes = (line: Line): boolean => line.action === 'remove' && line.outage === outage
    const [place, ...others] = new Set(lines.filter(takes).map(({ placeId }) => placeId))
    if (place === undefined || others.length > 0) return []
    const out = works.filter(({ line }) => takes(line))
    const fixtures = of(works, 'fixtures').filter(({ line }) => line.placeId === place)
    const connects = fixtures.filter(({ line }) => line.trade === 'plumber')
    const [taken, back] = [first(out), last(connects.length > 0 ? connects : fixtures)]
    return taken && back ? [{ what, from: taken.visit.startDay, until: back.visit.endDay }] : []
  })
}

const withoutForLong = (works: readonly Work[], { livedIn, sense, state }: CheckedSite): Found[] =>
  (livedIn ? offAmong(works, state.lines) : [])
    .filter(({ what, from, until }) => daysBetween(from, until) + 1 > sense.daysWithout[what])
    .map(({ what, from, until }) => ({
      rule: 'without',
      words: `no ${what} from ${from} to ${until}, ${sense.daysWithout[what]} days at most`,
    }))

/** An end that was promised of the whole site and is missed; an end that is told and is another, or is over. */
function endsLate({ finish }: Read, visits: readonly PlannedVisit[], { id, state }: CheckedSite, today: Day): Found[] {
  const end = visits.reduce<Day | null>((late, { endDay }) => (late === null || endDay > late ? endDay : late), null)
  if (end === null) return []
  const promises = state.entries.filter(
    ({ kind, settled, values }) => kind === 'promise' && settled === null && values.by,
  )
  return [
    ...promises
      .filter(({ placeId, values }) => placeId === null && !values.of && end > String(values.by))
      .map(({ values }): Found => ({ rule: 'promised', words: `promised for ${String(values.by)}, ends ${end}` })),
    ...(finish[id] === end && end >= today
      ? []
      : [{ rule: 'promised', words: `told to end on ${finish[id]}, and ends on ${end}` } as const]),
  ]
}

/** Work outside that needs what is hired for it, before that can be there. */
const beforeItsHire = (works: readonly Work[], { entries, places }: SiteState, today: Day): Found[] =>
  entries
    .filter(({ kind, settled, values }) => kind === 'hire' && settled === null && values.sort === 'scaffold')
    .flatMap(({ values }): Found[] => {
      const [from, until] = [values.from, values.until].map((title) => BUILD_ORDER.indexOf(stageNamed(title)!))
      const there = (values.comes as Day | undefined) ?? addWorkingDays(today, Number(values.notice ?? 0))
      const outside = new Set(places.flatMap(({ id, kind }) => (kind === 'face' || kind === 'roof' ? [id] : [])))
      return of(works, ...BUILD_ORDER.filter((_, i) => i >= from! && i <= until!))
        .filter(({ line, visit }) => outside.has(line.placeId) && line.progress === 0 && visit.startDay < there)
        .map(({ line, visit }) => ({
          rule: 'hire',
          words: `${line.title} on ${visit.startDay}, the scaffold ${there}`,
        }))
    })

/** What was to wait for other work by name and does not. */
const beforeNamed = (works: readonly Work[]): Found[] =>
  works.flatMap(({ line, visit }) =>
    line.waits.flatMap((wait): Found[] => {
      const other = works.find((one) => one.line.id === wait.for)
      return other &&
        other.visit.key !== visit.key &&
        daysBetween(other.visit.endDay, visit.startDay) < (wait.leastDays ?? 0)
        ? [{ rule: 'order', words: `${line.title} on ${visit.startDay}, before ${other.line.title}` }]
        : []
    }),
  )

type Work = { readonly line: Line; readonly visit: PlannedVisit }

/** The lines of a site, each with the visit that does it. */
function worksOf({ visits }: Pick<Plan, 'visits'>, siteId: string, { lines }: SiteState): Work[] {
  const doneBy = new Map(
    visits
      .filter((visit) => visit.siteId === siteId)
      .flatMap((visit) => visit.lineIds.map((id) => [id, visit] as const)),
  )
  return lines.flatMap((line) => (doneBy.has(line.id) ? [{ line, visit: doneBy.get(line.id)! }] : []))
}

const first = (works: readonly Work[]): Work | undefined =>
  [...works].sort((a, b) => (a.visit.startDay < b.visit.startDay ? -1 : 1))[0]
const last = (works: readonly Work[]): Work | undefined =>
  [...works].sort((a, b) => (a.visit.endDay > b.visit.endDay ? -1 : 1))[0]
const of = (works: readonly Work[], ...stages: readonly Stage[]): Work[] =>
  works.filter(({ line }) => stages.includes(line.stage) && line.action !== 'inspect' && line.action !== 'test')

function leftOpen(works: readonly Work[], kind: string, place: string, { nights }: Sense): Found[] {
  const pair = (opened: readonly Work[], closing: readonly Work[], most: number, what: string): Found[] => {
    const [from, to] = [last(opened), first(closing)]
    if (!from || !to || from.visit.key === to.visit.key) return []
    const open = daysBetween(from.visit.endDay, to.visit.startDay)
    return open > most ? [{ rule: 'open', words: `${place}: ${what} open ${open} nights, ${most} at most` }] : []
  }
  const unitsOut = of(works, 'strip-out').filter(({ line }) => line.element === 'window' && line.action === 'remove')
  const cut = works.filter(
    ({ line }) =>
      line.element === 'opening' && line.stage === 'framing' && line.action !== 'close-up' && line.action !== 'inspect',
  )
  const unitsIn = of(works, 'windows-doors').filter(({ line }) => line.action !== 'remove')
  const barrier = of(works, 'weather-barrier')
  return [
    ...pair(unitsOut, unitsIn, cut.length > 0 ? nights.cut : nights.hole, 'a hole'),
    ...pair(cut, unitsIn, nights.cut, 'what was cut'),
    ...(kind === 'face'
      ? pair(
          of(works, 'strip-out').filter(({ line }) => line.element === 'siding'),
          barrier.length > 0 ? barrier : of(works, 'cladding'),
          nights.face,
          'the face',
        )
      : []),
    ...(kind === 'roof' ? pair(of(works, 'strip-out'), of(works, 'roof'), nights.roof, 'the roof') : []),
  ]
}

const DUST: readonly Stage[] = ['strip-out', 'framing', 'plaster', 'paint', 'flooring', 'trim']

function dustBeforeTests(works: readonly Work[]): Found[] {
  const tests = last(works.filter(({ line }) => line.stage === 'testing'))
  if (!tests) return []
  return of(works, ...DUST)
    .filter(({ visit }) => visit.startDay <= tests.visit.endDay)
    .map(({ line }) => ({ rule: 'tests', words: `${line.title} before the tests` }))
}

function withoutGoods(works: readonly Work[], { selections }: SiteState, today: Day): Found[] {
  return selections.flatMap(({ what, placeId, lead, neededFor, state, leadDays, arrives }): Found[] => {
    const here = works.filter(
      ({ line }) => line.placeId === placeId && line.stage === neededFor && line.action !== 'measure',
    )
    // Tops and glass are set by whoever makes them.
    const user = first(SET_BY[lead] ? here.filter(({ line }) => line.trade === SET_BY[lead]) : here)
    if (!user || state === 'arrived' || state === 'installed') return []
    const there = state === 'ordered' && arrives ? arrives : addDays(today, leadDays[2])
    return user.visit.startDay < there
      ? [{ rule: 'goods', words: `${what} is used on ${user.visit.startDay}, there on ${there}` }]
      : []
  })
}

const uncalled = (visits: readonly PlannedVisit[], { called, sense }: CheckedSite, today: Day): Found[] =>
  visits
    .filter(
      ({ trade, startDay }) =>
        !called.has(trade) && sense.noticeDays > 0 && daysBetween(today, startDay) < sense.noticeDays,
    )
    .map(({ trade, startDay }) => ({ rule: 'notice', words: `the ${trade} starts on ${startDay}, never called` }))

function beforeMeasured(works: readonly Work[], { selections }: SiteState): Found[] {
  return selections
    .filter(
      ({ lead, state }) =>
        lead === 'countertop' && (state === 'undecided' || state === 'chosen' || state === 'approved'),
    )
    .flatMap(({ placeId, leadDays }): Found[] => {
      const here = works.filter(({ line }) => line.placeId === placeId)
      const [measured, set] = [true, false].map((measures) =>
        of(here, 'countertops').filter(({ line }) => (line.action === 'measure') === measures),
      )
      const [bases, template, tops] = [last(of(here, 'cabinets')), last(measured!), first(set!)]
      if (bases && template && template.visit.startDay < bases.visit.endDay)
        return [{ rule: 'measured', words: 'tops are measured before the bases are set' }]
      const from = template ?? bases
      if (!from || !tops) return []
      const made = daysBetween(from.visit.endDay, tops.visit.startDay)
      return made < leadDays[2] ? [{ rule: 'measured', words: `tops ${made} days after they could be measured` }] : []
    })
}

/** What has to dry, set or harden, and what goes on it. */
const WET: readonly (readonly [Exclude<keyof Sense['waits'], 'testing'>, readonly Stage[]])[] = [
  ['concrete', ['framing', 'masonry', 'structure']],
  ['masonry', ['structure', 'plaster', 'paint']],
  ['plaster', ['paint', 'tile']],
  ['tape', ['paint', 'tile']],
  ['tile', ['flooring', 'cabinets', 'fixtures']],
  ['paint', ['flooring', 'fixtures', 'railing']],
]

/** Work that follows sooner than what it stands on is dry; what a site does the other way round follows nothing. */
const notDryYet = (works: readonly Work[], { waits }: Sense): Found[] =>
  WET.flatMap(([wet, dry]) =>
    of(works, wet).flatMap((before) =>
      of(works, ...dry)
        // Nobody waits for it to dry to measure.
        .filter(({ line }) => line.placeId === before.line.placeId && line.action !== 'measure')
        .filter(({ visit }) => visit.startDay >= before.visit.endDay)
        .filter(({ visit }) => visit.key !== before.visit.key)
        .filter(({ visit }) => daysBetween(before.visit.endDay, visit.startDay) < waits[wet])
        .map(({ line }): Found => ({ rule: 'wet', words: `${line.title} before ${before.line.title} is dry` })),
    ),
  )

const DRY: readonly Stage[] = ['insulation', 'board', 'tape', 'plaster', 'flooring']

/** What must stay dry in a room between the day on which a roof is opened and the one on which it is covered. */
function underOpenRoof(works: readonly Work[], { places }: SiteState): Found[] {
  const kind = new Map(places.map((place) => [place.id, place.kind]))
  const roofs = works.filter(({ line }) => kind.get(line.placeId) === 'roof')
  const [opened, covered] = [first(of(roofs, 'strip-out')), last(of(roofs, 'roof'))]
  if (!opened || !covered) return []
  return of(works, ...DRY)
    .filter(({ line }) => kind.get(line.placeId) === 'room')
    .filter(({ visit }) => visit.startDay >= opened.visit.startDay && visit.startDay < covered.visit.endDay)
    .map(({ line }) => ({ rule: 'overhead', words: `${line.title} under an open roof` }))
}

function coveredUnseen(works: readonly Work[]): Found[] {
  return works
    .filter(({ line }) => line.inspects)
    .flatMap(({ line, visit }) => {
      const covers = new Set(line.inspects!.flatMap((stage) => COVERED_BY[stage] ?? []))
      return works
        .filter(
          (other) =>
            other.line.placeId === line.placeId &&
            covers.has(other.line.stage) &&
            !line.inspects!.includes(other.line.stage) &&
            other.visit.startDay < visit.startDay,
        )
        .map((other): Found => ({ rule: 'covered', words: `${other.line.title} before ${line.title}` }))
    })
}
