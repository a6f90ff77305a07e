import type { Whole } from './whole'

/** A stain that is seen, not one that is brushed on: with what it looks like before it, or where it is behind it. */
const SEEN =
  /\b(?:(?:an?|another|some|there (?:is|are)|has|have|water|damp|wet|brown|yellow|dark|rust|rusty|old|new|fresh|small|big|large|faint) stain(?:s|ing)?\b|^(?:the )?stain(?:s|ing)? (?:on|at|under|over|by|above|around|in|near|below|behind|beside)\b)/i
/** What is brushed on, and what comes of a stain. */
const BRUSHED =
  /\b(?:wood stain|stain grade|stain (?:colou?r|sample|finish)|coats?|brush|varnish|oil|tin|gallons?|lit(?:er|re)s?|paint(?:ed|ing)?|block(?:er|ing)?|seal(?:er|ed)?|primer?|gone|dry|dried out)\b/i
const GUESSED = /\b(?:probably|maybe|perhaps|could be|may be|might be|looks like|i think|i guess|suspect)\b/i

/** 'There is a stain on the ceiling': something found, never paint that somebody put on or is to put on. */
export const stainSeen: Whole = ({ words, place, newId }) => {
  if (!SEEN.test(words.trim()) || BRUSHED.test(words) || !place) return null
  const text = words.trim().replace(/[.\s]+$/, '')
  return {
    kind: 'found',
    says: 'Found: damp',
    facts: [
      {
        subject: 'finding',
        facet: 'found',
        subjectId: newId(),
        placeId: place.id,
        value: { text, condition: 'damp', certain: !GUESSED.test(words) },
      },
    ],
  }
}
