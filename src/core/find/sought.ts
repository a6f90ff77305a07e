import { ENTRY_KINDS } from '../entries/entryKinds'
import { fieldsOf } from '../entries/sums'
import { TREATMENTS } from '../scope/treatments'
import { TRADES } from '../scope/vocabulary'
import { SELECTION_KINDS } from '../selections/selectionKinds'
import { SYNONYMS } from './synonyms'
import { capital } from '../lists/capital'

/** Something that can be found by words. */
export interface Sought {
  /** What it is and which: 'write:beam', 'do:extra', 'page:plan'. */
  readonly id: string
  readonly name: string
  /** What people call it beside its name. */
  readonly also: string
  /** What is asked or told in it: a hit there counts least. */
  readonly words: string
}

const sought = (id: string, name: string, words = ''): Sought => ({ id, name, also: SYNONYMS[id] ?? '', words })

/** Kinds of entry, each by the name of its sheet; what its form asks is found too. */
export const WRITABLE: readonly Sought[] = ENTRY_KINDS.map((kind) =>
  sought(
    `write:${kind.id}`,
    kind.one,
    [kind.register, ...fieldsOf(kind).flatMap((field) => [field.label, ...(field.options ?? [])])].join(' '),
  ),
)

/** What a person can tell on a walk or at the desk beside entries. */
export const TELLABLE = [
  sought('do:found', 'Found: a condition', 'rot crack damaged damp mold leak insect animal sag corrosion'),
  sought('do:note', 'A note'),
  sought('do:photo', 'A photo'),
  sought('do:measure', 'Its size'),
  sought('do:add-line', 'Add a line of work'),
  sought('do:extra', 'An extra, with its price'),
  sought('do:selection', 'Something to choose'),
  sought('do:keep', 'Stays, or is protected'),
  sought('do:decide', 'Somebody has to decide'),
  sought('do:place', 'This place changes'),
] as const satisfies readonly Sought[]

const DESK: readonly Sought[] = [
  sought('do:leave-out', 'Leave a line out of the scope'),
  sought('do:withdraw-link', 'Withdraw a link'),
  sought('do:new-person', 'A new person'),
  sought('do:new-crew', 'A new crew or supplier'),
  sought('do:new-site', 'A new site'),
  sought('do:bring-site', 'Bring in a site from a file'),
  sought('do:what-if', 'What if: sooner, other goals, if it slips'),
  sought('do:move-visit', 'Move, split, swap or hold a visit'),
  sought('page:today', 'Today'),
  sought('page:walk', 'Walk'),
  sought('page:scope', 'Scope'),
  sought('page:record', 'The record'),
  sought('page:selections', 'Selections'),
  sought('page:to-order', 'What to order'),
  sought('page:plan', 'Plan'),
  sought('page:ahead', 'Next weeks'),
  sought('page:units', 'Units of the house: copied, mirrored'),
  sought('page:report', 'One report of several visits'),
  sought('page:share', 'Share'),
  sought('page:room-sheet', 'Room sheets for the crew'),
  sought('page:neighbours', 'A letter to the neighbours'),
  sought('page:completion', 'What is left, and who has to answer'),
  sought('page:look-back', 'Looking back: what was promised, what came, and why'),
  sought('page:handover', 'The hand-over pack'),
  sought('page:calendar', 'Calendars that a phone can follow'),
  sought('set:me', 'Settings: me'),
  sought('set:people', 'Settings: people'),
  sought('set:crews', 'Settings: crews and suppliers'),
  sought('set:figures', 'Settings: figures'),
  sought('set:messages', 'Settings: messages and addresses'),
  sought('set:firm', 'Settings: firm'),
  sought('set:log', 'Settings: who came in'),
  sought('set:site', 'Settings of this site'),
]

/** All that can be found whatever a firm has recorded. */
export const FINDABLE: readonly Sought[] = [
  ...WRITABLE,
  ...TELLABLE,
  ...DESK,
  ...TREATMENTS.map(({ id, title }) => sought(`lay:${id}`, title)),
  ...Object.entries(SELECTION_KINDS).map(([sort, { words, many }]) =>
    sought(`choose:${sort}`, `Choose ${words}`, many),
  ),
  ...Object.entries(TRADES).map(([trade, name]) => sought(`trade:${trade}`, capital(name))),
]

const PASSING = new Set(
  (
    'a an the of for to in on at is are does do did will can my our we i it that this and or with who what where when ' +
    'how which why come comes coming due next somebody something'
  ).split(' '),
)

/** A word as it is looked for: small, without accents and without the ending of many. Words that carry no subject are none:
 * 'When does the electrician come?' asks for 'electrician'. */
export function soughtTerm(word: string): string | null {
  const plain = word
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f’']/g, '')
  if (plain === '' || PASSING.has(plain)) return null
  if (plain.length > 4 && /(?:ss|us|is)$/.test(plain)) return plain
  if (plain.length > 4 && plain.endsWith('ies')) return `${plain.slice(0, -3)}y`
  if (plain.length > 4 && /(?:sh|ch|x|z)es$/.test(plain)) return plain.slice(0, -2)
  return plain.length > 3 && plain.endsWith('s') ? plain.slice(0, -1) : plain
}

/** How an index of what can be found is kept and asked, at the desk and on the phone alike; the options of a full-text index.
 * Words may be begun; from five letters on they may be misspelt. */
export const FIND_OPTIONS = {
  fields: ['name', 'also', 'words'] as string[],
  storeFields: ['name', 'detail', 'href'] as string[],
  processTerm: soughtTerm,
  searchOptions: {
    boost: { name: 3, also: 3, words: 0.5 },
    prefix: true,
    weights: { prefix: 0.6, fuzzy: 0.35 },
    fuzzy: (term: string): number | false => (term.length > 4 ? 0.2 : false),
    combineWith: 'AND' as const,
  },
}
