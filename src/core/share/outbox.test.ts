import { expect, test } from 'vitest'
import { isQuiet, minutesToWait } from './outbox'

test('nobody is written to between eight in the evening and seven in the morning', () => {
  expect([19, 20, 23, 0, 6, 7].map(isQuiet)).toEqual([false, true, true, true, true, false])
})
test('what fails is tried again later each time, and at least every six hours', () => {
  expect([0, 1, 2, 5, 9, 40].map(minutesToWait)).toEqual([1, 2, 4, 32, 360, 360])
})
