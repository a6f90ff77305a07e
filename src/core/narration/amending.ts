import type { Clause } from './clauses'
import type { SpokenLine } from './line'
import { elementsIn, mainElement, stageIn } from './mentions'
import type { Reading, Said } from './reading'

/** What a later clause makes of a line that was told already. */
export const SHOULD_BE = /^(?:it |they |that )?(?:should (?:be|have been)|(?:is |are )?(?:supposed|meant) to be)\b/
export const EITHER = /^or (?:it |they |that |we |maybe )*(?:stays?|goes|go|comes? (?:out|off)|leave|keep|not)\b/

export const counted = ({ fields, bare }: Reading): number | null => fields.quantity ?? bare

/** Whether a clause tells how many of what was just said to be done are left. */
export const isLeft = ({ line }: Said, reading: Reading, norm: string): boolean =>
  line.kind === 'progress' &&
  line.percent === 100 &&
  line.quantity !== undefined &&
  counted(reading) !== null &&
  /^(?:and |still |just )*(?:\w+) (?:more )?(?:to go|left|to do|still to (?:go|do|come))$/.test(norm)

/** Whether a clause tells how many of the things counted just before are done. */
export const ofCounted = ({ line, topic }: Said, reading: Reading, norm: string): boolean =>
  (line.kind === 'work' || topic === true) &&
  reading.kind === 'progress' &&
  reading.fields.percent === 100 &&
  counted(reading) !== null &&
  line.quantity !== undefined &&
  counted(reading)! <= line.quantity &&
  mainElement(elementsIn(norm.split(' '))) === null

/** 'The wall is rebuilt in block, three quarters up': a bare share tells how far what was just said to be done is. */
export const isShareOf = ({ line }: Said, reading: Reading, norm: string): boolean =>
  line.kind === 'progress' &&
  line.percent === 100 &&
  reading.kind === 'progress' &&
  !reading.own &&
  (reading.fields.percent ?? 100) < 100 &&
  /^(?:and |about |roughly |nearly |only |just |maybe |some )*(?:an? |one |two |three )?(?:half|halfway|half way|thirds?|quarters?|[\w ]+ percent)(?: of (?:it|them))?(?: up| done| in| there| through)?(?: i (?:reckon|think|guess|would say))?$/.test(
    norm,
  )

/** 'It goes, or stays': nobody knows yet, so somebody has to say. */
export function leaveOpen(last: Said, clause: Clause): void {
  last.end = clause.end
  last.topic = false
  const { element, place, words } = last.line
  last.line = { kind: 'decide', words, ...(element ? { element } : {}), ...(place ? { place } : {}) }
}

/** 'Five doors to hang, two are done': how far what was counted is. */
export function countDone(last: Said, reading: Reading, clause: Clause): void {
  last.end = clause.end
  last.topic = false
  const { element, place, words, quantity } = last.line
  const stage = stageIn('', element ?? null, false)
  last.line = {
    kind: 'progress',
    words,
    percent: Math.round((100 * counted(reading)!) / quantity!),
    ...(element ? { element } : {}),
    ...(stage ? { stage } : {}),
    ...(place ? { place } : {}),
  }
}

/** 'Three posts are set, one to go'. */
export function countLeft(last: Said, left: number, clause: Clause): void {
  last.end = clause.end
  const { quantity, ...line } = last.line
  last.line = { ...line, percent: Math.round((100 * quantity!) / (quantity! + left)) }
}

/** 'It sits on 75, should be 150': what was measured is not as it should be. */
export function makeWrong(line: SpokenLine): void {
  line.kind = 'found'
  line.condition = 'wrong'
  line.certain = true
  delete line.percent
  delete line.stage
}

/** 'That's an extra': what was said before is work beside the contract. */
export function makeExtra(line: SpokenLine, reading: Reading): void {
  line.kind = 'work'
  line.extra = true
  delete line.certain
  if (line.amount === undefined && reading.bare !== null) line.amount = Math.round(reading.bare * 100)
}
