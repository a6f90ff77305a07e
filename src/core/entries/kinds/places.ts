import { printLength, type Measured } from '../../measure/length'
import { laidAgainstPlan } from '../../fit/layoutClearance'
import { choice, length, POSITION, words } from '../field'
import type { EntryKind } from '../entryKind'

export const PLACE_ENTRY_KINDS: readonly EntryKind[] = [
  {
    id: 'layout',
    group: 'place',
    register: 'Laid out on the floor',
    one: 'Something laid out on the floor',
    at: 'place',
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
    id: 'level-status',
    group: 'place',
    register: 'How each level stands',
    one: 'How this level stands',
    at: 'place',
    fields: [words('status', 'In one line', { needed: true })],
  },
  {
    id: 'from-afar',
    group: 'place',
    register: 'To confirm on a ladder',
    one: 'Seen only from afar',
    at: 'place',
    fields: [
      words('what', 'What it seems to be', { needed: true }),
      choice('why', 'Why it was not seen close', ['too high', 'behind something', 'no way in', 'too dark']),
      ...POSITION,
    ],
    settle: { word: 'Seen close', ask: 'What it really is' },
    cautions: () => ['ladder'],
  },
]
