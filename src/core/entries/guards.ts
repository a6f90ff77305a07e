import { printLength, mm, type Units } from '../measure/length'
import { lengthIn, type Values } from './field'

/** Drop from which a guard is likely, and the height it is likely to need; local rules differ, so both are questions.
 * Sources: the common 600 mm and 30 in of the trade (C-28), 900 mm and 36 in inside a house. */
const LIKELY = { metric: { from: 600, height: 900 }, imperial: { from: 762, height: 914.4 } } as const

/** What a rail says of the drop beside it and of its own height. It approves nothing. */
export function guardSentences(values: Values, units: Units): string[] {
  const { from, height } = LIKELY[units]
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
