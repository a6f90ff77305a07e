import { addDays, daysBetween, type Day } from '../calendar/day'
import { SET_BY } from '../scope/leads'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import { COVERED_BY } from '../sequence/relations'
import type { SiteState } from '../walk/siteState'
import type { Plan, PlannedVisit } from './plan'
import type { Sense } from './sense'

/** A rule of sense that a plan breaks, and where. */
export interface Breach {
  readonly rule: 'open' | 'tests' | 'goods' | 'notice' | 'measured' | 'covered' | 'named' | 'wet' | 'overhead'
  readonly words: string
}

/** A site as it was asked to be planned. */
export interface CheckedSite {
  readonly id: string
  readonly state: SiteState
  readonly sense: Sense
  /** Trades whose crews are our own or know that they come. */
  readonly called: ReadonlySet<string>
}

/** Reads a plan as a practitioner would, day by day from its visits and lines, sharing nothing with the search: what it leaves
 * open, dust before tests, goods that cannot be there yet, trades that nobody called, tops before their lead. */
export function checkSense(plan: Pick<Plan, 'visits' | 'unkept'>, site: CheckedSite, today: Day): Breach[] {
  const visits = plan.visits.filter(({ siteId }) => siteId === site.id)
  const doneBy = new Map(visits.flatMap((visit) => visit.lineIds.map((id) => [id, visit] as const)))
  const works = site.state.lines.flatMap((line) => (doneBy.has(line.id) ? [{ line, visit: doneBy.get(line.id)! }] : []))
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
    ...(plan.unkept.length > 0 ? [] : beforeNamed(works)),
  ]
}

/** What was to wait for other work by name and does not. */
const beforeNamed = (works: readonly Work[]): Breach[] =>
  works.flatMap(({ line, visit }) =>
    line.waits.flatMap((wait): Breach[] => {
      const other = works.find((one) => one.line.id === wait.for)
      return other &&
        other.visit.key !== visit.key &&
        daysBetween(other.visit.endDay, visit.startDay) < (wait.leastDays ?? 0)
        ? [{ rule: 'named', words: `${line.title} on ${visit.startDay}, before ${other.line.title}` }]
        : []
    }),
  )

type Work = { readonly line: Line; readonly visit: PlannedVisit }

const first = (works: readonly Work[]): Work | undefined =>
  [...works].sort((a, b) => (a.visit.startDay < b.visit.startDay ? -1 : 1))[0]
const last = (works: readonly Work[]): Work | undefined =>
  [...works].sort((a, b) => (a.visit.endDay > b.visit.endDay ? -1 : 1))[0]
const of = (works: readonly Work[], ...stages: readonly Stage[]): Work[] =>
  works.filter(({ line }) => stages.includes(line.stage) && line.action !== 'inspect' && line.action !== 'test')

function leftOpen(works: readonly Work[], kind: string, place: string, { nights }: Sense): Breach[] {
  const pair = (opened: readonly Work[], closing: readonly Work[], most: number, what: string): Breach[] => {
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

function dustBeforeTests(works: readonly Work[]): Breach[] {
  const tests = last(works.filter(({ line }) => line.stage === 'testing'))
  if (!tests) return []
  return of(works, ...DUST)
    .filter(({ visit }) => visit.startDay <= tests.visit.endDay)
    .map(({ line }) => ({ rule: 'tests', words: `${line.title} before the tests` }))
}

function withoutGoods(works: readonly Work[], { selections }: SiteState, today: Day): Breach[] {
  return selections.flatMap(({ what, placeId, lead, neededFor, state, leadDays, arrives }): Breach[] => {
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

const uncalled = (visits: readonly PlannedVisit[], { called, sense }: CheckedSite, today: Day): Breach[] =>
  visits
    .filter(
      ({ trade, startDay }) =>
        !called.has(trade) && sense.noticeDays > 0 && daysBetween(today, startDay) < sense.noticeDays,
    )
    .map(({ trade, startDay }) => ({ rule: 'notice', words: `the ${trade} starts on ${startDay}, never called` }))

function beforeMeasured(works: readonly Work[], { selections }: SiteState): Breach[] {
  return selections
    .filter(
      ({ lead, state }) =>
        lead === 'countertop' && (state === 'undecided' || state === 'chosen' || state === 'approved'),
    )
    .flatMap(({ placeId, leadDays }): Breach[] => {
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
const notDryYet = (works: readonly Work[], { waits }: Sense): Breach[] =>
  WET.flatMap(([wet, dry]) =>
    of(works, wet).flatMap((before) =>
      of(works, ...dry)
        .filter(({ line, visit }) => line.placeId === before.line.placeId && visit.startDay >= before.visit.endDay)
        .filter(({ visit }) => visit.key !== before.visit.key)
        .filter(({ visit }) => daysBetween(before.visit.endDay, visit.startDay) < waits[wet])
        .map(({ line }): Breach => ({ rule: 'wet', words: `${line.title} before ${before.line.title} is dry` })),
    ),
  )

const DRY: readonly Stage[] = ['insulation', 'board', 'tape', 'plaster', 'flooring']

/** What must stay dry in a room between the day on which a roof is opened and the one on which it is covered. */
function underOpenRoof(works: readonly Work[], { places }: SiteState): Breach[] {
  const kind = new Map(places.map((place) => [place.id, place.kind]))
  const roofs = works.filter(({ line }) => kind.get(line.placeId) === 'roof')
  const [opened, covered] = [first(of(roofs, 'strip-out')), last(of(roofs, 'roof'))]
  if (!opened || !covered) return []
  return of(works, ...DRY)
    .filter(({ line }) => kind.get(line.placeId) === 'room')
    .filter(({ visit }) => visit.startDay >= opened.visit.startDay && visit.startDay < covered.visit.endDay)
    .map(({ line }) => ({ rule: 'overhead', words: `${line.title} under an open roof` }))
}

function coveredUnseen(works: readonly Work[]): Breach[] {
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
        .map((other): Breach => ({ rule: 'covered', words: `${other.line.title} before ${line.title}` }))
    })
}
