import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import type { Observation } from '../walk/observation'
import { closeOutWords, completionOf } from './completion'
import { composeHandOver } from './handOver'

const HALL = laid([{ id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' }])
const DONE = stateOf(HALL).lines.map(({ id }) =>
  seen({ subject: 'line', facet: 'progress', subjectId: id, placeId: 'hall', value: 100 }),
)
const IN = stateOf(HALL).selections.flatMap(({ id }) => [
  seen({ subject: 'selection', facet: 'state', subjectId: id, placeId: 'hall', value: 'installed' }),
  seen({ subject: 'selection', facet: 'choice', subjectId: id, placeId: 'hall', value: 'chalk white' }),
])
const entry = (kind: string, typed: Readonly<Record<string, string>>, placeId: string | null = 'hall') =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: `${kind} ${Object.values(typed)[0]}`,
    placeId,
    value: { kind, values: readEntry(kindOf(kind), (key) => typed[key] ?? '', 'metric') },
  })
const open = (...facts: readonly Observation[]) => completionOf(stateOf([...HALL, ...DONE, ...IN, ...facts]), 'metric')
const words = (...facts: readonly Observation[]) =>
  open(...facts).flatMap((place) => place.open.map((one) => one.words))

describe('what is left before a site is handed over', () => {
  test('nothing, where all is done, chosen and in', () => {
    expect(open()).toEqual([])
    expect(closeOutWords(open())).toBe('Nothing is open: it can be handed over.')
  })
  test('work, and what is to be put in', () => {
    const half = completionOf(stateOf(HALL), 'metric')
    expect(half[0]!.open.map(({ sort }) => sort)).toEqual(expect.arrayContaining(['work', 'selection']))
    expect(closeOutWords(half)).toMatch(/^Not ready to be handed over\. Open: work \(\d\) and selection \(1\)\.$/)
  })
  test('a small thing to put right, with whom and by when; without either it says so', () => {
    expect(
      words(entry('defect', { what: 'drip under the sill', sort: 'touch up', who: 'Hollis', by: '2026-03-20' })),
    ).toEqual(['drip under the sill, What it takes: touch up, Who puts it right: Hollis, By: 20 Mar'])
    expect(words(entry('defect', { what: 'scratch' }))[0]).toBe('scratch. Nobody has it yet. It has no day')
  })
  test('a reason to come back: the part, its day, what others must do first, what was left where', () => {
    const [told] = words(
      entry('return-part', {
        what: 'hang the mirror',
        part: 'mirror clips',
        first: 'the tiler has grouted',
        left: 'mirror behind the door',
      }),
    )
    expect(told).toContain('No day was told for the part')
    expect(told).toContain('Not before the tiler has grouted')
    expect(told).toContain('mirror behind the door')
  })
  test('a wrong order until somebody bears it and it is ordered again; money is not shown', () => {
    const [told] = words(entry('order-error', { what: 'vanity', error: 'wrong hand', cost: '240' }))
    expect(told).toContain('Who bears it is not agreed')
    expect(told).toContain('Not ordered again yet')
    expect(told).not.toContain('240')
  })
  test('permits, failed inspections and questions of the whole site come last', () => {
    const all = open(
      entry('permit', { what: 'final certificate', state: 'asked for' }, null),
      entry('defect', { what: 'scratch' }),
    )
    expect(all.map(({ place }) => place)).toEqual(['hall', 'The whole site'])
    expect(open(entry('inspection', { what: 'final', result: 'passed' }))).toEqual([])
  })
  test('what was put right is open no more', () => {
    const settled = seen({
      subject: 'entry',
      facet: 'settled',
      subjectId: 'defect scratch',
      placeId: 'hall',
      value: { result: 'by Hollis' },
    } as never)
    expect(open(entry('defect', { what: 'scratch' }), settled)).toEqual([])
  })
})

describe('the hand-over pack', () => {
  const pack = (...facts: readonly Observation[]) =>
    composeHandOver(stateOf([...HALL, ...DONE, ...IN, ...facts]), 'metric')
  const photo = (hash: string, more: object = {}) =>
    seen({
      subject: 'photo',
      facet: 'taken',
      subjectId: hash,
      placeId: 'hall',
      value: { hash, caption: 'left wall', ...more },
    } as never)
  test('what was built and chosen, place by place', () => {
    const [hall] = pack().built
    expect(hall!.work.join()).toContain('Fill, prime and paint')
    expect(hall!.chosen).toEqual(['Wall colour: chalk white'])
    expect(composeHandOver(stateOf(HALL), 'metric').built).toEqual([])
  })
  test('what was agreed, phase by phase, closed or not; without its sum', () => {
    const { contract } = pack(entry('phase', { number: '1', scope: 'the hall', sum: '4200' }, null))
    expect(contract).toEqual(['Phase 1: the hall, not closed yet'])
  })
  test('things to keep by their sort, with where and until when', () => {
    const { items } = pack(
      entry('handover-item', { what: 'wall colour', sort: 'colour', detail: 'formula 14', where: 'in the cellar' }),
      entry('handover-item', { what: 'boiler', sort: 'warranty', until: '2028-03-10' }, null),
    )
    expect(items).toEqual([
      { sort: 'colour', things: ['hall: wall colour, formula 14, kept in the cellar'] },
      { sort: 'warranty', things: ['The whole site: boiler, good until Friday 10 March'] },
    ])
  })
  test('the atlas holds what was seen before it was covered, the album pairs from one spot', () => {
    const { atlas, album } = pack(
      photo('a'),
      photo('b', { details: { behind: 'two cables at 1.1 m' } }),
      photo('c', { sameSpotAs: 'a' }),
      photo('d', { sameSpotAs: 'gone' }),
      photo('plan', { sheet: 'plan' }),
    )
    expect(atlas.map(({ hash, caption }) => [hash, caption])).toEqual([
      ['b', 'left wall: behind it two cables at 1.1 m'],
    ])
    expect(album.map(({ before, after }) => [before.hash, after.hash])).toEqual([['a', 'c']])
  })
  test('pictures are for the household alone until it gives leave, and again once it is withdrawn', () => {
    expect(pack().publicUse).toContain('nobody gave leave')
    const leave = entry('photo-consent', { who: 'the household', where: 'our own page' }, null)
    expect(pack(leave).publicUse).toBe(
      'Leave to show pictures in public was given by the household, Where it may be shown: our own page.',
    )
    const withdrawn = seen({
      subject: 'entry',
      facet: 'settled',
      subjectId: 'photo-consent the household',
      placeId: null,
      value: { result: 'by letter' },
    } as never)
    expect(pack(leave, withdrawn).publicUse).toContain('nobody gave leave')
  })
  test('what stays reachable and what is only there for a time', () => {
    const { reachable, temporary } = pack(
      entry('access-hatch', { serves: 'shower valve' }),
      entry('weather-cover', { what: 'sheet over the rooflight' }),
    )
    expect(reachable).toEqual(['hall: shower valve'])
    expect(temporary.join()).toContain('sheet over the rooflight')
  })
})
