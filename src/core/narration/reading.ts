import type { Element } from '../scope/vocabulary'
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
