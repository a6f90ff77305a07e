import { string } from 'yup'

/** Letters that nobody sees and that mean something to a machine: all controls but the line break and the tab. */
const UNSEEN = /[^\P{Cc}\n\t\u0085]|\ufeff/gu
const LINE_BREAKS = /\s*[\r\n\u0085\u2028\u2029\t]+\s*/g

const read = (clean: (value: string) => string) =>
  string()
    .transform((value: unknown) => (typeof value === 'string' ? clean(value) : value))
    .typeError(({ path }: { path: string }) => `${path || 'Text'}: write words.`)

/** Words without the blanks around them, in as many lines as they were written. Lists and objects are refused in words, where
 * yup's own trim would fail. */
export const trimmed = () => read((value) => value.replace(/\r\n?/g, '\n').replace(UNSEEN, '').trim())

/** A name or a label: one line, whatever was pasted. */
export const oneLine = () => read((value) => value.replace(LINE_BREAKS, ' ').replace(UNSEEN, '').trim())

const MAIL = /^[^\s@<>(),;:"\\[\]]+@[a-z0-9](?:[a-z0-9-]*[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]*[a-z0-9])?)+$/i
const LEAST_DIGITS = 5

/** A mail address; '' for none. */
export const mailAddress = (label: string) =>
  oneLine()
    .max(120, `${label}: use at most 120 characters.`)
    .test('mail', `${label}: write a mail address like name@example.com.`, (value) => !value || MAIL.test(value))
    .default('')

/** How somebody is reached: a mail address, or else a telephone number; '' where nobody knows. */
export const contact = (label: string) =>
  oneLine()
    .max(120, `${label}: use at most 120 characters.`)
    .test(
      'reaches',
      `${label}: write a mail address like name@example.com, or a telephone number.`,
      (value) => !value || (value.includes('@') ? MAIL.test(value) : value.replace(/\D/g, '').length >= LEAST_DIGITS),
    )
    .default('')
