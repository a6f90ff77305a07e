import { shortDay, type Day } from '../calendar/day'
import { TRADES, type Trade } from '../scope/vocabulary'

/** How it went with people who were due. */
export const COMINGS = { came: 'Came', late: 'Came late', missed: 'Did not come' } as const

/** Whether those who were due on a day came. */
export interface Coming {
  /** The visit that they were due for. */
  readonly visitKey: string
  readonly trade: Trade
  readonly day: Day
  readonly how: keyof typeof COMINGS
  /** The crew that was due. */
  readonly crewId?: string
  /** Hours of all of them together, where somebody knows. */
  readonly hours?: number
}

/** What tells of a day of a visit: said again, the later word counts. */
export const comingId = ({ visitKey, day }: Pick<Coming, 'visitKey' | 'day'>): string => `${visitKey} ${day}`

/** `Tiler: came late on Tue 10 Mar`. */
export const comingWords = ({ trade, how, day }: Coming): string =>
  `${TRADES[trade]}: ${COMINGS[how].toLowerCase()} on ${shortDay(day)}`

/** The last day on which those of a visit did not come; null where they always came. */
export const missedOn = (comings: readonly Coming[], visitKey: string): Day | null =>
  comings
    .filter((one) => one.visitKey === visitKey && one.how === 'missed')
    .map(({ day }) => day)
    .sort()
    .at(-1) ?? null
