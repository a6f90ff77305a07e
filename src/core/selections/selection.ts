import type { Day } from '../calendar/day'
import type { Values } from '../entries/field'
import type { LeadKey } from '../scope/leads'
import type { Responsible } from '../scope/responsible'
import type { Stage } from '../scope/vocabulary'
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
  /** The day on which it was said to be ordered. */
  readonly orderedOn: Day | null
  readonly responsible: Responsible | null
  readonly details: SelectionDetails | null
  readonly delivered: Delivery | null
}
