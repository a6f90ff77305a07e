import { number } from 'yup'

/** A temperature in whole °C, or none.
 * @param name of the field, for what is wrong with it */
export const degrees = (name: string) => {
  const mend = `${name}: whole degrees, from -60 to 60.`
  return number().typeError(mend).integer(mend).min(-60, mend).max(60, mend)
}
