import { describe, expect, test } from 'vitest'
import {
  crewsFor,
  EVERY_TRADE,
  laid,
  photographed,
  planInput,
  seen,
  siteToPlan,
  stateOf,
} from '../../../tests/fixtures/site'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import { POLISH } from './languages/polish'
import { composeClientUpdate } from './clientUpdate'
import { composeTradeNotice } from './tradeNotice'

const ROOMS = laid([
  { id: 'kitchen', name: 'Kitchen', treatments: ['room-paint-only'] },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])

describe('pictures of what is ready, for a trade', () => {
  const done = (index: number) => `kitchen/room-paint-only/${index}`
  const state = stateOf([
    ...ROOMS,
    seen({ subject: 'line', facet: 'progress', subjectId: done(0), placeId: 'kitchen', value: 100 }),
    photographed('finished', 'kitchen', { about: done(0) }, '2026-03-02T08:00:00.000Z'),
    photographed('unfinished', 'kitchen', { about: done(1) }, '2026-03-03T08:00:00.000Z'),
    photographed('earlier', 'kitchen', {}, '2026-03-04T08:00:00.000Z'),
    photographed('latest', 'kitchen', {}, '2026-03-05T08:00:00.000Z'),
    photographed('drawing', 'kitchen', { sheet: 'plan' }, '2026-03-06T08:00:00.000Z'),
    photographed('elsewhere', 'hall', {}, '2026-03-07T08:00:00.000Z'),
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

describe('getting in, and what to leave for whom', () => {
  const entry = (id: string, kind: string, values: object, placeId: string | null = null) =>
    seen({ subject: 'entry', facet: 'written', subjectId: id, placeId, value: { kind, values } } as never)
  const state = stateOf([
    ...laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }]),
    entry('gate', 'access', { what: 'Side gate, key at number four', sort: 'gate or key', until: '2026-04-01' }),
    entry('next', 'access', { what: 'Number four pays late', sort: 'neighbour' }),
    entry('clean', 'cleanliness', { standard: 'swept' }, 'bath'),
    entry('elsewhere', 'cleanliness', { standard: 'as a hospital' }, 'hall'),
  ])
  const { visits } = planOf(
    problemOf({ ...planInput([]), crews: crewsFor(...EVERY_TRADE), sites: [siteToPlan(state)] }),
    { rounds: 2, seed: 1 },
  )
  const notice = (stage: string) =>
    composeTradeNotice(
      visits.find(({ stages }) => stages.includes(stage as 'pipes'))!,
      visits,
      state,
      'House',
      'metric',
    )

  test('keys, parking, animals and hours, and how clean; what is said of a neighbour stays with us', () => {
    expect(notice('pipes').access).toEqual(['Side gate, key at number four (1 Apr)', 'Bathroom: Swept'])
  })
  test('a plumber is told what is tested and photographed before the wall closes, and who waits for that', () => {
    const { leave } = notice('pipes')
    expect(leave.join(' ')).toMatch(/Before (insulation|board): Bathroom, photos wall by wall/)
    expect(leave.join(' ')).toMatch(/Inspector: Bathroom/)
  })
  test('who does the last of it leaves nothing for anybody', () => {
    const last = visits.reduce((a, b) => (a.endDay > b.endDay ? a : b))
    expect(composeTradeNotice(last, visits, state, 'House', 'metric').leave).toEqual([])
  })
})

describe('what is ready, and what is not', () => {
  const HOUSE = laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])
  const framing = stateOf(HOUSE).lines.filter(({ stage }) => stage === 'framing')
  const done = (ids: readonly string[]) =>
    ids.map((subjectId) => seen({ subject: 'line', facet: 'progress', subjectId, placeId: 'bath', value: 100 }))
  const noticeOf = (stage: string, finished: readonly string[]) => {
    const state = stateOf([...HOUSE, ...done(finished)])
    const { visits } = planOf(
      problemOf({ ...planInput([]), crews: crewsFor(...EVERY_TRADE), sites: [siteToPlan(state)] }),
      { rounds: 2, seed: 1 },
    )
    const visit = visits.find(({ stages }) => stages.includes(stage as 'pipes'))!
    return { ...composeTradeNotice(visit, visits, state, 'House', 'metric'), visit, visits }
  }
  const ids = framing.map(({ id }) => id)

  test('framing is ready when all of its lines are, and its share is told until then', () => {
    expect(ids.length).toBeGreaterThan(1)
    const part = noticeOf('ducts', ids.slice(0, 1))
    expect(part.ready.join()).not.toContain('framing')
    expect(part.notReady.join()).toMatch(/Bathroom: framing, \d+ %/)
    expect(noticeOf('ducts', ids).ready.join()).toContain('framing')
  })
  test('their own work is neither ready nor waited for', () => {
    const { ready, notReady } = noticeOf('framing', ids.slice(0, 1))
    expect([...ready, ...notReady].join()).not.toMatch(/: framing/)
  })
  test('they read who is there at the same time, and no day of anybody else', () => {
    const { others, visit, visits } = noticeOf('tile', [])
    const elsewhen = visits.filter(({ startDay, endDay }) => startDay > visit.endDay || endDay < visit.startDay)
    expect(elsewhen.length).toBeGreaterThan(3)
    expect(others).toEqual([])
  })
})

describe('what is made to measure', () => {
  const facts = laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])
  const state = stateOf(facts)
  const plan = planOf(problemOf(planInput(facts, { crews: crewsFor(...EVERY_TRADE) })), { rounds: 2, seed: 1 })
  const notice = (trade: string, measures: boolean) => {
    const visit = plan.visits.find(
      (one) => one.trade === trade && one.stages.includes('fixtures') && (one.measures ?? false) === measures,
    )!
    return composeTradeNotice(visit, plan.visits, state, 'Example House', 'metric')
  }
  test('is not waited for by whoever comes to measure it', () => {
    const { title, work, notReady } = notice('glazier', true)
    expect(title).toBe('Example House: measuring')
    expect(work).toEqual(['Bathroom: Measure for the shower glass'])
    expect(notReady.join()).not.toContain('shower glass')
  })
  test('is waited for by whoever sets it, and by nobody else of that stage', () => {
    expect(notice('glazier', false).notReady.join()).toContain('shower glass, not on site yet')
    expect(notice('electrician', false).notReady.join()).not.toContain('shower glass')
  })
  test('is told to the client as measured, not as set', () => {
    const visit = plan.visits.find(({ measures }) => measures)!
    const { next } = composeClientUpdate({
      siteId: 'site',
      today: visit.startDay,
      before: state,
      now: state,
      plan: { ...plan, visits: [visit] },
      units: 'metric',
      orderBy: new Map(),
    })
    expect(next.join()).toContain('the shower glass is measured, Bathroom')
    expect(next.join()).not.toContain('lights')
  })
})
