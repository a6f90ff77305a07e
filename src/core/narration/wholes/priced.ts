import { minor, printMoney, type Minor } from '../../measure/money'
import { readNumber } from '../../measure/spokenNumber'
import { changeSaid, priceOfChange } from '../../takeoff/money/changeSaid'
import { lower } from '../../lists/capital'
import { lineOfKind } from '../learned/forced'
import { wordsOf } from '../sheets/figures'
import { titleOf, toldBefore, workOf } from '../spokenWork'
import type { Told, Whole } from './whole'

const OVER = /\b(?:took|taken|spent|was|were|paid|charged|invoiced)\b/i

/** 'Five joists could be sistered now, material 96 and six hours at 58': an extra with its price, to be asked. */
export const pricedExtra: Whole = (told) => {
  const { words, units, standards } = told
  const tokens = wordsOf(words)
  const said = changeSaid(tokens)
  if (!said) return countedExtra(told, tokens)
  return extraAt(told, tokens[said.from]!, priceOfChange(said, units, standards), said.hours)
}

const UNIT = /^(?:square|sq|metres?|meters?|feet|foot|m|ft|m2|ft2|of|them|pieces?|linear|running)$/

/** 'Deeper jambs for nine windows, nine at 64 each, as an extra', '8.4 square metres at 21': so many times its price. */
function countedExtra(told: Told, tokens: readonly string[]): ReturnType<Whole> {
  if (!/\bextra\b/i.test(told.words)) return null
  for (let at = 0; at < tokens.length; at++) {
    const many = readNumber(tokens, at)
    if (!many) continue
    let next = many.next
    while (UNIT.test(tokens[next] ?? '')) next++
    const each = tokens[next] === 'at' ? readNumber(tokens, next + 1) : null
    if (each) return extraAt(told, tokens[at]!, minor(Math.round(many.value * each.value * 100)))
    at = many.next - 1
  }
  return null
}

/** @param figure the first word of its price: what stands before it is what is done
 * @param hours what it takes, where that was said */
function extraAt(told: Told, figure: string, price: Minor, hours?: number): ReturnType<Whole> {
  const { words, place, rates, narration, state, newId } = told
  if (!place || OVER.test(words)) return null
  const title = titleOf(textBefore(words, figure).replace(/[\s,]+(?:as|is|that['’]s) an extra\b/i, ''))
  if (title.split(' ').length < 2) return null
  const laid = workOf({ ...lineOfKind('work', narration, title, null), words: title, extra: true }, place, rates)
  // The same extra told again has a new price.
  const before = toldBefore(laid, place.id, state)
  const same = before?.extra ? before : undefined
  const at = { subject: 'line' as const, subjectId: same?.id ?? newId(), placeId: place.id }
  return {
    kind: 'work',
    says: `An extra to be asked, ${printMoney(price)}: ${lower(title)}`,
    facts: [
      ...(same
        ? []
        : [{ ...at, facet: 'laid' as const, value: hours === undefined ? laid : { ...laid, hours, how: 'as told' } }]),
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
