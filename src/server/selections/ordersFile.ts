import Papa from 'papaparse'
import { ORDER_COLUMNS, orderRows, toOrder } from '../../core/selections/toOrder'
import type { Context } from '../context'
import { fileAnswer } from '../http/fileAnswer'
import { selectionsView } from '../views/selections'

/** What is to be ordered, of one site or of all, as a CSV file for those who deliver it. Cells that a spreadsheet would run are written as words.
 * @throws Refusal 403 for crew */
export function ordersFile(context: Context, siteId: string | null): Response {
  const { rows } = selectionsView(context, siteId, 'trade')
  const text = Papa.unparse(orderRows(toOrder(rows)), { columns: [...ORDER_COLUMNS], escapeFormulae: true })
  return fileAnswer(text, 'text/csv; charset=utf-8', 'to-order.csv')
}
