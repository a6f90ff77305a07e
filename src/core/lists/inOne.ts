/** Sentences as one, without its stop: `Fall 2 %; runs to the street`. */
export const inOne = (sentences: readonly string[]): string =>
  sentences.map((sentence) => sentence.replace(/\.$/, '')).join('; ')
