import { describe, expect, test } from 'vitest'
import { calculationById } from './calculations'
import { runCalculation } from './runCalculation'
import { withStandards } from './standards'
import { checkStandard, standardsOf } from './usualFigures'

describe('figures that a firm or a site sets', () => {
  test('every usual figure that is more than nothing can be set, each by its own key', () => {
    const all = standardsOf('metric')
    expect(all.length).toBeGreaterThan(60)
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length)
    for (const { key, usual } of all) expect(() => checkStandard(key, String(usual), 'metric')).not.toThrow()
  })
  test('a sum goes by what was set, in the units as they were typed', () => {
    const flashing = calculationById('C-07')!
    const told = { runs: '8.8 m' }
    expect(runCalculation(flashing, told, 'metric').steps[0]).toBe('8800 mm: 2.98, so 3; 3 together.')
    const long = withStandards(flashing, { 'C-07/section': '8 m', 'C-07/lap': '100 mm' })
    expect(runCalculation(long, told, 'metric').steps[0]).toBe('8800 mm: 1.1, so 2; 2 together.')
    expect(withStandards(flashing, { 'C-32/waste': '12' })).toBe(flashing)
  })
  test('what is unknown, unreadable or below nothing is refused by name', () => {
    expect(() => checkStandard('C-99/waste', '3', 'metric')).toThrow('C-99/waste is no figure that can be set.')
    expect(() => checkStandard('C-02/walls', '3', 'metric')).toThrow('no figure that can be set')
    expect(() => checkStandard('C-35/waste', 'a lot', 'metric')).toThrow('Waste: "a lot" cannot be read')
  })
})
