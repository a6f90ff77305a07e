import { lower } from '../../lists/capital'
import { CHANCES } from '../chances'
import { printLength, type Measured, type Tenths, type Units } from '../../measure/length'
import { countSentences, countTieOut, type Counts } from '../../takeoff/countTieOut'
import { cutUpStrip } from '../../takeoff/cutUpStrip'
import { choice, length, money, number, POSITION, tick, words, type Field } from '../field'
import type { Asked, EntryKind } from '../entryKind'
import { doneTo } from '../following'
import { BUILT, type Telling } from '../telling'

/** More about something found, beside its words and sort. */
export const FINDING_FIELDS: readonly Field[] = [
  choice('severity', 'How bad', ['slight', 'to be mended', 'serious', 'dangerous']),
  words('extent', 'How far it goes'),
  words('cause', 'Likely cause'),
  choice('active', 'Is the cause still at work', ['yes', 'no', 'not known']),
  words('earlier', 'Earlier work by others, and how old'),
  ...POSITION,
]

/** More about a photo. */
export const PHOTO_FIELDS: readonly Field[] = [
  choice('looking', 'Looking', [
    'north',
    'east',
    'south',
    'west',
    'up',
    'down',
    'left wall',
    'right wall',
    'facing wall',
    'back wall',
  ]),
  words('behind', 'What will be hidden behind it'),
]

const RISK: Telling = ['assumed', 'test', 'decides', 'fallback']
const DAMAGE: Telling = ['judges', 'allowance', 'found', 'structural']

const DECIDES: Readonly<Record<string, Asked['of']>> = {
  'the engineer': 'engineer',
  'the authority': 'authority',
  'the designer': 'designer',
}

/** Boards of an edge are trim; what is behind them is part of the frame. */
const EDGE_BOARD = /\b(?:fascia|soffit|frieze|trim|cornice|corner(?! post)|boards?|sill nose|casing)\b/i
const EDGE_MENDED = { stage: 'cladding', trade: 'carpenter', element: 'trim', rate: 'trim' } as const
const FRAME_MENDED = { stage: 'framing', trade: 'carpenter', element: 'plate', rate: 'frame-opening' } as const

/** The thing itself: 'fascia' of 'Fascia rot', 'plate under the bay' of 'The rotten plate under the bay'. */
const bareName = (what: unknown): string =>
  lower(
    String(what)
      .replace(/^the /i, '')
      .replace(/\brotten /i, '')
      .replace(/ rot$/i, ''),
  )

export const CONDITION_KINDS: readonly EntryKind[] = [
  {
    id: 'cause-advice',
    group: 'condition',
    register: 'Advice on causes',
    one: 'Advice on a cause, not a repair',
    called: 'Advice',
    at: 'place',
    tells: { crew: 'all', client: 'Our advice: {advice}[, because {cause}].' },
    fields: [
      words('advice', 'What should be done about the cause', { needed: true }),
      words('cause', 'The cause'),
      words('sister', 'Where else to look for the same'),
    ],
    settle: { word: 'Passed on', ask: 'To whom, and what they said' },
    reckon: ({ sister }) => (sister ? [`Look at ${String(sister)} too.`] : []),
  },
  {
    id: 'sleeping-risk',
    group: 'condition',
    register: 'Cannot be known until opened',
    one: 'A sleeping risk',
    called: 'Not known yet',
    at: 'place',
    tells: {
      crew: RISK,
      trade: RISK,
      client:
        '{what} cannot be known before it is open. Until then we assume this: {assumed}.[ It will be known so: {test}.][ Who decides then: {decides}.][ If it is worse: {fallback}.]',
    },
    fields: [
      words('what', 'What cannot be known yet', { needed: true }),
      words('assumed', 'What we assume until then', { needed: true }),
      words('test', 'How it will be known'),
      choice('decides', 'Who decides then', ['we', 'the client', 'the engineer', 'the authority', 'the designer']),
      words('fallback', 'What is done if it is worse'),
      money('price', 'What worse may cost'),
      choice('chance', 'How likely worse is', Object.keys(CHANCES)),
      number('days', 'Working days that worse may cost'),
    ],
    settle: { word: 'Now known', ask: 'What it turned out to be' },
    asks: ({ what, assumed, decides }) =>
      DECIDES[String(decides)]
        ? [
            {
              of: DECIDES[String(decides)]!,
              question: `${String(what)} cannot be known yet; we assume ${String(assumed)}. You decide when it is open.`,
            },
          ]
        : [],
  },
  {
    id: 'hidden-damage',
    group: 'condition',
    register: 'Found once it was open',
    one: 'Damage found once it was open',
    called: 'Found once open',
    at: 'place',
    tells: {
      crew: DAMAGE,
      trade: DAMAGE,
      engineer: DAMAGE,
      // What nobody found yet is only in the price.
      client: ({ what, found, allowance, judges }) =>
        found === undefined
          ? `In the price, should it be bad: ${String(what)}${allowance === undefined ? '' : `, ${String(allowance)}`}.`
          : `Found once it was open: ${String(what)}${judges ? `, to be judged by ${String(judges)}` : ''}.${allowance === undefined ? '' : ` ${String(allowance)} were allowed for, ${String(found)} are there.`}`,
    },
    fields: [words('what', 'What was found', { needed: true }), words('judges', 'Who may judge it')],
    settle: { word: 'Talked about and agreed', ask: 'Who agreed, on which day' },
    // What was allowed for and carries nothing needs no talk before it is covered.
    holdsCover: ({ allowance, found, structural }) =>
      structural === 'yes' || allowance === undefined || Number(found ?? 0) > Number(allowance),
    lays: ({ what, allowance, found }, told) =>
      allowance === undefined && found === undefined
        ? null
        : {
            ...(EDGE_BOARD.test(String(what)) ? EDGE_MENDED : FRAME_MENDED),
            action: 'repair',
            title: doneTo('Mend', `${/\brot/i.test(`${told} ${String(what)}`) ? 'rotten ' : ''}${bareName(what)}`),
          },
    sum: {
      calculation: 'C-44',
      asks: ['allowance', 'found', 'unitPrice', 'structural'],
      total: { output: 'priced', words: 'Allowed for what is found once open, in the price', unit: 'money' },
    },
    cautions: ({ structural }) => (structural === 'yes' ? ['old-structure'] : []),
  },
  {
    id: 'open-up',
    group: 'condition',
    register: 'To open up and look',
    one: 'Open up and look',
    called: 'Open up and look',
    at: 'place',
    work: ['strip-out'],
    tells: { ...BUILT, client: 'We open it up and look for this: {look}.' },
    fields: [
      words('look', 'What to look for', { needed: true }),
      length('wall', 'Length of wall to cut up along'),
      length('strip', 'Height of the strip'),
      length('doors', 'Door openings in it, together'),
      ...POSITION,
    ],
    settle: { word: 'Looked', ask: 'What is visible now' },
    holdsCover: true,
    reckon: (values, units) => stripSentences(values as Record<string, Measured | undefined>, units),
    cautions: () => ['dust', 'hanging-wires'],
  },
  {
    id: 'bearing-clue',
    group: 'condition',
    register: 'Walls that may carry',
    one: 'A wall that may carry',
    called: 'May carry',
    at: 'place',
    tells: { ...BUILT, engineer: 'all', client: '{wall} may carry: only the engineer, or opening it up, can tell.' },
    fields: [
      words('wall', 'Which wall', { needed: true }),
      words('for', 'Clues that it carries'),
      words('against', 'Clues that it does not'),
    ],
    settle: { word: 'Answered', ask: 'What the engineer said, with name and day' },
    holdsCover: true,
    reckon: () => ['Suspected. Only the engineer, or opening it up, can tell.'],
    cautions: () => ['bearing-wall', 'old-structure'],
  },
  {
    id: 'count',
    group: 'condition',
    register: 'Counts',
    one: 'A count',
    called: 'Count',
    at: 'place',
    tells: { ...BUILT, supplier: ['ordered', 'delivered'] },
    fields: [
      words('what', 'What is counted', { needed: true }),
      number('said', 'Said on the walk'),
      number('listed', 'Listed'),
      number('drawn', 'On the plan'),
      number('ordered', 'Ordered'),
      number('delivered', 'Delivered'),
      number('done', 'Done'),
      number('needed', 'Needed'),
      number('used', 'Used'),
      number('saved', 'Saved from what is there'),
      tick('photographed', 'Photographed'),
    ],
    settle: { word: 'Agrees', ask: 'Which number is right' },
    reckon: (values) => [...countTieOut(values as Counts), ...countSentences(values as Counts)],
  },
]

/** The arithmetic of a cut-up strip, at both ends where its height is a range. */
function stripSentences({ wall, strip, doors }: Record<string, Measured | undefined>, units: Units): string[] {
  if (!wall || !strip) return []
  const heights = strip.high === undefined ? [strip.tenths] : [strip.tenths, strip.high]
  const at = (height: Tenths) => cutUpStrip(wall.tenths, height, doors?.tenths ?? 0)
  const { sections, plate, studFeet } = at(strip.tenths)
  return [
    `${counted(sections, 'section')} of 8 ft, ${printLength(plate, units)} of plate to look at, ${studFeet} stud feet.`,
    ...heights.map((height) => {
      const { stripsPerSheet, sheets } = at(height)
      return `At ${printLength(height, units)} high: ${counted(stripsPerSheet, 'strip')} to a sheet, ${counted(sheets, 'sheet')}.`
    }),
  ]
}

const counted = (count: number, word: string): string => (count === 1 ? `1 ${word}` : `${count} ${word}s`)
