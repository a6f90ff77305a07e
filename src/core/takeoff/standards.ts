import type { Calculation } from './calculation'

/** What a firm or a site has set instead of the trade's usual figures, as it was typed: `{ 'C-32/waste': '12' }`. */
export type Standards = Readonly<Record<string, string>>

/** What was set of one calculation alone. */
export const figuresOf = ({ id }: Calculation, standards: Standards): Standards =>
  Object.fromEntries(Object.entries(standards).filter(([key]) => key.startsWith(`${id}/`)))

/** A calculation whose usual figures are those that were set. */
export function withStandards(calculation: Calculation, standards: Standards): Calculation {
  const set = Object.entries(calculation.inputs).filter(([key]) => `${calculation.id}/${key}` in standards)
  if (set.length === 0) return calculation
  const inputs = Object.fromEntries(
    set.map(([key, one]) => [key, { ...one, default: standards[`${calculation.id}/${key}`]! }]),
  )
  return { ...calculation, inputs: { ...calculation.inputs, ...inputs } }
}
