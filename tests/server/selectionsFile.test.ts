import { expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { bringSelections, selectionsFile } from '../../src/server/selections/selectionsFile'
import { selectionsView } from '../../src/server/views/selections'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const rows = () => selectionsView(lead(), BAKEHOUSE).rows
const bring = (text: string, keep = false, site: string | null = BAKEHOUSE) =>
  bringSelections(lead(), site, Buffer.from(text), keep)

test('out and back in, nothing changes; of all sites too, and behind a byte order mark', async () => {
  const text = await selectionsFile(lead(), null).text()
  expect(text.split('\r\n')[0]).toBe(
    'id,site,place,what,choice,state,supplier,arrives,order_by,needed_on,lead_days_at_most',
  )
  expect(bring(text, true, null)).toEqual({ changes: [], problems: [], kept: false })
  expect(bring(`\uFEFF${text}`, true, null).problems).toEqual([])
})
test('what a designer filled in is shown first, and kept when it is said', () => {
  const { id } = rows().find(({ choice }) => choice === null)!
  const text = `id;choice;arrives\n${id};soft white;2026-04-20\n`
  const first = bring(text)
  expect(first).toMatchObject({ kept: false, problems: [] })
  expect(first.changes).toHaveLength(2)
  expect(rows().find((row) => row.id === id)!.choice).toBeNull()
  expect(bring(text, true).kept).toBe(true)
  expect(rows().find((row) => row.id === id)).toMatchObject({ choice: 'soft white', arrives: '2026-04-20' })
})
test('one bad cell and nothing is taken', () => {
  const [one, other] = rows()
  const text = `id,choice,state\n${one!.id},soft white,\n${other!.id},,lost\n`
  const { problems, kept } = bring(text, true)
  expect(kept).toBe(false)
  expect(problems[0]).toMatch(/^Line 3, state: "lost" is none of/)
  expect(rows().find(({ id }) => id === one!.id)!.choice).toBe(one!.choice)
})
test('a row of another site is not of this one, and what is no table says its line', () => {
  const elsewhere = selectionsView(lead(), siteIdOf('heron')).rows[0]!
  expect(bring(`id,choice\n${elsewhere.id},x\n`).problems).toEqual([`Line 2: no selection is called ${elsewhere.id}.`])
  expect(() => bring('id,choice\na,b,c,d\n')).toThrow('File: line 2 is not a row of the table.')
})
test('what a spreadsheet would run goes out as words, and comes back as it was', async () => {
  const { id } = rows()[0]!
  bring(`id,choice\n${id},"=HYPERLINK(""x"")"\n`, true)
  const text = await selectionsFile(lead(), BAKEHOUSE).text()
  expect(text).toContain(`'=HYPERLINK`)
  expect(bring(text).changes).toEqual([])
})
test('crew neither take it nor bring it', () => {
  expect(() => selectionsFile(as(firm, 'crew'), null)).toThrow(/lead/i)
  expect(() => bringSelections(as(firm, 'crew'), null, Buffer.from(''), false)).toThrow(/lead/i)
})
