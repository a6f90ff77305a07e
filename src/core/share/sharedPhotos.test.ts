import { describe, expect, test } from 'vitest'
import { crewsFor, laid, planInput, seen, siteToPlan, stateOf } from '../../../tests/fixtures/site'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import { POLISH } from './languages/polish'
import { sharedPhotos } from './sharedPhotos'
import { composeTradeNotice } from './tradeNotice'

const taken = (id: string, placeId: string, part: object = {}, seenAt?: string) =>
  seen(
    {
      subject: 'photo',
      facet: 'taken',
      subjectId: id,
      placeId,
      value: { hash: id, caption: 'the key is under the mat', ...part },
    } as Parameters<typeof seen>[0],
    seenAt,
  )
const ROOMS = laid([
  { id: 'kitchen', name: 'Kitchen', treatments: ['room-paint-only'] },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])

describe('pictures of an update', () => {
  const state = stateOf([
    ...ROOMS,
    taken('old', 'kitchen', {}, '2026-02-02T08:00:00.000Z'),
    taken('new', 'kitchen', { sameSpotAs: 'old' }, '2026-03-02T08:00:00.000Z'),
    taken('other', 'hall', {}, '2026-03-03T08:00:00.000Z'),
  ])
  test('those from one spot stand side by side, where both were chosen', () => {
    const { pairs, single } = sharedPhotos(state, ['old', 'new', 'other'])
    expect(pairs).toEqual([
      {
        before: { hash: 'old', words: 'Kitchen: before, Mon 2 Feb' },
        after: { hash: 'new', words: 'Kitchen: now, Mon 2 Mar' },
      },
    ])
    expect(single).toEqual([{ hash: 'other', words: 'Hall: Tue 3 Mar' }])
    expect(sharedPhotos(state, ['new']).single).toHaveLength(1)
  })
  test('what somebody wrote under a photo stays with us, and what is none is left out', () => {
    expect(JSON.stringify(sharedPhotos(state, ['other', 'gone']))).not.toMatch(/mat|gone/)
  })
})

describe('pictures of what is ready, for a trade', () => {
  const done = (index: number) => `kitchen/room-paint-only/${index}`
  const state = stateOf([
    ...ROOMS,
    seen({ subject: 'line', facet: 'progress', subjectId: done(0), placeId: 'kitchen', value: 100 }),
    taken('finished', 'kitchen', { about: done(0) }, '2026-03-02T08:00:00.000Z'),
    taken('unfinished', 'kitchen', { about: done(1) }, '2026-03-03T08:00:00.000Z'),
    taken('earlier', 'kitchen', {}, '2026-03-04T08:00:00.000Z'),
    taken('latest', 'kitchen', {}, '2026-03-05T08:00:00.000Z'),
    taken('drawing', 'kitchen', { sheet: 'plan' }, '2026-03-06T08:00:00.000Z'),
    taken('elsewhere', 'hall', {}, '2026-03-07T08:00:00.000Z'),
  ])
  const { visits } = planOf(
    problemOf({ ...planInput([]), crews: crewsFor('painter', 'carpenter'), sites: [siteToPlan(state)] }),
    { rounds: 2, seed: 1 },
  )
  const visit = { ...visits.find(({ stages }) => stages.includes('paint'))!, placeIds: ['kitchen'] }

  test('what is finished there, and the place as it was seen last', () => {
    const { photos } = composeTradeNotice(visit, visits, state, 'Example House', 'metric')
    expect(photos).toEqual([
      { hash: 'latest', words: 'Kitchen, Thu 5 Mar' },
      { hash: 'finished', words: 'Kitchen: protect, Mon 2 Mar' },
    ])
  })
  test('in their language', () => {
    const { photos } = composeTradeNotice(visit, visits, state, 'Example House', 'metric', POLISH)
    expect(photos[1]!.words).toBe('Kitchen: zabezpieczenie, pon. 2 mar')
  })
})
