import { choice, day, words } from '../field'
import type { EntryKind } from '../entryKind'

export const CLEANLINESS = [
  'broom-clean every day',
  'safe to walk barefoot',
  'dust kept behind a sheet',
  'safe, no more',
] as const

/** What of getting in concerns whoever comes to the house, and may be told to them; the rest is said of neighbours. */
export const WAY_IN: readonly string[] = ['pets', 'gate or key', 'parking', 'leave to pass', 'working hours']

export const ACCESS_KINDS: readonly EntryKind[] = [
  {
    id: 'access',
    group: 'access',
    register: 'Neighbours and access',
    one: 'A neighbour, a gate, an animal, a permission',
    at: 'site',
    fields: [
      words('what', 'What to know', { needed: true }),
      choice('sort', 'About', [
        'neighbour',
        'shared boundary',
        'pets',
        'gate or key',
        'parking',
        'leave to pass',
        'working hours',
      ]),
      words('who', 'Who gave it or has to be asked'),
      day('until', 'Good until'),
    ],
    settle: { word: 'No longer' },
    cautions: ({ sort }) => (sort === 'leave to pass' || sort === 'shared boundary' ? ['neighbour-access'] : []),
  },
  {
    id: 'cleanliness',
    group: 'access',
    register: 'How clean each place must be',
    one: 'How clean it must be here',
    at: 'place',
    fields: [
      choice('standard', 'Every evening', CLEANLINESS, { needed: true }),
      words('because', 'Because'),
      choice('proof', 'Photo at the end of the day', ['yes', 'no']),
    ],
  },
  {
    id: 'close-up',
    group: 'access',
    register: 'To close up every evening',
    one: 'An opening to close up',
    at: 'place',
    fields: [
      words('opening', 'Which opening, trench or edge', { needed: true }),
      choice('how', 'How', [
        'sheet, fixed all round',
        'board, screwed',
        'lock',
        'fence and light',
        'cover, fixed and marked',
        'rail',
      ]),
      day('until', 'Until'),
    ],
    settle: { word: 'Closed for good' },
    cautions: ({ how }) => (how === 'fence and light' || how === 'rail' ? ['open-holes'] : ['weather-opening']),
  },
]
