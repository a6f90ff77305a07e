import { minor, printMoney } from '../measure/money'
import type { Units } from '../measure/length'
import { printerFor, type Printer } from '../takeoff/printer'
import { up } from '../takeoff/calculation'
import type { Standards } from '../takeoff/standards'
import type { RegisterEntry } from '../walk/siteState'
import { kindOf, knownValues } from './entry'
import { ENTRY_KINDS } from './entryKinds'
import type { EntryKind, Total } from './entryKind'
import { sumOf } from './sums'
import { ImpossibleRequest } from '../errors/impossibleRequest'

/** What all open entries of one kind come to on a site, of one thing. */
export interface SiteTotal {
  readonly kind: EntryKind
  readonly places: number
  readonly sentence: string
}

/** How a total is told in its unit. */
const TOLD: Readonly<Record<Total['unit'], (value: number, p: Printer) => string>> = {
  pieces: (value) => String(up(value)),
  L: (value, p) => p.liquid(value),
  m2: (value, p) => p.area(value),
  m3: (value, p) => p.volume(value),
  mm: (value, p) => p.len(value),
  money: (value) => printMoney(minor(value * 100)),
}

/** The sums that are taken at several places, added up for the site: one order from them. Added unrounded, rounded once.
 * @param concerns which entries count; all of them where it is not said
 * @param seesMoney whether sums of money are told too */
export function siteTotals(
  entries: readonly RegisterEntry[],
  units: Units,
  standards: Standards = {},
  concerns: (entry: RegisterEntry) => boolean = () => true,
  seesMoney = false,
): SiteTotal[] {
  return ENTRY_KINDS.flatMap((kind) => {
    const total = kind.sum?.total
    if (!total || (total.unit === 'money' && !seesMoney)) return []
    const groups = new Map<string, { places: number; low: number; high: number }>()
    for (const entry of entries) {
      if (entry.kind !== kind.id || entry.settled !== null || !concerns(entry)) continue
      const figure = figureOf(entry, total, units, standards)
      if (!figure) continue
      const of = total.by ? String(valueWords(entry, total.by)).trim() : ''
      const before = groups.get(of) ?? { places: 0, low: 0, high: 0 }
      groups.set(of, { places: before.places + 1, low: before.low + figure[0], high: before.high + figure[1] })
    }
    return [...groups].map(([of, sum]) => ({
      kind,
      places: sum.places,
      sentence: sentenceOf(total, of, sum, printerFor(units)),
    }))
  })
}

const valueWords = (entry: RegisterEntry, key: string): string => {
  const value = knownValues(entry)[key]
  return typeof value === 'object' ? value.typed : String(value ?? '')
}

function figureOf(
  entry: RegisterEntry,
  total: Total,
  units: Units,
  standards: Standards,
): readonly [number, number] | null {
  try {
    const figure = sumOf(kindOf(entry.kind), knownValues(entry), units, standards)?.outputs[total.output]
    if (figure === undefined || typeof figure === 'string') return null
    return typeof figure === 'number' ? [figure, figure] : [figure.low, figure.high]
  } catch (error) {
    // What a sum still lacks is said at its entry.
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
}

function sentenceOf(
  { words, unit }: Total,
  of: string,
  { places, low, high }: { readonly places: number; readonly low: number; readonly high: number },
  p: Printer,
): string {
  const told = TOLD[unit]
  const [least, most] = [told(low, p), told(high, p)]
  const amount = least === most ? most : `${least} to ${most}`
  return `${words}${of ? `, ${of}` : ''}: ${amount}${places > 1 ? `, ${places} sums together` : ''}.`
}
