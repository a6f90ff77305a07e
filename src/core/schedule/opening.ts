import { isMorning, SLOTS_PER_DAY } from '../calendar/slots'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'

/** Whether a visit digs outside, where people can fall in. */
export const digsOutside = ({ stages }: { readonly stages: readonly Stage[] }, kinds: readonly PlaceKind[]): boolean =>
  kinds.includes('ground') && stages.includes('excavation')

/** The open slots in which something may be opened: not an afternoon before days off, when nobody would be there to
 * close it. All of them where a site has no other. */
export function openingSlots(open: Uint8Array): Uint8Array {
  const may = open.map((is, slot) => {
    const tomorrow = slot - (slot % SLOTS_PER_DAY) + SLOTS_PER_DAY
    return isMorning(slot) || open[tomorrow] === 1 || open[tomorrow + 1] === 1 ? is : 0
  })
  return may.includes(1) ? may : open
}
