import type { Day, Instant } from '../calendar/day'
import type { Minor } from '../measure/money'
import type { Values } from '../entries/field'
import type { PlaceLaid, SizeAgain } from '../places/place'
import type { Approval, Excluded, HoursRange, LineLaid, Wait } from '../scope/line'
import type { Responsible } from '../scope/responsible'
import type { Element, Stage, Trade } from '../scope/vocabulary'
import type { LineKind } from './lineKinds'
import type { Coming } from './coming'
import type { PhotoMark, Point } from './photoMarks'
import type { SheetSort } from './sheets'
import type { SiteConditions } from './siteConditions'
import type { Candidate } from '../selections/candidate'
import type { Delivery, SelectionDetails, SelectionLaid, SelectionState } from '../selections/selection'

export const VISIT_KINDS = {
  scope: 'Scope walk',
  kickoff: 'Kickoff',
  progress: 'Progress walk',
  layout: 'Layout walk',
  'before-cover': 'Before-cover walk',
  'end-of-day': 'End of day',
  completion: 'Completion walk',
  return: 'Return trip',
} as const
export type VisitKind = keyof typeof VISIT_KINDS

export interface Held {
  readonly reason: string
  /** The first day it may go on, where somebody knows. */
  readonly until?: Day
  /** That day was said to be the one on which it begins; nothing holds it beside that. */
  readonly begins?: true
}

export interface Finding {
  readonly text: string
  readonly element?: Element
  /** Its sort, where somebody chose one. */
  readonly condition?: string
  readonly certain: boolean
  /** By FINDING_FIELDS: how bad, how far, likely cause, where exactly. */
  readonly details?: Values
}

export interface Keep {
  readonly text: string
  /** The trigger that ends it: 'the switch-over on 20 March'. */
  readonly until?: string
  /** What ends it by itself: a day, or a stage that is done at a place. */
  readonly when?: { readonly day: Day } | { readonly placeId: string; readonly stage: Stage }
  /** By KEEP_FIELDS: how it stays, how many, where it lies, what protects it. */
  readonly details?: Values
}

export interface Decision {
  readonly question: string
  readonly owner: 'client' | 'designer' | 'engineer' | 'us'
  readonly by?: Day
  /** The stage that waits for the answer at this place. */
  readonly blocks?: Stage
  /** What each further day of waiting may cost, told to the client in words. */
  readonly stake?: string
  readonly price?: Minor
  /** By DECISION_FIELDS: the ways it can go, and what they differ in. */
  readonly details?: Values
}

/** An entry of one of the registers. */
export interface Written {
  readonly kind: string
  readonly values: Values
}

export interface WalkStart {
  readonly kind: VisitKind
  readonly day: Day
  readonly by: string
  /** Who else walked. */
  readonly with?: string
  /** The contract phase that it belongs to. */
  readonly phase?: string
  readonly conditions?: SiteConditions
}

export interface Note {
  readonly text: string
  /** A remark that is never shared. */
  readonly private: boolean
  /** What somebody thinks, kept apart from what was seen. */
  readonly opinion?: boolean
  /** The line of work that it was said about. */
  readonly about?: string
}

/** Words that somebody put right, and what they mean here: said again they are read so. */
export interface Phrase {
  readonly words: string
  readonly kind: LineKind
}

/** Words kept as they were spoken, or a short film. */
export interface Memo {
  readonly hash: string
  readonly seconds: number
  readonly private: boolean
  readonly film?: boolean
}

export interface Photo {
  readonly hash: string
  readonly caption: string
  /** The line of work, finding or entry that it shows. */
  readonly about?: string
  /** By PHOTO_FIELDS: which way one looks, and what will be hidden behind. */
  readonly details?: Values
  /** The photo that it was taken from the same spot as. */
  readonly sameSpotAs?: string
  /** A drawing to look things up in, not a photo of what is there. */
  readonly sheet?: SheetSort
}

/** Something that stands at a point of a drawing. */
export interface Pin {
  /** The drawing, by its hash. */
  readonly sheet: string
  readonly at: Point
  readonly text: string
  /** The line, finding or entry that stands there. */
  readonly about?: string
}

/** Everything that can be observed, by subject and facet, with the value it carries. The register of one subject and
 * facet holds the latest value seen; the history stays in the observations. */
export interface Facts {
  place: {
    laid: PlaceLaid
    name: string
    measured: SizeAgain
    visited: true
    removed: boolean
    order: number
    /** '' where it will be called as it is. */
    futureName: string
    level: string
    /** The place that it became part of; null where it stands by itself again. */
    mergedInto: string | null
    /** The unit of the house that it belongs to; '' for none. */
    unit: string
    /** What it has of the place that it was copied from, or has not and need not have. */
    alike: readonly string[]
  }
  line: {
    laid: LineLaid
    progress: number
    held: Held | null
    excluded: Excluded | null
    removed: boolean
    title: string
    /** Set by hand; null goes back to what is reckoned. */
    hours: number | null
    /** Hours at best and at worst, where somebody said. */
    hoursRange: HoursRange | null
    /** Which coming of its trade does it, where one is not enough. */
    coming: number | null
    trade: Trade
    quantity: number | null
    /** Null where it is not priced. */
    price: Minor | null
    /** The quantity that the price was set for. */
    pricedFor: number | null
    approval: Approval
    responsible: Responsible
    /** The place that it was moved to. */
    place: string
    /** The goals and phases that it belongs to, by their entries. */
    partOf: readonly string[]
    /** What it waits for by name: all of it. */
    waits: readonly Wait[]
  }
  selection: {
    laid: SelectionLaid
    state: SelectionState
    choice: string
    details: SelectionDetails
    supplier: string
    approvalDays: number
    delivered: Delivery
    lead: readonly [number, number, number]
    /** What it may become, side by side. */
    candidates: readonly Candidate[]
    /** The decision whose answer its maker waits for; null where none. */
    awaits: string | null
    arrives: Day | null
    /** The day on which somebody wants it on site, whatever the plan says; null where the plan alone says it. */
    wanted: Day | null
    removed: boolean
    responsible: Responsible
    place: string
  }
  /** What a stage of a place looks like to the eye, beside the honest figure. */
  stage: { eye: number }
  gate: { ticked: boolean; failed: { reason: string } | null }
  finding: { found: Finding; settled: boolean }
  keep: { kept: Keep; released: boolean }
  decision: { asked: Decision; answered: string | null; reasons: Values }
  entry: { written: Written; settled: { result: string } | null; removed: boolean; responsible: Responsible }
  note: { noted: Note }
  memo: { spoken: Memo }
  photo: {
    taken: Photo
    marked: readonly PhotoMark[]
    /** What anybody who follows the work may read under it; '' where it is not shown to them. */
    shown: string
  }
  pin: { put: Pin; removed: boolean }
  walk: { started: WalkStart; ended: Day }
  coming: { told: Coming }
  phrase: { meant: Phrase; forgotten: boolean }
  /** An observation by its id: whether it was taken back, since it was misread or was never so. */
  fact: { withdrawn: boolean }
}

export type SubjectKind = keyof Facts
export type FacetOf<K extends SubjectKind> = keyof Facts[K] & string

/** The facet that makes each subject one; without it nothing of it stands. */
export const DEFINING: Readonly<Record<SubjectKind, string | null>> = {
  place: 'laid',
  line: 'laid',
  selection: 'laid',
  stage: null,
  gate: null,
  finding: 'found',
  keep: 'kept',
  decision: 'asked',
  entry: 'written',
  note: 'noted',
  memo: 'spoken',
  photo: 'taken',
  pin: 'put',
  walk: 'started',
  coming: 'told',
  phrase: 'meant',
  fact: null,
}

/** A fact that is not yet an observation: nobody has seen it at a time. */
export type NewFact = {
  readonly [K in SubjectKind]: {
    readonly [F in FacetOf<K>]: { subject: K; facet: F; subjectId: string; placeId: string | null; value: Facts[K][F] }
  }[FacetOf<K>]
}[SubjectKind]

interface ObservationHead {
  /** Client-made UUIDv7: the same observation sent twice is the same observation. */
  readonly id: string
  readonly siteId: string
  readonly walkId: string | null
  readonly placeId: string | null
  readonly subjectId: string
  readonly by: string
  readonly seenAt: Instant
  /** Where it stands among all that a firm recorded, in milliseconds: never less than what its maker knew of, whatever
   * their clock said. Without it the time alone tells. */
  readonly order?: number
}

type ObservationOf<K extends SubjectKind> = {
  [F in FacetOf<K>]: ObservationHead & { readonly subject: K; readonly facet: F; readonly value: Facts[K][F] }
}[FacetOf<K>]

/** What somebody saw, said or decided, once. Observations are only ever added. */
export type Observation = { [K in SubjectKind]: ObservationOf<K> }[SubjectKind]
