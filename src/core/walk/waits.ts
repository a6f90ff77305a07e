import { daysWords } from '../calendar/day'
import { entryName, isOpen } from '../entries/entry'
import { placeName, type SiteState } from './siteState'
import type { Line, Wait } from '../scope/line'
import { BUILD_ORDER } from '../scope/vocabulary'

/** Something that a line can wait for by name. */
export interface Waitable {
  readonly for: string
  /** Where it is. */
  readonly place: string
  readonly words: string
}

/** All on a site that work can wait for: lines that are not done, in the order of the places and of the work, and entries of
 * the record that somebody has to close. */
export const waitable = (state: SiteState): Waitable[] => [
  ...state.places.flatMap((place) =>
    state.lines
      .filter((line) => line.placeId === place.id && line.progress < 100 && !line.excluded)
      .sort((a, b) => BUILD_ORDER.indexOf(a.stage) - BUILD_ORDER.indexOf(b.stage))
      .map((line): Waitable => ({ for: line.id, place: place.name, words: line.title })),
  ),
  ...state.entries
    .filter((entry) => isOpen(entry) && entryName(entry) !== '')
    .map((entry): Waitable => ({
      for: entry.id,
      place: 'The record',
      words: `${entryName(entry)} (${placeName(state, entry.placeId)})`,
    })),
]

/** What a line waits for, in words: `Kitchen: lay the floor, at least 3 days`.
 * @param states of the sites that the reader may see */
export function waitWords({ for: id, leastDays, mostDays, why }: Wait, states: readonly SiteState[]): string {
  const days = [
    ...(leastDays ? [`at least ${daysWords(leastDays)}`] : []),
    ...(mostDays === undefined ? [] : [`at most ${daysWords(mostDays)}`]),
  ]
  const what = states.flatMap((state) => named(state, id))[0] ?? 'something that is gone, or not yours to see'
  return `${[what, ...days].join(', ')}${why ? `: ${why}` : ''}`
}

function named(state: SiteState, id: string): string[] {
  const line = state.lines.find((one) => one.id === id)
  if (line)
    return [`${placeName(state, line.placeId)}: ${line.title.toLowerCase()}${line.progress === 100 ? ' (done)' : ''}`]
  const entry = state.entries.find((one) => one.id === id)
  return entry ? [`${entryName(entry)}${entry.settled ? ' (closed)' : ''}`] : []
}

/** The lines that wait for a line, in words, for whoever does it: what follows on it. */
export const waitingFor = (id: string, state: SiteState): Line[] =>
  state.lines.filter((line) => line.progress < 100 && line.waits.some((wait) => wait.for === id))
