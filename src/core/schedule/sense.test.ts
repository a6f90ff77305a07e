import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { arrived, BY_KEY, laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { addDays, daysBetween, type Day } from '../calendar/day'
import { TRADES } from '../scope/vocabulary'
import { testsBeforeDust } from '../sequence/testsBeforeDust'
import type { Observation } from '../walk/observation'
import { alarmsOf } from './alarms'
import { checkSense } from './checkSense'
import type { Instance } from './instance'
import { keptBefore, planOf, type Plan } from './plan'
import { planDiff } from './planDiff'
import { problemOf, type ProblemInput } from './problem'
import { checkFigure, senseOf, USUAL_SENSE, type Sense } from './sense'
import { seededRandom } from './random'
import { randomFirm } from './randomFirm'
import { Scheduler } from './scheduler'
import { excessOf } from './span'
import { nightsOpen } from './standsOpen'
import { NO_FORECAST, type Forecast } from './weather'
import { daysWithout } from './without'

const held = (id: string, placeId: string, until: string): Observation =>
  seen({ subject: 'line', facet: 'held', subjectId: id, placeId, value: { reason: 'not free', until } })
const planned = (input: ProblemInput, rounds = 20): Plan => planOf(problemOf(input), { rounds, seed: 1 })
const started = (plan: Plan, stage: string): Day =>
  plan.visits.find(({ stages }) => stages.includes(stage as never))!.startDay

describe('what opens waits for what closes', () => {
  const work = (duration: number) => ({ modes: [{ duration, demands: [] }], calendar: 0, release: 0 })
  const instance: Instance = {
    horizon: 100,
    calendars: [new Uint8Array(100).fill(1)],
    resources: [],
    // Opened at once, mended, and closed by somebody who comes in slot 40.
    activities: [work(2), work(4), { ...work(2), release: 40 }, work(6)],
    precedences: [
      { from: 0, to: 1, lag: 0 },
      { from: 1, to: 2, lag: 0 },
    ],
    spans: [{ opens: [0], closes: [2], most: 6, counts: 'nights' }],
  }
  test('it is drawn together at its end, nothing else moves, and the end stays', () => {
    const scheduler = new Scheduler(instance)
    const first = scheduler.schedule([0, 1, 2, 3])
    const closed = scheduler.closeUp(first)
    expect([...first.start]).toEqual([0, 2, 40, 0])
    expect([...closed.start]).toEqual([34, 36, 40, 0])
    expect(excessOf(instance.spans![0]!, first)).toBeGreaterThan(0)
    expect(excessOf(instance.spans![0]!, closed)).toBe(0)
    expect([...closed.waits!.keys()].sort()).toEqual([0, 1])
  })
  test('what was agreed stays where it is, and what lies between does not wait for nothing', () => {
    const agreed = {
      ...instance,
      activities: instance.activities.map((one, i) => (i === 0 ? { ...one, fixed: 0 } : one)),
    }
    const scheduler = new Scheduler(agreed)
    expect([...scheduler.closeUp(scheduler.schedule([0, 1, 2, 3])).start]).toEqual([0, 2, 40, 0])
  })
})

describe('what is torn out or dug up inside', () => {
  const days = (plan: Plan, from: string, to: string): number => daysBetween(started(plan, from), started(plan, to))
  test('a room where people live is not torn out weeks before somebody goes on in it', () => {
    const rooms = laid([{ id: 'study', treatments: ['room-board-finishes', 'window-added'], size: '4 x 4 x 2.5' }])
    const lived = planInput(rooms)
    const plan = planned({ ...lived, sites: lived.sites.map((site) => ({ ...site, livedIn: true })) })
    expect(days(plan, 'strip-out', 'framing')).toBeLessThanOrEqual(7)
    expect(days(planned(lived), 'strip-out', 'framing')).toBeGreaterThan(30)
    expect(plan.visits.find(({ stages }) => stages.includes('strip-out'))!.why).toContain('stands torn out for weeks')
  })
  test('a trench inside is dug when its drains are near', () => {
    const plan = planned(planInput(laid([{ id: 'bath', treatments: ['bathroom-below-drain'], size: '2.4 x 2 x 2.3' }])))
    expect(days(plan, 'excavation', 'underground')).toBeLessThanOrEqual(5)
  })
})

describe('a house is never left open', () => {
  test('a unit that is changed comes out when the new one goes in, in one coming', () => {
    const facts = laid([{ id: 'parlour', treatments: ['window-replaced'], size: '4 x 4 x 2.5' }])
    const plan = planned(planInput(facts))
    const out = stateOf(facts).lines.find(({ title }) => title === 'Take out the old unit')!
    const visit = plan.visits.find(({ lineIds }) => lineIds.includes(out.id))!
    expect(visit.lineIds).toHaveLength(3)
    // Custom windows take twelve weeks at worst: nothing is taken out before they can be there.
    expect(daysBetween(TODAY, visit.startDay)).toBeGreaterThanOrEqual(84)
    expect(plan.open).toEqual([])
  })
  test('a roof whose covering comes late is stripped late', () => {
    const facts = laid([{ id: 'north slope', kind: 'roof', size: '8 x 5', treatments: ['roof-recovered'] }])
    const plan = planned(planInput(facts))
    expect(nightsOpen(plan.open[0]!)).toBeLessThanOrEqual(3)
    expect(daysBetween(TODAY, started(plan, 'strip-out'))).toBeGreaterThan(50)
  })
  test('where somebody agreed to open it sooner the plan says which nights, and whose word it is', () => {
    const facts = laid([{ id: 'north slope', kind: 'roof', size: '8 x 5', treatments: ['roof-recovered'] }])
    const strip = planned(planInput(facts)).visits.find(({ stages }) => stages.includes('strip-out'))!
    const pins = [{ visitKey: strip.key, day: addDays(TODAY, 6), half: 0 as const }]
    const plan = planned(planInput(facts, { pins }))
    const [alarm] = alarmsOf(plan, {
      visit: () => 'The strip-out',
      place: (_site, place) => place,
      agreed: new Set([strip.key]),
    })
    expect(alarm!.words).toMatch(
      /^north slope: a roof stands open \d+ nights, .*, 3 nights at most\. The strip-out was agreed for then: agree on another day, or add a cover\.$/,
    )
  })
})

describe('a house that is lived in', () => {
  const LATE = 'Cabinets'
  const house = (part: object) => {
    const facts = arrived(laid([{ id: 'kitchen', treatments: ['kitchen-rebuilt'], size: '4 x 4 x 2.4' }]), LATE)
    const base = planInput(facts)
    return planned({ ...base, sites: base.sites.map((site) => ({ ...site, ...part })) })
  }
  test('late cabinets hold the strip-out, and the end stays', () => {
    const [empty, livedIn] = [house({ livedIn: false }), house({ livedIn: true })]
    expect(livedIn.finish).toEqual(empty.finish)
    expect(daysBetween(started(empty, 'strip-out'), started(livedIn, 'strip-out'))).toBeGreaterThan(20)
    const [one] = livedIn.without
    expect(one).toMatchObject({ what: 'Kitchen', promised: false })
    expect(empty.without).toEqual([])
  })
  test('glass that is made afterwards makes room: the bath is not torn out weeks before its vanity comes', () => {
    const facts = laid([
      { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.5 x 2 x 2.4' },
      { id: 'den', name: 'Den', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' },
    ])
    const { lines, selections } = stateOf(facts)
    const comes = (name: string, day: string) => {
      const { id: subjectId, placeId } = selections.find(({ what }) => what === name)!
      const one = { subject: 'selection', subjectId, placeId } as const
      return [
        seen({ ...one, facet: 'state', value: 'ordered' }),
        seen({ ...one, facet: 'arrives', value: day }),
      ] as Observation[]
    }
    const last = lines.find(({ placeId, stage }) => placeId === 'den' && stage === 'paint')!
    const late = [...facts, ...comes('Vanity and mirror', '2026-06-07'), held(last.id, 'den', '2026-08-20')]
    const base = planInput(late)
    const plan = planned({ ...base, sites: base.sites.map((site) => ({ ...site, livedIn: true })) })
    const [one] = plan.without
    expect(daysWithout(one!)).toBeLessThanOrEqual(one!.least! + 3)
    expect(alarmsOf(plan, BY_KEY)).toEqual([])
  })
  test('two bathrooms: nobody is without', () => {
    const facts = laid([
      { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.5 x 2 x 2.4' },
      { id: 'shower', name: 'Shower room', treatments: [], size: '2 x 2 x 2.4' },
    ])
    const base = planInput(facts)
    expect(planned({ ...base, sites: base.sites.map((site) => ({ ...site, livedIn: true })) }).without).toEqual([])
  })
})

describe('a site keeps to its own figures', () => {
  const board = laid([{ id: 'den', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' }])
  const kept = (facts: readonly Observation[], sense: Partial<Sense>, forecast: Forecast = NO_FORECAST): Plan => {
    const base = planInput(arrived(facts))
    return planned({
      ...base,
      forecast,
      sites: base.sites.map((site) => ({ ...site, sense: { ...USUAL_SENSE, ...sense } })),
    })
  }
  test('filler that dries for a week holds the painter for a week', () => {
    const gap = (plan: Plan): number => daysBetween(started(plan, 'tape'), started(plan, 'paint'))
    const usual = gap(kept(board, {}))
    expect(gap(kept(board, { waits: { ...USUAL_SENSE.waits, tape: 8 } }))).toBeGreaterThanOrEqual(usual + 6)
  })
  test('paint outside waits for the warmth that the site asks for', () => {
    const face = laid([{ id: 'west', kind: 'face', size: '6 x 3', treatments: ['face-repainted'] }])
    const cool = new Map(
      Array.from({ length: 30 }, (_, i) => [addDays(TODAY, i), { sky: 'dry' as const, low: 3, high: 12 }]),
    )
    expect(started(kept(face, {}, cool), 'paint') > addDays(TODAY, 29)).toBe(true)
    expect(
      started(kept(face, { coldest: { ...USUAL_SENSE.coldest, paint: 2 } }, cool), 'paint') < addDays(TODAY, 29),
    ).toBe(true)
  })
})

describe('who comes when', () => {
  const facts = laid([{ id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' }])
  const withNotice = (own: boolean): ProblemInput => {
    const base = planInput(arrived(facts))
    const sense = { ...USUAL_SENSE, noticeDays: 3 }
    return {
      ...base,
      crews: base.crews.map((crew) => ({ ...crew, own })),
      sites: base.sites.map((site) => ({ ...site, sense })),
    }
  }
  test('nobody from outside starts tomorrow who was never called; our own may', () => {
    const first = (own: boolean): Day =>
      planned(withNotice(own))
        .visits.map(({ startDay }) => startDay)
        .sort()[0]!
    expect(first(false) >= '2026-03-13').toBe(true)
    expect(first(true) < '2026-03-13').toBe(true)
    const held = problemOf(withNotice(false)).holds.map(([latest]) => latest!.words)
    expect(held.some((words) => words.startsWith('3 days of notice for '))).toBe(true)
  })
  test('an old house is tested, and the result is there, before any dust', () => {
    const value = testsBeforeDust(1911, stateOf(facts), 'hall')!
    const tests = seen({ subject: 'line', facet: 'laid', subjectId: 'tests', placeId: 'hall', value })
    const plan = planned(planInput([...facts, tests]))
    const tested = plan.visits.find(({ lineIds }) => lineIds.includes('tests'))!
    expect(daysBetween(tested.endDay, started(plan, 'paint'))).toBeGreaterThan(3)
    expect(testsBeforeDust(1911, stateOf([...facts, tests]), 'hall')).toBeNull()
    expect(testsBeforeDust(1994, stateOf(facts), 'hall')).toBeNull()
    expect(testsBeforeDust(1994, stateOf(facts), 'hall', 2000)).not.toBeNull()
  })
})

describe('a plan that was kept stays', () => {
  const facts = laid([
    { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
    { id: 'den', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' },
  ])
  const paint = stateOf(facts).lines.find(({ placeId, stage }) => placeId === 'hall' && stage === 'paint')!
  test('what held a visit is over: it comes forward with its followers, and nobody else moves', () => {
    const late = [...facts, held(paint.id, 'hall', '2026-05-20')]
    const before = planned(planInput(late))
    const again = planned(planInput(facts, { before: keptBefore(before) }))
    const { moved } = planDiff(before, again)
    expect(moved.length).toBeGreaterThan(0)
    for (const { from, to } of moved) {
      expect(to.startDay < from.startDay, to.key).toBe(true)
      expect(to.placeIds).toContain('hall')
    }
  })
})

test('figures are whole numbers within reason, set by the firm or the site', () => {
  expect(senseOf({ 'plan/nights-roof': '1', 'plan/notice': '5' })).toEqual({
    ...USUAL_SENSE,
    nights: { ...USUAL_SENSE.nights, roof: 1 },
    noticeDays: 5,
  })
  expect(senseOf({ 'plan/wait-tape': '7', 'plan/coldest-paint': '-2', 'C-39/buffer': '20 %' })).toEqual({
    ...USUAL_SENSE,
    waits: { ...USUAL_SENSE.waits, tape: 7 },
    coldest: { ...USUAL_SENSE.coldest, paint: -2 },
    orderBuffer: 20,
  })
  expect(() => checkFigure('plan/moves', '0')).toThrow('a whole number from 1 to 1000')
  expect(() => checkFigure('plan/nights-roof', '2.5')).toThrow(
    'A roof stands open at most: a whole number from 0 to 60.',
  )
  expect(() => checkFigure('plan/nights-shed', '2')).toThrow('no figure that can be set')
})

describe('the checker reads a plan by itself', () => {
  const facts = laid([
    { id: 'den', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' },
    { id: 'slope', kind: 'roof', treatments: ['roof-recovered'], size: '8 x 5' },
  ])
  const plan = planned(planInput(arrived(facts)))
  const breaches = (read: Pick<Plan, 'visits' | 'unkept' | 'finish'>, sense = USUAL_SENSE) =>
    new Set(
      checkSense(
        read,
        { id: 'site', state: stateOf(arrived(facts)), sense, called: new Set(Object.keys(TRADES)) },
        TODAY,
      ).map(({ rule }) => rule),
    )
  test('a plan of the search breaks nothing; the same for filler that takes a month does', () => {
    expect([...breaches(plan)]).toEqual([])
    expect([...breaches(plan, { ...USUAL_SENSE, waits: { ...USUAL_SENSE.waits, tape: 30 } })]).toEqual(['wet'])
  })
  test('a room that is boarded while the roof is off is told', () => {
    const opened = started(plan, 'strip-out')
    const visits = plan.visits.map((visit) =>
      visit.placeIds.includes('slope') && visit.stages.includes('roof')
        ? { ...visit, endDay: addDays(visit.endDay, 60) }
        : visit,
    )
    const rooms = visits.map((visit) =>
      visit.stages.includes('board') ? { ...visit, startDay: addDays(opened, 7) } : visit,
    )
    expect(breaches({ ...plan, visits: rooms })).toContain('overhead')
  })
})

test('no house that anybody lays down has a plan to laugh at, read by who knows nothing of the search', () => {
  fc.assert(
    fc.property(fc.nat(), (seed) => {
      const { sites, ...input } = randomFirm(seededRandom(seed), TODAY)
      const plan = planned({ ...input, sites }, 30)
      const alarms = alarmsOf(plan, BY_KEY)
      const untold = sites
        .flatMap((site) => checkSense(plan, { ...site, called: new Set() }, TODAY))
        .filter(({ rule, siteId }) => {
          const told = rule === 'without' ? plan.without : alarms.filter((alarm) => alarm.rule === rule)
          return !told.some((one) => one.siteId === siteId)
        })
      expect(untold.map(({ rule, words }) => `${rule}: ${words}`)).toEqual([])
    }),
    { numRuns: 40, seed: 10 },
  )
})
