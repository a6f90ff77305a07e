import { sendFile } from '../shared/sendFile'
import { WHO_HEADER, whoIsHere } from '../shared/whoIsHere'
import { phone, type PhoneStore, type WalkSnapshot } from './phoneStore'

const BATCH = 200
/** How long a phone waits before it tries a network again that was not there. */
export const RETRY_MS = 15_000

/** What a phone sends with: its store and its network. */
export interface Phone {
  readonly store: PhoneStore
  readonly fetch: (url: string, init?: RequestInit) => Promise<Response>
}

const thisPhone: Phone = {
  store: phone,
  fetch: (url, init) => fetch(url, { ...init, headers: { ...init?.headers, [WHO_HEADER]: whoIsHere()?.key ?? '' } }),
}

export interface SyncResult {
  readonly reached: boolean
  /** Sentences for the person: what the server noticed, what it could not take. */
  readonly notices: readonly string[]
}

/** Sends everything that a site's phone holds, photos first, then observations in batches; safe to repeat for ever. */
export async function sendHeld(siteId: string, from: Phone = thisPhone): Promise<SyncResult> {
  const { store } = from
  const notices: string[] = []
  try {
    await sendPhotos(from, siteId, notices)
    for (;;) {
      const batch = (await store.heldAt(siteId)).filter((one) => one.state === 'held').slice(0, BATCH)
      if (batch.length === 0) break
      const receipt = await post(
        from,
        `/api/sites/${siteId}/observations`,
        JSON.stringify({ observations: batch.map(({ observation }) => forServer(observation)) }),
        'application/json',
      )
      const {
        safe,
        refused,
        notices: told,
      } = receipt as { safe: string[]; refused: { id: string; message: string }[]; notices: string[] }
      await store.mark([
        ...safe.map((id) => ({ id, state: 'sent' as const })),
        ...refused.map(({ id, message }) => ({ id, state: 'refused' as const, message })),
      ])
      notices.push(...told, ...refused.map(({ message }) => `Not taken: ${message}`))
    }
    return { reached: true, notices }
  } catch (error) {
    if (error instanceof Unreachable) return { reached: false, notices: error.message ? [error.message] : [] }
    throw error
  }
}

async function sendPhotos(from: Phone, siteId: string, notices: string[]): Promise<void> {
  const { store } = from
  for (const photo of (await store.filesAt(siteId)).filter((one) => !one.refused)) {
    const refused = await sendFile(
      photo,
      (url, init) => reach(from, url, init),
      (sent) => store.markFile(photo.hash, { sent }),
    )
    if (refused === null) await (await store.db()).delete('photos', photo.hash)
    else {
      await store.markFile(photo.hash, { refused })
      notices.push(refused)
    }
  }
}

/** Fetches the site as the server knows it and forgets what was sent and is now part of it. */
export async function fetchSnapshot(siteId: string, from: Phone = thisPhone): Promise<boolean> {
  const { store } = from
  const sent = (await store.heldAt(siteId)).filter((one) => one.state === 'sent').map(({ id }) => id)
  let response: Response
  try {
    response = await reach(from, `/api/sites/${siteId}/walk`)
  } catch (error) {
    if (error instanceof Unreachable) return false
    throw error
  }
  if (response.status === 404 || response.status === 403) {
    // The site is not this person's to see any more.
    const db = await store.db()
    await Promise.all([db.delete('snapshots', siteId), db.delete('walks', siteId)])
  }
  if (!response.ok) return false
  const snapshot = (await response.json()) as WalkSnapshot
  const tx = (await store.db()).transaction(['snapshots', 'held'], 'readwrite')
  const kept = { siteId, snapshot, clockOffset: Date.parse(snapshot.now) - Date.now() }
  await Promise.all([
    tx.objectStore('snapshots').put(kept),
    ...sent.map((id) => tx.objectStore('held').delete(id)),
    tx.done,
  ])
  return true
}

const forServer = ({ siteId: _site, by: _by, ...rest }: { siteId: string; by: string }) => rest

class Unreachable extends Error {}

async function reach(from: Phone, url: string, init?: RequestInit): Promise<Response> {
  try {
    const response = await from.fetch(url, init)
    if (response.status === 401)
      throw new Unreachable('You were signed out meanwhile. Sign in again; what you recorded is kept on the phone.')
    if (response.status >= 500) throw new Unreachable()
    return response
  } catch (error) {
    if (error instanceof Unreachable) throw error
    throw new Unreachable()
  }
}

async function post(from: Phone, url: string, body: string, type: string): Promise<unknown> {
  const response = await reach(from, url, { method: 'POST', body, headers: { 'content-type': type } })
  const answer = (await response.json()) as { error?: { message: string } }
  if (!response.ok) throw new Unreachable(answer.error?.message ?? '')
  return answer
}
