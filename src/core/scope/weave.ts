import type { Line } from './line'
import { stageProgress } from './progress'
import { BUILD_ORDER, type Stage } from './vocabulary'

export interface WeaveCell {
  readonly placeId: string
  readonly stage: Stage
  /** Honest progress, or null where the place has no such work. */
  readonly percent: number | null
  readonly eye: number | null
  readonly held: string | null
  readonly excluded: boolean
  readonly lines: readonly Line[]
}

/** The weave: one row a place in walking order, one column a stage that occurs on the site in build order. */
export interface Weave {
  readonly stages: readonly Stage[]
  readonly rows: readonly { readonly placeId: string; readonly cells: readonly WeaveCell[] }[]
}

export const stageKey = (placeId: string, stage: Stage): string => `${placeId}/${stage}`

export function weaveOf(placeIds: readonly string[], lines: readonly Line[], eye: ReadonlyMap<string, number>): Weave {
  const stages = BUILD_ORDER.filter((stage) => lines.some((line) => line.stage === stage))
  const byPlace = new Map<string, Line[]>()
  for (const line of lines) byPlace.set(line.placeId, [...(byPlace.get(line.placeId) ?? []), line])
  return {
    stages,
    rows: placeIds.map((placeId) => ({
      placeId,
      cells: stages.map((stage) => cell(placeId, stage, byPlace.get(placeId) ?? [], eye)),
    })),
  }
}

function cell(placeId: string, stage: Stage, here: readonly Line[], eye: ReadonlyMap<string, number>): WeaveCell {
  const lines = here.filter((line) => line.stage === stage)
  return {
    placeId,
    stage,
    percent: stageProgress(here, placeId, stage),
    eye: eye.get(stageKey(placeId, stage)) ?? null,
    held: lines.find((line) => line.held && !line.held.begins)?.held?.reason ?? null,
    excluded: lines.length > 0 && lines.every((line) => line.excluded !== null),
    lines,
  }
}
