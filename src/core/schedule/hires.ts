import { addDays, dateOnly, daysBetween, daysWords, shortDay, type Day } from '../calendar/day'
import { dayOfSlot, slotOfDay, SLOTS_PER_DAY } from '../calendar/slots'
import { addWorkingDays, workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import { entryKind } from '../entries/entryKinds'
import type { Hire } from '../entries/entryKind'
import { capital } from '../lists/capital'
import { minor, printMoney } from '../measure/money'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import type { RegisterEntry, SiteState } from '../walk/siteState'
import type { Release } from './holds'
import type { Schedule } from './instance'
import type { Problem } from './problem'
import { stretchOf } from './span'
import type { Visit } from './visits'
import { isOutside } from './weather'

/** Something hired with the visits that it stands for, by their number on the site. */
export interface HireSpan {
  readonly siteId: string
  readonly entryId: string
  /** The visits that it comes before, that it goes after, and all that use it. */
  readonly takes: readonly number[]
  readonly brings: readonly number[]
  readonly uses: readonly number[]
}

/** What a plan makes of something hired. */
export interface Hired {
  readonly siteId: string
  readonly entryId: string
  /** First and last day on which it is needed. */
  readonly from: Day
  readonly until: Day
  /** The visit that needs it first, by key. */
  readonly first: string
  /** The longest stretch between them in which nobody uses it, where there is one. */
  readonly idle: { readonly from: Day; readonly until: Day } | null
}

type HiredSite = Pick<SiteState, 'entries' | 'places' | 'lines'>
type Used = Pick<Visit, 'stages' | 'placeIds' | 'inspects'>

const hireOf = ({ kind, values, settled }: Pick<RegisterEntry, 'kind' | 'values' | 'settled'>): Hire | null =>
  settled === null ? (entryKind(kind)?.hired?.(values) ?? null) : null

/** Whether a visit is done where something hired stands: at its place, where that has work of those stages, or anywhere on
 * the site. Whoever tells of a scaffold in the kitchen means the house. */
function standsAt(
  { placeId }: Pick<RegisterEntry, 'placeId'>,
  { from, until, outside }: Hire,
  { places, lines }: HiredSite,
): (visit: Used) => boolean {
  const kinds = new Map(places.map(({ id, kind }) => [id, kind]))
  const own = lines.some((line) => line.placeId === placeId && (line.stage === from || line.stage === until))
  const here = (id: string): boolean => (own ? id === placeId : !outside || isOutside([kinds.get(id)!]))
  return ({ placeIds, inspects }) => inspects.length === 0 && placeIds.some(here)
}

/** All that is hired on a site, with what it stands for; what nothing needs any more is left out. */
export function hiresOf(
  visits: readonly Visit[],
  site: { readonly id: string; readonly state: HiredSite },
): HireSpan[] {
  return site.state.entries.flatMap((entry): HireSpan[] => {
    const hire = hireOf(entry)
    if (!hire) return []
    const stands = standsAt(entry, hire, site.state)
    const [first, last] = [BUILD_ORDER.indexOf(hire.from), BUILD_ORDER.indexOf(hire.until)]
    const at = (does: (stage: Stage) => boolean): number[] =>
      visits.flatMap((visit, i) => (visit.stages.some(does) && stands(visit) ? [i] : []))
    const between = (stage: Stage): boolean => {
      const order = BUILD_ORDER.indexOf(stage)
      return order >= Math.min(first, last) && order <= Math.max(first, last)
    }
    const brings = at((stage) => stage === hire.until)
    const uses = at(between)
    const takes = at((stage) => stage === hire.from)
    // Where nothing was laid down for its coming, it comes with the first work that uses it.
    const begun =
      hire.comes !== null || site.state.lines.some(({ stage, progress }) => stage === hire.from && progress > 0)
    return brings.length === 0
      ? []
      : [{ siteId: site.id, entryId: entry.id, takes: takes.length > 0 || begun ? takes : uses, brings, uses }]
  })
}

/** What a plan makes of everything hired. */
export const hiredOf = ({ asks, origin, visits }: Problem, schedule: Schedule): Hired[] =>
  asks.flatMap((ask): Hired[] => {
    if (ask.kind !== 'hire') return []
    const [from, until] = stretchOf(ask.span, schedule)
    const used = [...ask.uses].sort((a, b) => schedule.start[a]! - schedule.start[b]!)
    const first = used.find((i) => ask.span.opens.includes(i)) ?? used[0]!
    return [
      {
        siteId: ask.siteId,
        entryId: ask.entryId,
        from: dayOfSlot(origin, from),
        until: dayOfSlot(origin, until - 1),
        first: visits[first]!.key,
        idle: longestGap(used, schedule, from, until, origin),
      },
    ]
  })

function longestGap(
  used: readonly number[],
  { start, finish }: Schedule,
  from: number,
  until: number,
  origin: Day,
): Hired['idle'] {
  let [reached, gap]: [number, [number, number]] = [from, [0, 0]]
  for (const i of used) {
    if (start[i]! >= until) break
    if (start[i]! - reached > gap[1] - gap[0]) gap = [reached, start[i]!]
    reached = Math.max(reached, finish[i]!)
  }
  const [begin, end] = [Math.ceil(gap[0] / SLOTS_PER_DAY), Math.floor(gap[1] / SLOTS_PER_DAY)]
  return end > begin
    ? { from: dayOfSlot(origin, begin * SLOTS_PER_DAY), until: dayOfSlot(origin, end * SLOTS_PER_DAY - 1) }
    : null
}

/** What is hired and has to be there before a visit. */
export const hiresBefore = (visit: Used, site: HiredSite): { readonly entry: RegisterEntry; readonly hire: Hire }[] =>
  site.entries.flatMap((entry) => {
    const hire = hireOf(entry)
    return hire && visit.stages.includes(hire.from) && standsAt(entry, hire, site)(visit) ? [{ entry, hire }] : []
  })

/** What holds the visits that something hired comes before: the day that its firm told, or the notice that it wants. */
export const hireHolds = (visit: Used, site: HiredSite, calendar: WorkCalendar, today: Day): Release[] =>
  hiresBefore(visit, site).flatMap(({ entry, hire: { comes, notice } }): Release[] => {
    const what = String(entry.values.what)
    if (comes)
      return comes > today
        ? [{ slot: slotOfDay(today, comes), words: `${what} comes on ${shortDay(comes)}`, kind: 'delivery' }]
        : []
    return notice > 0
      ? [
          {
            slot: slotOfDay(today, addWorkingDays(today, notice, calendar)),
            words: `${daysWords(notice)} of notice for this: ${what}`,
            kind: 'notice',
          },
        ]
      : []
  })

/** The last day to call for something hired, where its day is not agreed. */
export const callBy = (entry: RegisterEntry, { from }: Pick<Hired, 'from'>, calendar: WorkCalendar): Day | null => {
  const hire = hireOf(entry)
  return hire && !hire.comes ? addWorkingDays(from, -hire.notice, calendar) : null
}

/** Working days in a row without anybody who uses it, from which that is told. Our own default. */
const IDLE_DAYS = 5

/** Whether something hired stands for long while nobody uses it. */
export const isIdle = ({ idle }: Pick<Hired, 'idle'>, calendar: WorkCalendar): boolean =>
  idle !== null && workingDaysBetween(addDays(idle.from, -1), idle.until, calendar) >= IDLE_DAYS

const daysOf = ({ from, until }: { readonly from: Day; readonly until: Day }): number => daysBetween(from, until) + 1

/** How long something hired stands by the plan, what that costs, by when it is called, and what its waiting costs.
 * @param hired null where nothing in the plan needs it any more */
export function hireWords(entry: RegisterEntry, hired: Hired | null, calendar: WorkCalendar): string | null {
  const hire = hireOf(entry)
  if (!hire) return null
  const what = capital(String(entry.values.what))
  if (!hired) return hire.comes ? `${what}: nothing in the plan needs it. Send it back, or call it off.` : null
  const price = (days: number): string =>
    hire.week === null ? '' : `, ${printMoney(minor((hire.week * days) / DAYS_A_WEEK))}`
  const stands = `${what}: needed from ${dateOnly(hired.from)} to ${dateOnly(hired.until)}, ${daysWords(daysOf(hired))}${price(daysOf(hired))}.`
  const by = callBy(entry, hired, calendar)
  const call = by ? ` Call for it by ${dateOnly(by)}.` : ''
  const waits =
    hired.idle && isIdle(hired, calendar)
      ? ` Nobody uses it from ${shortDay(hired.idle.from)} to ${shortDay(hired.idle.until)}${price(daysOf(hired.idle))}: send it back between, or bring that work together.`
      : ''
  return `${stands}${call}${waits}`
}

const DAYS_A_WEEK = 7
