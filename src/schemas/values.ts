import { boolean, number, object, ref, string } from 'yup'
import { PRECISIONS } from '../core/measure/length'
import { oneLine, trimmed } from './trimmed'

export const keysOf = (record: object): string[] => Object.keys(record)
/** What holds at most so many letters is a name or a label, and stands in one line. */
const MOST_OF_A_LABEL = 200
export const text = (name: string, most: number) =>
  (most <= MOST_OF_A_LABEL ? oneLine() : trimmed()).max(most, `${name}: use at most ${most} characters.`)
export const needed = (name: string, most = 400) => text(name, most).required(`${name}: type something.`)
export const oneOf = (name: string, keys: readonly string[]) =>
  string()
    .oneOf([...keys], `${name}: choose one of the list.`)
    .required(`${name}: choose one.`)
export const percent = number()
  .integer('Progress: whole per cent.')
  .min(0, 'Progress: from 0 to 100.')
  .max(100, 'Progress: from 0 to 100.')
  .required('Progress: say how far.')
export const money = number()
  .integer('Price: whole cents.')
  .min(0, 'Price: 0 or more.')
  .max(1e11)
  .required('Price: write an amount.')
export const flag = boolean().required('Say yes or no.')
export const measured = object({
  tenths: number().integer().positive('Size: more than 0.').max(10_000_000, 'Size: at most 1 km.').required(),
  high: number().integer().moreThan(ref('tenths'), 'Size: the upper end is the greater one.').max(10_000_000),
  precision: oneOf('Precision', keysOf(PRECISIONS)),
  typed: needed('Size', 60),
})
