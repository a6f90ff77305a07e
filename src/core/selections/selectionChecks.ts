import { dateOnly, type Day } from '../calendar/day'
import { lengthIn, type Values } from '../entries/field'
import { minor, printMoney } from '../measure/money'
import type { Units } from '../measure/length'
import { runCalculation } from '../takeoff/runCalculation'
import { cabinetRun } from '../takeoff/finishes/cabinetRun'
import { isOnSite, isUnordered, type Delivery, type Selection } from './selection'

/** Calendar days from which a lead is long enough to be said at once. */
const LONG_LEAD = 42

type Checked = Pick<Selection, 'state' | 'details' | 'delivered' | 'leadDays' | 'approvalDays' | 'supplier'>

/** What is to be minded about a selection before it is ordered or built in, in sentences.
 * @param units of the site
 * @param money whether the reader may see prices */
export function selectionChecks(selection: Checked, units: Units, money: boolean): string[] {
  const values = selection.details?.values ?? {}
  return [
    ...fitSentences(selection, values, units),
    ...deliverySentences(selection.delivered, Number(values.count ?? 0)),
    ...sourceSentences(selection, values),
    ...clientsSentences(selection, values),
    ...approvalSentences(selection, values),
    ...(money ? priceSentences(values) : []),
  ]
}

/** Whether what is ordered goes into the niche that was measured (C-31). */
function fitSentences({ state }: Checked, values: Values, units: Units): string[] {
  const [wide, niche] = [lengthIn(values, 'wide'), lengthIn(values, 'niche')]
  if (!wide) return []
  if (!niche) return isUnordered(state) ? ['Its niche is not measured: measure before it is ordered.'] : []
  const { outputs, steps, warnings } = runCalculation(cabinetRun, { niche: niche.typed, boxes: wide.typed }, units)
  return [...steps, ...warnings, ...(outputs.short === 0 ? [] : ['The order is held until it fits.'])]
}

function deliverySentences(delivered: Delivery | null, needed: number): string[] {
  if (!delivered) return []
  const { count, damaged = 0, wrongHand = 0 } = delivered
  const good = count - damaged - wrongHand
  return [
    ...(damaged > 0 ? [`${damaged} of ${count} came damaged.`] : []),
    ...(wrongHand > 0 ? [`${wrongHand} of ${count} came of the wrong hand or size.`] : []),
    ...(needed > good ? [`${needed - good} of ${needed} ${needed - good === 1 ? 'is' : 'are'} still wanted.`] : []),
  ]
}

function sourceSentences({ leadDays, supplier, state }: Checked, { sole, second, interim }: Values): string[] {
  if (!isUnordered(state)) return []
  const long = leadDays[2] >= LONG_LEAD
  return [
    ...(sole && !second ? ['Only one source: if it slips, nothing stands in. Name another or order at once.'] : []),
    ...(long && !supplier ? [`May take ${leadDays[2]} days and nobody is named yet to supply it.`] : []),
    ...(long && !interim && sole ? ['Say what stands in until it comes.'] : []),
  ]
}

/** What the client brings is waited for like an order. */
function clientsSentences({ state }: Checked, { clients, due }: Values): string[] {
  if (!clients || isOnSite(state)) return []
  return [due ? `The client brings it by ${dateOnly(due as Day)}.` : 'The client brings it: no day is promised yet.']
}

function approvalSentences({ state, approvalDays }: Checked, { evidence }: Values): string[] {
  if (!approvalDays || evidence) return []
  return state === 'undecided' || state === 'chosen'
    ? ['To be approved by somebody else before it is ordered.']
    : ['Nothing on record says who approved it.']
}

function priceSentences({ allowance, price }: Values): string[] {
  if (allowance === undefined || price === undefined) return []
  const over = minor(Number(price) - Number(allowance))
  if (over === 0) return ['Just the allowance.']
  return [
    over > 0
      ? `${printMoney(over)} over the allowance: to be agreed before it is ordered.`
      : `${printMoney(minor(-over))} under the allowance.`,
  ]
}
