import { expect, test } from 'vitest'
import { laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import { composeNeighbourLetter } from './neighbourLetter'

const HOUSE = laid([
  { id: 'Yard face', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off'] },
  { id: 'Hall', treatments: ['room-board-finishes'], size: '4 x 2 x 2.4' },
])
const entry = (kind: string, typed: Readonly<Record<string, string>>) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: `${kind} ${Object.values(typed)[0]}`,
    placeId: kind === 'boundary-work' ? 'Yard face' : null,
    value: { kind, values: readEntry(kindOf(kind), (key) => typed[key] ?? '', 'metric') },
  })
const FACTS = [
  ...HOUSE,
  entry('access', { what: 'the gate in the hedge for the scaffold', sort: 'leave to pass', until: '2026-04-10' }),
  entry('access', { what: 'the spaniel, while the gate stands open', sort: 'pets' }),
  entry('access', { what: 'Quillwort complains a lot', sort: 'neighbour' }),
  entry('boundary-work', { what: 'the lower boards' }),
]
const letter = (days: number) => {
  const { visits } = planOf(problemOf(planInput(FACTS)), { rounds: 5, seed: 1 })
  return composeNeighbourLetter(stateOf(FACTS), visits, TODAY, days)
}

test('a neighbour hears the loud and the dusty days, what is done on their side, and what they are asked for', () => {
  const { noise, dust, side, asked } = letter(120)
  expect(noise.some((one) => one.startsWith('Taking out what is old: '))).toBe(true)
  expect(dust.some((one) => one.startsWith('Sanding: '))).toBe(true)
  expect(side.some((one) => /^Yard face: cladding, /.test(one))).toBe(true)
  expect(side).toContain('Reached only from your side: the lower boards')
  expect([...asked].sort()).toEqual([
    'Please mind your animals: the spaniel, while the gate stands open',
    'We ask for leave to pass: the gate in the hedge for the scaffold, until Fri 10 Apr',
  ])
})
test('what one thinks of them, what happens inside, and what is far off stays out', () => {
  const text = JSON.stringify(letter(120))
  expect(text).not.toContain('Quillwort')
  expect(text).not.toContain('Hall')
  expect(letter(2).side.length).toBeLessThan(letter(120).side.length)
})

test('a face that nobody has to reach from their ground is not called theirs', () => {
  const { visits } = planOf(problemOf(planInput(HOUSE)), { rounds: 5, seed: 1 })
  const { side, outside } = composeNeighbourLetter(stateOf(HOUSE), visits, TODAY, 120)
  expect(side).toEqual([])
  expect(outside.some((one) => /^Yard face: cladding, /.test(one))).toBe(true)
})
