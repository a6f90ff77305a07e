import { describe, expect, test } from 'vitest'
import { arrived, laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { addDays, type Day } from '../calendar/day'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import { planOf } from './plan'
import { problemOf } from './problem'
import { constraintsOn } from './readiness'
import { USUAL_SENSE } from './sense'
import { NO_FORECAST } from './weather'

const floor = arrived(laid([{ id: 'den', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' }]))
const written = (kind: string, typed: Readonly<Record<string, string>>) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: kind,
    placeId: 'den',
    value: { kind, values: readEntry(kindOf(kind), (key) => typed[key] ?? '', 'metric') },
  } as never)
const first = (stage: string, ...more: ReturnType<typeof written>[]) => {
  const plan = planOf(problemOf(planInput([...floor, ...more])), { rounds: 20, seed: 1 })
  return plan.visits.find(({ stages }) => stages.includes(stage as never))!
}

describe('what is wet is left alone', () => {
  const screed = { name: 'The screed', what: 'screed', thick: '60 mm', from: TODAY }
  test('a screed of 60 mm holds what goes on it for 70 days, and nothing else', () => {
    const [dry, plain] = [first('paint', written('drying', screed)), first('paint')]
    expect(plain.startDay < addDays(TODAY, 70)).toBe(true)
    expect(dry.startDay >= addDays(TODAY, 70)).toBe(true)
    const { visits, holds } = problemOf(planInput([...floor, written('drying', screed)]))
    const paint = visits.findIndex(({ stages }) => stages.includes('paint'))
    expect(holds[paint]![0]!.words).toMatch(/^The screed dries until/)
    const board = visits.findIndex(({ stages }) => stages.includes('board'))
    expect(holds[board]!.some(({ words }) => words.includes('dries'))).toBe(false)
  })
  test('a visit is not clear before the day; what somebody sees as wet has none', () => {
    const visit = { ...first('paint'), startDay: addDays(TODAY, 20) }
    const dry = (typed: Readonly<Record<string, string>>, day: Day) =>
      constraintsOn({ ...visit, startDay: day }, stateOf([...floor, written('drying', typed)]), null, NO_FORECAST, {
        ...USUAL_SENSE,
        units: 'metric',
      }).filter(({ kind }) => kind === 'dry')
    expect(dry(screed, addDays(TODAY, 20))).toMatchObject([{ cleared: false }])
    expect(dry(screed, addDays(TODAY, 70))).toMatchObject([{ cleared: true }])
    expect(dry({ ...screed, wet: 'on' }, addDays(TODAY, 300))).toMatchObject([
      { words: 'The screed: still wet', cleared: false },
    ])
  })
  test('what was poured on Friday carries no steel on Thursday', () => {
    const [drying] = [kindOf('pour').dries!({ what: 'Two pads', poured: '2026-09-18' })]
    expect(drying).toEqual({
      stages: ['structure'],
      until: '2026-09-25',
      words: 'Two pads: hardens until Fri 25 Sep; when it carries the engineer says',
    })
    expect(kindOf('pour').dries!({ what: 'Two pads' })).toBeNull()
  })
})

test('a letter that takes 15 days at most holds the board of its room until then', () => {
  const letter = { what: 'Engineer’s letter', state: 'asked for', before: 'board', asked: TODAY, takes: '15' }
  const board = first('board', written('permit', letter))
  expect(board.startDay >= addDays(TODAY, 15)).toBe(true)
  expect(board.why).toBe('Engineer’s letter is not granted yet.')
  const [says] = kindOf('permit').reckon!(
    readEntry(kindOf('permit'), (key) => (letter as Record<string, string>)[key] ?? '', 'metric'),
    'metric',
    {},
  )
  expect(says).toBe('Asked for on Tue 10 Mar, 15 days at most: due by Wed 25 Mar.')
})
