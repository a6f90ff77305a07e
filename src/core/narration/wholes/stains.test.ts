import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, stateOf } from '../../../../tests/fixtures/site'

const state = stateOf(laid([{ id: 'hall', name: 'Hall', treatments: ['room-board-finishes'] }]))
const facts = (text: string) => saidAt(state, text).flatMap((told) => told.facts)

describe('a stain that is seen', () => {
  test.each([
    ['There is a stain on the wall.', true],
    ['Water stain on the ceiling.', true],
    ['Stain on the ceiling, probably the gutter.', false],
    ['Brown stains under the window.', true],
  ])('is found, and paints nothing: %s', (text, certain) => {
    expect(facts(text)).toMatchObject([{ subject: 'finding', value: { condition: 'damp', certain } }])
  })
  test.each(['Stain the stairs dark.', 'The stairs get a stain and two coats of oil.', 'The stain sample is here.'])(
    'is none where it is brushed on: %s',
    (text) => {
      expect(facts(text).filter(({ subject }) => subject === 'finding')).toEqual([])
    },
  )
})
