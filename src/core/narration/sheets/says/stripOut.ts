import type { Says } from '../cue'

export const STRIP_OUT_SAYS: Readonly<Record<string, Says>> = {
  stub: {
    cue: /\bstubs?\b.*\b(?:capped|taped|open|left|sticks?)\b/,
    near: { height: /up|above|high/, fromCorner: /from/ },
    means: {
      state: [
        [/\bnot capped|open\b/, 'open'],
        [/\bcapped\b/, 'capped'],
        [/\btaped|boxed\b/, 'taped and boxed'],
      ],
    },
    instead: ['found', 'keep'],
  },
  'hazard-screen': {
    cue: /\b(?:asbestos|lead(?: paint| based)?|silica|mould|mold)\b.*\b(?:tested?|samples?|lab|screen(?:ed)?)\b|\b(?:test|sample|screen)(?:ed)? (?:[a-z]+ ){0,5}for (?:asbestos|lead|silica|mould|mold)\b/,
    not: /\b(?:clear|negative|came back)\b/,
    means: {
      for: [
        [/\basbestos\b/, 'asbestos'],
        [/\bsilica\b/, 'silica'],
        [/\bmou?ld\b/, 'mould'],
        [/\blead\b/, 'lead'],
      ],
    },
    tells: {
      material:
        /\b((?:(?:old|floor|pipe|wall|window|ceiling|lead) )*(?:paint|tiles?|insulation|boards?|plaster|lagging|putty|coating|texture|artex|felt|sheets?))\b/,
    },
    instead: ['work', 'found'],
  },
}
