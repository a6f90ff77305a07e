import { array, boolean, object, string } from 'yup'
import { oneLine } from './trimmed'

const name = (what: string) => oneLine().max(40, `${what}: use at most 40 characters.`).default('')

/** Which places are laid out again, what the unit and its twin are called, and what is different there, typed a line each. */
export const unitCopy = object({
  placeIds: array(string().required())
    .transform((value: unknown, typed: unknown) => (typeof typed === 'string' ? [typed] : typed === false ? [] : value))
    .default([]),
  of: name('This one'),
  name: name('The other'),
  mirrored: boolean().default(false),
  differences: array(oneLine().max(200, 'What is different: at most 200 characters a line.').defined())
    .transform((value: unknown, typed: unknown) => (typeof typed === 'string' ? typed.split('\n') : value))
    .max(40, 'What is different: at most 40 lines.')
    .default([]),
})
