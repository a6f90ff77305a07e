import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, stateOf } from '../../../tests/fixtures/site'

const hall = stateOf(laid([{ id: 'hall', name: 'Hall', treatments: ['room-board-finishes'] }]))
const told = (text: string) => saidAt(hall, `In the hall: ${text}`)
const progress = (text: string) =>
  told(text).flatMap(({ facts }) => facts.flatMap((fact) => (fact.facet === 'progress' ? [fact.value] : [])))

describe('what is left of a line that was told to be done', () => {
  test.each([
    'the wires are pulled, boxes still to mount.',
    'tape is on, sanding remains.',
    'the outlets and switches are in, no lights yet.',
    'wires are in but the boxes are not.',
    'most of the boards are up.',
  ])('“%s” sets nothing', (text) => {
    expect(progress(text)).toEqual([])
  })
  test('it is done with a tap, and what is left stands beside the line', () => {
    const [wires, boxes] = told('the wires are pulled, boxes still to mount.')
    expect(wires).toMatchObject({
      says: 'Wires and boxes, in part',
      toConfirm: { facts: [{ facet: 'progress', value: 100 }] },
    })
    expect(boxes).toMatchObject({
      says: 'Of wires and boxes',
      facts: [{ facet: 'noted', value: { about: expect.any(String) } }],
    })
  })
  test('what is left of another line takes nothing from this one', () => {
    expect(progress('the boards are up, taping still to do.')).toEqual([100])
  })
  test('half of them is half', () => {
    expect(progress('half of the boards are up.')).toEqual([50])
  })
  test.each(['the hall is ready to paint.', 'flooring: three rows to go.'])('“%s” lays no work', (text) => {
    expect(told(text).flatMap(({ facts }) => facts.filter(({ facet }) => facet === 'laid'))).toEqual([])
  })
})
