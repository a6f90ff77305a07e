import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import type { Observation } from '../walk/observation'
import { callBy, hireWords, isIdle, type Hired } from './hired'
import { planOf, type Plan } from './plan'
import { problemOf } from './problem'

const HOUSE = laid([{ id: 'face', kind: 'face', treatments: ['face-repainted'], size: '8 x 5' }])

const hire = (typed: Readonly<Record<string, string>>, placeId: string | null = 'face'): Observation =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: 'lift',
    placeId,
    value: {
      kind: 'hire',
      values: readEntry(
        kindOf('hire'),
        (key) => ({ what: 'Lift', from: 'Protect', until: 'Paint', ...typed })[key] ?? '',
        'metric',
      ),
    },
  } as never)
const planned = (...more: readonly Observation[]): Plan =>
  planOf(problemOf(planInput([...HOUSE, ...more])), { rounds: 20, seed: 1 })
const entryOf = (one: Observation) => stateOf([...HOUSE, one]).entries.find(({ kind }) => kind === 'hire')!
const days = (from: string, until: string): Pick<Hired, 'idle'> => ({
  idle: { from: from as Day, until: until as Day },
})

describe('what is hired', () => {
  test('stands from the first work that needs it to the last, with its price by the day', () => {
    const one = hire({ week: '70', notice: '2' })
    const plan = planned(one)
    const [hired] = plan.hired
    expect(hired).toMatchObject({ siteId: plan.visits[0]!.siteId, entryId: 'lift', idle: null })
    expect(hired!.from).toBe(plan.visits.find(({ stages }) => stages.includes('protect'))!.startDay)
    expect(hired!.until).toBe(plan.visits.find(({ stages }) => stages.includes('paint'))!.endDay)
    expect(hireWords(entryOf(one), hired!, MONDAY_TO_FRIDAY, 5)).toMatch(
      /^Lift: needed from .* to .*, \d+ days, €\d+\.00\. Call for it by /,
    )
  })
  test('nothing that needs it begins before the day that its firm told', () => {
    const comes = '2026-05-20'
    const plan = planned(hire({ comes }))
    const first = plan.visits.find(({ stages }) => stages.includes('protect'))!
    expect(first.startDay).toBe(comes)
    expect(first.why).toBe('Lift comes on Wed 20 May.')
  })
  test('a scaffold holds all that is done from it, also on a face that has no work of its first stage', () => {
    const comes = '2026-05-20'
    const scaffold = hire({ what: 'Scaffold', sort: 'scaffold', from: 'Strip-out', until: 'Paint', comes })
    const paint = planned(scaffold).visits.find(({ stages }) => stages.includes('paint'))!
    expect(paint.startDay >= comes).toBe(true)
  })
  test('one that is in use already holds nobody, whether or not anybody told of its coming', () => {
    const begun = stateOf(HOUSE)
      .lines.filter(({ stage }) => stage === 'protect')
      .map(({ id }) => seen({ subject: 'line', facet: 'progress', subjectId: id, placeId: 'face', value: 50 }))
    const plan = planned(hire({ notice: '20', from: 'Protect' }), ...begun)
    expect(plan.visits.find(({ stages }) => stages.includes('protect'))!.startDay < '2026-03-20').toBe(true)
  })
  test('it is called ahead by its notice in working days, and by nobody once its day is agreed', () => {
    const hired = { from: '2026-03-16' as Day }
    expect(callBy(entryOf(hire({ notice: '3' })), hired, MONDAY_TO_FRIDAY)).toBe('2026-03-11')
    expect(callBy(entryOf(hire({ notice: '3', comes: '2026-03-16' })), hired, MONDAY_TO_FRIDAY)).toBeNull()
  })
  test('five working days without anybody who uses it are told, four are not', () => {
    expect(isIdle(days('2026-03-16', '2026-03-20'), MONDAY_TO_FRIDAY, 5)).toBe(true)
    expect(isIdle(days('2026-03-13', '2026-03-18'), MONDAY_TO_FRIDAY, 5)).toBe(false)
    expect(isIdle(days('2026-03-13', '2026-03-18'), MONDAY_TO_FRIDAY, 4)).toBe(true)
  })
  test('what is here and needed by nothing any more goes back', () => {
    expect(hireWords(entryOf(hire({ comes: '2026-03-01' })), null, MONDAY_TO_FRIDAY, 5)).toBe(
      'Lift: nothing in the plan needs it. Send it back, or call it off.',
    )
    expect(hireWords(entryOf(hire({})), null, MONDAY_TO_FRIDAY, 5)).toBeNull()
  })
  test('a scaffold of the whole site serves what is outside', () => {
    const room = laid([
      { id: 'face', kind: 'face', treatments: ['face-repainted'], size: '8 x 5' },
      { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
    ])
    const plan = (sort: string) =>
      planOf(problemOf(planInput([...room, hire({ sort }, null)])), { rounds: 20, seed: 1 })
    const outside = (it: Plan) =>
      it.visits.find((one) => one.stages.includes('paint') && one.placeIds.includes('face'))!
    const scaffold = plan('scaffold')
    expect(scaffold.hired[0]!.until).toBe(outside(scaffold).endDay)
    const fence = plan('fence')
    expect(fence.hired[0]!.until).toBe(
      fence.visits
        .filter(({ stages }) => stages.includes('paint'))
        .map(({ endDay }) => endDay)
        .sort()
        .at(-1),
    )
  })
  test('what was done elsewhere does not say that it stands here already', () => {
    const faces = laid([
      { id: 'face', kind: 'face', treatments: ['face-repainted'], size: '8 x 5' },
      { id: 'other', kind: 'face', treatments: ['face-overlay'], size: '8 x 5' },
    ])
    const stripped = [0, 1, 2].map((n) =>
      seen({
        subject: 'line',
        facet: 'progress',
        subjectId: `other/face-overlay/${n}`,
        placeId: 'other',
        value: 100,
      } as never),
    )
    const plan = planOf(problemOf(planInput([...faces, ...stripped, hire({ from: 'Strip out' })])), {
      rounds: 20,
      seed: 1,
    })
    const paint = plan.visits.find(({ stages, placeIds }) => stages.includes('paint') && placeIds.includes('face'))!
    expect(paint.startDay > plan.madeOn).toBe(true)
    expect(plan.hired[0]!.from).toBe(paint.startDay)
  })
})
