import { object, string } from 'yup'
import { firmName, habits } from './firm'
import { mailAddress, oneLine } from './trimmed'

export const LEAST_LETTERS = 12

const newPassword = string()
  .min(LEAST_LETTERS, `Password: use at least ${LEAST_LETTERS} characters.`)
  .max(200, 'Password: use at most 200 characters.')
  .required(`Password: choose one of at least ${LEAST_LETTERS} characters.`)

const login = oneLine()
  .min(2, 'Sign-in name: use at least 2 characters.')
  .max(80, 'Sign-in name: use at most 80 characters.')
  .required('Sign-in name: type one.')
const personName = (none: string) => oneLine().max(80, 'Name: use at most 80 characters.').required(none)

/** A firm that begins, and its owner. */
export const newFirm = object({
  firm: firmName,
  name: personName('Name: type your name.'),
  login,
  password: newPassword,
  ...habits,
})

/** Somebody who works here from now on. */
export const newPerson = object({
  name: personName('Name: type theirs.'),
  login,
  password: newPassword,
  role: string().oneOf(['lead', 'crew'], 'Role: choose lead or crew.').required('Role: choose one.'),
})

/** Coming in. */
export const credentials = object({
  login: oneLine().max(80, 'Sign-in name: use at most 80 characters.').required('Sign-in name: type it.'),
  password: string().max(200, 'Password: use at most 200 characters.').required('Password: type it.'),
})

/** Another password of one's own. */
export const passwordChange = object({
  current: string().max(200, 'Present password: use at most 200 characters.').required('Present password: type it.'),
  password: newPassword,
})

/** A password that the owner gives to somebody. */
export const passwordReset = object({ password: newPassword })

/** Where somebody gets the morning mail; '' for nowhere. */
export const morning = object({ address: mailAddress('Mail address') })
