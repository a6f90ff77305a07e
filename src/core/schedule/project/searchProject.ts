import { seededRandom } from '../random'
import { makespanOf } from './checkProject'
import { backward, boardOf, forward, type Board } from './generate'
import { inOrder, type Project } from './project'
import { lowerBound, tails } from './projectBounds'

export interface Found {
  readonly starts: readonly number[]
  readonly makespan: number
  /** No schedule is shorter than this. */
  readonly bound: number
  /** Schedules that were made. */
  readonly tried: number
}

export interface SearchOptions {
  readonly seed?: number
  /** Whether to go on; asked after every few schedules. */
  readonly goOn: (tried: number) => boolean
}

/** One of the population: an order of activities with the schedule that it stands for. */
interface Member {
  readonly order: Int32Array
  readonly starts: Int32Array
  readonly makespan: number
}

/** Orders that are kept: more where there are more activities; small projects do better to begin afresh more often. */
const populationFor = (count: number): number => Math.max(18, Math.round(count * 0.35))
/** Children without a better schedule, for each of the population, after which a new generation begins. */
const PATIENCE = 60
const CHECK_EVERY = 16

/** Searches a short schedule of a project: a population of orders, crossed where the father is busiest, each made better
 * by going backward and forward (justification); fresh blood when all are alike. Anytime, seeded, and never worse than
 * the best of its first orders.
 * Sources: serial generation and justification (Kelley; Tormos and Lova; Valls et al.), crossover of the busiest part
 * (Valls, Ballestín, Quintanilla 2008; Debels, Vanhoucke 2007). */
export function searchProject(project: Project, { seed = 1, goOn }: SearchOptions): Found {
  const board = boardOf(project)
  const random = seededRandom(seed)
  const bound = lowerBound(project)
  const search = new Search(board, tails(project), random)
  let best = search.first(inOrder(project))
  while (best.makespan > bound && goOn(search.tried)) {
    const population = search.population()
    let since = 0
    for (let turn = 0; best.makespan > bound; turn++) {
      if (turn % CHECK_EVERY === 0 && !goOn(search.tried)) break
      const child = search.child(population)
      if (child.makespan < best.makespan) {
        best = child
        since = 0
      } else since++
      search.admit(population, child)
      if (since > population.length * PATIENCE) break
    }
  }
  const starts = Array.from(best.starts)
  return { starts, makespan: makespanOf(project.durations, starts), bound, tried: search.tried }
}

class Search {
  tried = 0
  private readonly keys: Float64Array
  private readonly open: Int32Array
  private readonly ready: Int32Array
  private reach: number

  constructor(
    private readonly board: Board,
    private readonly tail: readonly number[],
    private readonly random: () => number,
  ) {
    this.keys = new Float64Array(board.count)
    this.open = new Int32Array(board.count)
    this.ready = new Int32Array(board.count)
    this.reach = board.horizon
  }

  /** The order by the longest chain that is still to come. */
  first(order: readonly number[]): Member {
    order.forEach((activity) => (this.keys[activity] = -this.tail[activity]!))
    const member = this.made(this.ordered())
    this.reach = member.makespan
    return member
  }

  /** A first generation: long chains first, with chance mixed in. */
  population(): Member[] {
    const members: Member[] = []
    while (members.length < populationFor(this.board.count)) {
      const chance = 0.2 + 0.8 * this.random()
      for (let i = 0; i < this.board.count; i++) this.keys[i] = -this.tail[i]! * (1 - chance * this.random())
      members.push(this.made(this.ordered()))
    }
    return members
  }

  /** A new order from two of the better ones. */
  child(members: readonly Member[]): Member {
    const father = this.chosen(members)
    let mother = this.chosen(members)
    for (let i = 0; i < 4 && mother === father; i++) mother = this.chosen(members)
    this.cross(father, mother)
    this.shake()
    return this.made(this.ordered())
  }

  /** Takes the place of the worst, unless one of the same schedule is there. */
  admit(members: Member[], child: Member): void {
    let worst = 0
    for (let i = 0; i < members.length; i++) {
      const one = members[i]!
      if (one.makespan > members[worst]!.makespan) worst = i
      if (one.makespan === child.makespan && same(one.starts, child.starts)) return
    }
    const at =
      members[worst]!.makespan > child.makespan || this.random() < 0.5
        ? worst
        : 1 + Math.floor(this.random() * (members.length - 1))
    if (child.makespan <= members[at]!.makespan) members[at] = child
  }

  private chosen(members: readonly Member[]): Member {
    const pick = () => members[Math.floor(this.random() * members.length)]!
    const [a, b] = [pick(), pick()]
    return a.makespan <= b.makespan ? a : b
  }

  /** Keys of a child: in the father's busiest stretch his times, before and after it the mother's. */
  private cross(father: Member, mother: Member): void {
    const { count } = this.board
    const length = Math.max(1, Math.floor(father.makespan * (0.2 + 0.5 * this.random())))
    const [from, to] = this.busiest(father, length)
    const shift = father.makespan + mother.makespan
    for (let i = 0; i < count; i++) {
      const start = father.starts[i]!
      if (start >= from && start < to) this.keys[i] = start
      else {
        const other = mother.starts[i]!
        this.keys[i] = (other * father.makespan) / mother.makespan < (from + to) / 2 ? other - shift : other + shift
      }
    }
  }

  /** Of a few stretches of the father drawn by chance, the one whose activities use the most. */
  private busiest(father: Member, length: number): [number, number] {
    const { count, durations, weights } = this.board
    let best = -1
    let from = 0
    for (let draw = 0; draw < 3; draw++) {
      const start = Math.floor(this.random() * Math.max(1, father.makespan - length))
      let used = 0
      for (let i = 0; i < count; i++) {
        const begin = Math.max(start, father.starts[i]!)
        const end = Math.min(start + length, father.starts[i]! + durations[i]!)
        if (end > begin) used += (end - begin) * weights[i]!
      }
      if (used > best) {
        best = used
        from = start
      }
    }
    return [from, from + length]
  }

  /** Moves a few activities a little: two or three of a small project, three in a hundred of a large one. */
  private shake(): void {
    const { count } = this.board
    const share = Math.max(0.03, 2.6 / count)
    for (let i = 0; i < count; i++)
      if (this.random() < share) this.keys[i] = this.keys[i]! + (this.random() - 0.5) * this.reach * 0.4
  }

  /** The activities by their keys, the smallest that may come first. */
  private ordered(): Int32Array {
    const { count, before, after } = this.board
    const { keys, open, ready } = this
    const order = new Int32Array(count)
    let waiting = 0
    for (let i = 0; i < count; i++) {
      open[i] = before.from[i + 1]! - before.from[i]!
      if (open[i] === 0) ready[waiting++] = i
    }
    for (let place = 0; place < count; place++) {
      let at = 0
      for (let i = 1; i < waiting; i++) if (keys[ready[i]!]! < keys[ready[at]!]!) at = i
      const activity = ready[at]!
      ready[at] = ready[--waiting]!
      order[place] = activity
      for (let s = after.from[activity]!; s < after.from[activity + 1]!; s++) {
        const next = after.list[s]!
        if (--open[next]! === 0) ready[waiting++] = next
      }
    }
    return order
  }

  /** Schedules an order, then backward by ends and forward by starts, as long as that shortens it. */
  private made(order: Int32Array): Member {
    const { board } = this
    const starts = new Int32Array(board.count)
    let makespan = forward(board, order, starts)
    this.tried++
    let current = order
    let kept = starts.slice()
    for (;;) {
      const late = byEnd(board, kept, makespan)
      const turned = new Int32Array(board.count)
      const early = byStart(board, turned, backward(board, late, turned))
      const again = new Int32Array(board.count)
      const shorter = forward(board, early, again)
      this.tried += 2
      if (shorter > makespan) break
      current = early
      kept = again
      if (shorter === makespan) break
      makespan = shorter
    }
    return { order: current, starts: kept, makespan }
  }
}

const same = (a: Int32Array, b: Int32Array): boolean => {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false
  return true
}

/** Activities by a time of theirs, the earliest first, those of one time as they stand in `inTurn`: counted into place. */
function byTime(inTurn: Int32Array, timeOf: Int32Array, most: number): Int32Array {
  const places = new Int32Array(most + 2)
  for (let i = 0; i < timeOf.length; i++) places[timeOf[i]! + 1]!++
  for (let time = 1; time < places.length; time++) places[time] = places[time]! + places[time - 1]!
  const order = new Int32Array(inTurn.length)
  for (let i = 0; i < inTurn.length; i++) {
    const activity = inTurn[i]!
    order[places[timeOf[activity]!]!++] = activity
  }
  return order
}

/** Latest end first; of two that end together whichever follows the other. */
function byEnd({ count, durations, byRank }: Board, starts: Int32Array, makespan: number): Int32Array {
  const early = new Int32Array(count)
  for (let i = 0; i < count; i++) early[i] = makespan - starts[i]! - durations[i]!
  return byTime(byRank.slice().reverse(), early, makespan)
}

/** Earliest start first; of two that start together whichever the other follows. */
const byStart = ({ byRank }: Board, starts: Int32Array, makespan: number): Int32Array =>
  byTime(byRank, starts, makespan)
