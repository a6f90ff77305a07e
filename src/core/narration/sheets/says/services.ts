import type { Says } from '../cue'

export const SERVICES_SAYS: Readonly<Record<string, Says>> = {
  buried: {
    cue: /\b(?:buried|underground|below ground|in the ground|under the (?:lawn|drive|path|yard|garden))\b/,
    near: { depth: /deep|down/ },
    means: {
      sort: [
        [/\b(?:electric|power|cable)\b/, 'electric'],
        [/\bgas\b/, 'gas'],
        [/\bwater\b/, 'water'],
        [/\bdrains?|sewer\b/, 'drain'],
        [/\b(?:phone|telephone|data|fibre)\b/, 'telephone or data'],
        [/\boil\b/, 'heating oil'],
      ],
      source: [
        [/\b(?:drawing|plan)\b/, 'on a drawing'],
        [/\b(?:located|scanned|detector|instrument)\b/, 'located with an instrument'],
        [/\b(?:seen|dug)\b/, 'seen, dug by hand'],
        [/\b(?:says|said|told)\b/, 'said by somebody'],
      ],
    },
    least: ['sort'],
  },
}
