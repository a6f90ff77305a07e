import { STAGES, type Stage } from '../scope/vocabulary'
import type { Line } from '../scope/line'
import { stageProgress } from '../scope/progress'
import type { Relation } from './relations'
import { linksAmong } from './stageOrder'

/** What going back costs, where one finish was done before the other. */
const MENDED: Partial<Record<`${Stage}>${Stage}`, string>> = {
  'paint>cabinets': 'Mask the cabinets; the last coat goes on by brush, and their edges are touched up.',
  'paint>flooring': 'Cover the whole floor before a can is opened, and touch up the base after.',
  'paint>fixtures': 'Plates and lights come off again or are masked.',
  'flooring>cabinets': 'The floor is cut to set cabinets: check the height left for appliances.',
  'flooring>trim': 'The base is lifted or scribed again.',
  'tile>cabinets': 'Tile is cut to the cabinets; a filler may be needed.',
  'board>tape': 'The open part is taped again where it meets.',
  'wires>insulation': 'Insulation comes out where wires still go in.',
  'windows-doors>cladding': 'Siding comes off around the opening, and its flashing is made again.',
  'weather-barrier>cladding': 'Siding comes off again: nothing hides what is not lapped and taped.',
}

export interface OutOfOrder {
  readonly before: Stage
  readonly after: Stage
  readonly words: string
}

/** Work at one place that was done although what comes before it is not: a stage that is finished over an unfinished
 * one, or begun before the other was begun at all. Only the order that is in force on the site counts.
 * @param lines the lines of the place
 * @param relations as `relationsFor` gives them */
export function outOfOrder(lines: readonly Line[], placeId: string, relations: readonly Relation[]): OutOfOrder[] {
  const stages = new Set(
    lines.filter((line) => line.excluded === null && line.trade !== 'inspector').map((line) => line.stage),
  )
  const percent = new Map([...stages].map((stage) => [stage, stageProgress(lines, placeId, stage) ?? 0]))
  return linksAmong(stages, relations).flatMap(({ before, after, why }) => {
    const [first, second] = [percent.get(before)!, percent.get(after)!]
    const wrong = first < 100 && second > 0 && (second === 100 || first === 0)
    if (!wrong) return []
    const mend = MENDED[`${before}>${after}`]
    const state = second === 100 ? 'done' : `at ${second} %`
    return [
      {
        before,
        after,
        words: `${STAGES[after]} ${state}, ${STAGES[before].toLowerCase()} at ${first} %: ${why}.${mend ? ` ${mend}` : ''}`,
      },
    ]
  })
}
