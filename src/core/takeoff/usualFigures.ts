import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import type { Input } from './calculation'
import { CALCULATIONS, calculationById } from './calculations'
import { readInput, standardOf } from './readInputs'
import { UNIT_WORDS } from './unitWords'
import { usualWords } from './usualWords'

/** A usual figure that can be set otherwise. */
export interface Standard {
  /** `C-32/waste`. */
  readonly key: string
  readonly calculation: string
  readonly title: string
  readonly unit: string
  /** The trade's usual figure on a site in these units. */
  readonly usual: number | string
  /** The same with its unit, as such a site reads it. */
  readonly reads: string
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
              unit: UNIT_WORDS[one.unit]?.site[units] ?? one.unit,
              usual: standardOf(one, units)!,
              reads: usualWords(standardOf(one, units)!, one.unit, units),
            },
          ]
        : [],
    ),
  )

/** Refuses what cannot be a usual figure.
 * @param key as in the standards that a site sets
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
