import { dayOf, type Day, type Instant } from '../calendar/day'
import type { PlaceLaid } from '../places/place'
import type { Units } from '../measure/length'
import type { Size } from '../measure/size'
import type { Quantity } from '../measure/quantity'
import { reckon } from '../places/geometry'
import { effort } from '../scope/layTreatment'
import { LEADS, measuresFor } from '../scope/leads'
import { approvalWords, type Approval, type Excluded, type Line, type LineLaid } from '../scope/line'
import type { Responsible } from '../scope/responsible'
import { entryKind } from '../entries/entryKinds'
import type { Values } from '../entries/field'
import type { GateMark } from '../sequence/coverGate'
import { chosenOf, countedLead } from '../selections/candidates'
import { isUnordered, type Awaited, type Selection } from '../selections/selection'
import type {
  Decision,
  FacetOf,
  Facts,
  Finding,
  Keep,
  Memo,
  Note,
  Phrase,
  Observation,
  Photo,
  Pin,
  SubjectKind,
  WalkStart,
  Written,
} from './observation'
import type { PhotoMark } from './photoMarks'
import type { Coming } from './coming'
import type { Registers } from './registers'

export interface Place extends PlaceLaid {
  readonly id: string
  readonly lastSeen: Instant | null
  /** What it was before a wall of it moved, and why. */
  readonly wallMoved?: { readonly was: string; readonly why: string | null }
  /** What it, and the places that became part of it, were called before. */
  readonly formerNames: readonly string[]
}

interface Entry {
  readonly id: string
  readonly placeId: string | null
  readonly seenAt: Instant
  readonly seenBy: string
}

export interface Walk extends Entry, WalkStart {
  readonly ended: boolean
}

/** An entry of a register as it stands now. */
export interface RegisterEntry extends Entry, Written {
  readonly settled: { readonly result: string } | null
  readonly responsible: Responsible | null
  /** What the record holds for its sum, where nobody typed it. */
  readonly taken?: Values
}

/** Everything that is known about one site, put together from its registers. */
export interface SiteState {
  readonly places: readonly Place[]
  readonly lines: readonly Line[]
  readonly selections: readonly Selection[]
  readonly gateMarks: ReadonlyMap<string, GateMark>
  readonly eye: ReadonlyMap<string, number>
  readonly findings: readonly (Entry & Finding & { readonly settled: boolean })[]
  readonly keeps: readonly (Entry & Keep & { readonly released: boolean })[]
  readonly decisions: readonly (Entry &
    Decision & { readonly answer: string | null; readonly reasons: Values | null })[]
  readonly entries: readonly RegisterEntry[]
  readonly notes: readonly (Entry & Note)[]
  readonly photos: readonly (Entry & Photo & { readonly marks: readonly PhotoMark[]; readonly shown: string })[]
  readonly pins: readonly (Entry & Pin)[]
  readonly memos: readonly (Entry & Memo)[]
  readonly walks: readonly Walk[]
  readonly comings: readonly (Entry & Coming)[]
  /** What words mean to this firm, as far as it was put right here. */
  readonly phrases: readonly (Entry & Phrase)[]
}

/** The registers of one kind of subject, by subject. */
type Subjects<K extends SubjectKind> = Map<string, { [F in FacetOf<K>]?: Latest<Facts[K][F]> }>

interface Latest<Value> {
  readonly value: Value
  readonly placeId: string | null
  readonly seenAt: Instant
  readonly by: string
}

function bySubject(registers: Registers): { [K in SubjectKind]: Subjects<K> } {
  const groups = {
    place: new Map(),
    line: new Map(),
    selection: new Map(),
    stage: new Map(),
    gate: new Map(),
    finding: new Map(),
    keep: new Map(),
    decision: new Map(),
    entry: new Map(),
    note: new Map(),
    photo: new Map(),
    pin: new Map(),
    memo: new Map(),
    walk: new Map(),
    coming: new Map(),
    phrase: new Map(),
    fact: new Map(),
  } as { [K in SubjectKind]: Map<string, Record<string, Observation>> }
  for (const observation of registers.values()) {
    const group = groups[observation.subject]
    const facets = group.get(observation.subjectId) ?? {}
    facets[observation.facet] = observation
    group.set(observation.subjectId, facets)
  }
  return groups as unknown as { [K in SubjectKind]: Subjects<K> }
}

/** Puts a site together from its registers, with its sums told in its units. Subjects whose laying-down has not arrived yet
 * are left out until it does. */
export function siteStateOf(registers: Registers, units: Units = 'metric'): SiteState {
  const groups = bySubject(registers)
  const standsAt = standingPlace(groups.place)
  const places = placesOf(groups.place, lastSeenByPlace(registers, standsAt), standsAt)
  const known = new Set(places.map((place) => place.id))
  const entries = <K extends SubjectKind, F extends FacetOf<K>, More>(
    group: Subjects<K>,
    facet: F,
    more: (facets: { [G in FacetOf<K>]?: Latest<Facts[K][G]> }) => More,
  ) => entriesOf(group, facet, more, standsAt)
  const selections = selectionsOf(groups.selection, groups.decision, standsAt).filter(({ placeId }) =>
    known.has(placeId),
  )
  return {
    places,
    lines: measuredFor(
      linesOf(groups.line, groups.place, places, standsAt, units).filter(({ placeId }) => known.has(placeId)),
      selections,
    ),
    selections,
    gateMarks: new Map(
      [...groups.gate].map(([id, f]) => [
        id,
        {
          ticked: f.ticked?.value ?? false,
          failed: f.failed?.value ?? null,
          ...(f.failed ? { failedOn: dayOf(f.failed.seenAt) } : {}),
        },
      ]),
    ),
    eye: new Map([...groups.stage].flatMap(([id, f]) => (f.eye ? [[id, f.eye.value] as const] : []))),
    findings: entries(groups.finding, 'found', (f) => ({ settled: f.settled?.value ?? false })),
    keeps: entries(groups.keep, 'kept', (f) => ({ released: f.released?.value ?? false })),
    decisions: entries(groups.decision, 'asked', (f) => ({
      answer: f.answered?.value ?? null,
      reasons: f.reasons?.value ?? null,
    })),
    entries: entries(groups.entry, 'written', (f) => ({
      settled: f.settled?.value ?? closedByItself(f.written?.value),
      removed: f.removed?.value ?? false,
      responsible: f.responsible?.value ?? null,
    })).flatMap(unlessRemoved),
    notes: entries(groups.note, 'noted', () => ({})),
    photos: entries(groups.photo, 'taken', (f) => ({ marks: f.marked?.value ?? [], shown: f.shown?.value ?? '' })),
    pins: entries(groups.pin, 'put', (f) => ({ removed: f.removed?.value ?? false })).flatMap(unlessRemoved),
    memos: entries(groups.memo, 'spoken', () => ({})),
    comings: entries(groups.coming, 'told', () => ({})),
    phrases: entries(groups.phrase, 'meant', (f) => ({ removed: f.forgotten?.value ?? false })).flatMap(unlessRemoved),
    walks: entries(groups.walk, 'started', (f) => ({ ended: f.ended !== undefined })),
  }
}

/** What was ordered has been measured, whoever did and told nobody. */
const measuredFor = (lines: readonly Line[], selections: readonly Selection[]): Line[] =>
  lines.map((line) =>
    line.progress === 0 && selections.some((one) => !isUnordered(one.state) && measuresFor(line, one))
      ? { ...line, progress: 100 }
      : line,
  )

/** What an entry's own fields say that closes it. */
function closedByItself(written: Written | undefined): { result: string } | null {
  const result = written && entryKind(written.kind)?.closedBy?.(written.values)
  return result ? { result } : null
}

const unlessRemoved = <T extends object>({
  removed,
  ...one
}: T & { readonly removed: boolean }): Omit<T, 'removed'>[] => (removed ? [] : [one as Omit<T, 'removed'>])

type StandsAt = (placeId: string) => string

/** Follows places that became part of others to the one that stands. Where two phones merged each into the other, the
 * one that was laid out first stands, so that no place is ever lost in a ring. */
function standingPlace(group: Subjects<'place'>): StandsAt {
  const rank = (id: string): string => `${String(group.get(id)?.laid?.value.order ?? 0).padStart(12, '0')} ${id}`
  return (placeId) => {
    const seen = new Set<string>()
    let at = placeId
    for (let next = group.get(at)?.mergedInto?.value; next; next = group.get(at)?.mergedInto?.value) {
      if (seen.has(at)) {
        const ring = ringFrom(at, group)
        return ring.reduce((first, id) => (rank(id) < rank(first) ? id : first))
      }
      seen.add(at)
      at = next
    }
    return at
  }
}

function ringFrom(start: string, group: Subjects<'place'>): string[] {
  const ring = [start]
  for (let next = group.get(start)!.mergedInto!.value!; next !== start; next = group.get(next)!.mergedInto!.value!)
    ring.push(next)
  return ring
}

function lastSeenByPlace(registers: Registers, standsAt: StandsAt): Map<string, Instant> {
  const seen = new Map<string, Instant>()
  for (const o of registers.values()) {
    if (!o.walkId || !o.placeId) continue
    const placeId = standsAt(o.placeId)
    if (o.seenAt > (seen.get(placeId) ?? '')) seen.set(placeId, o.seenAt)
  }
  return seen
}

function placesOf(group: Subjects<'place'>, seen: Map<string, Instant>, standsAt: StandsAt): Place[] {
  const merged = new Map<string, string[]>()
  for (const [id, f] of group) {
    const into = standsAt(id)
    if (into !== id && f.laid) merged.set(into, [...(merged.get(into) ?? []), f.name?.value ?? f.laid.value.name])
  }
  const places = [...group].flatMap(([id, f]): Place[] => {
    if (!f.laid || f.removed?.value || standsAt(id) !== id) return []
    const name = f.name?.value ?? f.laid.value.name
    const formerNames = [...(name === f.laid.value.name ? [] : [f.laid.value.name]), ...(merged.get(id) ?? [])]
    const { futureName: laidFuture, ...laid } = f.laid.value
    const futureName = f.futureName?.value ?? laidFuture
    return [
      {
        ...laid,
        id,
        name,
        formerNames,
        size: f.measured ? withKnownHeight(f.measured.value, f.laid.value.size) : f.laid.value.size,
        ...(f.measured?.value.was
          ? { wallMoved: { was: f.measured.value.was, why: f.measured.value.why ?? null } }
          : {}),
        order: f.order?.value ?? f.laid.value.order,
        level: f.level?.value ?? f.laid.value.level,
        ...(f.unit ? { unit: f.unit.value } : {}),
        ...(f.alike ? { alike: f.alike.value } : {}),
        ...(futureName ? { futureName } : {}),
        lastSeen: seen.get(id) ?? null,
      },
    ]
  })
  return places.sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1))
}

/** A room measured again on the floor alone keeps the height that is known of it. */
function withKnownHeight(measured: Size, before: Size | null): Size {
  const height = before?.sides[2]
  return measured.sides.length === 2 && height ? { ...measured, sides: [...measured.sides, height] } : measured
}

function linesOf(
  group: Subjects<'line'>,
  placeFacets: Subjects<'place'>,
  places: readonly Place[],
  standsAt: StandsAt,
  units: Units,
): Line[] {
  const placeById = new Map(places.map((place) => [place.id, place]))
  const lines = [...group].flatMap(([id, f]): Line[] => {
    if (!f.laid || f.removed?.value) return []
    const placeId = standsAt(f.place?.value ?? f.laid.value.placeId)
    const measured = placeFacets.get(placeId)?.measured
    const outdated = measured && measured.seenAt > f.laid.seenAt
    const place = placeById.get(placeId)
    const laid = toldIn(units, outdated ? reckonedAgain(f.laid.value, place) : f.laid.value, place)
    const byHand = f.quantity?.value ?? null
    const quantity = byHand !== null && laid.quantity ? { ...laid.quantity, value: byHand } : laid.quantity
    const hours = quantity ? effortFor(laid, quantity) : laid.hours
    return [
      {
        ...laid,
        id,
        placeId,
        title: f.title?.value ?? laid.title,
        hours: f.hours?.value ?? hours,
        trade: f.trade?.value ?? laid.trade,
        quantity,
        rough: laid.rough && byHand === null,
        reckoned: { quantity: laid.quantity, hours },
        progress: f.progress?.value ?? 0,
        held: f.held?.value ?? null,
        excluded: f.excluded?.value ?? declined(f.approval?.value),
        approval: f.approval?.value ?? null,
        price: f.price?.value ?? null,
        pricedFor: f.pricedFor?.value ?? null,
        hoursRange: f.hoursRange?.value ?? null,
        coming: f.coming?.value ?? 1,
        responsible: f.responsible?.value ?? null,
        partOf: f.partOf?.value ?? [],
        waits: f.waits?.value ?? [],
      },
    ]
  })
  return lines.sort((a, b) => (a.id < b.id ? -1 : 1))
}

/** An extra that was declined is out of the scope. */
const declined = (approval: Approval | undefined): Excluded | null =>
  approval?.answer === 'declined' ? { reason: approvalWords(approval) } : null

/** A line whose place was measured after it was laid: its quantity follows the new size, its effort in proportion. */
function reckonedAgain(laid: LineLaid, place: Place | undefined): LineLaid {
  const reckoned = place && laid.basis !== 'once' ? reckon(laid.basis, place.kind, place.size) : null
  if (!reckoned || !laid.quantity) return laid
  const { quantity, how, rough } = reckoned
  return { ...laid, quantity, how, rough, hours: effortFor(laid, quantity) }
}

/** A sum over the sizes of a place is recorded in metres and told in the units that its site is measured in. */
function toldIn(units: Units, laid: LineLaid, place: Place | undefined): LineLaid {
  if (units === 'metric' || !place) return laid
  const sum = (of: Units): string | undefined => reckon(laid.basis, place.kind, place.size, of)?.how
  return laid.how === sum('metric') ? { ...laid, how: sum(units)! } : laid
}

/** The effort of another amount of the same work, in proportion. */
const effortFor = ({ quantity, hours }: LineLaid, amount: Quantity): number =>
  quantity === null || quantity.value === amount.value ? hours : effort(amount.value, hours / quantity.value)

function selectionsOf(group: Subjects<'selection'>, decisions: Subjects<'decision'>, standsAt: StandsAt): Selection[] {
  return [...group]
    .flatMap(([id, f]): Selection[] => {
      if (!f.laid || f.removed?.value) return []
      const laid = f.laid.value
      const candidates = f.candidates?.value ?? []
      const choice = f.choice?.value ?? null
      const supplier = f.supplier?.value ?? chosenOf(candidates, choice)?.supplier
      return [
        {
          ...laid,
          id,
          candidates,
          awaited: awaitedOf(f.awaits?.value ?? null, decisions),
          placeId: standsAt(f.place?.value ?? laid.placeId),
          state: f.state?.value ?? 'undecided',
          choice,
          leadDays: f.lead?.value ?? countedLead(candidates, choice, LEADS[laid.lead].days),
          arrives: f.arrives?.value ?? null,
          wanted: f.wanted?.value ?? null,
          orderedOn:
            f.state?.value === 'ordered'
              ? ((f.details?.value?.values.ordered as Day | undefined) ?? dayOf(f.state.seenAt))
              : null,
          responsible: f.responsible?.value ?? null,
          details: f.details?.value ?? null,
          delivered: f.delivered?.value ?? null,
          ...(supplier ? { supplier } : {}),
          ...(f.approvalDays ? { approvalDays: f.approvalDays.value } : {}),
        },
      ]
    })
    .sort((a, b) => (a.id < b.id ? -1 : 1))
}

/** The question that a maker waits for, while nobody has answered it. */
function awaitedOf(id: string | null, decisions: Subjects<'decision'>): Awaited | null {
  const facets = id === null ? undefined : decisions.get(id)
  if (id === null || !facets?.asked || (facets.answered?.value ?? null) !== null) return null
  const { question, owner, by = null } = facets.asked.value
  return { id, question, owner, by }
}

function entriesOf<K extends SubjectKind, F extends FacetOf<K>, More>(
  group: Subjects<K>,
  facet: F,
  more: (facets: { [G in FacetOf<K>]?: Latest<Facts[K][G]> }) => More,
  standsAt: StandsAt,
): (Entry & Facts[K][F] & More)[] {
  const found = [...group].flatMap(([id, facets]) => {
    const first = facets[facet]
    if (!first) return []
    return [
      {
        ...(first.value as Facts[K][F] & object),
        id,
        placeId: first.placeId && standsAt(first.placeId),
        seenAt: first.seenAt,
        seenBy: first.by,
        ...more(facets),
      },
    ]
  })
  return found.sort((a, b) => (a.seenAt < b.seenAt ? -1 : a.seenAt > b.seenAt ? 1 : a.id < b.id ? -1 : 1))
}

export const placeName = (state: Pick<SiteState, 'places'>, placeId: string | null): string =>
  state.places.find((place) => place.id === placeId)?.name ?? 'Whole site'

export const seenDay = (place: Place): Day | null => (place.lastSeen ? dayOf(place.lastSeen) : null)

/** What was said about a line: on this walk where it was, or else the last thing.
 * @param before what was known when this walk began */
export function saidOf(lineId: string, state: SiteState, before: SiteState): readonly string[] {
  const said = state.notes.filter((note) => note.about === lineId && !note.private)
  const now = said.filter((note) => !before.notes.some((old) => old.id === note.id))
  return (now.length > 0 ? now : said.slice(-1)).map((note) => note.text)
}
