import { inOrder, predecessorsOf, type Project } from './project'

/** Lists of activities, one for each activity, laid end to end: those of i are `list` from `from[i]` to `from[i + 1]`. */
export interface Lists {
  readonly from: Int32Array
  readonly list: Int32Array
}

/** A project laid out for being scheduled a great many times. Several resources share one 32-bit word, each in a lane of
 * its own with a guard bit over it: whether an activity fits in a period is then one subtraction for all of them. */
export interface Board {
  readonly count: number
  readonly durations: Int32Array
  /** The share of all resources that an activity uses. */
  readonly weights: Float64Array
  /** Words that a period takes; one where there are up to four small resources. */
  readonly words: number
  /** Requests of activity i, in lanes: from i × words on. */
  readonly requests: Int32Array
  /** The guard bits of each word. */
  readonly guards: Int32Array
  readonly before: Lists
  readonly after: Lists
  readonly horizon: number
  /** Activities so that none stands before one that it follows, and where each stands there. */
  readonly byRank: Int32Array
  /** What is left in each period, guards set; made full again for every schedule. */
  readonly free: Int32Array
  readonly full: Int32Array
}

/** Bits of a lane with its guard: as few as the largest capacity allows. */
const laneOf = (capacities: readonly number[]): number => {
  const most = Math.max(...capacities)
  return most < 1 << 7 ? 8 : most < 1 << 15 ? 16 : 32
}

export function boardOf(project: Project): Board {
  const { durations, successors, requests, capacities } = project
  const horizon = durations.reduce((sum, duration) => sum + duration, 0) + 1
  const lane = laneOf(capacities)
  const lanes = 32 / lane
  const words = Math.max(1, Math.ceil(capacities.length / lanes))
  const packed = (amounts: readonly number[]): number[] =>
    Array.from({ length: words }, (_, word) =>
      amounts.slice(word * lanes, (word + 1) * lanes).reduce((bits, amount, i) => bits | (amount << (i * lane)), 0),
    )
  const guards = packed(Array.from({ length: words * lanes }, () => 2 ** (lane - 1)))
  const period = packed(capacities).map((bits, word) => bits | guards[word]!)
  return {
    count: durations.length,
    durations: Int32Array.from(durations),
    weights: Float64Array.from(requests, (one) =>
      one.reduce((sum, need, r) => sum + (need > 0 ? need / capacities[r]! : 0), 0),
    ),
    words,
    requests: Int32Array.from(requests.flatMap(packed)),
    guards: Int32Array.from(guards),
    before: listsOf(predecessorsOf(project)),
    after: listsOf(successors),
    horizon,
    byRank: Int32Array.from(inOrder(project)),
    free: new Int32Array(horizon * words),
    full: Int32Array.from({ length: horizon * words }, (_, at) => period[at % words]!),
  }
}

function listsOf(all: readonly (readonly number[])[]): Lists {
  const from = new Int32Array(all.length + 1)
  all.forEach((one, i) => (from[i + 1] = from[i]! + one.length))
  return { from, list: Int32Array.from(all.flat()) }
}

/** The earliest period from `from` on in which an activity fits for as long as it takes. A window is looked through
 * from its end: the last period that is too full tells how far the next window must move. */
function earliest({ free, words, requests, guards, durations }: Board, activity: number, from: number): number {
  const duration = durations[activity]!
  let start = from
  let known = from
  for (let word = 0; word < words; word++) {
    const need = requests[activity * words + word]!
    const guard = guards[word]!
    if (need === 0) continue
    known = start
    for (;;) {
      const end = start + duration
      let period = end - 1
      while (period >= known && ((free[period * words + word]! - need) & guard) === guard) period--
      if (period < known) break
      start = period + 1
      known = end
      // A later window has to be looked at again for the words before this one.
      if (word > 0) word = -1
      if (word < 0) break
    }
  }
  return start
}

function occupy({ free, words, requests, durations }: Board, activity: number, start: number): void {
  for (let word = 0; word < words; word++) {
    const need = requests[activity * words + word]!
    if (need === 0) continue
    const end = (start + durations[activity]!) * words
    for (let at = start * words + word; at < end; at += words) free[at] = free[at]! - need
  }
}

/** Serial generation: each activity in turn as early as what it follows and the resources allow.
 * @param order activities, none before one that it follows
 * @param follows what each activity follows in that direction
 * @param starts is filled
 * @returns the makespan */
function generate(board: Board, order: ArrayLike<number>, { from, list }: Lists, starts: Int32Array): number {
  const { durations } = board
  board.free.set(board.full)
  let makespan = 0
  for (let i = 0; i < order.length; i++) {
    const activity = order[i]!
    let ready = 0
    for (let p = from[activity]!; p < from[activity + 1]!; p++) {
      const end = starts[list[p]!]! + durations[list[p]!]!
      if (end > ready) ready = end
    }
    const start = durations[activity] === 0 ? ready : earliest(board, activity, ready)
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
