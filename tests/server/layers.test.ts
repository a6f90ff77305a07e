import { expect, test } from 'vitest'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { siteState } from '../../src/server/siteStates'
import { readSite } from '../../src/data/sites'
import { scopeView } from '../../src/server/views/scope'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const row = (site: string, placeId: string) =>
  scopeView(as(firm, 'owner'), siteIdOf(site)).rows.find((one) => one.placeId === placeId)!

test('a face is told layer by layer, a room is not', () => {
  const { layers } = row('pell', placeIdOf('pell', 'front'))
  expect(layers!.list.map(({ name }) => name)).toEqual([
    'Sheathing',
    'Insulation',
    'Weather barrier',
    'Flashing',
    'Trim',
    'Siding or render',
    'Sealant',
    'Paint',
  ])
  expect(layers!.list.find(({ name }) => name === 'Siding or render')!.words).toBe('0 %')
  expect(row('heron', scopeView(as(firm, 'owner'), siteIdOf('heron')).rows[0]!.placeId).layers).toBeNull()
})

test('a finish that was done before what comes first is told with what it costs, and no more once that is done', () => {
  const BAKEHOUSE = siteIdOf('bakehouse')
  const kitchen = placeIdOf('bakehouse', 'kitchen')
  const lines = siteState(firm.db, readSite(firm.db, BAKEHOUSE)!).lines.filter((line) => line.placeId === kitchen)
  const set = (stage: string, value: number) =>
    recordFacts(as(firm, 'owner'), BAKEHOUSE, {
      facts: lines
        .filter((line) => line.stage === stage && line.trade !== 'inspector')
        .map((line) => ({ subject: 'line', subjectId: line.id, facet: 'progress', placeId: kitchen, value })),
    })
  set('paint', 0)
  set('cabinets', 50)
  expect(row('bakehouse', kitchen).outOfOrder.join(' ')).toContain('Cabinets at 50 %, paint at 0 %')
  set('cabinets', 0)
  expect(row('bakehouse', kitchen).outOfOrder.join(' ')).not.toContain('Cabinets at')
})
