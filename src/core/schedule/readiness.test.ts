import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import type { Observation } from '../walk/observation'
import { constraintsOn, isReady, keptOf } from './readiness'
import { USUAL_SENSE } from './sense'
import { NO_FORECAST } from './weather'

const day = (text: string) => text as Day
const BATH = laid([{ id: 'bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])
const TILE = stateOf(BATH).selections.find(({ neededFor }) => neededFor === 'tile')!
const VISIT = {
  startDay: day('2026-03-20'),
  endDay: day('2026-03-20'),
  stages: ['tile'],
  trade: 'tiler',
  placeIds: ['bath'],
  lineIds: stateOf(BATH)
    .lines.filter(({ stage }) => stage === 'tile')
    .map(({ id }) => id),
  crewId: 'tiler',
  people: 2,
} as const
const SITE = { ...USUAL_SENSE, units: 'metric' } as const
const CONFIRMED = { state: 'confirmed', startDay: day('2026-03-20') } as const
const about = (more: readonly Observation[] = [], booking: Parameters<typeof constraintsOn>[2] = CONFIRMED) =>
  constraintsOn(VISIT, stateOf([...BATH, ...more]), booking, NO_FORECAST, SITE)
const of = (kind: string, all: ReturnType<typeof about>) => all.filter((one) => one.kind === kind)
const selection = (facet: 'state' | 'arrives', value: string) =>
  seen({ subject: 'selection', facet, subjectId: TILE.id, placeId: 'bath', value } as never)
const entry = (kind: string, values: Readonly<Record<string, unknown>>) =>
  seen({ subject: 'entry', facet: 'written', subjectId: kind, placeId: 'bath', value: { kind, values } } as never)

describe('what clears a visit', () => {
  test('people: asked, told, confirmed, told another day, declined, none', () => {
    const people = (booking: Parameters<typeof about>[1]) => of('people', about([], booking))[0]!
    expect(people(null)).toEqual({ kind: 'people', words: 'Nobody was asked yet', cleared: false })
    expect(people({ ...CONFIRMED, state: 'told' }).words).toBe('Told, not confirmed')
    expect(people(CONFIRMED).cleared).toBe(true)
    expect(people({ ...CONFIRMED, startDay: day('2026-03-18') }).words).toBe('They were told 18 Mar')
    expect(people({ ...CONFIRMED, state: 'declined' }).words).toBe('They declined')
    expect(constraintsOn({ ...VISIT, crewId: null }, stateOf(BATH), null, NO_FORECAST, SITE)[0]!.words).toBe(
      'No crew is on record',
    )
  })
  test('material: not ordered, due in time, due too late, here, wrong', () => {
    const material = (...facts: Observation[]) => of('material', about(facts))[0]!
    expect(material().words).toBe(`${TILE.what}: not ordered`)
    const ordered = selection('state', 'ordered')
    expect(material(ordered).words).toContain('no day told')
    expect(material(ordered, selection('arrives', '2026-03-19'))).toMatchObject({ cleared: true })
    expect(material(ordered, selection('arrives', '2026-03-23')).words).toContain('3 days too late')
    expect(material(selection('state', 'arrived')).cleared).toBe(true)
    expect(material(selection('state', 'wrong')).words).toContain('wrong or damaged')
  })
  test('what is too heavy for those who come: more hands, or a hoist that is agreed', () => {
    const facts = laid([{ id: 'bath', treatments: ['opening-between-rooms'], size: '4 x 3 x 2.4' }])
    const sets = stateOf(facts).lines.find(({ stage }) => stage === 'structure')!
    const beam = entry('beam', { what: 'over the hall', width: '100', depth: '300', long: '4' } as never)
    const crane = (comes: string) =>
      entry('hire', { what: 'a lorry crane', sort: 'crane or hoist', from: 'Structure', until: 'Structure', comes })
    const lift = (people: number, ...more: Observation[]) =>
      of(
        'lift',
        constraintsOn(
          { ...VISIT, people, stages: ['structure'], lineIds: [sets.id] },
          stateOf([...facts, beam, ...more]),
          CONFIRMED,
          NO_FORECAST,
          SITE,
        ),
      )
    // 0.1 × 0.3 × 4 m of laminated veneer at 670 kg/m³: 80 kg, over 25 kg a person.
    expect(lift(2)).toEqual([
      {
        kind: 'lift',
        words: 'Over the hall: it takes 4 people by its weight, and 2 come: agree on a hoist or more hands',
        cleared: false,
      },
    ])
    expect(lift(4)).toMatchObject([{ cleared: true }])
    expect(lift(2, crane('2026-03-19'))).toMatchObject([{ cleared: true }])
    expect(lift(2, crane('2026-03-24'))).toMatchObject([{ cleared: false }])
  })
  test('a decision that blocks its stage, answered or not', () => {
    const asked = seen({
      subject: 'decision',
      facet: 'asked',
      subjectId: 'niche',
      placeId: 'bath',
      value: { question: 'A niche in the tile?', blocks: 'tile', options: ['yes', 'no'] },
    } as never)
    expect(of('decision', about([asked]))[0]).toMatchObject({
      words: 'A niche in the tile? Not decided',
      cleared: false,
    })
  })
  test('a hold, something wet, a permit that names the stage', () => {
    const held = seen({
      subject: 'line',
      facet: 'held',
      subjectId: VISIT.lineIds[0]!,
      placeId: 'bath',
      value: { reason: 'the floor springs' },
    } as never)
    expect(of('hold', about([held]))[0]!.words).toContain('the floor springs')
    expect(of('dry', about([entry('drying', { name: 'screed', wet: true })]))[0]!.words).toBe('screed: still wet')
    const permit = (state: string) =>
      of('permit', about([entry('permit', { what: 'association', before: 'tile in bathrooms', state })]))[0]!
    expect(permit('asked for')).toMatchObject({ words: 'association: not granted', cleared: false })
    expect(permit('granted').cleared).toBe(true)
  })
  test('ready is when nothing is left open', () => {
    expect(isReady(about())).toBe(false)
    expect(isReady(of('people', about()))).toBe(true)
  })
})

test('of last week’s plan counts what was to end in it, and what of that is done', () => {
  const visits = [
    { key: 'a', endDay: day('2026-03-03') },
    { key: 'b', endDay: day('2026-03-06') },
    { key: 'c', endDay: day('2026-03-12') },
  ]
  expect(keptOf(visits, day('2026-03-03'), day('2026-03-09'), (key) => key === 'b')).toEqual({
    planned: ['a', 'b'],
    done: ['b'],
  })
})
