import { describe, expect, test } from 'vitest'
import type { Observation } from '../walk/observation'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { leadIn } from './spokenGoods'

const rooms = stateOf(
  laid([
    { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' },
    { id: 'hall', name: 'Hall', treatments: ['room-board-finishes'] },
  ]),
)
const proposals = (text: string, state = rooms) => saidAt(state, text)
const facts = (text: string) =>
  proposals(text).flatMap((one) =>
    one.facts.map(({ subject, facet, placeId, value }) => ({ subject, facet, placeId, value })),
  )

describe('what spoken lines record', () => {
  test('progress goes to the lines that it means', () => {
    const [board] = proposals("board's half up")
    expect(board!.says).toBe('Board and backer: 50 per cent')
    expect(board!.facts).toEqual([
      { subject: 'line', facet: 'progress', subjectId: 'bath/bathroom-rebuilt/10', placeId: 'bath', value: 50 },
      {
        subject: 'note',
        facet: 'noted',
        subjectId: expect.any(String),
        placeId: 'bath',
        value: { text: "board's half up", private: false, about: 'bath/bathroom-rebuilt/10' },
      },
    ])
  })
  test('parts of a line that stand differently are kept in their words, and none is taken for the whole', () => {
    const [done, near] = proposals('Board on the left wall complete. Board on the right wall half up.')
    expect([done!.says, near!.says]).toEqual(['Board and backer, in part', 'Board and backer, in part'])
    expect(facts('Board on the left wall complete. Board on the right wall half up.')).toMatchObject([
      { subject: 'note', value: { text: 'Board on the left wall complete' } },
      { subject: 'note', value: { text: 'Board on the right wall half up' } },
    ])
  })
  test('a thing that has not changed is told in its words', () => {
    expect(facts('The gas line has not moved.')).toMatchObject([
      { subject: 'place', facet: 'visited' },
      { subject: 'note', value: { text: 'The gas line has not moved' } },
    ])
    expect(facts('No change in here.')).toMatchObject([{ subject: 'place', facet: 'visited' }])
  })
  test('a passed test is the test’s own line, not the work', () => {
    const [passed] = proposals('pressure test passed')
    expect(passed!.says).toBe('Pressure test, photographed: said to have passed')
    // It is not passed by being said: somebody has to tap.
    expect(passed!.facts.some(({ facet }) => facet === 'progress')).toBe(false)
    expect(passed!.toConfirm).toMatchObject({ words: 'It passed', facts: [{ facet: 'progress', value: 100 }] })
  })
  test('held until, with its reason', () => {
    expect(facts("nobody tiles till the membrane's been flood tested")).toMatchObject([
      { subject: 'line', facet: 'held', value: { reason: "until the membrane's been flood tested" } },
    ])
  })
  test('an extra is a line of work with its price', () => {
    expect(facts("add a light over the mirror, that's an extra, 140 quid")).toMatchObject([
      { subject: 'line', facet: 'laid', value: { extra: true, trade: 'electrician', stage: 'fixtures' } },
      { subject: 'line', facet: 'price', value: 14000 },
    ])
  })
  test('a choice answers what was undecided there', () => {
    expect(facts("wall tile's white porcelain")).toMatchObject([
      { subject: 'selection', facet: 'state', value: 'chosen' },
      { subject: 'selection', facet: 'choice', value: "wall tile's white porcelain" },
    ])
  })
  test('found, stays, to decide and the size of the room', () => {
    expect(
      facts(
        "there's damp behind the toilet. the old mirror stays until Friday. client has to choose the grout by Thursday. room's 2.4 by 1.9",
      ),
    ).toMatchObject([
      { subject: 'finding', facet: 'found', value: { condition: 'damp', certain: true } },
      { subject: 'keep', facet: 'kept', value: { text: 'The old mirror', until: 'Friday' } },
      { subject: 'decision', facet: 'asked', value: { owner: 'client', by: '2026-03-12' } },
      { subject: 'place', facet: 'measured', value: { typed: '2.4 m x 1.9 m' } },
    ])
  })
  test('a guess after a finding says what it is about', () => {
    expect(
      facts('floor by the back door is soft, could be rot').map((fact) => 'value' in fact && fact.value),
    ).toMatchObject([
      { text: 'floor by the back door is soft', certain: true },
      { text: 'Floor: could be rot', certain: false },
    ])
  })
  test('a trade that comes back does what it has begun, not what it does last', () => {
    const wires = rooms.lines.find((line) => line.placeId === 'bath' && line.title === 'Wires and boxes')!
    const begun = stateOf([
      ...laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }]),
      seen({ subject: 'line', facet: 'progress', subjectId: wires.id, placeId: 'bath', value: 60 } as Observation),
    ])
    const [back] = proposals('Sparky’s back Thursday.', begun)
    expect(back!.says).toBe('Wires and boxes: from Thu 12 Mar')
    expect(back!.facts).toMatchObject([
      { subjectId: wires.id, facet: 'held', value: { until: '2026-03-12', begins: true } },
    ])
  })
  test('what fits nothing on record stays a note with its words, where it was said', () => {
    expect(facts('in the hall the fountain is laid')).toMatchObject([
      { subject: 'note', placeId: 'hall', value: { text: 'in the hall the fountain is laid', private: false } },
    ])
  })
  test('a private remark becomes a private note, whatever it tells', () => {
    expect(facts('off the record two of the joists are cracked')).toMatchObject([
      { subject: 'note', value: { private: true } },
    ])
  })
  test('every kind of line is recorded as something', () => {
    for (const text of [
      'no change in here',
      'tiler comes Monday',
      "that's not ours",
      'sump is fine',
      'opening is 900 by 2100',
      'move the switch',
      'xyzzy',
    ])
      expect(facts(text).length, text).toBeGreaterThan(0)
  })
})

describe('goods', () => {
  const tile = seen({
    subject: 'selection',
    facet: 'laid',
    subjectId: 'tile',
    placeId: 'bath',
    value: { placeId: 'bath', what: 'Wall tile', lead: 'stock-tile', neededFor: 'tile' },
  })
  const ordered = seen({ subject: 'selection', facet: 'state', subjectId: 'tile', placeId: 'bath', value: 'ordered' })
  const told = (text: string, ...more: Observation[]) =>
    proposals(text, stateOf([...laid([{ id: 'bath', name: 'Bathroom', treatments: [] }]), ...more]))

  test('that are to come are the day and the lead of the selection they are', () => {
    expect(told('The tiles arrive Thursday.', tile, ordered)[0]).toMatchObject({
      says: 'Wall tile: arrives Thu 12 Mar',
      facts: [{ subjectId: 'tile', facet: 'arrives', value: '2026-03-12' }],
    })
    expect(told('Tile is six to eight weeks out.', tile)[0]).toMatchObject({
      says: 'Wall tile: 42 to 56 days from the order',
      facts: [{ facet: 'lead', value: [42, 49, 56] }],
    })
  })
  test('that nobody ordered come on no day', () => {
    expect(told('The tiles arrive Thursday.', tile)[0]!.facts).toMatchObject([{ subject: 'note' }])
  })
  test('two of them for one place stand side by side', () => {
    expect(told('Slate eight weeks or brick three, still open.')[0]).toMatchObject({
      says: 'To choose: Slate, 56 days, or Brick, 21 days',
      facts: [
        { facet: 'laid', value: { what: 'Slate or brick' } },
        {
          facet: 'candidates',
          value: [
            { name: 'Slate', leadDays: [56, 56, 56] },
            { name: 'Brick', leadDays: [21, 21, 21] },
          ],
        },
      ],
    })
  })
  test('a time is told in days, weeks, months and working days', () => {
    expect(['eight weeks', '35 to 49 days', 'ten working days', 'an hour'].map(leadIn)).toEqual([
      [56, 56, 56],
      [35, 42, 49],
      [14, 14, 14],
      null,
    ])
  })
})

describe('sentences that tell one thing as a whole', () => {
  test('what somebody would say is an opinion, whatever it sounds like', () => {
    const [said, ...more] = proposals('I’d say 85 per cent of the rot is in boards that come off anyway.')
    expect([said!.says, more]).toEqual(['Opinion', []])
    expect(said!.facts).toMatchObject([{ subject: 'note', value: { opinion: true } }])
  })
  test('what is made to order is chosen, with the time it takes', () => {
    const [door, ...more] = proposals('Rear door is half glazed, transom light above, made to order in 35 to 49 days.')
    expect(more).toEqual([])
    expect(door!.facts).toContainEqual(expect.objectContaining({ facet: 'lead', value: [35, 42, 49] }))
    expect(door!.facts).toContainEqual(expect.objectContaining({ facet: 'state', value: 'chosen' }))
  })
  test('what stays is told once, though two things are named', () => {
    expect(proposals('Soffit and fascia stay as they are.').map(({ says }) => says)).toEqual(['Stays'])
  })
  test('the paper for a thing is not the thing', () => {
    expect(facts('The letter for the board is done.').filter(({ facet }) => facet === 'progress')).toEqual([])
  })
})

describe('a part of what a line does is not the line', () => {
  const done = (text: string) =>
    proposals(text).flatMap((one) => one.facts.flatMap(({ facet, value }) => (facet === 'progress' ? [value] : [])))
  test.each([
    'The mirror is up',
    'The towel rail is on',
    'The toilet is set',
    'Floor is tiled',
    'The niche is tiled',
    'The back wall is tiled',
    'The ceiling is boarded',
    'The outlets are wired',
    'The old tub is out',
    'The trim is painted',
    'The alcove is boarded',
    'The power is out',
    'The gutters are out',
    'The water is off',
    'The door frame is in',
    'Had they come in time it would be boarded by now',
  ])('%s: nothing is done', (text) => {
    expect(done(text)).toEqual([])
  })
  test('what is told of in part is asked, and done with a tap', () => {
    const [part] = proposals('The mirror is up')
    expect(part!.says).toBe('Set and connect fixtures, in part')
    expect(part!.toConfirm).toMatchObject({
      words: 'It is done, all of it',
      facts: [{ facet: 'progress', value: 100 }],
    })
  })
  test.each([
    ['The board is up', 'Board and backer'],
    ['Wires are in', 'Wires and boxes'],
    ['Walls and floor are tiled', 'Tile walls and floor'],
    ['All the tile is up', 'Tile walls and floor'],
    ['Walls and ceiling are boarded', 'Board and backer'],
    ['The shower glass is in', 'Shower glass'],
    ['All the trim is on', 'Door and casing'],
    ['Backing is in', 'Backing for rail, vanity and glass'],
    ['Everything is stripped out', 'Strip fittings, tile and board'],
  ])('%s: %s', (text, title) => {
    expect(proposals(text)[0]!.says).toBe(`${title}: 100 per cent`)
  })
  test('a part that is not ours leaves the line in the scope', () => {
    const [out] = proposals('The mirror is not part of this')
    expect(out!.facts.some(({ facet }) => facet === 'excluded')).toBe(false)
  })
  test('what is measured is not in', () => {
    expect(proposals('The glass is measured')[0]!.says).toBe('Measure for the shower glass: done')
  })
})
