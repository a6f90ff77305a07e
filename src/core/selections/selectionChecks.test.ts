import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { readValues } from '../entries/field'
import { selectionChecks } from './selectionChecks'
import { likelySort, SELECTION_KINDS, selectionFields, type SelectionSort } from './selectionKinds'
import type { Delivery, SelectionState } from './selection'

const checks = (
  sort: SelectionSort,
  typed: Readonly<Record<string, string>>,
  more: { state?: SelectionState; lead?: number; supplier?: string; approvalDays?: number; came?: Delivery } = {},
  money = true,
): string[] =>
  selectionChecks(
    {
      state: more.state ?? 'chosen',
      details: { sort, values: readValues(selectionFields(sort), (key) => typed[key] ?? '', 'imperial') },
      delivered: more.came ?? null,
      leadDays: [7, 14, more.lead ?? 28],
      ...(more.supplier ? { supplier: more.supplier } : {}),
      ...(more.approvalDays ? { approvalDays: more.approvalDays } : {}),
    },
    'imperial',
    money,
  )

describe('what is to be minded about a selection', () => {
  test('an oven cabinet of 33 in does not go into a niche of 32 3/4 in, and its order is held (C-31)', () => {
    expect(checks('cabinet-run', { wide: '33 1/2 in', niche: '32 3/4 in' })).toEqual([
      `2' 8 3/4" − 2' 9 1/2" = −3/4".`,
      '3/4" too little: build out, or another box.',
      'The order is held until it fits.',
    ])
    expect(checks('cabinet-run', { wide: '33 in', niche: '36 in' })).toEqual([`3' − 2' 9" = 3", 1 1/2" at each side.`])
  })
  test('what has a size is measured for before it is ordered', () => {
    expect(checks('appliance', { wide: '30 in' })).toEqual(['Its niche is not measured: measure before it is ordered.'])
    expect(checks('appliance', { wide: '30 in' }, { state: 'installed' })).toEqual([])
  })
  test('deliveries are counted against what is needed', () => {
    const came = { on: '2026-03-08' as Day, count: 7, damaged: 1, wrongHand: 2 }
    expect(checks('hardware', { count: '8' }, { state: 'arrived', came })).toEqual([
      '1 of 7 came damaged.',
      '2 of 7 came of the wrong hand or size.',
      '4 of 8 are still wanted.',
    ])
    expect(
      checks('hardware', { count: '8' }, { state: 'arrived', came: { ...came, count: 8, damaged: 0, wrongHand: 0 } }),
    ).toEqual([])
  })
  test('a single source and a long supply are said early, and no more once it is ordered', () => {
    expect(checks('floor', { sole: 'on' }, { lead: 60 })).toEqual([
      'Only one source: if it slips, nothing stands in. Name another or order at once.',
      'May take 60 days and nobody is named yet to supply it.',
      'Say what stands in until it comes.',
    ])
    expect(checks('floor', { sole: 'on', second: 'the mill' }, { supplier: 'the shop' })).toEqual([])
    expect(checks('floor', { sole: 'on' }, { state: 'ordered', lead: 60 })).toEqual([])
  })
  test('what the client brings has a day, or none is promised yet', () => {
    expect(checks('fixture', { clients: 'on', due: '2026-03-20' })).toEqual(['The client brings it by 20 Mar.'])
    expect(checks('fixture', { clients: 'on' })).toEqual(['The client brings it: no day is promised yet.'])
    expect(checks('fixture', { clients: 'on' }, { state: 'arrived' })).toEqual([])
  })
  test('an approval wants its evidence', () => {
    expect(checks('siding', {}, { approvalDays: 14 })).toEqual([
      'To be approved by somebody else before it is ordered.',
    ])
    expect(checks('siding', {}, { approvalDays: 14, state: 'ordered' })).toEqual([
      'Nothing on record says who approved it.',
    ])
    expect(checks('siding', { evidence: 'the association, letter of 2 March' }, { approvalDays: 14 })).toEqual([])
  })
  test('a price against its allowance is for who may see money', () => {
    const typed = { allowance: '1600', price: '2350' }
    expect(checks('appliance', typed)).toEqual(['€750.00 over the allowance: to be agreed before it is ordered.'])
    expect(checks('appliance', typed, {}, false)).toEqual([])
    expect(checks('appliance', { allowance: '1600', price: '1500' })).toEqual(['€100.00 under the allowance.'])
    expect(checks('appliance', { allowance: '1600', price: '1600' })).toEqual(['Just the allowance.'])
  })
})

describe('the sorts of things to choose', () => {
  test.each(Object.keys(SELECTION_KINDS) as SelectionSort[])('%s asks each thing once', (sort) => {
    const keys = selectionFields(sort).map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    expect(keys).toEqual(expect.arrayContaining(['sole', 'second', 'evidence', 'clients', 'accepted', 'count']))
  })
  test('the likeliest sort follows from how long it takes', () => {
    expect([likelySort('custom-window'), likelySort('matched-paint'), likelySort('permit')]).toEqual([
      'opening',
      'paint',
      'other',
    ])
  })
})
