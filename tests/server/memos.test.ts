import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { memoResponse, storeMemo } from '../../src/server/photos/memos'
import { scopeView } from '../../src/server/views/scope'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const webm = (words: string) => Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.from(words)])
const spoken = (hash: string, secret: boolean) =>
  recordFacts(as(firm, 'lead'), BAKEHOUSE, {
    facts: [
      {
        subject: 'memo',
        subjectId: uuid(),
        facet: 'spoken',
        placeId: BATH,
        value: { hash, seconds: 12, private: secret },
      },
    ],
  })

describe('a spoken memo', () => {
  test('is kept by what it is, once, and heard again by whoever sees the site', async () => {
    const { hash } = await storeMemo(as(firm, 'crew'), BAKEHOUSE, webm('under the stair'))
    expect(await storeMemo(as(firm, 'lead'), BAKEHOUSE, webm('under the stair'))).toEqual({ hash })
    expect(existsSync(join(firm.path, 'memos', hash.slice(0, 2), hash))).toBe(true)
    const answer = await memoResponse(as(firm, 'crew'), hash)
    expect(answer.headers.get('content-type')).toBe('audio/webm')
    expect(Buffer.from(await answer.arrayBuffer())).toEqual(webm('under the stair'))
  })
  test('stands at its place; a private one is for the lead and the owner', async () => {
    const { hash } = await storeMemo(as(firm, 'lead'), BAKEHOUSE, webm('between us'))
    spoken(hash, true)
    expect(scopeView(as(firm, 'owner'), BAKEHOUSE).open.memos).toMatchObject([{ hash, placeId: BATH, private: true }])
    expect(scopeView(as(firm, 'crew'), BAKEHOUSE).open.memos).toEqual([])
    expect(walkSnapshot(as(firm, 'crew'), BAKEHOUSE).registers.some((o) => o.subject === 'memo')).toBe(false)
    expect(walkSnapshot(as(firm, 'owner'), BAKEHOUSE).registers.some((o) => o.subject === 'memo')).toBe(true)
  })
  test.each([
    [Buffer.from('not a sound'), 415, 'Memo: this file is not WebM, Ogg or MP4 sound.'],
    [Buffer.concat([webm(''), Buffer.alloc(10_000_001)]), 413, 'Memo: larger than 10 MB. Speak in shorter pieces.'],
  ])('what cannot be taken is answered with what to do', async (bytes, status, message) => {
    await expect(storeMemo(as(firm, 'lead'), BAKEHOUSE, bytes)).rejects.toMatchObject({
      status,
      message: expect.stringContaining(message) as string,
    })
  })
  test('one of a site that is not theirs, or that never came, is not heard', async () => {
    const { hash } = await storeMemo(as(firm, 'lead'), siteIdOf('pell'), webm('at the gable'))
    await expect(memoResponse(as(firm, 'crew'), hash)).rejects.toMatchObject({ status: 404 })
    await expect(memoResponse(as(firm, 'owner'), 'f'.repeat(64))).rejects.toThrow('This memo is not here yet.')
  })
})
