import type { Decision } from './observation'

/** Who owes an answer, in words: `we answer`, `the client answers`. */
export const answersWords = (owner: Decision['owner']): string =>
  owner === 'us' ? 'we answer' : `the ${owner} answers`
