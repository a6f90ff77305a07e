import { SMALL_NUMBERS } from '../../measure/spokenNumber'
import { STAGES, type Stage } from '../../scope/vocabulary'
import { daysWords } from '../../calendar/day'
import { lower } from '../../lists/capital'
import { plain } from '../clauses'
import type { Whole } from './whole'

/** What a household can be without: as it is said, as it stands on record, and the work that takes and brings it. */
const SERVICES: readonly (readonly [RegExp, string, Stage, Stage])[] = [
  [/^kitchen\b/, 'Kitchen', 'strip-out', 'fixtures'],
  [/^(?:bath(?:room)?|shower|toilet|wc|loo)\b/, 'Bathroom', 'strip-out', 'fixtures'],
  [/^(?:hot |cold |running )*water\b/, 'Water', 'pipes', 'pipes'],
  [/^heat(?:ing)?\b/, 'Heating', 'pipes', 'fixtures'],
  [/^(?:power|electric(?:ity|s)?)\b/, 'Power', 'wires', 'wires'],
]
const LIMIT =
  /\b(?:(?:no|not) (?:more|longer) than|at (?:the )?most|at a time|max(?:imum)?|up to|(?:more|longer) than)\b/
const SO_LONG = /\b(\S+) (days?|weeks?)\b/

/** 'No more than five days without a kitchen', 'they can't be without the bath for more than a week': how long a household is
 * without something at most. */
export const withoutAtMost: Whole = ({ words, place, state, newId }) => {
  const said = plain(words)
  const after = /\bwithout (?:an? |the |their |any |her |his )?(.+)$/.exec(said)?.[1] ?? ''
  const service = SERVICES.find(([pattern]) => pattern.test(after))
  const [, number = '', unit = ''] = SO_LONG.exec(said) ?? []
  const count = /^\d+$/.test(number) ? Number(number) : /^an?$/.test(number) ? 1 : (SMALL_NUMBERS[number] ?? 0)
  if (!service || count === 0 || !LIMIT.test(said)) return null
  const [, what, takes, brings] = service
  const most = unit.startsWith('week') ? count * 7 : count
  const its = state.places.find(({ name }) => plain(name).includes(lower(what).slice(0, 4))) ?? place
  const values = { what, most: String(most), takes: STAGES[takes], brings: STAGES[brings] }
  return {
    kind: 'note',
    says: `${what}: ${daysWords(most)} without it at most`,
    facts: [
      {
        subject: 'entry',
        facet: 'written',
        subjectId: newId(),
        placeId: its?.id ?? null,
        value: { kind: 'without', values },
      },
    ],
  }
}
