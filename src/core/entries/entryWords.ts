import { CAUTIONS, type Caution } from '../cautions/cautions'
import type { Units } from '../measure/length'
import type { Standards } from '../takeoff/standards'
import type { Sketch } from '../sketches/sketch'
import type { RegisterEntry } from '../walk/siteState'
import { kindOf, knownValues, valueWords } from './entry'
import type { EntryKind } from './entryKind'
import { printValue, readValues, withoutMoney, type Values } from './field'
import { entrySketch, fieldsOf, sumSentences } from './sums'

/** Reads a filled sheet of a register.
 * @throws ImpossibleRequest whose `field` names what is missing, unreadable or cannot be true */
export function readEntry(kind: EntryKind, typed: (key: string) => string, units: Units): Values {
  const values = readValues(fieldsOf(kind), typed, units)
  kind.check?.(values)
  return values
}

/** An entry in words: its name, what else it tells, what follows from it, and what can hurt somebody. */
export interface EntryWords {
  readonly title: string
  readonly details: readonly string[]
  readonly reckoned: readonly string[]
  readonly cautions: readonly Caution[]
  /** Drawn from its figures, where that shows more than words. */
  readonly sketch: Sketch | null
}

/** @param money whether the reader may see money and contacts
 * @param standards what the site sets instead of the trade's usual figures */
export function entryWords(
  entry: Pick<RegisterEntry, 'kind' | 'values' | 'taken'>,
  units: Units,
  money: boolean,
  standards: Standards = {},
): EntryWords {
  const kind = kindOf(entry.kind)
  const fields = fieldsOf(kind)
  const [name, ...rest] = fields
  const known = knownValues(entry)
  const values = money ? known : withoutMoney(fields, known)
  return {
    title: printValue(name!, entry.values[name!.key] ?? '', units),
    details: valueWords(rest, known, units, money),
    reckoned: [
      ...(kind.reckon?.(values, units, standards) ?? []),
      ...sumSentences(kind, known, units, money, standards),
    ],
    sketch: entrySketch(kind, known, units),
    cautions: (kind.cautions?.(entry.values) ?? []).map((id) => CAUTIONS[id]),
  }
}
