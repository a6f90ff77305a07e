import { longFirst, type Says } from '../cue'

export const PLACES_SAYS: Readonly<Record<string, Says>> = {
  layout: {
    cue: /\blaid out\b|\bchalked\b|\bas it lies\b|\b(?:gains?|grows|widened|narrowed|shrinks|loses|wider|narrower|bigger|smaller|goes|went)\b.*\bfrom\b.*\bto\b|\bend(?:s|ed) (?:up )?at\b/,
    near: { planned: /plan|drawing/, leaf: /leaf|door|opening into/ },
    ahead: { laid: /laid out(?: at)?|now|becomes?|ends? (?:up )?at|ended (?:up )?at|to/, planned: /from|was/ },
    tells: { why: /\b(?:because|so that|since|for) (.+?)(?: ,|$)/ },
    least: ['laid'],
    instead: ['keep', 'work'],
  },
  'room-use': {
    cue: /\b(?:(?:is|it is|this is|room is) (?:going )?to be|will be|becomes|used as|turned into|sleep in|makes|call it|counts? as) (?:just |only )?(?:a |an |the )?(?:small |spare )?(?:bedroom|bunk ?room|study|office|guest ?room|playroom|store ?room|nursery)\b|\b(?:it is|this is|that is) (?:just |only |really )?an? (?:study|office|store ?room|playroom)\b/,
    means: {
      use: [
        [/\bsleep\b/, 'guest room'],
        [/(?<!\bnot an? )\b(?:bedroom|bunk ?room|nursery)\b/, 'a room to sleep in'],
        [/\b(?:study|office)\b/, 'study'],
        [/\bguest ?room\b/, 'guest room'],
        [/\bplayroom\b/, 'playroom'],
        [/\bstore ?room\b/, 'store'],
      ],
    },
    tells: { without: /\b((?:no|without) [a-z ]+?)(?: ,| and | is possible| so |$)/ },
    sides: [['long', 'wide']],
    instead: ['selection', 'work'],
    then: longFirst,
  },
  'stands-between': {
    cue: /\b(?:bed|table|desk|sofa|couch|piano|tub|wardrobe)\b.*\b(?:wall to wall|each side|both sides|either side|centred|centered|in the middle)\b/,
    near: {
      clear: /wall to wall|between|clear/,
      beside: /each side|both sides|either side|beside/,
      wide: /wide|width|is/,
    },
    tells: { faces: /\b((?:centred|centered|under|facing) .+?)(?: ,|$)/ },
    least: ['wide', 'clear', 'beside'],
  },
  'from-afar': {
    cue: /\b(?:seen|saw|see|looked at|look at) (?:it |them |that |this )?(?:only )?(?:from (?:afar|the ground|the street|below|behind|across|a distance|far|next door)|between|through)\b|\bno way to (?:see|get at|look)\b|\bcould not (?:get|come) (?:close|near|up|at)\b/,
    means: {
      why: [
        [/\b(?:between|behind|hidden|covered|in the way)\b/, 'behind something'],
        [/\b(?:ground|below|high|up there|street)\b/, 'too high'],
        [/\b(?:no way|could not get|locked|from next door)\b/, 'no way in'],
        [/\bdark\b/, 'too dark'],
      ],
    },
    tells: { what: /^(?:the )?(.+?) (?:was|is|were|are|has been|have been|could)(?: only)? (?:seen|looked|not)\b/ },
    instead: ['found'],
  },
}
