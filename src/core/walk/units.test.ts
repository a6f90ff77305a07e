import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import type { Measured, Tenths } from '../measure/length'
import type { NewFact, Observation } from './observation'
import type { SiteState } from './siteState'
import { copyUnit, offers, settledOffers, unitsOf, type Ids, type UnitCopy } from './units'

const length = (mm: number): Measured => ({ tenths: (mm * 10) as Tenths, precision: 'exact', typed: `${mm} mm` })
const written = (subjectId: string, placeId: string, kind: string, values: object): Observation =>
  seen({ subject: 'entry', facet: 'written', subjectId, placeId, value: { kind, values } } as never)

const HOUSE = [
  ...laid([
    {
      id: 'bunk',
      name: 'Bunk room',
      level: 'Unit 5, upstairs',
      treatments: ['room-board-finishes'],
      size: '3 x 2.05 x 2.4',
    },
    {
      id: 'bath',
      name: 'Unit 5 bath',
      level: 'Unit 5, upstairs',
      treatments: ['room-board-finishes'],
      size: '1.9 x 2.2',
    },
    { id: 'nook', name: 'Chimney nook', treatments: ['room-paint-only'] },
  ]),
  written('door', 'bunk', 'room-piece', {
    what: 'Door',
    sort: 'hinged door',
    wall: 'far wall',
    from: length(200),
    width: length(700),
    hinge: 'at the start',
    swings: 'into the room',
  }),
  written('window', 'bunk', 'room-piece', {
    what: 'Window left of the bunk',
    sort: 'window',
    wall: 'left wall',
    width: length(900),
  }),
  written('passed', 'bunk', 'level-status', { status: 'boards lie' }),
]
const before = stateOf(HOUSE)
const ids: Ids = {
  fresh: (() => {
    let made = 0
    return () => `new-${++made}`
  })(),
  twin: (id, copy) => `${id}~${copy}`,
}
const as = (facts: readonly NewFact[], at = '2026-03-09T08:00:00.000Z'): Observation[] =>
  facts.map((fact) => seen(fact as Parameters<typeof seen>[0], at as never))
const MIRROR: UnitCopy = {
  placeIds: ['bunk', 'bath'],
  of: 'Unit 5',
  name: 'Unit 6',
  mirrored: true,
  differences: ['fire wall side in the bunk room', 'no nook'],
}
const copied = [...HOUSE, ...as(copyUnit(before, MIRROR, 'metric', ids))]
const state = stateOf(copied)
const named = (of: SiteState, name: string) => of.places.find((one) => one.name === name)!
const at = (of: SiteState, name: string) => of.entries.filter(({ placeId }) => placeId === named(of, name).id)

describe('a unit that is mirrored as a whole', () => {
  test('has every place, named after it, with its size and work, none of it done', () => {
    expect([...unitsOf(state)].map(([unit, places]) => [unit, places.map(({ name }) => name)])).toEqual([
      ['Unit 5', ['Bunk room', 'Unit 5 bath']],
      ['Unit 6', ['Bunk room, Unit 6', 'Unit 6 bath']],
    ])
    expect(named(state, 'Unit 6 bath')).toMatchObject({ level: 'Unit 6, upstairs', mirrored: true })
    const lines = (name: string) => state.lines.filter(({ placeId }) => placeId === named(state, name).id)
    expect(lines('Unit 6 bath')).toHaveLength(lines('Unit 5 bath').length)
  })
  test('doors and hands are turned: the other end of the wall, the other side of the room', () => {
    expect(at(state, 'Bunk room, Unit 6').map(({ values }) => values)).toMatchObject([
      { wall: 'far wall', from: { tenths: 21_000 }, hinge: 'at the far end' },
      { what: 'Fire wall side in the bunk room', unit: 'Unit 6' },
      { what: 'Window right of the bunk', wall: 'right wall' },
    ])
    expect(state.entries.find(({ values }) => values.what === 'No nook')!.placeId).toBe(null)
  })
  test('copied alike, nothing is turned', () => {
    const alike = stateOf([...HOUSE, ...as(copyUnit(before, { ...MIRROR, mirrored: false }, 'metric', ids))])
    expect(at(alike, 'Bunk room, Unit 6')[0]!.values).toMatchObject({ from: { tenths: 2000 }, hinge: 'at the start' })
  })
  test('right after, nothing is offered', () => {
    expect(offers(state, 'metric', ids)).toEqual([])
  })
})

describe('what changes in the one afterwards', () => {
  const LATER = '2026-03-10T08:00:00.000Z'
  const size = { sides: [length(3000), length(2150), length(2400)], typed: '3 x 2.15 x 2.4' }
  const line = {
    ...state.lines.find(({ placeId }) => placeId === 'bunk')!,
    title: 'Niche on the left',
    placeId: 'bunk',
  }
  const { id: _id, ...lineLaid } = line
  const out = state.lines.filter(({ placeId }) => placeId === 'bath')[0]!
  const changed = [
    ...copied,
    ...as(
      [
        { subject: 'place', subjectId: 'bunk', facet: 'measured', placeId: 'bunk', value: size },
        { subject: 'line', subjectId: 'niche', facet: 'laid', placeId: 'bunk', value: lineLaid },
        { subject: 'line', subjectId: out.id, facet: 'excluded', placeId: 'bath', value: { reason: 'kept' } },
        {
          subject: 'entry',
          subjectId: 'window',
          facet: 'written',
          placeId: 'bunk',
          value: {
            kind: 'room-piece',
            values: { what: 'Window', sort: 'window', wall: 'left wall', width: length(1200) },
          },
        },
      ] as NewFact[],
      LATER,
    ),
  ]
  const found = offers(stateOf(changed), 'metric', ids)

  test('is offered to the other, never made there', () => {
    expect(found.map(({ words }) => words)).toEqual([
      'It is 3 × 2.15 × 2.4 m now',
      'New: Niche on the right',
      'Written down: Window',
      `Left out: ${out.title} (kept)`,
    ])
    expect(named(stateOf(changed), 'Bunk room, Unit 6').size!.sides[1]!.tenths).toBe(20_500)
  })
  test('taken over it is so there too, changed and not doubled, and is offered no more', () => {
    const taken = stateOf([
      ...changed,
      ...as(
        found.flatMap(({ facts }) => facts),
        '2026-03-11T08:00:00.000Z',
      ),
      ...as(
        state.places.flatMap((place) => {
          const keys = found.filter(({ placeId }) => placeId === place.id).map(({ key }) => key)
          return keys.length > 0 ? [settledOffers(place, keys)] : []
        }),
        '2026-03-11T08:00:00.000Z',
      ),
    ])
    expect(offers(taken, 'metric', ids)).toEqual([])
    expect(named(taken, 'Bunk room, Unit 6').size!.sides[1]!.tenths).toBe(21_500)
    const windows = at(taken, 'Bunk room, Unit 6').filter(({ values }) => values.sort === 'window')
    expect(windows.map(({ values }) => values)).toMatchObject([{ wall: 'right wall', width: { tenths: 12_000 } }])
  })
  test('not wanted there, it is offered no more either, until it changes again', () => {
    const copy = named(state, 'Bunk room, Unit 6')
    const left = [
      ...changed,
      ...as(
        [
          settledOffers(
            copy,
            found.map(({ key }) => key),
          ),
        ],
        '2026-03-11T08:00:00.000Z',
      ),
    ]
    expect(offers(stateOf(left), 'metric', ids).map(({ placeId }) => placeId)).toEqual([named(state, 'Unit 6 bath').id])
    const again = { ...size, sides: [length(3000), length(2170), length(2400)] }
    const wider = as(
      [{ subject: 'place', subjectId: 'bunk', facet: 'measured', placeId: 'bunk', value: again }],
      '2026-03-12T08:00:00.000Z',
    )
    expect(offers(stateOf([...left, ...wider]), 'metric', ids)[0]!.words).toBe('It is 3 × 2.17 × 2.4 m now')
  })
})

test('what is left out in the one and comes in again is offered both times', () => {
  const line = state.lines.find(({ placeId }) => placeId === 'bath')!
  const copy = named(state, 'Unit 6 bath')
  const put = (value: object | null, at: string) =>
    as([{ subject: 'line', subjectId: line.id, facet: 'excluded', placeId: 'bath', value } as NewFact], at)
  const out = [...copied, ...put({ reason: 'kept' }, '2026-03-10T08:00:00.000Z')]
  const [leave] = offers(stateOf(out), 'metric', ids)
  const taken = [...out, ...as([...leave!.facts, settledOffers(copy, [leave!.key])], '2026-03-11T08:00:00.000Z')]
  expect(offers(stateOf(taken), 'metric', ids)).toEqual([])
  const back = [...taken, ...put(null, '2026-03-12T08:00:00.000Z')]
  expect(offers(stateOf(back), 'metric', ids).map(({ words }) => words)).toEqual([`In again: ${line.title}`])
})

test.each([
  [{ of: ' ' }, 'This one: say what it is called, like Unit 5.'],
  [{ name: '' }, 'The other: say what it is called, like Unit 6.'],
  [{ name: 'unit 5' }, 'The other: it needs another name than this one.'],
  [{ placeIds: [] }, 'Places: tick those that it is made of.'],
])('what is not said is asked by name: %j', (part, message) => {
  expect(() => copyUnit(before, { ...MIRROR, ...part }, 'metric', ids)).toThrow(message)
})
