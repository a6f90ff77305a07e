import { ImpossibleRequest } from '../../errors/impossibleRequest'
import type { Measured } from '../../measure/length'
import { binCheck, WASTE, type BinCheck, type WasteKind } from '../../takeoff/demolitionWaste'
import { choice, day, length, number, POSITION, words } from '../field'
import type { EntryKind } from '../entryKind'
import { BUILT } from '../telling'
import { STAYS_FOR_NOW, strippedSentences } from '../strippedShare'

export const STRIP_OUT_KINDS: readonly EntryKind[] = [
  {
    id: 'strip-element',
    group: 'strip-out',
    register: 'What is stripped, and how',
    one: 'Something to strip out',
    called: 'Comes out',
    at: 'place',
    work: ['strip-out'],
    tells: { ...BUILT, client: '{element} comes out[ ({salvage})].' },
    fields: [
      words('element', 'What comes out', { needed: true }),
      number('order', 'In which order (1 is first)'),
      choice('method', 'How', [
        'fast, by the strip-out crew',
        'by hand',
        'saw part way, then chip',
        'fine cut, left to the finishing crew',
        'by a licensed firm only',
      ]),
      words('who', 'Who'),
      number('hours', 'Hours of work in it'),
      number('amount', 'How much of it'),
      number('done', 'How much is out'),
      choice('salvage', 'Is it kept', ['waste', 'salvaged: taken out whole', STAYS_FOR_NOW]),
    ],
    settle: { word: 'Out' },
    check: ({ amount, done }) => {
      if (amount !== undefined && done !== undefined && Number(done) > Number(amount))
        throw new ImpossibleRequest('too-much', 'How much is out: it cannot be more than there is.', 'done')
    },
    reckon: ({ amount, done }) =>
      amount && done !== undefined ? [`${Math.round((Number(done) / Number(amount)) * 100)} % out by quantity.`] : [],
    overview: strippedSentences,
    cautions: ({ method }) =>
      method === 'saw part way, then chip'
        ? ['slab-cables', 'dust']
        : method === 'by a licensed firm only'
          ? ['dust', 'unlicensed']
          : ['dust'],
  },
  {
    id: 'stub',
    group: 'strip-out',
    register: 'Stubs that are left',
    one: 'A stub that is left',
    called: 'Stub',
    at: 'place',
    tells: BUILT,
    fields: [
      words('what', 'What sticks out, and of what', { needed: true }),
      choice('state', 'How it was left', ['capped', 'taped and boxed', 'open', 'not known']),
      ...POSITION,
    ],
    settle: { word: 'Gone' },
    cautions: ({ state }) => (state === 'open' || state === 'not known' ? ['hanging-wires'] : []),
  },
  {
    id: 'hazard-screen',
    group: 'strip-out',
    register: 'Tested before dust is made',
    one: 'A material to test before dust is made',
    called: 'To be tested',
    at: 'place',
    tells: {
      ...BUILT,
      authority: 'all',
      client: '{material} is tested[ for {for}] before dust is made[; sampled on {sampled}].',
    },
    fields: [
      words('material', 'Which material', { needed: true }),
      choice('for', 'For what', ['asbestos', 'lead', 'silica', 'mould']),
      words('lab', 'Who tests it'),
      day('sampled', 'Sampled on'),
    ],
    settle: { word: 'Answered', ask: 'The result, and the number of the report' },
    reckon: () => ['Nothing here is cut, sanded or broken before the report is there. Only certified people clear it.'],
    cautions: () => ['dust'],
  },
  {
    id: 'bin',
    group: 'strip-out',
    register: 'Bins',
    one: 'A bin',
    called: 'Bin',
    at: 'site',
    tells: { crew: 'all', driver: ['limit', 'debris', 'exchanges'], street: ['since'], 'set-up': ['limit', 'debris'] },
    fields: [
      words('bin', 'Which bin', { needed: true }),
      day('since', 'Delivered on'),
      number('limit', 'Its weight limit, kg (lb on a site in feet)', { needed: true }),
      choice('debris', 'What is in it, mostly', Object.keys(WASTE), { needed: true }),
      number('amount', 'How much of that, m² or m³ (ft² or ft³)', { needed: true }),
      number('toCome', 'How much of it is still to come'),
      length('load', 'Height of the load'),
      length('height', 'Height of the bin'),
      number('exchanges', 'Exchanged so often'),
    ],
    settle: { word: 'Fetched' },
    reckon: ({ debris, amount, toCome, limit, load, height }, units) => {
      const kind = debris as WasteKind
      const heights = load && height ? { load: (load as Measured).tenths, bin: (height as Measured).tenths } : undefined
      const weigh = (much: number) => binCheck(kind, much, Number(limit), heights, units)
      const now = weigh(Number(amount))
      const all = weigh(Number(amount) + Number(toCome ?? 0))
      const pound = units === 'imperial' ? 'lb' : 'kg'
      const weight = ({ weight: [low, high] }: BinCheck): string =>
        low === high ? `${low} ${pound}` : `${low} to ${high} ${pound}`
      const over = ({ overWeight }: BinCheck): string =>
        ({
          no: `within the limit of ${String(limit)} ${pound}.`,
          maybe: `it may be over the limit of ${String(limit)} ${pound}: have it weighed or exchanged.`,
          yes: `over the limit of ${String(limit)} ${pound}, however much room is left.`,
        })[overWeight]
      return [
        `${String(amount)} ${WASTE[kind].unit[units]} of ${kind} weigh ${weight(now)}, ${over(now)}`,
        ...(toCome ? [`With the ${String(toCome)} to come ${weight(all)}: ${over(all)}`] : []),
        ...(now.fill === null ? [] : [`It stands ${now.fill} % full.`]),
      ]
    },
  },
]
