import { printLength, type Measured } from '../../measure/length'
import { laidAgainstPlan } from '../../fit/layoutClearance'
import { WALLS } from '../../sketches/room'
import { choice, length, POSITION, words } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'

export const PLACE_ENTRY_KINDS: readonly EntryKind[] = [
  {
    id: 'layout',
    group: 'place',
    register: 'Laid out on the floor',
    one: 'Something laid out on the floor',
    called: 'Laid out',
    at: 'place',
    work: ['framing'],
    tells: {
      ...BUILT,
      designer: 'all',
      client: '{what}: {laid} as it lies[, {planned} on the plan][, because {why}].',
    },
    fields: [
      words('what', 'What is laid out', { needed: true }),
      length('laid', 'As it lies, from edge to edge', { needed: true }),
      length('planned', 'On the plan'),
      words('why', 'Why it changed'),
      words('neighbour', 'Which place it takes from or gives to'),
      ...POSITION,
    ],
    settle: { word: 'Agreed', ask: 'Who agreed to it' },
    reckon: ({ laid, planned, neighbour }, units) => {
      if (!planned) return []
      const { difference, verdict } = laidAgainstPlan((laid as Measured).tenths, (planned as Measured).tenths)
      if (verdict === 'as planned') return ['As planned.']
      const by = printLength(Math.abs(difference) as typeof difference, units)
      return [
        `${by} ${verdict} than the plan.`,
        ...(neighbour
          ? [
              `${String(neighbour)} gets ${by} ${verdict === 'wider' ? 'less' : 'more'}: check its doors and clearances.`,
            ]
          : []),
      ]
    },
  },
  {
    id: 'room-piece',
    group: 'place',
    register: 'Doors, swings and what stands in a room',
    one: 'A door, a window or what stands in this room',
    called: '',
    at: 'place',
    tells: { ...BUILT, designer: ['sort', 'wall', 'width', 'depth', 'clear'] },
    fields: [
      words('what', 'What it is', { needed: true }),
      choice('sort', 'It is a', ['hinged door', 'sliding or pocket door', 'window', 'fixture, cabinet, appliance'], {
        needed: true,
      }),
      choice('wall', 'On which wall, as the room is drawn', WALLS, { needed: true }),
      length('from', 'From the left end of that wall, or from its far end'),
      length('width', 'Width', { needed: true }),
      length('depth', 'How far it stands out'),
      length('clear', 'Floor to be kept free before it'),
      choice('hinge', 'A door hangs', ['at the start', 'at the far end']),
      choice('swings', 'A door opens', ['into the room', 'out of the room']),
    ],
    settle: { word: 'Not there any more' },
  },
  {
    id: 'level-status',
    group: 'place',
    register: 'How each level stands',
    one: 'How this level stands',
    called: '',
    at: 'place',
    tells: { crew: 'all', client: '{status}.' },
    fields: [words('status', 'In one line', { needed: true })],
  },
  {
    id: 'from-afar',
    group: 'place',
    register: 'To confirm on a ladder',
    one: 'Seen only from afar',
    called: 'Seen only from afar',
    at: 'place',
    tells: { ...BUILT, client: '{what}: seen only from afar[, {why}], and still to be looked at close.' },
    fields: [
      words('what', 'What it seems to be', { needed: true }),
      choice('why', 'Why it was not seen close', ['too high', 'behind something', 'no way in', 'too dark']),
      ...POSITION,
    ],
    settle: { word: 'Seen close', ask: 'What it really is' },
    cautions: () => ['ladder'],
  },
]
