/** Words that name no work and no thing. */
const EMPTY = /^(?:the|all|and|with|from|that|this|work|done|here|there|new|old|set|get|take|put|goes?|come)$/

/** The stems of words that name something, so that 'tiler', 'tiled' and 'tiles' are the same. */
export const stemsOf = (words: string): string[] =>
  (words.toLowerCase().match(/\p{L}{3,}/gu) ?? [])
    .filter((word) => !EMPTY.test(word))
    .map((word) => word.replace(/(?:ing|ers?|ped|ed|es|s|e)$/, ''))
