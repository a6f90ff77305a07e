import type { Line } from './line'
import { honestProgress } from './progress'

/** The layers of a face, from the inside out, in the words of the trade. */
export const FACE_LAYERS = {
  sheathing: 'Sheathing',
  insulation: 'Insulation',
  barrier: 'Weather barrier',
  flashing: 'Flashing',
  trim: 'Trim',
  siding: 'Siding or render',
  sealant: 'Sealant',
  paint: 'Paint',
} as const
export type FaceLayer = keyof typeof FACE_LAYERS

/** An entry of a register of a face: which register, and whether it is closed. */
export interface FaceEntry {
  readonly kind: string
  readonly settled: unknown
}

export interface LayerStatus {
  readonly layer: FaceLayer
  /** 0 to 100; null where nothing of it is in the scope or on record. */
  readonly percent: number | null
  /** `50 %`, `2 of 5 in place`, `not in the scope`. */
  readonly words: string
}

const OF_LINES: Partial<Record<FaceLayer, (line: Line) => boolean>> = {
  sheathing: ({ element, stage }) => element === 'sheathing' || stage === 'framing',
  insulation: ({ stage }) => stage === 'insulation',
  barrier: ({ stage }) => stage === 'weather-barrier',
  trim: ({ stage, element }) => stage === 'trim' || element === 'trim' || element === 'casing',
  siding: ({ stage }) => stage === 'cladding' || stage === 'plaster',
  paint: ({ stage }) => stage === 'paint',
}
const OF_ENTRIES: Partial<Record<FaceLayer, string>> = {
  flashing: 'flashing',
  trim: 'face-trim',
  sealant: 'sealant',
}

/** How far each layer of one face is: by its lines of work, or where a layer is kept piece by piece in a register, by
 * its pieces.
 * @param lines the lines of the face
 * @param entries the entries of the face */
export function faceLayers(lines: readonly Line[], entries: readonly FaceEntry[]): LayerStatus[] {
  return (Object.keys(FACE_LAYERS) as FaceLayer[]).map((layer) => {
    const pieces = entries.filter(({ kind }) => kind === OF_ENTRIES[layer])
    if (pieces.length > 0) {
      const done = pieces.filter(({ settled }) => settled !== null).length
      return {
        layer,
        percent: Math.floor((100 * done) / pieces.length),
        words: `${done} of ${pieces.length} in place`,
      }
    }
    const its = lines.filter(
      (line) => line.trade !== 'inspector' && line.action !== 'remove' && OF_LINES[layer]?.(line),
    )
    const percent = honestProgress(its)
    return { layer, percent, words: percent === null ? 'not in the scope' : `${percent} %` }
  })
}

/** What was covered too soon: a layer that is begun over one that is not done. */
export function coveredTooSoon(layers: readonly LayerStatus[]): string[] {
  const told = layers.filter(({ percent }) => percent !== null)
  return told.flatMap(({ layer, percent }, i) => {
    const under = told.slice(0, i).filter((one) => one.percent! < 100)
    return percent! > 0 && under.length > 0
      ? [
          `${FACE_LAYERS[layer]} was begun over ${under.map((one) => `${FACE_LAYERS[one.layer].toLowerCase()} (${one.words})`).join(' and ')}.`,
        ]
      : []
  })
}
