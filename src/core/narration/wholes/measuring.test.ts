import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, stateOf } from '../../../../tests/fixtures/site'

const ROOMS = {
  kitchen: stateOf(laid([{ id: 'kitchen', name: 'Kitchen', treatments: ['kitchen-rebuilt'] }])),
  bath: stateOf(laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'] }])),
  stair: stateOf(laid([{ id: 'stair', name: 'Stair', treatments: ['stair-and-railing'] }])),
}
type Room = keyof typeof ROOMS

/** What is recorded of lines of work: their titles with how far they are. */
const done = (room: Room, text: string) =>
  saidAt(ROOMS[room], text)
    .flatMap(({ facts }) => facts)
    .flatMap((fact) =>
      fact.subject === 'line' && fact.facet === 'progress'
        ? [`${ROOMS[room].lines.find(({ id }) => id === fact.subjectId)!.title}: ${fact.value}`]
        : [],
    )

describe('what was measured is not made', () => {
  test.each([
    ['kitchen', 'Tops are templated.', 'Template the countertops: 100'],
    ['kitchen', 'Countertops were measured today.', 'Template the countertops: 100'],
    ['kitchen', 'The stone guy measured the tops.', 'Template the countertops: 100'],
    ['kitchen', 'Template is done.', 'Template the countertops: 100'],
    ['bath', 'Shower glass is measured.', 'Measure for the shower glass: 100'],
    ['bath', 'They measured the glass this morning.', 'Measure for the shower glass: 100'],
    ['stair', 'Railing has been measured.', 'Measure for the railing: 100'],
  ] as const)('%s: %s', (room, text, expected) => {
    expect(done(room, text)).toEqual([expected])
  })
  test.each([
    ['kitchen', 'Tops are not templated yet.'],
    ['kitchen', 'The tops still need to be measured.'],
    ['kitchen', 'He will measure the tops once the cabinets are set.'],
    ['kitchen', 'The tops were measured wrong.'],
    ['stair', 'The railing is measured except at the landing.'],
  ] as const)('%s: nothing is done by %s', (room, text) => {
    expect(done(room, text)).toEqual([])
  })
  test('what goes in says that it was measured too', () => {
    expect(done('bath', 'Shower glass is in.')).toContain('Shower glass: 100')
  })
  test('a day to come is the day from which it is measured', () => {
    const [told] = saidAt(ROOMS.kitchen, 'Counter guy templates on Thursday.')
    expect(told!.facts).toMatchObject([{ facet: 'held', value: { until: '2026-03-12', begins: true } }])
  })
})
