import { expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { finishDays } from './finishDays'
import type { Plan } from './plan'

const day = (text: string) => text as Day
const plan = (end: string | null, likely?: string, safe?: string) =>
  ({ finish: end ? { a: end } : {}, risk: likely ? { a: { likely, safe } } : {} }) as unknown as Pick<
    Plan,
    'finish' | 'risk'
  >

test('the likely day is that of the draws, or the end of the plan where none were made', () => {
  expect(finishDays(plan('2026-05-04', '2026-05-08', '2026-05-20'), 'a', day('2026-03-10'))).toEqual({
    likely: '2026-05-08',
    safe: '2026-05-20',
  })
  expect(finishDays(plan('2026-05-04'), 'a', day('2026-03-10'))).toEqual({ likely: '2026-05-04', safe: '2026-05-04' })
})
test('neither lies in the past, and the safe day is never before the likely one', () => {
  expect(finishDays(plan('2026-03-02', '2026-03-04', '2026-03-03'), 'a', day('2026-03-10'))).toEqual({
    likely: '2026-03-10',
    safe: '2026-03-10',
  })
})
test('a site of which nothing is planned has none', () => {
  expect(finishDays(plan(null), 'a', day('2026-03-10'))).toBeNull()
})
