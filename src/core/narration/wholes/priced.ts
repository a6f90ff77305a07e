import { printMoney } from '../../measure/money'
import { changeSaid, priceOfChange } from '../../takeoff/money/changeSaid'
import { lower } from '../../lists/capital'
import { lineOfKind } from '../learned/forced'
import { wordsOf } from '../sheets/figures'
import { titleOf, toldBefore, workOf } from '../spokenWork'
import type { Whole } from './whole'

const OVER = /\b(?:took|taken|spent|was|were|paid|charged|invoiced)\b/i

/** 'Five joists could be sistered now, material 96 and six hours at 58': an extra with its price, to be asked. */
export const pricedExtra: Whole = ({ words, place, units, rates, standards, narration, state, newId }) => {
  const tokens = wordsOf(words)
  const said = changeSaid(tokens)
  if (!said || !place || OVER.test(words)) return null
  const title = titleOf(textBefore(words, tokens[said.from]!))
  if (title.split(' ').length < 2) return null
  const price = priceOfChange(said, units, standards)
  const laid = workOf({ ...lineOfKind('work', narration, title, null), words: title, extra: true }, place, rates)
  // The same extra told again has a new price.
  const before = toldBefore(title, place.id, state)
  const same = before?.extra ? before : undefined
  const at = { subject: 'line' as const, subjectId: same?.id ?? newId(), placeId: place.id }
  return {
    kind: 'work',
    says: `An extra to be asked, ${printMoney(price)}: ${lower(title)}`,
    facts: [
      ...(same ? [] : [{ ...at, facet: 'laid' as const, value: { ...laid, hours: said.hours, how: 'as told' } }]),
      { ...at, facet: 'price', value: price },
    ],
  }
}

/** What was said before its figures, without what leads on to them. */
const textBefore = (words: string, figure: string): string => {
  // Other figures may be the same: the last before the hours begins the price.
  const at = words
    .slice(0, words.search(/\bhours?\b/i))
    .toLowerCase()
    .lastIndexOf(figure)
  return words
    .slice(0, at < 0 ? undefined : at)
    .replace(/[\s,:;-]+(?:(?:that is|that's|it is|for|at|with|takes?)\s*)?$/i, '')
}
