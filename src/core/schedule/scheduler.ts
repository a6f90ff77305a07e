import { ImpossibleRequest } from '../errors/impossibleRequest'
import { siteEnds } from './goals'
import { STAYS, type Instance, type Schedule } from './instance'
import { networkOf, pathsBetween, reached, type Network } from './network'
import { excessOf, lengthOf } from './span'

/** How the work goes in one draw, where it differs from the instance. */
export interface Variation {
  /** Multiples of the working time, one an activity. */
  readonly factors: ArrayLike<number>
  /** First slots, one an activity. */
  readonly releases: ArrayLike<number>
  /** Slots that are waited after an activity beside the lag of each relation. */
  readonly waits: ArrayLike<number>
}

/** The open slots of a calendar in order, and for every slot the place of the first that is not before it. */
interface OpenSlots {
  readonly slots: Int32Array
  readonly from: Int32Array
}

/** Builds schedules of one instance, again and again: each activity in priority order as early as predecessors, calendars
 * and resources allow, in the mode that ends first (serial generation, Kelley 1963; Kolisch 1996).
 *
 * An agreed start is kept, its resources reserved beforehand. One that a predecessor or a release makes impossible gives
 * its reservation up, and the schedule is built again without it, so that it stands in nobody's way. */
export class Scheduler {
  private readonly calendars: readonly OpenSlots[]
  /** What is in use, resource after resource, slot by slot. */
  private readonly used: Int16Array
  private readonly capacities: readonly (number | Uint8Array)[]
  /** Ways to do an activity, laid end to end: those of i from `modesFrom[i]` on; of each what it uses, in `uses`. */
  private readonly modesFrom: Int32Array
  private readonly durations: Int32Array
  private readonly usesFrom: Int32Array
  /** Resource, its first cell in `used`, and units: three numbers each. */
  private readonly uses: Int32Array
  /** What each activity follows, laid end to end: the one before it and the lag, two numbers each. */
  private readonly followsFrom: Int32Array
  private readonly follows: Int32Array
  /** The slots in which each may begin; null where in any. */
  private readonly starts: readonly (Uint8Array | null)[]
  /** Those of the same team on the same site, one list for all of them; null where none may follow another. */
  private readonly teams: readonly (readonly number[] | null)[]
  /** Those with an agreed start, the one that counts most first. */
  private readonly weightiest: readonly number[]
  /** Of each span, what opens it and what lies between, once it was asked for. */
  private readonly inSpans = new Map<string, readonly number[]>()
  /** The order of the priority that was used last: draws use one priority over and over. */
  private last: { readonly priority: ArrayLike<number>; readonly order: Int32Array } | null = null

  constructor(
    readonly instance: Instance,
    readonly network: Network = networkOf(instance),
  ) {
    this.calendars = instance.calendars.map(openSlotsOf)
    this.used = new Int16Array(instance.resources.length * instance.horizon)
    this.capacities = instance.resources.map(({ capacity }) => capacity)
    const modes = instance.activities.flatMap((activity) => activity.modes)
    const demands = modes.map((mode) => mode.demands.filter(({ units }) => units > 0))
    this.modesFrom = startsOf(instance.activities.map((activity) => activity.modes.length))
    this.durations = Int32Array.from(modes, ({ duration }) => duration)
    this.usesFrom = startsOf(demands.map((list) => list.length * 3))
    this.uses = Int32Array.from(
      demands.flat().flatMap(({ resource, units }) => [resource, resource * instance.horizon, units]),
    )
    this.starts = instance.activities.map(({ starts }) => (starts === undefined ? null : instance.calendars[starts]!))
    this.teams = teamsOf(instance)
    this.weightiest = instance.activities
      .flatMap(({ fixed }, i) => (fixed === undefined ? [] : [i]))
      .sort(
        (a, b) =>
          (instance.activities[b]!.weight ?? 1) - (instance.activities[a]!.weight ?? 1) ||
          instance.activities[a]!.fixed! - instance.activities[b]!.fixed!,
      )
    this.followsFrom = startsOf(network.before.map((list) => list.length * 2))
    this.follows = Int32Array.from(network.before.flat().flatMap(({ from, lag }) => [from, lag]))
  }

  /** @param priority one number an activity, smaller goes first among those whose predecessors are placed
   * @param releases first slots that are later than the activities' own
   * @throws ImpossibleRequest `horizon-too-short` where an activity finds no room before the horizon ends */
  schedule(priority: ArrayLike<number>, variation?: Variation, releases?: ArrayLike<number>): Schedule {
    const agreed = this.instance.activities.map(({ fixed }) => fixed)
    for (;;) {
      const { schedule, broken } = this.build(priority, agreed, variation, releases)
      // In a draw nobody looks twice: who cannot come when agreed comes when it is their turn.
      if (broken.length === 0 || variation) return schedule
      for (const index of broken) agreed[index] = undefined
    }
  }

  /** Pushes everything as late as a schedule's end allows, last finish first; the late starts are an order for another. */
  lateStarts(best: Schedule): Float64Array {
    const { activities } = this.instance
    this.used.fill(0)
    const late = Float64Array.from(best.start)
    const lastFirst = [...best.finish.keys()].sort((a, b) => best.finish[b]! - best.finish[a]! || b - a)
    const placed = new Uint8Array(activities.length)
    for (const index of lastFirst) {
      const mode = best.mode[index]!
      let limit = best.makespan
      for (const { to, lag } of this.network.after[index]!) if (placed[to]) limit = Math.min(limit, late[to]! - lag)
      const agreed = activities[index]!.fixed === best.start[index]
      const at = agreed ? -1 : this.lastStart(index, mode, limit, best.start[index]!)
      late[index] = at >= 0 ? at : best.start[index]!
      this.take(index, mode, late[index]!, this.duration(index, mode), 1)
      placed[index] = 1
    }
    return late
  }

  /** Lets what opens something, and what lies between, wait as long as what closes it again allows: every span that lasts
   * too long is drawn together at its end. What was agreed stays, and nothing else moves; where what opens cannot wait,
   * what lies between does not wait for nothing.
   * @returns the schedule itself where no span lasts too long */
  closeUp(best: Schedule): Schedule {
    const seen = new Set<number>()
    let closed = best
    for (;;) {
      // What waits takes along what went before it, like the protection of a room that is opened later.
      const its = this.lasting(closed).filter((i) => !seen.has(i))
      for (const i of its) seen.add(i)
      const drawn = its.length === 0 ? closed : this.drawnUp(closed, its)
      if (drawn === closed) return closed
      closed = { ...drawn, waits: new Map([...(closed.waits ?? []), ...(drawn.waits ?? [])]) }
    }
  }

  /** The spans that last, by their numbers: what stands open is closed as soon as can be, not only within the nights that it
   * may. */
  private lasting(schedule: Schedule): number[] {
    return (this.instance.spans ?? []).flatMap((span, i) =>
      (span.counts === 'nights' ? lengthOf(span, schedule) : excessOf(span, schedule)) > 0 ? [i] : [],
    )
  }

  private drawnUp(best: Schedule, over: readonly number[]): Schedule {
    const closed = this.drawnTogether(best, over)
    const waited = over.filter((i) =>
      this.instance.spans![i]!.opens.some((index) => closed.start[index]! > best.start[index]!),
    )
    if (waited.length === over.length) return closed
    return waited.length === 0 ? best : this.drawnTogether(best, waited)
  }

  private drawnTogether(best: Schedule, spans: readonly number[]): Schedule {
    const { activities } = this.instance
    const waiting = new Map<number, number>()
    for (const i of spans) for (const index of this.between(i, best)) if (!waiting.has(index)) waiting.set(index, i)
    this.used.fill(0)
    const [start, finish] = [Int32Array.from(best.start), Int32Array.from(best.finish)]
    const waits = new Map<number, number>()
    for (let index = 0; index < activities.length; index++)
      this.take(index, best.mode[index]!, start[index]!, this.duration(index, best.mode[index]!), 1)
    // What follows on them and has time makes room first, as far as its site's end allows.
    const followers = this.followersOf(spans, waiting)
    const ends = siteEnds(this.instance, best)
    const lastFirst = [...waiting.keys(), ...followers].sort((a, b) => finish[b]! - finish[a]! || b - a)
    for (const index of lastFirst) {
      const mode = best.mode[index]!
      if (activities[index]!.fixed === start[index] || activities[index]!.begun || this.teams[index]) continue
      let limit = waiting.has(index) ? Number.POSITIVE_INFINITY : ends.get(activities[index]!.site ?? 0)!
      for (const { to, lag } of this.network.after[index]!) limit = Math.min(limit, start[to]! - lag)
      if (limit === Number.POSITIVE_INFINITY || limit <= finish[index]!) continue
      const duration = this.duration(index, mode)
      this.take(index, mode, start[index]!, duration, -1)
      const at = this.lastStart(index, mode, limit, start[index]!)
      if (at > start[index]!) {
        start[index] = at
        if (waiting.has(index)) waits.set(index, waiting.get(index)!)
      }
      finish[index] = this.take(index, mode, start[index]!, duration, 1)
    }
    // Then it comes as early as it can again, and no earlier than it did.
    for (const index of [...followers].sort((a, b) => start[a]! - start[b]! || a - b)) {
      if (start[index] === best.start[index]) continue
      const mode = best.mode[index]!
      const duration = this.duration(index, mode)
      let earliest = best.start[index]!
      for (const { from, lag } of this.network.before[index]!) earliest = Math.max(earliest, finish[from]! + lag)
      this.take(index, mode, start[index]!, duration, -1)
      start[index] = this.firstStart(index, mode, earliest, duration)
      finish[index] = this.take(index, mode, start[index]!, duration, 1)
    }
    return { ...best, start, finish, waits }
  }

  /** What comes after the work of spans that have a price, by the numbers of the spans, and is no part of any. */
  private followersOf(spans: readonly number[], waiting: ReadonlyMap<number, number>): ReadonlySet<number> {
    const priced = new Map(
      spans.flatMap((i) => {
        const { price = 0, closes } = this.instance.spans![i]!
        return price >= 1 ? [[i, closes] as const] : []
      }),
    )
    const closes = new Set([...priced.values()].flat())
    return reached(
      [...waiting].flatMap(([index, span]) => (priced.has(span) ? [index] : [])),
      (index) => this.network.after[index]!.map(({ to }) => to).filter((to) => !waiting.has(to) && !closes.has(to)),
    )
  }

  /** What opens a span and what lies between that and what closes it: of nights the first that does. */
  private between(i: number, { start }: Schedule): readonly number[] {
    const span = this.instance.spans![i]!
    const { closes } = span
    const first = closes.reduce((least, index) => (start[index]! < start[least]! ? index : least), closes[0]!)
    const key = span.counts === 'nights' ? `${i}/${first}` : `${i}`
    const known = this.inSpans.get(key)
    if (known) return known
    // What closes it draws nothing together by being later, be it what opens it too.
    const its = pathsBetween(this.network, span.opens, span.counts === 'nights' ? [first] : closes).filter(
      (index) => !closes.includes(index),
    )
    this.inSpans.set(key, its)
    return its
  }

  private build(
    priority: ArrayLike<number>,
    agreed: readonly (number | undefined)[],
    variation: Variation | undefined,
    releases: ArrayLike<number> | undefined,
  ): { schedule: Schedule; broken: number[] } {
    const { activities } = this.instance
    const count = activities.length
    this.used.fill(0)
    const start = new Int32Array(count).fill(-1)
    const finish = new Int32Array(count).fill(-1)
    const mode = new Uint8Array(count)
    const broken: number[] = []
    const reserved = this.reserve(agreed, variation, start, finish, mode)
    const { follows, followsFrom } = this
    const order = this.inTurn(priority)
    let makespan = 0
    for (let turn = 0; turn < count; turn++) {
      const index = order[turn]!
      let earliest = (variation?.releases ?? releases)?.[index] ?? activities[index]!.release
      for (let at = followsFrom[index]!; at < followsFrom[index + 1]!; at += 2) {
        const from = follows[at]!
        const ready = finish[from]! + follows[at + 1]! + (variation ? variation.waits[from]! : 0)
        if (ready > earliest) earliest = ready
      }
      const at = agreed[index]
      if (reserved[index] === 1) this.take(index, mode[index]!, at!, this.duration(index, mode[index]!, variation), -1)
      const way = at === undefined ? 0 : this.modeAt(index, at, start, finish)
      const kept = at !== undefined && at >= earliest && this.fits(index, way, at, this.duration(index, way, variation))
      if (!kept && reserved[index] === 1) broken.push(index)
      if (kept) [start[index], mode[index]] = [at, way]
      else this.placeFirst(index, earliest, variation, start, finish, mode)
      finish[index] = this.take(index, mode[index]!, start[index]!, this.duration(index, mode[index]!, variation), 1)
      if (finish[index]! > makespan) makespan = finish[index]!
    }
    return { schedule: { start, finish, mode, makespan, broken: brokenIn(this.instance, start) }, broken }
  }

  private inTurn(priority: ArrayLike<number>): Int32Array {
    if (this.last?.priority !== priority) this.last = { priority, order: inTurn(this.network, priority) }
    return this.last.order
  }

  /** The mode that ends first, the smaller crew where two end together, and what follows before what does not. */
  private placeFirst(
    index: number,
    earliest: number,
    variation: Variation | undefined,
    start: Int32Array,
    finish: Int32Array,
    mode: Uint8Array,
  ): void {
    let best = Number.POSITIVE_INFINITY
    let first = -1
    const { modes } = this.instance.activities[index]!
    for (let m = 0; m < modes.length; m++) {
      const duration = this.duration(index, m, variation)
      const { follows } = modes[m]!
      const at = follows
        ? this.firstFollowing(index, m, earliest, duration, start, finish)
        : this.firstStart(index, m, earliest, duration)
      if (at < 0) continue
      const end = this.endOf(index, at, duration)
      if (end > best || (end === best && !(follows && !modes[mode[index]!]!.follows))) continue
      best = end
      first = at
      mode[index] = m
    }
    start[index] = first
    if (best === Number.POSITIVE_INFINITY)
      throw new ImpossibleRequest('horizon-too-short', 'No free working time is left for a visit.', String(index))
  }

  /** How it is done where its start was agreed: as in the plan before, else by one crew, who need not set up where they
   * are at work there already. */
  private modeAt(index: number, at: number, start: Int32Array, finish: Int32Array): number {
    const { before, manned, modes } = this.instance.activities[index]!
    const kept = at === before ? manned : undefined
    const team = this.teams[index]
    if (!team || (kept !== undefined && !modes[kept]!.follows)) return kept ?? 0
    const following = modes.findIndex(({ follows }) => follows)
    const there = team.some((other) => other !== index && isAtWork(start[other]!, finish[other]!, at))
    return (kept ?? following) - (there ? 0 : following)
  }

  /** First start, not before `earliest`, in one coming with other work of its team that has its place already, or -1. */
  private firstFollowing(
    index: number,
    mode: number,
    earliest: number,
    duration: number,
    start: Int32Array,
    finish: Int32Array,
  ): number {
    let first = -1
    for (const other of this.teams[index]!) {
      if (other === index || start[other]! < 0 || finish[other]! + STAYS < earliest) continue
      const from = Math.max(earliest, start[other]! + 1)
      if (first >= 0 && from >= first) continue
      const at = this.firstStart(index, mode, from, duration)
      if (at >= 0 && at <= finish[other]! + STAYS && (first < 0 || at < first)) first = at
    }
    return first
  }

  private duration(index: number, mode: number, variation?: Variation): number {
    const duration = this.durations[this.modesFrom[index]! + mode]!
    return !variation || duration === 0 ? duration : Math.max(1, Math.round(duration * variation.factors[index]!))
  }

  /** Takes what the agreed starts need, and puts them down as if they were placed. */
  private reserve(
    agreed: readonly (number | undefined)[],
    variation: Variation | undefined,
    start: Int32Array,
    finish: Int32Array,
    mode: Uint8Array,
  ): Uint8Array {
    const reserved = new Uint8Array(agreed.length)
    for (const index of this.weightiest) {
      const at = agreed[index]
      if (at === undefined) continue
      const way = this.modeAt(index, at, start, finish)
      const duration = this.duration(index, way, variation)
      if (!this.fits(index, way, at, duration)) continue
      start[index] = at
      finish[index] = this.take(index, way, at, duration, 1)
      mode[index] = way
      reserved[index] = 1
    }
    return reserved
  }

  /** First start, not before `earliest`, at which the working slots are open and everything needed is free, or -1. A
   * window is looked through from its end: the last slot that is taken tells how far the next must move. */
  private firstStart(index: number, mode: number, earliest: number, duration: number): number {
    const { slots, from } = this.calendars[this.instance.activities[index]!.calendar]!
    if (duration === 0) return earliest
    if (earliest >= from.length) return -1
    const starts = this.starts[index]!
    let first = from[earliest]!
    let known = first
    for (;;) {
      if (starts) while (first < slots.length && starts[slots[first]!] === 0) first++
      if (first + duration > slots.length) return -1
      let at = first + duration - 1
      while (at >= known && this.isFree(index, mode, slots[at]!)) at--
      if (at < known) return slots[first]!
      known = first + duration
      first = at + 1
    }
  }

  /** Last start at which it still ends by `limit` and finds what it needs, or -1. */
  private lastStart(index: number, mode: number, limit: number, notBefore: number): number {
    const duration = this.duration(index, mode)
    if (duration === 0) return limit
    const { slots, from } = this.calendars[this.instance.activities[index]!.calendar]!
    for (let first = from[Math.min(limit, from.length - 1)]! - duration; first >= 0; first--) {
      if (slots[first]! < notBefore) return -1
      if (this.starts[index] && this.starts[index][slots[first]!] === 0) continue
      if (this.fits(index, mode, slots[first]!, duration)) return slots[first]!
    }
    return -1
  }

  private fits(index: number, mode: number, start: number, duration: number): boolean {
    if (duration === 0) return true
    const { slots, from } = this.calendars[this.instance.activities[index]!.calendar]!
    const first = start < from.length ? from[start]! : slots.length
    if (first + duration > slots.length || slots[first] !== start) return false
    for (let at = first; at < first + duration; at++) if (!this.isFree(index, mode, slots[at]!)) return false
    return true
  }

  private isFree(index: number, mode: number, slot: number): boolean {
    const { uses, usesFrom, used } = this
    const way = this.modesFrom[index]! + mode
    for (let at = usesFrom[way]!; at < usesFrom[way + 1]!; at += 3) {
      const capacity = this.capacities[uses[at]!]!
      const there = typeof capacity === 'number' ? capacity : capacity[slot]!
      if (used[uses[at + 1]! + slot]! + uses[at + 2]! > there) return false
    }
    return true
  }

  private endOf(index: number, start: number, duration: number): number {
    if (duration === 0) return start
    const { slots, from } = this.calendars[this.instance.activities[index]!.calendar]!
    return slots[from[start]! + duration - 1]! + 1
  }

  /** Takes (sign 1) or gives back (sign -1) what is used. Returns the slot after the last working slot. */
  private take(index: number, mode: number, start: number, duration: number, sign: 1 | -1): number {
    if (duration === 0) return start
    const { slots, from } = this.calendars[this.instance.activities[index]!.calendar]!
    const { uses, usesFrom, used } = this
    const first = from[start]!
    const way = this.modesFrom[index]! + mode
    for (let use = usesFrom[way]!; use < usesFrom[way + 1]!; use += 3) {
      const row = uses[use + 1]!
      const units = sign * uses[use + 2]!
      for (let at = first; at < first + duration; at++) used[row + slots[at]!]! += units
    }
    return slots[first + duration - 1]! + 1
  }
}

/** Whether work that has its place is begun before a slot, and its team not gone again. */
const isAtWork = (start: number, finish: number, slot: number): boolean =>
  start >= 0 && start < slot && slot <= finish + STAYS

function teamsOf({ activities }: Instance): (readonly number[] | null)[] {
  const teams = new Map<string, number[]>()
  return activities.map(({ site = 0, team, modes }, index) => {
    const key = `${site}/${team}`
    const its = teams.get(key) ?? []
    if (team !== undefined) teams.set(key, its)
    its.push(index)
    return modes.some(({ follows }) => follows) ? its : null
  })
}

/** Where each list begins when they are laid end to end, and where the last ends. */
function startsOf(lengths: readonly number[]): Int32Array {
  const from = new Int32Array(lengths.length + 1)
  lengths.forEach((length, i) => (from[i + 1] = from[i]! + length))
  return from
}

/** The weight of the agreed starts that a schedule breaks. */
export const brokenIn = ({ activities }: Instance, start: ArrayLike<number>): number =>
  activities.reduce(
    (sum, { fixed, weight }, index) => (fixed !== undefined && fixed !== start[index] ? sum + (weight ?? 1) : sum),
    0,
  )

function openSlotsOf(calendar: Uint8Array): OpenSlots {
  const open: number[] = []
  const from = new Int32Array(calendar.length + 1)
  calendar.forEach((is, slot) => {
    from[slot] = open.length
    if (is === 1) open.push(slot)
  })
  from[calendar.length] = open.length
  return { slots: Int32Array.from(open), from }
}

/** The activities in an order that respects precedence, smallest priority first among the eligible; a binary heap. */
function inTurn(network: Network, priority: ArrayLike<number>): Int32Array {
  const count = network.before.length
  const waiting = new Int32Array(count)
  for (let i = 0; i < count; i++) waiting[i] = network.before[i]!.length
  const heap: number[] = []
  const first = (a: number, b: number): boolean => priority[a]! < priority[b]! || (priority[a] === priority[b] && a < b)
  const push = (index: number): void => {
    let at = heap.push(index) - 1
    while (at > 0) {
      const up = (at - 1) >> 1
      if (!first(index, heap[up]!)) break
      heap[at] = heap[up]!
      at = up
    }
    heap[at] = index
  }
  const pop = (): number => {
    const top = heap[0]!
    const last = heap.pop()!
    if (heap.length === 0) return top
    let at = 0
    for (;;) {
      let child = 2 * at + 1
      if (child >= heap.length) break
      if (child + 1 < heap.length && first(heap[child + 1]!, heap[child]!)) child++
      if (!first(heap[child]!, last)) break
      heap[at] = heap[child]!
      at = child
    }
    heap[at] = last
    return top
  }
  waiting.forEach((left, index) => left === 0 && push(index))
  const order = new Int32Array(count)
  for (let i = 0; i < count; i++) {
    const index = pop()
    order[i] = index
    for (const { to } of network.after[index]!) if (--waiting[to]! === 0) push(to)
  }
  return order
}
