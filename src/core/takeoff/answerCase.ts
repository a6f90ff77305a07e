import { ImpossibleRequest } from '../errors/impossibleRequest'
import { calculationById, CALCULATIONS } from './calculations'
import { runCalculation, type Reckoned } from './runCalculation'

export type CaseAnswer =
  | ({ readonly id: unknown } & Pick<Reckoned, 'outputs' | 'steps' | 'warnings'>)
  | { readonly id: unknown; readonly error: { readonly field: string; readonly message: string } }

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Answers one case: `{ id, calc, inputs }`, with `units` ('metric' or 'imperial') among the inputs or beside them. What
 * cannot be reckoned is answered with the field and the mend. */
export function answerCase(told: unknown): CaseAnswer {
  const id = isObject(told) ? (told.id ?? null) : null
  const error = (field: string, message: string): CaseAnswer => ({ id, error: { field, message } })
  if (!isObject(told)) return error('case', 'Case: write it as {"id", "calc", "inputs"}.')
  const calculation = typeof told.calc === 'string' ? calculationById(told.calc) : undefined
  if (!calculation)
    return error(
      'calc',
      `Calculation: ${String(told.calc)} is none of ${CALCULATIONS.map((one) => one.id).join(', ')}.`,
    )
  const inputs = told.inputs ?? {}
  if (!isObject(inputs)) return error('inputs', 'Inputs: write them as an object.')
  const units = inputs.units ?? told.units ?? 'metric'
  if (units !== 'metric' && units !== 'imperial') return error('units', 'Units: metric or imperial.')
  try {
    const { outputs, steps, warnings } = runCalculation(calculation, inputs, units, { strict: true })
    return { id, outputs, steps, warnings }
  } catch (caught) {
    if (caught instanceof ImpossibleRequest) return error(caught.field ?? 'inputs', caught.message)
    // One line that nobody foresaw is no reason to leave the lines after it without an answer.
    return error('inputs', `It cannot be reckoned from these figures: ${(caught as Error).message}`)
  }
}

/** Every calculation as data: its id, title, inputs with unit, kind and default, and outputs with unit. */
export const describeCalculations = () =>
  CALCULATIONS.map(({ id, title, inputs, outputs }) => ({
    id,
    title,
    inputs: Object.entries(inputs).map(([key, one]) => ({ key, ...one })),
    outputs: Object.entries(outputs).map(([key, one]) => ({ key, ...one })),
  }))
