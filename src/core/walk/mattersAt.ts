import { entryName } from '../entries/entry'
import type { SiteState } from './siteState'

/** Something on record that a photo or a pin can be about. */
export interface MatterAt {
  readonly id: string
  readonly words: string
}

/** What is on record at a place and still open, work first. */
export function mattersAt(state: SiteState, placeId: string): MatterAt[] {
  const here = <T extends { readonly placeId: string | null }>(all: readonly T[]): T[] =>
    all.filter((one) => one.placeId === placeId)
  return [
    ...here(state.lines).map(({ id, title }) => ({ id, words: title })),
    ...here(state.findings).flatMap(({ id, text, settled }) => (settled ? [] : [{ id, words: `Found: ${text}` }])),
    ...here(state.decisions).flatMap(({ id, question, answer }) =>
      answer === null ? [{ id, words: `To decide: ${question}` }] : [],
    ),
    ...here(state.selections).map(({ id, what }) => ({ id, words: `To choose: ${what}` })),
    ...here(state.keeps).flatMap(({ id, text, released }) => (released ? [] : [{ id, words: `Stays: ${text}` }])),
    ...here(state.entries).map((entry) => ({ id: entry.id, words: entryName(entry) })),
  ]
}
