import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { NEXT_DOOR } from '../entries/kinds/job'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import { otherChanges, otherDays, othersOf, type OtherFacts } from './others'

const party = (values: Readonly<Record<string, string>>) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: values.name!,
    placeId: null,
    value: { kind: 'party', values },
  })
const FACTS = [
  ...laid([
    { id: 'Yard face', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off'] },
    { id: 'Hall', treatments: ['room-board-finishes'], size: '4 x 2 x 2.4' },
  ]),
  party({ name: 'Next door', part: 'neighbour', hears: NEXT_DOOR, brings: 'Please shut the gate' }),
  party({ name: 'Bins', part: 'hire or waste firm', hears: 'Weather barrier', contact: '555' }),
  party({ name: 'Ibis Quill', part: 'designer' }),
]
const { visits } = planOf(problemOf(planInput(FACTS)), { rounds: 5, seed: 1 })
const others = othersOf('site', stateOf(FACTS), visits, TODAY)
const factsOf = (who: string): OtherFacts => others.find(({ name }) => name === who)!.facts
const none: ReadonlySet<string> = new Set()

describe('others who hear of days', () => {
  test('only those of whom it was said, each of the work that concerns them', () => {
    expect(others.map(({ name }) => name)).toEqual(['Next door', 'Bins'])
    expect(otherDays(factsOf('Bins'))).toEqual(['Weather barrier, Yard face: Thu 12 Mar, morning.'])
    expect(otherDays(factsOf('Next door')).at(-1)).toBe('Please shut the gate')
  })
  test('a neighbour hears of dust inside, not of the room', () => {
    const told = otherDays(factsOf('Next door')).join(' ')
    expect(told).toMatch(/Board and tape: /)
    expect(told).not.toContain('Hall')
  })
  test('who was told and whose days stand hears nothing', () => {
    for (const { facts } of others) expect(otherChanges(facts, facts, visits, none)).toEqual([])
  })
  test('a day that moved, one that was called off, a new one, another order', () => {
    const now = factsOf('Bins')
    const [day] = now.days
    const earlier: OtherFacts = {
      brings: 'one bin',
      days: [
        { ...day!, startDay: '2026-03-09' as Day, endDay: '2026-03-09' as Day },
        { ...day!, key: 'gone', what: 'Weather barrier, Shed' },
      ],
    }
    expect(otherChanges(earlier, { ...now, brings: 'two bins' }, visits, none)).toEqual([
      'Weather barrier, Yard face: Thu 12 Mar, morning, 3 days later (was Mon 9 Mar, morning).',
      'Weather barrier, Shed: called off (was Thu 12 Mar, morning).',
      'two bins instead of one bin.',
    ])
    expect(otherChanges({ brings: '', days: [] }, now, visits, none)).toEqual([
      'Weather barrier, Yard face: Thu 12 Mar, morning, new.',
    ])
  })
  test('work that is done is no change', () => {
    const now = factsOf('Bins')
    const gone = { ...now, days: now.days.map((day) => ({ ...day, key: 'done' })) }
    expect(otherChanges(gone, { ...now, days: [] }, visits, new Set(['done']))).toEqual([])
  })
})
