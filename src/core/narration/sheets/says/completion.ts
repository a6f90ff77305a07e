import type { Says } from '../cue'

export const COMPLETION_SAYS: Readonly<Record<string, Says>> = {
  'return-part': {
    cue: /\b(?:missing|awaited|still to come|come back (?:for|with|to)|on (?:back ?)?order)\b/,
    on: 'completion',
    tells: {
      part: /\b(?:one|the|a|two|three) ([a-z]+) (?:is|are) (?:missing|awaited|on)\b/,
      first: /\bonce (.+?)(?: ,|$)/,
    },
    day: 'due',
    least: ['due'],
    instead: ['found', 'work'],
  },
  'order-error': {
    cue: /\b(?:came|arrived|was delivered|were delivered|turned up|sent us|they sent|they delivered|delivered us)\b.*\b(?:wrong|too (?:few|short|long|wide|narrow|small|big)|damaged|broken|cracked|double|twice|dent)\b|\b(?:came|arrived|turned up)\b.*\b(?:our|their|the supplier is|the maker is|the shop is) (?:own )?(?:slip|mistake|error|fault)\b/,
    instead: ['found'],
    tells: { what: /^(?:the |our |their )?(.+?) (?:came|arrived|was delivered|were delivered|turned up)\b/ },
    means: {
      error: [
        [/\bwrong (?:hand|side|way)\b/, 'wrong hand'],
        [/\bwrong colou?r\b/, 'wrong colour'],
        [/\bwrong size|too (?:short|long|wide|narrow)\b/, 'wrong size'],
        [/\btoo few|short\b/, 'too few'],
        [/\bdouble|twice\b/, 'double'],
        [/\b(?:plain|unfinished|raw|not (?:finished|painted|oiled))\b/, 'wrong finish'],
        [/\bdamaged|broken|cracked\b/, 'damaged'],
      ],
      bearer: [
        [/\b(?:ours|our (?:own )?(?:fault|cost|mistake|slip|error)|we (?:pay|bear))\b/, 'we'],
        [/\b(?:supplier|maker|shop|factory)\b/, 'the supplier'],
        [/\b(?:client|owner)s?\b/, 'the client'],
      ],
    },
    least: ['error'],
  },
  'handover-item': {
    cue: /\bhand ?over(?: pack| folder)?\b|\b(?:parts?|spares?|screws|shelf|shelves|handles?|hinges?|keys?|leaflets?|manuals?|kit|tins?|touch ?up)\b.*\b(?:is|are|were|was) (?:left |kept |put )?(?:in|on|under|behind|over) (?:the|a|one) (?:[a-z]+ )?(?:box|drawer|cupboard|cabinet|shelf|garage|cellar|attic|basement|laundry|oven)\b/,
    not: /\b(?:on|by|is wished|date|day)\b.*\b(?:january|february|march|april|may|june|july|august|september|october|november|december|\w+day)\b/,
    means: {
      sort: [
        [/\bmanuals?|leaflets?|instructions?\b/, 'manual'],
        [/\bwarrant(?:y|ies)|guarantee\b/, 'warranty'],
        [/\btouch ?up\b/, 'touch-up'],
        [/\b(?:spares?|parts?|extra|screws|handles?|hinges?)\b/, 'spare part'],
        [/\b(?:paint|colour|color|tin)\b/, 'colour'],
        [/\bkeys?|codes?\b/, 'key or code'],
        [/\bvalve|hatch|stopcock\b/, 'access point'],
      ],
    },
    tells: { where: /\b(?:is|are|lies?|kept) ((?:in|on|under|behind|by) .+?)(?: ,| for the|$)/ },
    least: ['sort'],
    instead: ['keep', 'work', 'selection'],
  },
  altered: {
    sentences: true,
    cue: /\b(?:alter(?:ed|s)?|shortened|notched|cut down|trimmed down)\b.*\b(?:box(?:es)?|cabinets?|units?|drawers?|doors?|panels?|shel(?:f|ves)|sides?|rails?|trim|frames?)\b|\b(?:box(?:es)?|cabinets?|units?|drawers?|doors?|panels?|shel(?:f|ves)|trim)\b.*\b(?:altered|shortened|notched|cut down|trimmed down)\b/,
    not: /\b(?:has to|have to|needs?|must|should|will) be\b|\b(?:joists?|studs?|beams?|rafters?|plates?)\b/,
    tells: {
      what: /^we (?:altered|shortened|notched|cut down) (.+?)(?: ,| because | so that |$)|^(.+?) (?:is|are|was|were|had to be|got)(?: altered| shortened| notched| cut down)/,
      change: /^[^,]+ , ?(.+?)(?: because .*| so that .*)?$/,
      why: /\b(?:because|so that) (.+?)$/,
    },
    inWords: true,
    instead: ['found', 'work', 'progress'],
  },
  defect: {
    cue: /\b(?:touch(?:ed)? ?up|adjust(?:ing|ed|ment)?|scratch(?:ed|es)?|chip(?:ped)?|wobbles?|squeaks?|rubs?|drips?|dent(?:ed)?|cleaning|needs cleaning)\b/,
    on: 'completion',
    means: {
      sort: [
        [/\btouch|scratch|chip/, 'touch up'],
        [/\badjust|rubs?|wobbles?|squeaks?/, 'adjust'],
        [/\bclean/, 'clean'],
        [/\breplace|new one/, 'replace'],
        [/\bdrips?|dent|mend|fix/, 'mend'],
      ],
    },
    day: 'by',
    instead: ['work', 'found'],
  },
}
