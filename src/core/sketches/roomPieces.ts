import { lengthIn, type Values } from '../entries/field'
import { printerFor } from '../takeoff/printer'
import type { Units } from '../measure/length'
import type { Place, RegisterEntry } from '../walk/siteState'
import { roomClashes, roomSketch, type Piece, type Wall } from './room'
import type { Sketch } from './sketch'

const millimetres = (values: Values, key: string): number => (lengthIn(values, key)?.tenths ?? 0) / 10

const SORTS: Readonly<Record<string, Piece['sort']>> = {
  'hinged door': 'hinged door',
  'sliding or pocket door': 'sliding door',
  window: 'window',
  'fixture, cabinet, appliance': 'fixture',
}

const pieceOf = ({ values }: Pick<RegisterEntry, 'values'>): Piece => ({
  name: String(values.what),
  sort: SORTS[String(values.sort)] ?? 'fixture',
  wall: String(values.wall ?? 'far wall') as Wall,
  from: millimetres(values, 'from'),
  width: millimetres(values, 'width'),
  depth: millimetres(values, 'depth'),
  clear: millimetres(values, 'clear'),
  hinge: values.hinge === 'at the far end' ? 'end' : 'start',
  opensInward: values.swings !== 'out of the room',
})

export interface RoomPlan {
  readonly sketch: Sketch
  /** What cannot be at once, in sentences. */
  readonly clashes: readonly string[]
}

/** A measured room drawn from above with what was told to stand in it; null where it has no size. */
export function roomPlan(place: Place, entries: readonly RegisterEntry[], units: Units): RoomPlan | null {
  if (place.kind !== 'room' || !place.size) return null
  const [long, wide] = place.size.sides.map((side) => side.tenths / 10) as [number, number]
  const pieces = entries
    .filter((entry) => entry.kind === 'room-piece' && entry.placeId === place.id && entry.settled === null)
    .map(pieceOf)
    .filter(({ width }) => width > 0)
  const room = { long, wide, pieces }
  const p = printerFor(units)
  return { sketch: roomSketch(place.name, room, p), clashes: roomClashes(room, p) }
}
