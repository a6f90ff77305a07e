import { SLOTS_PER_DAY } from '../calendar/slots'
import type { Schedule, Span } from './instance'

type Times = Pick<Schedule, 'start' | 'finish'>

const dayAt = (slot: number): number => Math.floor(slot / SLOTS_PER_DAY)

/** First slot of what a span lasts and the slot after its last; from the beginning where nothing opens it any more. */
export function stretchOf(
  { opens, closes, counts }: Span,
  { start, finish }: Times,
): readonly [from: number, until: number] {
  const last = (times: ArrayLike<number>, its: readonly number[]): number =>
    its.reduce((most, i) => Math.max(most, times[i]!), 0)
  const first = (times: ArrayLike<number>, its: readonly number[]): number =>
    its.reduce((least, i) => Math.min(least, times[i]!), Number.POSITIVE_INFINITY)
  if (counts === 'whole') return [opens.length === 0 ? 0 : first(start, opens), last(finish, closes)]
  const from = last(finish, opens)
  return counts === 'between' ? [from, last(start, closes)] : [from, first(start, closes)]
}

/** How long a span lasts, in slots: of nights in whole days. */
export function lengthOf(span: Span, times: Times): number {
  const [from, until] = stretchOf(span, times)
  return span.counts === 'nights' ? (dayAt(until) - dayAt(from - 1)) * SLOTS_PER_DAY : until - from
}

/** Whether it is something that stands open at night, and no end is worth it. */
export const isOpen = ({ counts, price }: Span): boolean => counts === 'nights' && price === undefined

/** Slots for which a span lasts longer than it may. */
export const excessOf = (span: Span, times: Times): number => Math.max(0, lengthOf(span, times) - span.most)

/** Slots in which two spans last at once. */
export function overlapOf(one: Span, other: Span, times: Times): number {
  const [[from, until], [start, end]] = [stretchOf(one, times), stretchOf(other, times)]
  return Math.max(0, Math.min(until, end) - Math.max(from, start))
}
