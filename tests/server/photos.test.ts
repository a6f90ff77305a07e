import sharp from 'sharp'
import { describe, expect, test } from 'vitest'
import { addJob, beginJob } from '../../src/data/jobs'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { outsidePhotoResponse, photoResponse, storePhoto } from '../../src/server/photos/photos'
import { runPhotoJobs } from '../../src/server/photos/photoSizes'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { scopeView } from '../../src/server/views/scope'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

describe('photos', () => {
  const jpeg = () =>
    sharp({ create: { width: 2000, height: 1000, channels: 3, background: '#a09070' } })
      .jpeg()
      .withExif({ IFD0: { Make: 'Canary camera' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .toBuffer()
  test('are kept by what they are, once, and shown without any hidden data', async () => {
    const bytes = await jpeg()
    expect(bytes.includes('Canary camera')).toBe(true)
    const { hash } = await storePhoto(as(firm, 'crew'), BAKEHOUSE, bytes)
    expect(await storePhoto(as(firm, 'lead'), BAKEHOUSE, bytes)).toEqual({ hash })
    for (const size of ['shared', 'thumb'] as const) {
      const shown = Buffer.from(await (await photoResponse(firm, hash, size)).arrayBuffer())
      const meta = await sharp(shown).metadata()
      expect([meta.exif, Math.max(meta.width, meta.height)]).toEqual([undefined, size === 'shared' ? 1600 : 480])
    }
  })
  test('what was marked to be hidden cannot be read by anybody outside; the firm’s own copy stays whole', async () => {
    // A picture of stripes: left half to be hidden.
    const stripes = await sharp({ create: { width: 400, height: 200, channels: 3, background: '#fff' } })
      .composite(
        Array.from({ length: 10 }, (_, i) => ({
          input: { create: { width: 400, height: 10, channels: 3 as const, background: '#000' } },
          left: 0,
          top: i * 20,
        })),
      )
      .jpeg()
      .toBuffer()
    const { hash } = await storePhoto(as(firm, 'lead'), BAKEHOUSE, stripes)
    const contrast = async (bytes: Buffer, left: number) => {
      const cut = sharp(bytes).extract({ left, top: 20, width: 100, height: 160 }).greyscale()
      return (await sharp(await cut.png().toBuffer()).stats()).channels[0]!.stdev
    }
    const marks = [{ kind: 'blur' as const, from: { x: 0, y: 0 }, to: { x: 0.5, y: 1 } }]
    const outside = await outsidePhotoResponse(firm, hash, marks)
    expect(outside.headers.get('cache-control')).toBe('private, no-store')
    const shown = Buffer.from(await outside.arrayBuffer())
    expect(await contrast(shown, 40)).toBeLessThan(30)
    expect(await contrast(shown, 260)).toBeGreaterThan(90)
    const own = Buffer.from(await (await photoResponse(firm, hash, 'shared')).arrayBuffer())
    expect(await contrast(own, 40)).toBeGreaterThan(90)
  })
  test.each([
    [[{ kind: 'ring', at: { x: 2, y: 0 }, radius: 0.1 }], 'Mark: put it on the photo.'],
    [[{ kind: 'scribble', at: { x: 0, y: 0 } }], 'Mark: choose one of the list.'],
    [[{ kind: 'words', at: { x: 0, y: 0 }, text: '' }], 'Words: type something.'],
    [Array(41).fill({ kind: 'point', at: { x: 0, y: 0 } }), 'Marks: at most 40 on a photo.'],
  ])('a mark that lies nowhere is refused: %j', (value, message) => {
    expect(() =>
      recordFacts(as(firm, 'lead'), BAKEHOUSE, {
        facts: [{ subject: 'photo', subjectId: 'p', facet: 'marked', placeId: BATH, value }],
      }),
    ).toThrow(message)
  })
  test.each([
    ['not a picture at all', 415, 'not a JPEG, PNG or WebP picture'],
    ['\u0089PNG\r\n\u001a\nbroken', 415, 'Photo:'],
  ])('"%s" is refused with what to do', async (text, status, message) => {
    await expect(storePhoto(as(firm, 'lead'), BAKEHOUSE, Buffer.from(text, 'latin1'))).rejects.toMatchObject({
      status,
      message: expect.stringContaining(message) as string,
    })
  })
  test('one that cannot be decoded is found out in the queue, and the person is told to take it again', async () => {
    const { hash } = await storePhoto(as(firm, 'lead'), BAKEHOUSE, (await jpeg()).subarray(0, 4000))
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [
        { subject: 'photo', subjectId: 'p', facet: 'taken', placeId: BATH, value: { hash, caption: 'the drain' } },
      ],
    })
    await runPhotoJobs(firm)
    expect(walkSnapshot(as(firm, 'lead'), BAKEHOUSE).damaged).toEqual([{ hash, caption: 'the drain' }])
    await expect(photoResponse(firm, hash, 'thumb')).rejects.toMatchObject({ status: 415 })
  })
  test('one that is too large is refused', async () => {
    await expect(storePhoto(as(firm, 'lead'), BAKEHOUSE, Buffer.alloc(30_000_001))).rejects.toMatchObject({
      status: 413,
      message: 'Photo: larger than 30 MB. Take it again at a smaller size.',
    })
  })
  test('the queue goes on where a server stopped, and gives up on what brings it down', async () => {
    const { hash } = await storePhoto(as(firm, 'lead'), BAKEHOUSE, await jpeg())
    // Begun, and the server was gone before it ended: it is still there, behind nothing.
    for (const tries of [0, 1, 2]) expect(beginJob(firm.db)).toMatchObject({ subject: hash, tries })
    await runPhotoJobs(firm)
    expect(beginJob(firm.db)).toBeNull()
    expect(walkSnapshot(as(firm, 'lead'), BAKEHOUSE).damaged).toEqual([])
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [{ subject: 'photo', subjectId: 'p', facet: 'taken', placeId: BATH, value: { hash, caption: '' } }],
    })
    const { photos } = scopeView(as(firm, 'lead'), BAKEHOUSE).open
    expect(photos.find((photo) => photo.hash === hash)?.damaged).toBe(true)
  })
  test('a job that waits already is not put twice, and two runs at once do each once', async () => {
    const { hash } = await storePhoto(as(firm, 'lead'), BAKEHOUSE, await jpeg())
    addJob(firm.db, 'photo-sizes', hash, as(firm, 'lead').now())
    await Promise.all([runPhotoJobs(firm), runPhotoJobs(firm)])
    expect(beginJob(firm.db)).toBeNull()
    expect((await photoResponse(firm, hash, 'thumb')).status).toBe(200)
  })
})
