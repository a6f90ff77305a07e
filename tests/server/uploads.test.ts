import { createHash } from 'node:crypto'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import sharp from 'sharp'
import { describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { seededRandom } from '../../src/core/schedule/random'
import type { FirmFolder } from '../../src/server/firmFolder'
import { memoResponse } from '../../src/server/photos/memos'
import { photoResponse } from '../../src/server/photos/photos'
import { receivePart } from '../../src/server/photos/uploads'
import type { FileSort } from '../../src/core/walk/sentFiles'
import { sendFile } from '../../src/ui/shared/sendFile'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const hashOf = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')
/** Noise does not compress: a picture of several parts. */
const bigPicture = (seed: number): Promise<Buffer> => {
  const random = seededRandom(seed)
  const pixels = Buffer.from(Array.from({ length: 1200 * 900 * 3 }, () => Math.floor(random() * 256)))
  return sharp(pixels, { raw: { width: 1200, height: 900, channels: 3 } })
    .jpeg({ quality: 95 })
    .toBuffer()
}
const part = (bytes: Buffer, offset: number, to: number, sort: FileSort = 'photo') =>
  receivePart(
    as(firm, 'lead'),
    BAKEHOUSE,
    { sort, hash: hashOf(bytes), offset, length: bytes.length },
    bytes.subarray(offset, to),
  )

/** The server as a phone reaches it: parts go through, get lost on the way, or their answers do. */
const weakNetwork =
  (random: () => number) =>
  async (url: string, init: RequestInit): Promise<Response> => {
    const luck = random()
    if (luck < 0.3) throw new TypeError('no network')
    const [sort, hash] = url.split('/').slice(-2) as [string, string]
    const headers = new Headers(init.headers)
    const bytes = Buffer.from(await (init.body as Blob).arrayBuffer())
    const told = await receivePart(
      as(firm, 'lead'),
      BAKEHOUSE,
      { sort, hash, offset: Number(headers.get('upload-offset')), length: Number(headers.get('upload-length')) },
      bytes,
    )
    if (luck < 0.5) throw new TypeError('connection reset')
    return Response.json(told)
  }

describe('a file in parts', () => {
  test('arrives whole over a network that comes and goes, whatever was lost on the way', async () => {
    for (let seed = 1; seed <= 5; seed++) {
      const bytes = await bigPicture(seed)
      expect(bytes.length).toBeGreaterThan(1_000_000)
      const random = seededRandom(seed)
      let sent = 0
      let parts = 0
      for (let arrived = false; !arrived;) {
        try {
          const file = {
            siteId: BAKEHOUSE,
            sort: 'photo' as const,
            hash: hashOf(bytes),
            blob: new Blob([new Uint8Array(bytes)]),
            sent,
          }
          const count = (url: string, init: RequestInit) => {
            parts++
            return weakNetwork(random)(url, init)
          }
          expect(await sendFile(file, count, async (now) => void (sent = now))).toBeNull()
          arrived = true
        } catch (error) {
          if (!(error instanceof TypeError)) throw error
        }
      }
      expect(parts).toBeGreaterThan(1)
      expect((await photoResponse(firm, hashOf(bytes), 'thumb')).status).toBe(200)
    }
  })
  test('goes on from where the server is, not from where the phone thinks', async () => {
    const bytes = await bigPicture(7)
    expect(await part(bytes, 0, 1000)).toEqual({ received: 1000, done: false })
    // Sent again, too early or too far on: nothing is changed, and the answer says where to go on.
    expect(await part(bytes, 0, 1000)).toEqual({ received: 1000, done: false })
    expect(await part(bytes, 5000, 6000)).toEqual({ received: 1000, done: false })
    expect(await part(bytes, 1000, bytes.length)).toEqual({ received: bytes.length, done: true })
    // And once it is kept it is not taken twice.
    expect(await part(bytes, 0, 1000)).toEqual({ received: bytes.length, done: true })
    expect(existsSync(join(firm.path, 'uploads', `${hashOf(bytes)}.part`))).toBe(false)
  })
  test('in any cut arrives as it was', async () => {
    const sound = Buffer.concat([Buffer.from('OggS'), Buffer.from(Array.from({ length: 997 }, (_, i) => i % 251))])
    let turn = 0
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 12 }), async (cuts) => {
        const bytes = Buffer.concat([sound, Buffer.from(String(turn++))])
        let at = 0
        for (const cut of [...cuts, bytes.length]) {
          const to = Math.min(bytes.length, at + cut)
          if (at < bytes.length) at = (await part(bytes, at, to, 'memo')).received
        }
        const heard = await memoResponse(as(firm, 'lead'), hashOf(bytes))
        expect(Buffer.from(await heard.arrayBuffer())).toEqual(bytes)
      }),
      { numRuns: 20 },
    )
  })
  test('a film is kept as a film', async () => {
    const film = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypmp42 a door that rubs')])
    await part(film, 0, film.length, 'film')
    expect((await memoResponse(as(firm, 'crew'), hashOf(film))).headers.get('content-type')).toBe('video/mp4')
  })
  test.each([
    ['photo', 0, 30_000_001, 413, 'File: larger than 30 MB. Take it again, smaller or shorter.'],
    ['film', 0, 60_000_001, 413, 'File: larger than 60 MB. Take it again, smaller or shorter.'],
    ['will', 0, 10, 404, 'Only photos, memos and films can be sent.'],
    ['photo', -1, 10, 422, 'File: say how long it is and where this part begins.'],
    ['photo', 0, Number.NaN, 422, 'File: say how long it is and where this part begins.'],
  ])('a %s from %d of %d is refused before it is sent', async (sort, offset, length, status, message) => {
    const sent = receivePart(
      as(firm, 'lead'),
      BAKEHOUSE,
      { sort, hash: 'a'.repeat(64), offset, length },
      Buffer.alloc(1),
    )
    await expect(sent).rejects.toMatchObject({ status, message })
  })
  test('one that is not what its name says, or not what it should be, is refused and can be sent again', async () => {
    const bytes = Buffer.from('not a picture at all')
    const wrong = { sort: 'photo', hash: 'b'.repeat(64), offset: 0, length: bytes.length }
    await expect(receivePart(as(firm, 'lead'), BAKEHOUSE, wrong, bytes)).rejects.toThrow('File: it changed on the way.')
    await expect(part(bytes, 0, bytes.length)).rejects.toThrow('Photo: this file is not a JPEG, PNG or WebP picture.')
    expect(existsSync(join(firm.path, 'uploads', `${hashOf(bytes)}.part`))).toBe(false)
  })
  test('nobody sends to a site that is not theirs', async () => {
    const away = { sort: 'photo', hash: 'c'.repeat(64), offset: 0, length: 4 }
    await expect(receivePart(as(firm, 'crew'), siteIdOf('pell'), away, Buffer.alloc(4))).rejects.toMatchObject({
      status: 404,
    })
  })
})
