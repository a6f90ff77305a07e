import { expect, test } from 'vitest'
import { checkSchedule } from './checkSchedule'
import { seededRandom } from './random'
import { randomLags } from './randomLags'
import { solve } from './solve'

test.each([1, 2, 3, 4, 5, 6])(
  'project %i with lags at least and at most: each is kept, and no crew is asked for twice',
  (seed) => {
    const { instance, hidden } = randomLags(seededRandom(seed), { activities: 20, resources: 3, most: 0.25 })
    const { schedule } = solve(instance, { rounds: 200, seed: 1 })
    expect(checkSchedule(instance, schedule)).toEqual([])
    for (const { opens, closes, most } of instance.spans!)
      expect(schedule.start[closes[0]!]! - schedule.finish[opens[0]!]!).toBeLessThanOrEqual(most)
    expect(schedule.makespan).toBeLessThanOrEqual(1.2 * hidden)
  },
)
