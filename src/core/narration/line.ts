import type { LineKind } from '../walk/lineKinds'
import type { Day } from '../calendar/day'
import type { Action, Element, Stage, Trade } from '../scope/vocabulary'

export type { LineKind } from '../walk/lineKinds'

/** One fact that somebody said, with the words it came from. */
export interface SpokenLine {
  kind: LineKind
  words: string
  place?: string
  element?: Element
  action?: Action
  stage?: Stage
  percent?: number
  state?: 'held' | 'unchanged'
  quantity?: number
  /** Millimetres in spoken order. */
  dims?: number[]
  condition?: string
  certain?: boolean
  trade?: Trade
  /** Who the sentence says did it, where it names one trade. */
  doer?: Trade
  leadDays?: number
  date?: Day
  extra?: true
  /** Minor units. */
  amount?: number
  until?: string
  private?: true
  /** It is read as somebody taught it. */
  taught?: true
  /** How likely it is right, 0 to 1; not said where the rules alone read it. */
  sure?: number
  /** What else it may be, the likeliest first. */
  or?: readonly LineKind[]
}

/** What a walk is for: on a scope walk one tells what is to be, on the others what was done. */
export type WalkKind = 'scope' | 'progress' | 'before cover' | 'completion' | 'end of day'

/** What was said, where the walker stood, and what the site is like. */
export interface Narration {
  readonly text: string
  readonly places: readonly string[]
  readonly current: string | null
  readonly units: 'imperial' | 'metric'
  readonly today: Day
  /** A progress walk where nothing is said. */
  readonly walk?: WalkKind
}
