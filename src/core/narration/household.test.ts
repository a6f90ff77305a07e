import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, stateOf } from '../../../tests/fixtures/site'

const rooms = stateOf(
  laid([
    { id: 'kitchen', name: 'Kitchen', treatments: [] },
    { id: 'bath', name: 'Bathroom', treatments: [] },
  ]),
)
const told = (text: string) => saidAt(rooms, `Kitchen. ${text}`, { laysOut: true })
const facts = (text: string) => told(text).flatMap((one) => one.facts)

describe('what a household is told it will be without', () => {
  test.each([
    ['No more than five days without a kitchen.', 'kitchen', 'Kitchen', 5],
    ['Three days without the bathroom at most.', 'bath', 'Bathroom', 3],
    ["They can't be without water for more than two weeks.", 'kitchen', 'Water', 14],
    ["They can't be without water for more than a day.", 'kitchen', 'Water', 1],
  ])('“%s”', (text, placeId, what, most) => {
    expect(facts(text)).toContainEqual(
      expect.objectContaining({
        facet: 'written',
        placeId,
        value: { kind: 'without', values: expect.objectContaining({ what, most }) },
      }),
    )
  })
  test('without a limit nothing is promised', () => {
    expect(facts('They were without a kitchen for five days.').map(({ facet }) => facet)).not.toContain('written')
  })
})

describe('what the household buys itself', () => {
  test('is theirs, and comes on the day that was said', () => {
    expect(facts('The tiles are theirs, they come on the 19th.')).toEqual([
      expect.objectContaining({ facet: 'laid' }),
      expect.objectContaining({ facet: 'responsible', value: 'client' }),
      expect.objectContaining({ facet: 'choice', value: 'Their own' }),
      expect.objectContaining({ facet: 'state', value: 'ordered' }),
      expect.objectContaining({ facet: 'arrives', value: expect.stringMatching(/-19$/) }),
    ])
  })
  test('a wall that is theirs is bought by nobody', () => {
    expect(facts('The wall is theirs.').map(({ facet }) => facet)).not.toContain('responsible')
  })
})

test('what hangs on the engineer’s yes asks the engineer, and waits', () => {
  expect(facts('We take the wall out if the engineer agrees.')).toEqual([
    expect.objectContaining({ facet: 'laid' }),
    expect.objectContaining({
      facet: 'asked',
      value: {
        question: 'For the engineer to agree: we take the wall out',
        owner: 'engineer',
        blocks: 'strip-out',
      },
    }),
  ])
})

test('a number with a place counts more of the thing before it', () => {
  expect(told('Six sockets above the worktop, two in the island.').map(({ says }) => says)).toEqual([
    'To do: six sockets above the worktop and two sockets in the island',
  ])
})

test('a promise is kept by the end of a month', () => {
  expect(facts('Everything has to be done by the end of June.')).toContainEqual(
    expect.objectContaining({
      value: expect.objectContaining({
        kind: 'promise',
        values: expect.objectContaining({ by: expect.stringMatching(/-06-30$/) }),
      }),
    }),
  )
})
