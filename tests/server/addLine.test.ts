import { afterAll, beforeAll, expect, test } from 'vitest'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { addLine, addLineRows } from '../../src/server/sites/addLine'
import { as, closed, openedDemo } from '../fixtures/folder'

let firm: FirmFolder
beforeAll(async () => {
  firm = await openedDemo()
})
afterAll(() => closed(firm))
const SITE = siteIdOf('bakehouse')
const placeId = placeIdOf('bakehouse', 'bath')
const lead = () => as(firm, 'lead')
const lineOf = (id: string) =>
  lead()
    .record(lead().site(SITE))
    .lines.find((line) => line.id === id)!

test('a line in a few words goes to its stage and trade, and says how it was understood', () => {
  const { lineId, says } = addLine(lead(), SITE, { placeId, text: 'tile the niche' })
  expect(lineOf(lineId)).toMatchObject({ stage: 'tile', trade: 'tiler', title: 'Tile the niche' })
  expect(says).toBe('Bathroom: Tile the niche, tile, for the tiler, 2 hours.')
})

test('an extra has its price and hours with it, a comma being a point', () => {
  const { lineId } = addLine(lead(), SITE, { placeId, text: 'heated rail', extra: true, price: '380,50', hours: '3' })
  expect(lineOf(lineId)).toMatchObject({ extra: true, price: 38_050 })
})

test.each([
  [{ placeId, text: 'x' }, 'What: say it in a few words.'],
  [{ placeId, text: 'a rail', price: 'dear' }, 'Price: write a number, like 1380.'],
  [{ placeId, text: 'a rail', hours: '0' }, 'Hours: write a number, like 6.'],
  [{ placeId: 'nowhere', text: 'a rail' }, 'Where: choose a place of this site.'],
])('what cannot be is refused by its name: %o', (body, words) => {
  expect(() => addLine(lead(), SITE, body)).toThrow(words)
})

test('rows of a spreadsheet are shown first and kept when that is said; a row that cannot be read keeps nothing', () => {
  const count = () => lead().record(lead().site(SITE)).lines.length
  const before = count()
  const rows = [
    ['tile the niche', '3', ''],
    ['paint the ceiling', '', ''],
  ]
  expect(addLineRows(lead(), SITE, { placeId, rows })).toEqual({
    says: [
      'Bathroom: Tile the niche, tile, for the tiler, 3 hours.',
      'Bathroom: Paint the ceiling, paint, for the painter, 5.5 m², 0.75 hours.',
    ],
    kept: false,
  })
  expect(count()).toBe(before)
  expect(() => addLineRows(lead(), SITE, { placeId, keep: true, rows: [...rows, ['a rail', 'long']] })).toThrow(
    'Row 3: Hours: write a number, like 6.',
  )
  expect(count()).toBe(before)
  addLineRows(lead(), SITE, { placeId, keep: true, rows })
  expect(count()).toBe(before + 2)
})
