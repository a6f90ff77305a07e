import { capital } from '../../lists/capital'
import { printLength, tenths, type Units } from '../../measure/length'
import { choice, day, length, lengthIn, money, number, tick, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { amountBy, doneTo } from '../following'
import { outputsOf } from '../sums'
import { BUILT } from '../telling'
import { guardSentences } from '../guards'
import { handOffSentences } from '../handOffs'
import { roomTrimSentences } from '../roomTrim'

export const FINISH_KINDS: readonly EntryKind[] = [
  {
    id: 'finish-order',
    group: 'finish',
    register: 'Order of finishes, and why',
    one: 'Why a finish comes before another',
    called: 'In this order',
    at: 'place',
    tells: { ...BUILT, contractor: ['why', 'first', 'then', 'whose'], client: '{order}[, because {why}].' },
    fields: [
      words('order', 'What comes before what', { needed: true }),
      words('why', 'Why'),
      words('touchUp', 'What has to be touched up if it is swapped'),
      words('first', 'First, in a word or two'),
      words('then', 'What waits for it, in a word or two'),
      choice('whose', 'Who does the first', ['we', 'the client’s own contractor', 'the client', 'the neighbour']),
    ],
    settle: { word: 'Done' },
    overview: handOffSentences,
  },
  {
    id: 'floor-finish',
    group: 'finish',
    builtAlike: true,
    register: 'Floors',
    one: 'A floor',
    called: 'Floor',
    at: 'place',
    work: ['flooring'],
    next: ['cabinets', 'trim', 'fixtures', 'railing'],
    tells: { ...BUILT, next: 'all', client: 'Floor, {what}[: laid {direction}].' },
    lays: (values, _told, units) => ({
      stage: 'flooring',
      trade: 'flooring',
      action: 'install',
      element: 'floor',
      rate: 'floor',
      title: capital(String(values.what)),
      ...amountBy('C-32', 'withWaste', 'm2', values, units),
    }),
    fields: [
      words('what', 'Which floor', { needed: true }),

      words('direction', 'Direction'),
      words('transitions', 'Transitions and noses'),
      words('first', 'What goes first: old rails, walls'),
      words('protect', 'Protected until'),
    ],
    settle: { word: 'Laid' },
    sum: {
      calculation: 'C-32',
      asks: ['surface', 'box', 'laid', 'waste'],
      takes: { surface: 'floor' },
      total: { output: 'withWaste', words: 'Floor with waste', unit: 'm2' },
    },
  },
  {
    id: 'cabinet-fit',
    group: 'finish',
    builtAlike: true,
    register: 'Cabinets: will they fit',
    one: 'A run of cabinets',
    called: 'Cabinets',
    at: 'place',
    work: ['cabinets'],
    tells: BUILT,
    fields: [
      words('what', 'Which run', { needed: true }),

      words('clear', 'Handles, switches and window margins'),
      length('window', 'Window in this wall'),
      length('windowTrim', 'Its trim, at each side'),
      tick('measured', 'Niche measured after board'),
    ],
    settle: { word: 'Ordered', ask: 'Against which drawing' },
    sum: { calculation: 'C-31', asks: ['niche', 'boxes', 'fillers', 'skinLeft', 'skinRight'] },
    asks: (values, units) => {
      const sum = outputsOf('C-31', values, units)
      const what = String(values.what)
      if (sum && Number(sum.short) > 0)
        return [{ of: 'us', question: `${what}: the run is too long. Another box, or build out?` }]
      return sum && Number(sum.move) > 0
        ? [
            {
              of: 'us',
              question: `${what}: move the run to even the gaps, or accept them, before it is screwed for good?`,
            },
          ]
        : []
    },
    reckon: (values, units) => [
      ...besideWindow(values, units),
      ...(values.measured ? [] : ['The niche is not measured after board yet: not to be ordered.']),
    ],
  },
  {
    id: 'cabinet-heights',
    group: 'finish',
    builtAlike: true,
    register: 'Heights over a run of cabinets',
    one: 'Heights over a run, up to the ceiling',
    called: 'Heights',
    at: 'place',
    work: ['cabinets'],
    tells: BUILT,
    fields: [words('what', 'Which run', { needed: true }), words('covers', 'What the riser or crown has to cover')],
    settle: { word: 'Closed to the ceiling' },
    sum: { calculation: 'C-58', asks: ['stack', 'ceilingLeft', 'ceilingRight', 'riser', 'cover'] },
    asks: (values, units) =>
      outputsOf('C-58', values, units)?.fits === 'no'
        ? [
            {
              of: 'us',
              question: `${String(values.what)}: the riser does not go in at one end. Scribe it, or another height?`,
            },
          ]
        : [],
  },
  {
    id: 'fit-check',
    group: 'finish',
    register: 'Will it fit',
    one: 'Something that has to fit, or clear what is beside it',
    called: 'Fit',
    at: 'place',
    tells: { ...BUILT, designer: 'all' },
    fields: [
      words('what', 'What has to go where', { needed: true }),
      words('beside', 'What is beside it: a switch, a casing, a swing'),
    ],
    settle: { word: 'Fits', ask: 'How it was made to' },
    sum: { calculation: 'C-60', asks: ['space', 'takes', 'spare'] },
    asks: (values, units) =>
      outputsOf('C-60', values, units)?.verdict === 'no'
        ? [{ of: 'us', question: `${String(values.what)}: it does not fit. What gives way, it or what is beside it?` }]
        : [],
  },
  {
    id: 'countertop',
    group: 'finish',
    builtAlike: true,
    register: 'Countertops',
    one: 'A countertop',
    called: 'Countertop',
    at: 'place',
    work: ['countertops'],
    tells: { ...BUILT, client: 'Countertop, {what}[: {stage}].' },
    fields: [
      words('what', 'Which top', { needed: true }),

      choice('stage', 'How far', ['bases set', 'templated', 'in the making', 'set']),
    ],
    closedBy: ({ stage }) => (stage === 'set' ? 'Set' : null),
    settle: { word: 'Set' },
    sum: { calculation: 'C-34', asks: ['runs', 'overhang', 'splash'] },
  },
  {
    id: 'tile-area',
    group: 'finish',
    builtAlike: true,
    register: 'Tile and stone',
    one: 'Tile of a wall or a floor',
    called: 'Tile',
    at: 'place',
    work: ['tile'],
    tells: { ...BUILT, client: 'Tile: {what}.' },
    fields: [words('what', 'Which part', { needed: true }), tick('sample', 'Sample accepted, with how it varies')],
    settle: { word: 'Set and grouted' },
    sum: {
      calculation: 'C-33',
      asks: ['surface', 'kind', 'box', 'tileLong', 'tileWide', 'joint', 'membrane'],
      takes: { surface: 'surface' },
      total: { output: 'tile', words: 'Tile with waste', unit: 'm2' },
    },
    cautions: ({ membrane }) => (membrane ? ['wet-zone'] : []),
  },
  {
    id: 'room-trim',
    group: 'finish',
    builtAlike: true,
    register: 'Trim of a room',
    one: 'Trim of a room',
    called: 'Trim',
    at: 'place',
    work: ['trim'],
    tells: BUILT,
    fields: [
      words('what', 'Which room or stair', { needed: true }),
      words('style', 'Style and size'),
      length('perimeter', 'Round the room'),
      number('doors', 'Doors with casing on both sides'),
      length('doorWide', 'Width of a door with its casing'),
      length('doorHigh', 'Height of a door'),
      number('windows', 'Windows to trim'),
      length('windowRound', 'Round one window'),
      tick('crown', 'Crown along the ceiling'),
      number('risers', 'Risers to cover'),
      length('stairWide', 'Width of the stair'),
      length('stick', 'Length of a stick'),
      money('perDoor', 'Price a door'),
      money('allDoors', 'Price of all its doors'),
    ],
    settle: { word: 'Up' },
    reckon: roomTrimSentences,
  },
  {
    id: 'rail',
    group: 'finish',
    builtAlike: true,
    register: 'Rails and guards',
    one: 'A rail or a guard',
    called: 'Rail',
    at: 'place',
    work: ['railing'],
    next: ['paint', 'fixtures'],
    tells: { ...BUILT, next: 'all', authority: 'all' },
    fields: [
      words('what', 'Which rail', { needed: true }),
      length('long', 'Length'),
      length('height', 'Height'),
      length('drop', 'Drop beside it'),
      number('posts', 'Posts'),
      words('finish', 'Finish'),
      words('temporary', 'Temporary guard until'),
    ],
    settle: { word: 'Up' },
    reckon: guardSentences,
    cautions: ({ temporary }) => (temporary ? ['guard-out', 'guard-height'] : ['guard-height']),
  },
  {
    id: 'paint-progress',
    group: 'finish',
    register: 'Paint, coat by coat',
    one: 'Something to paint',
    called: 'Paint',
    at: 'place',
    work: ['paint'],
    tells: {
      ...BUILT,
      neighbours: 'Painted from your side: {what}[, from {neighbour} on]',
      client: 'Paint, {what}[: {stage}].',
    },
    fields: [
      words('what', 'What is painted', { needed: true }),
      words('colour', 'Colour, or the code on the tin'),

      choice('stage', 'How far', ['prepared', 'primed', 'first coat', 'second coat', 'finished']),
      words('touchUp', 'To touch up'),
      day('neighbour', 'From the neighbour’s side on'),
    ],
    closedBy: ({ stage }) => (stage === 'finished' ? 'Finished' : null),
    settle: { word: 'Finished' },
    sum: {
      calculation: 'C-10',
      asks: ['surface', 'coats', 'spread'],
      takes: { surface: 'surface' },
      total: { output: 'litres', words: 'Paint', unit: 'L', by: 'colour' },
    },
    cautions: ({ neighbour }) => (neighbour ? ['neighbour-access'] : []),
  },
  {
    id: 'shelving',
    group: 'finish',
    builtAlike: true,
    register: 'Shelves and built-ins',
    one: 'Shelves on three walls',
    called: 'Shelves',
    at: 'place',
    work: ['trim'],
    tells: { ...BUILT, client: 'Shelves: {what}.' },
    fields: [words('what', 'Which closet', { needed: true })],
    settle: { word: 'In' },
    lays: (values, _told, units) => ({
      stage: 'trim',
      trade: 'carpenter',
      action: 'install',
      element: 'shelf',
      rate: 'trim',
      title: doneTo('Fit', values.what),
      ...amountBy('C-22', 'shelf', 'm', values, units),
    }),
    sum: {
      calculation: 'C-22',
      asks: ['back', 'side', 'depth', 'tiers'],
      total: { output: 'sheets', words: 'Sheets of shelf', unit: 'pieces' },
    },
  },
]

/** What a window leaves for wall cabinets at each side of it. */
function besideWindow(values: Values, units: Units): string[] {
  const [niche, window, trim] = [lengthIn(values, 'niche'), lengthIn(values, 'window'), lengthIn(values, 'windowTrim')]
  if (!niche || !window) return []
  const each = (niche.tenths - window.tenths - 2 * (trim?.tenths ?? 0)) / 2
  return each > 0
    ? [`Beside the window ${printLength(tenths(each), units)} for wall cabinets, at each side.`]
    : ['The window and its trim leave nothing for wall cabinets.']
}
