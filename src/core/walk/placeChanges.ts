import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { movedWall, movedWallFacts, type WallMove } from './movedWall'
import type { NewFact } from './observation'
import type { Place, SiteState } from './siteState'
import { placeAgain, requireFreeName, type Ids } from './units'

/** What can happen to a place, in the words of the list. */
export const PLACE_CHANGES = {
  name: 'It is called otherwise today',
  future: 'It becomes something else',
  level: 'It is on another level',
  split: 'A part becomes a place of its own',
  merge: 'It becomes part of another place',
  copy: 'There is another one like it',
  mirror: 'There is a mirrored one',
  wall: 'A wall of it moves',
} as const

export interface PlaceChange {
  readonly change: keyof typeof PLACE_CHANGES
  /** A name or level, or the place that it becomes part of. */
  readonly to: string
  /** Lines that go with a part that is split off. */
  readonly lineIds: readonly string[]
  readonly wall?: WallMove
}

/** The facts that a change of a place makes.
 * @throws ImpossibleRequest naming the field */
export function placeChangeFacts(
  state: SiteState,
  place: Place,
  { change, to, lineIds, wall }: PlaceChange,
  units: Units,
  ids: Ids,
): NewFact[] {
  const at = { subject: 'place' as const, subjectId: place.id, placeId: place.id }
  switch (change) {
    case 'name':
      requireFreeName(state, to)
      return [{ ...at, facet: 'name', value: to.trim() }]
    case 'future':
      return [{ ...at, facet: 'futureName', value: to.trim() }]
    case 'level':
      if (to.trim() === '') throw new ImpossibleRequest('no-level', 'Level: say which.', 'to')
      return [{ ...at, facet: 'level', value: to.trim() }]
    case 'split':
      return splitPlace(state, place, to, lineIds, ids.fresh())
    case 'merge': {
      const into = state.places.find((one) => one.id === to)
      if (!into) throw new ImpossibleRequest('no-place', 'Into: choose a place of this site.', 'to')
      return mergePlaces(place, into)
    }
    case 'copy':
    case 'mirror':
      return placeAgain(state, place, { name: to, order: orderAfter(state, place) }, change === 'mirror', units, ids)
    case 'wall':
      if (!wall) throw new ImpossibleRequest('no-wall', 'Wall: say by how much it moves.', 'by')
      return movedWallFacts(movedWall(state.places, place, wall, units), wall.why, units)
  }
}

/** Two places become one: everything of the first is told of the second from now on, its history too.
 * @throws ImpossibleRequest `same-place` with field `to` */
export function mergePlaces(from: Place, into: Place): NewFact[] {
  if (from.id === into.id)
    throw new ImpossibleRequest(
      'same-place',
      `${from.name} cannot become part of itself. Choose another place.`,
      'into',
    )
  return [{ subject: 'place', subjectId: from.id, facet: 'mergedInto', placeId: from.id, value: into.id }]
}

/** A part of a place becomes a place of its own, right after it in the walk, with the lines that go with it.
 * @param lineIds lines of the place that belong to the new part
 * @throws ImpossibleRequest `no-name` or `name-taken` with field `to` */
export function splitPlace(
  state: SiteState,
  place: Place,
  name: string,
  lineIds: readonly string[],
  newId: string,
): NewFact[] {
  requireFreeName(state, name)
  const { kind, level, openings } = place
  const laid = {
    name: name.trim(),
    kind,
    level,
    size: null,
    order: orderAfter(state, place),
    from: place.id,
    ...(openings === undefined ? {} : { openings }),
    ...(place.unit ? { unit: place.unit } : {}),
  }
  const goes = new Set(lineIds)
  return [
    { subject: 'place', subjectId: newId, facet: 'laid', placeId: newId, value: laid },
    ...state.lines
      .filter((line) => line.placeId === place.id && goes.has(line.id))
      .map((line): NewFact => ({ subject: 'line', subjectId: line.id, facet: 'place', placeId: newId, value: newId })),
  ]
}

/** Half way to the place that follows, so that no other place has to be touched. */
function orderAfter(state: SiteState, place: Place): number {
  const next = state.places[state.places.findIndex((one) => one.id === place.id) + 1]
  return next ? (place.order + next.order) / 2 : place.order + 1
}
