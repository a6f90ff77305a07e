import type { Stage } from '../scope/vocabulary'
import { wayOf, type SchoolId, type Schools } from './schools'

/** One stage before another at the same place, with the wait between them and why. */
export interface Relation {
  readonly before: Stage
  readonly after: Stage
  /** Waiting time in calendar days (drying, curing, making), counted from the finish. */
  readonly waitDays?: number
  /** The longest that may lie between the finish of the one and the start of the other, in calendar days. */
  readonly mostDays?: number
  readonly why: string
  /** People stand under it: no site turns it round. */
  readonly guards?: true
  /** 'place': within one place. 'site': everywhere on the site. */
  readonly scope?: 'place' | 'site'
}

/** Where dust of what is old is made. */
export const DUSTY: readonly Stage[] = [
  'strip-out',
  'masonry',
  'framing',
  'windows-doors',
  'ducts',
  'pipes',
  'wires',
  'plaster',
  'paint',
  'tile',
  'flooring',
  'trim',
]
/** Stages whose work has to dry, set or be answered before others go on, with the calendar days that is usual. Defaults of
 * the trade; what is on the tin, the mixer's sheet or the engineer's word goes before them. */
export const USUAL_WAITS = { testing: 3, concrete: 3, masonry: 3, plaster: 3, tape: 1, tile: 1, paint: 1 } as const
export type WaitingStage = keyof typeof USUAL_WAITS
export type Waits = Readonly<Record<WaitingStage, number>>

/** The general order of the trade, inside one place unless said otherwise. */
const RELATIONS: readonly Relation[] = [
  ...DUSTY.map((after): Relation => ({
    before: 'testing',
    after,
    waitDays: USUAL_WAITS.testing,
    scope: 'site',
    why: 'what is old is tested, and the result is there, before dust is made',
  })),
  { before: 'protect', after: 'scaffold', why: 'what stays is protected before the scaffold' },
  { before: 'scaffold', after: 'strip-out', why: 'the scaffold stands before anything is torn off' },
  { before: 'scaffold', after: 'roof', why: 'the scaffold stands before the roof' },
  { before: 'scaffold', after: 'windows-doors', why: 'the scaffold stands before units are changed' },
  { before: 'scaffold', after: 'weather-barrier', why: 'the scaffold stands before the wrap' },
  { before: 'scaffold', after: 'cladding', why: 'the scaffold stands before the cladding' },
  { before: 'scaffold', after: 'plaster', why: 'the scaffold stands before the render' },
  { before: 'scaffold', after: 'paint', why: 'the scaffold stands before the paint' },
  { before: 'protect', after: 'strip-out', why: 'what stays is protected before anything is torn out' },
  { before: 'protect', after: 'windows-doors', why: 'what stays is protected before units are changed' },
  { before: 'protect', after: 'paint', why: 'what stays is protected before paint' },
  { before: 'strip-out', after: 'excavation', why: 'the floor is open before digging' },
  { before: 'strip-out', after: 'shoring', why: 'the wall is opened to see what it carries' },
  { before: 'strip-out', after: 'framing', why: 'strip-out makes room for framing' },
  { before: 'strip-out', after: 'roof', why: 'the old covering comes off first' },
  { before: 'strip-out', after: 'weather-barrier', why: 'the old cladding comes off first' },
  { before: 'strip-out', after: 'plaster', why: 'loose plaster comes off first' },
  { before: 'strip-out', after: 'windows-doors', why: 'the old unit comes out first' },
  { before: 'excavation', after: 'underground', why: 'drains need the open trench' },
  { before: 'underground', after: 'concrete', why: 'drains are in and tested before the pour' },
  { before: 'underground', after: 'site-works', why: 'drains are in before the fill' },
  { before: 'concrete', after: 'framing', waitDays: USUAL_WAITS.concrete, why: 'concrete gains its first strength' },
  {
    before: 'concrete',
    after: 'structure',
    waitDays: USUAL_WAITS.concrete,
    why: 'concrete gains its first strength; when it carries, the engineer says',
  },
  { before: 'shoring', after: 'structure', guards: true, why: 'the load is held before the wall is cut' },
  { before: 'scaffold', after: 'masonry', why: 'the scaffold stands before the masonry' },
  { before: 'protect', after: 'masonry', why: 'what stays is protected before joints are raked' },
  { before: 'strip-out', after: 'masonry', why: 'what is loose comes off first' },
  { before: 'concrete', after: 'masonry', waitDays: USUAL_WAITS.concrete, why: 'the footing gains its first strength' },
  { before: 'shoring', after: 'masonry', guards: true, why: 'the load is held before what carries it is rebuilt' },
  { before: 'masonry', after: 'structure', waitDays: USUAL_WAITS.masonry, why: 'the mortar sets before it carries' },
  { before: 'masonry', after: 'roof', why: 'chimneys and copings are done before the covering' },
  { before: 'masonry', after: 'windows-doors', why: 'reveals are sound before units are set' },
  { before: 'masonry', after: 'weather-barrier', why: 'joints are filled before they are covered' },
  { before: 'masonry', after: 'cladding', why: 'joints are filled before they are covered' },
  { before: 'masonry', after: 'insulation', why: 'joints are filled before they are covered' },
  { before: 'masonry', after: 'plaster', waitDays: USUAL_WAITS.masonry, why: 'the mortar sets before plaster' },
  { before: 'masonry', after: 'paint', waitDays: USUAL_WAITS.masonry, why: 'the mortar sets before paint' },
  { before: 'structure', after: 'framing', why: 'beams are in before framing around them' },
  { before: 'framing', after: 'roof', why: 'rafters stand before the covering' },
  { before: 'framing', after: 'weather-barrier', why: 'sheathing before barrier' },
  { before: 'roof', after: 'weather-barrier', why: 'the roof closes before the walls' },
  { before: 'weather-barrier', after: 'windows-doors', why: 'units are flashed to the barrier' },
  { before: 'framing', after: 'windows-doors', why: 'the opening is framed before its unit' },
  { before: 'windows-doors', after: 'cladding', why: 'cladding meets set units' },
  { before: 'weather-barrier', after: 'cladding', why: 'cladding covers the barrier' },
  { before: 'cladding', after: 'paint', why: 'cladding before its paint' },
  { before: 'framing', after: 'ducts', why: 'ducts need the frame' },
  { before: 'ducts', after: 'pipes', why: 'the biggest goes first: ducts, then pipes' },
  { before: 'pipes', after: 'gas', why: 'gas follows water' },
  { before: 'gas', after: 'wires', why: 'wires go round what is in' },
  { before: 'wires', after: 'low-voltage', why: 'low voltage keeps clear of the wires' },
  { before: 'low-voltage', after: 'insulation', why: 'everything in the wall before insulation' },
  { before: 'windows-doors', after: 'insulation', why: 'weather-tight before insulation' },
  { before: 'roof', after: 'insulation', why: 'dry overhead before insulation', scope: 'site' },
  { before: 'insulation', after: 'board', why: 'insulation before board' },
  { before: 'insulation', after: 'plaster', why: 'insulation before plaster' },
  { before: 'board', after: 'tape', why: 'board before tape' },
  { before: 'board', after: 'plaster', why: 'board before plaster' },
  { before: 'tape', after: 'paint', waitDays: USUAL_WAITS.tape, why: 'the last coat of filler dries' },
  { before: 'tape', after: 'tile', waitDays: USUAL_WAITS.tape, why: 'filler dries before waterproofing' },
  { before: 'plaster', after: 'paint', waitDays: USUAL_WAITS.plaster, why: 'plaster dries before paint' },
  { before: 'plaster', after: 'tile', waitDays: USUAL_WAITS.plaster, why: 'plaster dries before tile' },
  { before: 'tile', after: 'flooring', waitDays: USUAL_WAITS.tile, why: 'tile sets before the floor meets it' },
  { before: 'paint', after: 'flooring', waitDays: USUAL_WAITS.paint, why: 'paint dries before the floor' },
  { before: 'tile', after: 'cabinets', waitDays: USUAL_WAITS.tile, why: 'tile sets before cabinets stand on it' },
  { before: 'cabinets', after: 'countertops', why: 'tops are templated on fixed bases and then made' },
  { before: 'flooring', after: 'trim', why: 'base stands on the floor' },
  { before: 'cabinets', after: 'trim', why: 'trim meets set cabinets' },
  { before: 'paint', after: 'fixtures', waitDays: USUAL_WAITS.paint, why: 'paint dries before plates and lights' },
  { before: 'tile', after: 'fixtures', waitDays: USUAL_WAITS.tile, why: 'tile sets before fixtures' },
  { before: 'countertops', after: 'fixtures', why: 'sink and splash meet the tops' },
  { before: 'trim', after: 'fixtures', why: 'finish wiring after trim' },
  { before: 'flooring', after: 'fixtures', why: 'fixtures stand on the floor' },
  { before: 'paint', after: 'railing', waitDays: USUAL_WAITS.paint, why: 'the railing goes on dry paint' },
  { before: 'trim', after: 'railing', why: 'the railing meets trim' },
  { before: 'fixtures', after: 'return-list', why: 'the return list comes last' },
  { before: 'railing', after: 'return-list', why: 'the return list comes last' },
]

/** What a way of working adds to the order of the trade, and which relations give way to it. */
interface Order {
  readonly adds: readonly Relation[]
  readonly drops?: readonly (readonly [before: Stage, after: Stage])[]
}

/** What the order of work takes from the schools of a site, by question and way. */
const ORDERS: Partial<Record<SchoolId, Readonly<Record<string, Order>>>> = {
  cabinetsAndPaint: {
    'paint-first': {
      adds: [{ before: 'paint', after: 'cabinets', waitDays: 1, why: 'this site paints before cabinets' }],
    },
    'cabinets-first': { adds: [{ before: 'cabinets', after: 'paint', why: 'this site sets cabinets before paint' }] },
  },
  floorAndCabinets: {
    'floor-first': { adds: [{ before: 'flooring', after: 'cabinets', why: 'the floor runs under the cabinets' }] },
    'cabinets-first': {
      adds: [{ before: 'cabinets', after: 'flooring', why: 'this site lays the floor up to set cabinets' }],
    },
  },
  trimAndSiding: {
    'siding-first': { adds: [{ before: 'cladding', after: 'trim', why: 'trim laps over the siding on this site' }] },
  },
  plasterFinish: {
    'two-coats': {
      adds: [{ before: 'tape', after: 'paint', waitDays: 3, why: 'two coats of plaster dry before paint' }],
      drops: [['tape', 'paint']],
    },
  },
}

/** The questions whose answers change the order of work. */
export const ORDERING_SCHOOLS = Object.keys(ORDERS) as readonly SchoolId[]

/** The order that a way of working asks for, in words. */
export const schoolOrder = (id: SchoolId, way: string): string[] => [
  ...new Set((ORDERS[id]?.[way]?.adds ?? []).map(({ why }) => why)),
]

/** The relations of the trade and of a site's schools that its own order turns round. */
export function turnedRound(schools: Schools, own: readonly Relation[]): readonly Relation[] {
  const kept = new Set(relationsFor(schools, own))
  return relationsFor(schools).filter((one) => !kept.has(one))
}

/** All relations in force on a site: the trade's order, the site's schools, and its own, before which those that say the
 * reverse give way.
 * @param waits that the site keeps to instead of the usual ones */
export function relationsFor(
  schools: Schools,
  own: readonly Relation[] = [],
  waits: Waits = USUAL_WAITS,
): readonly Relation[] {
  const orders = ORDERING_SCHOOLS.flatMap((id) => ORDERS[id]![wayOf(schools, id)] ?? [])
  // Cabinets before paint, and paint before the floor, would close a circle with the floor before cabinets.
  const circle: Order['drops'] =
    wayOf(schools, 'cabinetsAndPaint') === 'cabinets-first' && wayOf(schools, 'floorAndCabinets') === 'floor-first'
      ? [['paint', 'flooring']]
      : []
  const drops = [...orders.flatMap((order) => order.drops ?? []), ...circle]
  const dropped = ({ before, after }: Relation): boolean => drops.some(([b, a]) => b === before && a === after)
  const turned = ({ before, after, guards }: Relation): boolean =>
    !guards && own.some((one) => one.before === after && one.after === before)
  const waiting = (one: Relation): Relation => {
    const days = one.waitDays === undefined ? undefined : (waits as Partial<Record<Stage, number>>)[one.before]
    return days === undefined || days === one.waitDays ? one : { ...one, waitDays: days }
  }
  const general = [...RELATIONS.filter((one) => !dropped(one)).map(waiting), ...orders.flatMap(({ adds }) => adds)]
  return [...general.filter((one) => !turned(one)), ...own]
}

/** Which stages hide which: an inspection of a stage must pass before any stage that covers it. */
const IN_THE_WALL: readonly Stage[] = ['insulation', 'board', 'plaster']
export const COVERED_BY: Partial<Record<Stage, readonly Stage[]>> = {
  shoring: ['masonry', 'structure'],
  masonry: IN_THE_WALL,
  framing: IN_THE_WALL,
  ducts: IN_THE_WALL,
  pipes: IN_THE_WALL,
  gas: IN_THE_WALL,
  wires: IN_THE_WALL,
  'low-voltage': IN_THE_WALL,
  insulation: ['board'],
  excavation: ['concrete', 'site-works'],
  underground: ['concrete', 'site-works'],
  structure: ['framing', ...IN_THE_WALL],
  'weather-barrier': ['cladding'],
  'windows-doors': ['cladding', 'trim'],
}
