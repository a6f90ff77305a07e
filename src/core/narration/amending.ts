import { readNumber } from '../measure/spokenNumber'
import type { Clause } from './clauses'
import { unitOf } from './joining'
import { BESIDE, isExtra, isFine } from './kinds'
import type { SpokenLine } from './line'
import { elementsIn, mainElement, stageIn } from './mentions'
import type { Reading, Said } from './reading'

/** What a later clause makes of a line that was told already. */
const SHOULD_BE = /^(?:it |they |that )?(?:should (?:be|have been)|(?:is |are )?(?:supposed|meant) to be)\b/
export const EITHER = /^or (?:it |they |that |we |maybe )*(?:stays?|goes|go|comes? (?:out|off)|leave|keep|not)\b/

/** '2290 by the window', '18 to the eaves': the same size at another spot. */
const ELSEWHERE = /^\S+ (?:to|by|at|in|near|over|under|behind|beside) the \w+(?: \w+)?$/

/** 'The rest are fine'. */
const REST = /^(?:and |but )?(?:the rest|the others?|others|everything else|all the others) (?:is|are)\b/

/** 'Twelve here': how many there are of what was just named. */
const COUNTED_HERE =
  /^(?:about |only |just )?[a-z\d]+(?: [a-z]+)? (?:here|in here|of them|altogether|in all|in total|on this side)$/

/** 'Balusters: twelve here, one missing': a count, and what is wrong with some of them. */
export const someAreFound = ({ line }: Said, reading: Reading): boolean =>
  line.quantity !== undefined && reading.kind === 'found' && counted(reading) !== null

/** 'The boards underneath are decent': another thing, and nothing is wrong with it. */
export const isAllClear = ({ own, statement }: Reading, norm: string): boolean =>
  (own || REST.test(norm)) && statement && isFine(norm)

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

/** 'The lintels are rusted, four out of seven'. */
export const isSomeOf = ({ line }: Said, reading: Reading, norm: string): boolean =>
  line.kind === 'found' && reading.kind === 'progress' && /^[a-z\d]+ (?:out )?of (?:the )?[a-z\d]+$/.test(norm)

export function countSome(last: Said, norm: string, clause: Clause): void {
  const some = readNumber([norm.split(' ')[0]!], 0)
  if (some) last.line.quantity ??= some.value
  last.end = clause.end
}

/** '140 quid supply and fit': what the work just told costs. */
export const isItsPrice = ({ line }: Said, { fields, own }: Reading, norm: string): boolean =>
  line.kind === 'work' &&
  line.amount === undefined &&
  fields.amount !== undefined &&
  !own &&
  /^(?:about |call it |say |for |around )*(?:an? )?[\w.]+(?: [\w.]+){0,3} (?:quid|dollars?|bucks|pounds?|euros?|grand)\b/.test(
    norm,
  )

export function addPrice(last: Said, { fields }: Reading, norm: string, clause: Clause): void {
  last.line.amount = fields.amount!
  if (isExtra(norm)) last.line.extra = true
  last.end = clause.end
}

const LEAD_ALONE =
  /^(?:about |around |at least |it is |lead time )*(?:\w+ (?:to|or) )?\w+ (?:working )?(?:weeks?|months?|days|fortnight)\b/

/** Whether a bare length of time tells when what was just spoken of will be here: what is wrong, chosen, or sent off. */
export const isAwaited = ({ line, topic, norm: before }: Said, norm: string): boolean =>
  line.kind === 'found' ||
  (line.kind === 'selection' && LEAD_ALONE.test(norm)) ||
  (topic === true && /\b(?:ordered|templated|measured|sent off)\b/.test(before))

/** 'Five shelves, 14 deep, painted': how what was named is finished. */
export const isFinish = ({ line, topic }: Said, norm: string): boolean =>
  (topic === true || line.kind === 'selection') &&
  /^to match |^(?:sealed|painted|stained|oiled|lacquered|varnished|polished)(?: \w+| to match .*)?$/.test(norm)

/** A finish chooses, and says nothing of how far something is. */
export function asFinish(reading: Reading): void {
  reading.kind = null
  reading.material = true
  reading.own = false
  delete reading.fields.element
  delete reading.fields.percent
}

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
function makeWrong(line: SpokenLine): void {
  line.kind = 'found'
  line.condition ??= 'wrong'
  line.certain = true
  delete line.percent
  delete line.stage
}

/** 'That's an extra': what was said before is work beside the contract. */
function makeExtra(line: SpokenLine, bare: number | null): void {
  line.kind = 'work'
  line.extra = true
  delete line.certain
  if (line.amount === undefined && bare !== null) line.amount = Math.round(bare * 100)
}

/** What says nothing by itself gives what it tells to the line before. */
export function addTo(last: Said, reading: Reading, clause: Clause, norm: string): void {
  const { line } = last
  if (last.topic && line.element && reading.bare !== null && COUNTED_HERE.test(norm)) line.quantity ??= reading.bare
  last.end = clause.end
  const { fields } = reading
  if (fields.dims?.length) {
    last.norm = `${last.norm} ${norm}`
    const guessed = /^(?:maybe|or|perhaps|call it|say|more like)\b/.test(norm)
    line.dims = line.dims
      ? [...(guessed ? line.dims.slice(0, -fields.dims.length) : line.dims), ...fields.dims]
      : fields.dims
  } else if (
    reading.bare !== null &&
    line.dims?.length === 1 &&
    /^(?:maybe|or|perhaps|could be|more like|call it|say)\b/.test(norm)
  )
    line.dims = [reading.bare * unitOf(last.norm)]
  else if (reading.bare !== null && line.kind === 'measure' && line.dims && ELSEWHERE.test(norm)) {
    const unit = /\b(?:foot|feet|met(?:re|er)s?)\b/.test(last.norm) ? unitOf(last.norm) : 1
    if (unit > 1 || reading.bare >= 300) line.dims = [...line.dims, Math.round(reading.bare * unit)]
  } else if (reading.bare !== null && line.extra) line.amount = Math.round(reading.bare * 100)
  else if (reading.bare !== null && line.kind === 'work') {
    last.bare = reading.bare
    if (/\bmore$/.test(norm) && reading.bare >= 20) line.amount ??= Math.round(reading.bare * 100)
  }
  // 'Leaking at the flashing, I think'.
  if (line.kind === 'found' && /^i (?:think|reckon|guess|suspect|bet|would say)$/.test(norm)) line.certain = false
  if (
    fields.percent !== undefined &&
    /\b(?:percent|half|third|quarter|say|call it)\b/.test(norm) &&
    line.kind === 'progress'
  )
    line.percent = fields.percent
  if (line.kind !== 'expect') delete fields.leadDays
  for (const key of ['quantity', 'amount', 'date', 'leadDays', 'trade', 'stage', 'until'] as const) {
    if (fields[key] !== undefined && line[key] === undefined) Object.assign(line, { [key]: fields[key] })
  }
  if (reading.material && (line.kind === 'measure' || last.topic)) line.kind = 'selection'
  if (SHOULD_BE.test(norm)) makeWrong(line)
  if (isExtra(norm) || (line.kind === 'work' && BESIDE.test(norm))) makeExtra(line, reading.bare ?? last.bare ?? null)
}

/** After 'no', 'sorry', 'make that' the last value wins; a whole new statement takes the place of the old.
 * @returns whether it did */
export function correct(last: Said, reading: Reading, clause: Clause): boolean {
  last.end = clause.end
  const { fields, kind } = reading
  const replaces =
    kind !== null &&
    !(
      kind === 'measure' ||
      kind === 'expect' ||
      (kind === 'progress' && fields.percent === undefined) ||
      (kind === 'selection' && !reading.own)
    )
  if (last.topic && last.line.quantity !== undefined && !reading.own && reading.bare !== null) {
    last.line.quantity = reading.bare
    return false
  }
  if (replaces || last.topic) {
    const element = reading.own ? fields.element : (last.line.element ?? fields.element)
    const { place } = last.line
    last.line = {
      kind: kind ?? (last.line.kind === 'note' && fields.dims?.length ? 'measure' : last.line.kind),
      words: '',
      ...fields,
      ...(element ? { element } : {}),
      ...(place ? { place } : {}),
    }
    last.topic = kind === null
    return true
  }
  const before = last.line.dims
  for (const key of ['dims', 'date', 'quantity', 'percent', 'amount', 'leadDays', 'trade', 'until'] as const) {
    if (fields[key] !== undefined) Object.assign(last.line, { [key]: fields[key] })
  }
  // '4.1 by 1.2, sorry, 1.25': the last of the sizes.
  if (before && fields.dims && fields.dims.length < before.length)
    last.line.dims = [...before.slice(0, -fields.dims.length), ...fields.dims]
  if (reading.own && fields.element) last.line.element = fields.element
  else if (reading.bare !== null) {
    if (last.line.amount !== undefined) last.line.amount = Math.round(reading.bare * 100)
    else if (last.line.dims) last.line.dims = [...last.line.dims.slice(0, -1), reading.bare * unitOf(last.norm)]
    else if (last.line.quantity !== undefined) last.line.quantity = reading.bare
  }
  return false
}

/** A private remark is kept as its words alone; a private fact keeps its kind. */
export function keepSecret(lines: readonly Said[]): void {
  for (const said of lines) {
    const fact =
      (said.line.kind === 'found' && said.line.condition !== undefined && said.line.element !== undefined) ||
      (said.line.kind === 'progress' && said.line.element !== undefined && said.line.percent !== undefined)
    if (!fact) {
      const { place, words } = said.line
      said.line = { kind: 'note', words, ...(place ? { place } : {}) }
    }
    said.line.private = true
  }
}
