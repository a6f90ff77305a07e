import type { Values } from './field'

/** Everybody outside the office who can be told something of the record. */
export const LISTENERS = [
  'crew',
  'trade',
  'next',
  'client',
  'tenant',
  'followers',
  'neighbours',
  'contractor',
  'designer',
  'engineer',
  'authority',
  'association',
  'street',
  'supplier',
  'driver',
  'set-up',
  'hand-over',
] as const
export type Listener = (typeof LISTENERS)[number]

/** What somebody is told of an entry: all of it, some of its fields, or a sentence in which `{field}` is what was said;
 * what stands in brackets is left out where a field in it says nothing. */
export type Telling = 'all' | readonly string[] | string | ((values: Values) => string)

/** A telling with what it hangs on. */
export interface Told {
  readonly says: Telling
  /** Only of entries that say so. */
  readonly when?: (values: Values) => boolean
  /** Where on their page it stands, where that has parts. */
  readonly part?: string
  /** Only while the day in this field is still to come. */
  readonly until?: string
}
export type Tells = Partial<Readonly<Record<Listener, Telling | Told>>>

/** What is built or done here is told to whoever stands in the room, and whoever does it. */
export const BUILT: Tells = { crew: 'all', trade: 'all' }
