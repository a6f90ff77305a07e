import { longDay, type Day } from '../../calendar/day'
import { choice, day, money, number, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT, type Telling } from '../telling'

const WRONG: Telling = ['error', 'count', 'again']

/** A thing of the pack: what it is, where it is kept, how long it is good for. */
const keptWords = ({ detail, where, until }: Values): string =>
  [
    ...(detail ? [String(detail)] : []),
    ...(where ? [`kept ${String(where)}`] : []),
    ...(until ? [`good until ${longDay(until as Day)}`] : []),
  ].join(', ')

/** What was done to a piece, and why. */
const alteredWords = ({ change, why }: Values): string =>
  [...(change ? [String(change)] : []), ...(why ? [`because ${String(why)}`] : [])].join(', ')

/** What is still to be put right, what is awaited, and what the household needs to live with it. */
export const COMPLETION_KINDS: readonly EntryKind[] = [
  {
    id: 'defect',
    group: 'completion',
    register: 'Small things to put right',
    one: 'A small thing to put right',
    called: 'To put right',
    at: 'place',
    tells: { ...BUILT, client: 'To be put right: {what}[, by {by}].' },
    fields: [
      words('what', 'What, and where exactly', { needed: true }),
      choice('sort', 'What it takes', ['touch up', 'adjust', 'mend', 'clean', 'replace']),
      words('who', 'Who puts it right'),
      day('by', 'By'),
    ],
    settle: { word: 'Put right', ask: 'By whom, seen by whom' },
    reckon: ({ who, by }) => [...(who ? [] : ['Nobody has it yet.']), ...(by ? [] : ['It has no day.'])],
  },
  {
    id: 'return-part',
    group: 'completion',
    register: 'To come back for',
    one: 'A reason to come back',
    called: 'To come back for',
    at: 'place',
    tells: {
      ...BUILT,
      contractor: {
        says: 'This waits for you: {what}[. What we need first: {first}].',
        when: ({ first }) => Boolean(first),
      },
      client: 'We come back for this: {what}[; its part comes on {due}].',
    },
    fields: [
      words('what', 'What is left to do', { needed: true }),
      words('part', 'The part that is awaited'),
      day('due', 'It comes on'),
      words('first', 'What others must do first'),
      words('left', 'Parts left here, and where'),
      words('who', 'Who comes back'),
    ],
    settle: { word: 'Done', ask: 'By whom' },
    reckon: ({ part, due, first, who }) => [
      ...(part && !due ? ['No day was told for the part.'] : []),
      ...(first ? [`Not before ${String(first)}.`] : []),
      ...(who ? [] : ['Nobody is named to come back.']),
    ],
  },
  {
    id: 'order-error',
    group: 'completion',
    register: 'Orders that came wrong or short',
    one: 'An order that came wrong or short',
    called: 'Came wrong',
    at: 'place',
    tells: { crew: WRONG, supplier: WRONG, client: '{what} came wrong[; it is ordered again and here by {again}].' },
    fields: [
      words('what', 'Which order', { needed: true }),
      choice('error', 'What is wrong', [
        'wrong size',
        'wrong hand',
        'wrong colour',
        'wrong finish',
        'too few',
        'damaged',
        'double',
      ]),
      number('count', 'How many'),
      choice('bearer', 'Who bears it', ['we', 'the supplier', 'the trade', 'the client', 'not agreed yet']),
      money('cost', 'What it costs'),
      day('again', 'Ordered again, here by'),
    ],
    settle: { word: 'Put right', ask: 'How' },
    reckon: ({ bearer, again }) => [
      ...(!bearer || bearer === 'not agreed yet' ? ['Who bears it is not agreed.'] : []),
      ...(again ? [] : ['Not ordered again yet.']),
    ],
  },
  {
    id: 'handover-item',
    group: 'completion',
    register: 'For the hand-over pack',
    one: 'Something for the hand-over pack',
    called: '',
    at: 'place',
    tells: { 'hand-over': { says: keptWords, part: 'items' } },
    fields: [
      words('what', 'What it is', { needed: true }),
      choice(
        'sort',
        'What sort',
        [
          'colour',
          'spare part',
          'touch-up',
          'manual',
          'warranty',
          'access point',
          'temporary, to be watched',
          'key or code',
        ],
        { needed: true },
      ),
      words('detail', 'Name, number, formula'),
      words('where', 'Where it is kept or found'),
      day('until', 'Good until'),
    ],
  },
  {
    id: 'altered',
    group: 'completion',
    register: 'Altered to fit',
    one: 'Something altered to fit',
    called: 'Altered',
    at: 'place',
    tells: { crew: ['change', 'why'], 'hand-over': { says: alteredWords, part: 'items' } },
    fields: [
      words('what', 'Which piece', { needed: true }),
      words('change', 'What was done to it'),
      words('why', 'Why'),
    ],
  },
  {
    id: 'followers-word',
    group: 'completion',
    register: 'Told to who follows the work',
    one: 'A word to who follows the work',
    called: '',
    at: 'site',
    tells: { followers: '{words}.' },
    fields: [words('words', 'What anybody may read of the craft: no place, no name, no price', { needed: true })],
    settle: { word: 'Not shown any more' },
  },
  {
    id: 'photo-consent',
    group: 'completion',
    register: 'Leave to show photos in public',
    one: 'Leave to show photos in public',
    called: 'Leave to show photos',
    at: 'site',
    tells: { crew: ['what', 'where', 'until'], 'hand-over': { says: ['what', 'where', 'until'], part: 'public' } },
    fields: [
      words('who', 'Who gave it', { needed: true }),
      words('what', 'What may be shown'),
      words('where', 'Where it may be shown'),
      day('until', 'Until'),
    ],
    settle: { word: 'Withdrawn', ask: 'By whom, on what day' },
    reckon: () => ['Faces, number plates and house numbers are hidden all the same.'],
  },
]
