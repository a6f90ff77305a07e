import { paint } from '../../takeoff/envelope/paint'
import { cabinetRun } from '../../takeoff/finishes/cabinetRun'
import { countertop } from '../../takeoff/finishes/countertop'
import { floor } from '../../takeoff/finishes/floor'
import { shelving } from '../../takeoff/finishes/shelving'
import { tile } from '../../takeoff/finishes/tile'
import { choice, day, length, number, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { asked } from '../reckonedBy'

export const FINISH_KINDS: readonly EntryKind[] = [
  {
    id: 'finish-order',
    group: 'finish',
    register: 'Order of finishes, and why',
    one: 'Why a finish comes before another',
    at: 'place',
    fields: [
      words('order', 'What comes before what', { needed: true }),
      words('why', 'Why'),
      words('touchUp', 'What has to be touched up if it is swapped'),
    ],
    settle: { word: 'Done' },
  },
  {
    id: 'floor-finish',
    group: 'finish',
    register: 'Floors',
    one: 'A floor',
    at: 'place',
    fields: [
      words('what', 'Which floor', { needed: true }),
      ...asked(floor, 'surface', 'box', 'laid', 'waste'),
      words('direction', 'Direction'),
      words('transitions', 'Transitions and noses'),
      words('first', 'What goes first: old rails, walls'),
      words('protect', 'Protected until'),
    ],
    settle: { word: 'Laid' },
    calculation: floor,
  },
  {
    id: 'cabinet-fit',
    group: 'finish',
    register: 'Cabinets: will they fit',
    one: 'A run of cabinets',
    at: 'place',
    fields: [
      words('what', 'Which run', { needed: true }),
      ...asked(cabinetRun, 'niche', 'boxes', 'fillers'),
      words('clear', 'Handles, switches and window margins'),
      tick('measured', 'Niche measured after board'),
    ],
    settle: { word: 'Ordered', ask: 'Against which drawing' },
    calculation: cabinetRun,
    reckon: (values) => [...(values.measured ? [] : ['The niche is not measured after board yet: not to be ordered.'])],
  },
  {
    id: 'countertop',
    group: 'finish',
    register: 'Countertops',
    one: 'A countertop',
    at: 'place',
    fields: [
      words('what', 'Which top', { needed: true }),
      ...asked(countertop, 'runs', 'overhang', 'splash'),
      choice('stage', 'How far', ['bases set', 'templated', 'in the making', 'set']),
    ],
    settle: { word: 'Set' },
    calculation: countertop,
  },
  {
    id: 'tile-area',
    group: 'finish',
    register: 'Tile and stone',
    one: 'Tile of a wall or a floor',
    at: 'place',
    fields: [
      words('what', 'Which part', { needed: true }),
      ...asked(tile, 'surface', 'kind', 'tileLong', 'tileWide', 'joint', 'membrane'),
      tick('sample', 'Sample accepted, with how it varies'),
    ],
    settle: { word: 'Set and grouted' },
    calculation: tile,
    cautions: ({ membrane }) => (membrane ? ['wet-zone'] : []),
  },
  {
    id: 'rail',
    group: 'finish',
    register: 'Rails and guards',
    one: 'A rail or a guard',
    at: 'place',
    fields: [
      words('what', 'Which rail', { needed: true }),
      length('long', 'Length'),
      length('height', 'Height'),
      number('posts', 'Posts'),
      words('finish', 'Finish'),
      words('temporary', 'Temporary guard until'),
    ],
    settle: { word: 'Up' },
    cautions: ({ temporary }) => (temporary ? ['guard-out', 'guard-height'] : ['guard-height']),
  },
  {
    id: 'paint-progress',
    group: 'finish',
    register: 'Paint, coat by coat',
    one: 'Something to paint',
    at: 'place',
    fields: [
      words('what', 'What is painted', { needed: true }),
      ...asked(paint, 'surface', 'coats', 'spread'),
      choice('stage', 'How far', ['prepared', 'primed', 'first coat', 'second coat', 'finished']),
      words('touchUp', 'To touch up'),
      day('neighbour', 'From the neighbour’s side on'),
    ],
    settle: { word: 'Finished' },
    calculation: paint,
    cautions: ({ neighbour }) => (neighbour ? ['neighbour-access'] : []),
  },
  {
    id: 'shelving',
    group: 'finish',
    register: 'Shelves and built-ins',
    one: 'Shelves on three walls',
    at: 'place',
    fields: [words('what', 'Which closet', { needed: true }), ...asked(shelving, 'back', 'side', 'depth', 'tiers')],
    settle: { word: 'In' },
    calculation: shelving,
  },
]
