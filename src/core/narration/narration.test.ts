import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { readDate, readLead } from './dates'
import type { SpokenLine } from './line'
import { narrate } from './narrate'
import { readNumber } from '../measure/spokenNumber'
import { readNumbers } from './sizes'

const TODAY = '2026-03-10' as Day
const PLACES = ['Shopfront room', 'Kitchen', 'Pantry', 'Hall', 'Front bedroom', 'Back bedroom', 'Bathroom', 'Yard face']
const say = (text: string, units: 'metric' | 'imperial' = 'metric', current: string | null = 'Kitchen'): SpokenLine[] =>
  narrate({ text, places: PLACES, current, units, today: TODAY })
const told = (text: string, units: 'metric' | 'imperial' = 'metric') =>
  say(text, units).map(({ words: _words, ...line }) => line)

describe('numbers as people say them', () => {
  test.each([
    ['sixty five', 65],
    ['twenty four hundred', 2400],
    ['two hundred and sixty', 260],
    ['six hundred fifty', 650],
    ['1,450', 1450],
    ['a grand and a half', 1500],
    ['11 and 7/8', 11.875],
    ['two and a quarter', 2.25],
    ['three eighths', 0.375],
    ['eighteen hundred', 1800],
  ])('%s', (text, value) => {
    expect(readNumber(text.split(' '), 0)!.value).toBe(value)
  })
  test.each([
    ['22 foot 6 by 18 inches', 'imperial', [6858, 457]],
    ['nine foot four long', 'imperial', [2845]],
    ['seven foot one and a quarter', 'imperial', [2165]],
    ['five foot by nine', 'imperial', [1524, 2743]],
    ['900 by 1200', 'metric', [900, 1200]],
    ['1.25 by 0.9', 'metric', [1250, 900]],
    ['24 by 24 by 30 deep', 'imperial', [610, 610, 762]],
    ['a 125 duct', 'metric', [125]],
  ] as const)('%s', (text, units, dims) => {
    expect(readNumbers(text.split(' '), units).dims).toEqual(dims)
  })
})

describe('days against Tuesday 10 March 2026', () => {
  test.each([
    ['thursday', '2026-03-12'],
    ['tuesday', '2026-03-17'],
    ['next friday', '2026-03-20'],
    ['next tuesday', '2026-03-17'],
    ['monday week', '2026-03-23'],
    ['a week thursday', '2026-03-19'],
    ['last friday', '2026-03-06'],
    ['end of the week', '2026-03-13'],
    ['the 18th', '2026-03-18'],
    ['the ninth', '2026-04-09'],
    ['april 2nd', '2026-04-02'],
    ['in three weeks', '2026-03-31'],
    ['tomorrow night', '2026-03-11'],
  ])('%s', (text, day) => {
    expect(readDate(text, TODAY)?.day).toBe(day)
  })
  test('a length of time is a lead, its last number counts', () => {
    expect(readLead('six to eight weeks out')).toBe(56)
    expect(readLead('a fortnight from order')).toBe(14)
    expect(readLead('a month')).toBe(30)
    expect(readLead('soon')).toBeNull()
  })
})

describe('what a person tells on a walk', () => {
  test('one line a fact, in spoken order, with the place in force', () => {
    expect(told('drywall’s all up and taped. out in the hall the switches aren’t on yet')).toMatchObject([
      { kind: 'progress', place: 'Kitchen', element: 'drywall', stage: 'board', percent: 100 },
      { kind: 'progress', place: 'Kitchen', stage: 'tape', percent: 100 },
      { kind: 'progress', place: 'Hall', element: 'switch', percent: 0 },
    ])
  })
  test('a self-correction leaves one line, also where it changes the kind', () => {
    expect(told('siders are here Wednesday, no sorry, Thursday')).toMatchObject([
      { kind: 'expect', trade: 'sider', date: '2026-03-12' },
    ])
    expect(told('the ceiling comes out, no wait, it stays')).toMatchObject([{ kind: 'keep', element: 'ceiling' }])
  })
  test('a contradiction without such a word stands on both sides', () => {
    expect(told('this wall comes out. drawing says it stays though').map((line) => line.kind)).toEqual(['work', 'keep'])
  })
  test('what is denied is never a finding; what is suspected says so', () => {
    expect(told('joists look fine, no rot')).toMatchObject([{ kind: 'note' }])
    expect(told('could be rot in the plate')).toMatchObject([
      { kind: 'found', element: 'plate', condition: 'rot', certain: false },
    ])
  })
  test('held, decided, excluded, an extra with its price', () => {
    expect(told("don't board this wall until the pressure test's passed")).toMatchObject([
      { kind: 'progress', state: 'held', until: "the pressure test's passed" },
    ])
    expect(told('the owner has to choose a grout by next Wednesday')).toMatchObject([
      { kind: 'decide', trade: 'client', element: 'grout', date: '2026-03-18' },
    ])
    expect(told("front steps aren't in the contract")).toMatchObject([{ kind: 'exclude', element: 'stair' }])
    expect(told("add a light on the stair, that's an extra, eighty five quid")).toMatchObject([
      { kind: 'work', action: 'install', element: 'light', extra: true, amount: 8500 },
    ])
  })
  test('things that share a verb make a line each; a plural covers its places', () => {
    expect(told('toilet and vanity come out').map((line) => line.element)).toEqual(['toilet', 'vanity'])
    expect(told('both bedrooms are painted').map((line) => line.place)).toEqual(['Front bedroom', 'Back bedroom'])
  })
  test('a remark between us is kept and never shared', () => {
    expect(told("between you and me the tiler's late again")).toMatchObject([{ kind: 'note', private: true }])
    expect(told("don't show the client this yet but two of the joists are cracked")).toMatchObject([
      { kind: 'found', element: 'joist', quantity: 2, private: true },
    ])
  })
  test('small words inside the name of a place never name it', () => {
    const lines = narrate({
      text: "tiler's back Thursday, and the client has to pick a grout by Monday. stair's swept",
      places: ['Bathroom', 'Hall and stair'],
      current: 'Bathroom',
      units: 'metric',
      today: TODAY,
    })
    expect(lines.map((line) => line.place)).toEqual(['Bathroom', 'Bathroom', 'Bathroom'])
  })
  test('said without a pause it is the same', () => {
    expect(
      told('windows are six of eight wrap not started window fitters back thursday').map((line) => line.kind),
    ).toEqual(['progress', 'progress', 'expect'])
  })
})

describe('nothing said is lost', () => {
  const WORDS =
    'the a kitchen hall board tape wall stays until no sorry make that is not in up out half done rotten crack window by 4 9 foot inch and but , . ! friday client has to pick an extra forty quid between us test failed it them put run comes next weeks plumber'.split(
      ' ',
    )
  const spoken = fc.oneof(
    fc.string({ maxLength: 120 }),
    fc.array(fc.constantFrom(...WORDS), { maxLength: 30 }).map((words) => words.join(' ')),
  )
  const LEAD_IN =
    /^(?:ok|okay|right|er|uh|um|erm|so|well|now|and|but|then|next|also|yeah|yes|alright|anyway|still|oh|plus|moving|move|over|on|going|heading|go|onto|out|up|down|back|through|into|in|to|at|round|around|here|we|are|re|i|am|the|this|is|that|for|as|same|first|starting|start|with|inside|outside|upstairs|downstairs|door|let|us|do|look|of|no|sorry|make|wait|scratch|actually|mean|rather|correction|nope|not|kitchen|hall|pantry|bathroom|shopfront|yard|face|room|bedroom|front|both|bedrooms|the|s)$/

  test('any text at all: no error, and every word stands in some line unless it only leads in', () => {
    fc.assert(
      fc.property(spoken, fc.constantFrom('metric' as const, 'imperial' as const), (text, units) => {
        const lines = say(text, units)
        const kept = lines.map((line) => line.words.toLowerCase()).join(' ')
        for (const { words } of lines) expect(text).toContain(words)
        for (const word of text.toLowerCase().match(/[a-z0-9]{2,}/g) ?? [])
          if (!LEAD_IN.test(word)) expect(kept, `"${word}" of "${text}"`).toContain(word)
      }),
      { numRuns: 1500 },
    )
  })
})
