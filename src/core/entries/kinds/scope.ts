import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { choice, day, money, number, words, type Field, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'
import { STAGES } from '../../scope/vocabulary'
import { BARRIERS, isBarrierAsked, layersMeant, layerSentences, WHICH_BARRIER } from '../layersByFace'

/** What a promise is of, where it is of more than a stage. */
export const ALL_WORK = 'all the work here'

/** More about something that stays: what for, how many, where it lies, what protects it. */
export const KEEP_FIELDS: readonly Field[] = [
  choice('sort', 'How it stays', [
    'stays as it is',
    'is protected in place',
    'is taken out and reused',
    'is salvaged',
    'is only there for the time being',
  ]),
  number('count', 'How many'),
  words('stored', 'Where it is kept'),
  words('next', 'What it will be used for'),
  words('protection', 'How it is protected'),
  day('since', 'Since'),
]

/** More about a decision: the ways it can go, what hangs on it, and why it went as it did. */
export const DECISION_FIELDS: readonly Field[] = [
  words('optionA', 'One way'),
  words('optionB', 'The other way'),
  money('difference', 'What the other way costs more'),
  number('days', 'Days that the other way takes more'),
]

/** What is said when a decision has been taken. */
export const REASON_FIELDS: readonly Field[] = [
  words('answer', 'What was decided', { needed: true }),
  words('why', 'Why'),
  words('agreed', 'Who agreed'),
  words('rejected', 'What was not chosen'),
  words('accepts', 'What is accepted with it'),
]

/** What an extra to the contract comes to, where it is known on the spot. */
export const EXTRA_FIELDS: readonly Field[] = [money('price', 'Price to the client')]

export const SCOPE_KINDS: readonly EntryKind[] = [
  {
    id: 'part-treatment',
    group: 'scope',
    builtAlike: true,
    register: 'What happens to each part',
    one: 'What happens to a part',
    called: '',
    at: 'place',
    tells: { ...BUILT, client: '{part}[: {treatment}][, because {why}].' },
    fields: [
      words('part', 'Which part', { needed: true }),
      choice('treatment', 'What happens to it', [
        'left as it is',
        'cleaned',
        'painted',
        'reconditioned',
        'repaired',
        'overlaid',
        'replaced',
        'removed',
        'added',
      ]),
      choice('rule', 'Is it the rule here', ['the rule for this place', 'an exception']),
      words('why', 'Why'),
    ],
  },
  {
    id: 'unit-difference',
    group: 'scope',
    register: 'What is different in a unit',
    one: 'Something is different in the other unit',
    called: 'Different here',
    at: 'either',
    tells: { ...BUILT, designer: 'all', client: '{what}[: {why}].' },
    fields: [
      words('what', 'What is different', { needed: true }),
      words('unit', 'In which unit'),
      words('of', 'From which it was copied'),
      words('why', 'Why'),
    ],
    settle: { word: 'Not so any more' },
  },
  {
    id: 'layers',
    group: 'scope',
    builtAlike: true,
    register: 'Layers',
    one: 'The layers, from inside out',
    called: 'Layers',
    at: 'place',
    tells: {
      ...BUILT,
      designer: 'all',
      client: (values) => `Layers from inside out: ${layersMeant(values).join(', ')}.`,
    },
    fields: [
      words('layers', 'In order, parted by commas', { needed: true }),
      choice('barrier', 'What a barrier outside the sheathing is', BARRIERS),
      choice('rule', 'Where they count', ['on this face alone', 'on every face', 'an exception to the others']),
      words('why', 'Why'),
    ],
    named: (values) => layersMeant(values).join(', '),
    overview: layerSentences,
    reckon: (values) => {
      const names = layersMeant(values)
      return [`${names.length === 1 ? 'One layer' : `${names.length} layers`}: ${names.join(' → ')}.`]
    },
    asks: (values) => (isBarrierAsked(values) ? [{ of: 'us', question: WHICH_BARRIER }] : []),
  },
  {
    id: 'salvaged-pieces',
    group: 'stays',
    register: 'Salvaged pieces against what is needed',
    one: 'Salvaged pieces, and how many are needed',
    called: 'Salvaged',
    at: 'place',
    tells: { ...BUILT, client: '{what}: {taken} taken out to be used again[, kept {stored}].' },
    fields: [
      words('what', 'Which pieces', { needed: true }),
      number('taken', 'Taken out', { needed: true }),
      number('lost', 'Of them lost, in %'),
      number('needed', 'Needed for the new work'),
      words('stored', 'Where they are kept'),
    ],
    settle: { word: 'Used, or enough found' },
    check: ({ lost }) => {
      if (Number(lost ?? 0) > 100)
        throw new ImpossibleRequest('impossible-share', 'Of them lost, in %: no more than 100.', 'lost')
    },
    reckon: salvagedSentences,
  },
  {
    id: 'boundary',
    group: 'scope',
    register: 'Where treatments end',
    one: 'Where a treatment ends',
    called: 'Ends here',
    at: 'place',
    tells: { ...BUILT, client: 'Ends here: {where}[; {this} on this side][, {that} on the other].' },
    fields: [
      words('where', 'Where it ends', { needed: true }),
      words('this', 'What is on this side'),
      words('that', 'What is on the other side'),
    ],
  },
  {
    id: 'installers-choice',
    group: 'scope',
    register: 'Left to the installer',
    one: 'Left to the installer',
    called: 'Left to you',
    at: 'place',
    tells: { ...BUILT, designer: 'all' },
    fields: [
      words('detail', 'Which detail', { needed: true }),
      words('allowed', 'What is allowed'),
      words('not', 'What is not'),
    ],
    settle: { word: 'Done', ask: 'How it was done in the end' },
  },
  {
    id: 'answer',
    group: 'scope',
    register: 'Said in two ways, and answered',
    one: 'The answer to something said in two ways',
    called: 'Answered',
    at: 'place',
    tells: { crew: ['answer'], trade: ['answer'] },
    fields: [
      words('question', 'The question', { needed: true }),
      words('answer', 'The answer', { needed: true }),
      words('who', 'Who answered'),
    ],
  },
  {
    id: 'promise',
    group: 'scope',
    register: 'Promises',
    one: 'A promise we made',
    called: 'Promised',
    at: 'either',
    tells: { crew: ['by'] },
    fields: [
      words('what', 'What was promised', { needed: true }),
      words('to', 'To whom'),
      day('by', 'By when'),
      choice('of', 'Of which work (read from the words where nothing is chosen)', [ALL_WORK, ...Object.values(STAGES)]),
    ],
    promises: true,
    settle: { word: 'Kept', ask: 'How it was kept' },
  },
]

/** Whole pieces that can be used again, and how many have to be found elsewhere. */
function salvagedSentences({ taken, lost = 0, needed }: Values): string[] {
  const usable = Math.floor((Number(taken) * (100 - Number(lost))) / 100)
  const short = Number(needed ?? 0) - usable
  return [
    `${Number(taken)} less ${Number(lost)} %: ${usable} can be used.`,
    ...(short > 0 ? [`${short} short of ${Number(needed)}: a second source is needed.`] : []),
  ]
}
