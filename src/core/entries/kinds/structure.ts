import { choice, length, number, POSITION, tick, words } from '../field'
import type { EntryKind } from '../entryKind'

export const STRUCTURE_KINDS: readonly EntryKind[] = [
  {
    id: 'beam',
    group: 'structure',
    register: 'Beams',
    one: 'A beam',
    at: 'place',
    fields: [
      words('what', 'Which beam', { needed: true }),

      number('plies', 'Plies'),
      words('carries', 'What it carries'),
      words('bearing', 'Bearing at each end'),
      words('path', 'How the load goes down'),
      words('engineer', 'The engineer’s drawing'),
      words('way', 'The way in'),
    ],
    settle: { word: 'In and seen by the engineer', ask: 'By whom, on which day' },
    holdsCover: true,
    sum: { calculation: 'C-19', asks: ['material', 'width', 'depth', 'long', 'perMetre'] },
    cautions: () => ['bearing-wall', 'heavy-lift'],
  },
  {
    id: 'shoring',
    group: 'structure',
    register: 'Temporary walls and props',
    one: 'A temporary wall or a prop',
    at: 'place',
    fields: [
      words('what', 'Which one, and what it holds', { needed: true }),

      words('by', 'Who put it up'),
      words('after', 'It goes only after', { needed: true }),
    ],
    settle: { word: 'Gone', ask: 'Who said that it may go' },
    sum: { calculation: 'C-49', asks: ['opening', 'bay', 'setOff'] },
    cautions: () => ['shoring-early', 'bearing-wall'],
  },
  {
    id: 'hangers',
    group: 'structure',
    register: 'Hangers and their fasteners',
    one: 'Hangers, and whether every hole is filled',
    at: 'place',
    fields: [words('what', 'Which hangers', { needed: true }), words('type', 'Fastener that the maker names')],
    settle: { word: 'Every hole filled', ask: 'Who saw it, with the photo' },
    holdsCover: true,
    sum: { calculation: 'C-20', asks: ['hangers', 'each', 'missing', 'box', 'more'] },
    cautions: () => ['hangers'],
  },
  {
    id: 'rough-opening',
    group: 'structure',
    register: 'Openings and headers',
    one: 'An opening',
    at: 'place',
    fields: [
      words('what', 'Which opening', { needed: true }),

      choice('finish', 'How it is finished', ['cased', 'board-wrapped', 'plastered']),
      words('longer', 'Why it is longer than the opening'),
      words('beside', 'What has to fit beside it'),
    ],
    settle: { word: 'Built and right', ask: 'Who measured it' },
    sum: {
      calculation: 'C-18',
      asks: ['kind', 'width', 'height', 'floor', 'rough', 'jacks', 'builtWidth', 'builtHeight'],
    },
    cautions: () => ['wall-openings'],
  },
  {
    id: 'wall-framing',
    group: 'structure',
    register: 'Walls: studs and blocking',
    one: 'A framed wall',
    at: 'place',
    fields: [
      words('what', 'Which wall', { needed: true }),

      tick('fixed', 'Fixed'),
      tick('braced', 'Braced'),
      tick('straight', 'Straight'),
    ],
    settle: { word: 'Inspected', ask: 'By whom' },
    holdsCover: true,
    sum: { calculation: 'C-21', asks: ['long', 'tall', 'spacing', 'corners', 'openings', 'rows', 'rowsIn'] },
    reckon: standsSentences,
  },
  {
    id: 'flush-plane',
    group: 'structure',
    register: 'Planes that must end flush',
    one: 'Layers that end at one plane',
    at: 'place',
    fields: [words('what', 'What meets what', { needed: true })],
    settle: { word: 'Flush' },
    sum: { calculation: 'C-15', asks: ['plane', 'layers', 'bed'] },
  },
  {
    id: 'bulkhead',
    group: 'structure',
    register: 'Bulkheads and what they hide',
    one: 'A bulkhead',
    at: 'place',
    fields: [words('what', 'Which one, and what it hides', { needed: true }), words('finish', 'How it is finished')],
    settle: { word: 'Closed' },
    holdsCover: true,
    sum: { calculation: 'C-12', asks: ['joists', 'obstruction', 'clearance', 'board', 'floor', 'under', 'underside'] },
    cautions: () => ['not-approval'],
  },
  {
    id: 'backing',
    group: 'structure',
    register: 'Backing and blocking to find again',
    one: 'Backing in a wall',
    at: 'place',
    fields: [
      words('for', 'For what', { needed: true }),
      length('centre', 'Height of its middle'),
      length('wide', 'Width'),
      tick('photographed', 'Photographed with a tape'),
      ...POSITION,
    ],
    settle: { word: 'In', ask: 'Who put it in' },
    holdsCover: true,
  },
  {
    id: 'old-frame',
    group: 'structure',
    register: 'Repairs of the old frame',
    one: 'A repair of the old frame',
    at: 'place',
    fields: [words('what', 'What is repaired, and how', { needed: true }), words('engineer', 'What the engineer said')],
    settle: { word: 'Repaired', ask: 'Sag afterwards, and who saw it' },
    holdsCover: true,
    sum: { calculation: 'C-46', asks: ['ends', 'middle', 'step'] },
    cautions: () => ['old-structure'],
  },
  {
    id: 'alignment',
    group: 'structure',
    register: 'Alignments',
    one: 'Something that has to line up',
    at: 'place',
    fields: [words('what', 'What lines up with what', { needed: true })],
    settle: { word: 'In line' },
    sum: { calculation: 'C-56', asks: ['points', 'tolerance'] },
  },
]

/** Standing is not fixed: what a framed wall still lacks. */
function standsSentences(values: Readonly<Record<string, unknown>>): string[] {
  const lacks = (['fixed', 'braced', 'straight'] as const).filter((key) => !values[key])
  return lacks.length === 0 ? [] : [`Standing is not done: not yet ${lacks.join(', ')}.`]
}
