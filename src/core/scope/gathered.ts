import { hoursLeft, type Line } from './line'
import { honestProgress } from './progress'

/** What a goal or a phase gathers: how far its lines of work are. */
export interface Gathered {
  readonly lines: readonly Line[]
  /** Done effort over all effort (C-41), whole per cent; null where no line counts. */
  readonly percent: number | null
  /** Hours of one person that are still to be worked. */
  readonly hoursLeft: number
  readonly sentences: readonly string[]
}

const SHOWN = 8

/** How far the lines are that were made part of a goal or a phase.
 * @param id the entry of the goal or phase */
export function gathered(id: string, all: readonly Line[]): Gathered {
  const lines = all.filter((line) => line.partOf.includes(id))
  const counted = lines.filter((line) => line.excluded === null)
  const open = counted.filter((line) => line.progress < 100)
  const left = open.reduce((sum, line) => sum + hoursLeft(line), 0)
  const percent = honestProgress(lines, all)
  return { lines, percent, hoursLeft: left, sentences: sentencesOf(lines.length, counted, open, percent, left) }
}

function sentencesOf(
  all: number,
  counted: readonly Line[],
  open: readonly Line[],
  percent: number | null,
  left: number,
): string[] {
  if (all === 0) return ['No work is part of it yet: say so at a line of the scope or on the walk.']
  const hours = counted.reduce((sum, line) => sum + line.hours, 0)
  const out = all - counted.length
  const named = open.slice(0, SHOWN).map((line) => `${line.title} (${line.progress} %)`)
  const more = open.length > SHOWN ? ` and ${open.length - SHOWN} more` : ''
  return [
    ...(percent === null
      ? []
      : [
          `${percent} % of ${round(hours)} hours of work done, ${round(left)} left: ${counted.length - open.length} of ${counted.length} finished.`,
        ]),
    ...(out > 0 ? [`${out} of its lines ${out === 1 ? 'is' : 'are'} out of the scope.`] : []),
    open.length === 0 ? 'All of its work is done.' : `Not finished: ${named.join(', ')}${more}.`,
  ]
}

const round = (hours: number): number => Math.round(hours * 10) / 10
