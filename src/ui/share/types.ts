import type { ReaderState } from '@/core/share/readerStates'
import type { LinkView } from './Links'

interface Coming {
  readonly visitKey: string
  readonly what: string
  readonly when: string
}

/** Somebody who has to know: what is new for them, what they were last told, what they will read, and their links. */
export interface ReaderView {
  readonly key: string
  readonly sort: 'client' | 'trade' | 'other'
  readonly id: string
  readonly siteId: string | null
  readonly name: string
  readonly part: string
  readonly state: ReaderState
  readonly says: string
  readonly last: string
  /** How they are reached where no mail can be sent to them. */
  readonly telephone: string | null
  readonly changes: readonly { readonly visitKey: string | null; readonly text: string; readonly confirmed: boolean }[]
  readonly asks: readonly Coming[]
  readonly reminds: readonly (Coming & { readonly confirmed: boolean })[]
  /** What they will be sent, in their language; null where there is nothing new. */
  readonly message: string | null
  readonly links: readonly LinkView[]
  readonly receipts: readonly {
    readonly id: string
    readonly siteId: string
    readonly words: string
    readonly answer: string | null
    readonly open: boolean
  }[]
}
