import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { WEIGHTS } from '../../src/cli/speechWeights'
import { MADE_FROM, sourceDigests, weightsDigest } from '../../src/cli/train'
import { dictated, labelledParagraphs, trainingExamples } from '../../src/cli/training/examples'
import { learn } from '../../src/cli/training/learn'
import { scoreOf } from '../../src/cli/training/score'
import { decodeModel, encodeModel, featureNumber, FEATURE_BITS } from '../../src/core/narration/learned/model'
import { wordsOf } from '../../src/core/narration/learned/words'
import type { Narration } from '../../src/core/narration/line'
import { narrate, otherReading } from '../../src/core/narration/narrate'
import type { Day } from '../../src/core/calendar/day'

const ROOT = process.cwd()
const model = decodeModel(readFileSync(WEIGHTS))
const said = (text: string, more: Partial<Narration> = {}): Narration => ({
  text,
  places: ['Kitchen', 'Hall', 'Bathroom'],
  current: 'Kitchen',
  units: 'metric',
  today: '2026-03-10' as Day,
  ...more,
})
const kinds = (text: string, more?: Partial<Narration>) => narrate(said(text, more), model).map(({ kind }) => kind)

describe('what was learned of how people speak', () => {
  test('is what the script made of the sentences that stand in the repository', () => {
    const made = JSON.parse(readFileSync(MADE_FROM, 'utf8')) as { from: object; weights: string }
    expect(made.from).toEqual(sourceDigests(ROOT))
    expect(made.weights).toBe(weightsDigest(ROOT))
  })
  test('reads labelled paragraphs far better than the rules alone', () => {
    const some = labelledParagraphs(ROOT).filter(({ voice }, i) => voice !== 'first' && i % 6 === 0)
    const [rules, learned] = [scoreOf(some), scoreOf(some, model)]
    expect(learned.recall).toBeGreaterThan(rules.recall + 0.1)
    expect(learned.whole).toBeGreaterThan(rules.whole)
    expect(learned.precision).toBeGreaterThan(rules.precision)
  })
  test('of what it is sure of nearly all is right', () => {
    const [count, right] = scoreOf(
      labelledParagraphs(ROOT).filter((_, i) => i % 6 === 1),
      model,
    ).sure
    expect(count).toBeGreaterThan(50)
    expect(right / count).toBeGreaterThan(0.95)
  })
  test('the same examples teach the same weights, and what was taught is read', () => {
    const few = trainingExamples(ROOT).slice(0, 12)
    const once = encodeModel(learn(few))
    expect(Buffer.compare(once, encodeModel(learn(few)))).toBe(0)
    expect(Buffer.compare(once, encodeModel(decodeModel(once)))).toBe(0)
    expect(() => decodeModel(Uint8Array.from([99, 0]))).toThrow('not the weights of this version')
  })
  test('features are told apart by numbers within their bits', () => {
    const numbers = ['w0:wall', 'w0:walls', 'w-1:wall', ''].map(featureNumber)
    expect(new Set(numbers).size).toBe(4)
    for (const number of numbers) expect(number).toBeLessThan(1 << FEATURE_BITS)
  })
})

describe('speech without a stop', () => {
  test('is parted where a new fact begins, and follows the places', () => {
    const text =
      'boards are up taping starts thursday theres a crack over the door fill that bathroom tiles are laid grout isnt in yet client has to pick the tap'
    const lines = narrate(said(text), model)
    expect(lines.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['progress', 'expect', 'found', 'work', 'decide']),
    )
    expect(lines.length).toBeGreaterThanOrEqual(6)
    expect(lines.at(-1)).toMatchObject({ kind: 'decide', place: 'Bathroom' })
  })
  test('stops and capitals change nothing of the words', () => {
    const [example] = labelledParagraphs(ROOT)
    const bare = dictated(example!)
    expect(bare.narration.text).toBe(bare.narration.text.toLowerCase())
    expect(bare.told.map(({ line }) => line.words)).toHaveLength(example!.told.length)
    for (const { line, start, end } of bare.told) expect(bare.narration.text.slice(start, end)).toBe(line.words)
  })
})

describe('what is learned never says what was not said', () => {
  test.each([
    'The wall is framed by Friday, he promised.',
    'If the wires pass, the board goes up Thursday.',
    'Nothing is painted in here.',
    "Tiling's done except behind the toilet.",
    'The floor was sanded years ago.',
  ])('“%s” is no work done', (text) => {
    for (const line of narrate(said(text), model)) expect(line.percent ?? 0).toBeLessThan(100)
  })
  test('nor where nothing stops: what does not line up is not in', () => {
    const text =
      'boards are up on the long wall taping starts thursday theres a crack over the door two sockets in the island dont line up sparky said he might look'
    const done = narrate(said(text), model).filter(({ percent }) => percent === 100)
    expect(done.map(({ words }) => words).join('; ')).toMatch(/^boards are up[^;]*$/)
  })
  test.each(['Between us: the joist is cracked.', "Don't tell the owner, the beam is rotten."])(
    '“%s” stays private',
    (text) => {
      for (const line of narrate(said(text), model)) expect(line.private).toBe(true)
    },
  )
  test('nothing is lost: what has content and fits nothing is a note', () => {
    expect(kinds('Blue elephants were dancing quite happily over there.')).not.toEqual([])
    expect(narrate(said('Ok so.'), model)).toEqual([])
    expect(narrate(said(''), model)).toEqual([])
  })
  test('words are counted as they stand', () => {
    expect(wordsOf("Floor's 2.4 by 3, done").map(({ text, gap }) => `${gap}${text}`)).toEqual([
      ".floor's",
      '2.4',
      'by',
      '3',
      ',done',
    ])
  })
})

describe('a line that is not sure', () => {
  test('has another reading with the same words, place and secrecy', () => {
    const narration = said('')
    const other = otherReading(
      { kind: 'work', words: 'the sill wants looking at', place: 'Hall', private: true, or: ['found'] },
      narration,
    )
    expect(other).toMatchObject({ kind: 'found', words: 'the sill wants looking at', place: 'Hall', private: true })
    expect(otherReading({ kind: 'work', words: 'x' }, narration)).toBeNull()
  })
})
