import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import { layOut } from '../sequence/stageOrder'
import { relationsFor } from '../sequence/relations'
import { SCHOOLS, type SchoolId, type Schools } from '../sequence/schools'
import type { Observation } from '../walk/observation'
import { whatFollows, withSchools } from './schoolWork'

const HOUSE = laid([
  { id: 'front', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off', 'window-replaced'] },
  { id: 'back', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off'] },
  { id: 'kitchen', size: '4 x 3.5 x 2.4', treatments: ['kitchen-rebuilt'] },
  { id: 'bar', size: '5 x 4 x 2.4', level: 'Basement', treatments: ['basement-finished'] },
  { id: 'hall', size: '3 x 2 x 2.4', treatments: ['opening-between-rooms', 'room-paint-floor', 'window-replaced'] },
])
const way = (id: SchoolId, chosen: string): Schools => ({ [id]: { way: chosen, why: 'it fits here' } })
const site = (schools: Schools, more: readonly Observation[] = []) =>
  withSchools(stateOf([...HOUSE, ...more]), schools, 'metric')
const at = (state: { readonly lines: readonly Line[] }, placeId: string, stage: Stage): Line[] =>
  state.lines.filter((line) => line.placeId === placeId && line.stage === stage)
const one = (state: { readonly lines: readonly Line[] }, placeId: string, stage: Stage): Line =>
  at(state, placeId, stage)[0]!
const usual = site({})

describe('what the ways of a site do to its lines', () => {
  test('nothing where nobody chose', () => {
    expect(usual).toEqual(stateOf(HOUSE))
  })
  test('siding laid over the old is not torn off nor sheathed; the reason stands with the line', () => {
    const over = site(way('oldSiding', 'overlay'))
    expect(one(over, 'front', 'strip-out').excluded?.reason).toBe('old siding stays under the new on this site')
    expect(one(over, 'front', 'framing').excluded).not.toBeNull()
    expect(one(over, 'front', 'cladding').excluded).toBeNull()
  })
  test('the mixed way tears off only where something was found', () => {
    const rot = seen({
      subject: 'finding',
      facet: 'found',
      subjectId: 'f',
      placeId: 'back',
      value: { text: 'soft sill', condition: 'rot', certain: true },
    })
    const mixed = site(way('oldSiding', 'hybrid'), [rot])
    expect(one(mixed, 'front', 'strip-out').excluded).not.toBeNull()
    expect(one(mixed, 'back', 'strip-out').excluded).toBeNull()
  })
  test('what is begun stays as it is', () => {
    const begun = seen({
      subject: 'line',
      facet: 'progress',
      subjectId: one(usual, 'front', 'strip-out').id,
      placeId: 'front',
      value: 25,
    })
    expect(one(site(way('oldSiding', 'overlay'), [begun]), 'front', 'strip-out').excluded).toBeNull()
  })
  test('by hand takes longer, and says by how much', () => {
    const [before, after] = [
      one(usual, 'kitchen', 'strip-out'),
      one(site(way('demolition', 'hand')), 'kitchen', 'strip-out'),
    ]
    expect(after.hours).toBe(before.hours * 2.5)
    expect(after.how).toContain(`stripped by hand on this site: ${before.hours} h × 2.5 = ${after.hours} h`)
  })
  test('hours that somebody set by hand stay', () => {
    const id = one(usual, 'kitchen', 'strip-out').id
    const set = seen({ subject: 'line', facet: 'hours', subjectId: id, placeId: 'kitchen', value: 4 })
    expect(one(site(way('demolition', 'hand'), [set]), 'kitchen', 'strip-out').hours).toBe(4)
  })
  test('a floor that stops at the cabinets is neither bought nor laid under them', () => {
    const niche = seen({
      subject: 'entry',
      facet: 'written',
      subjectId: 'niche',
      placeId: 'kitchen',
      value: {
        kind: 'cabinet-fit',
        values: readEntry(
          kindOf('cabinet-fit'),
          (key) => ({ what: 'window wall', niche: '3.6 m' })[key] ?? '',
          'metric',
        ),
      },
    })
    const less = one(site(way('floorAndCabinets', 'cabinets-first'), [niche]), 'kitchen', 'flooring')
    expect(less.quantity!.value).toBeCloseTo(14 - 3.6 * 0.61, 6)
    expect(less.how).toContain('14 m² less 2.2 m² under the cabinets, which are set first on this site')
    expect(less.hours).toBeLessThan(one(usual, 'kitchen', 'flooring').hours)
    expect(one(site(way('floorAndCabinets', 'cabinets-first')), 'kitchen', 'flooring').quantity!.value).toBe(14)
  })
  test('a suspended ceiling in a basement is not boarded, taped or painted', () => {
    const state = site(way('basementCeiling', 'suspended'))
    for (const stage of ['board', 'tape', 'paint'] as const)
      expect(one(usual, 'bar', stage).quantity!.value - one(state, 'bar', stage).quantity!.value).toBeCloseTo(20, 6)
    expect(one(state, 'kitchen', 'board').quantity).toEqual(one(usual, 'kitchen', 'board').quantity)
  })
  test('a wall that is kept needs no beam, and says whose word that is', () => {
    const kept = site(way('bearingWall', 'shift'))
    expect(at(kept, 'hall', 'structure').every(({ excluded }) => excluded?.reason.includes('engineer'))).toBe(true)
  })
  test('a beam of timber has the shorter lead, unless somebody told one', () => {
    const beam = (state: typeof usual) => state.selections.find(({ what }) => what.startsWith('Beam'))!
    expect(beam(usual).leadDays).toEqual([7, 14, 28])
    expect(beam(site(way('bearingWall', 'timber'))).leadDays).toEqual([2, 4, 8])
    const told = seen({
      subject: 'selection',
      facet: 'lead',
      subjectId: beam(usual).id,
      placeId: 'hall',
      value: [10, 12, 15],
    })
    expect(beam(site(way('bearingWall', 'timber'), [told])).leadDays).toEqual([10, 12, 15])
  })
  test('a door that is set last moves with what is chosen for it; the old one in a face does not', () => {
    const late = site(way('doorTiming', 'last'))
    expect(at(late, 'hall', 'windows-doors')).toEqual([])
    expect(at(late, 'front', 'windows-doors').length).toBeGreaterThan(0)
    const unit = (placeId: string) => late.selections.find((it) => it.placeId === placeId && it.what.includes('unit'))!
    expect(unit('hall').neededFor).toBe('trim')
    expect(unit('front').neededFor).toBe('windows-doors')
  })
  test('a floor that is kept until late comes up with the new one', () => {
    const kept = site(way('leaveLate', 'keep'))
    expect(
      at(kept, 'hall', 'flooring')
        .map(({ action }) => action)
        .sort(),
    ).toEqual(['install', 'remove'])
  })
})

describe('what the ways of a site do to its order', () => {
  test('no choice of ways closes a circle', () => {
    for (const id of Object.keys(SCHOOLS) as SchoolId[])
      for (const chosen of Object.keys(SCHOOLS[id].ways)) {
        expect(layOut(relationsFor(way(id, chosen))).circle, `${id} ${chosen}`).toBeNull()
        for (const paint of ['paint-first', 'cabinets-first'])
          expect(layOut(relationsFor({ ...way(id, chosen), ...way('cabinetsAndPaint', paint) })).circle).toBeNull()
      }
  })
  test('two coats of plaster dry for three days', () => {
    const wait = (schools: Schools) =>
      relationsFor(schools).find(({ before, after }) => before === 'tape' && after === 'paint')?.waitDays
    expect(wait({})).toBe(1)
    expect(wait(way('plasterFinish', 'two-coats'))).toBe(3)
  })
  test('every way says what follows from it, or nothing', () => {
    expect(whatFollows('trips', 'wait')).toEqual(['The last visits to a place wait until all its parts are there.'])
    expect(whatFollows('bearingWall', 'steel')).toEqual(['The beam is a steel beam, fabricated.'])
    expect(whatFollows('basementCeiling', 'suspended')).toEqual([
      'Less is bought: none of ceiling, which is suspended on this site.',
    ])
    expect(whatFollows('structure', 'more')).toEqual([])
  })
})
