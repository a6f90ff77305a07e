import { inOrder, predecessorsOf, type Project } from './project'

/** A project laid out for being scheduled a great many times. */
export interface Board {
  readonly count: number
  readonly resources: number
  readonly durations: Int32Array
  /** Requests of activity i: from i × resources on. */
  readonly requests: Int32Array
  /** The resources that an activity uses at all, the scarcest first. */
  readonly needs: readonly Int32Array[]
  readonly capacities: Int32Array
  readonly before: readonly Int32Array[]
  readonly after: readonly Int32Array[]
  readonly horizon: number
  /** Activities so that none stands before one that it follows, and where each stands there. */
  readonly byRank: Int32Array
  readonly rank: Int32Array
  /** What is left of each resource in each period; made full again for every schedule. */
  readonly free: Int32Array
  readonly full: Int32Array
}

export function boardOf(project: Project): Board {
  const { durations, successors, requests, capacities } = project
  const horizon = durations.reduce((sum, duration) => sum + duration, 0) + 1
  const byRank = Int32Array.from(inOrder(project))
  const rank = new Int32Array(durations.length)
  byRank.forEach((activity, place) => (rank[activity] = place))
  return {
    count: durations.length,
    resources: capacities.length,
    durations: Int32Array.from(durations),
    requests: Int32Array.from(requests.flat()),
    capacities: Int32Array.from(capacities),
    needs: requests.map((one) =>
      Int32Array.from(
        one
          .flatMap((need, r) => (need > 0 ? [r] : []))
          .sort((a, b) => one[b]! / capacities[b]! - one[a]! / capacities[a]!),
      ),
    ),
    before: predecessorsOf(project).map((one) => Int32Array.from(one)),
    after: successors.map((one) => Int32Array.from(one)),
    horizon,
    byRank,
    rank,
    free: new Int32Array(horizon * capacities.length),
    full: Int32Array.from({ length: horizon * capacities.length }, (_, at) => capacities[at % capacities.length]!),
  }
}

/** The earliest period from `from` on in which an activity fits for as long as it takes. */
function earliest(board: Board, activity: number, from: number): number {
  const { free, resources, durations, requests } = board
  const needs = board.needs[activity]!
  const count = needs.length
  const first = activity * resources
  let start = from
  let end = start + durations[activity]!
  for (let period = from; period < end; period++) {
    const at = period * resources
    for (let i = 0; i < count; i++) {
      const r = needs[i]!
      if (free[at + r]! < requests[first + r]!) {
        start = period + 1
        end = start + durations[activity]!
        break
      }
    }
  }
  return start
}

function occupy(board: Board, activity: number, start: number): void {
  const { free, resources, durations, requests } = board
  const needs = board.needs[activity]!
  const end = (start + durations[activity]!) * resources
  for (let i = 0; i < needs.length; i++) {
    const r = needs[i]!
    const need = requests[activity * resources + r]!
    for (let at = start * resources + r; at < end; at += resources) free[at] = free[at]! - need
  }
}

/** Serial generation: each activity in turn as early as what it follows and the resources allow.
 * @param order activities, none before one that it follows
 * @param follows what each activity follows in that direction
 * @param starts is filled
 * @returns the makespan */
function generate(board: Board, order: ArrayLike<number>, follows: Board['before'], starts: Int32Array): number {
  const { durations } = board
  board.free.set(board.full)
  let makespan = 0
  for (let i = 0; i < order.length; i++) {
    const activity = order[i]!
    let from = 0
    const mine = follows[activity]!
    for (let p = 0; p < mine.length; p++) {
      const end = starts[mine[p]!]! + durations[mine[p]!]!
      if (end > from) from = end
    }
    const start = durations[activity] === 0 ? from : earliest(board, activity, from)
    starts[activity] = start
    const end = start + durations[activity]!
    if (end > makespan) makespan = end
    if (durations[activity]! > 0) occupy(board, activity, start)
  }
  return makespan
}

export const forward = (board: Board, order: ArrayLike<number>, starts: Int32Array): number =>
  generate(board, order, board.before, starts)

/** The same from the end, mirrored: each activity as late as its successors and the resources allow, then moved to
 * begin at 0. */
export function backward(board: Board, order: ArrayLike<number>, starts: Int32Array): number {
  const makespan = generate(board, order, board.after, starts)
  for (let i = 0; i < board.count; i++) starts[i] = makespan - starts[i]! - board.durations[i]!
  return makespan
}
