import type { Decision } from './observation'

/** Who can owe an answer, as the head of a sentence. */
export const ANSWERERS: Readonly<Record<Decision['owner'], string>> = {
  client: 'The client',
  designer: 'The designer',
  engineer: 'The engineer',
  us: 'We',
}

/** Who owes an answer, in words: `we answer`, `the client answers`. */
export const answersWords = (owner: Decision['owner']): string =>
  owner === 'us' ? 'we answer' : `the ${owner} answers`
