import { daysWords } from '../../calendar/day'
import { minor, printMoney } from '../../measure/money'
import { choice, money, number, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { capital } from '../../lists/capital'

const AS_AVOIDED = 'yes, as avoided'

/** What a client reads of it: the days, never the money. */
function savedWords({ what, days }: Values): string {
  const saved = Number(days ?? 0) > 0 ? ` That saves ${daysWords(Number(days))}.` : ''
  return `${capital(String(what))}.${saved}`
}

/** The two ways without their prices, which stand where they are asked. */
function waysWords({ what, one, oneDays, other, otherDays }: Values): string {
  const ways = [
    [one, oneDays],
    [other, otherDays],
  ].flatMap(([way, days]) =>
    way ? [days === undefined ? String(way) : `${String(way)} (${daysWords(Number(days))})`] : [],
  )
  return `${String(what)}${ways.length > 0 ? `: ${ways.join(', or ')}` : ''}.`
}

export const MONEY_KINDS: readonly EntryKind[] = [
  {
    id: 'saving',
    group: 'money',
    register: 'Savings and credits',
    one: 'Something saved or given back',
    called: 'Saved',
    at: 'site',
    tells: { client: { says: savedWords, when: ({ told }) => told === AS_AVOIDED, part: 'done' } },
    fields: [
      words('what', 'What was avoided or given', { needed: true }),
      choice('told', 'May the client read it', [AS_AVOIDED, 'no, for us']),
      words('who', 'Whose idea it was'),
    ],
    sum: { calculation: 'C-43', asks: ['days', 'rate', 'pieces', 'each', 'material'] },
  },
  {
    id: 'priced-options',
    group: 'money',
    register: 'Priced options',
    one: 'Two ways, priced side by side',
    called: 'Two ways',
    at: 'place',
    tells: { client: waysWords },
    fields: [
      words('what', 'What can be done in two ways', { needed: true }),
      words('one', 'One way'),
      money('onePrice', 'What it costs'),
      number('oneDays', 'Days it takes'),
      words('other', 'The other way'),
      money('otherPrice', 'What that costs'),
      number('otherDays', 'Days that takes'),
      words('no', 'What a no leads to'),
    ],
    settle: { word: 'Chosen', ask: 'Which way, and who chose' },
    reckon: optionSentences,
  },
  {
    id: 'lesson',
    group: 'money',
    register: 'Lessons',
    one: 'What to look for next time',
    called: '',
    at: 'site',
    tells: {},
    fields: [
      words('look', 'What to look for at the next scope walk', { needed: true }),
      words('unknown', 'What nobody knew'),
      words('cause', 'Why it was missed'),
      money('cost', 'What it cost'),
    ],
  },
]

/** How two ways differ in price and days, as far as both were told. */
function optionSentences({ one, onePrice, oneDays, other, otherPrice, otherDays }: Values): string[] {
  const [first, second] = [String(one ?? 'one way'), String(other ?? 'the other way')]
  const price = Number(otherPrice) - Number(onePrice)
  const days = Number(otherDays) - Number(oneDays)
  const dearer = price > 0 ? second : first
  const slower = days > 0 ? second : first
  return [
    ...(price ? [`${dearer} costs ${printMoney(minor(Math.abs(price)))} more.`] : []),
    ...(days ? [`${slower} takes ${daysWords(Math.abs(days))} more.`] : []),
  ]
}
