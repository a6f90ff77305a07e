import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import type { Calculation } from '../takeoff/calculation'
import { gable } from '../takeoff/envelope/gable'
import { lapSiding } from '../takeoff/envelope/lapSiding'
import { cabinetRun } from '../takeoff/finishes/cabinetRun'
import { bulkhead } from '../takeoff/fit/bulkhead'
import { flushPlane } from '../takeoff/fit/flushPlane'
import { stair } from '../takeoff/fit/stair'
import { drain } from '../takeoff/ground/drain'
import { printerFor, type Printer } from '../takeoff/printer'
import { readInputs } from '../takeoff/readInputs'
import { runCalculation, type Figure } from '../takeoff/runCalculation'
import { cabinetSketch, faceSketch, stackSketch } from './elevations'
import { bulkheadSketch, drainSketch, stairSketch } from './sections'
import type { Sketch } from './sketch'

type Told = Readonly<Record<string, unknown>>
interface Reckoned {
  /** What was told, or its default; of a range the lower end. */
  readonly told: (key: string) => never
  /** What came out; of a range the lower end. */
  readonly out: (key: string) => number
}
type Draw = (reckoned: Reckoned, p: Printer) => Sketch | null

/** What is drawn of each calculation. */
const DRAWN: ReadonlyMap<Calculation, Draw> = new Map<Calculation, Draw>([
  [stair, ({ told, out }, p) => stairSketch({ rise: told('rise'), risers: out('risers'), tread: told('tread') }, p)],
  [
    drain,
    ({ told, out }, p) =>
      drainSketch(
        {
          run: told('run'),
          invertStart: told('invert'),
          invertEnd: out('invertEnd'),
          digStart: out('digStart'),
          digEnd: out('digEnd'),
        },
        p,
      ),
  ],
  [
    bulkhead,
    ({ told, out }, p) =>
      bulkheadSketch(
        {
          joists: told('joists'),
          obstruction: told('obstruction'),
          drop: out('drop'),
          headroom: out('headroom'),
          floor: told('floor'),
        },
        p,
      ),
  ],
  [
    gable,
    ({ told, out }, p) => {
      const walls = told('walls') as readonly (readonly [number, number])[] | undefined
      const base = (told('gableBase') as number | undefined) ?? 0
      const wall = walls?.[0] ?? ([base, 0] as const)
      return base === 0 && !walls
        ? null
        : faceSketch(
            { wall, openings: told('openings') ?? [], ...(base > 0 ? { gable: { base, rise: out('rise') } } : {}) },
            p,
          )
    },
  ],
  [
    lapSiding,
    ({ told, out }, p) =>
      faceSketch({ wall: [(told('height') as number) * 2, told('height')], openings: [], course: out('balanced') }, p),
  ],
  [
    cabinetRun,
    ({ told, out }, p) =>
      cabinetSketch(
        { niche: told('niche'), boxes: told('boxes'), fillers: told('fillers') ?? [], residual: out('residual') },
        p,
      ),
  ],
  [
    flushPlane,
    // Without a plane the face of the trim is one, or that of the layers.
    ({ told, out }, p) =>
      stackSketch(
        { plane: (told('plane') as number | undefined) ?? (out('trimFace') || out('stack')), layers: told('layers') },
        p,
      ),
  ],
])

/** Draws what a calculation was told and what came out of it.
 * @returns null where nothing is drawn of it, or where something is still missing */
export function sketchOf(calculation: Calculation, told: Told, units: Units): Sketch | null {
  const draw = DRAWN.get(calculation)
  if (!draw) return null
  try {
    const read = readInputs(calculation, told, units)
    const { outputs } = runCalculation(calculation, told, units)
    return draw({ told: (key) => read[key]?.low as never, out: (key) => lowOf(outputs[key]!) }, printerFor(units))
  } catch (error) {
    // What is missing or unreadable is said in words beside it.
    if (error instanceof ImpossibleRequest) return null
    throw error
  }
}

const lowOf = (figure: Figure): number => (typeof figure === 'object' ? figure.low : Number(figure))
