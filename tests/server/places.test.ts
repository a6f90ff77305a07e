import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { rebuildRegisters } from '../../src/data/observations'
import { readSite } from '../../src/data/sites'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { readPlan } from '../../src/data/plans'
import { changePlace } from '../../src/server/sites/changePlace'
import { siteState } from '../../src/server/siteStates'
import { find } from '../../src/server/views/find'
import { scopeView } from '../../src/server/views/scope'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const at = (place: string) => placeIdOf('bakehouse', place)
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

const state = () => siteState(firm.db, readSite(firm.db, BAKEHOUSE)!)
const change = (place: string, body: object) =>
  changePlace(as(firm, 'lead'), BAKEHOUSE, { placeId: at(place), ...body })
const row = (placeId: string) => scopeView(as(firm, 'lead'), BAKEHOUSE).rows.find((one) => one.placeId === placeId)
const found = (query: string) => find(as(firm, 'lead'), query).map((one) => one.href)

describe('a place that changes', () => {
  test('renamed: found by its old name, its new one and what it becomes', () => {
    change('scullery', { change: 'name', to: 'Boot room' })
    change('scullery', { change: 'future', to: 'Court pantry' })
    expect(row(at('scullery'))).toMatchObject({
      name: 'Boot room',
      futureName: 'Court pantry',
      formerNames: ['Scullery'],
    })
    for (const name of ['boot room', 'scullery', 'court pantry'])
      expect(found(name)).toContain(`/sites/${BAKEHOUSE}/scope?place=${at('scullery')}`)
  })
  test('merged: its lines are the other’s, visits follow, and a phone that was away may still speak of it', async () => {
    const before = state().lines.length
    change('scullery', { change: 'merge', to: at('kitchen') })
    expect(row(at('scullery'))).toBeUndefined()
    expect(state().lines).toHaveLength(before)
    await planFirm(as(firm, 'lead'), 'merged')
    expect(readPlan(firm.db)!.plan.visits.some((visit) => visit.placeIds.includes(at('scullery')))).toBe(false)
    const receipt = receiveObservations(as(firm, 'lead'), BAKEHOUSE, {
      observations: [
        {
          id: uuid(),
          walkId: uuid(),
          placeId: at('scullery'),
          subject: 'note',
          subjectId: uuid(),
          facet: 'noted',
          value: { text: 'shelf came loose', private: false },
          seenAt: '2026-03-10T07:00:00.000Z',
        },
      ],
    })
    expect(receipt).toMatchObject({ taken: 1, refused: [] })
    expect(state().notes.find((note) => note.text === 'shelf came loose')!.placeId).toBe(at('kitchen'))
    expect(rebuildRegisters(firm.db).differing).toBe(0)
  })
  test('split: the part takes the lines that were chosen', () => {
    const lines = state().lines.filter((line) => line.placeId === at('shop') && line.stage === 'flooring')
    change('shop', { change: 'split', to: 'Till corner', lineIds: lines.map((line) => line.id) })
    const part = state().places.find((place) => place.name === 'Till corner')!
    expect(
      state()
        .lines.filter((line) => line.placeId === part.id)
        .map((line) => line.id)
        .sort(),
    ).toEqual(lines.map((line) => line.id).sort())
  })
  test('copied and mirrored: as many lines again, none of them done', () => {
    const lines = (name: string) => {
      const place = state().places.find((one) => one.name === name)!
      return state().lines.filter((line) => line.placeId === place.id)
    }
    change('bath', { change: 'mirror', to: 'Bathroom of the flat' })
    expect(lines('Bathroom of the flat')).toHaveLength(lines('Bathroom').length)
    expect(lines('Bathroom of the flat').every((line) => line.progress === 0)).toBe(true)
  })
  test('a wall between two moves: both have their new size, the old one stays with its reason, nobody asks which is right', () => {
    const sizes = () => ['kitchen', 'scullery'].map((name) => row(at(name))!.measured!.sides[0]!.tenths)
    const [kitchen = 0, scullery = 0] = sizes()
    const asked = scopeView(as(firm, 'lead'), BAKEHOUSE).contradictions.length
    const wall = {
      side: 0,
      by: '0.4',
      grows: true,
      beside: at('scullery'),
      besideSide: 0,
      why: 'the table seats eight',
    }
    change('kitchen', { change: 'wall', wall })
    expect(sizes()).toEqual([kitchen + 4000, scullery - 4000])
    expect(row(at('scullery'))).toMatchObject({ wallMoved: expect.stringMatching(/before a wall moved: the table/) })
    expect(row(at('scullery'))!.earlierSizes[0]).toContain('Ottilie Brackwater')
    expect(scopeView(as(firm, 'lead'), BAKEHOUSE).contradictions).toHaveLength(asked)
  })
  test.each([
    [{ change: 'wall' }, 'Wall: say by how much it moves.'],
    [{ change: 'wall', wall: { side: 0, by: '', grows: true } }, 'By how much: write a length.'],
    [{ change: 'wall', wall: { side: 0, by: '90 m', grows: false } }, 'By how much: that leaves no length of'],
    [{ change: 'melt', to: 'x' }, 'What changes: choose one of the list.'],
    [{ change: 'name', to: '' }, 'Name: say what the new place is called.'],
    [{ change: 'name', to: 'Kitchen' }, 'Name: there is a Kitchen already.'],
    [{ change: 'merge', to: 'nowhere' }, 'Into: choose a place of this site.'],
    [{ change: 'level', to: ' ' }, 'Level: say which.'],
    [{ change: 'split', to: 'x'.repeat(90) }, 'Name: use at most 80 characters.'],
  ])('bad input names the field, and nothing changes: %j', (body, message) => {
    const before = state()
    expect(() => change('scullery', body)).toThrow(message)
    expect(state()).toEqual(before)
  })
  test('crew change no places; a place that is gone is said to be', () => {
    expect(() => changePlace(as(firm, 'crew'), BAKEHOUSE, { placeId: at('bath'), change: 'future', to: 'x' })).toThrow()
    expect(() => changePlace(as(firm, 'lead'), BAKEHOUSE, { placeId: uuid(), change: 'future', to: 'x' })).toThrow(
      'it is not on this site any more',
    )
  })
})
