import type { PlaceKind } from '../../../src/core/places/place'
import type { VisitKind } from '../../../src/core/walk/observation'

/** One thing that somebody does on a walk, at a place. */
export interface Step {
  readonly at: string
  /** Said aloud, or typed by the phone's own dictation; all that it is read back as is kept. */
  readonly say?: string
  /** A sheet: one of the foot's buttons, or what stands under More; with what is filled in, by the fields' names. */
  readonly sheet?: string
  readonly fill?: Readonly<Record<string, string>>
  /** A photo with its caption, drawn on with an arrow. */
  readonly photo?: string
  /** What must then be read at the place. */
  readonly tells: readonly string[]
}

export interface Story {
  readonly site: string
  readonly built: string
  readonly units: 'imperial' | 'metric'
  readonly kind: VisitKind
  readonly places: readonly {
    readonly name: string
    readonly kind: PlaceKind
    readonly level: string
    readonly size?: string
    readonly treatments?: readonly string[]
  }[]
  readonly steps: readonly Step[]
  /** What is said in private, and may be read by nobody outside. */
  readonly secret: string
}

const room = (name: string, level: string, size: string, ...treatments: string[]) => ({
  name,
  kind: 'room' as const,
  level,
  size,
  treatments,
})
const face = (name: string, size: string, ...treatments: string[]) => ({
  name,
  kind: 'face' as const,
  level: 'Outside',
  size,
  treatments,
})
const ground = (name: string) => ({ name, kind: 'ground' as const, level: 'Outside' })
export const place = { room, face, ground }
