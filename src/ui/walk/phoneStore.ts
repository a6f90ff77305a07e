import type { Taught } from '@/core/narration/phrases'
import type { RateOverrides } from '@/core/scope/rates'
import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { FileSort } from '@/core/walk/sentFiles'
import { whoIsHere, type Who } from '../shared/whoIsHere'
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
  /** What words mean to the firm. */
  readonly phrases?: readonly Taught[]
  readonly rates?: RateOverrides
  /** What the site sets instead of the trade's usual figures. */
  readonly standards?: Readonly<Record<string, string>>
  readonly workDay: { readonly day: number; readonly week: number }
  readonly weather: WeatherReport | null
  /** Photos that cannot be read, to be taken again. */
  readonly damaged: readonly { readonly hash: string; readonly caption: string }[]
  readonly registers: readonly Observation[]
  readonly visits: readonly {
    readonly key: string
    /** Whether a crew is on record for it. */
    readonly crewed: boolean
    readonly crewId?: string | null
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

  /** @param name of the database; asked again each time it is opened */
  constructor(private readonly name: string | (() => string)) {}

  db(): Promise<IDBPDatabase<Stores>> {
    const name = typeof this.name === 'string' ? this.name : this.name()
    this.opened ??= openDB<Stores>(name, VERSION, {
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

/** How the database of a person of a firm is called. */
const nameFor = ({ key }: Who): string => `aftermist-${key}`

/** The store of whoever is here.
 * @throws where nobody is: nothing is opened then */
export const phone = new PhoneStore(() => {
  const who = whoIsHere()
  if (!who) throw new Error('Nobody is signed in on this phone.')
  return nameFor(who)
})

/** What phones kept before they told people apart. */
const OF_BEFORE = 'aftermist'

/** Hands what a phone kept before it told people apart to its owner, once they are here; somebody else's stays shut. */
export async function takeOverFromBefore(who: Who): Promise<void> {
  if (!(await indexedDB.databases()).some(({ name }) => name === OF_BEFORE)) return
  const before = new PhoneStore(OF_BEFORE)
  const old = await before.db()
  const [snapshots, held, photos, walks] = await Promise.all([
    old.getAll('snapshots'),
    old.getAll('held'),
    old.getAll('photos'),
    old.getAll('walks'),
  ])
  const owners = new Set([
    ...snapshots.map(({ snapshot }) => snapshot.person),
    ...held.map(({ observation }) => observation.by),
  ])
  const theirs = [...owners].every((name) => name === who.name)
  if (theirs && held.length + photos.length + walks.length > 0) {
    const tx = (await new PhoneStore(nameFor(who)).db()).transaction(['held', 'photos', 'walks'], 'readwrite')
    await Promise.all([
      ...held.map((one) => tx.objectStore('held').put(one)),
      ...photos.map((one) => tx.objectStore('photos').put(one)),
      ...walks.map((one) => tx.objectStore('walks').put(one)),
      tx.done,
    ])
  }
  await before.close()
  if (theirs) await deleteDB(OF_BEFORE)
}

/** How much is held on this phone for people who are not here, to be said to whoever is; nothing of what it is. */
export async function heldForOthers(): Promise<number> {
  const here = whoIsHere()
  let count = 0
  for (const { name } of await indexedDB.databases()) {
    if (!name?.startsWith('aftermist') || (here && name === nameFor(here))) continue
    const store = new PhoneStore(name)
    const db = await store.db()
    const held = await db.getAllFromIndex('held', 'state', 'held')
    count += held.length + (await db.count('photos'))
    await store.close()
  }
  return count
}

/** Forgets sites that whoever is here may not see any more. What was recorded there and is still held is kept. */
export async function keepOnly(siteIds: readonly string[]): Promise<void> {
  const db = await phone.db()
  for (const siteId of await db.getAllKeys('snapshots')) {
    if (siteIds.includes(siteId)) continue
    await db.delete('snapshots', siteId)
    await db.delete('walks', siteId)
  }
}
