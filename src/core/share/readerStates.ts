/** How it stands with somebody who has to know, the most pressing first. */
export const READER_STATES = {
  changed: 'changed',
  answered: 'waits for you',
  unasked: 'not asked yet',
  remind: 'to remind',
  waits: 'waits for them',
  settled: 'up to date',
} as const
export type ReaderState = keyof typeof READER_STATES

const ORDER = Object.keys(READER_STATES) as readonly ReaderState[]

/** Sorts readers by how pressing they are. */
export const byPressure = (a: { readonly state: ReaderState }, b: { readonly state: ReaderState }): number =>
  ORDER.indexOf(a.state) - ORDER.indexOf(b.state)

/** The first state that holds, or up to date. */
export const firstState = (holds: Partial<Record<ReaderState, boolean>>): ReaderState =>
  ORDER.find((state) => holds[state]) ?? 'settled'
