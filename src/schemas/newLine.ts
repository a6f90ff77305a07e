import { array, boolean, number, object, string } from 'yup'
import { typedFigure } from './typed'

/** A figure as it is typed: nothing is none, a comma is a point. */
const typed = (mend: string) =>
  number()
    .transform((value, original: unknown) => typedFigure(value, original) ?? undefined)
    .typeError(mend)

/** A line of work in a few words, an extra with what it costs among them. */
export const newLine = object({
  placeId: string().required('Where: choose a place.'),
  text: string()
    .trim()
    .min(2, 'What: say it in a few words.')
    .max(300, 'What: use at most 300 characters.')
    .required('What: say it in a few words.'),
  extra: boolean().default(false),
  /** In the firm's currency. */
  price: typed('Price: write a number, like 1380.')
    .min(0, 'Price: write a number, like 1380.')
    .max(10_000_000, 'Price: that is too much to be one line.'),
  /** Of one person. */
  hours: typed('Hours: write a number, like 6.')
    .moreThan(0, 'Hours: write a number, like 6.')
    .max(2000, 'Hours: that is too much for one line.'),
})

/** Rows of a spreadsheet: what, hours, and of extras the price. Shown first, and kept when that is said. */
export const lineRows = object({
  placeId: string().required('Where: choose a place.'),
  extra: boolean().default(false),
  keep: boolean().default(false),
  rows: array(array(string().max(300, 'A cell holds at most 300 characters.').default('')).max(20).required())
    .min(1, 'Rows: paste at least one.')
    .max(200, 'Rows: at most 200 at once.')
    .required('Rows: paste at least one.'),
})
