import { expect, test } from 'vitest'
import { slotOfDay } from '../../src/core/calendar/slots'
import type { Activity, Instance } from '../../src/core/schedule/instance'
import { planOf } from '../../src/core/schedule/plan'
import { problemOf, type Problem } from '../../src/core/schedule/problem'
import { Scheduler } from '../../src/core/schedule/scheduler'
import type { FirmFolder } from '../../src/server/firmFolder'
import { problemInput } from '../../src/server/plan/planFirm'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { TODAY } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

/** The start of one visit where everybody else stays as planned. */
function startAlone(instance: Instance, starts: readonly number[], index: number): number {
  const activities = instance.activities.map((activity, i): Activity => {
    const { fixed: _agreed, ...free } = activity
    return i === index ? free : { ...activity, fixed: starts[i]! }
  })
  const order = starts.map((start, i) => (i === index ? Number.MAX_SAFE_INTEGER : start))
  return new Scheduler({ ...instance, activities }).schedule(order).start[index]!
}

const without = {
  link: ({ instance }: Problem, from: number, to: number): Instance => ({
    ...instance,
    precedences: instance.precedences.filter((one) => one.from !== from || one.to !== to),
  }),
  release: ({ instance, holds }: Problem, index: number): Instance => ({
    ...instance,
    activities: instance.activities.map((activity, i) =>
      i === index ? { ...activity, release: holds[index]![1]?.slot ?? 0 } : activity,
    ),
  }),
  holds: ({ instance }: Problem, index: number): Instance => ({
    ...instance,
    activities: instance.activities.map((activity, i) => (i === index ? { ...activity, release: 0 } : activity)),
  }),
  crowd: ({ instance }: Problem, index: number): Instance => {
    const used = new Set(instance.activities[index]!.modes[0]!.demands.map(({ resource }) => resource))
    return {
      ...instance,
      resources: instance.resources.map((one, i) => (used.has(i) ? { capacity: 99 } : one)),
    }
  },
}

test('every "why then" of the demo holds: without what is named the visit starts earlier, or something else ties', () => {
  const today = TODAY as never
  const problem = problemOf(problemInput(firm.db, today))
  const plan = planOf(problem, { rounds: 30, seed: 1 })
  const starts = plan.visits.map((visit) => slotOfDay(today, visit.startDay) + visit.startHalf)
  const numbers = new Map(plan.visits.map((visit, i) => [visit.key, i]))
  const counts = { link: 0, release: 0, crowd: 0, agreed: 0, atOnce: 0, tied: 0, waiting: 0 }
  plan.visits.forEach((visit, i) => {
    const planned = starts[i]!
    const earlier = (instance: Instance): boolean => startAlone(instance, starts, i) < planned
    if (visit.why === 'It was agreed for then.') {
      expect(problem.instance.activities[i]!.fixed).toBe(planned)
      counts.agreed++
      return
    }
    if (visit.why.startsWith('It can start at once.')) {
      expect(earlier(problem.instance)).toBe(false)
      counts.atOnce++
      return
    }
    if (visit.why.startsWith('It could be earlier')) {
      expect(earlier(problem.instance), visit.why).toBe(true)
      expect(starts[numbers.get(visit.boundBy!)!]).toBeGreaterThan(planned)
      counts.waiting++
      return
    }
    const before = visit.boundBy === null ? undefined : numbers.get(visit.boundBy)
    const link = problem.links.find((one) => one.to === i && one.from === before && visit.why.startsWith(one.words))
    const kind = link ? 'link' : before === undefined ? 'release' : 'crowd'
    const relieved =
      kind === 'link'
        ? without.link(problem, before!, i)
        : kind === 'release'
          ? without.release(problem, i)
          : without.crowd(problem, i)
    if (earlier(relieved)) {
      counts[kind]++
      return
    }
    // What is named binds, and so do others: only without all of them could it start earlier.
    const others = problem.links.filter((one) => one.to === i && one.from !== before).map((one) => one.from)
    const all = [...others, ...(before === undefined ? [] : [before])].reduce<Problem>(
      (now, from) => ({ ...now, instance: without.link(now, from, i) }),
      problem,
    )
    const free = { ...all, instance: without.crowd({ ...all, instance: without.holds(all, i) }, i) }
    expect(earlier(free.instance), `${visit.key}: ${visit.why}`).toBe(true)
    counts.tied++
  })
  expect(counts.link).toBeGreaterThan(20)
  expect(counts.release + counts.crowd).toBeGreaterThan(5)
  expect(counts.tied).toBeLessThan(plan.visits.length / 3)
})
