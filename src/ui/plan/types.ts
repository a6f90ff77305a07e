import type { Day } from '@/core/calendar/day'
import type { Stage, Trade } from '@/core/scope/vocabulary'

/** What there is to say of a visit beside its days; fetched when it is chosen. */
export interface VisitDetails {
  readonly why: string
  readonly boundBy: string | null
  /** What the weather may do to it, and how long it stands open. */
  readonly sky: readonly string[]
  /** Whether its people came, day by day. */
  readonly comings: readonly string[]
  /** What it needs before it can start, and whether that is cleared. */
  readonly needs: readonly { readonly words: string; readonly cleared: boolean }[]
  readonly waiting: readonly string[]
  readonly work: readonly { readonly id: string; readonly words: string }[]
}

export interface VisitView {
  readonly key: string
  readonly siteId: string
  readonly site: string
  readonly stage: Stage
  readonly trade: Trade
  /** Its word where there is room for a short one. */
  readonly short: string
  readonly title: string
  readonly places: string
  readonly crewId: string | null
  readonly crew: string
  readonly people: number
  /** Hours in which the crew sets up. */
  readonly setUp: number
  readonly startDay: Day
  readonly startHalf: 0 | 1
  readonly endDay: Day
  readonly endHalf: 0 | 1
  readonly when: string
  readonly hours: number
  readonly booking: {
    readonly state: 'told' | 'confirmed' | 'declined'
    readonly reason: string
    readonly told: string
  } | null
  readonly pinned: boolean
  /** Whether the end of its site hangs on it. */
  readonly critical: boolean
  /** Where it stood in the plan before, if elsewhere. */
  readonly was: {
    readonly startDay: Day
    readonly startHalf: 0 | 1
    readonly endDay: Day
    readonly endHalf: 0 | 1
    readonly words: string
  } | null
}

/** By when so many per cent of the ways the work may go are done. */
export interface Tenth {
  readonly share: number
  readonly day: string
  /** Days from today. */
  readonly after: number
}

export interface PlanProps {
  readonly site: { readonly id: string; readonly name: string } | null
  readonly today: Day
  readonly from: Day
  readonly days: readonly { readonly day: Day; readonly works: boolean }[]
  readonly finish: string
  readonly floor: string | null
  /** Places of the site, for a visit that is added; none on the page of all sites. */
  readonly places: readonly { readonly id: string; readonly name: string }[]
  /** How this site may finish, drawn many times; null on the page of all sites and before the first plan. */
  readonly risk: {
    readonly likely: string
    readonly safe: string
    readonly weeks: number
    /** The visits that the end hangs on, the first one first. */
    readonly chain: readonly { readonly key: string; readonly words: string }[]
    readonly tenths: readonly Tenth[]
    readonly drivers: readonly string[]
  } | null
  /** Ends that were promised, kept or not by the plan. */
  /** What was told of the next days, and what the stand-in for a station says of the others. */
  readonly weather: readonly {
    readonly day: string
    readonly sky: string
    readonly low: number | null
    readonly high: number | null
    readonly simulated: string | null
  }[]
  /** What was promised or is hired, and holds. */
  readonly kept: readonly string[]
  /** What people are without, from when until when. */
  /** Rules of sense that facts force it to break. */
  readonly alarms: readonly { readonly words: string; readonly href: string }[]
  readonly without: readonly { readonly site: string; readonly what: string; readonly from: Day; readonly until: Day }[]
  /** How this site does it where it chose itself, with the reasons. */
  readonly schools: readonly string[]
  readonly reason: string | null
  readonly stale: readonly string[]
  /** Trades that have visits and no crew on record. */
  readonly uncrewed: readonly string[]
  readonly rows: readonly {
    readonly id: string
    readonly name: string
    readonly group: string
    /** Its visits; null where the row is a crew’s, whose they are. */
    readonly visitKeys: readonly string[] | null
    readonly gates: readonly { readonly visitKey: string; readonly words: string }[]
  }[]
  readonly visits: readonly VisitView[]
  /** How many visits the page of all sites does not bring. */
  readonly later?: number
}
