import type { Says } from '../cue'

export const FINISH_SAYS: Readonly<Record<string, Says>> = {
  'finish-order': {
    sentences: true,
    cue: /^(?!first\b).{4,60}\bfirst ,? ?(?:and )?(?:then|before)\b|, then .+, then |^(?:the |our |his |her |their )?(?:[a-z]+ ){1,4}waits? (?:for|on) (?:the|our|his|her|their) /,
    not: /\b(?:did|did not|before anything|went)\b|\bwaits? (?:for|on) .*\b(?:drawings?|answers?|permits?|letter|delivery|decision|inspect\w+|engineer|colou?r|signature|price|quote|test|results?|day|weather)\b/,
    instead: ['work', 'progress'],
    tells: {
      first:
        /^(.+?)(?: (?:goes|comes?|go|is|are|has to go))?(?: off| in| on| out)? first\b|^(.+?) ,? ?then\b|\bwaits? (?:for|on) (.+?)(?: ,|$)/,
      then: /\b(?:then|before) (.+?)(?: ,|$)|^(.+?) waits?\b/,
    },
    means: {
      whose: [
        [
          /\btheir (?:painter|builder|contractor|plasterer|man)\b|\b(?:client(?: is|s|'s)? (?:own )?|(?:his|her|their) own )contractor\b/,
          'the client’s own contractor',
        ],
        [/\bwaits? (?:for|on) our\b/, 'we'],
        [/\bneighbou?r\b/, 'the neighbour'],
        [/\b(?:she|he|the client|the owners?) (?:has to|will|does|clears?|picks?)\b/, 'the client'],
      ],
    },
    least: ['then'],
  },
  'floor-finish': {
    cue: /\b(?:floor(?:ing|s)?|planks?|boards?)\b/,
    not: /\b(?:ripped|torn|pulled|taken|comes?|goes) (?:out|up|off)\b/,
    near: { box: /box|pack/, waste: /waste/ },
    means: { laid: [[/\bdiagonal|herringbone\b/, 'diagonal']] },
    tells: { direction: /\b((?:runs?|laid|along|towards) (?:towards|along|with|to|from) [a-z ]+?)(?: ,|$)/ },
    least: ['surface'],
  },
  'cabinet-fit': {
    cue: /\b(?:run of (?:cabinets|units)|cabinet run)\b|\b(?:niche|wall|clear)\b.*\b(?:boxes|cabinets|units)\b.*\b(?:skin|gap|fillers?)\b|\bniche\b.*\bboxes\b|\bboxes\b.*\bniche\b/,
    near: { niche: /niche|wall|clear/, skinLeft: /left/, skinRight: /right/, window: /window/ },
    lists: { fillers: /\bfillers?\b/, boxes: /\b(?:boxes|units)\b/ },
    least: ['niche', 'boxes'],
    instead: ['found', 'work', 'progress'],
  },
  'cabinet-heights': {
    cue: /\bceiling\b.*\b(?:left|right)\b.*\b(?:left|right|riser|crown)\b/,
    near: { ceilingLeft: /left/, ceilingRight: /right/, riser: /riser/, cover: /cover|reach/ },
    lists: { stack: /\bstack\b/ },
    every: {
      stack:
        /\b(?:base|tops?|counter(?:top)?|worktop|splash(?:back)?|wall|uppers?)(?: (?:cabinets|units))?(?: (?:is|are))?$/,
    },
    least: ['ceilingLeft', 'ceilingRight'],
    instead: ['found', 'progress'],
  },
  'fit-check': {
    cue: /\b(?:has to (?:go|fit)|have to fit|must fit|fits?|does not fit|to spare|squeeze)\b|\b(?:recess|niche|gap|space|opening)\b.*\btakes\b|\bopening is\b.*\b(?:unit|fridge|freezer|oven|range|hood|washer|dryer|machine|tub|vanity|wardrobe) is\b|\b(?:stands?|sticks?) out\b.*\b(?:is|only)\b.*\bfrom\b/,
    near: {
      takes: /takes|needs|(?:stands?|sticks?) out/,
      space: /of room|room|space|gap|recess|niche|there is|is now|between|clear|from|away/,
      spare: /beside|to spare wanted|free/,
    },
    ahead: {
      space: /opening(?: is)?|niche|recess/,
      takes:
        /(?:it|sofa|bed|door|cabinet|shelf|unit|fridge|freezer|oven|range|hood|washer|dryer|machine|tub|vanity|wardrobe) is/,
    },
    bare: ['takes'],
    least: ['space'],
    instead: ['work', 'found', 'progress'],
  },
  countertop: {
    cue: /\b(?:countertops?|worktops?|counter|the top)\b/,
    near: { overhang: /overhang/, splash: /splash|upstand/ },
    lists: { runs: /./ },
    least: ['runs'],
  },
  'tile-area': {
    cue: /\btil(?:e|es|ed|ing)\b/,
    near: { joint: /joints?|grout/, box: /box/ },
    sides: [['tileLong', 'tileWide']],
    least: ['surface'],
  },
  rail: {
    cue: /\b(?:hand ?rail|guard ?rail|railing|guard|balustrade)\b/,
    near: { long: /long/, height: /high|height/, drop: /drop/, posts: /posts?/ },
    least: ['long', 'height', 'drop'],
  },
  'paint-progress': {
    cue: /\b(?:paint(?:ed)?|emulsion|coats?)\b/,
    near: { coats: /coats?/ },
    least: ['surface'],
  },
  shelving: {
    cue: /\btiers?\b|\bclos(?:et|ets) shel(?:f|ves|ving)\b|\bshel(?:ves|ving)\b.*\b(?:back|sides?|walls)\b/,
    near: { tiers: /tiers?|shelves/, back: /back/, side: /sides?/, depth: /deep/ },
    least: ['tiers', 'back'],
    instead: ['selection'],
  },
}
