import { ImpossibleRequest } from '../errors/impossibleRequest'
import { parseLength, tenths, type Units } from '../measure/length'
import { printSize, type Size } from '../measure/size'
import { reckon } from '../places/geometry'
import type { PlaceKind } from '../places/place'
import { printerFor } from '../takeoff/printer'
import type { NewFact } from './observation'

/** How a wall moved, as it is told of the place on this side of it. */
export interface WallMove {
  /** Which measure of the place changes: 0 for its length, 1 for its width, 2 for its height. */
  readonly side: number
  /** By how much, as typed. */
  readonly by: string
  readonly grows: boolean
  /** The place behind the wall, by its id; '' where there is none of ours. */
  readonly beside: string
  /** Which measure of that place changes. */
  readonly besideSide: number
  readonly why: string
}

interface Sized {
  readonly id: string
  readonly name: string
  readonly kind: PlaceKind
  readonly size: Size | null
}

/** One place as it was and as it is with the wall moved. */
export interface Resized {
  readonly place: Sized
  readonly was: Size
  readonly now: Size
}

/** The measures of a place by which a wall can move, in words, the first two for what has no third. */
export const sideWords = (kind: PlaceKind): readonly string[] =>
  kind === 'room' || kind === 'void' || kind === 'outbuilding'
    ? ['length', 'width', 'height']
    : kind === 'face'
      ? ['width', 'height']
      : ['length', 'width']

/** Both places of a wall with their sizes before and after.
 * @throws ImpossibleRequest naming the field: a place that is not measured, a side that it has not, nothing left of it */
export function movedWall(places: readonly Sized[], place: Sized, move: WallMove, units: Units): Resized[] {
  const by = parseLength(move.by.trim(), units).tenths
  const beside = places.find(({ id }) => id === move.beside)
  if (move.beside !== '' && (!beside || beside.id === place.id))
    throw new ImpossibleRequest('beside', 'Behind the wall: choose another place of this site.', 'beside')
  return [
    resized(place, move.side, move.grows ? by : -by, 'side', units),
    ...(beside ? [resized(beside, move.besideSide, move.grows ? -by : by, 'besideSide', units)] : []),
  ]
}

function resized(place: Sized, side: number, by: number, field: string, units: Units): Resized {
  if (!place.size) throw new ImpossibleRequest('no-size', `${place.name} is not measured yet. Measure it first.`, field)
  const was = place.size
  const old = was.sides[side]
  const word = sideWords(place.kind)[side]
  if (!old || !word) throw new ImpossibleRequest('no-side', `${place.name}: choose a side that was measured.`, field)
  if (old.tenths + by <= 0)
    throw new ImpossibleRequest('nothing-left', `By how much: that leaves no ${word} of ${place.name}.`, 'by')
  const moved = {
    ...old,
    tenths: tenths(old.tenths + by),
    ...(old.high === undefined ? {} : { high: tenths(old.high + by) }),
  }
  const size: Size = { ...was, sides: was.sides.map((one, i) => (i === side ? moved : one)) }
  return { place, was, now: { ...size, typed: printSize(size, units) } }
}

/** The sizes that both places have from now on, with what they were and why, so that no sum is left behind. */
export const movedWallFacts = (moved: readonly Resized[], why: string, units: Units): NewFact[] =>
  moved.map(({ place, was, now }) => ({
    subject: 'place',
    subjectId: place.id,
    facet: 'measured',
    placeId: place.id,
    value: { ...now, was: printSize(was, units), ...(why.trim() ? { why: why.trim() } : {}) },
  }))

/** What a wall that moved does to a place: 'Bath: 1.9 × 2.2 m, 4.18 m² (2.3 × 2.2 m, 5.06 m² before)'. */
export function resizedWords({ place, was, now }: Resized, units: Units): string {
  const told = (size: Size): string => {
    const surface = reckon(place.kind === 'face' ? 'face' : 'floor', place.kind, size)!.quantity.value
    return `${printSize(size, units)}, ${printerFor(units).area(surface)}`
  }
  return `${place.name}: ${told(now)} (${told(was)} before)`
}

/** What a place was before a wall of it moved, as its readers are told. */
export const wallMovedWords = ({ was, why }: { readonly was: string; readonly why: string | null }): string =>
  `${was} before a wall moved${why ? `: ${why}` : ''}`
