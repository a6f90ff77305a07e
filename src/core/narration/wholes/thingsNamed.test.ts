import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, stateOf } from '../../../../tests/fixtures/site'
import { WEIGHTS } from '../../../cli/speechWeights'
import { decodeModel } from '../learned/model'
import type { WalkKind } from '../line'

const model = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))
const state = stateOf(laid([{ id: 'bath', name: 'Bath', treatments: [] }]))
const said = (text: string, walk: WalkKind = 'scope') => saidAt(state, text, { walk, laysOut: walk === 'scope', model })
const facts = (text: string, walk?: WalkKind) => said(text, walk).flatMap((one) => one.facts)
/** The lines of work that words lay down, as 'title, trade'. */
const work = (text: string, walk?: WalkKind): string[] =>
  facts(text, walk).flatMap((fact) =>
    fact.subject === 'line' && fact.facet === 'laid' ? [`${fact.value.title}: ${fact.value.trade}`] : [],
  )
const chosen = (text: string): string[] =>
  facts(text).flatMap((fact) => (fact.subject === 'selection' && fact.facet === 'laid' ? [fact.value.what] : []))

describe('things named without a verb, on a walk that lays work out', () => {
  test.each([
    [
      'Walk-in shower, 900 by 1400, tiled to the ceiling.',
      ['Walk-in shower, 900 by 1400: plumber', 'Walk-in shower tiled to the ceiling: tiler'],
    ],
    [
      'One toilet wall hung, one basin, 600 wide, matt black tap.',
      ['One toilet wall hung: plumber', 'One basin, 600 wide, matt black tap: plumber'],
    ],
    [
      'New kitchen with eleven base cabinets, a stone top with one cut-out for the sink, and a splash of white tile.',
      [
        'Eleven base cabinets: cabinet-maker',
        'A stone top with one cut-out for the sink: countertop',
        'A splash of white tile: tiler',
      ],
    ],
    ['Underfloor heating, electric, 5 square metres.', ['Underfloor heating, electric, 5 square metres: electrician']],
    [
      'Built-in wardrobe along the long wall, four metres, sliding doors.',
      ['Built-in wardrobe along the long wall, four metres, sliding doors: carpenter'],
    ],
  ])('%s', (text, lines) => {
    expect(work(text)).toEqual(lines)
  })
  test('what is bought is a selection, chosen where what it is was told', () => {
    expect(chosen('One toilet wall hung, one basin, 600 wide, matt black tap.')).toEqual(['Toilet wall hung', 'Basin'])
    expect(facts('Six spotlights, dimmable.')).toContainEqual(expect.objectContaining({ facet: 'choice' }))
    expect(facts('Two wall lights and a switch by the stair.').some(({ facet }) => facet === 'choice')).toBe(false)
  })
  test.each(['Ceiling 2.4 high.', 'Three windows, 1200 by 1400.', 'Their dog.', 'So that light reaches the hall.'])(
    'is none: %s',
    (text) => {
      expect(work(text)).toEqual([])
    },
  )
  test('on another walk it is what stands there', () => {
    expect(work('Six spotlights, dimmable.', 'progress')).toEqual([])
  })
})

describe('what new work is made of, where work is laid out', () => {
  test('is a selection of its own, with its lead where that was told', () => {
    expect(chosen('The windows are replaced.')).toEqual(['Windows'])
    expect(chosen('The back roof is stripped and slated again, slates take six weeks.')).toEqual(['Slates'])
    expect(facts('The back roof is stripped and slated again, slates take six weeks.')).toContainEqual(
      expect.objectContaining({ facet: 'lead', value: [42, 42, 42] }),
    )
    expect(work('The back roof is stripped and slated again, slates take six weeks.')).toEqual([
      'The back roof is stripped: roofer',
      'The back roof is slated again: roofer',
    ])
  })
  test('a new lock is no new door', () => {
    expect(chosen('Front door is kept but it gets a new lock.')).toEqual([])
    expect(chosen('New front door, 900 wide.')).toEqual(['Front door'])
  })
  test('and what is made to order is put in as well', () => {
    const text = 'Three windows are replaced, 1200 by 1400 each, made to order, eight weeks.'
    expect(work(text)).toEqual(['Three windows are replaced, 1200 by 1400 each: window-door'])
    expect(chosen(text)).toHaveLength(1)
  })
  test('what an engineer is asked in the same breath holds the work', () => {
    expect(
      facts('We take out the wall to the hall, four metres, and the engineer has to give us the beam.'),
    ).toContainEqual(
      expect.objectContaining({
        facet: 'asked',
        value: expect.objectContaining({ owner: 'engineer', blocks: 'strip-out' }),
      }),
    )
  })
})

describe('what somebody says in passing', () => {
  test.each([
    ['The walls are tiled to 1200.', ['The walls are tiled to 1200: tiler']],
    ['Walls and ceiling get two coats.', ['Walls and ceiling get two coats: painter']],
    [
      'The two windows in here stay, only their trim is renewed.',
      ['Only the trim of the two windows in here is renewed: carpenter'],
    ],
    ['Stair rail is loose, two spindles are missing, both get replaced.', ['Two spindles get replaced: railing']],
    [
      'Carpet is ripped out, boards underneath get sanded and oiled, 16 square metres.',
      ['Carpet is ripped out: demolition', 'Boards underneath get sanded and oiled, 16 square metres: flooring'],
    ],
    ['If the joists are bad they get sistered.', []],
    ['If the subfloor is soft we replace it, four dollars a foot.', []],
    ["Call before we dig, there's a gas line somewhere.", []],
    ['Crown and base get replaced, 52 feet around.', ['Crown and base get replaced, 52 feet around: carpenter']],
    [
      'The bath comes out completely and a new one goes in.',
      ['The bath comes out completely: demolition', 'New bath goes in: plumber'],
    ],
    [
      'Shower room is gutted and tiled all over, 26 square metres.',
      ['Shower room is gutted, 26 square metres: demolition', 'Shower room is tiled all over, 26 square metres: tiler'],
    ],
    [
      'Lath and plaster on the window wall is loose, it comes off and gets new lime plaster, 12 square metres.',
      [
        'Lath and plaster on the window wall comes off, 12 square metres: demolition',
        'Lath and plaster on the window wall gets new lime plaster, 12 square metres: plasterer',
      ],
    ],
    [
      'Walls and ceiling get two coats, colour is warm white.',
      ['Walls and ceiling get two coats, colour is warm white: painter'],
    ],
    [
      'Rear porch comes down and a deck goes up, twelve by sixteen.',
      ['Rear porch comes down: demolition', 'A deck goes up, twelve by sixteen: carpenter'],
    ],
    [
      'The siding at the back is stripped and replaced, 10 metres by 2.8.',
      ['The siding at the back is stripped: demolition', 'The siding at the back is replaced, 10 metres by 2.8: sider'],
    ],
    ['We cover the floor before anybody starts.', ['We cover the floor before anybody starts: carpenter']],
    [
      'Two sashes are rebuilt in the workshop, three weeks, boarded meanwhile.',
      ['Two sashes are rebuilt in the workshop, three weeks, boarded meanwhile: window-door'],
    ],
  ])('%s', (text, lines) => {
    expect(work(text)).toEqual(lines)
  })
  test('what somebody else takes back or does himself, and what takes its time, is no work', () => {
    for (const text of [
      'Decking came in the wrong colour, they take it back.',
      "Owner's brother is putting in the light himself.",
      'The plaster needs five days to dry.',
      'If the tile is done by Friday we paint on Monday.',
    ])
      expect(work(text, 'progress'), text).toEqual([])
  })
  test('whom and what is meant stands in the sentence', () => {
    expect(work('Outlets by the window are one inch too low, the electrician has to move them.', 'progress')).toEqual([
      'The electrician has to move the outlets by the window: electrician',
    ])
    expect(work('The front door sticks, plane it.', 'progress')).toEqual(['Plane the front door: window-door'])
    expect(facts('Handing over is promised for Friday 28 August.')).toContainEqual(
      expect.objectContaining({
        facet: 'written',
        value: { kind: 'promise', values: { what: 'Handing over', by: '2026-08-28' } },
      }),
    )
  })
  test('what hangs on a yes is an extra with its price, and none of that is in its title', () => {
    const text = 'Rotten sill under the left window, 3 feet of it, we replace it for 240 if they say yes.'
    expect(work(text, 'progress')).toEqual(['Replace the rotten sill under the left window: window-door'])
    expect(facts(text, 'progress')).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ facet: 'laid', value: expect.objectContaining({ extra: true }) }),
        expect.objectContaining({ facet: 'price', value: 24_000 }),
      ]),
    )
    expect(work('They want a gate at the top of the steps, 180 all in.', 'progress')).toEqual([
      'A gate at the top of the steps: window-door',
    ])
    expect(facts('They want a gate at the top of the steps, 180 all in.', 'progress')).toContainEqual(
      expect.objectContaining({ facet: 'price', value: 18_000 }),
    )
    expect(work('Extra: a heated towel rail, 380.')).toEqual(['A heated towel rail: electrician'])
  })
  test('what is begun anew by its heading is a line of its own', () => {
    const text = 'They are away from the 20th to the 30th of June. Extra: a heated towel rail, 380.'
    expect(facts(text)).toContainEqual(
      expect.objectContaining({
        facet: 'laid',
        value: expect.objectContaining({ title: 'A heated towel rail', extra: true }),
      }),
    )
  })
  test('what nobody could say the trade of is asked, not taken', () => {
    expect(said('They are away from the 20th to the 30th of June.')).toMatchObject([{ guessed: true }])
  })
  test('what was found is found, however big it is; how far something is off is no size of it', () => {
    const kinds = (text: string) =>
      facts(text, 'progress').map((fact) => (fact.facet === 'written' ? fact.value.kind : fact.facet))
    expect(kinds('Found mould behind the old tile, about four square feet.')).toContain('found')
    expect(kinds('Washer box is in, the drain is an inch too high.')).not.toContain('device-box')
    expect(kinds('Outlets by the window are one inch too low.')).not.toContain('old-frame')
  })
})
