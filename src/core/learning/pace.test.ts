import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { seededRandom } from '../schedule/random'
import type { Case } from './cases'
import { isWorthOffering, paceKey, pacesOf, pacesOfCrew } from './pace'

const took = (times: number, more: Partial<Case> = {}): Case => ({
  site: 'Pell Street',
  where: 'Bath',
  trade: 'tiler',
  crewId: 'tilers',
  rate: 'tile-bath',
  reckoned: 20,
  took: 20 * times,
  by: 'hours',
  on: '2026-03-10' as Day,
  ...more,
})
const only = (cases: readonly Case[]) => {
  const paces = pacesOf(cases)
  expect(paces).toHaveLength(1)
  return paces[0]!
}

describe('a pace', () => {
  test('is moved little by one coming, and by six to nearly what they took', () => {
    expect(only([took(1.4)]).times).toBeLessThan(1.2)
    expect(only(Array.from({ length: 6 }, () => took(1.4))).times).toBeGreaterThan(1.27)
    expect(only(Array.from({ length: 30 }, () => took(1.4))).times).toBeCloseTo(1.4, 1)
  })
  test('is not offered of two comings, nor where it is as usual', () => {
    expect(isWorthOffering(only([took(1.5), took(1.5)]), 1)).toBe(false)
    expect(isWorthOffering(only([took(1.5), took(1.5), took(1.5)]), 1)).toBe(true)
    expect(isWorthOffering(only(Array.from({ length: 9 }, () => took(1.05))), 1)).toBe(false)
  })
  test('what is far off is told apart and not counted', () => {
    const { odd, times, cases } = only([...Array.from({ length: 6 }, () => took(1.1)), took(6)])
    expect(odd).toHaveLength(1)
    expect(cases).toHaveLength(6)
    expect(times).toBeLessThan(1.12)
  })
  test('a crew that is slow at one sort of work is thought slower at another', () => {
    const slow = Array.from({ length: 8 }, () => took(1.5))
    const [, splash] = pacesOf([...slow, took(1, { rate: 'tile-splash' })])
    const alone = only([took(1, { rate: 'tile-splash' })])
    expect(splash!.times).toBeGreaterThan(alone.times)
  })
  test('eight of ten further comings lie between its ends', () => {
    const random = seededRandom(7)
    const bell = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
    const draw = () => took(1.3 * Math.exp(0.35 * bell()))
    const { low, high } = only(Array.from({ length: 30 }, draw))
    const further = Array.from({ length: 2000 }, draw).filter(({ took: its }) => its / 20 > low && its / 20 < high)
    expect(further.length / 2000).toBeGreaterThan(0.72)
    expect(further.length / 2000).toBeLessThan(0.88)
  })
  test('of a trade counts for each of its crews, their own before it', () => {
    const taken = new Map([
      [paceKey({ crewId: null, trade: 'tiler', rate: 'tile-bath' }), 1.2],
      [paceKey({ crewId: 'tilers', trade: 'tiler', rate: 'tile-bath' }), 1.4],
    ])
    expect(pacesOfCrew({ id: 'tilers', trade: 'tiler' }, taken)).toEqual({ 'tile-bath': 1.4 })
    expect(pacesOfCrew({ id: 'others', trade: 'tiler' }, taken)).toEqual({ 'tile-bath': 1.2 })
    expect(pacesOfCrew({ id: 'painters', trade: 'painter' }, taken)).toEqual({})
  })
})
