import { readNumber } from '../../measure/spokenNumber'
import { minor, type Minor } from '../../measure/money'
import type { Units } from '../../measure/length'
import { runCalculation } from '../runCalculation'
import { withStandards, type Standards } from '../standards'
import { change } from './change'

/** The parts of a price as somebody said them, in the words of C-42's inputs. */
export interface ChangeSaid {
  readonly told: Readonly<Record<string, string>>
  /** How many hours of work. */
  readonly hours: number
  /** Where the first of its figures or their name stands among the words. */
  readonly from: number
}

const PRICE = /^(?:at|for)$/

/** Reads what a change takes from words: 'material 96 and six hours at 58', '38 and four hours at 52'.
 * @param words in small letters, without stops
 * @returns null where no hours at a price are told */
export function changeSaid(words: readonly string[]): ChangeSaid | null {
  const hoursAt = words.findIndex((word) => /^hours?$/.test(word))
  const [hours, rate] = [
    numberBefore(words, hoursAt),
    PRICE.test(words[hoursAt + 1] ?? '') ? readNumber(words, hoursAt + 2) : null,
  ]
  if (hoursAt < 1 || !hours || !rate) return null
  const joined = words[hours.from - 1] === 'and' ? hours.from - 1 : hours.from
  const named = words.findIndex((word) => /^materials?$/.test(word))
  const after = named < 0 ? null : readNumber(words, named + 1)
  const material = after ? { value: after.value, from: named } : numberBefore(words, joined)
  return {
    told: {
      hours: String(hours.value),
      rate: String(rate.value),
      ...(material ? { material: String(material.value) } : {}),
    },
    hours: hours.value,
    from: Math.min(hours.from, material?.from ?? hours.from),
  }
}

/** The number that ends right before a word, the longest of those that do. */
function numberBefore(words: readonly string[], end: number): { value: number; from: number } | null {
  for (let from = Math.max(0, end - 4); from < end; from++) {
    const number = readNumber(words, from)
    if (number?.next === end && words[from] !== 'and') return { value: number.value, from }
  }
  return null
}

/** What a change comes to (C-42), with what the site sets for waste, overhead and tax. */
export const priceOfChange = ({ told }: Pick<ChangeSaid, 'told'>, units: Units, standards: Standards = {}): Minor =>
  minor(Number(runCalculation(withStandards(change, standards), told, units).outputs.price) * 100)
