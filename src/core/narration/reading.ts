import type { Action, Element } from '../scope/vocabulary'
import type { LineKind, SpokenLine } from './line'

/** A line as it is being read, with where it stands in the text. */
export interface Said {
  line: SpokenLine
  start: number
  end: number
  /** Whether it named its own thing; one that did not may be joined to the line before. */
  own: boolean
  /** Only a thing named, or a material: waiting for what is said of it. */
  topic?: boolean
  /** A number that was given no meaning: money, once it is said to be an extra. */
  bare?: number
  norm: string
}

export type Fields = Omit<SpokenLine, 'kind' | 'words'>
export interface Reading {
  kind: LineKind | null
  fields: Fields
  own: boolean
  elements: readonly Element[]
  material: boolean
  statement: boolean
  bare: number | null
}

/** What was seen in a clause before its kind is known. */
export interface Seen {
  readonly action: Action | null
  readonly lead: number | null
  readonly percent: number | 'some' | null
  readonly hasDate: boolean
  readonly tradeFirst: boolean
  readonly where: Element | null
}
/** What was spoken of before a clause. */
export interface Memory {
  readonly element: Element | null
  readonly stage: Fields['stage']
  /** The thing whose stage it is. */
  readonly stageOf: Fields['element']
  readonly trade: Fields['trade']
  /** What was said just before, in plain words. */
  readonly said: string
}
/** A kind that a clause may be: the kind where it is, with what it adds to the reading; null where it is not. */
export type Rule = (
  norm: string,
  reading: Reading,
  seen: Seen,
  last: SpokenLine | null,
  memory: Memory,
) => LineKind | null
