import type { Schools } from '../core/sequence/schools'
import type { Units } from '../core/measure/length'
import type { PlaceKind } from '../core/places/place'
import type { LeadKey } from '../core/scope/leads'
import type { Stage, Trade } from '../core/scope/vocabulary'
import type { SelectionState } from '../core/selections/selection'
import type { SelectionSort } from '../core/selections/selectionKinds'
import type { Decision, VisitKind } from '../core/walk/observation'

/** A site of the demo as readable data. Days are working days counted from today. */
export interface SiteStory {
  readonly key: string
  readonly name: string
  readonly built: number
  readonly units: Units
  readonly livedIn: boolean
  readonly startsIn: number
  /** Hours of every day that the drive takes; none where nothing is said. */
  readonly travelHours?: number
  readonly client: string
  readonly street: string
  readonly wayIn: string
  readonly privateNote: string
  readonly schools?: Schools
  readonly places: readonly PlaceStory[]
  readonly selections?: readonly SelectionStory[]
  readonly walks: readonly WalkStory[]
  /** A plan of one level, with what stands where: shares of its width and height. */
  readonly plan?: {
    readonly level: string
    readonly pins: readonly { readonly x: number; readonly y: number; readonly text: string }[]
  }
}

export interface PlaceStory {
  readonly key: string
  readonly name: string
  readonly level: string
  readonly kind?: PlaceKind
  readonly size: string
  readonly futureName?: string
  readonly treatments: readonly string[]
}

/** A selection that a treatment laid down (named by what it is) or one of its own. */
export interface SelectionStory {
  readonly at: string
  readonly what: string
  readonly lead?: LeadKey
  readonly neededFor?: Stage
  readonly supplier?: string
  readonly approvalDays?: number
  readonly leadDays?: readonly [number, number, number]
  readonly state?: SelectionState
  readonly choice?: string
  /** Working days from today. */
  readonly arrivesIn?: number
  /** What matters for its sort, as typed into its sheet. */
  readonly sort?: SelectionSort
  readonly typed?: Readonly<Record<string, string>>
  readonly came?: {
    readonly daysAgo: number
    readonly count: number
    readonly damaged?: number
    readonly wrongHand?: number
  }
}

export interface WalkStory {
  /** Working days from today, negative for the past. */
  readonly day: number
  readonly kind: VisitKind
  readonly by: string
  readonly seen: readonly SeenPlace[]
}

export interface SeenPlace {
  readonly at: string
  /** What was dictated there, read by the narration like anybody's words. */
  readonly dictated?: string
  /** Entries of the registers, as typed into their sheets. */
  readonly entries?: readonly {
    readonly kind: string
    readonly typed: Readonly<Record<string, string>>
    /** The places whose work is part of it, or the stages of them all. */
    readonly work?: { readonly at?: readonly string[]; readonly stages?: readonly Stage[] }
  }[]
  /** How far each stage is; the inspector's lines are left out. */
  readonly progress?: Partial<Record<Stage, number>>
  /** How far single lines are, by the beginning of their title. */
  readonly lines?: Readonly<Record<string, number>>
  /** Stages whose inspection passed. */
  readonly passed?: readonly Stage[]
  readonly eye?: Partial<Record<Stage, number>>
  readonly held?: { readonly line: string; readonly reason: string; readonly untilIn?: number }
  readonly ticked?: readonly { readonly stage: Stage; readonly item: string }[]
  readonly found?: readonly {
    readonly text: string
    readonly condition: string
    readonly certain: boolean
    readonly settled?: boolean
  }[]
  readonly keeps?: readonly { readonly text: string; readonly until?: string }[]
  readonly decide?: readonly (Omit<Decision, 'by' | 'price'> & {
    readonly byIn?: number
    readonly price?: number
    readonly answer?: string
  })[]
  readonly notes?: readonly { readonly text: string; readonly private?: boolean }[]
  readonly out?: readonly { readonly line: string; readonly reason: string }[]
  readonly extra?: {
    readonly title: string
    readonly stage: Stage
    readonly trade: Trade
    readonly hours: number
    readonly price: number
  }
  readonly photo?: { readonly caption: string; readonly scene: Scene }
}

/** What a drawn photo shows. */
export interface Scene {
  readonly wall: 'old' | 'stripped' | 'framed' | 'wired' | 'insulated' | 'boarded' | 'painted'
  readonly floor: 'boards' | 'dust' | 'open' | 'slab'
  readonly window?: boolean
  readonly beam?: boolean
}
