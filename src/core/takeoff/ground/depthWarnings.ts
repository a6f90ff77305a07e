import type { Units } from '../../measure/length'
import type { Printer } from '../printer'

/** What to mind about a depth that is dug: judged at every depth, a ladder from 4 ft (1.2 m), in many places protection
 * from 5 ft (1.5 m). */
export function depthWarnings(deepest: number, p: Printer, units: Units): string[] {
  const [ladder, support] = units === 'imperial' ? [4 * 304.8, 5 * 304.8] : [1200, 1500]
  return [
    'Support or slope is judged at every depth by a competent person; nobody enters unsupported.',
    ...(deepest > ladder ? [`Deeper than ${p.len(ladder)}: a ladder.`] : []),
    ...(deepest >= support ? [`${p.len(support)} and deeper: protection is required in many places.`] : []),
  ]
}
