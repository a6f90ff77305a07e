import { ImpossibleRequest } from '../errors/impossibleRequest'
import { sumOf } from '../entries/sums'
import { kindOf } from '../entries/entry'
import type { Units } from '../measure/length'
import type { SiteState } from '../walk/siteState'
import { effort } from '../scope/layTreatment'
import type { Line } from '../scope/line'

/** A site whose faces are reckoned from their own few measures, where somebody told them: walls, gables, aprons and
 * bands, less the openings (C-02). Lines that go by the face's area follow, their effort in proportion; a quantity set
 * by hand stays. */
export function withFaceAreas(state: SiteState, units: Units): SiteState {
  const nets = faceAreas(state, units)
  if (nets.size === 0) return state
  return { ...state, lines: state.lines.map((line) => remeasured(line, nets.get(line.placeId))) }
}

interface FaceArea {
  /** Square metres. */
  readonly net: number
  readonly how: string
}

/** The net area of every face of which measures were told, by place. */
export function faceAreas(state: SiteState, units: Units): Map<string, FaceArea> {
  const areas = new Map<string, FaceArea>()
  for (const { kind, placeId, values } of state.entries) {
    if (kind !== 'face-area' || !placeId) continue
    const sum = readable(() => sumOf(kindOf(kind), values, units))
    if (!sum || typeof sum.outputs.net !== 'number') continue
    const before = areas.get(placeId)
    areas.set(placeId, {
      net: (before?.net ?? 0) + sum.outputs.net,
      how: [before?.how, sum.steps[0]].filter(Boolean).join(' '),
    })
  }
  return areas
}

/** A face whose measures cannot be read yet says so in its register; its lines stay as they were. */
function readable<T>(read: () => T): T | null {
  try {
    return read()
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
}

function remeasured(line: Line, area: FaceArea | undefined): Line {
  if (!area || (line.basis !== 'face' && line.basis !== 'walls') || !line.reckoned.quantity) return line
  const { quantity, hours } = line.reckoned
  if (quantity.value === area.net) return line
  const now = { ...quantity, value: area.net }
  const effortNow = effort(area.net, hours / quantity.value)
  return {
    ...line,
    how: area.how,
    rough: false,
    quantity: line.quantity === quantity ? now : line.quantity,
    hours: line.hours === hours ? effortNow : line.hours,
    reckoned: { quantity: now, hours: effortNow },
  }
}
