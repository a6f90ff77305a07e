import { choice, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'

export const COVER_KINDS: readonly EntryKind[] = [
  {
    id: 'insulation',
    group: 'cover',
    register: 'Insulation',
    one: 'Insulation of a room',
    called: 'Insulation',
    at: 'place',
    work: ['insulation'],
    tells: BUILT,
    fields: [
      words('what', 'Which wall or ceiling', { needed: true }),
      choice('for', 'Against', ['heat and cold', 'sound', 'both']),

      words('faults', 'Faults of earlier work'),
      tick('airtight', 'Air barrier is whole'),
    ],
    settle: { word: 'In and inspected', ask: 'By whom' },
    holdsCover: true,
    sum: {
      calculation: 'C-36',
      asks: ['surface', 'framing', 'bag'],
      takes: { surface: 'surface' },
      total: { output: 'cavities', words: 'Insulation between timbers', unit: 'm2', by: 'for' },
    },
    cautions: ({ what }) => [
      'old-wiring',
      ...(/\b(?:attic|loft|ceiling|roof)\b/i.test(String(what)) ? (['ceiling-foot'] as const) : []),
    ],
  },
  {
    id: 'board-type',
    group: 'cover',
    register: 'Board by wall',
    one: 'Board of a wall',
    called: 'Board',
    at: 'place',
    work: ['board'],
    tells: BUILT,
    fields: [
      words('what', 'Which wall', { needed: true }),
      choice('type', 'Which board', ['ordinary', 'sound', 'moisture', 'tile backer', 'fire']),

      words('patches', 'Holes to patch'),
    ],
    settle: { word: 'Up' },
    sum: {
      calculation: 'C-35',
      asks: ['surface', 'waste'],
      takes: { surface: 'surface' },
      total: { output: 'sheets', words: 'Sheets of board', unit: 'pieces', by: 'type' },
    },
    cautions: ({ type }) => (type === 'fire' || type === 'sound' ? ['fire-sound'] : []),
  },
  {
    id: 'finish-level',
    group: 'cover',
    register: 'Finish chosen by the light',
    one: 'How fine a wall is finished',
    called: 'Finish',
    at: 'place',
    work: ['tape', 'plaster'],
    next: ['paint', 'tile'],
    tells: { ...BUILT, next: 'all' },
    fields: [
      words('what', 'Which wall or ceiling', { needed: true }),
      choice('light', 'The light on it', ['even', 'raking', 'tall', 'tall and raking']),
      choice('texture', 'Texture', ['none', 'taken off', 'matched']),
    ],
    settle: { word: 'Passed by lamp and level', ask: 'Who looked' },
    sum: { calculation: 'C-54', asks: ['work'] },
    reckon: (values) => [
      ...(String(values.light ?? '').includes('raking') ? ['Raking light: two coats, tried by lamp and level.'] : []),
    ],
    cautions: ({ work }) => (work ? ['ladder'] : []),
  },
  {
    id: 'drying',
    group: 'cover',
    register: 'Drying and curing',
    one: 'Something that dries',
    called: 'Dries',
    at: 'place',
    work: ['concrete', 'tape', 'plaster'],
    next: ['framing', 'paint', 'tile', 'flooring'],
    tells: { ...BUILT, next: 'all' },
    fields: [words('name', 'What, and where', { needed: true }), tick('wet', 'Still wet to the eye')],
    settle: { word: 'Dry', ask: 'What the meter said' },
    holdsCover: true,
    sum: { calculation: 'C-50', asks: ['what', 'thick', 'from'] },
    reckon: (values) => [...(values.wet ? ['Still wet: nothing covers it.'] : [])],
  },
]
