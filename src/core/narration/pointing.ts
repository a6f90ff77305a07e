import { MATERIAL } from './lexicon'

const POINTING =
  /^(?:it|they|them|that|this|those|these|ones?|there|he|she|we|i|you|nothing|nobody|everything|all|both|rest|what|which|who|some|none|neither|half|most|same|lot|other|another|still|now|then|just|also|and|but|so|not|bit|part|side|top|bottom|left|right|first|second|third|back|front|lower|upper|last|two|three|four|five|six|seven|eight|nine|ten|work|job|replacement|colou?r|shade|finish|size|price|new|couple|pair|few|more|only|whole|lead|delivery|in|on|up|down|out)$/

/** A subject that is no thing of ours ('scaffold stays', 'the plumber comes'): what follows is not about the thing before. */
export const namesAnother = (norm: string): boolean => {
  const subject =
    /^(?:the |that |this |those |these |our |their |an? |old |new |big |little )*([a-z]+)(?: [a-z]+)? (?:is|are|was|were|stays?|remains?|has|have|comes?|needs?|wants?|gets?|starts?|will)\b/.exec(
      norm,
    )?.[1]
  return subject !== undefined && !POINTING.test(subject) && !MATERIAL.test(subject)
}

/** Words that point back at the thing named before. */
export const ANAPHORA =
  /\b(?:it|them|those|these|that one|this one|the other one|the top one|the bottom one|ones?|that side|this side|the lot|another|the same|the rest|an? \w+ inch)\b|^(?:but |and )?(?:has|have) not (?:yet )?been\b/
