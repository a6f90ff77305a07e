import { alignment } from '../../takeoff/finishes/alignment'
import { bulkhead } from '../../takeoff/fit/bulkhead'
import { flushPlane } from '../../takeoff/fit/flushPlane'
import { beamWeight } from '../../takeoff/structure/beamWeight'
import { fasteners } from '../../takeoff/structure/fasteners'
import { lift } from '../../takeoff/structure/lift'
import { opening } from '../../takeoff/structure/opening'
import { studs } from '../../takeoff/structure/studs'
import { temporaryWall } from '../../takeoff/structure/temporaryWall'
import { choice, length, number, POSITION, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { asked } from '../reckonedBy'

export const STRUCTURE_KINDS: readonly EntryKind[] = [
  {
    id: 'beam',
    group: 'structure',
    register: 'Beams',
    one: 'A beam',
    at: 'place',
    fields: [
      words('what', 'Which beam', { needed: true }),
      ...asked(beamWeight, 'material', 'width', 'depth', 'long', 'perMetre'),
      number('plies', 'Plies'),
      words('carries', 'What it carries'),
      words('bearing', 'Bearing at each end'),
      words('path', 'How the load goes down'),
      words('engineer', 'The engineer’s drawing'),
      words('way', 'The way in'),
    ],
    settle: { word: 'In and seen by the engineer', ask: 'By whom, on which day' },
    holdsCover: true,
    calculation: beamWeight,
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
      ...asked(temporaryWall, 'opening', 'bay', 'setOff'),
      words('by', 'Who put it up'),
      words('after', 'It goes only after', { needed: true }),
    ],
    settle: { word: 'Gone', ask: 'Who said that it may go' },
    calculation: temporaryWall,
    cautions: () => ['shoring-early', 'bearing-wall'],
  },
  {
    id: 'hangers',
    group: 'structure',
    register: 'Hangers and their fasteners',
    one: 'Hangers, and whether every hole is filled',
    at: 'place',
    fields: [
      words('what', 'Which hangers', { needed: true }),
      ...asked(fasteners, 'hangers', 'each', 'missing', 'box', 'more'),
      words('type', 'Fastener that the maker names'),
    ],
    settle: { word: 'Every hole filled', ask: 'Who saw it, with the photo' },
    holdsCover: true,
    calculation: fasteners,
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
      ...asked(opening, 'kind', 'width', 'height', 'floor', 'rough', 'jacks', 'builtWidth', 'builtHeight'),
      choice('finish', 'How it is finished', ['cased', 'board-wrapped', 'plastered']),
      words('longer', 'Why it is longer than the opening'),
      words('beside', 'What has to fit beside it'),
    ],
    settle: { word: 'Built and right', ask: 'Who measured it' },
    calculation: opening,
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
      ...asked(studs, 'long', 'tall', 'spacing', 'corners', 'openings', 'rows', 'rowsIn'),
      tick('fixed', 'Fixed'),
      tick('braced', 'Braced'),
      tick('straight', 'Straight'),
    ],
    settle: { word: 'Inspected', ask: 'By whom' },
    holdsCover: true,
    calculation: studs,
    reckon: standsSentences,
  },
  {
    id: 'flush-plane',
    group: 'structure',
    register: 'Planes that must end flush',
    one: 'Layers that end at one plane',
    at: 'place',
    fields: [words('what', 'What meets what', { needed: true }), ...asked(flushPlane, 'plane', 'layers', 'bed')],
    settle: { word: 'Flush' },
    calculation: flushPlane,
  },
  {
    id: 'bulkhead',
    group: 'structure',
    register: 'Bulkheads and what they hide',
    one: 'A bulkhead',
    at: 'place',
    fields: [
      words('what', 'Which one, and what it hides', { needed: true }),
      ...asked(bulkhead, 'joists', 'obstruction', 'clearance', 'board', 'floor', 'under', 'underside'),
      words('finish', 'How it is finished'),
    ],
    settle: { word: 'Closed' },
    holdsCover: true,
    calculation: bulkhead,
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
    fields: [
      words('what', 'What is repaired, and how', { needed: true }),
      ...asked(lift, 'ends', 'middle', 'step'),
      words('engineer', 'What the engineer said'),
    ],
    settle: { word: 'Repaired', ask: 'Sag afterwards, and who saw it' },
    holdsCover: true,
    calculation: lift,
    cautions: () => ['old-structure'],
  },
  {
    id: 'alignment',
    group: 'structure',
    register: 'Alignments',
    one: 'Something that has to line up',
    at: 'place',
    fields: [words('what', 'What lines up with what', { needed: true }), ...asked(alignment, 'points', 'tolerance')],
    settle: { word: 'In line' },
    calculation: alignment,
  },
]

/** Standing is not fixed: what a framed wall still lacks. */
function standsSentences(values: Readonly<Record<string, unknown>>): string[] {
  const lacks = (['fixed', 'braced', 'straight'] as const).filter((key) => !values[key])
  return lacks.length === 0 ? [] : [`Standing is not done: not yet ${lacks.join(', ')}.`]
}
