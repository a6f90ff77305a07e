import { choice, day, length, money, number, POSITION, tick, words, type Field } from '../entries/field'
import type { LeadKey } from '../scope/leads'
import type { Stage } from '../scope/vocabulary'

/** One sort of thing to choose, with what matters for that sort. */
export interface SelectionKind {
  readonly words: string
  /** Its schedule's name. */
  readonly many: string
  readonly fields: readonly Field[]
}

const HANDING = choice('handing', 'Handing, seen from outside', ['left', 'right', 'either', 'none'])
const BOX = number('box', 'One box covers, in the site’s area')
const FINISH = words('finish', 'Colour, finish, texture')
/** The room that it is given; what is ordered is checked against it. */
const FIT: readonly Field[] = [
  length('wide', 'Width'),
  length('tall', 'Height'),
  length('deep', 'Depth'),
  length('niche', 'Niche or clear width, as measured'),
]

export const SELECTION_KINDS = {
  opening: {
    words: 'a window or a door',
    many: 'Windows and doors',
    fields: [
      choice('status', 'What happens to it', ['new', 'kept', 'trim only', 'moved', 'filled in']),
      words('type', 'Type and how it opens'),
      HANDING,
      words('sashes', 'Sashes, bars, glass'),
      choice('obscured', 'Glass', ['clear', 'obscured']),
      words('colourIn', 'Colour inside'),
      words('colourOut', 'Colour outside'),
      words('trims', 'Sill and trims'),
      ...FIT,
    ],
  },
  paint: {
    words: 'a paint',
    many: 'Paints',
    fields: [
      words('surface', 'Which surfaces'),
      words('code', 'Colour, or the client’s formula'),
      choice('sheen', 'Sheen', ['matt', 'eggshell', 'satin', 'gloss']),
      number('coats', 'Coats'),
      choice('both', 'Inside and outside alike', ['yes', 'no']),
      words('match', 'To match with'),
    ],
  },
  'cabinet-run': {
    words: 'a run of cabinets',
    many: 'Cabinets by run',
    fields: [
      words('boxes', 'Boxes from left to right'),
      choice('ends', 'Ends', ['plain', 'flush', 'finished', 'skin']),
      words('swing', 'Doors with a limited swing'),
      words('fillers', 'Fillers and changes'),
      words('hardware', 'Hardware and what goes inside'),
      ...FIT,
    ],
  },
  fixture: {
    words: 'a fixture',
    many: 'Fixtures',
    fields: [FINISH, words('services', 'Services it needs'), words('from', 'Where the old one is'), ...FIT],
  },
  appliance: {
    words: 'an appliance',
    many: 'Appliances',
    fields: [FINISH, words('services', 'Services it needs'), HANDING, ...FIT],
  },
  electrical: {
    words: 'an electrical point or a light',
    many: 'Electrical points and lights',
    fields: [
      choice('gangs', 'Gangs', ['1', '2', '3', '4']),
      words('switch', 'Switched from where'),
      words('later', 'What it must take later'),
      FINISH,
    ],
  },
  tile: {
    words: 'tile or stone',
    many: 'Tile and stone',
    fields: [
      FINISH,
      length('tileLong', 'Length of a tile'),
      length('tileWide', 'Width of a tile'),
      BOX,
      words('pattern', 'Pattern and where it starts'),
      words('grout', 'Grout, and its colour'),
      words('edges', 'Edges and profiles'),
    ],
  },
  floor: {
    words: 'a floor',
    many: 'Floors',
    fields: [
      words('species', 'Species or material, and grade'),
      FINISH,
      words('direction', 'Direction it is laid'),
      BOX,
    ],
  },
  siding: {
    words: 'siding or roofing',
    many: 'Siding and roofing',
    fields: [words('profile', 'Profile'), length('exposure', 'What shows of a board'), FINISH],
  },
  trim: {
    words: 'trim, casing or base',
    many: 'Trim, casing, base',
    fields: [words('profile', 'Profile'), words('species', 'Species or material'), FINISH],
  },
  hardware: {
    words: 'hardware',
    many: 'Hardware',
    fields: [words('style', 'Style'), FINISH, number('count', 'How many'), HANDING],
  },
  other: { words: 'something else', many: 'Everything else', fields: [FINISH, ...FIT] },
} as const satisfies Record<string, SelectionKind>
export type SelectionSort = keyof typeof SELECTION_KINDS

/** What is asked of every selection, after what matters for its sort. */
export const COMMON_FIELDS: readonly Field[] = [
  number('count', 'How many are needed'),
  ...POSITION,
  day('ordered', 'Ordered on, where that was before it is told here'),
  tick('clients', 'The client brings it'),
  day('due', 'The client’s promise: here by'),
  tick('sole', 'Only one source'),
  words('second', 'Who else can supply it'),
  words('interim', 'What stands in for it until then, or a like alternative'),
  words('accepted', 'What natural variation or flaws were shown and accepted, by whom'),
  words('evidence', 'Who approved it, and where that is written'),
  money('allowance', 'Allowance for it'),
  money('price', 'Its price'),
]

/** Every field of a sort; a count that the sort asks for itself is not asked twice. */
export function selectionFields(sort: SelectionSort): readonly Field[] {
  const own: readonly Field[] = SELECTION_KINDS[sort].fields
  return [...own, ...COMMON_FIELDS.filter(({ key }) => !own.some((one) => one.key === key))]
}

const SORT_OF_LEAD: Partial<Record<LeadKey, SelectionSort>> = {
  'matched-paint': 'paint',
  'stock-tile': 'tile',
  'special-tile': 'tile',
  'stock-door': 'opening',
  'custom-door': 'opening',
  'stock-window': 'opening',
  'custom-window': 'opening',
  'stock-cabinets': 'cabinet-run',
  'custom-cabinets': 'cabinet-run',
  'stock-fixtures': 'fixture',
  'special-fixtures': 'fixture',
  lights: 'electrical',
  appliances: 'appliance',
  'special-roof': 'siding',
}

const SORT_OF_STAGE: Partial<Record<Stage, SelectionSort>> = {
  roof: 'siding',
  cladding: 'siding',
  'windows-doors': 'opening',
  paint: 'paint',
  tile: 'tile',
  flooring: 'floor',
  cabinets: 'cabinet-run',
  trim: 'trim',
  wires: 'electrical',
}

/** The sort that a selection most likely is, until somebody says: by the stage that needs it, or else by how long it takes
 * to get. */
export const likelySort = (lead: LeadKey, neededFor?: Stage): SelectionSort =>
  (neededFor && SORT_OF_STAGE[neededFor]) ?? SORT_OF_LEAD[lead] ?? 'other'
