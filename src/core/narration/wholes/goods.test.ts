import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../../tests/fixtures/site'

const rooms = laid([{ id: 'kitchen', name: 'Kitchen', treatments: ['kitchen-rebuilt'] }])
const sink = stateOf(rooms).selections.find(({ what }) => what === 'Sink and tap')!
const ordered = seen({ subject: 'selection', subjectId: sink.id, facet: 'state', placeId: 'kitchen', value: 'ordered' })
const state = stateOf([...rooms, ordered])

/** Where selections stand by what is recorded, by name. */
const stands = (text: string) =>
  saidAt(state, text)
    .flatMap(({ facts }) => facts)
    .flatMap((fact) =>
      fact.subject === 'selection' && fact.facet === 'state'
        ? [`${state.selections.find(({ id }) => id === fact.subjectId)!.what}: ${fact.value}`]
        : [],
    )

describe('goods that came wrong', () => {
  test.each([
    'They delivered the wrong sink.',
    'The wrong sink arrived this morning.',
    'The sink came damaged.',
    'Sink turned up cracked.',
  ])('are to be ordered again: %s', (text) => {
    expect(stands(text)).toEqual(['Sink and tap: wrong'])
  })
  test('the words are kept beside it', () => {
    const told = saidAt(state, 'They delivered the wrong sink.').flatMap(({ facts }) => facts)
    expect(told).toContainEqual(
      expect.objectContaining({ facet: 'noted', value: expect.objectContaining({ private: false }) }),
    )
  })
  test.each([
    'If they deliver the wrong sink we send it back.',
    'The sink did not come damaged.',
    'The wrong door arrived.',
  ])('nothing else is: %s', (text) => {
    expect(stands(text)).toEqual([])
  })
})
