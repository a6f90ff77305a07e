import { addDays, dateOnly, type Day } from '../calendar/day'
import { groupBy } from '../lists/groupBy'
import { isUnordered } from './selection'
import type { SelectionRow } from './selectionRow'

/** What is to be ordered from one supplier, so that one call or one trip does it. */
export interface SupplierOrder {
  readonly supplier: string
  readonly rows: readonly SelectionRow[]
  /** The fewest days on which all of it can be ordered in time. */
  readonly calls: readonly OrderCall[]
  /** In a sentence: how many, of which sites, by when, and what has to be chosen before. */
  readonly words: string
}

/** One call or one trip: the last day for it, and what it settles. */
export interface OrderCall {
  readonly by: Day
  readonly what: readonly string[]
}

/** What falls due within so many days of the first is ordered with it. */
const TOGETHER_DAYS = 5

const NO_SUPPLIER = 'No supplier named yet'

/** Gathers what is not ordered yet by its supplier, the most pressing supplier first. What may not be ordered yet is left
 * out.
 * @param rows selections of any sites */
export function toOrder(rows: readonly SelectionRow[]): SupplierOrder[] {
  const open = rows.filter((row) => isOpen(row) && row.heldBack.length === 0)
  const suppliers = groupBy(open, (row) => row.supplier || NO_SUPPLIER)
  return [...suppliers]
    .map(([supplier, its]): SupplierOrder => {
      const calls = callsOf(its)
      return { supplier, rows: its, calls, words: wordsOf(its, calls) }
    })
    .sort((a, b) => ((a.calls[0]?.by ?? '9') < (b.calls[0]?.by ?? '9') ? -1 : 1))
}

/** What may not be ordered yet, the most pressing first. */
export const notYet = (rows: readonly SelectionRow[]): SelectionRow[] =>
  rows.filter((row) => isOpen(row) && row.heldBack.length > 0).sort((a, b) => a.pressing - b.pressing)

const isOpen = ({ state, bought }: SelectionRow): boolean => bought && (isUnordered(state) || state === 'wrong')

/** Gathers what falls due close together: from the most pressing on, everything of the next days goes with it. */
function callsOf(rows: readonly SelectionRow[]): OrderCall[] {
  const due = rows
    .flatMap(({ orderBy, what, place }) => (orderBy ? [{ by: orderBy, what: `${what}, ${place}` }] : []))
    .sort((a, b) => (a.by < b.by ? -1 : a.by > b.by ? 1 : 0))
  return due.reduce<OrderCall[]>((calls, one) => {
    const last = calls.at(-1)
    return last && one.by <= addDays(last.by, TOGETHER_DAYS)
      ? [...calls.slice(0, -1), { by: last.by, what: [...last.what, one.what] }]
      : [...calls, { by: one.by, what: [one.what] }]
  }, [])
}

function wordsOf(rows: readonly SelectionRow[], calls: readonly OrderCall[]): string {
  const sites = new Set(rows.map((row) => row.site))
  const undecided = rows.filter((row) => row.state === 'undecided').length
  return [
    `${rows.length === 1 ? '1 thing' : `${rows.length} things`} for ${sites.size === 1 ? [...sites][0]! : `${sites.size} sites`}`,
    ...(calls.length === 1 ? [`${calls[0]!.what.length > 1 ? 'in one call ' : ''}by ${dateOnly(calls[0]!.by)}`] : []),
    ...(calls.length > 1
      ? [`in ${calls.length} calls: ${calls.map(({ by, what }) => `${what.length} by ${dateOnly(by)}`).join(', ')}`]
      : []),
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
