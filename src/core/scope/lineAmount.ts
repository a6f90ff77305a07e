import { printQuantity } from '../measure/quantity'
import type { Units } from '../measure/length'
import type { Line } from './line'

type Counted = Pick<Line, 'quantity' | 'rough'>
const isCounted = ({ quantity }: Counted): boolean => quantity !== null && quantity.unit !== 'each'

/** How much a line is, as whoever does it or pays for it reads it: only what was measured, '' where nobody measured. */
export const measuredAmount = (line: Counted, units: Units): string =>
  isCounted(line) && !line.rough ? printQuantity(line.quantity!, units) : ''

/** How much a line is, at the desk: what nobody measured says so. */
export const deskAmount = (line: Counted, units: Units): string =>
  !isCounted(line)
    ? ''
    : line.rough
      ? `about ${printQuantity(line.quantity!, units)}, not measured`
      : printQuantity(line.quantity!, units)
