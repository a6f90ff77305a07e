import { visitsBy } from '../schedule/visitsBy'
import { dateOnly, type Day } from '../calendar/day'
import { sameTime, shiftWords, visitDays, type VisitTime } from '../schedule/planDiff'
import type { Plan, PlannedVisit } from '../schedule/plan'
import type { ClientFacts } from './clientUpdate'
import { capital } from '../lists/capital'

/** What somebody was last told about a visit. */
export interface ToldVisit extends VisitTime {
  readonly key: string
  readonly siteId: string
  readonly crewId: string
  readonly confirmed: boolean
  /** In the words that they were told. */
  readonly what: string
}

/** One person or firm whose facts changed, with only what changed for them. */
export interface ToTell {
  readonly audience: 'trade' | 'client' | 'other'
  /** Crew, site, or party on the job. */
  readonly who: string
  readonly changes: readonly {
    readonly siteId: string
    readonly visitKey: string | null
    readonly text: string
    readonly confirmed: boolean
  }[]
}

/** Exactly those whose told facts differ from the plan: moved and cancelled visits for trades, finish and outages for
 * clients. Whoever was told nothing, or nothing that changed, is not on it.
 * @param finished keys of the visits whose work is all done: no change of date
 * @param words names a visit for its trade: 'Board and tape, bathroom'
 */
export function tellList(
  told: readonly ToldVisit[],
  clients: ReadonlyMap<string, { readonly told: ClientFacts; readonly now: ClientFacts }>,
  plan: Plan,
  finished: ReadonlySet<string>,
  words: (visit: PlannedVisit) => string,
): ToTell[] {
  const planned = visitsBy(plan).key
  const trades = new Map<string, ToTell['changes'][number][]>()
  for (const was of told) {
    const now = planned.get(was.key)
    const stillTheirs = now?.crewId === was.crewId
    if (finished.has(was.key) || (stillTheirs && sameTime(was, now))) continue
    const text = stillTheirs
      ? `${words(now)}: ${visitDays(now)}, ${shiftWords(was, now)} (was ${visitDays(was)}).`
      : `${was.what || 'A visit'}: called off (was ${visitDays(was)}).`
    trades.set(was.crewId, [
      ...(trades.get(was.crewId) ?? []),
      { siteId: was.siteId, visitKey: was.key, text, confirmed: was.confirmed },
    ])
  }
  const toTell: ToTell[] = [...trades].map(([who, changes]) => ({ audience: 'trade', who, changes }))
  for (const [siteId, facts] of clients) {
    const changes = clientChanges(facts.told, facts.now)
    if (changes.length > 0) {
      toTell.push({
        audience: 'client',
        who: siteId,
        changes: changes.map((text) => ({ siteId, visitKey: null, text, confirmed: false })),
      })
    }
  }
  return toTell
}

function clientChanges(told: ClientFacts, now: ClientFacts): string[] {
  const changes: string[] = []
  const endMoved = told.end === undefined || told.end !== now.end
  if (endMoved && told.finish && now.finish && told.finish !== now.finish) {
    changes.push(`Likely finish ${dateOnly(now.finish)} instead of ${dateOnly(told.finish)}.`)
  }
  const later = new Map(now.outages.map((outage) => [outage.key, outage.day] as [string, Day]))
  for (const outage of told.outages) {
    const day = later.get(outage.key)
    if (day && day !== outage.day)
      changes.push(`${capital(outage.what)}: ${dateOnly(day)} instead of ${dateOnly(outage.day)}.`)
  }
  return changes
}
