import { expect, test } from 'vitest'
import { pastedRows } from './pastedRows'

test('rows of a spreadsheet come with their cells, without their head', () => {
  expect(pastedRows('Place\tSize\nKitchen\t4 x 3\n\nHall\t\n', ['place', 'name'])).toEqual([
    ['Kitchen', '4 x 3'],
    ['Hall', ''],
  ])
  expect(pastedRows('Kitchen;4 x 3\n"Hall";2 x 1', [])).toEqual([
    ['Kitchen', '4 x 3'],
    ['Hall', '2 x 1'],
  ])
})

test('one cell alone is typed, lines alone are rows of one cell', () => {
  expect(pastedRows('Kitchen', ['name'])).toBeNull()
  expect(pastedRows('paint the door, twice', [])).toBeNull()
  expect(pastedRows('paint the door\noil the hinges', [])).toEqual([['paint the door'], ['oil the hinges']])
})
