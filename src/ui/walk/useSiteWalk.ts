'use client'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { DEFINING, type NewFact, type Observation, type SubjectKind } from '@/core/walk/observation'
import { mergeRegisters, orderAfter, registersOf } from '@/core/walk/registers'
import { learnedOrder } from '@/core/walk/learnedOrder'
import { siteStateOf, type SiteState } from '@/core/walk/siteState'
import type { FileSort } from '@/core/walk/sentFiles'
import { hashOf } from '../shared/sendFile'
import { phone, type HeldObservation, type WalkSnapshot, type WalkUnderWay } from './phoneStore'
import { fetchSnapshot, RETRY_MS, sendHeld } from './sync'

export interface SiteWalk {
  readonly snapshot: WalkSnapshot
  /** The site as it was known before this walk. */
  readonly before: SiteState
  readonly state: SiteState
  readonly walk: WalkUnderWay | null
  readonly heldCount: number
  readonly refused: readonly HeldObservation[]
  readonly online: boolean
  readonly notices: readonly string[]
  record(facts: readonly NewFact[], walk?: WalkUnderWay | null): Promise<void>
  setWalk(walk: WalkUnderWay | null): Promise<void>
  /** Takes back what was misread: it is nowhere any more. What was left out instead stays, as left out. */
  takeBack(subject: SubjectKind, subjectId: string): Promise<void>
  /** Says a sentence among the notices. */
  tell(sentence: string): void
  /** Reads again what the phone holds, and sends it. */
  refresh(): Promise<void>
  /** Keeps a photo, a memo or a film on the phone until it is sent.
   * @returns the hash that names it */
  keepFile(file: Blob, sort: FileSort): Promise<string>
  dropRefused(): Promise<void>
}

/** A site on the phone: what the server last told, plus what was recorded since; sends by itself whenever it can.
 * @returns null while it is being looked up, 'missing' where the phone has never had the site and has no network */
export function useSiteWalk(siteId: string): SiteWalk | null | 'missing' {
  const [kept, setKept] = useState<{ snapshot: WalkSnapshot; clockOffset: number } | null | 'missing'>(null)
  const [held, setHeld] = useState<readonly HeldObservation[]>([])
  const [photosHeld, setPhotosHeld] = useState(0)
  const [walk, setWalkState] = useState<WalkUnderWay | null>(null)
  const [online, setOnline] = useState(true)
  const [notices, setNotices] = useState<readonly string[]>([])
  const syncing = useRef(false)
  const syncAgain = useRef(false)
  /** Counts what is written to the phone's store here, before and after: what was read in between is out of date. */
  const writes = useRef(0)
  const written = useCallback(async (write: () => Promise<unknown>): Promise<void> => {
    writes.current++
    try {
      await write()
    } finally {
      writes.current++
    }
  }, [])

  const reload = useCallback(async () => {
    const db = await phone.db()
    for (;;) {
      const before = writes.current
      const [snapshot, observations, photos, underWay] = await Promise.all([
        db.get('snapshots', siteId),
        phone.heldAt(siteId),
        db.countFromIndex('photos', 'siteId', siteId),
        db.get('walks', siteId),
      ])
      // What was read before somebody went on to the next room, or kept something, would take them back or hide it.
      if (writes.current !== before) continue
      setHeld(observations)
      setPhotosHeld(photos)
      setWalkState(underWay ?? null)
      setKept((known) => snapshot ?? (known === null || known === 'missing' ? known : 'missing'))
      return snapshot !== undefined
    }
  }, [siteId])

  const sync = useCallback(async () => {
    // What is kept while something is sent goes right after it, not with the next try.
    syncAgain.current = true
    if (syncing.current) return
    syncing.current = true
    try {
      while (syncAgain.current) {
        syncAgain.current = false
        // Two open pages must not send the same photo at once; observations would not mind.
        await navigator.locks.request(`walk-${siteId}`, async () => {
          const { reached, notices: told } = await sendHeld(siteId)
          setOnline(reached)
          if (told.length > 0) setNotices((old) => [...new Set([...old, ...told])])
          if (reached) await fetchSnapshot(siteId)
        })
        const known = await reload()
        if (!known) setKept('missing')
      }
    } finally {
      syncing.current = false
    }
  }, [siteId, reload])

  useEffect(() => {
    const first = window.setTimeout(() => void reload().then(sync))
    const timer = window.setInterval(() => void sync(), RETRY_MS)
    const now = (): void => void sync()
    window.addEventListener('online', now)
    return () => {
      window.clearTimeout(first)
      window.clearInterval(timer)
      window.removeEventListener('online', now)
    }
  }, [reload, sync])

  const snapshot = kept === null || kept === 'missing' ? null : kept
  const before = useMemo(
    () => (snapshot ? siteStateOf(registersOf(walk?.baseline ?? snapshot.snapshot.registers)) : null),
    [snapshot, walk?.baseline],
  )
  const state = useMemo(
    () =>
      snapshot
        ? siteStateOf(
            mergeRegisters(
              registersOf(snapshot.snapshot.registers),
              held.map((one) => one.observation),
            ),
          )
        : null,
    [snapshot, held],
  )

  const tell = useCallback((sentence: string) => setNotices((old) => [...new Set([...old, sentence])]), [])
  const record = useCallback(
    async (facts: readonly NewFact[], current?: WalkUnderWay | null) => {
      if (!snapshot) return
      const walkId = (current ?? walk)?.walkId ?? null
      const now = Date.now() + snapshot.clockOffset
      const seenAt = new Date(now).toISOString()
      // Whoever records knows what is on this phone; a clock that was put back must not make it older than that.
      const order = orderAfter([...snapshot.snapshot.registers, ...held.map((one) => one.observation)], now)
      const fresh = facts.map((fact): HeldObservation => {
        const id = uuid()
        const observation = { ...fact, id, siteId, walkId, by: snapshot.snapshot.person, seenAt, order } as Observation
        return { id, siteId, observation, state: 'held' }
      })
      await written(() => keptOnPhone(() => phone.hold(fresh)))
      setHeld((old) => [...old, ...fresh])
      void sync()
    },
    [siteId, snapshot, walk, held, sync, written],
  )

  const takeBack = useCallback(
    async (subject: SubjectKind, subjectId: string) => {
      if (!snapshot) return
      const known = mergeRegisters(
        registersOf(snapshot.snapshot.registers),
        held.map((one) => one.observation),
      )
      const made = [...known.values()].find(
        (one) => one.subject === subject && one.subjectId === subjectId && one.facet === DEFINING[subject],
      )
      if (!made) return
      const value = { subject: 'fact' as const, facet: 'withdrawn' as const, subjectId: made.id }
      await record([{ ...value, placeId: made.placeId, value: true }])
    },
    [snapshot, held, record],
  )

  const setWalk = useCallback(
    async (next: WalkUnderWay | null) => {
      const db = await phone.db()
      await written(() => (next ? db.put('walks', next) : db.delete('walks', siteId)))
      setWalkState(next)
    },
    [siteId, written],
  )

  const keepFile = useCallback(
    async (file: Blob, sort: FileSort) => {
      const hash = await hashOf(file)
      await written(() => keptOnPhone(async () => (await phone.db()).put('photos', { hash, siteId, blob: file, sort })))
      setPhotosHeld((count) => count + 1)
      return hash
    },
    [siteId, written],
  )

  const dropRefused = useCallback(async () => {
    const refused = (await phone.heldAt(siteId)).filter((one) => one.state === 'refused')
    await phone.forget(refused.map(({ id }) => id))
    await reload()
  }, [siteId, reload])

  const walked = useMemo(
    () =>
      snapshot && state
        ? {
            ...state,
            places: learnedOrder(state.places, walk?.baseline ?? snapshot.snapshot.registers, snapshot.snapshot.person),
          }
        : null,
    [snapshot, state, walk?.baseline],
  )

  if (kept === 'missing') return 'missing'
  if (!snapshot || !before || !walked) return null
  return {
    snapshot: snapshot.snapshot,
    before,
    state: walked,
    walk,
    heldCount: held.filter((one) => one.state === 'held').length + photosHeld,
    refused: held.filter((one) => one.state === 'refused'),
    online,
    notices,
    record,
    takeBack,
    tell,
    refresh: () => reload().then(sync),
    setWalk,
    keepFile,
    dropRefused,
  }
}

/** Keeps something on the phone, or says in a sentence that there is no room for it.
 * @throws ImpossibleRequest `phone-full` */
async function keptOnPhone(keep: () => PromiseLike<unknown>): Promise<void> {
  try {
    await keep()
  } catch (error) {
    if ((error as Error).name !== 'QuotaExceededError') throw error
    throw new ImpossibleRequest(
      'phone-full',
      'The phone has no room left, and this was not kept. Free some space or send what is held, then keep it again.',
    )
  }
}
