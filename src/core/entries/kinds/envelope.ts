import { flashing } from '../../takeoff/envelope/flashing'
import { gable } from '../../takeoff/envelope/gable'
import { lapSiding } from '../../takeoff/envelope/lapSiding'
import { soffit } from '../../takeoff/envelope/soffit'
import { trim } from '../../takeoff/envelope/trim'
import { weatherBarrier } from '../../takeoff/envelope/weatherBarrier'
import { tarp } from '../../takeoff/finishes/tarp'
import { repointing } from '../../takeoff/ground/repointing'
import { choice, day, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { asked } from '../reckonedBy'

export const ENVELOPE_KINDS: readonly EntryKind[] = [
  {
    id: 'face-area',
    group: 'envelope',
    register: 'Faces: area, gables, openings',
    one: 'A face, from few measures',
    at: 'place',
    fields: [
      words('what', 'Which face or part', { needed: true }),
      ...asked(gable, 'walls', 'gableBase', 'pitch', 'gables', 'openings'),
    ],
    calculation: gable,
  },
  {
    id: 'face-siding',
    group: 'envelope',
    register: 'Siding and courses',
    one: 'Siding of a face',
    at: 'place',
    fields: [
      words('what', 'Which siding', { needed: true }),
      ...asked(lapSiding, 'height', 'exposure', 'walls', 'gables', 'board'),
    ],
    calculation: lapSiding,
  },
  {
    id: 'face-trim',
    group: 'envelope',
    register: 'Trim and its cut list',
    one: 'Trim around openings',
    at: 'place',
    fields: [
      words('what', 'Which trim', { needed: true }),
      ...asked(trim, 'windows', 'doors', 'face', 'joint', 'corners', 'cornerHeight', 'stock'),
    ],
    calculation: trim,
  },
  {
    id: 'fascia',
    group: 'envelope',
    register: 'Fascia and soffit',
    one: 'Fascia and soffit',
    at: 'place',
    fields: [words('what', 'Which run', { needed: true }), ...asked(soffit, 'eave', 'rake', 'depth', 'attic')],
    calculation: soffit,
    cautions: () => ['roof-edge', 'ladder'],
  },
  {
    id: 'barrier',
    group: 'envelope',
    register: 'Weather barrier',
    one: 'Weather barrier of a face',
    at: 'place',
    fields: [words('what', 'Which face', { needed: true }), ...asked(weatherBarrier, 'walls', 'laps')],
    settle: { word: 'On, laps right' },
    calculation: weatherBarrier,
  },
  {
    id: 'flashing',
    group: 'envelope',
    register: 'Flashing by interface',
    one: 'A flashing',
    at: 'place',
    fields: [
      choice(
        'interface',
        'Where',
        [
          'roof meets wall',
          'chimney',
          'window or door head',
          'sill',
          'base of the wall',
          'hose outlet or receptacle',
          'penetration',
        ],
        { needed: true },
      ),
      ...asked(flashing, 'runs', 'lap'),
      tick('lapped', 'Barrier laps over it'),
    ],
    settle: { word: 'In and seen', ask: 'Who looked, with the photo' },
    holdsCover: true,
    calculation: flashing,
    reckon: (values) => [...(values.lapped ? [] : ['Not yet lapped by the barrier.'])],
    cautions: ({ interface: where }) => (where === 'roof meets wall' || where === 'chimney' ? ['roof-edge'] : []),
  },
  {
    id: 'weather-cover',
    group: 'envelope',
    register: 'Weather cover',
    one: 'A sheet or a cover',
    at: 'place',
    fields: [
      words('what', 'What is open', { needed: true }),
      ...asked(tarp, 'width', 'height', 'beyond'),
      day('until', 'How long'),
      words('removeWhen', 'Remove when'),
    ],
    settle: { word: 'Off again', ask: 'What closes it now' },
    calculation: tarp,
    reckon: () => ['Look at it again after every storm.'],
    cautions: () => ['weather-opening', 'roof-edge'],
  },
  {
    id: 'roof-part',
    group: 'envelope',
    register: 'Roof',
    one: 'A part of the roof',
    at: 'place',
    fields: [
      words('what', 'Which part', { needed: true }),
      choice('stage', 'How far', ['stripped', 'rafters seen', 'decked', 'felted', 'covered', 'drained']),
      words('overhang', 'Overhang and drainage'),
    ],
    settle: { word: 'Tight', ask: 'How it was tested' },
    cautions: () => ['roof-edge'],
  },
  {
    id: 'masonry',
    group: 'envelope',
    register: 'Masonry',
    one: 'Masonry to repoint or rebuild',
    at: 'place',
    fields: [
      words('what', 'Which wall', { needed: true }),
      ...asked(repointing, 'wall', 'joint', 'rate', 'day'),
      words('mortar', 'Mortar: kind, colour, profile'),
      choice('pass', 'Which pass', ['raked', 'filled', 'washed', 'rebuilt', 'sample panel']),
    ],
    settle: { word: 'Finished', ask: 'Who accepted the sample' },
    calculation: repointing,
    cautions: () => ['acid-wash', 'dust'],
  },
  {
    id: 'window-set',
    group: 'envelope',
    register: 'Windows and doors set',
    one: 'A window or a door unit',
    at: 'place',
    fields: [
      words('what', 'Which unit', { needed: true }),
      day('delivered', 'Delivered on'),
      tick('set', 'Set'),
      tick('tested', 'Opens and shuts'),
      tick('flashed', 'Flashed'),
      words('late', 'What may be fitted at the last moment'),
    ],
    settle: { word: 'In and flashed' },
    holdsCover: true,
    cautions: () => ['wall-openings'],
  },
]
