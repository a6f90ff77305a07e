import type { PlaceKind } from '../places/place'

interface UsualPlace {
  readonly name: string
  readonly kind: PlaceKind
  readonly level: string
  readonly treatments: readonly string[]
}

const room = (name: string, level: string, ...treatments: readonly string[]): UsualPlace => ({
  name,
  kind: 'room',
  level,
  treatments,
})
const outside = (name: string, kind: PlaceKind, ...treatments: readonly string[]): UsualPlace => ({
  name,
  kind,
  level: kind === 'roof' ? 'Roof' : 'Outside',
  treatments,
})

/** Jobs as people call them, with the places and treatments that they usually have; a beginning, to be corrected. Our own
 * defaults. */
export const JOB_KINDS = {
  kitchen: {
    words: 'A kitchen',
    places: [room('Kitchen', 'Ground floor', 'kitchen-rebuilt'), room('Hall', 'Ground floor', 'room-paint-only')],
  },
  bathroom: { words: 'A bathroom', places: [room('Bathroom', 'First floor', 'bathroom-rebuilt')] },
  floor: {
    words: 'A whole floor',
    places: [
      room('Kitchen', 'Ground floor', 'kitchen-rebuilt'),
      room('Bathroom', 'Ground floor', 'bathroom-rebuilt'),
      room('Living room', 'Ground floor', 'room-board-finishes'),
      room('Bedroom', 'Ground floor', 'room-board-finishes'),
      room('Second bedroom', 'Ground floor', 'room-paint-floor'),
      room('Study', 'Ground floor', 'room-paint-floor'),
      room('Hall', 'Ground floor', 'room-paint-floor'),
      room('Landing', 'Ground floor', 'room-paint-only'),
    ],
  },
  outside: {
    words: 'The outside of a house',
    places: [
      outside('Front', 'face', 'face-tear-off'),
      outside('Back', 'face', 'face-tear-off'),
      outside('Left side', 'face', 'face-tear-off'),
      outside('Right side', 'face', 'face-tear-off'),
      outside('Roof', 'roof', 'roof-recovered'),
    ],
  },
  basement: {
    words: 'A basement',
    places: [
      room('Family room', 'Basement', 'basement-finished'),
      room('Bedroom', 'Basement', 'basement-finished', 'escape-window'),
      room('Washroom', 'Basement', 'bathroom-below-drain'),
      room('Stair', 'Basement', 'stair-and-railing'),
    ],
  },
  repaint: {
    words: 'A repaint',
    places: [
      room('Living room', 'Ground floor', 'room-paint-only'),
      room('Kitchen', 'Ground floor', 'room-paint-only'),
      room('Hall', 'Ground floor', 'room-paint-only'),
      room('Bedroom', 'First floor', 'room-paint-only'),
      room('Bathroom', 'First floor', 'room-paint-only'),
    ],
  },
} as const satisfies Record<string, { readonly words: string; readonly places: readonly UsualPlace[] }>
export type JobKind = keyof typeof JOB_KINDS

/** The usual places of several jobs together, each name once; what is done there is summed up. */
export function placesOfJobs(kinds: readonly JobKind[]): readonly UsualPlace[] {
  const places = new Map<string, UsualPlace>()
  for (const place of kinds.flatMap((kind): readonly UsualPlace[] => JOB_KINDS[kind].places)) {
    const known = places.get(place.name)
    places.set(
      place.name,
      known ? { ...known, treatments: [...new Set([...known.treatments, ...place.treatments])] } : place,
    )
  }
  return [...places.values()]
}
