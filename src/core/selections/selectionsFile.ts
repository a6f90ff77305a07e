import { parseDay, type Day } from '../calendar/day'
import { SELECTION_STATES, type SelectionState } from './selection'
import type { SelectionRow } from './selectionRow'

/** The columns of the selections as a file. The first four say which selection a row is about; those in CHANGED are taken
 * back in; the others are there to be read. */
export const SELECTION_COLUMNS = [
  'id',
  'site',
  'place',
  'what',
  'choice',
  'state',
  'supplier',
  'arrives',
  'order_by',
  'needed_on',
  'lead_days_at_most',
] as const
export type SelectionColumn = (typeof SELECTION_COLUMNS)[number]

const CHANGED = ['choice', 'state', 'supplier', 'arrives'] as const
type Changed = (typeof CHANGED)[number]
/** Longest choice and longest name of a supplier, in letters. */
const MOST: Readonly<Partial<Record<Changed, number>>> = { choice: 200, supplier: 80 }

/** The selections as rows of a file. */
export const selectionCells = (rows: readonly SelectionRow[]): Record<SelectionColumn, string | number>[] =>
  rows.map((row) => ({
    id: row.id,
    site: row.site,
    place: row.place,
    what: row.what,
    choice: row.choice ?? '',
    state: row.state,
    supplier: row.supplier,
    arrives: row.arrives ?? '',
    order_by: row.orderBy ?? '',
    needed_on: row.neededOn ?? '',
    lead_days_at_most: row.leadDays[2],
  }))

/** One thing that a file changes. */
export interface SelectionChange {
  readonly row: Pick<SelectionRow, 'id' | 'siteId' | 'placeId'>
  readonly facet: Changed
  readonly value: string
  readonly words: string
}

export interface SelectionChanges {
  readonly changes: readonly SelectionChange[]
  /** What is wrong with the file, each with its line, its column and what to do; nothing is taken where there is any. */
  readonly problems: readonly string[]
}

/** What a file that came back would change. A selection is found by its id, or by site, place and what; an empty cell
 * leaves what stands. Other columns are not looked at.
 * @param cells the rows of the file under the names of its first line
 * @param columns the names of its first line */
export function selectionChanges(
  rows: readonly SelectionRow[],
  cells: readonly Readonly<Record<string, string>>[],
  columns: readonly string[],
): SelectionChanges {
  const found = columns.includes('id') || ['site', 'place', 'what'].every((name) => columns.includes(name))
  if (!found)
    return { changes: [], problems: ['Line 1: name the column id, or the three columns site, place and what.'] }
  if (!CHANGED.some((name) => columns.includes(name)))
    return { changes: [], problems: [`Line 1: name a column to take in: ${CHANGED.join(', ')}.`] }
  const told = new Map<string, number>()
  const read = cells.map((line, i) => changesOf(rows, line, i + 2, told))
  return { changes: read.flatMap(({ changes }) => changes), problems: read.flatMap(({ problems }) => problems) }
}

function changesOf(
  rows: readonly SelectionRow[],
  line: Readonly<Record<string, string>>,
  number: number,
  /** The line on which each selection stood already, by its id. */
  told: Map<string, number>,
): SelectionChanges {
  const named = (column: string): string => plain(line[column] ?? '')
  const row = rows.find((one) =>
    named('id') ? one.id === named('id') : (['site', 'place', 'what'] as const).every((key) => one[key] === named(key)),
  )
  if (!row) {
    const what = named('id') || ['site', 'place', 'what'].map(named).filter(Boolean).join(', ')
    return { changes: [], problems: [`Line ${number}: no selection is called ${what || 'nothing'}.`] }
  }
  if (told.has(row.id))
    return {
      changes: [],
      problems: [
        `Line ${number}: ${row.what}, ${row.place} stands on line ${told.get(row.id)} too. Leave one of them.`,
      ],
    }
  told.set(row.id, number)
  const changes: SelectionChange[] = []
  const problems: string[] = []
  for (const facet of CHANGED) {
    const text = named(facet)
    if (text === '') continue
    const read = valueOf(facet, text)
    if (read === null) problems.push(`Line ${number}, ${facet}: ${wrong(facet, text)}`)
    else if (read !== (row[facet] ?? ''))
      changes.push({
        row,
        facet,
        value: read,
        words: `${row.what}, ${row.place}, ${row.site}: ${facet} ${said(facet, read)}${row[facet] ? `, was ${said(facet, row[facet])}` : ''}.`,
      })
  }
  return { changes, problems }
}

/** A cell as it was typed: what was written as words, so that a spreadsheet would not run it, loses its mark. */
const plain = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r])/, '')

const said = (facet: Changed, value: string): string =>
  facet === 'state' ? SELECTION_STATES[value as SelectionState].toLowerCase() : value

/** What a cell says, or null where it cannot be that. */
function valueOf(facet: Changed, text: string): string | null {
  if (text.length > (MOST[facet] ?? 200)) return null
  if (facet === 'state') {
    const wanted = text.toLowerCase()
    const keys = Object.keys(SELECTION_STATES) as SelectionState[]
    return keys.find((key) => key === wanted || SELECTION_STATES[key].toLowerCase() === wanted) ?? null
  }
  return facet === 'arrives' ? dayIn(text) : text
}

function dayIn(text: string): Day | null {
  try {
    return parseDay(text)
  } catch {
    // Said by the caller with its line.
    return null
  }
}

function wrong(facet: Changed, text: string): string {
  if (facet === 'state')
    return `"${text}" is none of ${Object.values(SELECTION_STATES)
      .map((state) => state.toLowerCase())
      .join(', ')}.`
  if (facet === 'arrives') return `"${text}" is not a day. Write it as year-month-day, like 2026-03-10.`
  return `use at most ${MOST[facet]} characters.`
}
