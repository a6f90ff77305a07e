import { printLength, mm, type Units } from '../measure/length'
import { stair } from '../takeoff/fit/stair'
import { readInput, standardOf } from '../takeoff/readInputs'
import { withStandards, type Standards } from '../takeoff/standards'
import { lengthIn, type Values } from './field'

/** Height that a guard is likely to need inside a house; the local rule decides. */
const GUARD_HEIGHT = { metric: 900, imperial: 914.4 } as const

/** The drop from which a guard is likely, in mm: the stair's own figure (C-28), the firm's or the site's where they set one. */
function guardFrom(units: Units, standards: Standards): number {
  const { guardFrom: input } = withStandards(stair, standards).inputs
  return readInput('guardFrom', input!, standardOf(input!, units), units).low as number
}

/** What a rail says of the drop beside it and of its own height. It approves nothing. */
export function guardSentences(values: Values, units: Units, standards: Standards): string[] {
  const [from, height] = [guardFrom(units, standards), GUARD_HEIGHT[units]]
  const drop = lengthIn(values, 'drop')
  const high = lengthIn(values, 'height')
  const length = (value: number): string => printLength(mm(value), units)
  const deep = drop !== null && (drop.high ?? drop.tenths) >= mm(from)
  return [
    ...(deep
      ? [
          values['temporary']
            ? `A drop of ${drop.typed}: the temporary guard stays until ${String(values['temporary'])}.`
            : `A drop of ${drop.typed}: a guard is likely needed, and a temporary one from today until it is up.`,
        ]
      : drop !== null
        ? [`A drop of ${drop.typed}, under ${length(from)}: whether a guard is needed is the authority’s question.`]
        : []),
    ...(deep && high !== null && high.tenths < mm(height)
      ? [`${high.typed} high, under ${length(height)}: ask the authority before it is made.`]
      : []),
  ]
}
