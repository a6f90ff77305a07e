import { describe, expect, test } from 'vitest'
import { arrived, crewsFor, EVERY_TRADE, laid, seen, siteToPlan, stateOf, TODAY } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { minor } from '../measure/money'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import { clientFacts, composeClientUpdate } from './clientUpdate'
import { composeRoomSheet } from './roomSheet'
import { visitDays } from '../schedule/planDiff'
import { tellList } from './tellList'
import { doingWords, doneWords } from './plainWords'
import { composeTradeNotice } from './tradeNotice'
import { NO_FORECAST } from '../schedule/weather'

const MONEY = minor(137953)
const before = arrived(
  laid([
    { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' },
    { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
  ]),
  'tile',
)
const now = [
  ...before,
  ...[0, 1].map((i) =>
    seen({ subject: 'line', facet: 'progress', subjectId: `bath/bathroom-rebuilt/${i}`, placeId: 'bath', value: 100 }),
  ),
  seen({
    subject: 'note',
    facet: 'noted',
    subjectId: 'n',
    placeId: 'bath',
    value: { text: 'quillwort: pays late', private: true },
  }),
  seen({ subject: 'line', facet: 'price', subjectId: 'bath/bathroom-rebuilt/5', placeId: 'bath', value: MONEY }),
  seen({
    subject: 'decision',
    facet: 'asked',
    subjectId: 'd',
    placeId: 'bath',
    value: {
      question: 'Square or eased edge?',
      owner: 'client',
      by: '2026-03-13' as Day,
      stake: 'Later it slips four days.',
      price: MONEY,
    },
  }),
  seen({
    subject: 'decision',
    facet: 'asked',
    subjectId: 'e',
    placeId: 'bath',
    value: { question: 'May the wall go?', owner: 'engineer' },
  }),
]
const state = stateOf(now)
const plan = planOf(
  problemOf({
    today: TODAY,
    sites: [siteToPlan(state)],
    crews: crewsFor(...EVERY_TRADE),
    bookings: [],
    pins: [],
    forecast: NO_FORECAST,
    before: [],
  }),
  { rounds: 5, seed: 1 },
)
const update = composeClientUpdate({
  siteId: 'site',
  today: TODAY,
  before: stateOf(before),
  now: state,
  plan,
  units: 'metric',
  orderBy: new Map([['bath/Wall and floor tile', '2026-03-20' as Day]]),
})

describe('the client’s update', () => {
  test('says what was done in plain words', () => {
    expect(update.headline).toBe('Bathroom is stripped out')
    expect(update.done).toEqual(['Bathroom is protected against dust.', 'Bathroom is stripped out.'])
  })
  test('tells an outage whose hours are known with its length and what serves meanwhile, and not one that is over', () => {
    const outage = (id: string, on: string, extra: object = {}) =>
      seen({
        subject: 'entry',
        facet: 'written',
        subjectId: id,
        placeId: null,
        value: { kind: 'outage', values: { what: 'hot water', on, from: 9, hours: 4.5, ...extra } },
      } as never)
    const told = composeClientUpdate({
      siteId: 'site',
      today: TODAY,
      before: stateOf(before),
      now: stateOf([
        ...now,
        outage('later', '2026-03-12', { meanwhile: 'the kettle, and the bath upstairs from noon' }),
        outage('past', '2026-03-01'),
      ]),
      plan: { ...plan, risk: { site: { likely: TODAY, safe: '2026-04-16' as Day, tenths: [], drivers: [] } } },
      units: 'metric',
      orderBy: new Map(),
    })
    expect(told.off[0]).toBe(
      'Thu 12 Mar, 09:00 to 13:30: no hot water. Meanwhile: the kettle, and the bath upstairs from noon.',
    )
    expect(told.off.join(' ')).not.toContain('1 Mar,')
    expect(told.safe).toBe('2026-04-16')
  })
  test('says what will be off beforehand, and what comes next', () => {
    expect(update.off.join(' ')).toContain('Wed 11 Mar: no water for part of the day.')
    expect(update.next[0]).toMatch(/^(Today|From \w+day \d+ March): .+, (Bathroom|Hall)( and Hall)?\.$/)
    expect(update.next.at(-1)).toContain('The inspector comes on')
  })
  test('asks only the client’s questions, with the last day and the stake', () => {
    expect(update.decide).toEqual([
      'Square or eased edge? By Friday 13 March. Later it slips four days.',
      'Wall and floor tile for Bathroom: please choose by Friday 20 March, so that it is here in time.',
    ])
  })
  test('tells what was saved in days, only where the client may read it, and once', () => {
    const saving = (id: string, told: string) =>
      seen({
        subject: 'entry',
        facet: 'written',
        subjectId: id,
        placeId: null,
        value: { kind: 'saving', values: { what: `${id} kept`, told, days: 2, rate: 48_000, material: 9_000 } },
      })
    const saved = stateOf([...now, saving('the old stud wall', 'yes, as avoided'), saving('quillwort', 'no, for us')])
    const told = { siteId: 'site', today: TODAY, plan, units: 'metric' as const, orderBy: new Map() }
    const { done } = composeClientUpdate({ ...told, before: state, now: saved })
    expect(done.at(-1)).toBe('The old stud wall kept. That saves 2 days.')
    expect(done.join(' ')).not.toMatch(/quillwort|480|90/)
    expect(composeClientUpdate({ ...told, before: saved, now: saved }).done.join(' ')).not.toContain('stud wall')
  })
  test('explains a quiet week instead of skipping it', () => {
    const quiet = composeClientUpdate({
      siteId: 'site',
      today: TODAY,
      before: state,
      now: state,
      plan,
      units: 'metric',
      orderBy: new Map(),
    })
    expect(quiet.done).toEqual(['Nothing was finished since the last update; the next steps are below.'])
    const hidden = stateOf([
      ...now,
      seen({ subject: 'line', facet: 'progress', subjectId: 'bath/bathroom-rebuilt/5', placeId: 'bath', value: 50 }),
    ])
    expect(
      composeClientUpdate({
        siteId: 'site',
        today: TODAY,
        before: state,
        now: hidden,
        plan,
        units: 'metric' as const,
        orderBy: new Map(),
      }).done[0],
    ).toContain('It is hidden work')
  })
  test('a piece of work that is done is not told as nothing, though the stage goes on', () => {
    const done = stateOf([
      ...now,
      seen({ subject: 'line', facet: 'progress', subjectId: 'bath/bathroom-rebuilt/5', placeId: 'bath', value: 100 }),
    ])
    const update = { siteId: 'site', today: TODAY, before: state, now: done, plan, units: 'metric' as const }
    expect(composeClientUpdate({ ...update, orderBy: new Map() }).done.join(' ')).not.toContain('Nothing was finished')
  })
})

describe('nothing leaks', () => {
  const visit = plan.visits.find((one) => one.stages.includes('pipes'))!
  const all = JSON.stringify([
    update,
    composeTradeNotice(visit, plan.visits, state, 'Example House', 'metric'),
    composeRoomSheet(state.places[0]!, state, plan, 'metric'),
  ])
  test.each(['quillwort', '137953', '1379', '1 379'])('%s is nowhere', (canary) => expect(all).not.toContain(canary))
})

test('on a face a stage is told as what it is there', () => {
  const face = [{ name: 'Street face', kind: 'face' as const }]
  expect(doingWords('protect', [], face)).toBe('ground and planting are covered')
  expect(doneWords('plaster', [], face)).toBe('is rendered')
  expect(doingWords('protect', [], [{ name: 'Hall', kind: 'room' }])).toBe('floors and doorways are covered')
})

describe('a trade’s notice', () => {
  const insulation = plan.visits.find((one) => one.stages.includes('insulation'))!
  const notice = composeTradeNotice(insulation, plan.visits, state, 'Example House', 'metric')
  test('when, where, how much, what is ready and what is not', () => {
    expect(notice.title).toBe('Example House: insulation')
    expect(notice.places).toBe('Bathroom')
    expect(notice.work).toEqual(['Bathroom: Insulate walls, 23 m²']) // 2 × (2.6 + 2.1) × 2.4 = 22.56
    expect(notice.ready).toEqual(['Bathroom: protect and strip out: done'])
    expect(notice.notReady).toContain('Bathroom: backing for rail, vanity and glass')
  })
})

describe('the tell list', () => {
  const told = plan.visits
    .filter((one) => one.crewId)
    .map((one) => ({ ...one, crewId: one.crewId!, what: `${one.trade}, bathroom`, confirmed: one.trade === 'painter' }))
  const facts = clientFacts({ siteId: 'site', today: TODAY, plan, now: state })
  const list = (visits: typeof told, client = facts) =>
    tellList(
      visits,
      new Map([['site', { told: client, now: facts }]]),
      plan,
      new Set(['finished']),
      (visit) => visit.trade,
    )

  test('nobody whose facts did not change is on it', () => {
    expect(list(told)).toEqual([])
  })
  test('exactly those whose dates moved are, with only what moved', () => {
    const painter = told.find((one) => one.trade === 'painter')!
    const moved = told.map((one) =>
      one.key === painter.key ? { ...one, startDay: '2026-03-02' as Day, endDay: '2026-03-02' as Day } : one,
    )
    expect(list(moved)).toHaveLength(1)
    expect(list(moved)[0]).toMatchObject({
      audience: 'trade',
      who: 'painter',
      changes: [{ visitKey: painter.key, confirmed: true }],
    })
    expect(list(moved)[0]!.changes[0]!.text).toMatch(/^painter: .* later \(was Mon 2 Mar/)
  })
  test('a client is told when the finish or an outage moved, and only then', () => {
    const [earlier, end] = ['2026-04-01' as Day, '2026-03-30' as Day]
    expect(list(told, { ...facts, finish: earlier, end })).toMatchObject([{ audience: 'client', who: 'site' }])
    // The likely day is drawn anew with every plan; while the plan's own end stays, nothing has moved.
    expect(list(told, { ...facts, finish: earlier })).toEqual([])
    expect(
      list(told, { ...facts, outages: facts.outages.map((one) => ({ ...one, day: '2026-03-09' as Day })) })[0]!
        .changes[0]!.text,
    ).toContain('instead of 9 Mar')
  })
  test('finished work is no change of date', () => {
    expect(list([...told, { ...told[0]!, key: 'finished' }])).toEqual([])
  })
  test('who is not needed any more is told that the visit is called off', () => {
    const gone = { ...told[0]!, key: 'gone', what: 'Tile, bathroom', crewId: 'tiler', startDay: '2026-03-12' as Day }
    expect(list([...told, { ...gone, endDay: gone.startDay, startHalf: 0, endHalf: 1 }])).toEqual([
      {
        audience: 'trade',
        who: 'tiler',
        changes: [
          {
            siteId: 'site',
            visitKey: 'gone',
            text: 'Tile, bathroom: called off (was Thu 12 Mar).',
            confirmed: false,
          },
        ],
      },
    ])
  })
  test('when another crew does it, the one that was told is called off', () => {
    const [first, ...rest] = told
    const other = { ...first!, crewId: 'the others' }
    expect(list([...rest, other]).map(({ who, changes }) => [who, changes.map((change) => change.text)])).toEqual([
      ['the others', [`${first!.trade}, bathroom: called off (was ${visitDays(first!)}).`]],
    ])
  })
})

test('a room sheet has work in order, ticks before cover, and what stays', () => {
  const sheet = composeRoomSheet(
    state.places[0]!,
    stateOf([
      ...now,
      seen({
        subject: 'keep',
        facet: 'kept',
        subjectId: 'k',
        placeId: 'bath',
        value: { text: 'Cast soil stack', until: 'the switch-over' },
      }),
    ]),
    plan,
    'metric',
  )
  expect(sheet.size).toBe('2.6 × 2.1 × 2.4 m')
  expect(sheet.work[0]).toMatchObject({ stage: 'Protect', progress: 100, when: 'done' })
  expect(sheet.stays).toEqual(['Cast soil stack, until the switch-over'])
  expect(sheet.beforeCover[0]!.items.map((item) => item.text)).toContain('Pressure test, photographed')
  expect(sheet.cautions.join(' ')).toContain('Only a licensed electrician may clear it.')
})
