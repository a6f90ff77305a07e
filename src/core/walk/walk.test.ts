import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { answersWords } from './answersWords'
import { line } from '../../../tests/fixtures/line'
import { laid, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { parseSize } from '../measure/size'
import { differences } from './differences'
import { mistOf, seenWords } from './mist'
import type { Observation } from './observation'
import { mergeRegisters, registersOf } from './registers'
import { walkNext } from './walkOrder'

const HOUSE = laid([
  { id: 'kitchen', name: 'Kitchen', treatments: ['room-board-finishes'] },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])
const progress = (id: string, value: number, seenAt?: string) =>
  seen({ subject: 'line', facet: 'progress', subjectId: id, placeId: id.split('/')[0]!, value }, seenAt, 'walk')

describe('registers', () => {
  const some = fc.array(
    fc
      .record({
        subject: fc.constantFrom('a', 'b'),
        value: fc.integer({ min: 0, max: 3 }),
        minute: fc.integer({ min: 0, max: 5 }),
        id: fc.uuid(),
      })
      .map(
        ({ subject, value, minute, id }): Observation =>
          ({
            id,
            siteId: 's',
            walkId: null,
            placeId: null,
            subject: 'line',
            subjectId: subject,
            facet: 'progress',
            value: value * 25,
            by: 'Ada',
            seenAt: `2026-03-10T08:0${minute}:00.000Z`,
          }) as Observation,
      ),
    { maxLength: 12 },
  )
  const plain = (registers: ReadonlyMap<string, Observation>) => [...registers].sort(([a], [b]) => (a < b ? -1 : 1))

  test('merging does not mind order, repetition or how the observations were split', () => {
    fc.assert(
      fc.property(some, some, (a, b) => {
        const whole = plain(registersOf([...a, ...b]))
        expect(plain(registersOf([...b, ...a].reverse()))).toEqual(whole)
        expect(plain(mergeRegisters(mergeRegisters(registersOf(b), a), [...a, ...b]))).toEqual(whole)
      }),
    )
  })
})

describe('the state of a site', () => {
  test('the last thing seen wins and the place counts as seen', () => {
    const state = stateOf([
      ...HOUSE,
      progress('kitchen/room-board-finishes/2', 50, '2026-03-09T09:00:00.000Z'),
      progress('kitchen/room-board-finishes/2', 25, '2026-03-08T09:00:00.000Z'),
    ])
    expect(state.lines.find((one) => one.id === 'kitchen/room-board-finishes/2')!.progress).toBe(50)
    expect(state.places.map((place) => [place.name, place.lastSeen])).toEqual([
      ['Kitchen', '2026-03-09T09:00:00.000Z'],
      ['Hall', null],
    ])
  })
  test('a place taken off hides its lines; put back, they are there again', () => {
    const off = [
      ...HOUSE,
      seen({ subject: 'place', facet: 'removed', subjectId: 'kitchen', placeId: 'kitchen', value: true }),
    ]
    expect(stateOf(off).lines.every((one) => one.placeId === 'hall')).toBe(true)
    const back = [
      ...off,
      seen({ subject: 'place', facet: 'removed', subjectId: 'kitchen', placeId: 'kitchen', value: false }),
    ]
    expect(stateOf(back).lines.some((one) => one.placeId === 'kitchen')).toBe(true)
  })
  test('what is told about something not yet laid down waits for it', () => {
    const early = progress('kitchen/room-board-finishes/0', 100)
    expect(stateOf([early]).lines).toEqual([])
    expect(stateOf([early, ...HOUSE]).lines.find((one) => one.id === 'kitchen/room-board-finishes/0')!.progress).toBe(
      100,
    )
  })
  test('measuring a place again changes quantities and, in proportion, effort', () => {
    const before = stateOf(HOUSE).lines.find((one) => one.title === 'Hang board')!
    // Walls and ceiling of 4 × 3 × 2.4: 33.6 + 12 = 45.6 m²; of 8 × 3 × 2.4: 52.8 + 24 = 76.8 m²
    expect(before.quantity!.value).toBeCloseTo(45.6, 6)
    const after = stateOf([
      ...HOUSE,
      seen({
        subject: 'place',
        facet: 'measured',
        subjectId: 'kitchen',
        placeId: 'kitchen',
        value: parseSize('8 x 3 x 2.4', 'metric'),
      }),
    ]).lines.find((one) => one.title === 'Hang board')!
    expect(after.quantity!.value).toBeCloseTo(76.8, 6)
    expect(after.hours).toBe(15.25) // 9 h / 45.6 m² (9.12 to the quarter) × 76.8 = 15.16, to the quarter 15.25
  })
  describe('a line changed by hand', () => {
    const set = (facet: 'title' | 'trade' | 'quantity' | 'hours', value: unknown) =>
      seen({
        subject: 'line',
        facet,
        subjectId: 'kitchen/room-board-finishes/6',
        placeId: 'kitchen',
        value,
      } as Parameters<typeof seen>[0])
    const board = (...changes: Observation[]) =>
      stateOf([...HOUSE, ...changes]).lines.find((one) => one.id === 'kitchen/room-board-finishes/6')!

    test('another title and trade, the rest as laid', () => {
      const before = board()
      const after = board(set('title', 'Hang moisture board'), set('trade', 'carpenter'))
      expect(after).toEqual({ ...before, title: 'Hang moisture board', trade: 'carpenter' })
    })
    test('another quantity, and the effort in proportion; the reckoned figures stay beside it', () => {
      const before = board()
      const after = board(set('quantity', before.quantity!.value * 2))
      expect(after.quantity!.value).toBeCloseTo(before.quantity!.value * 2, 6)
      expect(after.hours).toBe(before.hours * 2)
      expect(after.reckoned).toEqual({ quantity: before.quantity, hours: before.hours * 2 })
      expect(after.rough).toBe(false)
    })
    test('hours by hand win over the proportion; taken back, both are reckoned again', () => {
      const before = board()
      const byHand = [set('quantity', 10), set('hours', 3)]
      expect(board(...byHand)).toMatchObject({ quantity: { value: 10 }, hours: 3 })
      expect(board(...byHand, set('quantity', null), set('hours', null))).toEqual(before)
    })
    test('a quantity by hand stands when the place is measured again; what the sizes give follows', () => {
      const measured = seen({
        subject: 'place',
        facet: 'measured',
        subjectId: 'kitchen',
        placeId: 'kitchen',
        value: parseSize('8 x 3 x 2.4', 'metric'),
      })
      const after = board(set('quantity', 10), measured)
      expect(after.quantity!.value).toBe(10)
      expect(after.reckoned.quantity!.value).toBeGreaterThan(board().quantity!.value)
    })
  })
  test('a decision keeps both who recorded it and the day it is due', () => {
    const asked = seen({
      subject: 'decision',
      facet: 'asked',
      subjectId: 'd',
      placeId: 'hall',
      value: { question: 'Which rail?', owner: 'client', by: TODAY },
    })
    expect(stateOf([...HOUSE, asked]).decisions[0]).toMatchObject({ by: TODAY, seenBy: 'Ada', answer: null })
  })
})

describe('what changed between two walks', () => {
  test('a place that was measured, renamed or added says so; a room measured on the floor keeps its height', () => {
    const changed = stateOf([
      ...HOUSE,
      seen({
        subject: 'place',
        facet: 'measured',
        subjectId: 'kitchen',
        placeId: 'kitchen',
        value: parseSize('4.2 x 3', 'metric'),
      }),
      seen({ subject: 'place', facet: 'name', subjectId: 'hall', placeId: 'hall', value: 'Entry' }),
      ...laid([{ id: 'den', name: 'Den', treatments: [] }]),
    ])
    expect(differences(stateOf(HOUSE), changed, 'metric').map(({ text, detail }) => `${text} (${detail})`)).toEqual([
      'A new place (4 x 3 x 2.4)',
      'Size: 4.2 x 3 (was 4 x 3 x 2.4)',
      expect.stringMatching(
        /^7 quantities follow: 49 hours of work instead of 47.5 \(strip walls and ceiling 47 m² instead of 46 m²; .*lay the floor 13 m² instead of 12 m²\)$/,
      ),
      'Now called Entry (was Hall)',
    ])
    expect(changed.places.find((place) => place.id === 'kitchen')!.size!.sides[2]!.typed).toBe('2.4')
  })

  test('in sentences, in walking order, nothing twice', () => {
    const before = stateOf(HOUSE)
    const after = stateOf([
      ...HOUSE,
      seen({
        subject: 'finding',
        facet: 'found',
        subjectId: 'f',
        placeId: 'hall',
        value: { text: 'rot at the sill', condition: 'rot', certain: false },
      }),
      progress('kitchen/room-board-finishes/0', 100),
      seen({
        subject: 'line',
        facet: 'held',
        subjectId: 'kitchen/room-board-finishes/6',
        placeId: 'kitchen',
        value: { reason: 'backing not in' },
      }),
    ])
    expect(
      differences(before, after, 'metric').map(({ placeId, text, detail }) => `${placeId}: ${text} (${detail})`),
    ).toEqual([
      'kitchen: Protect the way in: finished (was 0, now 100)',
      'kitchen: Hang board held (backing not in)',
      'hall: Found: rot at the sill (suspected)',
    ])
    expect(differences(after, after, 'metric')).toEqual([])
  })
  test('private notes are marked so that nobody shares them', () => {
    const after = stateOf([
      ...HOUSE,
      seen({
        subject: 'note',
        facet: 'noted',
        subjectId: 'n',
        placeId: 'hall',
        value: { text: 'he is difficult', private: true },
      }),
    ])
    expect(differences(stateOf(HOUSE), after, 'metric')).toMatchObject([{ private: true }])
  })
})

describe('mist', () => {
  const at = (day: string) => ({ lastSeen: `${day}T09:00:00.000Z` })
  test('fades faster where people are at work', () => {
    // Half after 4 days at work, 21 where nothing happens: after 8 days a quarter is known, or 2^(−8/21) = 0.768.
    expect(mistOf(at('2026-03-02'), [], true, TODAY).clearness).toBeCloseTo(0.25, 6)
    expect(mistOf(at('2026-03-02'), [], false, TODAY).clearness).toBeCloseTo(0.768, 3)
    expect(
      mistOf(at('2026-03-02'), [line({ id: 'x', stage: 'paint', progress: 50 })], false, TODAY).clearness,
    ).toBeCloseTo(0.574, 3)
  })
  test('never gets clearer by waiting', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.boolean(), (day, busy) => {
        expect(mistOf(at(`2026-03-0${day}`), [], busy, TODAY).clearness).toBeLessThanOrEqual(
          mistOf(at('2026-03-10'), [], busy, TODAY).clearness,
        )
      }),
    )
  })
  test('says how long ago', () => {
    expect(seenWords(mistOf(at('2026-03-10'), [], true, TODAY))).toBe('seen today')
    expect(seenWords(mistOf({ lastSeen: null }, [], true, TODAY))).toBe('never seen')
    expect(mistOf({ lastSeen: null }, [], false, TODAY).misty).toBe(true)
  })
})

test('a place that nobody saw is told so, without a number of days', () => {
  const place = { name: 'Attic', busy: true, mist: mistOf({ lastSeen: null }, [], true, TODAY) }
  const site = { siteId: 'a', places: [place], gatesSoon: [], neverWalked: false, walkedToday: false }
  expect(walkNext([site])[0]!.reason).toMatch(/^Attic was never seen, and people work there\./)
})
test('who owes an answer is said as people say it', () => {
  expect(answersWords('us')).toBe('we answer')
  expect(answersWords('client')).toBe('the client answers')
})

test('the site to walk next is the one that is forgotten while people work there, and says so', () => {
  const place = (daysUnseen: number, busy: boolean) => ({
    name: 'Bathroom',
    busy,
    mist: { clearness: 0.5 ** (daysUnseen / 4), daysUnseen, misty: daysUnseen > 5 },
  })
  const site = (siteId: string, places: ReturnType<typeof place>[], more = {}) => ({
    siteId,
    places,
    gatesSoon: [],
    neverWalked: false,
    walkedToday: false,
    ...more,
  })
  const order = walkNext([
    site('quiet', [place(1, false)]),
    site('busy', [place(9, true)]),
    site('done', [place(9, true)], { walkedToday: true }),
  ])
  expect(order.map((one) => one.siteId)).toEqual(['busy', 'quiet'])
  expect(order[0]!.reason).toBe(
    'Bathroom was not seen for 9 days while people work there. One place was not seen for long.',
  )
})
