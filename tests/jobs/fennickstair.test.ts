import { describe, expect, test } from 'vitest'
import { calculationById } from '../../src/core/takeoff/calculations'
import { runCalculation } from '../../src/core/takeoff/runCalculation'
import { testJob } from './job'

/** A basement with boxed services and a washroom under the slab, seen twice. */
describe('Fennick Stair 4', () => {
  testJob({
    site: 'Fennick Stair 4',
    built: '1960',
    units: 'metric',
    told: [
      {
        register: 'bulkhead',
        typed: {
          what: 'A, the trunk duct and a steel beam',
          joists: '2390',
          obstruction: '310',
          floor: '22',
          under: 'yes',
        },
        says: ['Headroom 2390 mm − 380.5 mm − 22 mm = 1987.5 mm: ask the authority.'],
      },
      { register: 'bulkhead-frame', typed: { what: 'Ladder of A', long: '5200' }, says: ['9 spaces, 10 rungs'] },
      { register: 'bulkhead-frame', typed: { what: 'Ladder of B', long: '10.8 m' }, says: ['18 spaces, 19 rungs'] },
      {
        register: 'bulkhead-frame',
        typed: { what: 'Ladder of B as it stands', long: '10.8 m', standing: '12' },
        says: ['12 of 19 rungs are in: 63 %.'],
      },
      {
        register: 'count',
        typed: { what: 'rungs of B', said: '12', drawn: '19' },
        says: ['12 said on the walk, 19 on the plan: which is right?'],
      },
      {
        register: 'bulkhead',
        typed: { what: 'over the bar', joists: '2390', obstruction: '330', floor: '22', underside: '2070' },
        says: ['247.5 mm', '82.5 mm', '102.5 mm'],
      },
      {
        register: 'device-box',
        typed: { what: 'boxes of the basement', height: '430', floor: '22', layers: '12.5 mm' },
        says: ['408 mm'],
      },
      {
        register: 'flush-plane',
        typed: { what: 'half wall at the post', plane: '900', layers: '868 mm, 32 mm' },
        says: ['900 mm'],
      },
      {
        register: 'layout',
        typed: { what: 'the bar', laid: '2580', planned: '2600', neighbour: 'the half wall' },
        says: ['20 mm narrower than the plan.', 'the half wall gets 20 mm more'],
      },
      {
        register: 'drain-run',
        typed: {
          what: 'from the pan to a pumped pit',
          run: '5.6 m',
          slope: '40',
          invert: '160',
          wall: '3',
          bedding: '100',
          state: 'new',
        },
        says: ['drop 140 mm, invert 300 mm at the end', '403 mm at the end'],
      },
      {
        register: 'slab-patch',
        typed: {
          what: 'slab over the drain',
          long: '5.6 m',
          wide: '450',
          thick: '100',
          method: 'saw part way, then chip',
        },
        says: ['0.252 m³', '0.277 m³', '0.4 m³', '24 to 26 bags of 25 kg'],
      },
      {
        register: 'escape',
        typed: { what: 'escape window', width: '820', height: '610', sill: '1060' },
        says: ['0.5 m²', 'Only the authority decides; nothing here approves it.'],
      },
      {
        register: 'rough-opening',
        typed: { what: 'its frame, two jacks a side', kind: 'window', rough: '900', jacks: '2' },
        says: ['1052 mm'],
      },
      {
        register: 'outage',
        typed: { what: 'hot water', on: '2026-04-23', from: '9', hours: '4' },
        says: ['Tuesday 21 April'],
      },
      {
        register: 'fireplace',
        typed: { what: 'on site, still boxed', fuel: 'gas, vent-free' },
        says: ['is the authority’s question'],
      },
    ],
  })
  test('framing stands at 67.5 per cent, whatever was said', () => {
    const told = { weights: [6, 10, 4, 8, 5, 3], done: [100, (100 * 12) / 19, 100, 100, 0, 0] }
    const { outputs } = runCalculation(calculationById('C-41')!, told, 'metric')
    expect(Number(outputs.progress).toFixed(1)).toBe('67.5')
  })
})
