import { dateOnly, type Day } from '../calendar/day'
import { groupBy } from '../lists/groupBy'
import { isUnordered } from './selection'
import type { SelectionRow } from './selectionRow'

/** What is to be ordered from one supplier, so that one call or one trip does it. */
export interface SupplierOrder {
  readonly supplier: string
  readonly rows: readonly SelectionRow[]
  /** The day by which the first of it must be ordered. */
  readonly first: Day | null
  /** In a sentence: how many, of which sites, by when, and what has to be chosen before. */
  readonly words: string
}

const NO_SUPPLIER = 'No supplier named yet'

/** Gathers what is not ordered yet by its supplier, the most pressing supplier first.
 * @param rows selections of any sites */
export function toOrder(rows: readonly SelectionRow[]): SupplierOrder[] {
  const open = rows.filter((row) => isUnordered(row.state) || row.state === 'wrong')
  const suppliers = groupBy(open, (row) => row.supplier || NO_SUPPLIER)
  return [...suppliers]
    .map(([supplier, its]): SupplierOrder => {
      const days = its.flatMap((row) => row.orderBy ?? []).sort()
      const first = days[0] ?? null
      return { supplier, rows: its, first, words: wordsOf(its, first) }
    })
    .sort((a, b) => ((a.first ?? '9') < (b.first ?? '9') ? -1 : 1))
}

function wordsOf(rows: readonly SelectionRow[], first: Day | null): string {
  const sites = new Set(rows.map((row) => row.site))
  const undecided = rows.filter((row) => row.state === 'undecided').length
  return [
    `${rows.length === 1 ? '1 thing' : `${rows.length} things`} for ${sites.size === 1 ? [...sites][0]! : `${sites.size} sites`}`,
    ...(first ? [`the first by ${dateOnly(first)}`] : []),
    ...(undecided > 0 ? [`${undecided} still to be chosen`] : []),
  ].join(', ')
}

/** The columns of the list as a file. */
export const ORDER_COLUMNS = [
  'supplier',
  'site',
  'place',
  'what',
  'choice',
  'state',
  'order_by',
  'needed_on',
  'lead_days_at_most',
  'amount',
] as const

/** The list as rows of a file, in the order of the suppliers. */
export const orderRows = (
  orders: readonly SupplierOrder[],
): Record<(typeof ORDER_COLUMNS)[number], string | number>[] =>
  orders.flatMap(({ supplier, rows }) =>
    rows.map((row) => ({
      supplier,
      site: row.site,
      place: row.place,
      what: row.what,
      choice: row.choice ?? '',
      state: row.state,
      order_by: row.orderBy ?? '',
      needed_on: row.neededOn ?? '',
      lead_days_at_most: row.leadDays[2],
      amount: row.toBuy.join(' '),
    })),
  )
