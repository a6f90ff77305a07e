import 'fake-indexeddb/auto'
import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest'
import { deleteDB } from 'idb'
import { v7 as uuid } from 'uuid'
import { seededRandom } from '../../src/core/schedule/random'
import type { Observation } from '../../src/core/walk/observation'
import { mergeRegisters } from '../../src/core/walk/registers'
import { siteStateOf } from '../../src/core/walk/siteState'
import { readObservations, readRegisters, rebuildRegisters } from '../../src/data/observations'
import { readSite } from '../../src/data/sites'
import type { Context } from '../../src/server/context'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { createSite } from '../../src/server/sites/createSite'
import { siteState } from '../../src/server/siteStates'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { loadDemo } from '../../src/demo/loadDemo'
import { PhoneStore, type HeldObservation } from '../../src/ui/walk/phoneStore'
import { heldFile, takeHeldFile } from '../../src/ui/walk/heldFile'
import { fetchSnapshot, sendHeld, type Phone } from '../../src/ui/walk/sync'
import { as, closed, emptyFolder, TODAY } from '../fixtures/folder'

/** A seeded few; `bin/aftermist bench faults` runs as many as it is told. */
const ROUNDS = Number(process.env.AFTERMIST_ROUNDS ?? 12)
let firm: FirmFolder
let owner: Context
beforeAll(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
  await loadDemo(firm)
  owner = as(firm, 'owner')
})
afterAll(async () => {
  closed(firm)
})

type Random = () => number
const pick = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)]!
const shuffled = <T>(random: Random, all: readonly T[]): T[] =>
  all
    .map((one) => [random(), one] as const)
    .sort(([a], [b]) => a - b)
    .map(([, one]) => one)

/** What can go wrong between a phone and its server. */
const FAULTS = ['none', 'no network', 'answer lost', 'server falls over', 'signed out'] as const

/** The server as a phone reaches it, with a fault drawn for every request while `trouble` holds. */
function network(random: Random, siteId: string, trouble: { on: boolean }): Phone['fetch'] {
  return (_url, init) => {
    const fault = trouble.on ? pick(random, FAULTS) : 'none'
    if (fault === 'no network') return Promise.reject(new TypeError('no network'))
    if (fault === 'signed out')
      return Promise.resolve(Response.json({ error: { message: 'Sign in.' } }, { status: 401 }))
    if (!init?.body) return Promise.resolve(Response.json(walkSnapshot(owner, siteId)))
    const body = JSON.parse(String(init.body)) as { observations: Observation[] }
    if (fault === 'server falls over') {
      // It dies in the middle of taking the batch in: the transaction goes with it.
      expect(() =>
        firm.db.transaction(() => {
          receiveObservations(owner, siteId, body)
          throw new Error('the plug was pulled')
        })(),
      ).toThrow('the plug was pulled')
      return Promise.resolve(new Response(null, { status: 500 }))
    }
    // A network may hand things over in any order and twice.
    const answer = receiveObservations(owner, siteId, { observations: shuffled(random, body.observations) })
    if (random() < 0.2) receiveObservations(owner, siteId, body)
    return fault === 'answer lost'
      ? Promise.reject(new TypeError('connection reset'))
      : Promise.resolve(Response.json(answer))
  }
}

const newSite = (round: number): string =>
  createSite(owner, {
    name: `House ${round}`,
    built: '1911',
    units: 'metric',
    livedIn: true,
    weekdays: [1, 2, 3, 4, 5],
    startsOn: TODAY,
    places: ['Kitchen', 'Hall', 'Bath'].map((name) => ({
      name,
      kind: 'room',
      level: 'Ground floor',
      size: '4 x 3',
      treatments: ['room-paint-only'],
    })),
  }).siteId

/** Something that somebody sees, at a time told by a clock that may be wrong by days. */
function seen(random: Random, siteId: string, walkId: string): Observation {
  const state = siteState(firm.db, readSite(firm.db, siteId)!)
  const line = pick(random, state.lines)
  const skew = (random() - 0.5) * 4 * 86_400_000
  const head = {
    id: uuid(),
    siteId,
    walkId,
    by: owner.person.name,
    seenAt: new Date(Date.parse(`${TODAY}T09:00:00Z`) + Math.round(skew)).toISOString(),
  }
  const facts = [
    {
      subject: 'line',
      subjectId: line.id,
      facet: 'progress',
      placeId: line.placeId,
      value: pick(random, [0, 25, 50, 75, 100]),
    },
    { subject: 'line', subjectId: line.id, facet: 'held', placeId: line.placeId, value: { reason: 'wet' } },
    {
      subject: 'note',
      subjectId: uuid(),
      facet: 'noted',
      placeId: line.placeId,
      value: { text: 'seen', private: false },
    },
    {
      subject: 'entry',
      subjectId: uuid(),
      facet: 'written',
      placeId: line.placeId,
      value: { kind: 'promise', values: { what: 'call' } },
    },
  ]
  return { ...head, ...pick(random, facts) } as Observation
}

const heldOf = (observation: Observation): HeldObservation => ({
  id: observation.id,
  siteId: observation.siteId,
  observation,
  state: 'held',
})

async function round(seed: number): Promise<void> {
  const random = seededRandom(seed)
  const siteId = newSite(seed)
  const trouble = { on: true }
  const walkId = uuid()
  const names = [`phone-a-${seed}`, `phone-b-${seed}`]
  const phones = names.map((name): { store: PhoneStore; fetch: Phone['fetch'] } => ({
    store: new PhoneStore(name),
    fetch: network(random, siteId, trouble),
  }))
  const kept = new Map<string, Observation>()
  const removed = new Set<string>()
  const known = new Set(readObservations(firm.db, siteId).map((one) => one.id))

  for (let step = 0; step < 14; step++) {
    const at = Math.floor(random() * phones.length)
    const phone = phones[at]!
    const what = random()
    if (what < 0.5) {
      const observation = seen(random, siteId, walkId)
      await phone.store.hold([heldOf(observation)])
      kept.set(observation.id, observation)
    } else if (what < 0.75) {
      await sendHeld(siteId, phone)
      await fetchSnapshot(siteId, phone)
    } else if (what < 0.85) {
      // The phone dies, or the app is updated: what it holds is read again from its own store.
      await phone.store.close()
      phones[at] = { ...phone, store: new PhoneStore(names[at]!) }
    } else if (what < 0.95) {
      await takeHeldFile(phones[1 - at]!.store, await heldFile(phone.store, siteId))
    } else if (removed.size === 0) {
      const place = pick(random, siteState(firm.db, readSite(firm.db, siteId)!).places)
      recordFacts(owner, siteId, {
        facts: [{ subject: 'place', subjectId: place.id, facet: 'removed', placeId: place.id, value: true }],
      })
      removed.add(place.id)
    }
  }
  trouble.on = false
  for (const [at, phone] of phones.entries()) {
    expect((await sendHeld(siteId, phone)).reached).toBe(true)
    expect(await fetchSnapshot(siteId, phone)).toBe(true)
    expect(await (await phone.store.db()).count('held')).toBe(0)
    await phone.store.close()
    await deleteDB(names[at]!)
  }

  // Nothing lost, nothing doubled, nothing changed on the way.
  const arrived = readObservations(firm.db, siteId).filter((one) => kept.has(one.id))
  expect(arrived.map((one) => one.id).sort()).toEqual([...kept.keys()].sort())
  for (const one of arrived) expect(one.value).toEqual(kept.get(one.id)!.value)
  const others = readObservations(firm.db, siteId).filter((one) => !kept.has(one.id) && !known.has(one.id))
  expect(others.map((one) => one.facet)).toEqual([...removed].map(() => 'removed'))
  // The state is what the observations say, in whatever order they came, and no clock wins over the server's.
  const all = readObservations(firm.db, siteId)
  expect(
    siteStateOf(new Map(readRegisters(firm.db, siteId).map((o) => [`${o.subject}|${o.subjectId}|${o.facet}`, o]))),
  ).toEqual(siteStateOf(mergeRegisters(new Map(), shuffled(random, all))))
  expect(all.every((one) => one.seenAt <= owner.now())).toBe(true)
}

describe('trouble between phone and server', () => {
  test(`${ROUNDS} seeded rounds: nothing lost, nothing doubled`, { timeout: 60_000 + ROUNDS * 3000 }, async () => {
    for (let seed = 1; seed <= ROUNDS; seed++) {
      try {
        await round(seed)
      } catch (error) {
        throw new Error(`round with seed ${seed}: ${String(error)}`, { cause: error })
      }
    }
    expect(rebuildRegisters(firm.db).differing).toBe(0)
  })

  describe('is told in one plain sentence', () => {
    const store = new PhoneStore('told')
    const answering = (answer: (init?: RequestInit) => Response): Phone => ({
      store,
      fetch: (_url, init) => Promise.resolve(answer(init)),
    })
    const server = (init?: RequestInit): Response =>
      Response.json(receiveObservations(owner, SITE, JSON.parse(String(init!.body))))
    let SITE: string
    const note = (placeId: string | null, value: unknown = { text: 'wet', private: false }): Observation =>
      ({
        id: uuid(),
        siteId: SITE,
        walkId: uuid(),
        by: owner.person.name,
        seenAt: `${TODAY}T07:00:00.000Z`,
        subject: 'note',
        subjectId: uuid(),
        facet: 'noted',
        placeId,
        value,
      }) as Observation
    beforeAll(() => {
      SITE = newSite(0)
    })
    afterEach(async () => (await store.db()).clear('held'))

    test('signed out while away: what is held stays', async () => {
      await store.hold([heldOf(note(null))])
      const out = answering(() => Response.json({ error: { message: 'Sign in.' } }, { status: 401 }))
      expect(await sendHeld(SITE, out)).toEqual({
        reached: false,
        notices: ['You were signed out meanwhile. Sign in again; what you recorded is kept on the phone.'],
      })
      expect(await (await store.db()).countFromIndex('held', 'state', 'held')).toBe(1)
    })
    test('no network: nothing is said, and nothing is lost', async () => {
      await store.hold([heldOf(note(null))])
      const dead: Phone = { store, fetch: () => Promise.reject(new TypeError('no network')) }
      expect(await sendHeld(SITE, dead)).toEqual({ reached: false, notices: [] })
      expect(await (await store.db()).count('held')).toBe(1)
    })
    test('a place that was taken off meanwhile', async () => {
      const place = siteState(firm.db, readSite(firm.db, SITE)!).places[0]!
      recordFacts(owner, SITE, {
        facts: [{ subject: 'place', subjectId: place.id, facet: 'removed', placeId: place.id, value: true }],
      })
      await store.hold([heldOf(note(place.id))])
      expect((await sendHeld(SITE, answering(server))).notices).toEqual([
        `Kitchen was taken off the site on Tuesday 10 March by ${owner.person.name}. What you saw there is kept; put the place back to see it.`,
      ])
    })
    test('one that cannot be taken is named and stays on the phone; the others go', async () => {
      await store.hold([note(null), note(null, { text: '', private: false }), note(null)].map(heldOf))
      expect((await sendHeld(SITE, answering(server))).notices).toEqual(['Not taken: Note: type something.'])
      expect(await (await store.db()).countFromIndex('held', 'state', 'refused')).toBe(1)
      expect(await (await store.db()).countFromIndex('held', 'state', 'sent')).toBe(2)
    })
  })

  test('what a phone held before the app was updated is read as it was', async () => {
    const observation = { id: uuid(), siteId: 'older', value: { text: 'wet', private: false } } as Observation
    await new Promise<void>((resolve, reject) => {
      const request = indexedDB.open('older', 10)
      request.onupgradeneeded = () => {
        const { result: db } = request
        for (const [name, keyPath] of [
          ['snapshots', 'siteId'],
          ['held', 'id'],
          ['photos', 'hash'],
          ['walks', 'siteId'],
        ] as const) {
          const store = db.createObjectStore(name, { keyPath })
          if (name === 'held' || name === 'photos') store.createIndex('siteId', 'siteId')
          if (name === 'held') store.createIndex('state', 'state')
          if (name === 'held') store.add(heldOf(observation))
        }
      }
      request.onsuccess = () => {
        request.result.close()
        resolve()
      }
      request.onerror = () => reject(request.error!)
    })
    expect(await new PhoneStore('older').heldAt('older')).toEqual([heldOf(observation)])
  })

  describe('what a phone holds leaves it as a file', () => {
    const siteId = 'some-site'
    test('with its photos, and comes in on another phone once', async () => {
      const [from, to] = [new PhoneStore('from'), new PhoneStore('to')]
      const bytes = Uint8Array.from({ length: 700 }, (_, i) => i % 256)
      const observation = { id: uuid(), siteId, value: { text: 'ünder the stair', private: false } } as Observation
      await from.hold([heldOf(observation)])
      await (
        await from.db()
      ).put('photos', {
        hash: 'a'.repeat(64),
        siteId,
        sort: 'photo',
        blob: new Blob([bytes], { type: 'image/jpeg' }),
      })
      const file = await heldFile(from, siteId)
      expect(await takeHeldFile(to, file)).toEqual({ siteId, fresh: 1 })
      expect(await takeHeldFile(to, file)).toEqual({ siteId, fresh: 0 })
      expect(await to.heldAt(siteId)).toEqual([heldOf(observation)])
      expect(await heldFile(to, siteId)).toBe(file)
    })
    test.each(['', 'not json', '{}', '{"format":"else"}', '[]', '{"format":"aftermist-held-1","siteId":"x"}'])(
      'anything else is refused: %s',
      async (text) => {
        await expect(takeHeldFile(new PhoneStore('wrong'), text)).rejects.toThrow(
          'File: this is not a file of what a phone held.',
        )
      },
    )
  })
})
