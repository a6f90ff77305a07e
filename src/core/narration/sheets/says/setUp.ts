import type { Says } from '../cue'

export const SET_UP_SAYS: Readonly<Record<string, Says>> = {
  'set-up': {
    cue: /\b(?:skip|dumpster|site toilet|toilet cabin|site store|canteen|spoil heap|hoist|mixer|bulk bags?|barrow (?:run|route)) (?:is|stands|goes|sits|stays|lives|comes|in|on|behind|by)\b|\bthere is a (?:hoist|skip|dumpster|mixer|site toilet|spoil heap)\b/,
    not: /\b(?:booked|full|coming|comes|tomorrow|collected)\b/,
    means: {
      sort: [
        [/\btoilet\b/, 'toilet'],
        [/\bskip|dumpster\b/, 'skip'],
        [/\bspoil\b/, 'spoil heap'],
        [/\bcanteen\b/, 'canteen'],
        [/\bbulk bags?\b/, 'bulk bags'],
        [/\bbarrow\b/, 'barrow route'],
        [/\bhoist|mixer\b/, 'plant'],
        [/\bsite store\b/, 'store'],
      ],
    },
    tells: { where: /\b((?:in|on|behind|by|under|beside|at) (?:the |our |their )?[a-z ]+?)(?: ,|$)/ },
    instead: ['keep', 'found'],
  },
  'delivery-path': {
    cue: /\b(?:way in|way through|narrowest|tightest|comes? in (?:by|through) the)\b/,
    not: /\bbeam|steel\b/,
    near: {
      narrowest: /narrow(?:est)?|tight(?:est)?|wide/,
      lowest: /lowest|low|high/,
      straight: /straight/,
      piece: /piece|rigid/,
    },
    least: ['narrowest', 'lowest', 'straight', 'piece'],
  },
  protection: {
    cue: /\bprotect(?:ed|s)? .*\b(?:with|by|behind|under)\b/,
    means: {
      level: [
        [/\bzip\b/, 'zip door'],
        [/\bboards?\b/, 'floor boards'],
        [/\bplastic|sheeting|film\b/, 'plastic'],
        [/\bcloths?|blankets?|dust sheets?\b/, 'cloth'],
      ],
    },
    tells: { what: /\bprotect(?:ed|s)? (?:the )?(.+?) (?:with|by|behind|under)\b/ },
    day: 'until',
    least: ['level'],
    instead: ['work', 'keep'],
  },
}
