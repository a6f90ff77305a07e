import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { addDays, daysWords, shortDay, type Day } from '../../calendar/day'
import { capital } from '../../lists/capital'
import { stagesNamed } from '../../narration/mentions'
import { choice, day, length, number, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { outputsOf } from '../sums'
import { BUILT } from '../telling'

/** Consents of those who own or guard the house together. */
const COMMUNAL: readonly unknown[] = ['association', 'conservation']
const ENGINEERS = 'engineer’s letter'

/** When leave should be there: as was told, else the day it was asked for and what it takes at most. */
const expectedDay = ({ expected, asked, takes }: Values): Day | null =>
  (expected as Day | undefined) ?? (asked && takes ? addDays(asked as Day, Number(takes)) : null)

export const APPROVAL_KINDS: readonly EntryKind[] = [
  {
    id: 'caution-read',
    group: 'approval',
    register: 'Cautions that were read',
    one: 'A caution that was read',
    called: 'Read',
    at: 'place',
    tells: { crew: 'all' },
    fields: [words('caution', 'Which caution', { needed: true }), words('who', 'Read by', { needed: true })],
    reckon: () => ['To have read it clears nothing.'],
  },
  {
    id: 'permit',
    group: 'approval',
    register: 'Permits, notices and letters',
    one: 'A permit, a notice or a letter',
    called: '',
    at: 'either',
    tells: {
      crew: ['sort', 'state', 'before'],
      trade: ['sort', 'state', 'before'],
      authority: { says: 'all', when: ({ sort }) => !COMMUNAL.includes(sort) },
      association: { says: 'all', when: ({ sort }) => COMMUNAL.includes(sort) },
      engineer: { says: 'all', when: ({ sort }) => sort === ENGINEERS },
      client: '{what}[ ({sort})][: {state}][, needed by {by}][, expected on {expected}].',
    },
    fields: [
      words('what', 'What', { needed: true }),
      choice('sort', 'Sort', [
        'permit',
        'notice',
        'engineer’s letter',
        'association',
        'conservation',
        'accessibility',
        'licence',
      ]),
      choice('state', 'How it stands', ['not asked for', 'asked for', 'granted', 'refused']),
      words('holder', 'Who holds it'),
      words('before', 'Needed before what'),
      day('by', 'Needed by'),
      day('asked', 'Asked for on'),
      number('takes', 'Days that it takes at most'),
      day('expected', 'Expected on'),
    ],
    settle: { word: 'Granted', ask: 'Number, and by whom' },
    leave: (values) => ({
      before: String(values.before ?? ''),
      granted: values.state === 'granted',
      expected: expectedDay(values),
    }),
    due: (values) => (values.state === 'granted' ? null : expectedDay(values)),
    reckon: (values) => {
      const { state, before, asked, takes } = values
      if (state === 'granted') return []
      const due = expectedDay(values)
      return [
        ...(asked && takes && due
          ? [`Asked for on ${shortDay(asked as Day)}, ${daysWords(Number(takes))} at most: due by ${shortDay(due)}.`]
          : []),
        ...(before ? [`${capital(String(before))} ${/,| and /.test(String(before)) ? 'wait' : 'waits'} for it.`] : []),
      ]
    },
    cautions: ({ sort }) => (sort === 'association' || sort === 'conservation' ? ['consent'] : ['not-approval']),
  },
  {
    id: 'licensed-task',
    group: 'approval',
    register: 'For licence holders only',
    one: 'Something that only a licence holder may do',
    called: 'For a licence holder',
    at: 'place',
    tells: { ...BUILT, authority: 'all', client: '{what}: only for a licence holder[ ({sort})][, {who}].' },
    fields: [
      words('what', 'What', { needed: true }),
      choice('sort', 'Sort', ['gas', 'electrical', 'structural sign-off', 'asbestos', 'lift'], { needed: true }),
      words('who', 'Who does it'),
      words('licence', 'Their licence'),
    ],
    settle: { word: 'Done', ask: 'By whom, with what licence' },
    holdsCover: true,
    check: ({ who, licence }) => {
      if (who && !licence)
        throw new ImpossibleRequest(
          'no-licence',
          'Their licence: give it, or leave open who does it. Nobody without one may.',
          'licence',
        )
    },
    cautions: ({ sort }) => (sort === 'gas' ? ['gas', 'unlicensed'] : ['unlicensed']),
  },
  {
    id: 'engineer-value',
    group: 'approval',
    register: 'What the engineer laid down',
    one: 'A value that the engineer laid down',
    called: 'By the engineer',
    at: 'place',
    tells: { ...BUILT, engineer: 'all' },
    fields: [
      words('element', 'Of what', { needed: true }),
      words('value', 'What it must be', { needed: true }),
      words('drawing', 'Drawing and date'),
      words('found', 'As found or built'),
    ],
    settle: { word: 'As laid down', ask: 'Who compared it' },
    holdsCover: true,
    reckon: ({ value, found }) =>
      found && found !== value
        ? [`${String(found)} instead of ${String(value)}: it is held until the engineer answers.`]
        : [],
    asks: ({ element, value, found }) =>
      found && found !== value
        ? [
            {
              of: 'engineer',
              question: `${String(element)}: ${String(found)} instead of ${String(value)}. May it be so, and what must be done?`,
            },
          ]
        : [],
    cautions: () => ['old-structure'],
  },
  {
    id: 'escape',
    group: 'approval',
    builtAlike: true,
    register: 'Escape openings and bedrooms',
    one: 'An escape opening',
    called: 'Escape opening',
    at: 'place',
    work: ['windows-doors', 'framing'],
    tells: { ...BUILT, authority: 'all', designer: 'all', supplier: ['width', 'height'], client: 'all' },
    fields: [words('what', 'Which opening', { needed: true })],
    settle: { word: 'Answered', ask: 'What the authority said' },
    sum: { calculation: 'C-29', asks: ['width', 'height', 'sill', 'wellWide', 'wellOut', 'wellDeep'] },
    asks: (values, units) =>
      outputsOf('C-29', values, units)?.verdict === 'not'
        ? [
            {
              of: 'authority',
              question: `${String(values.what)}: it is under the usual rule as measured. What does the room need so that somebody may sleep in it?`,
            },
          ]
        : [],
    cautions: () => ['escape-window', 'not-approval'],
  },
  {
    id: 'fire-sound',
    group: 'approval',
    builtAlike: true,
    register: 'Fire, sound and party walls',
    one: 'What a wall must hold back',
    called: 'Fire and sound',
    at: 'place',
    tells: { ...BUILT, authority: 'all', designer: 'all' },
    fields: [
      words('wall', 'Which wall', { needed: true }),
      choice('against', 'Against', ['fire', 'sound', 'both', 'a party wall']),
      words('demand', 'What is asked of it, and by whom'),
    ],
    settle: { word: 'Met', ask: 'How it was shown' },
    holdsCover: true,
    cautions: () => ['fire-sound'],
  },
  {
    id: 'fireplace',
    group: 'approval',
    register: 'Chimneys and fireplaces',
    one: 'A chimney or a fireplace',
    called: '',
    at: 'place',
    tells: { ...BUILT, authority: 'all', designer: 'all', client: '{what}[, fuel: {fuel}][, vent: {vent}].' },
    fields: [
      words('what', 'Which one', { needed: true }),
      choice('fuel', 'Fuel', ['wood', 'gas, vented', 'gas, vent-free', 'electric', 'not known']),
      words('vent', 'Vent'),
      length('clearance', 'Clearance by the maker’s sheet'),
    ],
    settle: { word: 'Connected', ask: 'By whom, with what licence' },
    holdsCover: true,
    reckon: ({ fuel }) =>
      fuel === 'gas, vent-free'
        ? ['Vent-free: whether it may stand here, and in how large a room, is the authority’s question.']
        : ['The maker’s sheet rules.'],
    cautions: () => ['chimney'],
  },
  {
    id: 'inspection',
    group: 'approval',
    register: 'Inspections',
    one: 'An inspection',
    called: 'Inspection',
    at: 'place',
    work: ({ what }) => stagesNamed(String(what)),
    passes: true,
    closedBy: ({ result, on, inspector }) =>
      result === 'passed'
        ? ['Passed', on && shortDay(on as Day), inspector && `by ${String(inspector)}`].filter(Boolean).join(', ')
        : null,
    tells: { ...BUILT, authority: 'all', client: 'Inspection of {what}[ on {on}][: {result}].' },
    fields: [
      words('what', 'Of what', { needed: true }),
      day('on', 'On'),
      words('inspector', 'Inspector'),
      choice('result', 'Result', ['not yet', 'passed', 'failed']),
      words('corrections', 'What has to be mended'),
      day('again', 'Seen again on'),
    ],
    settle: { word: 'Passed', ask: 'Inspector’s name' },
    holdsCover: true,
    reckon: ({ result }) => (result === 'passed' ? [] : ['Nothing here may be covered before it has passed.']),
  },
]
