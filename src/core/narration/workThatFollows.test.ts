import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { WEIGHTS } from '../../cli/speechWeights'
import type { NewFact } from '../walk/observation'
import { decodeModel } from './learned/model'

const model = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))

/* Work that nobody calls work: what a sheet comes to, what is told in an order, by its hours, with its day. */

const FACE = { id: 'rear', name: 'Rear face', kind: 'face' as const, treatments: [] }
const faces = laid([FACE, { id: 'porch', name: 'Porch', kind: 'face', treatments: [] }])
const rooms = laid([{ id: 'hall', name: 'Hall', treatments: [] }])
const roof = laid([{ id: 'roof', name: 'Roof', kind: 'roof', treatments: [] }])

/** The lines that some words lay down. */
const lines = (facts: readonly NewFact[]) =>
  facts.flatMap((fact) =>
    fact.subject === 'line' && fact.facet === 'laid' ? [{ id: fact.subjectId, ...fact.value }] : [],
  )
const factsOf = (observations: Parameters<typeof stateOf>[0], text: string, more: Parameters<typeof saidAt>[2] = {}) =>
  saidAt(stateOf(observations), text, more).flatMap(({ facts }) => facts)
const laidBy = (observations: Parameters<typeof stateOf>[0], text: string, more: Parameters<typeof saidAt>[2] = {}) =>
  lines(factsOf(observations, text, more)).map(({ title, stage, trade, hours }) => ({ title, stage, trade, hours }))

describe('what a sheet comes to', () => {
  const SCOPE = { walk: 'scope', laysOut: true } as const
  test.each([
    [
      'Rough render on the rear face, two coats, wall is ten by two point seven.',
      { title: 'Paint the rough render on the rear face, two coats', stage: 'paint', trade: 'painter', hours: 8 },
    ],
    [
      'Joints to seal, 62 metres at 6 by 6 millimetres.',
      { title: 'Seal the joints', stage: 'paint', trade: 'painter', hours: 5 },
    ],
    [
      'Rear face is 12 wide and 2.8 high, sheets of 1200.',
      { title: 'Sheets on the rear face', stage: 'cladding', trade: 'sider', hours: 16.75 },
    ],
    [
      'Fascia rot, three metres allowed at 34 a metre.',
      { title: 'Mend the rotten fascia', stage: 'cladding', trade: 'carpenter', hours: 2 },
    ],
  ])('is a line of work on a walk for the scope: %s', (text, line) => {
    expect(laidBy(faces, text, SCOPE)).toEqual([line])
  })
  test('on other walks only what is said to come is', () => {
    const is = 'The wall is 10 by 2.7, rough render, painted.'
    expect(laidBy(faces, is)).toEqual([])
    expect(laidBy(faces, 'Forty six square metres to sheathe at the back.')).toEqual([
      { title: 'Sheathe the back', stage: 'framing', trade: 'carpenter', hours: 11.5 },
    ])
  })
  test('a face that says nothing of its work takes that of the other faces', () => {
    const facts = factsOf(faces, 'Rough render on the rear face, two coats, wall is ten by two point seven.', SCOPE)
    const known = [...faces, ...facts.map((fact) => seen(fact))]
    const [columns] = laidBy(known, 'Four columns at the porch, 1.2 round and 2.4 high.', SCOPE)
    expect(columns).toMatchObject({ title: 'Paint four columns at the porch, rough render, two coats', stage: 'paint' })
  })
  test('no line is laid twice', () => {
    const text = 'Rough render on the rear face, two coats, wall is ten by two point seven.'
    const known = [...faces, ...factsOf(faces, text, SCOPE).map((fact) => seen(fact))]
    expect(laidBy(known, 'The rough render on the rear face is painted, wall is ten by two point six.', SCOPE)).toEqual(
      [],
    )
  })
})

describe('work that is told twice', () => {
  const first = 'The seven holes from the moved ducts have to be patched.'
  const known = [...rooms, ...factsOf(rooms, first, { walk: 'scope' }).map((fact) => seen(fact))]
  test('is one line, and what names more is more work', () => {
    expect(laidBy(rooms, first, { walk: 'scope' })).toHaveLength(1)
    expect(laidBy(known, 'Seven holes from moved ducts still have to be patched.', { walk: 'scope' })).toEqual([])
    expect(
      laidBy(known, 'The seven holes from the moved ducts and the ceiling have to be patched.', { walk: 'scope' })
        .length,
    ).toBeGreaterThan(0)
  })
})

describe('two deeds on one thing', () => {
  test('by two trades are two lines', () => {
    const [first, last] = laidBy(rooms, 'The baseboard is replaced and painted.', { walk: 'scope' })
    expect([first, last]).toMatchObject([
      { title: 'The baseboard is replaced', trade: 'carpenter' },
      { title: 'The baseboard is painted', trade: 'painter' },
    ])
  })
  test('out and back again are two, and the second waits for the first and for what was said', () => {
    const facts = factsOf(faces, 'The windows come out now, get restored and come back after the roof.')
    const [out, back] = lines(facts)
    expect(out).toMatchObject({ title: 'Windows come out', stage: 'strip-out' })
    expect(back).toMatchObject({ title: 'Windows go back after the roof, restored', stage: 'windows-doors' })
    expect(facts).toContainEqual(
      expect.objectContaining({ subjectId: back!.id, facet: 'waits', value: [{ for: out!.id }] }),
    )
    // Nothing in the scope is the roof yet.
    expect(facts).toContainEqual(
      expect.objectContaining({ subjectId: back!.id, facet: 'held', value: { reason: 'after the roof, as was said' } }),
    )
  })
})

describe('what a place gets', () => {
  const SCOPE = { walk: 'scope', laysOut: true } as const
  test('is a line for each thing', () => {
    expect(
      laidBy(
        rooms,
        'The kitchen gets new cabinets, a quartz top, an undermount sink and six recessed lights.',
        SCOPE,
      ).map(({ title, trade }) => [title, trade]),
    ).toEqual([
      ['New cabinets', 'cabinet-maker'],
      ['Quartz top', 'countertop'],
      ['Undermount sink', 'plumber'],
      ['Six recessed lights', 'electrician'],
    ])
  })
  test('is chosen and work where it is new', () => {
    expect(laidBy(rooms, 'New tile on the floor and up to 1.2 on the walls.', { ...SCOPE, model })).toMatchObject([
      { title: 'New tile on the floor and up to 1.2 on the walls', trade: 'tiler' },
    ])
  })
  test('coats of a colour are the painter’s', () => {
    expect(laidBy(rooms, 'Hall gets two coats of white.', SCOPE)).toMatchObject([{ stage: 'paint', trade: 'painter' }])
  })
  test('something that goes and something that comes are two', () => {
    expect(laidBy(rooms, 'The tub goes and a shower comes in.', SCOPE)).toMatchObject([
      { title: 'The tub goes', stage: 'strip-out' },
      { title: 'A shower comes in', stage: 'fixtures', trade: 'plumber' },
    ])
  })
  test('boards that are told by their depths and lengths are one eave', () => {
    const [line] = lines(
      factsOf(faces, 'Eave boards are two by ten for thirty eight foot and two by eight for twenty four foot.', {
        ...SCOPE,
        units: 'imperial',
      }),
    )
    expect(line).toMatchObject({
      stage: 'cladding',
      rate: 'trim',
      quantity: { unit: 'm', value: expect.closeTo(18.9, 1) },
    })
  })
  test('what it is for is no work', () => {
    expect(laidBy(rooms, 'So that light reaches the hall.', SCOPE)).toEqual([])
  })
})

describe('work that is told', () => {
  test('in an order waits in that order', () => {
    const facts = factsOf(rooms, 'Drain first, then tamp, before the scaffold stands on it.')
    const [drain, tamp] = lines(facts)
    expect([drain, tamp]).toMatchObject([
      { title: 'Drain', stage: 'underground' },
      { title: 'Tamp', stage: 'excavation' },
    ])
    expect(facts).toContainEqual(
      expect.objectContaining({ subjectId: tamp!.id, facet: 'waits', value: [{ for: drain!.id }] }),
    )
  })
  test('in an order keeps what it waited for before', () => {
    const told = 'Drain first, then tamp, before the scaffold stands on it.'
    const facts = factsOf(rooms, told)
    const [drain, tamp] = lines(facts)
    const known = [
      ...rooms,
      ...facts.flatMap((fact) => (fact.facet === 'laid' ? [seen(fact)] : [])),
      seen({ subject: 'line', subjectId: tamp!.id, facet: 'waits', placeId: 'hall', value: [{ for: 'letter' }] }),
    ]
    expect(factsOf(known, told)).toEqual([
      expect.objectContaining({ subjectId: tamp!.id, facet: 'waits', value: [{ for: 'letter' }, { for: drain!.id }] }),
    ])
  })
  test('as a deed and then another are two, on the same thing', () => {
    expect(laidBy(rooms, 'Waterproof the shower, then tile it to the ceiling.').map(({ title }) => title)).toEqual([
      'Waterproof the shower',
      'Tile the shower to the ceiling',
    ])
  })
  test('as what comes after it is each a line', () => {
    expect(
      laidBy(faces, "After it's off come a footing, a post, a lintel and then the veneer.").map(({ title, stage }) => [
        title,
        stage,
      ]),
    ).toEqual([
      ['Footing', 'concrete'],
      ['Post', 'structure'],
      ['Lintel', 'masonry'],
      ['Veneer', 'masonry'],
    ])
  })
  test('as still to do is a line each', () => {
    expect(
      laidBy(rooms, 'Still to do here: the barn door backing and the skirting.').map(({ title }) => title),
    ).toEqual(['Barn door backing', 'Skirting'])
  })
  test('with a day begins on it', () => {
    const facts = factsOf(roof, 'The roof gets cut on Friday 27 November.')
    expect(lines(facts)).toMatchObject([{ title: 'Roof is cut', stage: 'strip-out', trade: 'roofer' }])
    expect(facts).toContainEqual(
      expect.objectContaining({ facet: 'held', value: expect.objectContaining({ begins: true }) }),
    )
  })
  test('by its hours has them, and is done where that was said', () => {
    const facts = factsOf(rooms, 'Boxes thirty hours, doors six and fillers four done, skins three not, handles three.')
    expect(lines(facts).map(({ title, hours, stage }) => [title, hours, stage])).toEqual([
      ['Boxes', 30, 'cabinets'],
      ['Doors', 6, 'cabinets'],
      ['Fillers', 4, 'cabinets'],
      ['Skins', 3, 'cabinets'],
      ['Handles', 3, 'cabinets'],
    ])
    expect(facts.flatMap((fact) => (fact.facet === 'progress' ? [fact.value] : []))).toEqual([100, 100, 100, 0])
  })
  test('as under way is in the scope from then on, so far done; what is all done leaves nothing', () => {
    const facts = factsOf(rooms, 'The hall is half framed.')
    expect(lines(facts)).toMatchObject([{ title: 'Framing', stage: 'framing' }])
    expect(facts).toContainEqual(expect.objectContaining({ facet: 'progress', value: 50 }))
    expect(laidBy(rooms, 'Framing is done.')).toEqual([])
  })
  test('as ordered goods is fitted by somebody', () => {
    expect(laidBy(roof, 'Roof covering was ordered on Monday 2 November, 26 weeks.')).toMatchObject([
      { title: 'Fit the roof covering', stage: 'roof', trade: 'roofer' },
    ])
  })
  test('as so many of something at a price is an extra with its sum', () => {
    const facts = factsOf(rooms, 'Deeper jambs for nine windows, nine at 64 each, as an extra.')
    expect(lines(facts)).toMatchObject([{ title: 'Deeper jambs for nine windows', stage: 'trim', extra: true }])
    expect(facts).toContainEqual(expect.objectContaining({ facet: 'price', value: 57600 }))
  })
})

describe('what only sounds like work', () => {
  test.each([
    "You can't get a window in here so it's a study.",
    'We cut the pockets at both ends.',
    'The radiator is not ours, their plumber moves it.',
    'If the plaster is loose it all comes off, otherwise we only patch.',
    'The skip is full, it gets swapped tomorrow.',
    'Cabinets are delivered but two doors are scratched.',
    'Pile outside: four laminated beams, ninety six studs, thirty two sheets.',
  ])('is none: %s', (text) => {
    expect(laidBy(rooms, text)).toEqual([])
  })
  test('a pile is counted, not chosen', () => {
    const facts = factsOf(rooms, 'Pile outside: four laminated beams, ninety six studs, thirty two sheets.')
    expect(facts.filter(({ subject }) => subject === 'selection')).toEqual([])
  })
})
