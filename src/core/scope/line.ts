import { dateOnly, shortDay, type Day } from '../calendar/day'
import type { Minor } from '../measure/money'
import type { Quantity } from '../measure/quantity'
import type { Basis } from '../places/geometry'
import type { CautionId } from '../cautions/cautionIds'
import type { Responsible } from './responsible'
import type { RateKey } from './rates'
import type { Action, Element, Stage, Trade } from './vocabulary'

/** One line of work as it was laid down: something to be done at a place, by a trade, at a stage. */
export interface LineLaid {
  readonly placeId: string
  readonly stage: Stage
  readonly trade: Trade
  readonly action: Action
  readonly element: Element
  readonly title: string
  readonly basis: Basis
  readonly rate: RateKey
  readonly quantity: Quantity | null
  /** The sum in words. */
  readonly how: string
  readonly rough: boolean
  /** Effort in crew-hours: hours of one person's work. */
  readonly hours: number
  readonly cautions: readonly CautionId[]
  /** On an inspection or test: the stages that must be done before it, and nothing later may cover. */
  readonly inspects?: readonly Stage[]
  /** A small thing that has to be in before the wall is closed; named in the cover gate. */
  readonly beforeCover?: boolean
  readonly treatment?: string
  /** Somebody told it in words of their own. */
  readonly own?: true
  /** An addition to the contract, with what it costs the client once priced. */
  readonly extra?: boolean
  /** The service of the household that is off while this is done ('water', 'kitchen sink'). */
  readonly outage?: string
}

/** Why work is not in the scope, and until when where it may come back. */
export interface Excluded {
  readonly reason: string
  /** In words: 'the roof is paid for', 'phase 2'. */
  readonly until?: string
}
export const excludedWords = ({ reason, until }: Excluded): string => (until ? `${reason}, until ${until}` : reason)

/** What the client said to an extra. */
export interface Approval {
  readonly answer: 'approved' | 'declined'
  readonly by: string
  readonly on: Day
}
export const approvalWords = ({ answer, by, on }: Approval): string => `${answer} by ${by}, ${dateOnly(on)}`

/** What work waits for by name: a line that has to be done first, on whichever site, or an entry of the record that has to be
 * closed. */
export interface Wait {
  readonly for: string
  /** Calendar days that have to lie between, at least. */
  readonly leastDays?: number
  /** Calendar days that may lie between, at most. */
  readonly mostDays?: number
  readonly why?: string
}

/** Hours at best and at worst. */
export type HoursRange = readonly [best: number, worst: number]

/** A line of work as it stands now. */
export interface Line extends LineLaid {
  readonly id: string
  /** Honest progress 0 to 100, in quarters on the walk. */
  readonly progress: number
  readonly held: { readonly reason: string; readonly until?: Day; readonly begins?: true } | null
  readonly excluded: Excluded | null
  readonly price: Minor | null
  /** The quantity that the price was set for, in the unit of the line's own; null where nobody said. */
  readonly pricedFor: number | null
  /** What was said to it, where it is an extra. */
  readonly approval: Approval | null
  /** What its hours may be, where somebody said. */
  readonly hoursRange: HoursRange | null
  /** Which coming of its trade does it; 1 where one is enough. */
  readonly coming: number
  /** Whose it is, where somebody said; ours until then. */
  readonly responsible: Responsible | null
  /** The goals and phases that it belongs to, by their entries. */
  readonly partOf: readonly string[]
  /** What it waits for by name. */
  readonly waits: readonly Wait[]
  /** What the sizes and rates give, where somebody set the quantity or the hours by hand. */
  readonly reckoned: { readonly quantity: Quantity | null; readonly hours: number }
}
export const hoursLeft = (line: Line): number => (line.hours * (100 - line.progress)) / 100

/** Why work is not gone on with: it is held, or somebody said on which day it begins. */
export const heldWords = ({ reason, begins, until }: NonNullable<Line['held']>): string =>
  begins && until
    ? `from ${shortDay(until)}, as was said: ${reason}`
    : `held: ${reason}${until ? `, until ${dateOnly(until)}` : ''}`
export const heldLine = ({ title, held }: Pick<Line, 'title' | 'held'>): string =>
  held?.begins ? `${title} begins as was said: ${held.reason}` : `${title} is held: ${held?.reason}`
