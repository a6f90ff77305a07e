import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Instance, Precedence } from './instance'

/** Predecessors and successors of every activity, and an order that respects them. */
export interface Network {
  readonly before: readonly (readonly Precedence[])[]
  readonly after: readonly (readonly Precedence[])[]
  readonly order: Int32Array
}

/** Builds the network of an instance.
 * @param words names an activity for the error
 * @throws ImpossibleRequest `circular-precedence`, telling the circle in words */
export function networkOf(
  instance: Instance,
  words: (activity: number) => string = (activity) => `activity ${activity}`,
): Network {
  const count = instance.activities.length
  const before: Precedence[][] = Array.from({ length: count }, () => [])
  const after: Precedence[][] = Array.from({ length: count }, () => [])
  const waiting = new Int32Array(count)
  for (const precedence of instance.precedences) {
    before[precedence.to]!.push(precedence)
    after[precedence.from]!.push(precedence)
    waiting[precedence.to]!++
  }
  const ready = Array.from({ length: count }, (_, i) => i).filter((i) => waiting[i] === 0)
  const order: number[] = []
  for (let i = 0; i < ready.length; i++) {
    const activity = ready[i]!
    order.push(activity)
    for (const { to } of after[activity]!) if (--waiting[to]! === 0) ready.push(to)
  }
  if (order.length < count) {
    const round = circle(before, waiting).map(words)
    throw new ImpossibleRequest(
      'circular-precedence',
      `These wait for each other in a circle: ${[...round, round[0]].join(', then ')}.`,
    )
  }
  return { before, after, order: Int32Array.from(order) }
}

function circle(before: readonly (readonly Precedence[])[], waiting: Int32Array): number[] {
  let at = waiting.findIndex((left) => left > 0)
  const path: number[] = []
  while (!path.includes(at)) {
    path.push(at)
    at = before[at]!.find((p) => waiting[p.from]! > 0)!.from
  }
  return path.slice(path.indexOf(at)).reverse()
}

/** All that is reached from some activities, step by step; themselves only where a way leads back.
 * @param next those one step on */
export function reached(starts: readonly number[], next: (index: number) => readonly number[]): Set<number> {
  const found = new Set<number>()
  const open = [...starts]
  for (let index = open.pop(); index !== undefined; index = open.pop())
    for (const one of next(index))
      if (!found.has(one)) {
        found.add(one)
        open.push(one)
      }
  return found
}

/** Some activities, and all that comes after one of them and before one of others. */
export function pathsBetween(
  { after, before }: Network,
  from: readonly number[],
  to: readonly number[],
): readonly number[] {
  const later = reached(from, (index) => after[index]!.map((one) => one.to))
  const earlier = reached(to, (index) => before[index]!.map((one) => one.from))
  return [...from, ...[...later].filter((index) => earlier.has(index) && !from.includes(index))]
}
