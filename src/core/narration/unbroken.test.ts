import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { WEIGHTS } from '../../cli/speechWeights'
import { decodeModel } from './learned/model'
import type { WalkKind } from './line'
import type { Proposal } from './spokenFacts'

const model = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))

const house = laid([{ id: 'hall', treatments: [] }])
const read = (text: string, facts = house, walk: WalkKind = 'progress'): Proposal[] =>
  saidAt(stateOf(facts), text, { units: 'imperial', walk, model })
const kept = (text: string): string[] => read(text, house, 'scope').map(({ line }) => `${line.kind}: ${line.words}`)

describe('a sentence is not told in pieces', () => {
  test.each([
    ['The paint code is on the tin in the laundry.', 1],
    ['The old insulation in the party ceiling was badly laid and has to be put right.', 1],
    ['The chimney is only a box around the flue with no structure, it comes off.', 1],
    ['Off the record, it was the old plumber who cut that plate.', 1],
    ['Six windows 34 by 52 get new trim, three and a half wide, twelve foot sticks.', 2],
  ])('%s', (text, lines) => {
    expect(kept(text)).toHaveLength(lines)
  })
  test('what two of its halves tell stays two facts', () => {
    expect(kept('Top plate was cut four times for old ducts, put it back in one piece.')).toHaveLength(2)
  })
})

describe('what is not done yet', () => {
  test('is work to do where no line tells it', () => {
    const [plates] = read('The base plates aren’t grouted yet.')
    expect(plates!.says).toBe('Work to do: Base plates: to be grouted')
    const [masonry, ...more] = read('Pockets are cut at both ends, the masonry under the north one isn’t rebuilt yet.')
    expect(masonry!.facts[0]).toMatchObject({ facet: 'laid', value: { stage: 'masonry', trade: 'mason' } })
    expect(more).toEqual([])
  })
  test('is a word about the line that tells it, and what waits for somebody is none', () => {
    const boarded = laid([{ id: 'hall', treatments: ['room-board-finishes'] }])
    expect(read('The board isn’t taped yet.', boarded).some(({ says }) => says.startsWith('Work to do'))).toBe(false)
    expect(read('The drawing isn’t signed yet.').some(({ says }) => says.startsWith('Work to do'))).toBe(false)
  })
})

describe('work by what is done', () => {
  test.each([
    ['Two posts have to be made flush.', 'trim', 'carpenter'],
    ['The scar on the left column is filled with stone taken from the right one.', 'masonry', 'mason'],
    ['Floor at the chimney gap has to be closed.', 'framing', 'carpenter'],
    ['The steel post has to be welded to its plate.', 'structure', 'steel'],
  ])('%s', (text, stage, trade) => {
    expect(read(text, house, 'scope')[0]!.facts[0]).toMatchObject({ facet: 'laid', value: { stage, trade } })
  })
})

describe('a day is for what was said of it', () => {
  const slate = [...laid([{ id: 'slope', kind: 'roof' as const, treatments: ['roof-recovered'] }])]
  const covering = stateOf(slate).selections[0]!
  const ordered = seen({
    subject: 'selection',
    facet: 'state',
    subjectId: covering.id,
    placeId: 'slope',
    value: 'ordered',
  })
  test('the day on which a roof is stripped is not the one on which its covering comes', () => {
    const said = saidAt(stateOf([...slate, ordered]), 'The roof covering is stripped from Monday 15 June.')
    expect(said.flatMap(({ facts }) => facts).some(({ facet }) => facet === 'arrives')).toBe(false)
  })
  test('a scaffold from a day is hired', () => {
    expect(read('Scaffold all round from Monday 8 June.')[0]!.sheet?.register.id).toBe('hire')
    expect(read('The scaffold goes when the gable is done.')[0]!.sheet).toBeUndefined()
  })
})
