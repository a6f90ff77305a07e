import { minor, printMoney } from '../measure/money'
import { printQuantity } from '../measure/quantity'
import type { Units } from '../measure/length'
import type { Line } from '../scope/line'
import type { SiteState } from '../walk/siteState'

/** A site whose extras cost what their quantity now comes to: a price was set for a quantity, and follows it in
 * proportion until the client has approved it. */
export const withPrices = (state: SiteState): SiteState =>
  state.lines.some(outgrown) ? { ...state, lines: state.lines.map(priced) } : state

/** Whether there is now more or less to do than the price was set for. */
const outgrown = ({ quantity, price, pricedFor }: Line): boolean =>
  price !== null && pricedFor !== null && quantity !== null && quantity.value !== pricedFor

function priced(line: Line): Line {
  if (!outgrown(line) || line.approval) return line
  return { ...line, price: minor((line.price! * line.quantity!.value) / line.pricedFor!) }
}

/** What became of the price of a line since it was set, in a sentence; null where nothing did. */
export function priceWords(line: Line, units: Units): string | null {
  if (!outgrown(line)) return null
  const { quantity, price, pricedFor, approval } = line
  const [was, now] = [{ ...quantity!, value: pricedFor! }, quantity!].map((one) => printQuantity(one, units))
  if (approval)
    return `Approved at ${printMoney(price!)} for ${was}; it is ${now} now, which comes to ${printMoney(minor((price! * quantity!.value) / pricedFor!))}: talk before it is done.`
  return `Priced at ${printMoney(minor((price! * pricedFor!) / quantity!.value))} for ${was}; for ${now} it comes to ${printMoney(price!)}.`
}
