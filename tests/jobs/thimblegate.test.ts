import { describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import { MONDAY_TO_FRIDAY } from '../../src/core/calendar/workingDays'
import { orderBy } from '../../src/core/selections/orderBy'
import { calculationById } from '../../src/core/takeoff/calculations'
import { runCalculation } from '../../src/core/takeoff/runCalculation'
import { testJob } from './job'

/** A kitchen in an occupied house, told in stages. */
describe('Thimblegate', () => {
  testJob({
    site: 'Thimblegate 11',
    built: '1952',
    units: 'imperial',
    told: [
      {
        register: 'count',
        typed: { what: 'width of the sink window in inches', said: '56', listed: '44' },
        says: ['56 said on the walk, 44 listed: which is right?'],
      },
      {
        register: 'cabinet-fit',
        typed: { what: 'sink wall', niche: '141 in', boxes: '36 in, 33 in, 24 in, 30 in, 15 in', measured: 'on' },
        says: [`11' 9" − 11' 6" = 3", 1 1/2" at each side.`],
      },
      {
        register: 'cabinet-fit',
        typed: { what: 'window of 56', niche: '141 in', boxes: '36 in', window: '56 in', windowTrim: '3 1/2 in' },
        says: [`Beside the window 3' 3" for wall cabinets, at each side.`],
      },
      {
        register: 'cabinet-fit',
        typed: { what: 'window of 44', niche: '141 in', boxes: '36 in', window: '44 in', windowTrim: '3 1/2 in' },
        says: [`Beside the window 3' 9" for wall cabinets, at each side.`],
      },
      {
        register: 'room-trim',
        typed: { what: 'casings', doors: '7', allDoors: '1015' },
        says: ['€1,015.00 for 7 doors: €145.00 each.'],
      },
      {
        register: 'cabinet-fit',
        typed: { what: 'oven cabinet, with the half inch it needs', niche: '32 3/4 in', boxes: '33 1/2 in' },
        says: ['3/4" too little: build out, or another box.'],
      },
      {
        register: 'floor-finish',
        typed: { what: 'cork plank', surface: '186 ft²', box: '21.4 ft²' },
        says: ['9.56, so 10.'],
      },
      {
        register: 'tile-area',
        typed: { what: 'limestone behind the counter', surface: '33.75 ft²', kind: 'tumbled stone', box: '10 ft²' },
        says: ['33.8 ft² + 20 % = 40.5 ft²; boxes of 10 ft²: 4.05, so 5.'],
      },
      {
        register: 'count',
        typed: { what: 'stubs under the cabinets', said: '5', listed: '4' },
        says: ['5 said on the walk, 4 listed: which is right?'],
      },
      {
        register: 'priced-options',
        typed: {
          what: 'box window',
          one: 'Framed here',
          onePrice: '1480',
          other: 'Bought',
          otherPrice: '2300',
        },
        says: ['Bought costs €820.00 more.'],
      },
      {
        register: 'bearing-clue',
        typed: { wall: 'opening to the living room', against: 'probably not bearing' },
        says: ['Suspected. Only the engineer, or opening it up, can tell.'],
      },
    ],
  })
  test('the porch rail is ordered by Friday 15 May and costs 2 146.22', () => {
    expect(orderBy('2026-07-01' as Day, [14, 24, 40], 0, MONDAY_TO_FRIDAY)).toBe('2026-05-15')
    const told = { material: 740, waste: 8, labour: 960, overhead: 22 }
    const { outputs } = runCalculation(calculationById('C-42')!, told, 'imperial')
    expect(Number(outputs.price).toFixed(2)).toBe('2146.22')
  })
})
