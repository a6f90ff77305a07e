import type { Standards } from '@/core/takeoff/standards'
import type { HoursRange, Line } from '@/core/scope/line'
import type { RoomPlan } from '@/core/sketches/roomPieces'
import type { Size } from '@/core/measure/size'
import type { Minor } from '@/core/measure/money'
import type { CautionAt } from '@/core/walk/cautionReads'
import type { Decision, Pin } from '@/core/walk/observation'
import type { SheetSort } from '@/core/walk/sheets'
import type { PhotoMark } from '@/core/walk/photoMarks'
import type { Contradiction } from '@/core/walk/contradictions'
import type { Responsible } from '@/core/scope/responsible'
import type { Excluded, Wait } from '@/core/scope/line'
import type { Waitable } from '@/core/walk/waits'
import type { Unit } from '@/core/measure/quantity'
import type { Stage, Trade } from '@/core/scope/vocabulary'
import type { PlaceKind } from '@/core/places/place'

export interface LineView {
  readonly id: string
  readonly title: string
  readonly trade: Trade
  readonly tradeName: string
  readonly progress: number
  readonly hours: number
  readonly hoursRange: HoursRange | null
  readonly quantity: string
  /** The quantity to edit: as shown, in the site's units, and as kept. */
  readonly amount: {
    readonly amount: string
    readonly word: string
    readonly unit: Unit
    readonly value: number
  } | null
  readonly how: string
  readonly byHand: { readonly quantity: boolean; readonly hours: boolean }
  readonly rough: boolean
  readonly held: Line['held']
  readonly excluded: Excluded | null
  readonly price: Minor | null
  readonly pricedFor: number | null
  /** What became of the price since it was set. */
  readonly priceWords: string | null
  readonly extra: boolean
  readonly responsible: Responsible | null
  readonly approval: string | null
  /** What it takes to buy, in sentences. */
  readonly toBuy: readonly string[]
  readonly partOf: readonly string[]
  /** What it waits for by name, with the words for it. */
  readonly waits: readonly (Wait & { readonly words: string })[]
  /** What waits for it by name. */
  readonly followed: readonly string[]
  readonly when: string | null
}

export interface CellView {
  readonly stage: Stage
  readonly percent: number | null
  readonly eye: number | null
  readonly held: string | null
  readonly excluded: boolean
  readonly next: string | null
  readonly gate: {
    readonly words: string
    readonly items: readonly {
      readonly id: string
      readonly text: string
      readonly done: boolean
      readonly failed: string | null
      readonly kind: 'work' | 'before-cover' | 'test' | 'photo' | 'entry'
    }[]
  } | null
  /** What can hurt somebody in this work, each once. */
  readonly cautions: readonly CautionAt[]
  readonly lines: readonly LineView[]
}

export interface RowView {
  readonly placeId: string
  readonly name: string
  readonly futureName: string | null
  readonly formerNames: readonly string[]
  readonly kind: PlaceKind
  readonly level: string
  readonly levelStatus: string | null
  readonly size: string | null
  readonly earlierSizes: readonly string[]
  /** Its whole size, as a wall of it may move. */
  readonly measured: Size | null
  readonly wallMoved: string | null
  readonly seen: string
  readonly misty: boolean
  readonly clearness: number
  readonly cells: readonly CellView[]
  /** A face, layer by layer; null for anything else. */
  readonly layers: {
    readonly list: readonly { readonly name: string; readonly percent: number | null; readonly words: string }[]
    readonly warnings: readonly string[]
  } | null
  /** Work that was done although what comes before it is not. */
  readonly outOfOrder: readonly string[]
  /** The room from above, where something was told to stand in it. */
  readonly drawn: RoomPlan | null
  /** What is on record here that a pin can stand for. */
  readonly matters: readonly { readonly id: string; readonly words: string }[]
}

interface Matter {
  readonly id: string
  readonly placeId: string | null
  readonly place: string
  readonly text: string
}

export interface ScopeProps {
  readonly site: { readonly id: string; readonly name: string; readonly units: 'imperial' | 'metric' }
  /** What the site sets for the price of a change. */
  readonly pricing: Standards
  /** Who looks. */
  readonly person: string
  readonly today: string
  readonly percent: number
  readonly finish: string | null
  readonly stale: boolean
  readonly misty: number
  readonly stages: readonly Stage[]
  readonly rows: readonly RowView[]
  readonly contradictions: readonly (Contradiction & { readonly place: string })[]
  readonly walks: readonly { readonly id: string; readonly title: string }[]
  readonly since: {
    readonly walkId: string
    readonly title: string
    readonly conditions: string | null
    readonly changes: readonly {
      readonly place: string
      readonly text: string
      readonly detail: string
      readonly kind: string
      readonly tradeName: string | null
    }[]
  } | null
  readonly open: {
    readonly decisions: readonly (Matter & { readonly owner: Decision['owner']; readonly by: string | null })[]
    readonly decided: readonly (Matter & { readonly why: string })[]
    readonly findings: readonly (Matter & { readonly certain: boolean; readonly details: string })[]
    readonly entries: readonly (Matter & { readonly register: string; readonly says: readonly string[] })[]
    readonly keeps: readonly (Matter & { readonly until: string | null; readonly details: string })[]
    readonly notes: readonly (Matter & {
      readonly private: boolean
      readonly opinion: boolean
      readonly by: string
      readonly on: string
    })[]
    readonly memos: readonly {
      readonly hash: string
      readonly placeId: string | null
      readonly place: string
      readonly text: string
      readonly private: boolean
      readonly film: boolean
    }[]
    readonly photos: readonly {
      readonly id: string
      /** What who follows the work reads under it; '' where it is not shown to them. */
      readonly shown: string
      readonly hash: string
      readonly placeId: string | null
      readonly place: string
      readonly caption: string
      readonly on: string
      readonly marks: readonly PhotoMark[]
      readonly details: readonly string[]
      readonly sameSpotAs: string | null
      readonly sheet: SheetSort | null
      /** It cannot be shown: to be taken again. */
      readonly damaged: boolean
    }[]
    /** Whether anybody follows the work, and sees the photos that are chosen for them. */
    readonly followed: boolean
    readonly pins: readonly (Pin & { readonly id: string })[]
  }
  /** The goals and phases that work can be part of. */
  readonly gatherers: readonly { readonly id: string; readonly words: string }[]
  /** What work here can wait for by name, and the other sites whose work it can wait for. */
  readonly waitable: readonly Waitable[]
  readonly otherSites: readonly { readonly id: string; readonly name: string }[]
  readonly mayEdit: boolean
}

/** A fact as the desk sends it; `was` refuses the form where somebody changed it meanwhile. */
export interface Fact {
  readonly subject: string
  readonly subjectId: string
  readonly facet: string
  readonly placeId: string | null
  readonly value: unknown
  readonly was?: unknown
}

/** Records facts, says the words, and offers to take them back with the facts that stood before. */
export type RecordFacts = (facts: readonly Fact[], words: string, back: readonly Fact[]) => Promise<boolean>
