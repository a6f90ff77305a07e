import { shortDay } from '../calendar/day'
import { workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import type { Line } from '../scope/line'
import type { Plan } from './plan'
import { OPENING_SORTS } from './sense'
import { visitsBy } from './visitsBy'
import { isOpenTooLong, nightsOpen, type StandsOpen } from './standsOpen'

/** A rule of sense that facts force a plan to break: which, why, and what would mend it. */
export interface Alarm {
  readonly siteId: string
  /** The visit to look at, by key. */
  readonly visit: string
  readonly words: string
}

/** Names for what a plan knows by key and number. */
export interface Names {
  readonly visit: (key: string) => string
  readonly place: (siteId: string, placeId: string) => string
  /** Visits whose day somebody agreed to, or set by hand. */
  readonly agreed: ReadonlySet<string>
}

/** Everything that a plan cannot keep: what was said by name and runs in a circle; and what it leaves open outside for longer
 * than it should, each with the fact that forces it and its mend. */
export const alarmsOf = (plan: Pick<Plan, 'open' | 'visits' | 'unkept'>, names: Names): Alarm[] => [
  ...plan.unkept,
  ...plan.open.filter(isOpenTooLong).map((one) => ({
    siteId: one.siteId,
    visit: one.closes ?? one.opens,
    words: `${names.place(one.siteId, one.placeId)}: ${what(one)}. ${fact(one, plan, names)}`,
  })),
]

/** Working days by which a plan may begin after the day that was said, before it is told. Our own default. */
const SAID_LATER = 3

/** Work that was said to begin on a day and that the plan begins later: what was said, and why it cannot be. */
export function saidAndPlanned(
  siteId: string,
  lines: readonly Line[],
  plan: Pick<Plan, 'visits'>,
  calendar: WorkCalendar,
): Alarm[] {
  return lines.flatMap((line): Alarm[] => {
    const said = line.held?.begins ? line.held.until : undefined
    const visit = said && visitsBy(plan).line.get(line.id)
    if (!visit || visit.startDay <= said) return []
    if (workingDaysBetween(said, visit.startDay, calendar) <= SAID_LATER) return []
    return [
      {
        siteId,
        visit: visit.key,
        words: `${line.title} was said to begin on ${shortDay(said)}, and the plan begins it on ${shortDay(visit.startDay)}. ${visit.why} Tell who counts on the day that was said.`,
      },
    ]
  })
}

const nightWords = (count: number): string => (count === 1 ? 'one night' : `${count} nights`)

function what(one: StandsOpen): string {
  const opened = OPENING_SORTS[one.sort].toLowerCase()
  const nights = nightsOpen(one)
  const limit = one.most === 0 ? 'to be closed on the day' : `${nightWords(one.most)} at most`
  return nights === null
    ? `${opened} is opened on ${shortDay(one.from)} and nothing in the plan closes it`
    : `${opened} stands open ${nightWords(nights)}, ${shortDay(one.from)} to ${shortDay(one.until!)}, ${limit}`
}

/** Why it cannot be helped, and what would. */
function fact(one: StandsOpen, { visits }: Pick<Plan, 'visits'>, { visit, agreed }: Names): string {
  if (one.closes === null) return 'Add the work that closes it, or a cover.'
  if (agreed.has(one.opens)) return `${visit(one.opens)} was agreed for then: agree on another day, or add a cover.`
  const closing = visits.find(({ key }) => key === one.closes)!
  const why = agreed.has(one.closes) ? 'It was agreed for then.' : closing.why
  return `${visit(one.closes)} closes it. ${why} Add a cover as work of its own, or open less at a time.`
}
