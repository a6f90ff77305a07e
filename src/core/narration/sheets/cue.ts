import { parseLength, type Units } from '../../measure/length'
import type { LineKind, WalkKind } from '../line'

/** How people tell of what a register holds. It stands apart from the registers, since a phone fetches it only when the
 * first words are read. All is looked for in plain words: small letters, a comma as a word of its own. */
export interface Says {
  /** Words that tell of one. */
  readonly cue: RegExp
  /** Where these stand too, it is something else. */
  readonly not?: RegExp
  /** Only on walks of this kind. */
  readonly on?: WalkKind
  /** The words beside the figure of a field, where they are not the usual ones of its key. */
  readonly near?: Readonly<Record<string, RegExp>>
  /** The same, of words that stand before their figure alone. */
  readonly ahead?: Readonly<Record<string, RegExp>>
  /** The same, of words right behind it: 'a 125 duct'. */
  readonly tight?: Readonly<Record<string, RegExp>>
  /** The fields that the sides of a size fill, in spoken order; with words before the size where it could be another. */
  readonly sides?: readonly (readonly string[] | { readonly near: RegExp; readonly fields: readonly string[] })[]
  /** Where these words stand it is of the whole site, wherever it was said. */
  readonly ofSite?: RegExp
  /** The field that names the room it is of, wherever it was said, where the site has one such room. */
  readonly ofRoom?: string
  /** The field of a figure with nothing beside it. */
  readonly bare?: readonly string[]
  /** A field that tells a list of figures, by the words before it. */
  readonly lists?: Readonly<Record<string, RegExp>>
  /** The same, where each of the list stands behind its word: 'base 876, top 32'. */
  readonly every?: Readonly<Record<string, RegExp>>
  /** A field told in words: the first group that holds something is what was said. */
  readonly tells?: Readonly<Record<string, RegExp>>
  /** What is chosen or ticked where these words stand; the first that fit. */
  readonly means?: Readonly<Record<string, readonly (readonly [RegExp, string])[]>>
  /** The field that a day in it fills. */
  readonly day?: string
  /** One of these has to be told, or it is none. */
  readonly least?: readonly string[]
  /** Its figures stay in its words. */
  readonly inWords?: true
  /** Each sentence tells of another one, unless it says the same again. */
  readonly sentences?: true
  /** It tells of one sort of thing: 'two beams, 96 studs' are several. */
  readonly single?: true
  /** What follows from what was typed into its fields.
   * @param norm the sentence in plain words
   * @returns how many figures it took that had found no field, if any */
  readonly then?: (typed: Record<string, string>, norm: string, units: Units) => number | void
  /** What lets work go on is kept as it stands until somebody taps it. */
  readonly onlyTapped?: {
    readonly field: string
    readonly value: string
    readonly until: string
    readonly words: string
  }
  /** One figure can be several fields: 'thirty eight ordered, delivered and used'. */
  readonly shares?: true
  /** The lines read of the same words that it takes the place of, beside notes, measures and what is to come. */
  readonly instead?: readonly LineKind[]
}

/** A slab, a pad: its length, its width, its thickness. */
export const SIZE_3: NonNullable<Says['sides']> = [['long', 'wide', 'thick']]

/** Of two sides the longer is the length, in whichever order they were said. */
export function longFirst(typed: Record<string, string>, _norm: string, units: Units): void {
  const { long, wide } = typed
  if (long && wide && parseLength(long, units).tenths < parseLength(wide, units).tenths)
    Object.assign(typed, { long: wide, wide: long })
}
