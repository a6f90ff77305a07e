import { expect, test } from 'vitest'
import { howFar } from './howFar'

test.each([
  ['31 of 34', 91],
  ['31/34', 91],
  ['34 of 34', 100],
  ['199 of 200', 99],
  ['60', 60],
  ['60 %', 60],
  ['12,5 %', 13],
  ['0', 0],
])('%s is %i per cent', (said, percent) => {
  expect(howFar(said)).toBe(percent)
})

test.each(['', 'most of it', '35 of 34', '120', '3 of 0', '-5'])('"%s" is refused and says how to write it', (said) => {
  expect(() => howFar(said)).toThrow('like 31 of 34')
})
