import { concrete } from '../../takeoff/ground/concrete'
import { drain } from '../../takeoff/ground/drain'
import { excavation } from '../../takeoff/ground/excavation'
import { fill } from '../../takeoff/ground/fill'
import { rebar } from '../../takeoff/ground/rebar'
import { stair } from '../../takeoff/fit/stair'
import { printLength, tenths, type Units } from '../../measure/length'
import { runCalculation } from '../../takeoff/runCalculation'
import { choice, day, length, tick, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { asked } from '../reckonedBy'

export const GROUND_KINDS: readonly EntryKind[] = [
  {
    id: 'drain-run',
    group: 'ground',
    register: 'Drains',
    one: 'A run of drain',
    at: 'place',
    fields: [
      words('what', 'From where to where', { needed: true }),
      choice('state', 'What it is', ['new', 'renewed', 'stays as it is']),
      words('chambers', 'Chambers and branches'),
      length('diameter', 'Diameter of the pipe'),
      ...asked(drain, 'run', 'slope', 'invert', 'wall', 'bedding', 'available'),
      words('connects', 'Who connects it'),
    ],
    settle: { word: 'Laid and tested', ask: 'By whom, and how it was tested' },
    holdsCover: true,
    calculation: drain,
    cautions: () => ['trench', 'buried-services'],
  },
  {
    id: 'trench',
    group: 'ground',
    register: 'Trenches and pits',
    one: 'A trench or a pit',
    at: 'place',
    fields: [
      words('what', 'Which section', { needed: true }),
      ...asked(excavation, 'long', 'wide', 'deep', 'deepEnd', 'soil', 'looseAlready', 'load'),
      words('crossing', 'Roots and services in it'),
      words('support', 'How it is supported, and who judged it'),
      words('filled', 'Filled again up to'),
    ],
    settle: { word: 'Closed', ask: 'With what, up to where' },
    calculation: excavation,
    cautions: () => ['trench', 'buried-services'],
  },
  {
    id: 'fill',
    group: 'ground',
    register: 'Fill',
    one: 'Something to fill',
    at: 'place',
    fields: [
      words('what', 'What is filled', { needed: true }),
      ...asked(fill, 'long', 'wide', 'deep', 'volume', 'reused', 'soil'),
      words('behind', 'Behind which wall, and when that is cured and braced'),
      day('on', 'Filled on'),
    ],
    settle: { word: 'Filled', ask: 'In how many layers, and who saw it' },
    calculation: fill,
    cautions: ({ behind }) => (behind ? ['fill', 'retaining'] : ['fill']),
  },
  {
    id: 'slab-patch',
    group: 'ground',
    register: 'Slab cut and patched',
    one: 'A slab cut or patched',
    at: 'place',
    fields: [
      words('what', 'Which part', { needed: true }),
      ...asked(concrete, 'long', 'wide', 'thick', 'place'),
      words('bars', 'Bars and cables in it'),
      choice('method', 'How it is opened', ['saw part way, then chip', 'saw through', 'break out', 'left as it is']),
    ],
    settle: { word: 'Closed', ask: 'On which day' },
    calculation: concrete,
    cautions: () => ['slab-cables', 'dust'],
  },
  {
    id: 'footing',
    group: 'ground',
    register: 'Footings, pads and bars',
    one: 'A footing, a pad or a wall with its bars',
    at: 'place',
    fields: [
      words('what', 'Which one', { needed: true }),
      length('wide', 'Width'),
      length('deep', 'Depth'),
      ...asked(rebar, 'long', 'bars', 'stock', 'lap', 'crossSpacing'),
      words('engineer', 'The engineer’s sheet'),
    ],
    settle: { word: 'Poured', ask: 'On which day' },
    calculation: rebar,
  },
  {
    id: 'pour',
    group: 'ground',
    register: 'Pours',
    one: 'A pour, with its hold sheet',
    at: 'place',
    fields: [
      words('what', 'What is poured', { needed: true }),
      ...asked(concrete, 'long', 'wide', 'thick', 'pieces', 'other', 'place', 'ordered'),
      day('on', 'Planned for'),
      words('pump', 'Pump and its route'),
      words('permit', 'Permit for the street'),
      tick('forms', 'Forms are braced'),
      tick('clean', 'Surfaces are clean'),
      tick('bars', 'Bars are placed and stand upright'),
      tick('inserts', 'Inserts are in'),
      tick('levels', 'Levels are checked'),
      tick('inspected', 'The inspection passed'),
      tick('frost', 'Cover against frost is on site'),
    ],
    settle: { word: 'Poured', ask: 'When, how much, and the weather' },
    calculation: concrete,
    reckon: holdSentences,
    cautions: ({ permit }) => (permit ? ['cold', 'street'] : ['cold']),
  },
  {
    id: 'stair-levels',
    group: 'ground',
    register: 'Levels and stairs',
    one: 'A stair, set out from finished levels',
    at: 'place',
    fields: [
      words('what', 'Which stair', { needed: true }),
      words('datum', 'Where the finished level is marked'),
      ...asked(stair, 'rise', 'tread', 'greatest'),
      length('firstMark', 'First riser as it is marked'),
    ],
    settle: { word: 'Built', ask: 'By whom' },
    calculation: stair,
    reckon: markSentences,
    cautions: () => ['guard-height'],
  },
]

/** Risers marked from a rough level leave the first one unlike the others. */
function markSentences({ rise, firstMark, greatest }: Values, units: Units): string[] {
  if (typeof rise !== 'object' || typeof firstMark !== 'object') return []
  const told = { rise: rise.typed, ...(typeof greatest === 'object' ? { greatest: greatest.typed } : {}) }
  const riser = Number(runCalculation(stair, told, units).outputs.riser) * 10
  return Math.abs(firstMark.tenths - riser) <= LIKE
    ? []
    : [
        `The first riser is marked ${printLength(firstMark.tenths, units)} instead of ${printLength(tenths(riser), units)}: mark again from the finished levels.`,
      ]
}
/** Risers may differ by 3/8 in (9.5 mm). */
const LIKE = 95

const HOLDS = {
  forms: 'forms',
  clean: 'clean surfaces',
  bars: 'bars',
  inserts: 'inserts',
  levels: 'levels',
  inspected: 'the inspection',
  frost: 'cover against frost',
} as const

/** A pour is held until everything on its sheet is ticked. */
function holdSentences(values: Readonly<Record<string, unknown>>): string[] {
  const open = Object.entries(HOLDS).flatMap(([key, word]) => (values[key] ? [] : [word]))
  const all = Object.keys(HOLDS).length
  return [
    open.length === 0
      ? `Hold sheet ${all} of ${all}: nothing holds the pour.`
      : `Hold sheet ${all - open.length} of ${all}, the pour is held. Open: ${open.join(', ')}.`,
  ]
}
