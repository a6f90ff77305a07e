import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import type { Calculation, Outcome } from './calculation'
import { printerFor } from './printer'
import { readInputs, type Read } from './readInputs'

export type Figure = number | string | { readonly low: number; readonly high: number }

export interface Reckoned {
  readonly outputs: Readonly<Record<string, Figure>>
  readonly steps: readonly string[]
  readonly warnings: readonly string[]
  /** Titles of inputs that nobody was sure of: measure them before anything is ordered. */
  readonly rough: readonly string[]
}

/** Inputs with two ends whose every mix is tried; more than these take the ends together. */
const MOST_MIXED = 6

/** Runs a calculation on what somebody told. A range is carried through: every mix of low and high ends is reckoned, and
 * each output shows its lowest and highest figure.
 * @param strict see `readInputs`
 * @throws ImpossibleRequest naming the input that cannot be read */
export function runCalculation(
  calculation: Calculation,
  told: Readonly<Record<string, unknown>>,
  units: Units,
  { strict = false } = {},
): Reckoned {
  const read = readInputs(calculation, told, units, strict)
  const mixes = mixesOf(read)
  const printer = printerFor(units)
  const outcomes = mixes.map((values) => calculation.run(values as never, printer, units))
  requireFinite(outcomes)
  const rough = Object.entries(read).flatMap(([key, { rough: unsure }]) =>
    unsure ? [calculation.inputs[key]!.title] : [],
  )
  return {
    outputs: spanned(outcomes),
    steps: joined(outcomes),
    warnings: [
      ...new Set(outcomes.flatMap((outcome) => outcome.warnings ?? [])),
      ...(rough.length > 0 ? [`Measure before ordering: ${rough.join(', ')}.`] : []),
    ],
    rough,
  }
}

/** A sum that divides by nothing is refused rather than shown. */
function requireFinite(outcomes: readonly Outcome[]): void {
  for (const outcome of outcomes)
    for (const figure of Object.values(outcome.outputs))
      if (typeof figure === 'number' && !Number.isFinite(figure))
        throw new ImpossibleRequest(
          'impossible-sum',
          'These figures cannot be true together: one of them is 0 or too large.',
        )
}

function mixesOf(read: Readonly<Record<string, Read>>): Record<string, unknown>[] {
  const ranges = Object.keys(read).filter((key) => read[key]!.low !== read[key]!.high)
  const ends = (pick: (key: string) => boolean): Record<string, unknown> =>
    Object.fromEntries(Object.entries(read).map(([key, { low, high }]) => [key, pick(key) ? high : low]))
  if (ranges.length > MOST_MIXED) return [ends(() => false), ends(() => true)]
  return Array.from({ length: 2 ** ranges.length }, (_, mix) =>
    ends((key) => ((mix >> ranges.indexOf(key)) & 1) === 1 && ranges.includes(key)),
  )
}

function spanned(outcomes: readonly Outcome[]): Record<string, Figure> {
  return Object.fromEntries(
    Object.entries(outcomes[0]!.outputs).map(([key, first]) => {
      const all = outcomes.map((outcome) => outcome.outputs[key]!)
      if (typeof first === 'string') return [key, [...new Set(all)].join(' or ')]
      const [low, high] = [Math.min(...(all as number[])), Math.max(...(all as number[]))]
      return [key, low === high ? low : { low, high }]
    }),
  )
}

/** The steps of both ends; a step that is the same at both stands once. */
function joined(outcomes: readonly Outcome[]): string[] {
  const [low, high] = [outcomes[0]!.steps, outcomes.at(-1)!.steps]
  return low.map((step, i) =>
    high[i] === undefined || step === high[i] ? step : `${step} At the other end: ${high[i]}`,
  )
}
