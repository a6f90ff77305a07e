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

/** One thing that was seen, said or done, and how it is recorded. */
export interface Line {
  readonly told: string
  readonly steps: readonly Step[]
}

/** One visit: what happens on it, line by line. */
export interface Walk {
  readonly kind: VisitKind
  readonly lines: readonly Line[]
  /** Sentences that the end of the walk must show. */
  readonly ends?: readonly string[]
}

export interface Story {
  readonly site: string
  readonly built: string
  readonly units: 'imperial' | 'metric'
  readonly places: readonly {
    readonly name: string
    readonly kind: PlaceKind
    readonly level: string
    readonly size?: string
    readonly treatments?: readonly string[]
  }[]
  readonly walks: readonly Walk[]
  /** What the desk must have reckoned in the end. */
  readonly reckoned?: readonly string[]
  /** What is read at other pages of the site, by their path: `papers/engineer`, or `sheets/` with a place's name. */
  readonly hears?: Readonly<Record<string, readonly string[]>>
  /** What is said in private, and may be read by nobody outside. */
  readonly secret: string
}

export const stepsOf = ({ walks }: Story): readonly Step[] =>
  walks.flatMap(({ lines }) => lines.flatMap(({ steps }) => steps))

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

export const line = (told: string, ...steps: Step[]): Line => ({ told, steps })
/** What is spoken at a place; without more words it must be read again as it was said. */
export const say = (at: string, words: string, ...tells: string[]): Step => ({ at, say: words, tells })
/** A sheet that is filled in. */
export const put = (at: string, sheet: string, fill: Record<string, string>, ...tells: string[]): Step => ({
  at,
  sheet,
  fill,
  tells,
})
export const shoot = (at: string, photo: string): Step => ({ at, photo, tells: [photo] })
