import type { Day } from '../../calendar/day'
import { STAGES, stageNamed } from '../../scope/vocabulary'
import { choice, day, length, money, number, words } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'

/** What stands outside the fence, and what a driver looks for. */
const OUT_THERE: readonly string[] = ['skip', 'bulk bags', 'plant']
const DROPPED_AT: readonly string[] = ['store', 'bulk bags', 'barrow route']
const STAGE_WORDS = Object.values(STAGES)
const UNPROTECTED = 'nothing, it goes anyway'

export const SET_UP_KINDS: readonly EntryKind[] = [
  {
    id: 'set-up',
    group: 'access',
    register: 'Site set-up and plant',
    one: 'Something of the site set-up, or plant',
    called: '',
    at: 'site',
    tells: {
      crew: 'all',
      trade: '{what}[ ({sort})][, {where}]',
      street: { says: ['sort', 'where'], when: ({ sort }) => OUT_THERE.includes(String(sort)) },
      driver: { says: ['sort', 'where'], when: ({ sort }) => DROPPED_AT.includes(String(sort)) },
      'set-up': 'all',
    },
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
    id: 'hire',
    group: 'access',
    register: 'Hired: scaffold, crane, fence, plant',
    one: 'Something hired for a while',
    called: 'Hired',
    at: 'either',
    tells: {
      crew: 'all',
      trade: '{what}[, from {comes}]',
      driver: ['what', 'sort', 'comes'],
      'set-up': ['what', 'sort', 'comes'],
    },
    fields: [
      words('what', 'What is hired', { needed: true }),
      choice('sort', 'Sort', [
        'scaffold',
        'fence',
        'crane or hoist',
        'lift',
        'pump',
        'dryer or heater',
        'cabin or toilet',
        'other plant',
      ]),
      choice('from', 'Comes before', STAGE_WORDS, { needed: true }),
      choice('until', 'Goes after', STAGE_WORDS, { needed: true }),
      words('firm', 'From whom'),
      day('comes', 'Comes on, as agreed'),
      number('notice', 'Working days it is called ahead'),
      money('week', 'Cost of a week'),
    ],
    settle: { word: 'Sent back' },
    hired: ({ from, until, notice, comes, week, sort }) => ({
      from: stageNamed(from)!,
      until: stageNamed(until)!,
      notice: Number(notice ?? 0),
      comes: (comes as Day | undefined) ?? null,
      week: week === undefined ? null : Number(week),
      outside: sort === 'scaffold',
      lifts: sort === 'crane or hoist' || sort === 'lift',
    }),
    cautions: ({ sort }) =>
      sort === 'crane or hoist' || sort === 'lift' ? ['heavy-lift'] : sort === 'scaffold' ? ['ladder'] : [],
  },
  {
    id: 'delivery-path',
    group: 'access',
    register: 'Ways in for deliveries',
    one: 'A way in',
    called: 'Way in',
    at: 'site',
    tells: {
      ...BUILT,
      street: { says: 'all', when: ({ parking }) => Boolean(parking) },
      supplier: 'all',
      driver: 'all',
      'set-up': 'all',
    },
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
    called: 'Protected',
    at: 'place',
    tells: {
      ...BUILT,
      'set-up': 'all',
      client: {
        says: '{what} is protected[ by {level}][, until {until}].',
        when: ({ level }) => level !== UNPROTECTED,
      },
    },
    fields: [
      words('what', 'What is protected', { needed: true }),
      choice('level', 'With what', ['plastic', 'cloth', 'zip door', 'floor boards', UNPROTECTED]),
      words('why', 'Why so much or so little'),
      day('until', 'Until'),
    ],
    settle: { word: 'Off again' },
  },
]
