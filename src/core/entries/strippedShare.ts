import type { NamedPlace, PlacedEntry } from './entryKind'

export const STAYS_FOR_NOW = 'stays for the time being'

export interface StrippedShare {
  /** Hours of work done, of all hours of what is listed. */
  readonly done: number
  readonly all: number
  /** The same without what is to stay for the time being. */
  readonly allWithoutStaying: number
  /** Elements without hours: they cannot be weighed. */
  readonly unweighed: readonly string[]
}

/** How far a place is stripped, by the quantity of each element and weighed by its hours (C-41).
 * @param entries what is stripped there; `done` of `amount` is out, a settled one whole */
export function strippedShare(entries: readonly PlacedEntry[]): StrippedShare {
  const weighed = entries.filter(({ values }) => Number(values.hours) > 0)
  const hours = (some: readonly PlacedEntry[]): number =>
    some.reduce((sum, { values }) => sum + Number(values.hours), 0)
  return {
    done: weighed.reduce((sum, one) => sum + Number(one.values.hours) * shareOut(one), 0),
    all: hours(weighed),
    allWithoutStaying: hours(weighed.filter(({ values }) => values.salvage !== STAYS_FOR_NOW)),
    unweighed: entries.filter((one) => !weighed.includes(one)).map(({ values }) => String(values.element)),
  }
}

function shareOut({ values, settled }: PlacedEntry): number {
  if (settled) return 1
  const amount = Number(values.amount ?? 0)
  return amount > 0 ? Math.min(1, Number(values.done ?? 0) / amount) : 0
}

/** One sentence a place: how far it is by quantity, and what could not be weighed. */
export function strippedSentences(entries: readonly PlacedEntry[], places: readonly NamedPlace[]): string[] {
  return places.flatMap(({ id, name }) => {
    const here = entries.filter(({ placeId }) => placeId === id)
    const { done, all, allWithoutStaying, unweighed } = strippedShare(here)
    if (all === 0) return []
    const staying =
      allWithoutStaying < all && allWithoutStaying > 0
        ? `; ${percent(done, allWithoutStaying)} of ${tenth(allWithoutStaying)} without what stays for the time being`
        : ''
    const rest = unweighed.length > 0 ? ` Without hours, so not counted: ${unweighed.join(', ')}.` : ''
    return [`${name}: ${percent(done, all)} out by quantity (${tenth(done)} of ${tenth(all)} hours)${staying}.${rest}`]
  })
}

const tenth = (hours: number): string => String(Math.round(hours * 10) / 10)
const percent = (part: number, of: number): string => `${tenth((100 * part) / of)} %`
