import type { Note } from './observation'

const OPINIONS =
  /\b(?:i think|i['’]d say|i would say|i reckon|i feel|i (?:do not |don['’]t )?like|i prefer|i['’]d rather|in my (?:view|opinion)|to my mind|if you ask me|personally|looks (?:nice|good|better|wrong|odd|cheap)|(?:too )?(?:ugly|pretty|tasteful))\b/i

/** Words that begin as an opinion, and are one to their end. */
export const STRONG_OPINION =
  /^(?:well |so |and |but |honestly )*(?:i['’]d (?:say|guess)|i would (?:say|guess)|my guess|in my (?:view|opinion)|if you ask me|personally)\b/i

/** Whether words say what somebody thinks rather than what is there. */
export const isOpinion = (words: string): boolean => OPINIONS.test(words)

/** What sort of note it is: 'note', 'opinion', 'private note'. */
export const noteWords = ({ private: secret, opinion }: Pick<Note, 'private' | 'opinion'>): string =>
  [...(secret ? ['private'] : []), opinion ? 'opinion' : 'note'].join(' ')
