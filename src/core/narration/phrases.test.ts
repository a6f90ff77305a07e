import { describe, expect, test } from 'vitest'
import { TODAY } from '../../../tests/fixtures/site'
import type { Narration } from './line'
import { narrate } from './narrate'
import { phraseFact } from './phraseFact'
import { asTaught, mendedLine, phraseKey } from './phrases'

const narration = (text: string): Narration => ({
  text,
  places: ['Kitchen', 'Hall'],
  current: 'Kitchen',
  units: 'metric',
  today: TODAY,
})
const line = (text: string) => narrate(narration(text))[0]!

describe('a line that is put right', () => {
  test('tells what its words tell as the other kind', () => {
    const words = 'Two sockets by the window.'
    expect(mendedLine(line(words), { kind: 'work' }, narration(words))).toMatchObject({
      kind: 'work',
      words: 'Two sockets by the window',
      element: 'outlet',
      quantity: 2,
      place: 'Kitchen',
    })
  })
  test('goes elsewhere, as far as somebody says, and stays among us', () => {
    const words = 'Board is half up.'
    expect(mendedLine(line(words), { place: 'Hall', percent: 75 }, narration(words))).toMatchObject({
      kind: 'progress',
      place: 'Hall',
      percent: 75,
    })
    expect(mendedLine(line(words), { private: true }, narration(words)).private).toBe(true)
    const secret = { ...line(words), private: true as const }
    expect(mendedLine(secret, { private: false }, narration(words)).private).toBeUndefined()
  })
})

describe('words that were put right', () => {
  test('are known again, whatever the figures in them', () => {
    expect(phraseKey('Trim’s 18 out.')).toBe(phraseKey('trim is 22 out'))
    const text = 'Pull cord knackered 3 times.'
    const taught = [{ words: 'Pull cord knackered 2 times', kind: 'work' as const }]
    expect(asTaught(narrate(narration(text)), taught, narration(text))[0]).toMatchObject({
      kind: 'work',
      taught: true,
      sure: 1,
    })
    expect(asTaught(narrate(narration(text)), [], narration(text))[0]!.taught).toBeUndefined()
  })
  test('of the same words the last counts, and what is private stays so', () => {
    const text = 'Private: pull cord knackered.'
    const [read] = narrate(narration(text))
    const taught = [
      { words: read!.words, kind: 'found' as const },
      { words: read!.words, kind: 'work' as const },
    ]
    expect(asTaught([read!], taught, narration(text))[0]).toMatchObject({ kind: 'work', private: true })
  })
  test('are one fact, however often', () => {
    expect(phraseFact('Trim’s 18 out', 'found').subjectId).toBe(phraseFact('trim is 2 out', 'work').subjectId)
  })
})
