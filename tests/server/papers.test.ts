import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { aheadFile, paperFile, sheetFile } from '../../src/server/paper/paperFiles'
import { paperPdf } from '../../src/server/paper/paperPdf'
import { planPdf } from '../../src/server/paper/planPdf'
import { planView } from '../../src/server/views/plan'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { pdfText } from '../fixtures/pdfText'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const read = async (reader: string) => pdfText(await (await paperFile(as(firm, 'lead'), SITE, reader)).arrayBuffer())

test('the neighbours’ letter as a PDF has the days and no room, sum or client', async () => {
  const { text } = await read('neighbours')
  expect(text).toContain('To the neighbours of Bakehouse Lane')
  expect(text).toContain('Yard face')
  const rooms = stateAt(firm, SITE).places.filter(({ kind }) => kind === 'room')
  for (const { name } of rooms) expect(text).not.toContain(name)
  expect(text).not.toMatch(/[€£$]|private/)
})
test('the engineer’s paper as a PDF has what is asked, its last day and what it blocks', async () => {
  const value = { question: 'May the notch stay?', owner: 'engineer', by: '2026-03-20', blocks: 'framing' }
  const placeId = stateAt(firm, SITE).places[0]!.id
  recordFacts(as(firm, 'lead'), SITE, {
    facts: [{ subject: 'decision', subjectId: uuid(), facet: 'asked', placeId, value }],
  })
  const { text } = await read('engineer')
  expect(text).toContain('May the notch stay?')
  expect(text).toContain('Please answer by 20 Mar')
})
test('letters of every language that people type are there, and long papers run on over pages', async () => {
  const sentences = Array.from({ length: 120 }, (_, i) => `Ściana ${i}: ½ Zażółć gęślą jaźń, señal, 4 × 3.`)
  const bytes = await paperPdf({ title: 'Łazienka', under: 'Example & Co', parts: [{ title: 'Work', sentences }] })
  const { pages, text } = await pdfText(new Uint8Array(bytes).buffer)
  expect(pages).toBeGreaterThan(2)
  expect(text.replace(/ /g, '')).toContain('Ściana119:½Zażółćgęśląjaźń,señal,4×3.')
})
test('the plan on paper has every visit of a site, three weeks a page; all sites are there by crew', async () => {
  const view = planView(as(firm, 'lead'), SITE)
  const { pages, text } = await pdfText(new Uint8Array(await planPdf(view)).buffer)
  expect(pages).toBeGreaterThanOrEqual(Math.ceil(view.days.length / 21) - 1)
  expect(text).toContain(`Bakehouse Lane: ${view.finish}`)
  for (const { name } of view.rows) expect(text).toContain(name)
  const all = planView(as(firm, 'lead'), null)
  const { text: firmly } = await pdfText(new Uint8Array(await planPdf(all)).buffer)
  for (const { name } of all.rows) expect(firmly).toContain(name)
  expect(firmly).not.toMatch(/Quillwort|137953/)
})
test('a firm of forty sites still fits its pages', async () => {
  const view = planView(as(firm, 'lead'), null)
  const rows = Array.from({ length: 200 }, (_, i) => ({ ...view.rows[i % view.rows.length]!, id: `row ${i}` }))
  const once = await pdfText(new Uint8Array(await planPdf(view)).buffer)
  const { pages } = await pdfText(new Uint8Array(await planPdf({ ...view, rows })).buffer)
  expect(pages).toBeGreaterThan(once.pages)
})
describe('no paper of any kind and language', () => {
  const place = placeIdOf('bakehouse', 'kitchen')
  const papers: readonly (readonly [string, () => Promise<Response>])[] = [
    ...['neighbours', 'designer', 'engineer', 'authority', 'association', 'street', 'driver', 'set-up', 'client'].map(
      (reader) => [reader, () => paperFile(as(firm, 'lead'), SITE, reader)] as const,
    ),
    ...['en', 'es', 'pl'].map(
      (language) => [`sheet ${language}`, () => sheetFile(as(firm, 'crew'), SITE, place, language)] as const,
    ),
    ['next weeks', () => aheadFile(as(firm, 'lead'), SITE, 3, 'place')],
  ]
  test.each(papers)('%s tells a remark, a sum, another site or an address', async (_name, make) => {
    const { text } = await pdfText(await (await make()).arrayBuffer())
    expect(text.length).toBeGreaterThan(100)
    expect(text).not.toMatch(/Quillwort|Foxglove|1,379|137953|Heron Court|Pell Street|example\.com|household of/)
  })
})
test('the sheet of a room in Polish has its cautions, its drawing and what goes in; crew see no address', async () => {
  const { text } = await pdfText(
    await (await sheetFile(as(firm, 'crew'), SITE, placeIdOf('bakehouse', 'kitchen'), 'pl')).arrayBuffer(),
  )
  for (const words of ['Uwaga', 'Praca po kolei', 'Kitchen from above', '[x]', 'przed południem'])
    expect(text.replaceAll(' ', '')).toContain(words.replaceAll(' ', ''))
  expect(text).not.toContain('@')
})
test('the next weeks by crew and by place name what is not ready, and why', async () => {
  const read = async (by: 'trade' | 'place') =>
    (await pdfText(await (await aheadFile(as(firm, 'lead'), null, 2, by)).arrayBuffer())).text
  expect(await read('trade')).toMatch(/Flatwater boards .*Not ready: /)
  expect(await read('place')).toContain('Bakehouse Lane, Kitchen')
  await expect(aheadFile(as(firm, 'crew'), null, 2, 'trade')).rejects.toThrow(/lead/i)
})
test('crew get no papers, and there is none for a made-up reader', async () => {
  await expect(paperFile(as(firm, 'crew'), SITE, 'engineer')).rejects.toThrow(/lead/i)
  await expect(paperFile(as(firm, 'lead'), SITE, 'gossip')).rejects.toThrow('There is no paper for this reader.')
})
