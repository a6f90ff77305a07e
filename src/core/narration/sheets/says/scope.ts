import type { Says } from '../cue'

export const SCOPE_SAYS: Readonly<Record<string, Says>> = {
  'salvaged-pieces': {
    cue: /\b(?:salvaged?|saved|taken (?:out|off|from|down)|reused?|stacked)\b.*\bneed(?:ed|s)?\b|\bneed(?:ed|s)?\b.*\b(?:salvaged?|saved|taken (?:out|off|from|down)|stacked)\b/,
    near: { taken: /taken|salvaged?|saved|stacked|came off|off/, needed: /needed|needs?/, lost: /lost|broken/ },
    tells: { stored: /\b(?:stacked|stored|kept|lie|are) ((?:in|on|behind|under|by) .+?)(?: ,|$)/ },
    least: ['needed'],
    instead: ['keep', 'work'],
  },
  'unit-difference': {
    cue: /\bunit (?:\w+) has (?:no|another|only|a different|neither)\b|\b(?:other unit|next unit|twin|mirror)\b.*\b(?:different|no|not)\b|\bdifferent (?:in|there)\b.*\bunit\b/,
    tells: { unit: /\bunit (\w+)\b/, why: /\b(?:because|since) (.+?)(?: ,|$)/ },
    instead: ['found', 'selection'],
  },
  layers: {
    cue: /\blayers?\b(?:.* ,){2}|\bfrom (?:the )?(?:inside|outside) (?:out|in)\b/,
    tells: { layers: /\b(?:layers?|from (?:the )?(?:inside|outside) (?:out|in))(?: [a-z]+)* , (.+)$/ },
    inWords: true,
    means: {
      rule: [
        [/\b(?:every|all) (?:the )?(?:faces|walls)\b/, 'on every face'],
        [/\b(?:here alone|only here|this face)\b/, 'on this face alone'],
      ],
    },
    instead: ['selection', 'found', 'progress'],
  },
  boundary: {
    cue: /\b(?:ends|stops|finishes|changes|falls) (?:at|on|there|here)\b|\bis the (?:boundary|limit|line)\b|\bwe (?:stop|finish|end) (?:there|here|at)\b/,
    not: /\b(?:rain|sun|shadow|light) falls\b/,
    tells: {
      where:
        /\b(?:ends|stops|finishes|changes|falls) (?:at|on) (.+?)(?: ,|$)|^(?:the )?(.+?) is the (?:boundary|limit|line)\b|^(.+? belongs to .+?) ,/,
    },
    least: ['where'],
    instead: ['selection', 'keep', 'work'],
  },
  'installers-choice': {
    cue: /\b(?:installers?|fitters?|roofers?|siders?|tilers?|carpenters?|whoever (?:installs|fits)|he|they)(?: is| can| may)? (?:decides?|chooses?|picks?)(?: it)? (?:up there|on the day|on site|himself|themselves)\b|\b(?:left|leave (?:it|that)) to the (?:installer|fitter|roofer|sider|tiler|carpenter)|\b(?:installer|fitter)s? (?:decides?|choice|call)\b/,
    instead: ['decide', 'work', 'selection'],
  },
  promise: {
    cue: /\b(?:(?:i|we)(?: have)? (?:promised|told|said to) (?!you|me|him|them|that|it)|gave (?:my|our) word|will be (?:done|finished|ready|in|up)|(?:has|have) to be (?:done|finished|ready|in|up)|hand(?:ing|ed)? ?over is|hand ?over on|wants? (?:it|the [a-z ]+|this|that) (?:done |finished |in |up |ready )?(?:on|by)|want the [a-z ]+ on)\b/,
    not: /\b(?:off|rain|storm|late|if)\b/,
    tells: {
      to: /\b(?:told|promised|said to) (?:the )?(?!for\b|on\b|by\b|that\b|to\b|as\b|until\b|it\b)([a-z]+)\b/,
      what: /^(hand(?:ing|ed)? ?over)\b/,
    },
    day: 'by',
    ofSite:
      /\bhand(?:ing|ed)? ?over\b|\b(?:everything|all of it|the (?:whole )?(?:house|job|place)) (?:is|will be|has to be)\b/,
    least: ['by'],
    instead: ['progress', 'work'],
  },
}
