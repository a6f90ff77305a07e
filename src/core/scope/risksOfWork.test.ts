import { expect, test } from 'vitest'
import { lineFromWords } from '../narration/lineFromWords'
import type { Day } from '../calendar/day'
import type { PlaceKind } from '../places/place'

const told = (words: string, name = 'Hall', kind: PlaceKind = 'room') =>
  lineFromWords(words, { id: 'p', name, kind, size: null }, { units: 'metric', today: '2026-03-10' as Day })

test.each([
  ['take out the wall to the kitchen', 'bearing-wall'],
  ['take out the wall to the kitchen', 'dust'],
  ['the gas fitter runs a line to the hob', 'gas'],
  ['dig a trench to the street', 'trench'],
  ['move two outlets', 'hanging-wires'],
  ['set the steel beam', 'heavy-lift'],
  ['rake out the joints and repoint them', 'dust'],
  ['take out the stair', 'open-holes'],
])('%s: %s', (words, caution) => {
  expect(told(words).cautions).toContain(caution)
})

test('outside it is the height, and what stands open', () => {
  expect(told('strip the siding', 'Street face', 'face').cautions).toEqual(
    expect.arrayContaining(['ladder', 'weather-opening']),
  )
  expect(told('paint the siding', 'Street face', 'face').cautions).toContain('ladder')
})

test('harmless work warns of nothing', () => {
  expect(told('paint the ceiling').cautions).toEqual([])
  expect(told('take the old tile off the wall').cautions).not.toContain('bearing-wall')
})

test('what takes a kitchen or a bathroom out takes it away from the household', () => {
  expect(told('everything comes out down to the studs', 'Bath').outage).toBe('bathroom')
  expect(told('take out the cabinets', 'Kitchen').outage).toBe('kitchen sink')
  expect(told('take out the toilet', 'Bath').outage).toBe('toilet')
  expect(told('take out the wall to the living room', 'Kitchen').outage).toBeUndefined()
  expect(told('everything comes out down to the studs', 'Hall').outage).toBeUndefined()
})
