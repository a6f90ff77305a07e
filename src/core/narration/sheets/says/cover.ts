import type { Says } from '../cue'

export const COVER_SAYS: Readonly<Record<string, Says>> = {
  insulation: {
    cue: /\binsulat(?:e|ed|ion)\b/,
    means: {
      for: [
        [/\bsound|acoustic\b/, 'sound'],
        [/\bheat|cold|warm\b/, 'heat and cold'],
      ],
    },
    least: ['surface'],
  },
}
