import { describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { keepStandard } from '../../src/server/sites/keepStandard'
import { recordView } from '../../src/server/views/record'
import { scopeView } from '../../src/server/views/scope'
import { figureSettingsView, siteSettingsView } from '../../src/server/views/settings'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const ORCHARD = siteIdOf('orchard')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const owner = () => as(firm, 'owner')
const boardOf = (siteId: string): string =>
  scopeView(owner(), siteId)
    .rows.flatMap((row) => row.cells)
    .flatMap((cell) => cell.lines)
    .find((line) => line.toBuy.some((sentence) => sentence.includes('on sheets of')))!.toBuy[0]!

describe('the figures behind the sums', () => {
  test('a firm’s figure holds on every site, a site’s own before it, an empty one goes back', () => {
    expect(boardOf(BAKEHOUSE)).toContain('+ 10 %')
    keepStandard(owner(), { key: 'C-35/waste', value: '12' })
    expect(boardOf(BAKEHOUSE)).toContain('+ 12 %')
    keepStandard(owner(), { site: BAKEHOUSE, key: 'C-35/waste', value: '18' })
    expect(boardOf(BAKEHOUSE)).toContain('+ 18 %')
    expect(walkSnapshot(owner(), BAKEHOUSE).standards).toEqual({ 'C-35/waste': '18' })
    expect(walkSnapshot(owner(), ORCHARD).standards).toEqual({ 'C-35/waste': '12' })
    expect(siteSettingsView(owner(), BAKEHOUSE).standards).toMatchObject({
      above: { 'C-35/waste': '12' },
      own: { 'C-35/waste': '18' },
    })
    keepStandard(owner(), { site: BAKEHOUSE, key: 'C-35/waste', value: '' })
    expect(boardOf(BAKEHOUSE)).toContain('+ 12 %')
    expect(figureSettingsView(owner()).standards.own).toEqual({ 'C-35/waste': '12' })
  })
  test('an entry of a register goes by it too', () => {
    recordFacts(owner(), BAKEHOUSE, {
      facts: [
        {
          subject: 'entry',
          subjectId: '01890000-0000-7000-8000-000000000001',
          facet: 'written',
          placeId: null,
          value: { kind: 'board-type', values: { what: 'a test wall', surface: '22 m²' } },
        },
      ],
    })
    const reckoned = (): string =>
      JSON.stringify(recordView(owner(), BAKEHOUSE).groups.find((one) => one.id === 'cover')!.registers)
    expect(reckoned()).toContain('22 m² + 10 %')
    keepStandard(owner(), { key: 'C-35/waste', value: '20' })
    expect(reckoned()).toContain('22 m² + 20 %')
  })
  test('nonsense is refused by name, and the crew set nothing', () => {
    expect(() => keepStandard(owner(), { key: 'C-35/waste', value: 'plenty' })).toThrow('Waste: "plenty"')
    expect(() => keepStandard(owner(), { key: 'C-35/colour', value: '3' })).toThrow('no figure that can be set')
    expect(() => keepStandard(as(firm, 'crew'), { key: 'C-35/waste', value: '3' })).toThrow('Only a lead')
  })
})
