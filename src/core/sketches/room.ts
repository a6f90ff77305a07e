import type { Printer } from '../takeoff/printer'
import { box, label, line, outline, spot, type Shape, type Sketch, type Spot } from './sketch'
import { capital } from '../lists/capital'

export const WALLS = ['far wall', 'right wall', 'near wall', 'left wall'] as const
export type Wall = (typeof WALLS)[number]

/** Something that stands on a wall of a room or opens in it; lengths in millimetres. */
export interface Piece {
  readonly name: string
  readonly sort: 'hinged door' | 'sliding door' | 'window' | 'fixture'
  readonly wall: Wall
  /** From the left end of the far and the near wall, from the far end of the others. */
  readonly from: number
  readonly width: number
  /** How far a fixture stands out; 0 for what lies in the wall. */
  readonly depth: number
  /** Floor that must stay free in front of it. */
  readonly clear: number
  /** At which end a door hangs. */
  readonly hinge: 'start' | 'end'
  readonly opensInward: boolean
}

/** A room as it is drawn: its length along the far wall, its width from far to near. */
export interface Room {
  readonly long: number
  readonly wide: number
  readonly pieces: readonly Piece[]
}

/** A spot so far along a wall and so far into the room. */
function placed({ long, wide }: Room, wall: Wall, along: number, into: number): Spot {
  if (wall === 'far wall') return spot(along, into)
  if (wall === 'near wall') return spot(along, wide - into)
  return wall === 'left wall' ? spot(into, along) : spot(long - into, along)
}

/** How far into the room a piece reaches: a door's swing, or a thing with the floor kept free before it. */
const reachOf = ({ sort, opensInward, width, depth, clear }: Piece, kept: boolean): number =>
  sort === 'hinged door' && opensInward ? width : depth + (kept ? clear : 0)

/** Whether a piece needs a spot of floor, told by how far along its wall and how far into the room it is. */
function needs(piece: Piece, kept: boolean): (along: number, into: number) => boolean {
  const { sort, from, width, hinge, opensInward } = piece
  const reach = reachOf(piece, kept)
  const within = (along: number, into: number): boolean =>
    into >= 0 && into <= reach && along >= from && along <= from + width
  if (sort !== 'hinged door' || !opensInward) return within
  const pivot = hinge === 'start' ? from : from + width
  return (along, into) => within(along, into) && Math.hypot(along - pivot, into) <= width
}

const alongOf = (room: Room, wall: Wall, { x, y }: Spot): readonly [number, number] => {
  if (wall === 'far wall') return [x, y]
  if (wall === 'near wall') return [x, room.wide - y]
  return wall === 'left wall' ? [y, x] : [y, room.long - x]
}

const STEPS = 24

/** What cannot be at once: doors that meet, doors that swing into what stands there, and floor that must stay free but
 * does not. Judged by points over each piece's floor, `STEPS` each way.
 * @returns a sentence each */
export function roomClashes(room: Room, p: Printer): string[] {
  const { pieces } = room
  const pairs = pieces.flatMap((one, i) => pieces.slice(i + 1).map((other) => [one, other] as const))
  return [
    ...pieces.flatMap((one) => beyond(room, one, p)),
    ...pairs.flatMap(([one, other]) => (meet(room, one, other) ? [meetWords(one, other)] : [])),
  ].map(capital)
}

function beyond(room: Room, piece: Piece, p: Printer): string[] {
  const { name, wall, from, width } = piece
  const sideways = wall === 'far wall' || wall === 'near wall'
  const [span, across] = sideways ? [room.long, room.wide] : [room.wide, room.long]
  const reach = reachOf(piece, true)
  return [
    ...(from + width > span ? [`${name} reaches ${p.len(from + width - span)} past the end of the ${wall}.`] : []),
    ...(reach > across ? [`${name} needs ${p.len(reach)} into the room, ${p.len(across)} is there.`] : []),
  ]
}

/** Two things clash where one stands on floor that the other needs; floor kept free may serve both. */
const meet = (room: Room, one: Piece, other: Piece): boolean =>
  overlap(room, one, false, other, true) || overlap(room, one, true, other, false)

function overlap(room: Room, one: Piece, keptByOne: boolean, other: Piece, keptByOther: boolean): boolean {
  const inOne = needs(one, keptByOne)
  const inOther = needs(other, keptByOther)
  const reach = reachOf(one, keptByOne)
  if (reach === 0) return false
  for (let i = 1; i < STEPS; i++)
    for (let j = 1; j < STEPS; j++) {
      const along = one.from + (one.width * i) / STEPS
      const into = (reach * j) / STEPS
      if (inOne(along, into) && inOther(...alongOf(room, other.wall, placed(room, one.wall, along, into)))) return true
    }
  return false
}

const meetWords = (one: Piece, other: Piece): string => {
  const swings = [one, other].filter(({ sort, opensInward }) => sort === 'hinged door' && opensInward)
  if (swings.length === 2) return `${one.name} and ${other.name} swing into each other.`
  if (swings.length === 1) {
    const still = swings[0] === one ? other : one
    return `${swings[0]!.name} swings into ${still.name}${still.clear > 0 ? ' or the floor kept free before it' : ''}.`
  }
  return `${one.name} and ${other.name} need the same floor.`
}

/** A room from above: walls, doors with their swings, windows, what stands there and the floor it needs. */
export function roomSketch(name: string, room: Room, p: Printer): Sketch {
  const { long, wide, pieces } = room
  const margin = Math.max(long, wide) * 0.18
  /** Room for the figure beside the left wall. */
  const left = margin * 1.7
  const moved = ({ x, y }: Spot): Spot => spot(x + left, y + margin)
  const drawn = pieces.flatMap((piece) => pieceShapes(room, piece, moved))
  return {
    title: `${name} from above, ${p.len(long)} by ${p.len(wide)}`,
    width: long + left + margin,
    height: wide + 2 * margin,
    shapes: [
      box(spot(left, margin), long, wide, 'old'),
      ...drawn,
      label(spot(left + long / 2, margin * 0.5), p.len(long)),
      label(spot(left * 0.95, margin + wide / 2), p.len(wide), 'end'),
    ],
  }
}

function pieceShapes(room: Room, piece: Piece, moved: (one: Spot) => Spot): Shape[] {
  const { wall, from, width, depth, clear, sort, hinge, opensInward, name } = piece
  const at = (along: number, into: number): Spot => moved(placed(room, wall, along, into))
  const rectangle = (near: number, reach: number): Spot[] => [
    at(from, near),
    at(from + width, near),
    at(from + width, reach),
    at(from, reach),
    at(from, near),
  ]
  const opening = line(at(from, 0), at(from + width, 0), 'new')
  const named = label(at(from + width / 2, Math.max(depth / 2, width * 0.18)), name)
  if (sort === 'fixture')
    return [
      outline(rectangle(0, depth), 'new'),
      ...(clear > 0 ? [outline(rectangle(depth, depth + clear), 'level')] : []),
      named,
    ]
  if (sort !== 'hinged door') return [opening, named]
  const [pivot, free] = hinge === 'start' ? [from, from + width] : [from + width, from]
  const into = opensInward ? 1 : -1
  const swing = Array.from({ length: 13 }, (_, i) => {
    const turn = (i / 12) * (Math.PI / 2)
    return at(pivot + (free - pivot) * Math.cos(turn), into * width * Math.sin(turn))
  })
  return [opening, line(at(pivot, 0), at(pivot, into * width), 'new'), outline(swing, 'level'), named]
}
