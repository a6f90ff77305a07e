import fc from 'fast-check'
import { expect, test } from 'vitest'
import { crewsFor, EVERY_TRADE, laid, planInput, stateOf, siteToPlan, TODAY } from '../../../tests/fixtures/site'
import { addDays } from '../calendar/day'
import { slotOfDay } from '../calendar/slots'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { checkSchedule } from './checkSchedule'
import { keptBefore, planOf, type Plan } from './plan'
import { planDiff } from './planDiff'
import { problemOf, type ProblemInput } from './problem'

const TREATMENTS = ['room-paint-only', 'room-board-finishes', 'bathroom-rebuilt', 'kitchen-rebuilt'] as const

/** Any small firm: sites of a few rooms, crews with weeks and halves of their own, trades that nobody does. */
const anyFirm = fc
  .record({
    rooms: fc.array(fc.constantFrom(...TREATMENTS), { minLength: 1, maxLength: 4 }),
    siteDays: fc.uniqueArray(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 6 }),
    crewDays: fc.uniqueArray(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 6 }),
    halves: fc.constantFrom('both', 'morning', 'afternoon'),
    mornings: fc.boolean(),
    teams: fc.integer({ min: 1, max: 2 }),
    setUpHours: fc.constantFrom(0, 1, 3, 8),
    travelHours: fc.constantFrom(0, 1, 2.5),
    missing: fc.nat(EVERY_TRADE.length - 1),
  })
  .map(({ rooms, siteDays, crewDays, halves, mornings, teams, setUpHours, travelHours, missing }): ProblemInput => {
    const base = planInput([])
    const crews = crewsFor(...EVERY_TRADE.filter((_, i) => i !== missing)).map((crew) => ({
      ...crew,
      crews: teams,
      setUpHours,
      mornings: mornings && halves !== 'afternoon',
      calendar: { weekdays: crewDays, halves: halves as 'both' },
    }))
    const site = (id: string, its: readonly string[]) =>
      siteToPlan(
        stateOf(laid(its.map((treatment, i) => ({ id: `${id}${i}`, treatments: [treatment], size: '4 x 3 x 2.4' })))),
        { id, name: id, travelHours, calendar: { weekdays: siteDays } },
      )
    return { ...base, crews, sites: [site('one', rooms), site('two', rooms.slice(0, 1))] }
  })

/** The plan, or null where the facts cannot be true together; what is in conflict is said then. */
function planned(input: ProblemInput): Plan | null {
  try {
    return planOf(problemOf(input), { rounds: 6, seed: 1 })
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    expect(error.message).toMatch(/no working time|in a circle/)
    return null
  }
}

test('any firm has a plan that holds when checked slot by slot, or a conflict that is named', () => {
  fc.assert(
    fc.property(anyFirm, (input) => {
      const plan = planned(input)
      if (!plan) return
      const { instance, visits } = problemOf(input)
      const at = new Map(plan.visits.map((visit) => [visit.key, visit]))
      const start = visits.map(({ key }) => slotOfDay(TODAY, at.get(key)!.startDay) + at.get(key)!.startHalf)
      const finish = visits.map(({ key }) => slotOfDay(TODAY, at.get(key)!.endDay) + at.get(key)!.endHalf + 1)
      const modes = instance.activities.map((activity, i) => {
        const open = instance.calendars[activity.calendar]!.subarray(start[i]!, finish[i]!)
        const worked = open.reduce((sum, slot) => sum + slot, 0)
        return activity.modes.findIndex(({ duration }) => duration === worked)
      })
      expect(modes.every((mode) => mode >= 0)).toBe(true)
      expect(checkSchedule(instance, { start, mode: modes })).toEqual([])
    }),
    { numRuns: 60 },
  )
})
test('planned again for least change with nothing new, nobody moves', () => {
  fc.assert(
    fc.property(anyFirm, (input) => {
      const plan = planned(input)
      if (!plan) return
      const again = planOf(problemOf({ ...input, before: keptBefore(plan) }), {
        rounds: 6,
        seed: 2,
        goal: 'least-change',
      })
      expect(planDiff(plan, again).moved).toEqual([])
    }),
    { numRuns: 40 },
  )
})
test('a pinned visit stays where it was pinned, wherever that can be', () => {
  fc.assert(
    fc.property(anyFirm, fc.nat(), fc.integer({ min: 0, max: 3 }), (input, which, weeks) => {
      const plan = planned(input)
      if (!plan || plan.visits.length === 0) return
      const visit = plan.visits[which % plan.visits.length]!
      const day = addDays(visit.startDay, weeks * 7)
      const pins = [{ visitKey: visit.key, day, half: visit.startHalf }]
      const pinned = planned({ ...input, pins, before: keptBefore(plan) })
      if (!pinned) return
      const stands = pinned.visits.find(({ key }) => key === visit.key)!
      expect([stands.startDay, stands.startHalf]).toEqual([day, visit.startHalf])
    }),
    { numRuns: 40 },
  )
})
