import { STAGES } from '../../scope/vocabulary'
import { choice, day, money, number, words } from '../field'
import type { EntryKind } from '../entryKind'
import type { Telling } from '../telling'

const STAGE_WORDS = Object.values(STAGES)

export const PARTY_PARTS = [
  'own crew',
  'subcontractor',
  'client',
  'client’s own contractor',
  'designer',
  'engineer',
  'authority',
  'association',
  'neighbour',
  'fabricator',
  'supplier to the fabricator',
  'plant or supplier',
  'hire or waste firm',
  'tenant',
  'follower',
] as const

/** What those next door hear of: whatever is loud, dusty or at their side. */
export const NEXT_DOOR = 'All that is loud, dusty or outside'

/** Something that somebody asks us, until it is answered. */
const question = (id: string, register: string, one: string, at: EntryKind['at']): EntryKind => ({
  id,
  group: 'job',
  register,
  one,
  called: '',
  at,
  tells: {},
  question: true,
  fields: [words('asked', 'What they ask', { needed: true }), words('by', 'Who asks')],
  settle: { word: 'Answered', ask: 'What was answered' },
})

const IN_USE: Telling = ['use', 'hours']
const WITHOUT = 'Without {what} for {most} days at most[; meanwhile {meanwhile}].'

export const JOB_KINDS: readonly EntryKind[] = [
  {
    id: 'party',
    group: 'job',
    register: 'Parties',
    one: 'Somebody on the job',
    called: '',
    at: 'site',
    tells: { crew: ['part', 'trade'] },
    fields: [
      words('name', 'Who', { needed: true }),
      choice('part', 'Their part', PARTY_PARTS),
      words('trade', 'Trade or office'),
      words('licence', 'Licence'),
      words('contact', 'Telephone or mail'),
      choice('hears', 'Hears of the days of', [NEXT_DOOR, ...STAGE_WORDS]),
      words('brings', 'What they bring, do or must know for it'),
      words('unit', 'Which unit is theirs, of a house with several'),
      choice('maySee', 'What they may see', [
        'only what is sent to them',
        'their own rooms and dates',
        'the client’s update',
        'everything but money',
        'everything',
      ]),
    ],
  },
  {
    id: 'goal',
    group: 'job',
    register: 'What the client wants',
    one: 'A goal of the client',
    called: 'Wanted',
    at: 'site',
    tells: { crew: 'all', client: 'You want: {goal}[; it is met when {shownBy}].', designer: ['goal', 'weight'] },
    fields: [
      words('goal', 'What it must be in the end', { needed: true }),
      choice('weight', 'How much it matters', ['a must', 'wished for', 'if it costs nothing']),
      words('shownBy', 'How one will see that it is met'),
    ],
    gathers: true,
    settle: { word: 'Met', ask: 'How it was met' },
  },
  {
    id: 'occupancy',
    group: 'job',
    register: 'Who lives where meanwhile',
    one: 'Who uses this place meanwhile',
    called: 'Used meanwhile by',
    at: 'place',
    tells: { crew: IN_USE, trade: IN_USE, client: 'Used meanwhile by: {who}[; {use}][, {hours}].' },
    fields: [
      words('who', 'Who uses it', { needed: true }),
      choice('use', 'How', [
        'shared with us',
        'theirs alone, we stay out',
        'ours alone, they stay out',
        'they pass through',
      ]),
      words('hours', 'When'),
      words('assumed', 'What the price assumed'),
    ],
    settle: { word: 'No longer' },
  },
  question('client-question', 'Questions of the client', 'Something the client asks', 'site'),
  question('trade-question', 'Questions of trades and others', 'Something a trade or another asks', 'place'),
  {
    id: 'without',
    group: 'job',
    register: 'Days without, as promised',
    one: 'A service they are without for a while',
    called: 'Without',
    at: 'place',
    tells: { crew: WITHOUT, client: WITHOUT, tenant: WITHOUT },
    fields: [
      words('what', 'What they are without', { needed: true }),
      number('most', 'Days at most, as promised', { needed: true }),
      choice('takes', 'Gone with', STAGE_WORDS, { needed: true }),
      choice('brings', 'Back with', STAGE_WORDS, { needed: true }),
      words('meanwhile', 'What serves meanwhile'),
    ],
    settle: { word: 'Back again' },
  },
  {
    id: 'phase',
    group: 'job',
    register: 'Contract phases',
    one: 'A phase of the contract',
    called: 'Phase',
    at: 'site',
    tells: {
      crew: ['scope', 'promised', 'closeOut'],
      client: 'Phase {number}: {scope}[, from {starts}][, to be done by {promised}][; it is closed by {closeOut}].',
      'hand-over': { says: 'Phase {number}: {scope}', part: 'contract' },
    },
    fields: [
      words('number', 'Phase', { needed: true }),
      words('scope', 'What is in it', { needed: true }),
      day('starts', 'Starts on'),
      day('promised', 'Promised to be done by'),
      words('closeOut', 'What closes it'),
      money('sum', 'Its sum'),
    ],
    gathers: true,
    promises: true,
    settle: { word: 'Close the phase', ask: 'What was handed over, and what is left' },
  },
]
