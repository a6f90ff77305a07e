import { addDays, shortDay, type Day } from '../calendar/day'
import type { PlannedVisit } from '../schedule/plan'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** A service that a household is without: from which day, until which it is, and how. */
export interface Outage {
  /** The same for as long as it is the same outage, whatever its days. */
  readonly key: string
  /** The day on which it begins; of one that has begun, today. */
  readonly day: Day
  /** Its last day; missing where it is over within `day`, null where nobody can say yet. */
  readonly until?: Day | null
  readonly what: string
}

const LOOK_AHEAD_DAYS = 14

/** The work that brings each service back where it was taken out; what is only shut off comes back with the visit. */
const BROUGHT_BACK_BY: Readonly<Record<string, readonly Stage[]>> = {
  'kitchen sink': ['fixtures'],
  bathroom: ['fixtures'],
  toilet: ['fixtures'],
  stair: ['framing', 'railing'],
}

/** What a household is without now or will be within two weeks, the first to begin first. What is taken out stays out until
 * the visit that puts it back is over, however many weeks that is.
 * @param visits of the site */
export function outagesOf(
  { lines, places }: Pick<SiteState, 'lines' | 'places'>,
  visits: readonly PlannedVisit[],
  today: Day,
): Outage[] {
  const has = (service: string): string[] => [
    ...new Set(
      lines.flatMap(({ outage, placeId }) => (outage === service && BROUGHT_BACK_BY[service] ? [placeId] : [])),
    ),
  ]
  return lines
    .filter((line) => line.outage && line.excluded === null)
    .flatMap((line): Outage[] => {
      const visit = visits.find(({ lineIds }) => lineIds.includes(line.id))
      const takenOut = line.action === 'remove' && BROUGHT_BACK_BY[line.outage!] !== undefined
      if (line.progress === 100 && !takenOut) return []
      const begun = line.progress > 0 || (visit && visit.startDay < today)
      const begins = begun ? today : visit?.startDay
      if (begins === undefined || begins > addDays(today, LOOK_AHEAD_DAYS)) return []
      if (takenOut && isBack(line, lines)) return []
      const until = takenOut ? lastDay(line, visits) : (visit?.endDay ?? null)
      const key = `${visit?.key ?? line.placeId}|${line.id}`
      // Where a house has two of it, which one is part of what is said.
      const where = has(line.outage!).length > 1 ? places.find(({ id }) => id === line.placeId)?.name : undefined
      const what = `${wordsOf(line.outage!)}${where ? ` (${where})` : ''}`
      return [{ key, day: begins, what, ...(until === begins ? {} : { until }) }]
    })
    .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : a.key < b.key ? -1 : 1))
}

const bringing = (taken: Line, lines: readonly Line[]): Line[] =>
  lines.filter(
    (line) =>
      line.placeId === taken.placeId &&
      line.excluded === null &&
      line.action !== 'remove' &&
      BROUGHT_BACK_BY[taken.outage!]!.includes(line.stage),
  )

/** Whether what was taken out works again: all that puts it back is done. */
function isBack(taken: Line, lines: readonly Line[]): boolean {
  const its = bringing(taken, lines)
  return taken.progress === 100 && its.length > 0 && its.every(({ progress }) => progress === 100)
}

/** The last day of the visits that put it back; null where none is planned. */
const lastDay = (taken: Line, visits: readonly PlannedVisit[]): Day | null =>
  visits
    .filter(
      ({ placeIds, stages }) =>
        placeIds.includes(taken.placeId) && stages.some((stage) => BROUGHT_BACK_BY[taken.outage!]!.includes(stage)),
    )
    .map(({ endDay }) => endDay)
    .sort()
    .at(-1) ?? null

const wordsOf = (service: string): string => (service === 'stair' ? 'the stair cannot be used' : `no ${service}`)

/** What a household reads of an outage, with its first and last day. */
export function outageSentence({ day, until, what }: Outage, today: Day): string {
  if (until === undefined) return `${shortDay(day)}: ${what} for part of the day. We tell you the hours the day before.`
  if (until === null)
    return `${day === today ? 'Now' : `From ${shortDay(day)}`}: ${what}; until when we cannot say yet.`
  return day === today ? `Until ${shortDay(until)}: ${what}.` : `${shortDay(day)} to ${shortDay(until)}: ${what}.`
}
