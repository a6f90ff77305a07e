import { lengthIn } from '../entries/field'
import { printQuantity } from '../measure/quantity'
import type { Units } from '../measure/length'
import type { Line } from '../scope/line'
import { wayOf, type Schools } from '../sequence/schools'
import type { Place, RegisterEntry } from '../walk/siteState'

/** A base cabinet with its top, front to back. Source: the trade's usual box of 24 in. */
const CABINET_DEPTH = 0.61

export interface SchoolArea {
  /** Square metres to buy for. */
  readonly surface: number
  /** Why it is less than the line says. */
  readonly because: string | null
}

interface Setting {
  readonly place: Place | undefined
  readonly entries: readonly Pick<RegisterEntry, 'kind' | 'placeId' | 'values'>[]
  readonly schools: Schools
  readonly units: Units
}

/** The area that is bought for a line under the schools of its site: a floor that stops at the cabinets is not bought
 * under them, a suspended ceiling is no board. */
export function areaBySchool(line: Line, surface: number, { place, entries, schools, units }: Setting): SchoolArea {
  const printed = (value: number): string => printQuantity({ value, unit: 'm2' }, units)
  const less = (area: number, words: string): SchoolArea =>
    area > 0 && area < surface
      ? { surface: surface - area, because: `${printed(surface)} less ${printed(area)} ${words}.` }
      : { surface, because: null }
  if (line.stage === 'flooring' && wayOf(schools, 'floorAndCabinets') === 'cabinets-first') {
    const runs = entries.filter(({ kind, placeId }) => kind === 'cabinet-fit' && placeId === line.placeId)
    const long = runs.reduce((sum, { values }) => sum + (lengthIn(values, 'niche')?.tenths ?? 0) / 10_000, 0)
    return less(long * CABINET_DEPTH, 'under the cabinets, which are set first on this site')
  }
  if (
    line.stage === 'board' &&
    line.basis === 'walls-and-ceiling' &&
    wayOf(schools, 'basementCeiling') !== 'board' &&
    /\b(?:basement|cellar)\b/i.test(place?.level ?? '')
  ) {
    const [long, wide] = place?.size?.sides ?? []
    const ceiling = long && wide ? (long.tenths * wide.tenths) / 1e8 : 0
    return less(ceiling, 'of ceiling, which is suspended on this site')
  }
  return { surface, because: null }
}
