import { capital, lower } from '../lists/capital'
import { lengthIn, type Values } from './field'
import type { Quantity } from '../measure/quantity'
import type { Units } from '../measure/length'
import { effort, type PlaceToTreat } from '../scope/layTreatment'
import type { LineLaid } from '../scope/line'
import { risksOfWork } from '../scope/risksOfWork'
import { hoursPerUnit, type RateOverrides } from '../scope/rates'
import { calculationById } from '../takeoff/calculations'
import type { EntryKind, Following } from './entryKind'
import { outputsOf } from './sums'

/** What of a line in the scope tells whether it does some work already. */
type LineThere = Pick<LineLaid, 'placeId' | 'stage' | 'title' | 'own'>

/** The line of work that follows from an entry.
 * @param words those that told the entry; '' where it was typed
 * @param setting the lines in the scope, and the firm's own rates
 * @returns null where it lays none, or a line of its place does the same already */
export function lineFollowing(
  kind: EntryKind,
  values: Values,
  words: string,
  place: Pick<PlaceToTreat, 'id' | 'name'> & Partial<Pick<PlaceToTreat, 'kind'>>,
  { lines, units, rates = {} }: { lines: readonly LineThere[]; readonly units: Units; readonly rates?: RateOverrides },
): LineLaid | null {
  const work = kind.lays?.(values, words, units)
  if (!work || lines.some((line) => line.placeId === place.id && isTheSame(line, work))) return null
  const { amount, hours, ...rest } = work
  return {
    placeId: place.id,
    ...rest,
    basis: 'once',
    quantity: amount ?? { value: 1, unit: 'each' },
    how: amount || hours ? 'as told' : 'an hour or two, until somebody says more',
    rough: !amount && !hours,
    hours: hours ?? (amount ? effort(amount.value, hoursPerUnit(work.rate, rates)) : effort(1, 2)),
    own: true,
    ...risksOfWork(work, place),
  }
}

/** Whether a line does what follows from an entry: all of its stage, or the same thing in words of somebody's own. */
const isTheSame = (line: LineThere, work: Following): boolean =>
  line.stage === work.stage &&
  (!line.own ||
    named(line.title) === named(work.title) ||
    nounsOf(line.title).some((noun) => nounsOf(work.title).includes(noun)))

/** A title without what it is of and how often: 'paint the rear face' of 'Paint the rear face, rough render, two coats'. */
const named = (title: string): string => title.toLowerCase().split(',')[0]!

/** Words that name things: not what is done to them, nor how many there are. */
const nounsOf = (title: string): string[] =>
  (named(title).match(/\p{L}{4,}/gu) ?? []).filter((word) => !NO_NOUN.test(word))
const NO_NOUN =
  /^(?:paint(?:ed|ing)?|seal(?:ed)?|clad|mend(?:ed)?|frame[ds]?|pour(?:ed)?|with|from|that|this|they|them|their|takes?|gets?|both|sides?|coats?|three|four|five|over|under|behind|colou?rs?|face|faces|wall|walls|side|rear|front|left|right|street|garden|rotten)$/

/** A name with an article, where it takes one: 'the rough render', 'four rear columns', 'behind the neighbour’s wall'. */
export const theNamed = (name: unknown): string => {
  // A name that goes on as a sentence ends before its verb.
  const words = lower(
    String(name)
      .trim()
      .replace(/(?:['’]s)? (?:is|are|was|were|going|isn['’]t|aren['’]t|will)\b.*$/i, ''),
  )
  return /^(?:the|an?|one|our|their|his|her|all|both|each|two|three|four|five|six|seven|eight|nine|ten|\d+|behind|under|above|along|beside|at|in|on|over) /.test(
    words,
  )
    ? words
    : `the ${words}`
}

/** 'Paint the rough render': what is done to something that has a name; what names its own doing stands alone. */
export const doneTo = (verb: string, name: unknown): string =>
  /^\p{L}{4,}ing\b/u.test(String(name)) || String(name).toLowerCase().startsWith(verb.toLowerCase())
    ? capital(String(name))
    : `${verb} ${theNamed(name)}`

/** A figure of a sum as an amount, the upper end of a range; none where the sum lacks something or comes to nothing. */
export function amountBy(
  sum: string,
  output: string,
  unit: Quantity['unit'],
  values: Values,
  units: Units,
): { readonly amount?: Quantity } {
  const figure = outputsOf(sum, values, units)?.[output]
  const value = typeof figure === 'object' ? figure.high : Number(figure)
  const inMillimetres = calculationById(sum)!.outputs[output]!.unit === 'mm'
  return value > 0 ? { amount: { value: inMillimetres ? value / 1000 : value, unit } } : {}
}

/** The area of what is so long and so high. */
export function areaBy(values: Values, long: string, tall: string): { readonly amount?: Quantity } {
  const [a, b] = [lengthIn(values, long), lengthIn(values, tall)]
  return a && b ? { amount: { value: (a.tenths / 10_000) * (b.tenths / 10_000), unit: 'm2' } } : {}
}
