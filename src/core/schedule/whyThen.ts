import { daysWords, shortDay } from '../calendar/day'
import { dayOfSlot, isMorning, slotOfDay, type Slot } from '../calendar/slots'
import { groupBy } from '../lists/groupBy'
import { soThat, type Ask } from './asks'
import type { Instance, Schedule } from './instance'
import type { Link } from './links'
import type { Problem } from './problem'

/** The visits of each crew and in each place, by their numbers. */
export interface Company {
  readonly byCrew: ReadonlyMap<string, readonly number[]>
  readonly byPlace: ReadonlyMap<string, readonly number[]>
}

export function companyOf({ visits, crews }: Problem): Company {
  const at = visits.flatMap(({ placeIds }, index) => placeIds.map((id) => ({ id, index })))
  const of = crews.flatMap((crew, index) => (crew ? [{ id: crew.id, index }] : []))
  const numbers = (list: typeof at): ReadonlyMap<string, readonly number[]> =>
    new Map([...groupBy(list, ({ id }) => id)].map(([id, its]) => [id, its.map(({ index }) => index)]))
  return { byCrew: numbers(of), byPlace: numbers(at) }
}

/** Why a visit does not begin earlier. */
export interface Why {
  readonly why: string
  readonly boundBy: string | null
  /** The slot before which something else than a visit keeps it away, where that is why. */
  readonly until?: Slot
}

/** Why a visit begins when it does: what binds it, or what it waits for so that something is soon closed again; then what the
 * weather and a site's own order add.
 * @param incoming the links that lead to it */
export function whyThen(
  problem: Problem,
  schedule: Schedule,
  index: number,
  incoming: readonly Link[],
  company: Company,
): Why {
  const waits = schedule.waits?.get(index)
  const binding = boundBy(schedule, incoming, (its) =>
    withOpening(problem, schedule, index, its, bindingOf(problem, schedule, index, its, company)),
  )
  const bound =
    waits === undefined || isFirm(problem, schedule, binding)
      ? binding
      : waitsFor(problem, schedule, problem.asks[waits]!)
  return withMost(problem, schedule, index, incoming, withWeather(problem, schedule, index, bound))
}

/** Adds the days just before its start on which the weather kept a visit away. */
function withWeather(problem: Problem, { start }: { readonly start: Int32Array }, index: number, told: Why): Why {
  const first = dayOfSlot(problem.origin, start[index]!)
  const away = [...problem.stopped[index]!].filter(([day]) => day < first).sort(([a], [b]) => (a < b ? -1 : 1))
  const last = away.at(-1)
  if (!last || nextOpen(problem.instance, index, slotOfDay(problem.origin, last[0])) !== start[index]) return told
  return { ...told, why: `${told.why} Not before ${shortDay(first)}, for ${last[1]}.` }
}

/** What opens something, and what lies between, waits for what closes it again. */
function waitsFor({ visits, origin, nameOf }: Problem, { start }: { start: Int32Array }, ask: Ask): Why {
  const { closes, counts } = ask.span
  const [first, last] = [Math.min, Math.max].map((pick) => pick(...closes.map((i) => start[i]!)))
  const to = closes.find((i) => start[i] === (counts === 'nights' ? first : last))!
  return {
    why: `It could be earlier, and waits ${soThat(ask)}: ${nameOf(to)} follows on ${shortDay(dayOfSlot(origin, start[to]!))}.`,
    boundBy: visits[to]!.key,
  }
}

const FREE: Why = { why: 'Nothing holds it: the plan puts it here beside the other work.', boundBy: null }

/** Whether a reason holds a visit whatever else waits: it is no visit that could itself be earlier. */
const isFirm = ({ visits }: Problem, { waits }: Schedule, { why, boundBy: by }: Why): boolean =>
  why !== FREE.why && ![...waits!.keys()].some((i) => visits[i]!.key === by)

/** What binds a visit: what comes before it and waits for it is no reason, as long as there is another. */
function boundBy({ waits }: Schedule, incoming: readonly Link[], by: (its: readonly Link[]) => Why): Why {
  const first = by(incoming.filter(({ from }) => !waits?.has(from)))
  return first.why === FREE.why ? by(incoming) : first
}

/** Adds that a visit comes later than it may after another, by a site's own order. */
function withMost(
  { nameOf }: Problem,
  { start, finish }: { start: Int32Array; finish: Int32Array },
  index: number,
  incoming: readonly Link[],
  told: Why,
): Why {
  const late = incoming.find(({ from, most }) => most !== undefined && start[index]! > finish[from]! + most)
  if (!late) return told
  const days = Math.ceil((start[index]! - finish[late.from]!) / 2)
  return {
    ...told,
    why: `${told.why} It should follow ${nameOf(late.from)} within ${daysWords(late.most! / 2)} and comes after ${daysWords(days)}.`,
  }
}

/** Adds that nothing is opened before days off, where that keeps a visit from the afternoon on which it could begin. */
function withOpening(
  { instance, opens, origin }: Problem,
  { start, finish }: { start: Int32Array; finish: Int32Array },
  index: number,
  incoming: readonly Link[],
  told: Why,
): Why {
  if (!opens[index]) return told
  const { calendar, release } = instance.activities[index]!
  const open = instance.calendars[calendar]!
  let could = Math.max(release, ...incoming.map(({ from, lag }) => finish[from]! + lag))
  while (could < start[index]! && open[could] === 0) could++
  if (could === start[index] || isMorning(could) || nextOpen(instance, index, could) !== start[index]) return told
  return {
    ...told,
    why: `${told.why} Not on the afternoon of ${shortDay(dayOfSlot(origin, could))}: nothing outside is opened before days off.`,
  }
}

/** The constraint that really binds a visit's start, found in the schedule: what ends just when it can begin. */
function bindingOf(
  problem: Problem,
  schedule: Pick<Schedule, 'start' | 'finish' | 'mode'>,
  index: number,
  incoming: readonly Link[],
  company: Company,
): Why {
  const { instance, visits } = problem
  const activity = instance.activities[index]!
  const start = schedule.start[index]!
  const firstOpen = (slot: Slot): Slot => nextOpen(instance, index, slot)
  // On the first slot that its people have nothing that comes before binds it.
  const bindings = incoming.filter(
    (link) => firstOpen(0) < start && firstOpen(schedule.finish[link.from]! + link.lag) === start,
  )
  // What was said of this very work tells more than what is usual.
  const binding = bindings.find(({ by }) => by === 'name') ?? bindings[0]
  if (activity.fixed === start && !(binding && schedule.finish[binding.from]! + binding.lag === start))
    return { why: 'It was agreed for then.', boundBy: null }
  if (binding) {
    const wait = binding.lag > 0 ? `, after a wait of ${daysWords(binding.lag / 2)}` : ''
    return { why: `${binding.words}${wait}.`, boundBy: visits[binding.from]!.key }
  }
  if (firstOpen(activity.release) === start) {
    const release = problem.holds[index]![0]!
    return release.kind === 'today'
      ? { why: 'It can start at once.', boundBy: null }
      : { why: `${release.words}.`, boundBy: null, until: release.slot }
  }
  return withoutSettingUp(problem, schedule, index, company) ?? occupied(problem, schedule, index, company)
}

/** What came before it in the same coming, where a visit waits for that to be spared setting up. */
function withoutSettingUp(
  { instance, visits, crews, nameOf }: Problem,
  { start, finish, mode }: Pick<Schedule, 'start' | 'finish' | 'mode'>,
  index: number,
  { byCrew }: Company,
): Why | null {
  const { modes, site } = instance.activities[index]!
  if (!modes[mode[index]!]!.follows) return null
  const before = byCrew
    .get(crews[index]!.id)!
    .find(
      (other) =>
        instance.activities[other]!.site === site && nextOpen(instance, index, finish[other]!) === start[index],
    )
  if (before === undefined) return null
  return {
    why: `${crews[index]!.name} go on from ${nameOf(before)} and need not set up again.`,
    boundBy: visits[before]!.key,
  }
}

function occupied(
  problem: Problem,
  schedule: { start: Int32Array; finish: Int32Array },
  index: number,
  { byCrew, byPlace }: Company,
): Why {
  const { visits, crews, instance } = problem
  const start = schedule.start[index]!
  const before = (other: number): boolean =>
    other !== index && schedule.start[other]! < start && nextOpen(instance, index, schedule.finish[other]!) >= start
  const crew = crews[index]
  const sameCrew = crew ? byCrew.get(crew.id)!.filter(before) : []
  if (crew && sameCrew.length >= crew.crews)
    return { why: `${crew.name} will be busy elsewhere until then.`, boundBy: visits[sameCrew[0]!]!.key }
  const samePlace = visits[index]!.placeIds.flatMap((id) => byPlace.get(id)!).filter(before)
  if (samePlace.length > 0)
    return { why: 'Another crew is still in the room.', boundBy: visits[Math.min(...samePlace)]!.key }
  const agreed = [...sameCrew, ...visits[index]!.placeIds.flatMap((id) => byPlace.get(id) ?? [])].find(
    (other) => other !== index && instance.activities[other]!.fixed !== undefined && schedule.start[other]! < start,
  )
  return agreed === undefined ? FREE : { why: 'An agreed visit comes first.', boundBy: visits[agreed]!.key }
}

function nextOpen(instance: Instance, index: number, slot: Slot): Slot {
  const { calendar, starts } = instance.activities[index]!
  const open = instance.calendars[calendar]!
  const may = starts === undefined ? open : instance.calendars[starts]!
  let at = Math.max(0, slot)
  while (at < open.length && (open[at] === 0 || may[at] === 0)) at++
  return at
}
