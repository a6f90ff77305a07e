import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import type { Calculation, Input } from './calculation'
import { CALCULATIONS, calculationById } from './calculations'
import { readInput, standardOf } from './readInputs'

/** What a firm or a site has set instead of the trade's usual figures, as it was typed: `{ 'C-32/waste': '12' }`. */
export type Standards = Readonly<Record<string, string>>

/** A usual figure that can be set otherwise. */
export interface Standard {
  /** `C-32/waste`. */
  readonly key: string
  readonly calculation: string
  readonly title: string
  readonly unit: string
  /** The trade's usual figure on a site in these units. */
  readonly usual: number | string
}

const mayBeSet = ({ kind, default: usual }: Input): boolean =>
  usual !== undefined && usual !== 0 && kind !== 'choice' && kind !== 'day'

/** Every usual figure of every calculation, in the order of the calculations. */
export const standardsOf = (units: Units): Standard[] =>
  CALCULATIONS.flatMap(({ id, title, inputs }) =>
    Object.entries(inputs).flatMap(([key, one]) =>
      mayBeSet(one)
        ? [
            {
              key: `${id}/${key}`,
              calculation: title,
              title: one.title,
              unit: one.unit,
              usual: standardOf(one, units)!,
            },
          ]
        : [],
    ),
  )

/** A calculation whose usual figures are those that were set. */
export function withStandards(calculation: Calculation, standards: Standards): Calculation {
  const set = Object.entries(calculation.inputs).filter(([key]) => `${calculation.id}/${key}` in standards)
  if (set.length === 0) return calculation
  const inputs = Object.fromEntries(
    set.map(([key, one]) => [key, { ...one, default: standards[`${calculation.id}/${key}`]! }]),
  )
  return { ...calculation, inputs: { ...calculation.inputs, ...inputs } }
}

/** Refuses what cannot be a usual figure.
 * @param key as in `Standards`
 * @param text as it was typed
 * @throws ImpossibleRequest naming what is unknown or unreadable */
export function checkStandard(key: string, text: string, units: Units): void {
  const [id, name] = key.split('/')
  const one = calculationById(id ?? '')?.inputs[name ?? '']
  if (!one || !mayBeSet(one))
    throw new ImpossibleRequest('unknown-standard', `${key} is no figure that can be set.`, 'key')
  const { low } = readInput(name!, one, /^[\d.,]+$/.test(text) ? Number(text.replace(',', '.')) : text, units)
  if (typeof low === 'number' && low < 0)
    throw new ImpossibleRequest('impossible-standard', `${one.title}: 0 or more.`, 'value')
}
