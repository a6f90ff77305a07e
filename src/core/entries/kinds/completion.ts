import { choice, day, money, number, words } from '../field'
import type { EntryKind } from '../entryKind'

/** What is still to be put right, what is awaited, and what the household needs to live with it. */
export const COMPLETION_KINDS: readonly EntryKind[] = [
  {
    id: 'defect',
    group: 'completion',
    register: 'Small things to put right',
    one: 'A small thing to put right',
    at: 'place',
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
    at: 'place',
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
    at: 'place',
    fields: [
      words('what', 'Which order', { needed: true }),
      choice('error', 'What is wrong', ['wrong size', 'wrong hand', 'wrong colour', 'too few', 'damaged', 'double']),
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
    at: 'place',
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
]
