import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import type { Relation } from '../sequence/relations'
import type { Observation } from '../walk/observation'
import { planOf, type PlannedVisit } from './plan'
import { problemOf } from './problem'

const held = (lines: readonly { readonly id: string; readonly placeId: string }[], until: string): Observation[] =>
  lines.map(({ id, placeId }) =>
    seen({
      subject: 'line',
      facet: 'held',
      subjectId: id,
      placeId,
      value: { reason: 'the carpenters are away', until },
    }),
  )

describe('what has to be followed soon', () => {
  test('a face is opened when what follows can go on, not before, and the end stays', () => {
    const facts = laid([{ id: 'front', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off'] }])
    const { lines } = stateOf(facts)
    const follows = lines.filter(({ stage }) => stage !== 'strip-out' && stage !== 'protect')
    const late = follows.map(({ id }) =>
      seen({
        subject: 'line',
        facet: 'held',
        subjectId: id,
        placeId: 'front',
        value: { reason: 'the carpenters are away', until: '2026-03-24' },
      }),
    )
    const { visits } = planOf(problemOf(planInput([...facts, ...late])), { rounds: 5, seed: 1 })
    const strip = visits.find(({ stages }) => stages.includes('strip-out'))!
    const next = visits.find(({ key }) => key === strip.boundBy)!
    expect(next.startDay).toBe('2026-03-24')
    expect(strip.endDay).toBe('2026-03-23')
    expect(strip.why).toMatch(/^It could be earlier, and waits so that nothing stands open: .* on Tue 24 Mar\.$/)
  })

  const HALL = laid([{ id: 'Hall', treatments: ['room-board-finishes'], size: '4 x 2 x 2.4' }])
  const { lines } = stateOf(HALL)
  const painted = held(
    lines.filter(({ stage }) => stage === 'paint'),
    '2026-04-20',
  )
  const within = (mostDays: number): Relation => ({ before: 'tape', after: 'paint', mostDays, why: 'dust gets in' })
  const of = (relation: Relation | null, board: Partial<PlannedVisit> | null = null) => {
    const input = planInput([...HALL, ...painted])
    const sites = input.sites.map((site) => ({ ...site, ownRelations: relation ? [relation] : [] }))
    const pins = board?.key ? [{ visitKey: board.key, day: board.startDay!, half: 0 as const }] : []
    const { visits, finish } = planOf(problemOf({ ...input, sites, pins }), { rounds: 5, seed: 1 })
    const at = (stage: 'tape' | 'paint') => visits.find(({ stages }) => stages.includes(stage))!
    return { tape: at('tape'), paint: at('paint'), finish }
  }
  test('by a site’s own order the one waits until the other is near', () => {
    const [free, near] = [of(null), of(within(4))]
    expect(near.finish).toEqual(free.finish)
    expect(near.tape.startDay > free.tape.startDay).toBe(true)
    expect(near.tape.why).toMatch(/waits to be followed within 4 days: paint in Hall, Example House follows on/)
    expect(near.tape.endDay >= '2026-04-15').toBe(true)
  })
  test('where somebody is agreed to come earlier, the other says how long it lies', () => {
    const early = of(null).tape
    const { tape, paint } = of(within(4), early)
    expect(tape.startDay).toBe(early.startDay)
    expect(paint.why).toMatch(
      /It should follow board and tape in Hall, Example House within 4 days and comes after \d+ days\.$/,
    )
  })
})
