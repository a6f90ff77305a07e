import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const DOCUMENTS = [
  'README.md',
  ...readdirSync('docs').flatMap((name) => (name.endsWith('.md') ? [`docs/${name}`] : [])),
]

test.each(DOCUMENTS)('every file that %s names is there', (document) => {
  const named =
    readFileSync(document, 'utf8').match(/\b(?:src|tests|docs|scripts|bin)\/(?:[\w./[\]-]|\(\w+\)\/)*\w\.\w+/g) ?? []
  expect(named.filter((file) => !existsSync(file))).toEqual([])
})
