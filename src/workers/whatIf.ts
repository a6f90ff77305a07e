import { whatIfOf, type Question, type TriedMove } from '../core/schedule/whatIf'
import type { Slot } from '../core/calendar/slots'

/** What the page asks: first the question, then one move after the other. */
export type Asked = { readonly question: Question } | { readonly key: string; readonly slot: Slot }

const ROUNDS = 12
let answer: ReturnType<typeof whatIfOf> | null = null

/** Tries moves in the browser, while a bar is still in the hand. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
  if ('question' in data) answer = whatIfOf(data.question)
  else if (answer) self.postMessage({ ...data, ...answer(data.key, data.slot, ROUNDS) } satisfies TriedMove)
}
