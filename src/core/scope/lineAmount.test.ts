import { expect, test } from 'vitest'
import { deskAmount, measuredAmount } from './lineAmount'

const wall = { quantity: { value: 34, unit: 'm2' as const }, rough: false }

test('what was measured is told to everybody', () => {
  expect([deskAmount(wall, 'metric'), measuredAmount(wall, 'metric')]).toEqual(['34 m²', '34 m²'])
})
test('what nobody measured says so at the desk, and is no figure anywhere else', () => {
  const guessed = { ...wall, rough: true }
  expect([deskAmount(guessed, 'metric'), measuredAmount(guessed, 'metric')]).toEqual(['about 34 m², not measured', ''])
})
test('pieces and work without an amount have none', () => {
  const each = { quantity: { value: 2, unit: 'each' as const }, rough: false }
  expect([deskAmount(each, 'metric'), measuredAmount({ quantity: null, rough: true }, 'metric')]).toEqual(['', ''])
})
