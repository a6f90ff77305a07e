import type { ClientUpdate } from './clientUpdate'

export const UPDATE_PARTS = ['done', 'next', 'off', 'decide', 'terms'] as const
export type UpdatePart = (typeof UPDATE_PARTS)[number]

/** What a lead made of an update that was composed. It is kept by the sentence that was composed, so that it stands when
 * the facts change around it. */
export interface UpdateEdits {
  /** Their own headline; null where the composed one stands. */
  readonly headline: string | null
  /** Their words, by the sentence in whose place they stand. */
  readonly instead: Readonly<Record<string, string>>
  /** Composed sentences that they dropped. */
  readonly dropped: readonly string[]
  /** Sentences that they added, by part. */
  readonly added: Readonly<Partial<Record<UpdatePart, readonly string[]>>>
}

export const NO_EDITS: UpdateEdits = { headline: null, instead: {}, dropped: [], added: {} }

/** A sentence as it will be sent, with the one that was composed; null where the lead added it. */
export interface EditedSentence {
  readonly composed: string | null
  readonly text: string
}

/** The sentences of a part as they will be sent: composed, reworded or left out, then what was added. */
export function editedPart(
  draft: Pick<ClientUpdate, UpdatePart>,
  edits: UpdateEdits,
  part: UpdatePart,
): EditedSentence[] {
  return [
    ...draft[part]
      .filter((composed) => !edits.dropped.includes(composed))
      .map((composed) => ({
        composed,
        text: Object.keys(edits.instead).includes(composed) ? edits.instead[composed]! : composed,
      })),
    ...(edits.added[part] ?? []).map((text) => ({ composed: null, text })),
  ]
}

/** What of the edits stands for the next update: words and drops for sentences that come again, not what was added for
 * this one alone. */
export const carriedOver = ({ instead, dropped }: UpdateEdits): UpdateEdits => ({ ...NO_EDITS, instead, dropped })
