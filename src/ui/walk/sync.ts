import { phone, type WalkSnapshot } from './phoneStore'

const BATCH = 200

export interface SyncResult {
  readonly reached: boolean
  /** Sentences for the person: what the server noticed, what it could not take. */
  readonly notices: readonly string[]
}

/** Sends everything that a site's phone holds, photos first, then observations in batches; safe to repeat for ever. */
export async function sendHeld(siteId: string): Promise<SyncResult> {
  const notices: string[] = []
  try {
    await sendPhotos(siteId, notices)
    for (;;) {
      const batch = await phone.held
        .where({ siteId })
        .filter((one) => one.state === 'held')
        .limit(BATCH)
        .toArray()
      if (batch.length === 0) break
      const receipt = await post(
        `/api/sites/${siteId}/observations`,
        JSON.stringify({ observations: batch.map(({ observation }) => forServer(observation)) }),
        'application/json',
      )
      const {
        safe,
        refused,
        notices: told,
      } = receipt as { safe: string[]; refused: { id: string; message: string }[]; notices: string[] }
      await phone.held.bulkUpdate([
        ...safe.map((id) => ({ key: id, changes: { state: 'sent' as const } })),
        ...refused.map(({ id, message }) => ({ key: id, changes: { state: 'refused' as const, message } })),
      ])
      notices.push(...told, ...refused.map(({ message }) => `Not taken: ${message}`))
    }
    return { reached: true, notices }
  } catch (error) {
    if (error instanceof Unreachable) return { reached: false, notices: error.message ? [error.message] : [] }
    throw error
  }
}

async function sendPhotos(siteId: string, notices: string[]): Promise<void> {
  for (const photo of await phone.photos
    .where({ siteId })
    .filter((one) => !one.refused)
    .toArray()) {
    const response = await reach(`/api/sites/${siteId}/photos`, {
      method: 'POST',
      body: photo.blob,
      headers: { 'content-type': 'application/octet-stream' },
    })
    if (response.ok) await phone.photos.delete(photo.hash)
    else {
      const { error } = (await response.json()) as { error: { message: string } }
      await phone.photos.update(photo.hash, { refused: error.message })
      notices.push(error.message)
    }
  }
}

/** Fetches the site as the server knows it and forgets what was sent and is now part of it. */
export async function fetchSnapshot(siteId: string): Promise<boolean> {
  const sent = await phone.held
    .where({ siteId })
    .filter((one) => one.state === 'sent')
    .primaryKeys()
  let response: Response
  try {
    response = await reach(`/api/sites/${siteId}/walk`)
  } catch (error) {
    if (error instanceof Unreachable) return false
    throw error
  }
  if (!response.ok) return false
  const snapshot = (await response.json()) as WalkSnapshot
  await phone.transaction('rw', phone.snapshots, phone.held, async () => {
    await phone.snapshots.put({ siteId, snapshot, clockOffset: Date.parse(snapshot.now) - Date.now() })
    await phone.held.bulkDelete(sent)
  })
  return true
}

const forServer = ({ siteId: _site, by: _by, ...rest }: { siteId: string; by: string }) => rest

class Unreachable extends Error {}

async function reach(url: string, init?: RequestInit): Promise<Response> {
  try {
    const response = await fetch(url, init)
    if (response.status === 401)
      throw new Unreachable('You were signed out meanwhile. Sign in again; what you recorded is kept on the phone.')
    if (response.status >= 500) throw new Unreachable()
    return response
  } catch (error) {
    if (error instanceof Unreachable) throw error
    throw new Unreachable()
  }
}

async function post(url: string, body: string, type: string): Promise<unknown> {
  const response = await reach(url, { method: 'POST', body, headers: { 'content-type': type } })
  const answer = (await response.json()) as { error?: { message: string } }
  if (!response.ok) throw new Unreachable(answer.error?.message ?? '')
  return answer
}
