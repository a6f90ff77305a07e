import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import type { Line } from '../scope/line'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import { coverGates, gateItemId, gateWords, type GateFacts, type GateMark } from './coverGate'
import { relationsFor, turnedRound } from './relations'
import { SCHOOLS, schoolSentences, USUAL_SCHOOLS, wayOf, type SchoolId, type Schools } from './schools'
import { layOut, linksAmong, requireNoCycle } from './stageOrder'

const RELATIONS = relationsFor(USUAL_SCHOOLS)
const links = (...stages: Stage[]) =>
  linksAmong(new Set(stages), RELATIONS).map((link) => `${link.before} > ${link.after} +${link.waitDays}`)

describe('the order of stages', () => {
  test('holds without a circle in both schools', () => {
    expect(layOut(RELATIONS).circle).toBeNull()
    expect(layOut(relationsFor({ cabinetsAndPaint: { way: 'cabinets-first', why: '' } })).circle).toBeNull()
  })
  test('an absent stage passes its relations on: framing to board with nothing between', () => {
    expect(links('framing', 'board')).toEqual(['framing > board +0'])
  })
  test('waits follow the earlier stage: tape dries a day before the floor even where nobody paints', () => {
    expect(links('tape', 'flooring')).toEqual(['tape > flooring +1'])
    expect(links('cabinets', 'countertops')).toEqual(['cabinets > countertops +0'])
    expect(links('concrete', 'framing')).toEqual(['concrete > framing +3'])
  })
  test('every link runs forward in build order, save where rough openings and cladding cross', () => {
    const rank = (stage: Stage) => BUILD_ORDER.indexOf(stage)
    const backward = linksAmong(new Set(BUILD_ORDER), RELATIONS).filter((link) => rank(link.before) > rank(link.after))
    expect(backward.map((link) => `${link.before} > ${link.after}`)).toEqual(['weather-barrier > windows-doors'])
  })
  test('the other school turns cabinets and paint round', () => {
    const turned = linksAmong(
      new Set<Stage>(['paint', 'cabinets']),
      relationsFor({ cabinetsAndPaint: { way: 'cabinets-first', why: '' } }),
    )
    expect(turned.map((link) => `${link.before} > ${link.after}`)).toEqual(['cabinets > paint'])
  })
  test('a site’s own order goes before the trade’s, and what it turns round is known', () => {
    const own = [{ before: 'trim', after: 'cabinets', why: 'the cabinets are late' } as const]
    const links = linksAmong(new Set<Stage>(['trim', 'cabinets']), relationsFor(USUAL_SCHOOLS, own))
    expect(links.map((link) => `${link.before} > ${link.after}`)).toEqual(['trim > cabinets'])
    expect(turnedRound(USUAL_SCHOOLS, own).map(({ why }) => why)).toEqual(['trim meets set cabinets'])
    expect(turnedRound(USUAL_SCHOOLS, [])).toEqual([])
  })
  test('nothing is cut before its load is held, whatever a site says', () => {
    const own = [{ before: 'structure', after: 'shoring', why: 'in a hurry' } as const]
    expect(() => requireNoCycle(relationsFor(USUAL_SCHOOLS, own))).toThrow(/Shoring before Structure/)
  })
  test('a circle of own relations is told in words', () => {
    const own = [{ before: 'fixtures', after: 'paint', why: 'wanted so' } as const]
    expect(() => requireNoCycle(relationsFor(USUAL_SCHOOLS, own))).toThrow(
      /These relations run in a circle: .*Paint before .*Fixtures.*Take one of them away\./,
    )
  })
})

describe('the cover gate', () => {
  const wall = [
    line({ id: 'backing', stage: 'framing', title: 'Backing for the rail', beforeCover: true }),
    line({ id: 'pipes', stage: 'pipes', title: 'Pipes in walls', progress: 100 }),
    line({ id: 'test', stage: 'pipes', title: 'Pressure test', inspects: ['pipes'], progress: 100 }),
    line({ id: 'batts', stage: 'insulation', title: 'Insulate' }),
    line({ id: 'board', stage: 'board', title: 'Hang board' }),
  ]
  const photos = (stage: Stage) => [gateItemId('room', stage, 'photos'), { ticked: true, failed: null }] as const

  const gatesOf = (
    lines: readonly Line[],
    marks: readonly (readonly [string, GateMark])[] = [],
    entries: GateFacts['entries'] = [],
  ) => coverGates('room', { lines, gateMarks: new Map(marks), entries })

  test('waits for what was to be opened and looked at, and for a wall that may carry, until they are answered', () => {
    const open = { placeId: 'room', settled: null }
    const entries: GateFacts['entries'] = [
      { ...open, id: 'look', kind: 'open-up', values: { look: 'the plate behind the tub' } },
      { ...open, id: 'wall', kind: 'bearing-clue', values: { wall: 'the wall to the hall' } },
      { ...open, id: 'elsewhere', placeId: 'hall', kind: 'open-up', values: { look: 'the joists' } },
      { ...open, id: 'advice', kind: 'cause-advice', values: { advice: 'lower the bed' } },
    ]
    const gate = gatesOf(wall, [], entries)[0]!
    expect(gate.items.filter((item) => item.kind === 'entry').map((item) => item.text)).toEqual([
      'Open up and look: the plate behind the tub',
      'A wall that may carry: the wall to the hall',
    ])
    expect(gateWords(gate)).toBe('Insulation waits for: open up and look: the plate behind the tub and 3 more')
    const answered = entries.map((entry) => ({ ...entry, settled: { result: 'sound' } }))
    expect(gatesOf(wall, [], answered)[0]!.items.some((item) => item.kind === 'entry')).toBe(false)
  })
  test('a room with nothing in its walls still waits for what has to be looked at', () => {
    const gates = gatesOf(
      [line({ id: 'board', stage: 'board' })],
      [],
      [{ id: 'look', placeId: 'room', kind: 'open-up', values: { look: 'behind the panel' }, settled: null }],
    )
    expect(gates.map((gate) => [gate.stage, gate.open])).toEqual([['board', false]])
  })
  test('gathers what this room really has, at the first stage that hides it', () => {
    const gates = gatesOf(wall)
    expect(gates.map((gate) => [gate.stage, gate.items.map((item) => item.text)])).toEqual([
      [
        'insulation',
        ['Backing for the rail', 'Pipes in walls', 'Pressure test', 'Photos wall by wall, tape in the picture'],
      ],
      ['board', ['Insulate', 'Photos wall by wall, tape in the picture']],
    ])
    expect(gateWords(gates[0]!)).toBe('Insulation waits for: backing for the rail and 1 more')
  })
  test('opens when everything is in and photographed', () => {
    const done = wall.map((one) => (one.id === 'backing' ? { ...one, progress: 100 } : one))
    expect(gatesOf(done, [photos('insulation')])[0]!.open).toBe(true)
  })
  test('a failed test shuts it even where the work was marked done', () => {
    const failed = wall.map((one) => (one.id === 'test' ? { ...one, held: { reason: 'lost pressure' } } : one))
    const gate = gatesOf(failed, [photos('insulation')])[0]!
    expect(gate.open).toBe(false)
    expect(gateWords(gate)).toBe('Insulation held: pressure test, lost pressure')
  })
  test('a room without walls to hide has no gate; a covered one has none left', () => {
    expect(gatesOf([line({ id: 'p', stage: 'paint' })])).toEqual([])
    expect(gatesOf(wall.map((one) => ({ ...one, progress: 100 })))).toEqual([])
  })
  test('excluded work is not asked for', () => {
    const out = wall.map((one) => (one.id === 'backing' ? { ...one, excluded: { reason: 'no rail' } } : one))
    expect(gatesOf(out)[0]!.items.map((item) => item.text)).not.toContain('Backing for the rail')
  })
})

describe('where good practitioners differ', () => {
  const ids = Object.keys(SCHOOLS) as SchoolId[]
  test.each(ids)('%s is usually done in one of its ways', (id) => {
    expect(Object.keys(SCHOOLS[id].ways)).toContain(SCHOOLS[id].usual)
    expect(wayOf({}, id)).toBe(SCHOOLS[id].usual)
  })
  test('no choice of cabinets, paint and floor closes a circle', () => {
    for (const paint of Object.keys(SCHOOLS.cabinetsAndPaint.ways))
      for (const floor of Object.keys(SCHOOLS.floorAndCabinets.ways)) {
        const schools: Schools = {
          cabinetsAndPaint: { way: paint, why: '' },
          floorAndCabinets: { way: floor, why: '' },
        }
        expect(layOut(relationsFor(schools)).circle).toBeNull()
      }
  })
  test('the order follows the floor’s school', () => {
    const has = (schools: Schools, before: string, after: string) =>
      relationsFor(schools).some((one) => one.before === before && one.after === after)
    expect(has({}, 'flooring', 'cabinets')).toBe(true)
    const late: Schools = { floorAndCabinets: { way: 'cabinets-first', why: 'a floating floor' } }
    expect(has(late, 'flooring', 'cabinets')).toBe(false)
    expect(has(late, 'cabinets', 'flooring')).toBe(true)
    expect(schoolSentences(late)).toEqual([
      'Floor and cabinets: cabinets first, floor to the toe-kick, because a floating floor.',
    ])
  })
})
