import type { Day } from '../calendar/day'
import type { Responsible } from '../scope/responsible'
import type { Values } from '../entries/field'
import type { Units } from '../measure/length'
import type { Delivery, SelectionState } from './selection'
import type { Candidate } from './candidate'
import type { SelectionSort } from './selectionKinds'

/** A selection with its dates from the live plan, as the desk lists it. */
export interface SelectionRow {
  readonly id: string
  readonly siteId: string
  readonly site: string
  readonly placeId: string
  readonly place: string
  readonly what: string
  readonly choice: string | null
  readonly state: SelectionState
  /** Whether it is something that is bought. */
  readonly bought: boolean
  readonly leadDays: readonly [number, number, number]
  readonly leadWords: string
  readonly supplier: string
  readonly approvalDays: number
  readonly units: Units
  /** What sort it is told to be, or most likely is. */
  readonly sort: SelectionSort
  readonly values: Values
  readonly delivered: Delivery | null
  /** What matters for its sort, in words. */
  readonly details: readonly string[]
  /** What the work that it goes into takes to buy, in sentences. */
  readonly toBuy: readonly string[]
  /** What is to be minded before it is ordered or built in. */
  readonly checks: readonly string[]
  readonly candidates: readonly Candidate[]
  /** Each candidate with its lead, its last day and what it costs, while nobody chose. */
  readonly candidateDays: readonly string[]
  /** The question whose answer its maker waits for, and those that it could be. */
  readonly awaits: string | null
  readonly couldAwait: readonly { readonly id: string; readonly question: string }[]
  /** Why it may not be ordered yet: what it is bought for was never measured. */
  readonly heldBack: readonly string[]
  readonly neededOn: Day | null
  readonly orderBy: Day | null
  readonly responsible: Responsible | null
  readonly arrives: Day | null
  readonly wanted: Day | null
  readonly reason: string
  /** Days that the installing visit loses if this is ordered tomorrow and takes its upper lead; 0 where none. */
  readonly daysAtStake: number
  /** Smaller is more pressing: days left until the order-by day, or until the need once ordered. */
  readonly pressing: number
}
