import { shortDay, type Day } from '../../calendar/day'
import { choice, day, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT, type Told } from '../telling'

export const CLEANLINESS = [
  'broom-clean every day',
  'safe to walk barefoot',
  'dust kept behind a sheet',
  'safe, no more',
] as const

/** What of getting in concerns whoever comes to the house, and may be told to them; the rest is said of neighbours. */
const WAY_IN: readonly string[] = ['pets', 'gate or key', 'parking', 'leave to pass', 'working hours']

const isWayIn = ({ sort }: Values): boolean => WAY_IN.includes(String(sort))
const wayIn = (says: string): Told => ({ says, when: isWayIn })

/** How the letter begins that asks those next door. */
const ASKS: Readonly<Record<string, string>> = {
  'leave to pass': 'We ask for leave to pass',
  pets: 'Please mind your animals',
  parking: 'Parking',
  'gate or key': 'Gates',
  'working hours': 'We work',
}
const askNextDoor = ({ sort, what, until }: Values): string =>
  `${ASKS[String(sort)]}: ${String(what)}${until ? `, until ${shortDay(until as Day)}` : ''}`

export const ACCESS_KINDS: readonly EntryKind[] = [
  {
    id: 'access',
    group: 'access',
    register: 'Neighbours and access',
    one: 'A neighbour, a gate, an animal, a permission',
    called: '',
    at: 'site',
    tells: {
      crew: 'all',
      trade: wayIn('{what}[ ({until})]'),
      neighbours: { says: askNextDoor, when: isWayIn },
      driver: wayIn('{what}[, until {until}].'),
      'set-up': { says: 'all', when: isWayIn },
    },
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
    called: 'Clean',
    at: 'place',
    tells: {
      crew: 'all',
      trade: '{standard}[, because {because}]',
      contractor: 'Every evening: {standard}.',
      'set-up': 'all',
      client: 'Every evening: {standard}.',
    },
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
    called: 'Close up every evening',
    at: 'place',
    tells: { ...BUILT, 'set-up': 'all' },
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
