import { expect, test } from 'vitest'
import { channelOf, isQuiet, minutesToWait, textOf } from './outbox'

test('nobody is written to between eight in the evening and seven in the morning', () => {
  expect([19, 20, 23, 0, 6, 7].map((hour) => isQuiet(hour))).toEqual([false, true, true, true, true, false])
  expect([19, 20, 5, 6].map((hour) => isQuiet(hour, true))).toEqual([false, true, true, false])
})
test('what fails is tried again later each time, and at least every six hours', () => {
  expect([0, 1, 2, 5, 9, 40].map(minutesToWait)).toEqual([1, 2, 4, 32, 360, 360])
})
test('a number is sent a text message, everything else mail', () => {
  expect(['555 0148', '+44 20 7946 0000', 'a@example.com', '5 a@example.com', '', 'the office'].map(channelOf)).toEqual(
    ['text', 'text', 'mail', 'mail', 'mail', 'mail'],
  )
})
test('a text message is what it is about and its link', () => {
  expect(textOf('Pipes: Thu 12 Mar', 'Pipes\nThu 12 Mar\n\nConfirm:\nhttp://localhost/for/trade/abc\n')).toBe(
    'Pipes: Thu 12 Mar\nhttp://localhost/for/trade/abc',
  )
  expect(textOf('Called off: pipes', 'Nothing to do.')).toBe('Called off: pipes')
})
