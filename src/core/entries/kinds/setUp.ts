import { choice, day, length, words } from '../field'
import type { EntryKind } from '../entryKind'

export const SET_UP_KINDS: readonly EntryKind[] = [
  {
    id: 'set-up',
    group: 'access',
    register: 'Site set-up and plant',
    one: 'Something of the site set-up, or plant',
    at: 'site',
    fields: [
      words('what', 'What', { needed: true }),
      choice('sort', 'Sort', [
        'store',
        'canteen',
        'toilet',
        'skip',
        'spoil heap',
        'barrow route',
        'bulk bags',
        'plant',
      ]),
      words('where', 'Where'),
      words('broken', 'Broken: what, and the spare'),
    ],
    settle: { word: 'Gone' },
  },
  {
    id: 'delivery-path',
    group: 'access',
    register: 'Ways in for deliveries',
    one: 'A way in',
    at: 'site',
    fields: [
      words('way', 'Which way', { needed: true }),
      length('narrowest', 'Narrowest width'),
      length('lowest', 'Lowest height'),
      length('straight', 'Longest straight run'),
      length('piece', 'Longest rigid piece to come in'),
      words('hoist', 'Crane, hoist or pump'),
      words('parking', 'Parking permission'),
      words('hours', 'At which hours'),
    ],
    reckon: ({ straight, piece }) =>
      typeof straight === 'object' && typeof piece === 'object'
        ? [
            piece.tenths <= straight.tenths
              ? 'The longest piece goes along the straight run; check every turn.'
              : 'The longest piece is longer than the straight run: another opening, a hoist, or the engineer’s splice.',
          ]
        : [],
    cautions: ({ hoist, parking }) => [
      ...(hoist ? (['heavy-lift'] as const) : []),
      ...(parking ? (['street'] as const) : []),
    ],
  },
  {
    id: 'protection',
    group: 'access',
    register: 'Protection',
    one: 'How a room is protected',
    at: 'place',
    fields: [
      words('what', 'What is protected', { needed: true }),
      choice('level', 'With what', ['plastic', 'cloth', 'zip door', 'floor boards', 'nothing, it goes anyway']),
      words('why', 'Why so much or so little'),
      day('until', 'Until'),
    ],
    settle: { word: 'Off again' },
  },
]
