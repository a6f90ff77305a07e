import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { FINDABLE } from '../../src/core/find/sought'
import { find } from '../../src/server/views/find'
import { findableHref } from '../../src/server/views/findableHref'
import { routes } from '../browser/routes'
import { as, closed, openedDemo } from '../fixtures/folder'

let firm: FirmFolder
beforeAll(async () => {
  firm = await openedDemo()
})
afterAll(() => closed(firm))

const BAKEHOUSE = siteIdOf('bakehouse')
const WORDS = readFileSync(join(import.meta.dirname, '../fixtures/wordsSought.txt'), 'utf8')
  .split('\n')
  .filter((line) => line.trim() !== '' && !line.startsWith('#'))
  .map((line) => line.split(': ') as [string, string])
  .map(([word, right]) => [word, right.trim().split(' ')] as const)

const first = (query: string, role: 'owner' | 'lead' | 'crew' = 'owner') =>
  find(as(firm, role), query, BAKEHOUSE).slice(0, 5)

test('of the words of the trade at least 95 in 100 find what is meant among the first five', () => {
  const missed = WORDS.filter(([word, right]) => !first(word).some(({ id }) => right.includes(id))).map(
    ([word]) => word,
  )
  expect(WORDS.length).toBeGreaterThanOrEqual(200)
  expect(missed.length / WORDS.length, missed.join(', ')).toBeLessThanOrEqual(0.05)
})

describe('what was recorded', () => {
  test('a place stands first by its name, and by the name that it will have', () => {
    expect(first('bathroom')[0]).toMatchObject({ detail: 'Bakehouse Lane' })
  })
  test('a question is answered where it is asked: when the electrician comes', () => {
    const answer = first('When does the electrician come?').find(({ id }) => id === 'trade:electrician')
    expect(answer!.detail).toMatch(/^comes (now, until |\w{3} \d)/)
  })
  test('a word that is misspelt or only begun finds the same', () => {
    expect(first('asbestoss').map(({ id }) => id)).toContain('write:hazard-screen')
    expect(first('electrisian').map(({ id }) => id)).toContain('trade:electrician')
    expect(first('scaff').map(({ id }) => id)).toContain('write:set-up')
  })
})

test('crew find what they may see, and nothing that leads where they may not go', () => {
  for (const [word] of WORDS)
    for (const { id, href } of find(as(firm, 'crew'), word)) {
      expect(id, word).not.toMatch(/^(write|do|page|set|lay|choose|trade|crew):/)
      expect(href, word).toMatch(/^\/sites\//)
    }
})

test('whatever can be found leads to a page that there is, and no longer to one of a site where there is none', () => {
  const pages = routes()
    .filter(({ method }) => method === 'GET')
    .map(({ path }) => new RegExp(`^${path.replace(/\[[a-z]+\]/g, '[^/]+')}$`))
  for (const { id } of FINDABLE) {
    const href = findableHref(id, BAKEHOUSE, 'owner')!
    const path = new URL(href, 'http://desk').pathname
    expect(
      pages.some((page) => page.test(path)),
      `${id} leads to ${href}`,
    ).toBe(true)
    expect(findableHref(id, null, 'owner') ?? '', id).not.toContain('@')
  }
  expect(findableHref('set:people', BAKEHOUSE, 'lead')).toBeNull()
})
