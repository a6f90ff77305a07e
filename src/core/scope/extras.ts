import { minor, type Minor } from '../measure/money'
import { approvalWords, type Line } from './line'
import type { Stage } from './vocabulary'

/** Whether a line is work that was agreed: all that is no extra, and extras to which the client said yes. */
export const isAgreed = ({ extra, approval }: Pick<Line, 'extra' | 'approval'>): boolean =>
  !extra || approval?.answer === 'approved'

/** One extra as the client is asked about it. */
export interface Extra {
  readonly id: string
  readonly placeId: string
  readonly stage: Stage
  readonly title: string
  readonly price: Minor | null
  readonly answer: 'approved' | 'declined' | null
  /** Who answered and when; or what it waits for. */
  readonly words: string
}

export interface Extras {
  readonly list: readonly Extra[]
  /** What was approved so far. */
  readonly approved: Minor
  /** What still waits for an answer, as far as it is priced. */
  readonly waiting: Minor
}

/** The extras of a site, those that wait for an answer first, with what they come to. */
export function extrasOf(lines: readonly Line[]): Extras {
  const list = lines
    .filter((line) => line.extra)
    .map(({ id, placeId, stage, title, price, approval }): Extra => {
      const answer = approval?.answer ?? null
      const waits = price === null ? 'to be priced' : 'waits for an answer'
      return { id, placeId, stage, title, price, answer, words: approval ? approvalWords(approval) : waits }
    })
    .sort((a, b) => Number(a.answer !== null) - Number(b.answer !== null) || (a.title < b.title ? -1 : 1))
  const sum = (answer: Extra['answer']): Minor =>
    minor(list.filter((one) => one.answer === answer).reduce((all, one) => all + (one.price ?? 0), 0))
  return { list, approved: sum('approved'), waiting: sum(null) }
}
