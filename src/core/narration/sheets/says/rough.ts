import type { Says } from '../cue'

export const ROUGH_SAYS: Readonly<Record<string, Says>> = {
  'rough-move': {
    cue: /\bmov(?:e|ed|es|ing) .*\bfrom\b.*\bto\b/,
    not: /\btowards\b/,
    tells: { from: /\bfrom (?:the )?(.+?) to\b/, to: /\bto (?:the )?(.+?)(?: ,|$)/ },
    means: {
      trade: [
        [/\b(?:outlet|socket|switch|cable|wire|box|panel|light)/, 'electrician'],
        [/\b(?:pipe|drain|waste|valve|radiator|toilet|sink|tap)/, 'plumber'],
        [/\b(?:duct|vent|condenser|grille|fan)/, 'hvac'],
        [/\bgas\b/, 'gas-fitter'],
        [/\b(?:data|camera|speaker|network)/, 'low-voltage'],
      ],
    },
    least: ['trade'],
  },
  'air-sheet': {
    cue: /\b(?:fan|extractor|exhaust)\b|\bduct (?:run|to|is \d|is [a-z]+ (?:foot|metres?))/,
    not: /\bunder the duct\b/,
    near: {
      bends: /(?:right angle )?(?:bends?|elbows?|turns?)/,
      halfBends: /half bends?|45s/,
      straight: /of duct|straight|long|run/,
      diameter: /diameter|round/,
      room: /room|square/,
      hoods: /hoods?/,
    },
    ahead: { diameter: /of/, straight: /duct|is/ },
    tight: { diameter: /duct|pipe/ },
    bare: ['straight'],
    means: {
      duct: [
        [/\bflex(?:ible)?\b/, 'flexible'],
        [/\brigid\b/, 'rigid'],
      ],
    },
    tells: { terminal: /\b(?:out|to|through) (the (?:rear|front|side|roof|wall|gable|soffit))\b/ },
    least: ['straight', 'bends', 'room'],
    instead: ['work'],
  },
  'device-box': {
    cue: /\b(?:sockets?|outlets?|switch(?:es)?|box(?:es)?|gang)\b.*\b(?:above|high|off the (?:floor|slab)|gang)\b/,
    not: /\bmoved?\b/,
    near: { height: /at|above|high|off the (?:floor|slab)/, floor: /floor build ?up|build ?up/, between: /between/ },
    least: ['height'],
  },
  'recessed-lights': {
    cue: /\b(?:recessed|down ?lights?|pot lights?|spot ?lights?)\b/,
    near: { ceiling: /ceiling|high/ },
    sides: [['long', 'wide']],
    tells: { switch: /\bswitched (?:from|by|at) (.+?)(?: ,|$)/ },
    least: ['long'],
  },
  'access-hatch': {
    cue: /\b(?:hatch|access (?:panel|door))\b/,
    near: { wide: /wide/, tall: /high|tall/ },
    sides: [['wide', 'tall']],
    tells: { serves: /\b(?:for|to reach|serves) (?:the )?(.+?)(?: ,|$)/ },
    least: ['wide', 'tall'],
  },
  provision: {
    cue: /\b(?:conduit|cable|pipe|sleeve|draw wire|tail)\b.*\bfor (?:later|a later|the future|one day|some day|when)\b/,
    instead: ['keep', 'work', 'selection'],
  },
  'pre-cover-photos': {
    cue: /\bphotograph (?:the |this |that |every )?.+\bbefore\b/,
    means: { tape: [[/\btape\b/, 'on']] },
    tells: { wall: /\bphotograph (?:the |this |that )?(.+?) before\b/ },
    least: ['wall'],
    instead: ['work'],
  },
  outage: {
    cue: /\b(?:toilet|sink|shower|water|power|gas|heating|hot water) off (?:on |from )?\w+day\b|\b(?:water|power|gas|heating|electricity|electric|internet|lift|sewer)\b (?:is|is going to be|will be|goes|has to (?:be|go)|must (?:be|go)) (?:shut |turned |switched )?off\b|\bshut(?:ting)? off the (?:water|power|gas|heating|electricity)\b/,
    not: /\b(?:is off now|dead)\b/,
    near: { from: /from|at/, hours: /hours?/ },
    tells: {
      what: /\b(hot water|water|power|gas|heating|electricity|electric|internet|lift|sewer|toilet|sink|shower)\b/,
    },
    day: 'on',
    least: ['on', 'hours'],
    instead: ['progress', 'found'],
  },
}
