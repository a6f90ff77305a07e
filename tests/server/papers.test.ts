import { expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { paperFile } from '../../src/server/paper/paperFiles'
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
test('crew get no papers, and there is none for a made-up reader', async () => {
  await expect(paperFile(as(firm, 'crew'), SITE, 'engineer')).rejects.toThrow(/lead/i)
  await expect(paperFile(as(firm, 'lead'), SITE, 'gossip')).rejects.toThrow('There is no paper for this reader.')
})
