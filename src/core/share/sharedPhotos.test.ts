import { describe, expect, test } from 'vitest'
import { laid, photographed, stateOf } from '../../../tests/fixtures/site'
import { sharedPhotos } from './sharedPhotos'

const ROOMS = laid([
  { id: 'kitchen', name: 'Kitchen', treatments: ['room-paint-only'] },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])

describe('pictures of an update', () => {
  const state = stateOf([
    ...ROOMS,
    photographed('old', 'kitchen', {}, '2026-02-02T08:00:00.000Z'),
    photographed('new', 'kitchen', { sameSpotAs: 'old' }, '2026-03-02T08:00:00.000Z'),
    photographed('other', 'hall', {}, '2026-03-03T08:00:00.000Z'),
  ])
  test('those from one spot stand side by side, where both were chosen', () => {
    expect(sharedPhotos(state, ['other', 'old', 'new'])).toEqual([
      { hash: 'old', words: 'Kitchen: before, Mon 2 Feb' },
      { hash: 'new', words: 'Kitchen: now, Mon 2 Mar' },
      { hash: 'other', words: 'Hall: Tue 3 Mar' },
    ])
    expect(sharedPhotos(state, ['new'])).toEqual([{ hash: 'new', words: 'Kitchen: Mon 2 Mar' }])
  })
  test('what somebody wrote under a photo stays with us, and what is none is left out', () => {
    expect(JSON.stringify(sharedPhotos(state, ['other', 'gone']))).not.toMatch(/mat|gone/)
  })
})
