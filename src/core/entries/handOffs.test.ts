import { describe, expect, test } from 'vitest'
import { kindOf } from './entry'
import { readEntry } from './entryWords'
import type { Standards } from '../takeoff/standards'
import { guardSentences } from './guards'
import { handOffSentences } from './handOffs'

const entry = (first: string, then: string, whose = '', placeId = 'hall', settled = false) => ({
  placeId,
  settled,
  values: { order: `${first} before ${then}`, first, then, ...(whose ? { whose } : {}) },
})

describe('who waits for whom', () => {
  test('is laid out in order', () => {
    expect(
      handOffSentences([
        entry('patch', 'paint'),
        entry('moulding', 'patch'),
        entry('paint', 'plates'),
        entry('a', 'b', '', 'bath'),
      ]),
    ).toEqual(['In this order: moulding, then patch, then paint, then plates.'])
  })
  test('a circle is told, with what is done in two goes', () => {
    expect(
      handOffSentences([
        entry('Our crown', 'their patch', 'we'),
        entry('their patch', 'our moulding', 'the client’s own contractor'),
        entry('our moulding', 'our crown', 'we'),
      ]),
    ).toEqual([
      'These wait for each other: our crown, then their patch, then our moulding, then our crown. Do a part of it twice: let their patch be done by the client’s own contractor as far as it goes, and come back to it.',
    ])
  })
  test('what is done waits for nothing', () => {
    expect(handOffSentences([entry('a', 'b'), entry('b', 'a', '', 'hall', true)])).toEqual([])
  })
})

describe('a rail beside a drop', () => {
  const says = (typed: Record<string, string>, units: 'metric' | 'imperial' = 'metric', standards: Standards = {}) =>
    guardSentences(
      readEntry(kindOf('rail'), (key) => typed[key] ?? '', units),
      units,
      standards,
    )
  test('a temporary guard stands until it is up', () => {
    expect(says({ what: 'landing', drop: '2.4' })).toEqual([
      'A drop of 2.4: a guard is likely needed, and a temporary one from today until it is up.',
    ])
    expect(says({ what: 'landing', drop: '2.4', temporary: 'the rail is set', height: '850 mm' })).toEqual([
      'A drop of 2.4: the temporary guard stays until the rail is set.',
      '850 mm high, under 900 mm: ask the authority before it is made.',
    ])
  })
  test('a small drop is the authority’s question, no drop says nothing', () => {
    expect(says({ what: 'deck', drop: '18 in' }, 'imperial')[0]).toContain('the authority’s question')
    expect(says({ what: 'deck' })).toEqual([])
  })
  test('the drop from which a guard is likely is the firm’s own, as it is for a stair', () => {
    const own = { 'C-28/guardFrom': '400 mm' }
    expect(says({ what: 'deck', drop: '450 mm' }, 'metric', own)[0]).toContain('a guard is likely needed')
    expect(says({ what: 'deck', drop: '350 mm' }, 'metric', own)[0]).toContain('under 400 mm')
  })
})
