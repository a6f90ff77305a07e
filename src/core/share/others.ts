import { addDays, type Day } from '../calendar/day'
import { NEXT_DOOR } from '../entries/kinds/job'
import { listed } from '../lists/listed'
import { kindsOf } from '../places/place'
import { byStart } from '../schedule/tradeRun'
import { isOutside } from '../schedule/weather'
import { sameTime, shiftWords, visitDays, type VisitTime } from '../schedule/planDiff'
import type { PlannedVisit } from '../schedule/plan'
import { STAGES } from '../scope/vocabulary'
import { placeName, type RegisterEntry, type SiteState } from '../walk/siteState'
import { isNextDoor } from './neighbourLetter'
import { capital } from '../lists/capital'

/** A visit as somebody heard of it who neither does the work nor lives there. */
export interface HeardDay extends VisitTime {
  readonly key: string
  readonly what: string
}

/** What one of them was told, or would be told now. */
export interface OtherFacts {
  /** What they bring, do or must know. */
  readonly brings: string
  readonly days: readonly HeardDay[]
}

/** Somebody on the job who hears of days without coming for them as a trade: a plant, a hire firm, a permit office, a
 * neighbour. */
export interface Other {
  readonly id: string
  readonly siteId: string
  readonly name: string
  readonly contact: string
  readonly facts: OtherFacts
}

/** How far ahead they are told. */
const AHEAD_DAYS = 28

/** Those of a site's parties who hear of days, with what they would be told now. A neighbour hears what is done, and
 * where only of what is seen outside. */
export function othersOf(siteId: string, state: SiteState, visits: readonly PlannedVisit[], today: Day): Other[] {
  const coming = visits
    .filter(
      (visit) => visit.siteId === siteId && visit.trade !== 'inspector' && visit.startDay <= addDays(today, AHEAD_DAYS),
    )
    .sort(byStart)
  return state.entries
    .filter(
      ({ kind, settled, values }) =>
        // Who follows the work is told of no day and no place.
        kind === 'party' && settled === null && values.hears !== undefined && values.part !== 'follower',
    )
    .map(({ id, values }) => ({
      id,
      siteId,
      name: String(values.name),
      contact: String(values.contact ?? ''),
      facts: {
        brings: String(values.brings ?? ''),
        days: coming.filter(hearsOf(values, state)).map((visit) => heard(visit, values, state)),
      },
    }))
}

const hearsOf =
  ({ hears }: RegisterEntry['values'], { places }: Pick<SiteState, 'places'>) =>
  (visit: PlannedVisit): boolean =>
    hears === NEXT_DOOR
      ? isNextDoor(visit, kindsOf(places, visit.placeIds))
      : visit.stages.some((stage) => STAGES[stage] === hears)

function heard(visit: PlannedVisit, { part }: RegisterEntry['values'], state: SiteState): HeardDay {
  const { key, startDay, startHalf, endDay, endHalf, stages, placeIds } = visit
  const told = part === 'neighbour' ? placeIds.filter((id) => isOutside(kindsOf(state.places, [id]))) : placeIds
  const what = capital(listed(stages.map((stage) => STAGES[stage].toLowerCase())))
  return {
    key,
    what: told.length > 0 ? `${what}, ${listed(told.map((id) => placeName(state, id)))}` : what,
    startDay,
    startHalf,
    endDay,
    endHalf,
  }
}

/** All that somebody would be told who was told nothing yet. */
export const otherDays = ({ brings, days }: OtherFacts): string[] => [
  ...days.map((day) => `${day.what}: ${visitDays(day)}.`),
  ...(brings ? [brings] : []),
]

/** What changed for one of them since they were told, in sentences.
 * @param visits the plan: a day that was told is followed however far it moves
 * @param finished keys of the visits whose work is all done: no change of date */
export function otherChanges(
  told: OtherFacts,
  now: OtherFacts,
  visits: readonly PlannedVisit[],
  finished: ReadonlySet<string>,
): string[] {
  const planned = new Map(visits.map((visit) => [visit.key, visit]))
  const known = new Set(told.days.map(({ key }) => key))
  return [
    ...told.days.flatMap((was) => {
      const visit = planned.get(was.key)
      if (finished.has(was.key) || (visit && sameTime(was, visit))) return []
      if (!visit) return [`${was.what}: called off (was ${visitDays(was)}).`]
      return [`${was.what}: ${visitDays(visit)}, ${shiftWords(was, visit)} (was ${visitDays(was)}).`]
    }),
    ...now.days.filter(({ key }) => !known.has(key)).map((day) => `${day.what}: ${visitDays(day)}, new.`),
    ...(told.brings === now.brings ? [] : [brought(told.brings, now.brings)]),
  ]
}

const brought = (was: string, now: string): string =>
  now === '' ? `No longer: ${was}.` : was === '' ? `${now}.` : `${now} instead of ${was}.`
