import { printLength, mm, type Units } from '../measure/length'
import { minor, printMoney } from '../measure/money'

/** What a room's trim is reckoned from: lengths in millimetres, money in minor units. */
export interface TrimmedRoom {
  readonly perimeter: number
  readonly doors: number
  readonly doorWide: number
  readonly doorHigh: number
  readonly windows: number
  /** Round one window: its two sides, head and sill. */
  readonly windowRound: number
  readonly crown: boolean
  readonly risers: number
  readonly stairWide: number
  /** A stick as it is sold. */
  readonly stick: number
  /** Share of the length that is cut away. */
  readonly waste: number
  readonly perDoor?: number
  /** What all its doors cost together. */
  readonly allDoors?: number
}

export interface TrimPart {
  readonly part: 'base' | 'casing' | 'crown' | 'riser'
  readonly long: number
  /** With waste, in whole sticks. */
  readonly sticks: number
}

/** Base runs along the walls less the doors; casing up both sides and over each door, on both faces, and round each
 * window; crown along the whole wall; risers across the stair. Sticks are rounded up once, with 10 % for cuts.
 * Source: the trade's linear take-off (C-01 for the lengths). */
export function roomTrim(room: TrimmedRoom): TrimPart[] {
  const lengths: readonly (readonly [TrimPart['part'], number])[] = [
    ['base', Math.max(0, room.perimeter - room.doors * room.doorWide)],
    ['casing', room.doors * 2 * (2 * room.doorHigh + room.doorWide) + room.windows * room.windowRound],
    ['crown', room.crown ? room.perimeter : 0],
    ['riser', room.risers * room.stairWide],
  ]
  return lengths.flatMap(([part, long]) =>
    long > 0 ? [{ part, long, sticks: Math.ceil((long * (1 + room.waste)) / room.stick - 1e-9) }] : [],
  )
}

const WORDS = { base: 'Base', casing: 'Casing', crown: 'Crown', riser: 'Risers' } as const

/** The trim of a room in sentences, and what its doors cost where a price a door is known. */
export function trimSentences(room: TrimmedRoom, units: Units): string[] {
  const length = (value: number): string => printLength(mm(value), units)
  const { doors, perDoor, allDoors } = room
  const counted = `${doors} ${doors === 1 ? 'door' : 'doors'}`
  const money = (value: number): string => printMoney(minor(value))
  return [
    ...(allDoors !== undefined && doors > 0
      ? [`${money(allDoors)} for ${counted}: ${money(allDoors / doors)} each.`]
      : []),
    ...roomTrim(room).map(
      ({ part, long, sticks }) =>
        `${WORDS[part]} ${length(long)}, with ${Math.round(room.waste * 100)} %: ${sticks} ${sticks === 1 ? 'stick' : 'sticks'} of ${length(room.stick)}.`,
    ),
    ...(perDoor !== undefined && doors > 0 ? [`${counted} at ${money(perDoor)}: ${money(perDoor * doors)}.`] : []),
  ]
}
