import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { holdsConfidence, inConfidence, pointsAt } from './inConfidence'

const [kept, told] = ['+', '-'].map((sign) =>
  readFileSync('tests/fixtures/inConfidence.txt', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith(sign))
    .map((line) => line.slice(2)),
)

test.each(kept!)('for nobody outside: %s', (words) => {
  expect(inConfidence(words)).toBe(true)
})

test.each(told!)('everybody may hear: %s', (words) => {
  expect(inConfidence(words)).toBe(false)
})

test('a sheet with such words in any of its fields is for nobody outside', () => {
  expect(holdsConfidence({ kind: 'defect', values: { what: 'scratch', who: 'private: the tiler did it' } })).toBe(true)
  expect(holdsConfidence({ sides: [{ tenths: 1, typed: '4 m' }], order: 2, name: 'Kitchen', at: null })).toBe(false)
})

test('a sentence that only says so points at what was said or at what comes', () => {
  expect(pointsAt('Keep that to ourselves')).toBe('before')
  expect(pointsAt("don't show them that yet")).toBe('before')
  expect(pointsAt("That's private")).toBe('before')
  expect(pointsAt('Off the record')).toBe('after')
  expect(pointsAt('This next bit is private')).toBe('after')
  expect(pointsAt('Between us, the tiler drinks')).toBe(null)
  expect(pointsAt('The tiles are in')).toBe(null)
})
