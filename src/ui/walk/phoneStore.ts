import Dexie, { type EntityTable } from 'dexie'
import type { FileSort } from '@/core/walk/sentFiles'
import type { Day, Instant } from '@/core/calendar/day'
import type { Observation, VisitKind } from '@/core/walk/observation'
import type { SiteConditions } from '@/core/walk/siteConditions'
import type { Trade } from '@/core/scope/vocabulary'

/** Conditions as the weather station told them, or as somebody changed them. */
export type WeatherReport = SiteConditions & { readonly simulated: boolean }

/** What the server gives a phone to walk a site with. */
export interface WalkSnapshot {
  readonly site: {
    readonly id: string
    readonly name: string
    readonly units: 'imperial' | 'metric'
    readonly livedIn: boolean
    readonly built: number | null
    readonly startsOn: Day
  }
  readonly person: string
  /** The demo firm: what stands in for devices may be used. */
  readonly demo: boolean
  readonly now: Instant
  readonly today: Day
  /** Which working day and week of the site today is; 0 before it starts. */
  /** What to look for on a scope walk, learned on other sites. */
  readonly lessons?: readonly string[]
  /** What the site sets instead of the trade's usual figures. */
  readonly standards?: Readonly<Record<string, string>>
  readonly workDay: { readonly day: number; readonly week: number }
  readonly weather: WeatherReport
  /** Photos that cannot be read, to be taken again. */
  readonly damaged: readonly { readonly hash: string; readonly caption: string }[]
  readonly registers: readonly Observation[]
  readonly visits: readonly {
    readonly lineIds: readonly string[]
    readonly startDay: Day
    readonly endDay: Day
    readonly trade: Trade
  }[]
}

interface KeptSnapshot {
  readonly siteId: string
  readonly snapshot: WalkSnapshot
  /** Milliseconds to add to the phone's clock to have the server's. */
  readonly clockOffset: number
}

/** An observation on the phone: held until the server has it, sent until a fresh snapshot shows it. */
export interface HeldObservation {
  readonly id: string
  readonly siteId: string
  readonly observation: Observation
  readonly state: 'held' | 'sent' | 'refused'
  readonly message?: string
}

/** A photo, a spoken memo or a film that the server does not have yet. */
interface HeldFile {
  readonly hash: string
  readonly siteId: string
  readonly blob: Blob
  readonly sort: FileSort
  /** How many of its bytes the server has. */
  readonly sent?: number
  readonly refused?: string
}

/** The walk that is under way at a site; survives the phone dying on the stairs. */
export interface WalkUnderWay {
  readonly siteId: string
  readonly walkId: string
  readonly kind: VisitKind
  readonly placeId: string | null
  /** The site as it was known when the walk began: what 'was' means, and what the end of the walk compares with. */
  readonly baseline: readonly Observation[]
}

export class PhoneStore extends Dexie {
  snapshots!: EntityTable<KeptSnapshot, 'siteId'>
  held!: EntityTable<HeldObservation, 'id'>
  photos!: EntityTable<HeldFile, 'hash'>
  walks!: EntityTable<WalkUnderWay, 'siteId'>

  constructor(name = 'aftermist') {
    super(name)
    this.version(1).stores({ snapshots: 'siteId', held: 'id, siteId, state', photos: 'hash, siteId', walks: 'siteId' })
  }
}

export const phone = new PhoneStore()
