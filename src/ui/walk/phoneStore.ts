import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
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
  readonly weather: WeatherReport | null
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

interface Stores extends DBSchema {
  snapshots: { key: string; value: KeptSnapshot }
  held: { key: string; value: HeldObservation; indexes: { siteId: string; state: HeldObservation['state'] } }
  photos: { key: string; value: HeldFile; indexes: { siteId: string } }
  walks: { key: string; value: WalkUnderWay }
}

/** Phones out there keep what they hold in a database of this version. */
const VERSION = 10

/** What a phone keeps of its sites. The database is opened at first use, and again after the browser closed it. */
export class PhoneStore {
  private opened: Promise<IDBPDatabase<Stores>> | null = null

  constructor(private readonly name = 'aftermist') {}

  db(): Promise<IDBPDatabase<Stores>> {
    this.opened ??= openDB<Stores>(this.name, VERSION, {
      upgrade(db) {
        db.createObjectStore('snapshots', { keyPath: 'siteId' })
        const held = db.createObjectStore('held', { keyPath: 'id' })
        held.createIndex('siteId', 'siteId')
        held.createIndex('state', 'state')
        db.createObjectStore('photos', { keyPath: 'hash' }).createIndex('siteId', 'siteId')
        db.createObjectStore('walks', { keyPath: 'siteId' })
      },
      // A page of a newer app must not wait for this one.
      blocking: () => void this.close(),
      terminated: () => {
        this.opened = null
      },
    })
    return this.opened
  }

  async close(): Promise<void> {
    const opened = this.opened
    this.opened = null
    if (opened) (await opened).close()
  }

  async heldAt(siteId: string): Promise<HeldObservation[]> {
    return (await this.db()).getAllFromIndex('held', 'siteId', siteId)
  }

  /** Keeps observations, all of them or none. */
  async hold(observations: readonly HeldObservation[]): Promise<void> {
    const tx = (await this.db()).transaction('held', 'readwrite')
    await Promise.all([...observations.map((one) => tx.store.add(one)), tx.done])
  }

  /** Notes what the server said of observations; one that is gone meanwhile stays gone. */
  async mark(changes: readonly Pick<HeldObservation, 'id' | 'state' | 'message'>[]): Promise<void> {
    const tx = (await this.db()).transaction('held', 'readwrite')
    for (const change of changes) {
      const known = await tx.store.get(change.id)
      if (known) await tx.store.put({ ...known, ...change })
    }
    await tx.done
  }

  async forget(ids: readonly string[]): Promise<void> {
    const tx = (await this.db()).transaction('held', 'readwrite')
    await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
  }

  async filesAt(siteId: string): Promise<HeldFile[]> {
    return (await this.db()).getAllFromIndex('photos', 'siteId', siteId)
  }

  /** Notes how far a file is on its way; one that has arrived meanwhile stays gone. */
  async markFile(hash: string, change: Pick<HeldFile, 'sent' | 'refused'>): Promise<void> {
    const tx = (await this.db()).transaction('photos', 'readwrite')
    const known = await tx.store.get(hash)
    if (known) await tx.store.put({ ...known, ...change })
    await tx.done
  }
}

export const phone = new PhoneStore()
