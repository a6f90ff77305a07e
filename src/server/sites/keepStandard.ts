import { object, string } from 'yup'
import { checkFigure, isSenseKey } from '../../core/schedule/sense'
import { checkStandard } from '../../core/takeoff/usualFigures'
import { saveStandard } from '../../data/standards'
import type { Context } from '../context'
import { trimmed } from '../../schemas/trimmed'

const schema = object({
  site: string().nullable().default(null),
  key: string().required('Figure: say which.'),
  value: trimmed().max(40, 'Figure: use at most 40 characters.').default(''),
})

/** Sets a figure that the calculations use instead of the trade's usual one, for the firm or for one site; an empty one
 * goes back to the usual. */
export function keepStandard(context: Context, body: unknown): { kept: boolean } {
  context.requireLead()
  const { site, key, value } = schema.validateSync(body)
  // The firm's figures are read in each site's own units, so they are checked in both.
  const units = site === null ? (['metric', 'imperial'] as const) : [context.site(site).units]
  if (value !== '' && isSenseKey(key)) checkFigure(key, value)
  else if (value !== '') for (const one of units) checkStandard(key, value, one)
  saveStandard(context.db, site, key, value === '' ? null : value)
  return { kept: true }
}
