import { shortDay, type Day } from '../../calendar/day'
import type { Stage } from '../../scope/vocabulary'
import { choice, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { outputsOf } from '../sums'
import { BUILT } from '../telling'

const AFTER_DRYING: readonly Stage[] = ['framing', 'paint', 'tile', 'flooring']

export const COVER_KINDS: readonly EntryKind[] = [
  {
    id: 'insulation',
    group: 'cover',
    builtAlike: true,
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
    builtAlike: true,
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
    builtAlike: true,
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
    next: AFTER_DRYING,
    tells: { ...BUILT, next: 'all' },
    fields: [words('name', 'What, and where', { needed: true }), tick('wet', 'Still wet to the eye')],
    settle: { word: 'Dry', ask: 'What the meter said' },
    holdsCover: true,
    sum: { calculation: 'C-50', asks: ['what', 'thick', 'from'] },
    reckon: (values) => [...(values.wet ? ['Still wet: nothing covers it.'] : [])],
    dries: (values) => {
      const safe = outputsOf('C-50', values, 'metric')?.safe
      const until = values.wet || !safe ? null : (safe as Day)
      const name = String(values.name)
      return until || values.wet
        ? {
            stages: AFTER_DRYING,
            until,
            words: until ? `${name} dries until ${shortDay(until)}` : `${name}: still wet`,
          }
        : null
    },
  },
]
