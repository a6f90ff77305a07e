import type { Size } from '../measure/size'

export type PlaceKind = 'room' | 'face' | 'roof' | 'ground' | 'void' | 'outbuilding' | 'boundary'

export const PLACE_KINDS: Record<PlaceKind, string> = {
  room: 'Room',
  face: 'Outside face',
  roof: 'Roof zone',
  ground: 'Ground or trench',
  void: 'Void or shaft',
  outbuilding: 'Outbuilding',
  boundary: 'Boundary',
}

/** A place of a site as it was laid out. Its current size may have been measured again since. */
export interface PlaceLaid {
  readonly name: string
  readonly kind: PlaceKind
  /** A floor ('Ground floor'), 'Outside', 'Roof'. */
  readonly level: string
  readonly size: Size | null
  /** Position in the walking order, ascending. */
  readonly order: number
  /** What this place will be called when the work is done, where that differs. */
  readonly futureName?: string
  /** The place that it was split from or copied from. */
  readonly from?: string
  /** The unit of the house that it belongs to: a flat, one of twins. */
  readonly unit?: string
  /** Copied with left and right turned. */
  readonly mirrored?: true
  /** What the place that it was copied from had then, by the keys of `units.ts`, and what was settled since. */
  readonly alike?: readonly string[]
  /** Door and window openings, each 2 m² on average, to be taken off wall areas. */
  readonly openings?: number
}

/** A size told again: of a wall that moved also what it was, as printed, and why. */
export interface SizeAgain extends Size {
  readonly was?: string
  readonly why?: string
}

/** What sort of places some are, by their ids. */
export const kindsOf = (
  places: readonly { readonly id: string; readonly kind: PlaceKind }[],
  ids: readonly string[],
): PlaceKind[] => places.filter(({ id }) => ids.includes(id)).map(({ kind }) => kind)
