import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import type { Observation } from '../walk/observation'
import { composePaper, PAPER_READERS, type PaperReader } from './paper'

const entry = (id: string, kind: string, values: object, placeId: string | null = 'kitchen'): Observation =>
  seen({ subject: 'entry', facet: 'written', subjectId: id, placeId, value: { kind, values } } as never)
const LENGTH = (metres: number) => ({ tenths: metres * 10_000, precision: 'exact', typed: `${metres} m` })
const HOUSE = [
  ...laid([
    { id: 'kitchen', name: 'Kitchen', treatments: ['kitchen-rebuilt'], size: '5 x 4 x 2.4' },
    { id: 'front', name: 'Front', kind: 'face', treatments: ['face-tear-off'], size: '9 x 3' },
  ]),
  entry('beam', 'beam', { what: 'over the opening', material: 'laminated veneer' }),
  entry('risk', 'sleeping-risk', { what: 'the post by the stair', assumed: 'not bearing', decides: 'the engineer' }),
  entry('roof', 'permit', { what: 'colour of the boards', sort: 'association', state: 'asked for' }, null),
  entry('street', 'permit', { what: 'the pump in the street', sort: 'permit', state: 'asked for' }, null),
  entry(
    'way',
    'delivery-path',
    { way: 'the yard gate', parking: 'asked for', straight: LENGTH(2), piece: LENGTH(3) },
    null,
  ),
  entry('bags', 'set-up', { what: 'bags by the wall', sort: 'bulk bags' }, null),
  entry('canteen', 'set-up', { what: 'canteen in the hall', sort: 'canteen' }, null),
  entry('van', 'access', { what: 'the van may stand until nine', sort: 'parking' }, null),
  entry('four', 'access', { what: 'number four complains', sort: 'neighbour' }, null),
  seen({ subject: 'selection', facet: 'state', subjectId: 'kitchen/Cabinets', placeId: 'kitchen', value: 'ordered' }),
  seen({
    subject: 'selection',
    facet: 'arrives',
    subjectId: 'kitchen/Cabinets',
    placeId: 'kitchen',
    value: '2026-04-02',
  } as never),
  seen({
    subject: 'decision',
    facet: 'asked',
    subjectId: 'window',
    placeId: 'kitchen',
    value: { question: 'Sill at 900 or 1000?', owner: 'designer', by: '2026-03-20', blocks: 'framing', price: 123_456 },
  } as never),
  seen({
    subject: 'note',
    facet: 'noted',
    subjectId: 'canary',
    placeId: 'kitchen',
    value: { text: 'CANARY she never answers', private: true },
  } as never),
]
const STATE = stateOf(HOUSE)
const PLAN = planOf(problemOf(planInput(HOUSE)), { rounds: 5, seed: 1 })
const paper = (reader: PaperReader) => composePaper(reader, STATE, PLAN, 'site', { units: 'metric' })

describe('a paper', () => {
  test('asks the designer, with the last day and what waits for the answer', () => {
    expect(paper('designer').asked[0]).toMatch(
      /^Kitchen: Sill at 900 or 1000\? Please answer by 20 Mar\. Framing waits for it, planned \d+ \w{3}\.$/,
    )
    expect(paper('designer').days).toEqual([])
  })
  test('gives the engineer what carries, what cannot be known yet, and the days of it', () => {
    const { asked, facts } = paper('engineer')
    expect(facts.map(({ title, place }) => [title, place])).toEqual([['Beam: over the opening', 'Kitchen']])
    expect(asked).toEqual([
      'Kitchen: the post by the stair cannot be known yet; we assume not bearing. You decide when it is open.',
    ])
  })
  test('gives the authority its permits and inspections, the association its own and the days outside', () => {
    expect(paper('authority').facts.map(({ title }) => title)).toEqual(['the pump in the street'])
    expect(paper('authority').days.join(' ')).toMatch(/Inspection, Kitchen/)
    expect(paper('association').facts.map(({ title }) => title)).toEqual(['colour of the boards'])
    expect(paper('association').days.length).toBeGreaterThan(0)
    for (const day of paper('association').days) expect(day).toContain('Front')
  })
  test('tells the driver the way in, where it is put down, and what is ordered for which day', () => {
    const { facts, days, note } = paper('driver')
    expect(facts.map(({ title }) => title)).toEqual([
      'Beam: over the opening',
      'Way in: the yard gate',
      'bags by the wall',
      '',
    ])
    expect(facts[1]!.told.join(' ')).toContain('longer than the straight run')
    expect(facts[3]!.told).toEqual(['The van may stand until nine.'])
    expect(days).toEqual(['Thu 2 Apr: Cabinets, Kitchen.'])
    expect(note).toContain('Please call before you come')
  })
  test('tells the street office what stands on the street, with its caution', () => {
    const { facts } = paper('street')
    expect(facts.map(({ title }) => title)).toEqual(['Way in: the yard gate', 'bags by the wall'])
    expect(facts[0]!.told.join(' ')).toMatch(/Street occupation: .+ may clear it\./)
  })
  test('tells the people on site the set-up, and nothing that is said of a neighbour', () => {
    expect(paper('set-up').facts.map(({ title }) => title)).not.toContain('number four complains')
    expect(paper('set-up').facts.map(({ title }) => title)).toContain('canteen in the hall')
  })
  test('tells a tenant when we come into their unit and when the house is loud, and nothing of where else', () => {
    const house = stateOf([
      ...HOUSE,
      seen({ subject: 'place', facet: 'unit', subjectId: 'kitchen', placeId: 'kitchen', value: 'Flat A' } as never),
      seen({ subject: 'place', facet: 'unit', subjectId: 'front', placeId: 'front', value: 'Flat B' } as never),
      entry('dry', 'without', { what: 'kitchen', most: 10, meanwhile: 'Kitchen sink in the laundry' }),
      entry('shut', 'without', { what: 'bathroom', most: 3, meanwhile: 'Balcony shut' }, 'front'),
    ])
    const theirs = composePaper('tenant', house, PLAN, 'site', { units: 'metric', unit: 'flat a' })
    expect(theirs.days.some((day) => /: we come in\. .+, Kitchen\.$/.test(day))).toBe(true)
    expect(theirs.days.some((day) => /: noise or dust in the house\./.test(day))).toBe(true)
    expect(JSON.stringify(theirs)).not.toContain('Front')
    expect(JSON.stringify(theirs)).not.toContain('Balcony')
    expect(JSON.stringify(theirs)).toContain('Kitchen sink')
  })
  test('shows who follows the work the craft alone, what was chosen by hand, and nothing without leave', () => {
    const photo = (id: string, part: object) =>
      seen({
        subject: 'photo',
        facet: 'taken',
        subjectId: id,
        placeId: 'kitchen',
        value: { hash: id.repeat(64), ...part },
      } as never)
    const shown = seen({
      subject: 'photo',
      facet: 'shown',
      subjectId: 'a',
      placeId: 'kitchen',
      value: 'A tight joint',
    } as never)
    const word = entry('word', 'followers-word', { words: 'Lime sets slowly, so we wait' }, null)
    const leave = entry('leave', 'photo-consent', { who: 'The household', until: '2026-06-30' }, null)
    const done = seen({
      subject: 'line',
      facet: 'progress',
      subjectId: 'kitchen/kitchen-rebuilt/0',
      placeId: 'kitchen',
      value: 100,
    } as never)
    const told = (facts: readonly Observation[], today = '2026-03-10') =>
      composePaper(
        'followers',
        stateOf([
          ...HOUSE,
          photo('a', { caption: 'Kitchen, CANARY' }),
          photo('b', { caption: 'face' }),
          word,
          done,
          ...facts,
        ]),
        PLAN,
        'site',
        {
          units: 'metric',
          today: today as never,
        },
      )
    const page = told([leave, shown])
    expect(page.photos).toEqual([{ hash: 'a'.repeat(64), words: 'A tight joint' }])
    expect(page.facts.map(({ title }) => title)).toEqual(['How far it is', 'From the work'])
    expect(JSON.stringify(page)).not.toMatch(/Kitchen|Front|CANARY|household|site/)
    for (const none of [told([shown]), told([leave, shown], '2026-07-01')]) {
      expect(none.photos).toEqual([])
      expect(none.facts.flatMap((one) => one.told)).toEqual(['There is no leave to show this work at the moment.'])
    }
  })
  test.each(Object.keys(PAPER_READERS) as PaperReader[])('for the %s tells no money and no remark', (reader) => {
    const told = JSON.stringify(paper(reader))
    expect(told).not.toContain('CANARY')
    expect(told).not.toMatch(/1[ ,]?234\.56|123456/)
  })
})
