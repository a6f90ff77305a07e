import type { Following } from './entryKind'

/** What is done to a face, by the words that told it: coats are paint, boards and sheets are cladding, stone is a mason's. */
export const FACE_WORK: readonly (readonly [RegExp, Omit<Following, 'title' | 'amount'>, string])[] = [
  [
    /\b(?:coats?|(?:re)?paint(?:ed|ing|s)?|colou?rs?)\b/i,
    { stage: 'paint', trade: 'painter', action: 'paint', element: 'paint', rate: 'paint-face' },
    'Paint',
  ],
  [
    /\b(?:veneer|slips|stone|brick)\b/i,
    { stage: 'masonry', trade: 'mason', action: 'install', element: 'wall', rate: 'siding' },
    'Set',
  ],
  [
    /\b(?:panels?|panell?ing|boards?|siding|shingles?|clapboards?|cladding|clad)\b/i,
    { stage: 'cladding', trade: 'sider', action: 'install', element: 'siding', rate: 'siding' },
    'Clad',
  ],
  [
    /\b(?:new render|rendered|to render|stucco(?:ed)?)\b/i,
    { stage: 'plaster', trade: 'plasterer', action: 'install', element: 'plaster', rate: 'plaster' },
    'Render',
  ],
]

/** What is done to a run of fascia or soffit, by the words that told it. */
export const EAVE_DEEDS: readonly (readonly [RegExp, string])[] = [
  [/\boverla(?:y|id)\b|\blaid over\b/i, 'Overlay'],
  [/\brecondition/i, 'Recondition'],
  [/\breplac|\bnew\b/i, 'Replace'],
]

/** What a face is of, where that tells how its paint goes. */
export const MATERIAL = /\b(?:rough render|render|stucco|roughcast|clapboards?|brick)\b/i
