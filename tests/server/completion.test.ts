import { describe, expect, test } from 'vitest'
import { strFromU8, unzipSync } from 'fflate'
import sharp from 'sharp'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { handOverFile } from '../../src/server/share/handOverFile'
import { paperView } from '../../src/server/views/paper'
import { completionView, handOverView } from '../../src/server/views/completion'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { pdfText } from '../fixtures/pdfText'
import { as } from '../fixtures/folder'

const MILLRACE = siteIdOf('millrace')
const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

/** Something that is written down at a place. */
const entryAt = (placeId: string, value: { kind: string; values: object }) => ({
  subject: 'entry',
  subjectId: uuid(),
  facet: 'written',
  placeId,
  value,
})

describe('what is left', () => {
  test('is told by place, and a small thing that is written down on the walk is among it', () => {
    const places = completionView(as(firm, 'lead'), BAKEHOUSE).open
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [
        entryAt(kitchen, {
          kind: 'defect',
          values: { what: 'chip in the sill', sort: 'mend', who: 'us', by: '2026-03-20' },
        }),
      ],
    })
    const after = completionView(as(firm, 'lead'), BAKEHOUSE)
    const count = (all: typeof places) => all.find(({ placeId }) => placeId === kitchen)?.open.length ?? 0
    expect(count(after.open)).toBe(count(places) + 1)
    expect(after.lead).toContain('small things to put right (1)')
    expect(after.ready).toBe(false)
  })
  test('questions stand with who answers, by when, and the visit that they hold, the nearest first', () => {
    const { questions } = completionView(as(firm, 'lead'), BAKEHOUSE)
    expect(questions.length).toBeGreaterThan(0)
    expect(questions.map(({ first }) => first)).toEqual([...questions.map(({ first }) => first)].sort())
    expect(questions.some(({ holds }) => holds !== null && /, \d+ \w+$/.test(holds))).toBe(true)
    expect(questions.every(({ asked }) => asked.length > 1)).toBe(true)
  })
})

describe('the pack', () => {
  test.each([BAKEHOUSE, MILLRACE])('tells what was built, and neither money nor private remarks (%s)', (site) => {
    const text = JSON.stringify(handOverView(as(firm, 'lead'), site))
    expect(JSON.parse(text).pack.built.length).toBeGreaterThan(0)
    for (const secret of ['Quillwort', '1379', '137953']) expect(text).not.toContain(secret)
  })
  test('is for the lead to hand over', () => {
    expect(() => handOverView(as(firm, 'crew'), BAKEHOUSE)).toThrow('Only a lead')
    expect(() => completionView(as(firm, 'crew'), BAKEHOUSE)).toThrow('Only a lead')
  })
})

describe('the hand-over as one file', () => {
  const files = async () =>
    unzipSync(new Uint8Array(await (await handOverFile(as(firm, 'lead'), BAKEHOUSE)).arrayBuffer()))
  test('is a page with its pictures beside it, each without camera data', async () => {
    const zip = await files()
    const page = strFromU8(zip['index.html']!)
    expect(page).toContain('<h1>Bakehouse Lane: hand-over</h1>')
    const pictures = [...page.matchAll(/src="([^"]+)"/g)].map(([, src]) => src!)
    expect(pictures.length).toBeGreaterThan(0)
    for (const src of pictures) {
      const { format, exif } = await sharp(zip[src]!).metadata()
      expect([format, exif]).toEqual(['jpeg', undefined])
    }
    expect(Object.keys(zip).sort()).toEqual([...new Set(pictures), 'hand-over.pdf', 'index.html'].sort())
    const { text } = await pdfText(new Uint8Array(zip['hand-over.pdf']!).buffer)
    expect(text).toContain('Bakehouse Lane: hand-over')
    expect(text).toContain('Before and after')
  })
  test('what somebody typed stays letters, and no private remark is in it', async () => {
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [
        entryAt(kitchen, { kind: 'handover-item', values: { what: '<img src=x onerror=alert(1)>', sort: 'colour' } }),
        {
          subject: 'note',
          subjectId: uuid(),
          facet: 'noted',
          placeId: kitchen,
          value: { text: 'CANARY nobody reads this', private: true },
        },
      ],
    })
    const page = strFromU8((await files())['index.html']!)
    const { text } = await pdfText(new Uint8Array((await files())['hand-over.pdf']!).buffer)
    expect(text).not.toContain('CANARY')
    expect(page).toContain('&lt;img src=x onerror=alert(1)&gt;')
    expect(page).not.toContain('<img src=x')
    expect(page).not.toContain('CANARY')
  })
  test('is not for crew', async () => {
    await expect(handOverFile(as(firm, 'crew'), BAKEHOUSE)).rejects.toThrow('Only a lead or the owner')
  })
})

describe('papers for others', () => {
  test('are for leads, and for readers that there are', () => {
    expect(paperView(as(firm, 'lead'), BAKEHOUSE, 'engineer').printed.title).toMatch(/: for the engineer$/)
    for (const reader of ['somebody', 'toString'])
      expect(() => paperView(as(firm, 'lead'), BAKEHOUSE, reader)).toThrow('There is no paper for this reader.')
    expect(() => paperView(as(firm, 'crew'), BAKEHOUSE, 'engineer')).toThrow('Only a lead or the owner')
  })
})
