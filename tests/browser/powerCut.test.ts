import { execFileSync } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { hashOf, sendFile } from '../../src/ui/shared/sendFile'
import { demoFolder, emptyFolder } from '../fixtures/folder'
import { demoCookie, serveFolder, type RunningApp } from './harness'

const SITE = siteIdOf('bakehouse')
const tools = emptyFolder()
const order = join(tools, 'order')
let app: RunningApp
let cookie: string

beforeAll(async () => {
  const shim = join(tools, 'flushOrder.so')
  execFileSync('cc', ['-shared', '-fPIC', '-O1', '-o', shim, 'tests/fixtures/flushOrder.c', '-ldl'])
  app = await serveFolder(demoFolder(), { env: { LD_PRELOAD: shim, FLUSH_ORDER: order, UV_USE_IO_URING: '0' } })
  cookie = await demoCookie(app, 'owner')
})
afterAll(async () => {
  await app.stop()
  rmSync(tools, { recursive: true, force: true })
})

const send = (path: string, init: RequestInit): Promise<Response> =>
  fetch(app.origin + path, { ...init, headers: { ...init.headers, cookie, origin: app.origin } })
const sendJson = (path: string, body: unknown): Promise<Response> =>
  send(path, { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } })

/** What was on its way to the disk, and not there, when an answer was given: files by name, and names by folder.
 * @returns also how many writes and answers there were, so that a deaf ear is noticed */
function unflushed(): { readonly writes: number; readonly answers: number; readonly lost: readonly string[] } {
  const open = new Set<string>()
  const lost = new Set<string>()
  const seen = { writes: 0, answers: 0 }
  for (const line of readFileSync(order, 'utf8').trimEnd().split('\n')) {
    const [what, at, to] = line.split(' ') as [string, string, string]
    // What other processes share of the index of the journal is made anew after a power cut.
    if (at?.endsWith('-shm') || (at && !at.startsWith(app.folder))) continue
    if (what === 'W') {
      seen.writes++
      open.add(at)
    } else if (what === 'S') open.delete(at)
    else if (what === 'R') {
      if (open.delete(at)) open.add(to)
      open.add(dirname(to))
    } else {
      seen.answers++
      open.forEach((name) => lost.add(name.slice(app.folder.length + 1)))
    }
  }
  return { ...seen, lost: [...lost] }
}

describe('when an answer is given, all that it acknowledges is on the disk', () => {
  test.each<[string, () => Promise<unknown>]>([
    [
      'an observation from a phone',
      async () => {
        const observation = {
          id: uuid(),
          walkId: uuid(),
          seenAt: '2026-03-10T09:00:00.000Z',
          subject: 'note',
          subjectId: uuid(),
          facet: 'noted',
          placeId: placeIdOf('bakehouse', 'bath'),
          value: { text: 'the tap drips', private: false },
        }
        const answer = await sendJson(`/api/sites/${SITE}/observations`, { observations: [observation] })
        expect(await answer.json()).toMatchObject({ safe: [observation.id], refused: [] })
      },
    ],
    [
      'a photo in parts',
      async () => {
        const pixels = { raw: { width: 1200, height: 900, channels: 3 as const } }
        const picture = await sharp(randomBytes(1200 * 900 * 3), pixels)
          .jpeg({ quality: 95 })
          .toBuffer()
        expect(picture.length).toBeGreaterThan(1_000_000)
        const blob = new Blob([new Uint8Array(picture)])
        expect(await sendFile({ siteId: SITE, sort: 'photo', hash: await hashOf(blob), blob }, send)).toBeNull()
      },
    ],
    [
      'a plan',
      async () => {
        const answer = await sendJson('/api/plan', { siteId: SITE })
        expect(answer.status).toBe(200)
        // It comes in parts, and the last says that the plan is kept.
        await answer.text()
      },
    ],
  ])('%s', async (_what, acknowledged) => {
    writeFileSync(order, '')
    await acknowledged()
    const { writes, answers, lost } = unflushed()
    expect(writes).toBeGreaterThan(0)
    expect(answers).toBeGreaterThan(0)
    expect(lost).toEqual([])
  })
})
