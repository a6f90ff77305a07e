import { describe, expect, test } from 'vitest'
import { addDays, type Day } from '../../src/core/calendar/day'
import { selectionReason } from '../../src/core/selections/orderBy'
import { calculationById } from '../../src/core/takeoff/calculations'
import { runCalculation } from '../../src/core/takeoff/runCalculation'
import { testJob } from './job'

/** Week eleven of a three-storey rebuild. */
describe('Gannetrow', () => {
  testJob({
    site: 'Gannetrow',
    built: '1880',
    units: 'metric',
    told: [
      {
        register: 'pour',
        typed: { what: 'four pads', long: '1.1 m', wide: '1.1 m', thick: '0.5 m', pieces: '4', place: 'in ground' },
        says: ['2.42 m³, with 10 % in ground 2.662 m³: order 2.8 m³'],
      },
      {
        register: 'beam',
        typed: { what: 'rear frame', material: 'by mass a metre', perMetre: '46', long: '6.1 m' },
        says: ['280.6 kg; over 25 kg a person 11.22, so 12 people.'],
      },
      {
        register: 'pour',
        typed: { what: 'ring beam', long: '23.5 m', wide: '215', thick: '225', pieces: '2', place: 'in forms' },
        says: ['2.274 m³, with 5 % in forms 2.387 m³: order 2.4 m³'],
      },
      {
        register: 'footing',
        typed: { what: 'ring beam, both levels', long: '23.5 m', bars: '8', stock: '6 m', lap: '480' },
        says: ['4.17: 5 pieces a bar, 40 in all', 'Bought 240 m, laid 203.36 m, 180.6 kg.'],
      },
      {
        register: 'drain-run',
        typed: { what: 'to the new chamber', run: '14.5 m', slope: '60', invert: '620', wall: '4', bedding: '100' },
        says: ['drop 241.7 mm, invert 861.7 mm at the end', '965.7 mm at the end'],
      },
      {
        register: 'masonry',
        typed: { what: 'garden wall', wall: '19.8 m²', rate: '5', day: '7.5' },
        says: ['340.56 m of joint, 68.1 h, 9.1 days of 7.5 h'],
      },
    ],
  })
  test('windows ordered on 12 January for fourteen weeks are a third of the way', () => {
    const [ordered, needed, today] = ['2026-01-12', '2026-04-21', '2026-02-13'] as Day[]
    const due = addDays(ordered!, 14 * 7)
    expect(due).toBe('2026-04-20')
    expect(selectionReason('ordered', needed!, ordered!, due, ordered!, 98, today!)).toBe(
      'Arrives 20 Apr, needed 21 Apr: 32 days gone, 66 to go.',
    )
  })
  test('five rafters cost 1 958.45; ground storey and first floor stand at 79.0 and 55.6 per cent', () => {
    const price = runCalculation(
      calculationById('C-42')!,
      { material: 430, waste: 10, labour: 1230, overhead: 15 },
      'metric',
    )
    expect(Number(price.outputs.price).toFixed(2)).toBe('1958.45')
    const share = (weights: number[], done: number[]) =>
      Number(runCalculation(calculationById('C-41')!, { weights, done }, 'metric').outputs.progress).toFixed(1)
    expect(share([60, 40, 48, 64, 36], [100, 100, 100, 75, 0])).toBe('79.0')
    expect(share([44, 52, 30], [100, 50, 0])).toBe('55.6')
  })
})
