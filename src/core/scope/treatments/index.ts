import type { PlaceKind } from '../../places/place'
import type { Treatment } from '../treatment'
import { GROUND_TREATMENTS, OPENING_TREATMENTS, OUTSIDE_TREATMENTS } from './outside'
import { ROOM_TREATMENTS } from './rooms'

export const TREATMENTS: readonly Treatment[] = [
  ...ROOM_TREATMENTS,
  ...OPENING_TREATMENTS,
  ...OUTSIDE_TREATMENTS,
  ...GROUND_TREATMENTS,
]

const BY_ID = new Map(TREATMENTS.map((treatment) => [treatment.id, treatment]))
export const treatmentById = (id: string): Treatment | undefined => BY_ID.get(id)
export const treatmentsFor = (kind: PlaceKind): readonly Treatment[] => TREATMENTS.filter((t) => t.fits.includes(kind))
