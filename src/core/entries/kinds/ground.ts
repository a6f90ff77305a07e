import { addDays, shortDay, type Day } from '../../calendar/day'
import type { Units } from '../../measure/length'
import { choice, day, length, tick, words, type Values } from '../field'
import type { EntryKind, Following } from '../entryKind'
import { amountBy, doneTo } from '../following'
import { BUILT } from '../telling'

/** Days after which what was poured is asked to carry (C-50, concrete, 7 days). */
const CARRIES_DAYS = 7

const poured = (values: Values, _told: string, units: Units): Following => ({
  stage: 'concrete',
  trade: 'concrete',
  action: 'install',
  element: 'slab',
  rate: 'pour-slab',
  title: doneTo('Pour', values.what),
  ...amountBy('C-25', 'net', 'm3', values, units),
})

export const GROUND_KINDS: readonly EntryKind[] = [
  {
    id: 'drain-run',
    group: 'ground',
    register: 'Drains',
    one: 'A run of drain',
    called: 'Drain',
    at: 'place',
    work: ['excavation', 'underground'],
    tells: { ...BUILT, authority: 'all' },
    fields: [
      words('what', 'From where to where', { needed: true }),
      choice('state', 'What it is', ['new', 'renewed', 'stays as it is']),
      words('chambers', 'Chambers and branches'),
      length('diameter', 'Diameter of the pipe'),

      words('connects', 'Who connects it'),
    ],
    settle: { word: 'Laid and tested', ask: 'By whom, and how it was tested' },
    holdsCover: true,
    sum: { calculation: 'C-23', asks: ['run', 'slope', 'invert', 'wall', 'bedding', 'available'] },
    cautions: () => ['trench', 'buried-services'],
  },
  {
    id: 'trench',
    group: 'ground',
    register: 'Trenches and pits',
    one: 'A trench or a pit',
    called: 'Trench',
    at: 'place',
    work: ['excavation', 'underground', 'concrete'],
    tells: { ...BUILT, 'set-up': ['deep', 'support'] },
    fields: [
      words('what', 'Which section', { needed: true }),

      words('crossing', 'Roots and services in it'),
      words('support', 'How it is supported, and who judged it'),
      words('filled', 'Filled again up to'),
    ],
    settle: { word: 'Closed', ask: 'With what, up to where' },
    sum: {
      calculation: 'C-24',
      asks: ['long', 'wide', 'deep', 'deepEnd', 'measured', 'soil', 'looseAlready', 'load', 'section'],
    },
    cautions: () => ['trench', 'buried-services'],
  },
  {
    id: 'fill',
    group: 'ground',
    register: 'Fill',
    one: 'Something to fill',
    called: 'Fill',
    at: 'place',
    work: ['excavation', 'site-works'],
    tells: BUILT,
    fields: [
      words('what', 'What is filled', { needed: true }),

      words('behind', 'Behind which wall, and when that is cured and braced'),
      day('on', 'Filled on'),
    ],
    settle: { word: 'Filled', ask: 'In how many layers, and who saw it' },
    sum: { calculation: 'C-27', asks: ['long', 'wide', 'deep', 'volume', 'reused', 'soil'] },
    cautions: ({ behind }) => (behind ? ['fill', 'retaining'] : ['fill']),
  },
  {
    id: 'slab-patch',
    group: 'ground',
    register: 'Slab cut and patched',
    one: 'A slab cut or patched',
    called: 'Slab',
    at: 'place',
    work: ['strip-out', 'concrete'],
    tells: { ...BUILT, client: 'The slab is cut and closed again: {what}.' },
    fields: [
      words('what', 'Which part', { needed: true }),

      words('bars', 'Bars and cables in it'),
      choice('method', 'How it is opened', ['saw part way, then chip', 'saw through', 'break out', 'left as it is']),
    ],
    settle: { word: 'Closed', ask: 'On which day' },
    lays: poured,
    sum: {
      calculation: 'C-25',
      asks: ['long', 'wide', 'thick', 'place'],
      total: { output: 'withMore', words: 'Concrete', unit: 'm3' },
    },
    cautions: () => ['slab-cables', 'dust'],
  },
  {
    id: 'footing',
    group: 'ground',
    register: 'Footings, pads and bars',
    one: 'A footing, a pad or a wall with its bars',
    called: 'Footing',
    at: 'place',
    work: ['excavation', 'concrete'],
    tells: { ...BUILT, engineer: 'all' },
    fields: [
      words('what', 'Which one', { needed: true }),
      length('wide', 'Width'),
      length('deep', 'Depth'),

      words('engineer', 'The engineer’s sheet'),
    ],
    settle: { word: 'Poured', ask: 'On which day' },
    lays: poured,
    sum: { calculation: 'C-26', asks: ['long', 'bars', 'stock', 'lap', 'crossSpacing'] },
  },
  {
    id: 'pour',
    group: 'ground',
    register: 'Pours',
    one: 'A pour, with its hold sheet',
    called: 'Pour',
    at: 'place',
    work: ['concrete'],
    tells: {
      ...BUILT,
      engineer: 'all',
      street: { says: ['on', 'pump', 'permit'], when: ({ permit }) => Boolean(permit) },
      driver: ['on', 'pump'],
    },
    fields: [
      words('what', 'What is poured', { needed: true }),

      day('on', 'Planned for'),
      day('poured', 'Poured on'),
      words('pump', 'Pump and its route'),
      words('permit', 'Permit for the street'),
      tick('forms', 'Forms are braced, levels checked'),
      tick('clean', 'Surfaces are clean'),
      tick('bars', 'Bars are placed and stand upright'),
      tick('cover', 'Cover of the bars is as drawn'),
      tick('counted', 'Everything is counted against the plan'),
      tick('inserts', 'Inserts are in'),
      tick('permitted', 'The street permit is there, or none is needed'),
      tick('pumped', 'The pump is booked, or none is needed'),
      tick('inspected', 'The inspection passed'),
      tick('frost', 'Cover against frost is on site'),
    ],
    settle: { word: 'Poured', ask: 'When, how much, and the weather' },
    sum: {
      calculation: 'C-25',
      asks: ['long', 'wide', 'thick', 'pieces', 'other', 'place', 'ordered'],
      total: { output: 'withMore', words: 'Concrete', unit: 'm3' },
    },
    lays: (values, told, units) => (values.poured ? null : poured(values, told, units)),
    reckon: (values) => (values.poured ? cureSentences(values.poured as Day) : holdSentences(values)),
    // What it carries waits a week by the figures (C-50); when it really carries, the engineer says.
    dries: ({ what, poured }) => {
      if (!poured) return null
      const until = addDays(poured as Day, CARRIES_DAYS)
      return {
        stages: ['structure'],
        until,
        words: `${String(what)}: hardens until ${shortDay(until)}; when it carries the engineer says`,
      }
    },
    cautions: ({ permit }) => (permit ? ['cold', 'street'] : ['cold']),
  },
  {
    id: 'stair-levels',
    group: 'ground',
    register: 'Levels and stairs',
    one: 'A stair, set out from finished levels',
    called: 'Stair',
    at: 'place',
    work: ['concrete', 'framing'],
    next: ['wires', 'flooring', 'railing'],
    tells: { ...BUILT, next: 'all', authority: 'all' },
    fields: [
      words('what', 'Which stair', { needed: true }),
      words('datum', 'Where the finished level is marked'),
      choice('light', 'Its light', ['switched at top and bottom', 'switched at one end', 'none yet']),
      choice('guard', 'Guard and handrail', ['up', 'a temporary guard stands', 'none yet']),
    ],
    settle: { word: 'Built', ask: 'By whom' },
    sum: { calculation: 'C-28', asks: ['rise', 'tread', 'greatest', 'firstMark', 'headroom'] },
    reckon: ({ light, guard }) => [
      ...(light === 'switched at one end' || light === 'none yet'
        ? ['A stair is lit by a light that is switched at its top and at its foot: tell the electrician before board.']
        : []),
      ...(guard === 'none yet'
        ? ['Nobody else goes up it before a guard stands: put a temporary one there today.']
        : []),
    ],
    cautions: () => ['guard-height'],
  },
]

const HOLDS = {
  forms: 'forms and levels',
  clean: 'clean surfaces',
  bars: 'bars',
  cover: 'cover of the bars',
  counted: 'the count against the plan',
  inserts: 'inserts',
  permitted: 'the street permit',
  pumped: 'the pump',
  inspected: 'the inspection',
  frost: 'cover against frost',
} as const

/** A pour is held until everything on its sheet is ticked. */
/** Seven and twenty-eight days, by which concrete is usually asked after. General trade default; the engineer decides. */
function cureSentences(poured: Day): string[] {
  return [
    `Poured ${shortDay(poured)}: seven days are ${shortDay(addDays(poured, 7))}, twenty-eight ${shortDay(addDays(poured, 28))}. When it may carry, the engineer says.`,
  ]
}

function holdSentences(values: Readonly<Record<string, unknown>>): string[] {
  const open = Object.entries(HOLDS).flatMap(([key, word]) => (values[key] ? [] : [word]))
  const all = Object.keys(HOLDS).length
  return [
    open.length === 0
      ? `Hold sheet ${all} of ${all}: nothing holds the pour.`
      : `Hold sheet ${all - open.length} of ${all}, the pour is held. Open: ${open.join(', ')}.`,
  ]
}
