import type { Day } from '../calendar/day'
import type { Values } from '../entries/field'
import type { LeadKey } from '../scope/leads'
import type { Responsible } from '../scope/responsible'
import type { Stage } from '../scope/vocabulary'
import type { Candidate } from './candidate'
import type { SelectionSort } from './selectionKinds'

export const SELECTION_STATES = {
  undecided: 'Undecided',
  chosen: 'Chosen',
  approved: 'Approved',
  ordered: 'Ordered',
  arrived: 'Arrived',
  wrong: 'Wrong or damaged',
  installed: 'Installed',
} as const
export type SelectionState = keyof typeof SELECTION_STATES

/** Whether it is still to be ordered for the first time. */
export const isUnordered = (state: SelectionState): boolean =>
  state === 'undecided' || state === 'chosen' || state === 'approved'
/** Whether it came and was right. */
export const isOnSite = (state: SelectionState): boolean => state === 'arrived' || state === 'installed'

export interface SelectionLaid {
  readonly placeId: string
  readonly what: string
  readonly lead: LeadKey
  readonly neededFor: Stage
  readonly supplier?: string
  /** Calendar days that somebody needs to approve it (an association, a designer). */
  readonly approvalDays?: number
}

/** What sort of thing it is, and what matters for that sort. */
export interface SelectionDetails {
  readonly sort: SelectionSort
  readonly values: Values
}

/** What has come of an order so far, all deliveries together. */
export interface Delivery {
  readonly on: Day
  readonly count: number
  readonly damaged?: number
  readonly wrongHand?: number
}

/** A selection as it stands now. */
export interface Selection extends SelectionLaid {
  readonly id: string
  readonly state: SelectionState
  readonly choice: string | null
  readonly leadDays: readonly [number, number, number]
  readonly arrives: Day | null
  /** The day on which somebody wants it on site, where that was said. */
  readonly wanted: Day | null
  /** The day on which it was said to be ordered. */
  readonly orderedOn: Day | null
  readonly responsible: Responsible | null
  readonly details: SelectionDetails | null
  readonly delivered: Delivery | null
  readonly candidates: readonly Candidate[]
  /** What its maker still waits for: a drawing, an answer. */
  readonly awaited: Awaited | null
}

/** A question whose answer a maker waits for before the clock begins. */
export interface Awaited {
  readonly id: string
  readonly question: string
  readonly owner: string
  readonly by: Day | null
}

/** What of an opening is nothing to buy: it stays, it moves, or only its trim is new. */
const STAYS: readonly unknown[] = ['kept', 'trim only', 'moved', 'filled in']

/** Whether a selection is something that is bought: a window that is kept is in the list of windows, and in no order. */
export const isBought = ({ details }: Pick<Selection, 'details'>): boolean =>
  !(details?.sort === 'opening' && STAYS.includes(details.values['status']))

/** What a household sees and chooses; what carries or runs in a wall is not theirs to choose. */
const CHOSEN_BY_THEM: ReadonlySet<Stage> = new Set([
  'roof',
  'windows-doors',
  'cladding',
  'plaster',
  'paint',
  'tile',
  'flooring',
  'cabinets',
  'countertops',
  'trim',
  'fixtures',
  'railing',
])
const LEADS_OF_OTHERS: readonly LeadKey[] = [
  'steel-beam',
  'laminated-beam',
  'permit',
  'engineer',
  'inspection',
  'association',
]
const FOR_THE_TRADE =
  /\b(?:drawings?|letters?|permits?|calculations?|beams?|lintels?|headers?|joists?|posts? and footings?|brackets?|hangers?|straps?|anchors?|fixings?|fasteners?|screws|bolts|nails|scaffold(?:ing)?|backing|blocking|membrane|underlay)\b/i

/** Whether a household is asked for it: not where it is kept, and not what an engineer or a trade decides. */
export const isTheirChoice = (selection: Pick<Selection, 'details' | 'neededFor' | 'lead' | 'what'>): boolean =>
  isBought(selection) &&
  CHOSEN_BY_THEM.has(selection.neededFor) &&
  !LEADS_OF_OTHERS.includes(selection.lead) &&
  !FOR_THE_TRADE.test(selection.what)
