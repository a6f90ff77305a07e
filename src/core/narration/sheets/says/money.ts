import type { Says } from '../cue'

export const MONEY_SAYS: Readonly<Record<string, Says>> = {
  saving: {
    sentences: true,
    cue: /\bsav(?:ed|es|ing)\b|\bdid not need\b|\bnever needed\b/,
    near: {
      pieces: /pieces?|of them|boxes|sheets|doors|handles|ends|panels/,
      each: /each|apiece|at|saved/,
      days: /days?/,
      rate: /a day/,
    },
    least: ['each', 'rate'],
    instead: ['keep', 'found'],
  },
  lesson: { cue: /\bnext time\b|\blesson\b/, tells: { look: /\bnext time (?:we )?(.+?)(?: ,|$)/ } },
}
