import { addDays, daysWords, shortDay, type Day } from '../calendar/day'
import { slotOfDay, SLOTS_PER_DAY, type Slot } from '../calendar/slots'
import { addWorkingDays, type WorkCalendar } from '../calendar/workingDays'
import { dueDay } from '../entries/due'
import { entryName } from '../entries/entry'
import { entryKind } from '../entries/entryKinds'
import { isSetBy } from '../scope/leads'
import { isOutside } from '../scope/responsible'
import { heldLine, type Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import { gateWords, type CoverGate } from '../sequence/coverGate'
import { wayOf, type Schools } from '../sequence/schools'
import { clockBegins } from '../selections/candidates'
import { arrivalDay } from '../selections/orderBy'
import { isBought, isOnSite, type Selection } from '../selections/selection'
import { missedOn } from '../walk/coming'
import { placeName, type SiteState } from '../walk/siteState'
import { hiresBefore } from './hires'
import { permitsBefore } from './permits'
import { wetBefore } from './wetWork'
import { isInspection, linesOfVisit, type Visit } from './visits'

/** What of a site holds its visits. */
interface HeldSite {
  readonly name: string
  readonly calendar: WorkCalendar
  readonly startsOn: Day
  readonly schools: Schools
  readonly state: SiteState
}

/** What was told, agreed or refused about a visit. */
interface HeldBooking {
  readonly state: 'told' | 'confirmed' | 'declined'
  readonly startDay: Day
  readonly freeFrom?: Day
}

/** Why a visit cannot start before its release slot, in words. */
export interface Release {
  readonly slot: Slot
  readonly words: string
  readonly kind:
    | 'site-start'
    | 'phase'
    | 'delivery'
    | 'held'
    | 'gate'
    | 'declined'
    | 'decision'
    | 'permit'
    | 'notice'
    | 'today'
  /** What is waited for, of goods that are not on site. */
  readonly goods?: string
  /** Of goods whose day nobody told: the slots by which they may come earlier, at best and as is likely. */
  readonly sooner?: readonly [best: number, likely: number]
}

/** Working time assumed to lift a hold or to open a gate where nobody named a day: counted from tomorrow. */
const ASSUMED_HOLD_DAYS = 3

/** The phases of the contract that some lines belong to, with the days on which they start. */
export const phasesOf = (
  lines: readonly Line[],
  { entries }: Pick<SiteState, 'entries'>,
): { readonly name: string; readonly starts: Day | null }[] =>
  entries
    .filter(
      ({ id, kind, settled }) => kind === 'phase' && settled === null && lines.some((one) => one.partOf.includes(id)),
    )
    .map(({ values }) => ({
      name: String(values.number),
      starts: (values.starts as Day | undefined) ?? null,
    }))

/** All that holds a visit back, the latest first. */
export function holdsOf(
  visit: Visit,
  site: HeldSite,
  booking: HeldBooking | undefined,
  today: Day,
  gatesAt: (placeId: string) => readonly CoverGate[],
): Release[] {
  const at = (day: Day): Slot => Math.max(0, slotOfDay(today, day))
  const found: Release[] = [
    { slot: at(site.startsOn), words: `${site.name} starts`, kind: site.startsOn > today ? 'site-start' : 'today' },
  ]
  const lines = linesOfVisit(visit, site.state.lines)
  const assumed = ASSUMED_HOLD_DAYS * SLOTS_PER_DAY
  for (const line of lines) {
    if (!line.held) continue
    const slot = line.held.until ? at(line.held.until) : assumed
    found.push({ slot, words: heldLine(line), kind: 'held' })
  }
  for (const line of lines)
    for (const { words, due, days } of namedHolds(line, site.state))
      found.push({ slot: (due ? at(addDays(due, 1)) : assumed) + days * SLOTS_PER_DAY, words, kind: 'held' })
  for (const { name, starts } of phasesOf(lines, site.state))
    if (starts) found.push({ slot: at(starts), words: `Phase ${name} starts`, kind: 'phase' })
  for (const placeId of visit.placeIds) {
    found.push(...gateReleases(visit, placeId, site, gatesAt(placeId)))
    found.push(...failedTests(visit, placeId, site, gatesAt(placeId), at))
    for (const selection of goodsFor(visit, placeId, site)) found.push(goodsRelease(selection, site, today, at))
    for (const decision of site.state.decisions) {
      if (
        decision.answer !== null ||
        decision.placeId !== placeId ||
        !decision.blocks ||
        !visit.stages.includes(decision.blocks)
      )
        continue
      found.push({
        slot: decision.by ? at(decision.by) : assumed,
        words: `${decision.question} is not decided`,
        kind: 'decision',
      })
    }
  }
  for (const { entry, leave } of permitsBefore(visit, site.state)) {
    if (leave.granted) continue
    found.push({
      slot: leave.expected ? at(leave.expected) : assumed,
      words: `${String(entry.values.what)} is not granted yet`,
      kind: 'permit',
    })
  }
  for (const { words, until } of wetBefore(visit, site.state))
    found.push({ slot: until ? at(until) : assumed, words, kind: 'held' })
  for (const { words, due } of inTheWay(visit, site.state))
    found.push({ slot: due ? at(addDays(due, 1)) : assumed, words, kind: 'held' })
  found.push(...hireHolds(visit, site, today, at))
  const missed = missedOn(site.state.comings, visit.key)
  if (missed)
    found.push({ slot: at(addDays(missed, 1)), words: `They did not come on ${shortDay(missed)}`, kind: 'declined' })
  if (booking?.state === 'declined') {
    const from = booking.freeFrom ? at(booking.freeFrom) : at(booking.startDay) + SLOTS_PER_DAY
    const free = booking.freeFrom ? `, free again from ${shortDay(booking.freeFrom)}` : ''
    found.push({ slot: from, words: `They declined ${shortDay(booking.startDay)}${free}`, kind: 'declined' })
  }
  return found.sort((a, b) => b.slot - a.slot)
}

/** What holds the visits that something hired comes before: the day that its firm told, or the notice that it wants. */
const hireHolds = (
  visit: Visit,
  { state, calendar }: Pick<HeldSite, 'state' | 'calendar'>,
  today: Day,
  at: (day: Day) => Slot,
): Release[] =>
  hiresBefore(visit, state).flatMap(({ entry, hire: { comes, notice } }): Release[] => {
    const what = String(entry.values.what)
    if (comes)
      return comes > today ? [{ slot: at(comes), words: `${what} comes on ${shortDay(comes)}`, kind: 'delivery' }] : []
    const words = `${daysWords(notice)} of notice for this: ${what}`
    return notice > 0 ? [{ slot: at(addWorkingDays(today, notice, calendar)), words, kind: 'notice' }] : []
  })

/** What a line waits for by name that is no visit of ours: an entry that is not closed, and what others do.
 * @returns in words, with the day on which it is due where one was told, and the days that have to lie between */
export const namedHolds = (
  { title, waits }: Line,
  { entries, lines }: Pick<SiteState, 'entries' | 'lines'>,
): { readonly words: string; readonly due: Day | null; readonly days: number }[] =>
  waits.flatMap((wait) => {
    const days = wait.leastDays ?? 0
    const entry = entries.find(({ id }) => id === wait.for)
    if (entry)
      return entry.settled === null
        ? [{ words: `${title} waits for this: ${entryName(entry)}`, due: dueDay(entry), days }]
        : []
    const work = lines.find(({ id }) => id === wait.for)
    return work && work.progress < 100 && !work.excluded && isOutside(work.responsible)
      ? [
          {
            words: `${title} waits for what others do: ${work.title.toLowerCase()}${theirDay(work)}`,
            due: work.held?.until ?? null,
            days,
          },
        ]
      : []
  })

/** The day that those told who do work beside us. */
const theirDay = ({ held }: Line): string => (held?.until ? `, which they told for ${shortDay(held.until)}` : '')

/** What stands in a visit's way at its places by the record: a temporary wall holds everybody but who works on what it carries. */
export const inTheWay = (
  { stages, placeIds, trade }: Pick<Visit, 'stages' | 'placeIds' | 'trade'>,
  { entries }: Pick<SiteState, 'entries'>,
): { readonly words: string; readonly due: Day | null }[] =>
  entries.flatMap((entry) => {
    const spared = entryKind(entry.kind)?.holdsAllBut
    return spared &&
      entry.settled === null &&
      placeIds.includes(entry.placeId ?? '') &&
      !isInspection({ trade }) &&
      stages.some((stage) => !spared.includes(stage))
      ? [
          {
            words: `This is still in the way: ${entryName(entry)}${entry.values.after ? `; it goes only after ${String(entry.values.after)}` : ''}`,
            due: dueDay(entry),
          },
        ]
      : []
  })

/** A gate with something failed or not known yet holds its stage for the assumed time; merely missing things hold it until
 * tomorrow, and so does work that is held until a day that somebody told: it is planned, and what covers it comes after. */
function gateReleases(visit: Visit, placeId: string, site: HeldSite, gates: readonly CoverGate[]): Release[] {
  return gates
    .filter(
      (gate) => !gate.open && visit.stages.includes(gate.stage) && !coverBegun(gate.stage, placeId, site.state.lines),
    )
    .map((gate) => {
      const dayIsKnown = (lineId: string | null): boolean =>
        site.state.lines.some(({ id, held }) => id === lineId && held?.until !== undefined)
      const failed = gate.items.some(
        ({ failed: why, failedOn, kind, lineId }) =>
          kind === 'entry' || (why && (failedOn !== undefined || !dayIsKnown(lineId))),
      )
      const words = `${placeName(site.state, placeId)}: ${gateWords(gate)}`
      return { slot: (failed ? ASSUMED_HOLD_DAYS : 1) * SLOTS_PER_DAY, words, kind: 'gate' as const }
    })
}

/** What did not pass is looked at again the next day at the earliest. */
const failedTests = (
  visit: Visit,
  placeId: string,
  site: HeldSite,
  gates: readonly CoverGate[],
  at: (day: Day) => Slot,
): Release[] =>
  gates
    .flatMap(({ items }) => items)
    .filter((item) => item.failedOn !== undefined && item.lineId !== null && visit.lineIds.includes(item.lineId))
    .map(({ failedOn, text }) => ({
      slot: at(addDays(failedOn!, 1)),
      words: `${placeName(site.state, placeId)}: ${text.toLowerCase()} did not pass on ${shortDay(failedOn!)}`,
      kind: 'gate',
    }))

const coverBegun = (stage: Stage, placeId: string, lines: readonly Line[]): boolean =>
  lines.some((line) => line.placeId === placeId && line.stage === stage && line.progress > 0 && !line.held)

const FINISHING: readonly Stage[] = ['trim', 'fixtures', 'railing', 'return-list']

/** What must be there before a visit: what it puts in; on a site that waits for late parts, all that finishes the place. */
const goodsFor = (visit: Visit, placeId: string, { state, schools }: HeldSite): Selection[] =>
  wayOf(schools, 'trips') === 'wait' && visit.stages.some((stage) => FINISHING.includes(stage))
    ? selectionsFor({ ...visit, stages: [...visit.stages, ...FINISHING] }, placeId, state)
    : selectionsFor(visit, placeId, state)

/** The goods that a visit puts in; one that only measures for them puts in none. */
export const goodsOf = (
  visit: Pick<Visit, 'stages' | 'trade'> & { readonly measures?: boolean },
  placeId: string,
  state: SiteState,
): Selection[] =>
  state.selections.filter(
    (s) =>
      !visit.measures &&
      s.placeId === placeId &&
      visit.stages.includes(s.neededFor) &&
      isSetBy(s.lead, visit.trade) &&
      isBought(s),
  )

/** The same of what is still to come. */
export const selectionsFor = (...of: Parameters<typeof goodsOf>): Selection[] =>
  goodsOf(...of).filter(({ state }) => state !== 'installed')

function goodsRelease(
  selection: Selection,
  { state }: Pick<HeldSite, 'state'>,
  today: Day,
  at: (day: Day) => Slot,
): Release {
  const begins = clockBegins(today, selection.awaited)
  const arrives = arrivalDay(
    selection.state,
    begins,
    selection.leadDays,
    selection.approvalDays ?? 0,
    selection.arrives,
    // What waits for a drawing is not being made yet, whenever it was ordered.
    selection.awaited ? null : selection.orderedOn,
  )
  const words = `${selection.what} for ${placeName(state, selection.placeId)}`
  if (isOnSite(selection.state)) return { slot: at(today), words: `${words} is on site`, kind: 'delivery' }
  // Who needs it is called for the day after: a delivery comes at any hour.
  const slot = at(addDays(arrives, 1))
  if (selection.state === 'ordered' && selection.arrives)
    return { slot, words: `${words} can be on site on ${shortDay(arrives)}`, kind: 'delivery', goods: selection.what }
  const [best, likely, longest] = selection.leadDays
  const sooner = [(longest - best) * SLOTS_PER_DAY, (longest - likely) * SLOTS_PER_DAY] as const
  return {
    slot,
    words: selection.awaited
      ? `${words} may take until ${shortDay(arrives)}: its maker waits for this: ${selection.awaited.question}`
      : `${words} may take until ${shortDay(arrives)}`,
    kind: 'delivery',
    goods: selection.what,
    sooner,
  }
}
