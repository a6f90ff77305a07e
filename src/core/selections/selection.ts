import type { LeadKey } from '../scope/leads'
import type { Stage } from '../scope/vocabulary'

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

export interface SelectionLaid {
  readonly placeId: string
  readonly what: string
  readonly lead: LeadKey
  readonly neededFor: Stage
  readonly supplier?: string
  /** Calendar days that somebody needs to approve it (an association, a designer). */
  readonly approvalDays?: number
}
