import Papa from 'papaparse'
import { groupBy } from '../../core/lists/groupBy'
import { SELECTION_COLUMNS, selectionCells, selectionChanges } from '../../core/selections/selectionsFile'
import type { Context } from '../context'
import { fileAnswer } from '../http/fileAnswer'
import { Refusal } from '../refusal'
import { selectionsView } from '../views/selections'
import { recordFacts } from '../walk/recordFacts'

/** Facts that are recorded at once. */
const AT_ONCE = 200

/** All selections of one site, or of all, as a CSV file that can be brought back in. Cells that a spreadsheet would run are
 * written as words.
 * @throws Refusal 403 for crew */
export function selectionsFile(context: Context, siteId: string | null): Response {
  const { rows } = selectionsView(context, siteId)
  const text = Papa.unparse(selectionCells(rows), { columns: [...SELECTION_COLUMNS], escapeFormulae: true })
  return fileAnswer(text, 'text/csv; charset=utf-8', 'selections.csv')
}

/** What a selections file that came back changes; with `keep` it is taken, all of it or nothing.
 * @throws Refusal 422 where it is no table, with its line */
export function bringSelections(
  context: Context,
  siteId: string | null,
  bytes: Buffer,
  keep: boolean,
): { changes: string[]; problems: string[]; kept: boolean } {
  const { rows } = selectionsView(context, siteId)
  const { data, errors, meta } = Papa.parse<Record<string, string>>(new TextDecoder().decode(bytes), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const bad = errors.find(({ code }) => code !== 'UndetectableDelimiter')
  if (bad) throw new Refusal(422, `File: line ${(bad.row ?? 0) + 2} is not a row of the table. ${bad.message}.`, 'file')
  const { changes, problems } = selectionChanges(rows, data, meta.fields ?? [])
  const kept = keep && problems.length === 0 && changes.length > 0
  if (kept)
    context.db.transaction(() => {
      for (const [id, its] of groupBy(changes, ({ row }) => row.siteId))
        for (let at = 0; at < its.length; at += AT_ONCE)
          recordFacts(context, id, {
            facts: its.slice(at, at + AT_ONCE).map(({ row, facet, value }) => ({
              subject: 'selection',
              subjectId: row.id,
              placeId: row.placeId,
              facet,
              value,
            })),
          })
    })()
  return { changes: changes.map(({ words }) => words), problems: [...problems], kept }
}
