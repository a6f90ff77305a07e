import { describe, expect, test } from 'vitest'
import { mm } from '../measure/length'
import { laidAgainstPlan, neighbourAfter } from './layoutClearance'

describe('a layout on the floor against the plan (C-17)', () => {
  test('within 10 mm it is as planned', () => {
    expect(laidAgainstPlan(mm(1208), mm(1200))).toEqual({ difference: 80, verdict: 'as planned' })
  })
  test('wider here is narrower next door', () => {
    const laid = laidAgainstPlan(mm(1606), mm(1200))
    expect(laid).toEqual({ difference: mm(406), verdict: 'wider' })
    expect(neighbourAfter(mm(2600), laid.difference)).toBe(mm(2194))
  })
  test('narrower says so', () => expect(laidAgainstPlan(mm(900), mm(1000)).verdict).toBe('narrower'))
})
