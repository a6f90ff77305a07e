import type { Day } from '../calendar/day'
import { keptFor } from '../lists/keptFor'
import { entryKind } from '../entries/entryKinds'
import { holdsCover, workOf } from '../entries/work'
import type { Values } from '../entries/field'
import type { Line } from '../scope/line'
import { linesBy } from '../scope/linesBy'
import { BUILD_ORDER, STAGES, type Stage } from '../scope/vocabulary'
import { COVERED_BY } from './relations'

export interface GateItem {
  readonly id: string
  readonly text: string
  readonly done: boolean
  readonly failed: string | null
  readonly failedOn?: Day
  /** The line that must be finished, or null for something to be ticked. */
  readonly lineId: string | null
  readonly kind: 'work' | 'before-cover' | 'test' | 'photo' | 'entry'
}

/** What must be in, tested, inspected and photographed before a stage covers a place. */
export interface CoverGate {
  readonly placeId: string
  readonly stage: Stage
  readonly items: readonly GateItem[]
  readonly open: boolean
}

export interface GateMark {
  readonly ticked: boolean
  readonly failed: { readonly reason: string } | null
  /** The day on which it failed. */
  readonly failedOn?: Day
}
export type GateMarks = ReadonlyMap<string, GateMark>

const COVERS = new Set(Object.values(COVERED_BY).flat())
export const gateItemId = (placeId: string, stage: Stage, item: string): string => `${placeId}/${stage}/${item}`

/** What a gate is gathered from. */
export interface GateFacts {
  readonly lines: readonly Line[]
  readonly gateMarks: GateMarks
  readonly entries: readonly {
    readonly id: string
    readonly placeId: string | null
    readonly kind: string
    readonly values: Values
    readonly settled: object | null
  }[]
}

/** Gathers the cover gates of one place from the lines that it really has.
 *
 * A line in a wall belongs to the first stage still to come that hides it; so do entries that hold the cover until they
 * are settled. Stages that are already finished have no gate. Gathered once of the same facts.
 */
export function coverGates(placeId: string, known: GateFacts): readonly CoverGate[] {
  const kept = gathered(known, [], () => new Map())
  const gates = kept.get(placeId) ?? gatesAt(placeId, known)
  kept.set(placeId, gates)
  return gates
}
const gathered = keptFor<GateFacts, Map<string, readonly CoverGate[]>>()

function gatesAt(placeId: string, known: GateFacts): CoverGate[] {
  const { lines, gateMarks: marks } = known
  const here = linesBy(lines)
    .place(placeId)
    .filter((line) => line.excluded === null)
  const covering = BUILD_ORDER.filter(
    (stage) => COVERS.has(stage) && here.some((l) => l.stage === stage && l.progress < 100),
  )
  const gates: CoverGate[] = []
  const open = openEntries(placeId, covering, known)
  for (const stage of covering) {
    const hidden = here.filter((line) => firstCover(line, covering) === stage)
    const held = open.flatMap(({ at, item }) => (at === stage ? [item] : []))
    if (hidden.length + held.length === 0) continue
    const items = [
      ...held,
      ...hidden.map((line) => lineItem(line, placeId, stage, marks)),
      photoItem(placeId, stage, marks),
    ]
    gates.push({ placeId, stage, items, open: items.every((item) => item.done) })
  }
  return gates
}

/** Entries of this place that nothing may be closed over, each at the stage that would close it. */
const openEntries = (
  placeId: string,
  covering: readonly Stage[],
  { entries }: GateFacts,
): { readonly at: Stage | undefined; readonly item: GateItem }[] =>
  entries.flatMap((entry) => {
    const kind = entryKind(entry.kind)
    if (entry.placeId !== placeId || entry.settled || !kind || !holdsCover(kind, entry.values)) return []
    const name = String(entry.values[kind.fields[0]!.key])
    return [
      {
        at: coverOf(workOf(kind, entry.values), covering),
        item: { id: entry.id, text: `${kind.one}: ${name}`, done: false, failed: null, lineId: null, kind: 'entry' },
      },
    ]
  })

/** The first stage still to come that hides some work; of what is no work of a stage, the first that closes the place. An
 * entry never holds the work that it tells of. New framing hides old structure but closes nothing: one can still look
 * between the studs. */
function coverOf(work: readonly Stage[], covering: readonly Stage[]): Stage | undefined {
  const closing = covering.filter((stage) => stage !== 'framing' && !work.includes(stage))
  const hides = work.flatMap((stage) => COVERED_BY[stage] ?? [])
  return hides.length > 0 ? closing.find((stage) => hides.includes(stage)) : closing[0]
}

function firstCover(line: Line, covering: readonly Stage[]): Stage | undefined {
  const hides = line.inspects?.flatMap((stage) => COVERED_BY[stage] ?? []) ?? COVERED_BY[line.stage] ?? []
  return covering.find((stage) => stage !== line.stage && hides.includes(stage))
}

function lineItem(line: Line, placeId: string, stage: Stage, marks: GateMarks): GateItem {
  const id = gateItemId(placeId, stage, line.id)
  const mark = marks.get(id)
  const failed = mark?.failed?.reason ?? (line.held?.begins ? null : line.held?.reason) ?? null
  const kind = line.inspects ? 'test' : line.beforeCover ? 'before-cover' : 'work'
  const failedOn = mark?.failed && mark.failedOn ? { failedOn: mark.failedOn } : {}
  return { id, text: line.title, done: line.progress === 100 && !failed, failed, ...failedOn, lineId: line.id, kind }
}

function photoItem(placeId: string, stage: Stage, marks: GateMarks): GateItem {
  const id = gateItemId(placeId, stage, 'photos')
  return {
    id,
    text: 'Photos wall by wall, tape in the picture',
    done: marks.get(id)?.ticked ?? false,
    failed: null,
    lineId: null,
    kind: 'photo',
  }
}

/** Why a gate is shut, in a few words: what failed first, else what is missing. */
export function gateWords(gate: CoverGate): string {
  const failed = gate.items.find((item) => item.failed)
  if (failed) return `${STAGES[gate.stage]} held: ${failed.text.toLowerCase()}, ${failed.failed}`
  const missing = gate.items.filter((item) => !item.done)
  if (missing.length === 0) return `${STAGES[gate.stage]} may go on`
  const first = missing[0]!.text
  const named = first.charAt(0).toLowerCase() + first.slice(1)
  const rest = missing.length === 1 ? '' : ` and ${missing.length - 1} more`
  return `${STAGES[gate.stage]} waits for: ${named}${rest}`
}
