import { board } from '../../takeoff/finishes/board'
import { drying } from '../../takeoff/finishes/drying'
import { insulation } from '../../takeoff/finishes/insulation'
import { accessHeight } from '../../takeoff/structure/accessHeight'
import { choice, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { asked } from '../reckonedBy'

export const COVER_KINDS: readonly EntryKind[] = [
  {
    id: 'insulation',
    group: 'cover',
    register: 'Insulation',
    one: 'Insulation of a room',
    at: 'place',
    fields: [
      words('what', 'Which wall or ceiling', { needed: true }),
      choice('for', 'Against', ['heat and cold', 'sound', 'both']),
      ...asked(insulation, 'surface', 'framing', 'bag'),
      words('faults', 'Faults of earlier work'),
      tick('airtight', 'Air barrier is whole'),
    ],
    settle: { word: 'In and inspected', ask: 'By whom' },
    holdsCover: true,
    calculation: insulation,
    cautions: () => ['old-wiring'],
  },
  {
    id: 'board-type',
    group: 'cover',
    register: 'Board by wall',
    one: 'Board of a wall',
    at: 'place',
    fields: [
      words('what', 'Which wall', { needed: true }),
      choice('type', 'Which board', ['ordinary', 'sound', 'moisture', 'tile backer', 'fire']),
      ...asked(board, 'surface', 'waste'),
      words('patches', 'Holes to patch'),
    ],
    settle: { word: 'Up' },
    calculation: board,
    cautions: ({ type }) => (type === 'fire' || type === 'sound' ? ['fire-sound'] : []),
  },
  {
    id: 'finish-level',
    group: 'cover',
    register: 'Finish chosen by the light',
    one: 'How fine a wall is finished',
    at: 'place',
    fields: [
      words('what', 'Which wall or ceiling', { needed: true }),
      choice('light', 'The light on it', ['even', 'raking', 'tall', 'tall and raking']),
      choice('texture', 'Texture', ['none', 'taken off', 'matched']),
      ...asked(accessHeight, 'work'),
    ],
    settle: { word: 'Passed by lamp and level', ask: 'Who looked' },
    calculation: accessHeight,
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
    at: 'place',
    fields: [
      words('name', 'What, and where', { needed: true }),
      ...asked(drying, 'what', 'thick', 'from'),
      tick('wet', 'Still wet to the eye'),
    ],
    settle: { word: 'Dry', ask: 'What the meter said' },
    holdsCover: true,
    calculation: drying,
    reckon: (values) => [...(values.wet ? ['Still wet: nothing covers it.'] : [])],
  },
]
