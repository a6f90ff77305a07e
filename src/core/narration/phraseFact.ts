import type { NewFact } from '../walk/observation'
import type { LineKind } from './line'
import { phraseKey } from './phrases'

/** What keeps what some words mean: the same words again change it. */
export const phraseFact = (words: string, kind: LineKind): NewFact => ({
  subject: 'phrase',
  facet: 'meant',
  subjectId: phraseKey(words).slice(0, 80),
  placeId: null,
  value: { words, kind },
})
