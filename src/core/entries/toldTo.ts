import type { CautionId } from '../cautions/cautionIds'
import type { Day } from '../calendar/day'
import type { Units } from '../measure/length'
import type { Standards } from '../takeoff/standards'
import type { RegisterEntry } from '../walk/siteState'
import { called, kindOf, knownValues, valueWords } from './entry'
import type { EntryKind } from './entryKind'
import { printValue, withoutMoney, type Field, type Values } from './field'
import { fieldsOf, sumSentences } from './sums'
import type { Listener, Telling, Told } from './telling'
import { capital } from '../lists/capital'
import { inOne } from '../lists/inOne'

const toldOf = (telling: Telling | Told): Told =>
  typeof telling === 'object' && 'says' in telling ? telling : { says: telling }

/** What one of them is told of one entry. */
export interface ToldFact {
  readonly id: string
  readonly placeId: string | null
  readonly group: EntryKind['group']
  /** The entry by its sort and name; '' where a sentence says it all. */
  readonly title: string
  readonly sentences: readonly string[]
  readonly care: readonly CautionId[]
  readonly part: string | null
}

/** How a fact is told: the units, the figures that stand instead of the trade's, and today. */
export interface Telltale {
  readonly units: Units
  readonly standards?: Standards
  readonly today?: Day
}

/** What a listener is told of an entry; null where nothing. Never money. */
export function toldTo(
  listener: Listener,
  entry: Pick<RegisterEntry, 'id' | 'kind' | 'placeId' | 'values' | 'taken'>,
  { units, standards = {}, today }: Telltale,
): ToldFact | null {
  const kind = kindOf(entry.kind)
  const telling = kind.tells[listener]
  if (telling === undefined) return null
  const { says, when, part = null, until } = toldOf(telling)
  if (when && !when(entry.values)) return null
  if (until && today && String(entry.values[until] ?? '9') < today) return null
  const fields = fieldsOf(kind)
  const known = knownValues(entry)
  const values = withoutMoney(fields, known)
  const head = { id: entry.id, placeId: entry.placeId, group: kind.group, part }
  if (typeof says === 'string' && says !== 'all')
    return { ...head, title: '', sentences: said(filled(says, fields, values, units)), care: [] }
  if (typeof says === 'function') return { ...head, title: '', sentences: said(says(values)), care: [] }
  const [name, ...rest] = fields
  const title = called(kind, kind.named?.(values) ?? printValue(name!, values[name!.key] ?? '', units))
  const care = kind.cautions?.(entry.values) ?? []
  if (says !== 'all') {
    const some = rest.filter(({ key }) => says.includes(key))
    return { ...head, title, sentences: valueWords(some, values, units, false), care }
  }
  return {
    ...head,
    title,
    sentences: [
      ...valueWords(rest, values, units, false),
      ...(kind.reckon?.(values, units, standards) ?? []),
      ...sumSentences(kind, known, units, false, standards),
    ],
    care,
  }
}

/** What a listener is told of many entries: of what is open, and of what stands until it is removed. */
export const toldOfAll = (listener: Listener, entries: readonly RegisterEntry[], how: Telltale): ToldFact[] =>
  entries.flatMap((entry) => (entry.settled === null ? (toldTo(listener, entry, how) ?? []) : []))

/** A fact in one line. */
export const factLine = ({ title, sentences }: Pick<ToldFact, 'title' | 'sentences'>): string =>
  title === '' ? sentences.join(' ') : inOne([title, ...sentences])

const said = (sentence: string): string[] => (sentence === '' ? [] : [sentence])

/** A sentence with what was said in it. */
function filled(says: string, fields: readonly Field[], values: Values, units: Units): string {
  const value = (key: string): string | null => {
    const field = fields.find((one) => one.key === key)!
    const told = values[key]
    return told === undefined || told === '' ? null : printValue(field, told, units)
  }
  const put = (text: string): string | null => {
    let whole = true
    const words = text.replace(/\{(\w+)\}/g, (_, key: string) => {
      const told = value(key)
      whole &&= told !== null
      return told ?? ''
    })
    return whole ? words : null
  }
  const sentence = put(says.replace(/\[([^\]]*)\]/g, (_, part: string) => put(part) ?? '')) ?? ''
  return capital(sentence).replace(/([.!?])\.(?=\s|$)/g, '$1')
}
