import Papa from 'papaparse'
import { expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { ORDER_COLUMNS } from '../../src/core/selections/toOrder'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { ordersFile } from '../../src/server/selections/ordersFile'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const read = async (site: string | null, role: 'owner' | 'lead' = 'owner') =>
  Papa.parse<Record<string, string>>(await ordersFile(as(firm, role), site).text(), { header: true })

test('what is to be ordered is a file with named columns, of one site or of all', async () => {
  const all = await read(null)
  expect(all.meta.fields).toEqual([...ORDER_COLUMNS])
  expect(new Set(all.data.map((row) => row.site)).size).toBeGreaterThan(2)
  const one = await read(BAKEHOUSE, 'lead')
  expect(new Set(one.data.map((row) => row.site))).toEqual(new Set(['Bakehouse Lane']))
})

test('a cell that a spreadsheet would run is only words', async () => {
  const subjectId = uuid()
  const placeId = placeIdOf('bakehouse', 'bath')
  recordFacts(as(firm, 'owner'), BAKEHOUSE, {
    facts: [
      {
        subject: 'selection',
        subjectId,
        facet: 'laid',
        placeId,
        value: { placeId, what: '=HYPERLINK("x")', lead: 'stock-tile', neededFor: 'tile', supplier: '+1' },
      },
    ],
  })
  const text = await ordersFile(as(firm, 'owner'), BAKEHOUSE).text()
  expect(text).toContain(`"'=HYPERLINK(""x"")"`)
  expect(text).toContain(`'+1`)
})

test('crew are not given it', () => {
  expect(() => ordersFile(as(firm, 'crew'), null)).toThrow('Only a lead or the owner can do this.')
})
