import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { parseSize } from '../measure/size'
import { contradictions, type ToldSize } from './contradictions'
import type { Observation } from './observation'

const HOUSE = laid([
  { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'] },
  { id: 'store', name: 'Store', treatments: ['room-paint-only'] },
])
const entry = (
  kind: string,
  values: Record<string, unknown>,
  id = `${kind}-${JSON.stringify(values)}`,
  placeId = 'store',
) =>
  seen({ subject: 'entry', facet: 'written', subjectId: id, placeId, value: { kind, values } } as Parameters<
    typeof seen
  >[0])
const size = (text: string, at: string, by = 'Ada'): ToldSize => ({
  placeId: 'store',
  size: parseSize(text, 'metric'),
  by,
  at,
})
const asked = (observations: readonly Observation[], sizes: readonly ToldSize[] = []) =>
  contradictions(stateOf([...HOUSE, ...observations]), sizes, 'metric').map(
    ({ question, sides }) => `${question} ${sides.join(' / ')}`,
  )

test('a site about which nothing was said twice is asked nothing', () => expect(asked([])).toEqual([]))

describe('two sizes of one place', () => {
  test('are asked with who told them and when', () => {
    expect(
      asked([], [size('4.1 x 3.9', '2026-03-03T08:00:00Z'), size('4.6 x 3.9', '2026-03-10T08:00:00Z', 'Bo')]),
    ).toEqual(['Which size is right? 4.1 × 3.9 m (Ada, 3 Mar) / 4.6 × 3.9 m (Bo, 10 Mar)'])
  })
  test('a few millimetres, a rough size, or a height that was added are no contradiction', () => {
    const first = size('4.1 x 3.9', '2026-03-03T08:00:00Z')
    for (const second of ['4.11 x 3.9', 'about 4.6 x 3.9', '4.1 x 3.9 x 2.4'])
      expect(asked([], [first, size(second, '2026-03-10T08:00:00Z')])).toEqual([])
  })
  test('only the last two are held against each other', () => {
    expect(
      asked(
        [],
        [
          size('5 x 3', '2026-03-01T08:00:00Z'),
          size('4 x 3', '2026-03-02T08:00:00Z'),
          size('4 x 3', '2026-03-03T08:00:00Z'),
        ],
      ),
    ).toEqual([])
  })
})

test('out of the scope, and yet worked on', () => {
  const at = { subject: 'line', subjectId: 'store/room-paint-only/1', placeId: 'store' } as const
  const out = seen({ ...at, facet: 'excluded', value: { reason: 'the client paints' } })
  const half = seen({ ...at, facet: 'progress', value: 50 })
  expect(asked([out])).toEqual([])
  expect(asked([out, half])[0]).toMatch(
    /^Is .* in the scope\? Out of the scope: the client paints \/ 50 per cent of it is done$/,
  )
})

test('staying for good, and in the scope to be taken out', () => {
  const keep = (value: object) =>
    seen({ subject: 'keep', facet: 'kept', subjectId: 'k', placeId: 'bath', value } as Parameters<typeof seen>[0])
  const line = stateOf(HOUSE).lines.find((one) => one.placeId === 'bath' && one.action === 'remove')!
  const thing = line.title
    .toLowerCase()
    .match(/[a-z]{5,}/g)!
    .at(-1)!
  expect(asked([keep({ text: `The ${thing}` })])).toEqual([
    `Does it stay or go: the ${thing}? Stays: The ${thing} / In the scope: ${line.title}`,
  ])
  expect(asked([keep({ text: `The ${thing}`, until: 'the switch-over' })])).toEqual([])
  expect(asked([keep({ text: 'The cast stove' })])).toEqual([])
})

test('one part treated in two ways', () => {
  expect(
    asked([
      entry('part-treatment', { part: 'Small window trim', treatment: 'replaced' }),
      entry('part-treatment', { part: 'small window trim ', treatment: 'left as it is' }),
      entry('part-treatment', { part: 'Door trim', treatment: 'replaced' }),
    ]),
  ).toEqual(['What happens to small window trim? replaced / left as it is'])
})

test('a count that does not tie out', () => {
  expect(asked([entry('count', { what: 'Heavy hangers', said: 11, listed: 12 })])).toEqual([
    'Heavy hangers: 11 said on the walk, 12 listed: which is right? 11 said on the walk / 12 listed',
  ])
})

test('a zone that the household never enters, and somebody who comes through', () => {
  expect(
    asked([
      entry('occupancy', { who: 'Lower floor', use: 'ours alone, they stay out' }),
      entry('occupancy', { who: 'Their son, for his bicycles', use: 'they pass through' }),
    ]),
  ).toEqual([
    'May they come in here? Lower floor: ours alone, they stay out / Their son, for his bicycles: they pass through',
  ])
})

test('what was answered is not asked again, until something else is said', () => {
  const told = [entry('count', { what: 'Hangers', said: 11, listed: 12 }, 'c')]
  const [question] = contradictions(stateOf([...HOUSE, ...told]), [], 'metric')
  const answer = entry('answer', { question: question!.question, answer: '12 listed' }, question!.id)
  expect(asked([...told, answer])).toEqual([])
  expect(asked([...told, answer, entry('count', { what: 'Hangers', said: 11, listed: 13 }, 'c')])).toHaveLength(1)
})

describe('what is out of some, or all', () => {
  const SHELL = laid([
    { id: 'front', name: 'Front face', kind: 'face', treatments: [] },
    { id: 'porch', name: 'Porch', kind: 'face', treatments: [] },
  ])
  const line = (id: string, placeId: string, title: string, action: 'replace' | 'paint', element: 'window' | 'trim') =>
    seen({
      subject: 'line',
      facet: 'laid',
      subjectId: id,
      placeId,
      value: {
        placeId,
        stage: action === 'paint' ? 'paint' : 'windows-doors',
        trade: action === 'paint' ? 'painter' : 'window-door',
        action,
        element,
        title,
        basis: 'once',
        rate: 'window-set',
        quantity: null,
        how: 'as told',
        rough: false,
        hours: 4,
        own: true,
        cautions: [],
      },
    })
  const out = (part: string, placeId: string) =>
    entry('part-treatment', { part, treatment: 'left as it is' }, `out-${part}`, placeId)
  const askedOf = (...observations: readonly Observation[]) =>
    contradictions(stateOf([...SHELL, ...observations]), [], 'metric').map(({ question, sides }) => [
      question,
      ...sides,
    ])

  test('one statement of all, others of some: the rest is counted', () => {
    const stays = seen({
      subject: 'keep',
      facet: 'kept',
      subjectId: 'stays',
      placeId: 'porch',
      value: { text: 'The two porch windows' },
    })
    expect(
      askedOf(
        line('all', 'front', 'All nine windows are replaced', 'replace', 'window'),
        line('bath', 'front', 'The bath window gets trim only', 'replace', 'trim'),
        stays,
      ),
    ).toEqual([
      [
        'All of them, or all but some: all nine windows are replaced?',
        'All nine windows are replaced',
        '9 − 3 = 6 of them, without the two porch windows: stays (Porch); the bath window gets trim only (Front face)',
      ],
    ])
  })
  test('one thing that is left alone says nothing of others of its sort', () => {
    const bands = line('bands', 'front', 'The bands take the trim colour', 'paint', 'trim')
    const shed = line('shed', 'porch', 'The trim of the porch is replaced', 'replace', 'trim')
    expect(askedOf(out('The garage door’s trim', 'front'), bands, shed)).toEqual([])
    expect(askedOf(out('All trim', 'front'), shed)).toHaveLength(1)
  })
})
