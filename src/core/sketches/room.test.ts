import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { readEntry } from '../entries/entryWords'
import { kindOf } from '../entries/entry'
import { printerFor } from '../takeoff/printer'
import { roomClashes, roomSketch, type Piece } from './room'
import { roomPlan } from './roomPieces'

const p = printerFor('metric')
const piece = (part: Partial<Piece> & Pick<Piece, 'name'>): Piece => ({
  sort: 'fixture',
  wall: 'far wall',
  from: 0,
  width: 800,
  depth: 500,
  clear: 0,
  hinge: 'start',
  opensInward: true,
  ...part,
})
const door = (part: Partial<Piece> & Pick<Piece, 'name'>): Piece =>
  piece({ sort: 'hinged door', width: 760, depth: 0, ...part })
const clashes = (...pieces: Piece[]) => roomClashes({ long: 2600, wide: 2100, pieces }, p)

describe('what cannot be in a room at once', () => {
  test('a door that swings into a basin, and not when it hangs the other way or opens out', () => {
    const basin = piece({ name: 'the basin', wall: 'left wall', from: 1300, width: 600 })
    const into = door({ name: 'the door', wall: 'near wall', from: 100 })
    expect(clashes(basin, into)).toEqual(['The door swings into the basin.'])
    expect(clashes(basin, { ...into, opensInward: false })).toEqual([])
    expect(clashes(basin, { ...into, from: 1500 })).toEqual([])
  })
  test('two doors that meet, and two things that need the same floor', () => {
    const left = door({ name: 'the hall door', wall: 'near wall', from: 200 })
    const right = door({ name: 'the closet', wall: 'left wall', from: 1200 })
    expect(clashes(left, right)).toEqual(['The hall door and the closet swing into each other.'])
    const pan = piece({ name: 'the pan', from: 0, clear: 700 })
    expect(clashes(pan, piece({ name: 'the shelf', wall: 'left wall', from: 700, width: 600, depth: 300 }))).toEqual([
      'The pan and the shelf need the same floor.',
    ])
  })
  test('the floor that is kept free before something counts', () => {
    const vanity = piece({ name: 'the vanity', from: 1100, width: 900, depth: 480, clear: 1000 })
    const entry = door({ name: 'the door', wall: 'near wall', from: 1200 })
    expect(clashes(vanity, entry)).toEqual(['The door swings into the vanity or the floor kept free before it.'])
  })
  test('what reaches past its wall, or across the room', () => {
    expect(clashes(piece({ name: 'the tub', from: 1200, width: 1700 }))).toEqual([
      'The tub reaches 300 mm past the end of the far wall.',
    ])
    expect(clashes(piece({ name: 'the pan', clear: 1800 }))).toEqual([
      'The pan needs 2300 mm into the room, 2100 mm is there.',
    ])
  })
  test('floor that is kept free may serve two things', () => {
    const pan = piece({ name: 'the pan', from: 0, width: 700, clear: 700 })
    const basin = piece({ name: 'the basin', wall: 'right wall', from: 600, width: 600, clear: 1700 })
    expect(clashes(pan, basin)).toEqual([])
  })
  test('a window takes no floor', () => {
    expect(
      clashes(piece({ name: 'the window', sort: 'window', depth: 0 }), piece({ name: 'the tub', width: 1700 })),
    ).toEqual([])
  })
})

test('the drawing names its sides, each thing and each swing', () => {
  const { title, shapes, width } = roomSketch(
    'Bathroom',
    {
      long: 2600,
      wide: 2100,
      pieces: [door({ name: 'the door', wall: 'near wall', from: 100 }), piece({ name: 'the tub' })],
    },
    p,
  )
  expect(title).toBe('Bathroom from above, 2600 mm by 2100 mm')
  expect(width).toBeGreaterThan(2600)
  const labels = shapes.flatMap((shape) => (shape.kind === 'label' ? [shape.text] : []))
  expect(labels).toEqual(expect.arrayContaining(['2600 mm', '2100 mm', 'the door', 'the tub']))
  const swing = shapes.find((shape) => shape.kind === 'outline' && shape.points.length === 13)
  expect(swing).toBeDefined()
})

test('a room is drawn from its register, without what is gone again', () => {
  const house = laid([{ id: 'bath', size: '2.6 x 2.1', treatments: [] }])
  const typed: Record<string, string> = {
    what: 'the vanity',
    sort: 'fixture, cabinet, appliance',
    wall: 'far wall',
    from: '1100 mm',
    width: '900 mm',
    depth: '480 mm',
    clear: '1.7 m',
  }
  const values = readEntry(kindOf('room-piece'), (key) => typed[key] ?? '', 'metric')
  const written = seen({
    subject: 'entry',
    facet: 'written',
    subjectId: 'vanity',
    placeId: 'bath',
    value: { kind: 'room-piece', values },
  })
  const planOf = (...facts: Parameters<typeof stateOf>[0]) => {
    const state = stateOf([...house, ...facts])
    return roomPlan(state.places[0]!, state.entries, 'metric')!
  }
  expect(planOf(written).clashes).toEqual(['The vanity needs 2180 mm into the room, 2100 mm is there.'])
  const gone = seen({ subject: 'entry', facet: 'settled', subjectId: 'vanity', placeId: 'bath', value: { result: '' } })
  expect(planOf(written, gone).clashes).toEqual([])
  expect(roomPlan({ ...stateOf(house).places[0]!, size: null }, [], 'metric')).toBeNull()
})
