import { ImpossibleRequest } from '../errors/impossibleRequest'
import { STAGES, type Stage } from '../scope/vocabulary'
import type { Relation } from './relations'

export interface StageLink {
  readonly before: Stage
  readonly after: Stage
  readonly waitDays: number
  readonly mostDays?: number
  /** People stand under it: nothing turns it round. */
  readonly guards?: true
  readonly why: string
}

/** Lays out what comes before what: an order that breaks none of it, or the circle that it runs in, as a chain that
 * ends where it began. */
export function layOut<Step extends string>(
  relations: readonly { readonly before: Step; readonly after: Step }[],
): { readonly order: Step[]; readonly circle: null } | { readonly order: null; readonly circle: Step[] } {
  const next = new Map<Step, Step[]>()
  for (const { before, after } of relations) next.set(before, [...(next.get(before) ?? []), after])
  const state = new Map<Step, 'open' | 'closed'>()
  const path: Step[] = []
  const order: Step[] = []
  const visit = (step: Step): Step[] | null => {
    if (state.get(step) === 'closed') return null
    if (state.get(step) === 'open') return [...path.slice(path.indexOf(step)), step]
    state.set(step, 'open')
    path.push(step)
    for (const after of next.get(step) ?? []) {
      const found = visit(after)
      if (found) return found
    }
    path.pop()
    state.set(step, 'closed')
    order.unshift(step)
    return null
  }
  for (const step of next.keys()) {
    const circle = visit(step)
    if (circle) return { order: null, circle }
  }
  return { order, circle: null }
}

/** Refuses relations that run in a circle, telling the circle in words.
 * @throws ImpossibleRequest `circular-order`
 * @example 'Paint before Cabinets, Cabinets before Paint' */
export function requireNoCycle(relations: readonly Relation[]): void {
  const { circle } = layOut(relations)
  if (!circle) return
  const words = circle.slice(1).map((after, i) => `${STAGES[circle[i]!]} before ${STAGES[after]}`)
  throw new ImpossibleRequest(
    'circular-order',
    `These relations run in a circle: ${words.join(', ')}. Take one of them away.`,
    'relation',
  )
}

/** The links that bind among the stages really present at a place.
 *
 * A stage that is absent passes its relations on. The wait is the one that follows the earlier stage itself: tape dries
 * for a day whether paint or the floor comes next.
 */
export function linksAmong(present: ReadonlySet<Stage>, relations: readonly Relation[]): StageLink[] {
  const next = new Map<Stage, Relation[]>()
  for (const relation of relations) {
    if ((relation.scope ?? 'place') === 'place')
      next.set(relation.before, [...(next.get(relation.before) ?? []), relation])
  }
  const links: StageLink[] = []
  for (const before of present) links.push(...linksFrom(before, present, next))
  return links
}

const words = (stage: Stage): string => STAGES[stage].toLowerCase()

function linksFrom(before: Stage, present: ReadonlySet<Stage>, next: Map<Stage, Relation[]>): StageLink[] {
  const found = new Map<Stage, StageLink>()
  const seen = new Set<Stage>()
  const queue: { at: Stage; link: StageLink | null }[] = [{ at: before, link: null }]
  while (queue.length > 0) {
    const { at, link } = queue.shift()!
    for (const relation of next.get(at) ?? []) {
      const after = relation.after
      const waitDays = Math.max(link?.waitDays ?? 0, at === before ? (relation.waitDays ?? 0) : 0)
      const step: StageLink = {
        before,
        after,
        waitDays,
        ...(link === null && relation.mostDays !== undefined ? { mostDays: relation.mostDays } : {}),
        ...(relation.guards && (link === null || link.guards) ? { guards: true } : {}),
        why: link ? `${words(before)} before ${words(after)}` : relation.why,
      }
      if (present.has(after)) {
        found.set(after, tighter(found.get(after), step))
      } else if (!seen.has(after)) {
        seen.add(after)
        queue.push({ at: after, link: step })
      }
    }
  }
  return [...found.values()]
}

/** Of two links between the same stages the longer wait and, where one says so, the days within which it has to follow. */
function tighter(known: StageLink | undefined, step: StageLink): StageLink {
  if (!known) return step
  const mostDays = known.mostDays ?? step.mostDays
  const longer = step.waitDays > known.waitDays ? step : known
  return {
    ...longer,
    ...(mostDays === undefined ? {} : { mostDays }),
    ...(known.guards || step.guards ? { guards: true } : {}),
  }
}
