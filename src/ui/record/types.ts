import type { Standing } from '@/core/entries/due'
import type { EntryWords } from '@/core/entries/entryWords'
import type { EntryGroup } from '@/core/entries/entryKind'
import type { Values } from '@/core/entries/field'
import type { Units } from '@/core/measure/length'
import type { PhotoMark } from '@/core/walk/photoMarks'
import type { LineLaid } from '@/core/scope/line'
import type { Responsible } from '@/core/scope/responsible'

export interface RecordedEntry extends EntryWords {
  readonly id: string
  readonly placeId: string | null
  readonly place: string
  readonly values: Values
  readonly standing: Standing
  readonly due: string | null
  readonly result: string | null
  readonly responsible: Responsible | null
  readonly by: string
  readonly on: string
  /** Work that follows from it and stands in no line yet, and that line. */
  readonly follows: { readonly words: string; readonly line: LineLaid } | null
  /** How far the work is that it gathers. */
  readonly work: readonly string[]
  readonly photos: readonly { readonly hash: string; readonly caption: string; readonly marks: readonly PhotoMark[] }[]
}

/** A fact that cannot be so. */
interface LeftOut {
  readonly id: string
  readonly what: string
  readonly value: string
  readonly why: string
  readonly by: string
  readonly on: string
}

export interface RecordProps {
  readonly site: { readonly id: string; readonly name: string; readonly units: Units }
  readonly places: readonly { readonly id: string; readonly name: string; readonly fitting: readonly string[] }[]
  readonly asked: readonly {
    readonly id: string
    readonly placeId: string | null
    readonly place: string
    readonly words: string
    readonly tail: string
  }[]
  readonly leftOut: readonly LeftOut[]
  readonly groups: readonly {
    readonly id: EntryGroup
    readonly words: string
    readonly registers: readonly {
      readonly kind: string
      /** What its entries say together. */
      readonly overview: readonly string[]
      readonly entries: readonly RecordedEntry[]
    }[]
  }[]
}
