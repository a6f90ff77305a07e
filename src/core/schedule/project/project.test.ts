import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { brokenRule, makespanOf } from './checkProject'
import { lowerBound } from './projectBounds'
import { inOrder, type Project } from './project'
import { readPsplib } from './readPsplib'
import { searchProject } from './searchProject'

/** Four activities between two dummies: two crews of a resource, a chain and a lone one. */
const SMALL: Project = {
  durations: [0, 3, 2, 4, 2, 0],
  successors: [[1, 2, 3], [4], [4], [5], [5], []],
  requests: [[0], [2], [1], [1], [2], [0]],
  capacities: [2],
}
const goOnFor = (most: number) => (tried: number) => tried < most

/** Any project of up to a dozen activities with two resources. */
const projects: fc.Arbitrary<Project> = fc
  .array(
    fc.record({
      duration: fc.integer({ min: 0, max: 6 }),
      requests: fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 3 })),
      before: fc.array(fc.nat(11), { maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((all) => {
    const last = all.length + 1
    const successors: number[][] = Array.from({ length: last + 1 }, () => [])
    all.forEach(({ before }, i) => {
      const earlier = [...new Set(before.filter((one) => one < i))]
      if (earlier.length === 0) successors[0]!.push(i + 1)
      for (const one of earlier) successors[one + 1]!.push(i + 1)
    })
    for (let i = 1; i < last; i++) if (successors[i]!.length === 0) successors[i]!.push(last)
    return {
      durations: [0, ...all.map(({ duration }) => duration), 0],
      successors,
      requests: [[0, 0], ...all.map(({ requests }) => [...requests]), [0, 0]],
      capacities: [3, 4],
    }
  })

describe('the search', () => {
  test('finds what cannot be beaten where resources alone decide', () => {
    const found = searchProject(SMALL, { goOn: goOnFor(500) })
    expect(lowerBound(SMALL)).toBe(8)
    expect(found.makespan).toBe(9)
    expect(brokenRule(SMALL, found.starts)).toBeNull()
  })
  test('breaks no rule, whatever the project, and is never under the bound', () => {
    fc.assert(
      fc.property(projects, fc.integer({ min: 1, max: 1000 }), (project, seed) => {
        const found = searchProject(project, { seed, goOn: goOnFor(300) })
        expect(brokenRule(project, found.starts)).toBeNull()
        expect(found.makespan).toBe(makespanOf(project.durations, found.starts))
        expect(found.makespan).toBeGreaterThanOrEqual(found.bound)
      }),
      { numRuns: 60 },
    )
  })
  test('with one seed finds the same, and with more time nothing longer', () => {
    fc.assert(
      fc.property(projects, (project) => {
        const short = searchProject(project, { seed: 3, goOn: goOnFor(60) })
        expect(searchProject(project, { seed: 3, goOn: goOnFor(60) })).toEqual(short)
        expect(searchProject(project, { seed: 3, goOn: goOnFor(600) }).makespan).toBeLessThanOrEqual(short.makespan)
      }),
      { numRuns: 25 },
    )
  })
  test('stops at once when it is told to', () => {
    expect(searchProject(SMALL, { goOn: () => false }).tried).toBeGreaterThan(0)
  })
})

describe('the check', () => {
  const good = searchProject(SMALL, { goOn: goOnFor(100) }).starts
  test.each([
    [good.slice(1), '5 starts for 6 activities'],
    [[good[0]!, -1, ...good.slice(2)], 'activity 2 starts at -1'],
    [[good[0]!, 0.5, ...good.slice(2)], 'activity 2 starts at 0.5'],
    [[0, 0, 0, 0, 0, 9], 'activity 5 starts before activity 2 is over'],
    [[0, 0, 1, 20, 3, 24], 'resource 1 is used 3 of 2 in period 1'],
  ])('names what is broken: %j', (starts, rule) => expect(brokenRule(SMALL, starts)).toBe(rule))
})

const SM = `jobs (incl. supersource/sink ):  4
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          2           2   3
   2        1          1           4
   3        1          1           4
   4        1          0
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  R 2
------------------------------------------------------------------------
  1      1     0       0    0
  2      1     3       2    0
  3      1     4       1    1
  4      1     0       0    0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1  R 2
    2    1
************************************************************************
`
describe('a published file', () => {
  test('is read with its relations, durations, requests and capacities', () => {
    const project = readPsplib(SM)
    expect(project).toEqual({
      durations: [0, 3, 4, 0],
      successors: [[1, 2], [3], [3], []],
      requests: [
        [0, 0],
        [2, 0],
        [1, 1],
        [0, 0],
      ],
      capacities: [2, 1],
    })
    expect(inOrder(project)).toEqual([0, 1, 2, 3])
    expect(searchProject(project, { goOn: goOnFor(50) }).makespan).toBe(7)
  })
  test.each([
    ['', 'the number of jobs is not told'],
    [SM.replace('PRECEDENCE', 'OTHER'), 'there is no part "PRECEDENCE RELATIONS"'],
    [SM.replace('2           2   3', '3           2   3'), 'the relations of job 1 cannot be read'],
    [
      SM.replace('   2        1          1           4', '   2        2          1           4'),
      'job 2 has 2 modes; one is read',
    ],
    [SM.replace('3       2    0', '3       5    0'), 'a job needs more of a resource than there is'],
    [
      SM.replace('   4        1          0', '   4        1          1           2'),
      'jobs follow each other in a ring',
    ],
  ])('that cannot be read is told which part: case %#', (text, what) =>
    expect(() => readPsplib(text)).toThrow(`Project: ${what}`),
  )
})
