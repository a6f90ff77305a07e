import { expect, test } from 'vitest'
import { keptFor } from './keptFor'

test('what was derived is kept by all that it depends on, the last few of each owner', () => {
  const kept = keptFor<object, number>(2)
  const [one, other] = [{}, {}]
  let derived = 0
  const ask = (owner: object, ...by: readonly unknown[]): number => kept(owner, by, () => ++derived)
  expect([ask(one, 'a', 1), ask(one, 'a', 1), ask(one, 'a', 2), ask(other, 'a', 1)]).toEqual([1, 1, 2, 3])
  expect([ask(one, 'a'), ask(one, 'a', 2), ask(one, 'a', 1)]).toEqual([4, 2, 5])
})
