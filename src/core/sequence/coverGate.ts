import type { Line } from '../scope/line'
import { BUILD_ORDER, STAGES, type Stage } from '../scope/vocabulary'
import { COVERED_BY } from './relations'

export interface GateItem {
  readonly id: string
  readonly text: string
  readonly done: boolean
  readonly failed: string | null
  /** The line that must be finished, or null for something to be ticked. */
  readonly lineId: string | null
  readonly kind: 'work' | 'before-cover' | 'test' | 'photo'
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
}
export type GateMarks = ReadonlyMap<string, GateMark>

const COVERS = new Set(Object.values(COVERED_BY).flat())
export const gateItemId = (placeId: string, stage: Stage, item: string): string => `${placeId}/${stage}/${item}`

/** Gathers the cover gates of one place from the lines that it really has.
 *
 * A line in a wall belongs to the first stage still to come that hides it. Stages that are already finished have no gate.
 */
export function coverGates(placeId: string, lines: readonly Line[], marks: GateMarks): CoverGate[] {
  const here = lines.filter((line) => line.placeId === placeId && line.excluded === null)
  const covering = BUILD_ORDER.filter(
    (stage) => COVERS.has(stage) && here.some((l) => l.stage === stage && l.progress < 100),
  )
  const gates: CoverGate[] = []
  for (const stage of covering) {
    const hidden = here.filter((line) => firstCover(line, covering) === stage)
    if (hidden.length === 0) continue
    const items = [...hidden.map((line) => lineItem(line, placeId, stage, marks)), photoItem(placeId, stage, marks)]
    gates.push({ placeId, stage, items, open: items.every((item) => item.done) })
  }
  return gates
}

function firstCover(line: Line, covering: readonly Stage[]): Stage | undefined {
  const hides = line.inspects?.flatMap((stage) => COVERED_BY[stage] ?? []) ?? COVERED_BY[line.stage] ?? []
  return covering.find((stage) => stage !== line.stage && hides.includes(stage))
}

function lineItem(line: Line, placeId: string, stage: Stage, marks: GateMarks): GateItem {
  const id = gateItemId(placeId, stage, line.id)
  const failed = marks.get(id)?.failed?.reason ?? line.held?.reason ?? null
  const kind = line.inspects ? 'test' : line.beforeCover ? 'before-cover' : 'work'
  return { id, text: line.title, done: line.progress === 100 && !failed, failed, lineId: line.id, kind }
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
  return `${STAGES[gate.stage]} waits for ${named}${rest}`
}
