import { isMorning, SLOTS_PER_DAY } from '../calendar/slots'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'

/** What opens a house to the sky. */
const OPENS: readonly Stage[] = ['strip-out', 'windows-doors']

interface Staged {
  readonly stages: readonly Stage[]
}

/** Whether a visit opens a face or a roof. */
export const opensToSky = ({ stages }: Staged, kinds: readonly PlaceKind[]): boolean =>
  kinds.some((kind) => kind === 'face' || kind === 'roof') && stages.some((stage) => OPENS.includes(stage))

/** Whether a visit opens what weather or people can get into: a face or a roof, or the ground. */
export const opensOutside = (visit: Staged, kinds: readonly PlaceKind[]): boolean =>
  opensToSky(visit, kinds) || (kinds.includes('ground') && visit.stages.includes('excavation'))

/** The open slots in which something may be opened: not an afternoon before days off, when nobody would be there to
 * close it. All of them where a site has no other. */
export function openingSlots(open: Uint8Array): Uint8Array {
  const may = open.map((is, slot) => {
    const tomorrow = slot - (slot % SLOTS_PER_DAY) + SLOTS_PER_DAY
    return isMorning(slot) || open[tomorrow] === 1 || open[tomorrow + 1] === 1 ? is : 0
  })
  return may.includes(1) ? may : open
}
