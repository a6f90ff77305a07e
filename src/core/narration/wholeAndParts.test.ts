import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, stateOf } from '../../../tests/fixtures/site'

const rooms = stateOf(
  laid([
    { id: 'hall', name: 'Hall', treatments: ['room-board-finishes'] },
    { id: 'bath', name: 'Bath', treatments: ['bathroom-rebuilt'] },
  ]),
)
const told = (text: string, at = 'hall') => saidAt(rooms, `In the ${at}: ${text}`)
const progress = (text: string, at?: string) =>
  told(text, at).flatMap(({ facts }) => facts.flatMap((fact) => (fact.facet === 'progress' ? [fact.value] : [])))

describe('what is left of a line that was told to be done', () => {
  test.each([
    'the wires are pulled, boxes still to mount.',
    'tape is on, sanding remains.',
    'the outlets and switches are in, no lights yet.',
    'wires are in but the boxes are not.',
    'most of the boards are up.',
    'the boards are up on the long wall.',
    'first side of the board is on.',
    'the drywall is delivered, stacked in the corner.',
    'wires are in on the left, the right side has not been started.',
  ])('“%s” sets nothing', (text) => {
    expect(progress(text)).toEqual([])
  })
  test.each([
    'water lines in, drains tomorrow.',
    'grouting tomorrow, tiles are all on.',
    'they framed the niche.',
    'shut-offs are on all three fixtures.',
    'the floor tile is laid.',
    'second fix is done.',
    'flood test held overnight.',
    'he swears the drain is done but I did not see it.',
  ])('“%s” sets nothing in a bath', (text) => {
    expect(progress(text, 'bath')).toEqual([])
  })
  test('work by the name of its trade is that trade’s alone', () => {
    expect(told('second fix plumbing is done.', 'bath').map(({ says }) => says)).toEqual([
      'Set and connect fixtures: 100 per cent',
    ])
  })
  test('what goes through a wall to the outside strips nothing', () => {
    expect(told("fan's in and ducted out.", 'bath').map(({ says }) => says)).toEqual([
      'Fan and duct to the outside: 100 per cent',
    ])
  })
  test('a thing that goes in on a day holds its own line alone', () => {
    const says = saidAt(rooms, 'Bath. Shower door goes in on Thursday.').map((one) => one.says)
    expect(says).toEqual([expect.stringMatching(/^Shower glass: from Thu/)])
  })
  test('another coat is no second line of painting', () => {
    const facts = told("ceiling's painted, walls get a second coat.", 'bath').flatMap((one) => one.facts)
    expect(facts.map(({ facet }) => facet)).toEqual(['noted', 'noted'])
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
  test('what is told in confidence stays so', () => {
    const notes = told('the wires are pulled. Private: his boxes are still to mount, he forgot them.')
      .flatMap(({ facts }) => facts)
      .flatMap((fact) => (fact.facet === 'noted' && fact.value.text.includes('forgot') ? [fact.value] : []))
    expect(notes).toEqual([expect.objectContaining({ private: true })])
    expect(notes[0]).not.toHaveProperty('about')
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
