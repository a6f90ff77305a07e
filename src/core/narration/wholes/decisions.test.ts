import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../../tests/fixtures/site'

const porch = laid([{ id: 'porch', name: 'Porch', kind: 'face', treatments: [] }])
const scar = seen({
  subject: 'line',
  facet: 'laid',
  subjectId: 'scar',
  placeId: 'porch',
  value: {
    placeId: 'porch',
    stage: 'masonry',
    trade: 'mason',
    action: 'repair',
    element: 'brick',
    title: 'Fill the scar of the column',
    basis: 'once',
    rate: 'frame-opening',
    quantity: null,
    how: 'as told',
    rough: true,
    hours: 4,
    cautions: [],
  },
} as never)

describe('what the household does itself', () => {
  test('is asked of it, and the work of its own people waits for that', () => {
    const [mason] = saidAt(stateOf([...porch, scar]), 'The owners call the mason by Friday 24 April.')
    expect(mason!.says).toBe(
      'For the client to do by Fri 24 Apr: call the mason; fill the scar of the column is theirs and waits for it',
    )
    expect(mason!.facts).toMatchObject([
      {
        facet: 'asked',
        placeId: 'porch',
        value: { question: 'Call the mason', owner: 'client', by: '2026-04-24', blocks: 'masonry' },
      },
      { facet: 'responsible', subjectId: 'scar', value: 'client' },
    ])
  })
  test('brings in, calls, empties: told as a thing to do', () => {
    const asked = [
      'The client brings in the carpets.',
      'The owner calls the office.',
      'The household empties the attic.',
    ]
    expect(asked.map((text) => saidAt(stateOf(porch), text)[0]!.says)).toEqual([
      'For the client to do: bring in the carpets',
      'For the client to do: call the office',
      'For the client to do: empty the attic',
    ])
  })
  test('is a thing to do where no such work is on record', () => {
    const [empty] = saidAt(stateOf(porch), 'The client empties the garage before we come.')
    expect(empty!.facts).toMatchObject([
      { facet: 'asked', value: { question: 'Empty the garage before we come', owner: 'client' } },
    ])
  })
  test.each(['The client called the office.', 'The owner wants the mason to look at it.'])(
    '%s asks nothing of them',
    (text) => {
      expect(saidAt(stateOf([...porch, scar]), text).some(({ says }) => says.startsWith('For the client'))).toBe(false)
    },
  )
})
