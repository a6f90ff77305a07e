import { describe, expect, test } from 'vitest'
import { crewsFor, EVERY_TRADE, laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { addDays, type Day } from '../calendar/day'
import type { Observation } from '../walk/observation'
import { planOf } from './plan'
import { promiseWords } from './promises'
import { problemOf, type ProblemInput } from './problem'

const HOUSE = laid([
  { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
  { id: 'study', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' },
])
const phase = (values: Readonly<Record<string, unknown>>, at: string): Observation[] => [
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: 'one',
    placeId: null,
    value: { kind: 'phase', values: { number: '1', scope: 'the hall', ...values } },
  } as never),
  ...stateOf(HOUSE)
    .lines.filter(({ placeId }) => placeId === at)
    .map(({ id, placeId }) =>
      seen({ subject: 'line', facet: 'partOf', subjectId: id, placeId, value: ['one'] } as never),
    ),
]
const planned = (observations: readonly Observation[], part: Partial<ProblemInput> = {}) =>
  planOf(problemOf(planInput([...HOUSE, ...observations], part)), { rounds: 20, seed: 1 })

describe('the end of a phase that was promised', () => {
  test('is kept with days to spare, or is late and hangs on its last visit', () => {
    const [kept] = planned(phase({ promised: addDays(TODAY, 60) }, 'hall')).promises
    expect(kept!.planned <= kept!.promised).toBe(true)
    expect(promiseWords(kept!, 'Paint')).toMatch(/^Phase 1 is promised for .* by the plan: \d+ days to spare\.$/)
  })
  test('that nothing can keep is said to be so, with the earliest day', () => {
    const [broken] = planned(phase({ promised: addDays(TODAY, 1) }, 'study')).promises
    expect(promiseWords(broken!, 'Paint')).toMatch(
      /cannot be kept: even with every crew free it ends .* late\. These stand against it, one after the other: .*study.*\. Ask for/,
    )
  })
  test('comes before an earlier end of the rest where one crew is wanted by both', () => {
    const painter = (of: ReturnType<typeof planned>, place: string) =>
      of.visits.find((visit) => visit.trade === 'painter' && visit.placeIds.includes(place))!
    const free = planned([])
    const promised = planned(phase({ promised: painter(free, 'study').endDay }, 'study'))
    expect(painter(promised, 'study').endDay <= painter(free, 'study').endDay).toBe(true)
  })
  test('nothing of a phase starts before its first day, and says why', () => {
    const day = addDays(TODAY, 21)
    const hall = planned(phase({ starts: day }, 'hall')).visits.filter(({ placeIds }) => placeIds.includes('hall'))
    expect(hall.every(({ startDay }) => startDay >= day)).toBe(true)
    expect(hall.some(({ why }) => why === 'Phase 1 starts.')).toBe(true)
  })
  test('late by the plan but not impossible names what it hangs on', () => {
    expect(
      promiseWords(
        {
          siteId: 's',
          id: 'p',
          name: 'Phase 2',
          promised: '2026-04-01' as Day,
          planned: '2026-04-04' as Day,
          earliest: '2026-03-30' as Day,
          last: 'v',
          because: [],
        },
        'Tile, Bathroom, Example House',
      ),
    ).toBe(
      'Phase 2 is promised for 1 Apr and ends 4 Apr by the plan, 3 days late. It hangs on Tile, Bathroom, Example House; with every crew free it could be 30 Mar.',
    )
  })
})

describe('what was promised by word', () => {
  const promise = (values: Readonly<Record<string, unknown>>, placeId: string | null = null) =>
    seen({
      subject: 'entry',
      facet: 'written',
      subjectId: 'promise',
      placeId,
      value: { kind: 'promise', values: { by: addDays(TODAY, 30), ...values } },
    } as never)
  const painted = (plan: ReturnType<typeof planned>, place: string) =>
    plan.visits.filter(({ trade, placeIds }) => trade === 'painter' && placeIds.includes(place)).at(-1)!

  test('of a stage, a place or the whole site is read from its words, or chosen', () => {
    const free = planned([])
    const [study] = planned([promise({ what: 'Painted' }, 'study')]).promises
    expect(study!.planned).toBe(painted(free, 'study').endDay)
    const [hall] = planned([promise({ what: 'All done' }, 'hall')]).promises
    expect(hall!.planned).toBe(painted(free, 'hall').endDay)
    const [site] = planned([promise({ what: 'Hand-over', to: 'the bank' })]).promises
    expect(site!.planned).toBe(free.finish.site)
    expect(promiseWords(site!, '')).toMatch(/^“Hand-over”, told to the bank, is promised for .* to spare\.$/)
    const [chosen] = planned([promise({ what: 'As we said', of: 'Paint' }, 'study')]).promises
    expect(chosen!.planned).toBe(painted(free, 'study').endDay)
  })
  test('and is no work, or is kept already, has no end in the plan', () => {
    expect(planned([promise({ what: 'A spare key' })]).promises).toEqual([])
    const kept = seen({
      subject: 'entry',
      facet: 'settled',
      subjectId: 'promise',
      placeId: null,
      value: { result: 'on the day' },
    } as never)
    expect(planned([promise({ what: 'All done' }), kept]).promises).toEqual([])
  })
  test('has a likely and a safe day of its own, which its sentence tells', () => {
    const plan = planOf(problemOf(planInput([...HOUSE, promise({ what: 'All done' }, 'hall')])), {
      rounds: 5,
      seed: 1,
      draws: 100,
    })
    const risk = plan.risk.promise!
    expect(risk.likely <= risk.safe).toBe(true)
    expect(risk.safe < plan.risk.site!.safe).toBe(true)
    expect(promiseWords(plan.promises[0]!, '', risk)).toContain(`safe `)
  })
})

test('a crew and a site without a day in common are named, with the days of both', () => {
  const crews = crewsFor(...EVERY_TRADE).map((crew) =>
    crew.trade === 'painter' ? { ...crew, calendar: { weekdays: [6] } } : crew,
  )
  expect(() => planned([], { crews })).toThrow(
    'The painters and Example House have no working time in common: The painters work Saturday, Example House is worked on Monday, Tuesday, Wednesday, Thursday and Friday. Give one of them a day of the other.',
  )
})
