import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { FirmFolder } from '../../src/server/firmFolder'
import { composedSentences } from '../fixtures/composedSentences'
import { as, closed, openedDemo } from '../fixtures/folder'
import { FORBIDDEN_PATTERNS } from '../fixtures/forbiddenPatterns'

let firm: FirmFolder
let all: ReadonlyMap<string, string>
beforeAll(async () => {
  firm = await openedDemo()
  as(firm, 'owner')
  all = await composedSentences(firm)
})
afterAll(async () => {
  closed(firm)
})

test('every pattern would be seen', () => {
  for (const { what, pattern, caught } of FORBIDDEN_PATTERNS) expect(caught, what).toMatch(pattern)
})

describe('of all sentences that are composed of the sample firm', () => {
  test('there are many', () => {
    expect(all.size).toBeGreaterThan(1500)
  })
  test.each(FORBIDDEN_PATTERNS)('none holds $what', ({ pattern }) => {
    const held = [...all]
      .filter(([sentence]) => pattern.test(sentence))
      .map(([sentence, where]) => `${where}: ${sentence}`)
    expect(held.slice(0, 20)).toEqual([])
  })
})
