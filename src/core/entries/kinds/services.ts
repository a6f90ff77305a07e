import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { choice, day, length, POSITION, words } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'
import type { CautionId } from '../../cautions/cautionIds'

export const SERVICES = [
  'electric cable',
  'gas pipe',
  'water pipe',
  'waste pipe',
  'heating pipe',
  'data cable',
] as const
export const PROVED_DEAD = 'proved dead by instrument'
export const SAID_DEAD = 'said to be dead'

const CAUTION_OF: Partial<Record<string, CautionId>> = { 'electric cable': 'hanging-wires', 'gas pipe': 'gas' }

export const SERVICE_KINDS: readonly EntryKind[] = [
  {
    id: 'service',
    group: 'service',
    register: 'Live or dead',
    one: 'A wire or a pipe: live or dead',
    called: '',
    at: 'place',
    tells: BUILT,
    fields: [
      words('what', 'Which one, and where it runs', { needed: true }),
      choice('sort', 'What it is', SERVICES),
      choice('state', 'How it is', ['live', SAID_DEAD, PROVED_DEAD], { needed: true }),
      words('tester', 'Who tested it'),
      words('licence', 'Their licence'),
      words('how', 'With what instrument'),
      day('on', 'When'),
      choice('fate', 'What becomes of it', ['stays and is protected', 'is moved', 'is taken out', 'not decided']),
      ...POSITION,
    ],
    settle: { word: 'Gone', ask: 'What became of it' },
    check: (values) => {
      if (values.state !== PROVED_DEAD) return
      for (const [key, label] of [
        ['tester', 'Who tested it'],
        ['licence', 'Their licence'],
        ['how', 'With what instrument'],
        ['on', 'When'],
      ] as const) {
        if (!values[key])
          throw new ImpossibleRequest(
            'unproved',
            `${label}: say it, or leave the state at "${SAID_DEAD}". Only a test by a licensed person proves a service dead.`,
            key,
          )
      }
    },
    reckon: ({ state, tester, on }) =>
      state === PROVED_DEAD
        ? [`Proved dead by ${String(tester)} on ${String(on)}. Test again after others have worked on it.`]
        : state === SAID_DEAD
          ? ['Only said to be dead: treat it as live until a licensed person has tested it with an instrument.']
          : [],
    cautions: ({ sort, state }) => {
      const caution = CAUTION_OF[String(sort)]
      return caution && state !== PROVED_DEAD ? [caution] : []
    },
  },
  {
    id: 'buried',
    group: 'service',
    register: 'Buried services',
    one: 'Something buried',
    called: 'Buried',
    at: 'place',
    tells: { ...BUILT, 'set-up': ['route', 'depth'] },
    fields: [
      choice('sort', 'What it is', [
        'electric',
        'gas',
        'water',
        'drain',
        'telephone or data',
        'heating oil',
        'not known',
      ]),
      words('route', 'Where it runs', { needed: true }),
      length('depth', 'How deep'),
      choice('source', 'How we know', [
        'said by somebody',
        'on a drawing',
        'located with an instrument',
        'seen, dug by hand',
      ]),
      words('miss', 'Near miss, and how it came about'),
    ],
    settle: { word: 'Disconnected', ask: 'By whom, and when' },
    cautions: () => ['buried-services'],
  },
]
