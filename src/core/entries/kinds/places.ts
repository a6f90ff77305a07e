import { printLength, tenths, type Tenths, type Units } from '../../measure/length'
import { laidAgainstPlan } from '../../fit/layoutClearance'
import { WALLS } from '../../sketches/room'
import { choice, length, lengthIn, POSITION, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { outputsOf } from '../sums'
import { BUILT } from '../telling'

/** A room is a bedroom when the authority has agreed; until then somebody wants to sleep in it. */
const SLEEPING = 'a room to sleep in'
const SLEPT_IN: readonly unknown[] = [SLEEPING, 'guest room', 'bedroom']

/** As laid against the plan, what a door that opens leaves of it, and what the place beside it keeps. */
function layoutSentences(values: Values, units: Units): string[] {
  const [laid, planned, leaf, keeps] = (['laid', 'planned', 'leaf', 'keeps'] as const).map((key) =>
    lengthIn(values, key),
  )
  const say = (size: number): string => printLength(tenths(size), units)
  const beside = String(values.neighbour ?? '')
  const { difference, verdict } =
    laid && planned ? laidAgainstPlan(laid.tenths, planned.tenths) : { difference: 0, verdict: 'as planned' }
  const by = say(Math.abs(difference))
  return [
    ...(!laid || !planned ? [] : verdict === 'as planned' ? ['As planned.'] : [`${by} ${verdict} than the plan.`]),
    ...(laid && leaf
      ? [
          `With the leaf of ${say(leaf.tenths)} open ${say(laid.tenths - leaf.tenths)} is left${planned ? `, ${say(planned.tenths - leaf.tenths)} as planned` : ''}.`,
        ]
      : []),
    ...(beside && verdict !== 'as planned'
      ? [
          `${beside} gets ${by} ${verdict === 'wider' ? 'less' : 'more'}: ${keeps ? `${say(keeps.tenths)} becomes ${say(keeps.tenths - difference)}; ` : ''}check its doors and clearances.`,
        ]
      : []),
  ]
}

const OTHER_END: Readonly<Record<string, string>> = {
  'at the start': 'at the far end',
  'at the far end': 'at the start',
}

/** A piece on a wall that runs from left to right stands as far from its other end, and a door hangs there. */
function pieceMirrored(values: Values, long: Tenths | null, units: Units): Values {
  if (values.wall !== 'far wall' && values.wall !== 'near wall') return values
  const { from: _from, hinge, ...rest } = values
  const [from, width] = [lengthIn(values, 'from'), lengthIn(values, 'width')]
  const left = long && from && width ? tenths(long - from.tenths - width.tenths) : null
  return {
    ...rest,
    ...(typeof hinge === 'string' ? { hinge: OTHER_END[hinge] ?? hinge } : {}),
    ...(left !== null && left >= 0
      ? { from: { tenths: left, precision: 'exact', typed: printLength(left, units) } }
      : {}),
  }
}

export const PLACE_ENTRY_KINDS: readonly EntryKind[] = [
  {
    id: 'layout',
    group: 'place',
    builtAlike: true,
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
      length('leaf', 'Leaf of a door that opens into it'),
      words('neighbour', 'Which place it takes from or gives to'),
      length('keeps', 'What that place measures now'),
      words('why', 'Why it changed'),
      ...POSITION,
    ],
    settle: { word: 'Agreed', ask: 'Who agreed to it' },
    reckon: layoutSentences,
  },
  {
    id: 'room-piece',
    group: 'place',
    builtAlike: true,
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
    mirrored: pieceMirrored,
    settle: { word: 'Not there any more' },
  },
  {
    id: 'room-use',
    group: 'place',
    builtAlike: true,
    register: 'What a room may be called',
    one: 'What a room is to be used as',
    called: 'Used as',
    at: 'place',
    tells: { ...BUILT, designer: 'all', authority: 'all', client: 'all' },
    fields: [
      choice('use', 'What it is to be', [SLEEPING, 'study', 'guest room', 'playroom', 'store', 'other', 'bedroom'], {
        needed: true,
      }),
      words('without', 'What it does without, and who agreed'),
    ],
    settle: { word: 'Answered', ask: 'What the authority said' },
    sum: { calculation: 'C-62', asks: ['long', 'wide'], takes: { long: 'long', wide: 'wide' } },
    asks: (values, units) =>
      SLEPT_IN.includes(values.use) && String(outputsOf('C-62', values, units)?.verdict).startsWith('under')
        ? [{ of: 'authority', question: 'The room is under the usual least. May somebody sleep in it?' }]
        : SLEPT_IN.includes(values.use)
          ? [
              {
                of: 'us',
                unless: 'escape',
                question:
                  'Somebody is to sleep there: what is the clear opening of its window, and how high is the sill?',
              },
            ]
          : [],
    cautions: () => ['not-approval'],
  },
  {
    id: 'stands-between',
    group: 'place',
    builtAlike: true,
    register: 'What stands between two walls',
    one: 'A bed, a table: with room at both sides',
    called: 'Stands here',
    at: 'place',
    tells: { ...BUILT, designer: 'all', client: 'all' },
    fields: [
      words('what', 'What stands there', { needed: true }),
      words('faces', 'Which way, and on what it is centred'),
    ],
    sum: { calculation: 'C-61', asks: ['wide', 'beside', 'besideMost', 'clear'], takes: { clear: 'wide' } },
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
