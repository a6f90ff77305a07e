import type { Element } from '../scope/vocabulary'
import { CORRECTION, type Clause } from './clauses'
import type { Mention } from './mentions'
import { namesAnother } from './pointing'
import type { Fields, Reading, Said } from './reading'

/** 'Needs it by the 20th': the last day of the answer just spoken of. */
const NEEDS_IT =
  /^(?:and |but )?(?:i |we |he |she |they )?needs? (?:it|them|that|this|to know|an answer) (?:by|before)\b/

/** What is left of a clause after 'no', 'no sorry', 'make that'. */
export function withoutCorrection(norm: string): string {
  let rest = norm
  while (rest !== '' && CORRECTION.test(rest)) rest = rest.replace(CORRECTION, '').trim()
  return rest
}

/** 'Kill the old one': an act done to another thing. */
const OTHER_OBJECT = /^(?:and |then |so )*[a-z]{3,} (?:the|an?|two|three) [a-z]/

/** Two clauses of one kind are one line where the second names no thing of its own and contradicts nothing. */
export function joins(before: Said, reading: Reading, norm: string): boolean {
  const { line } = before
  if (line.kind === 'decide' && reading.kind === 'expect' && NEEDS_IT.test(norm)) return true
  if (line.kind === 'decide' && !reading.own && !before.topic && reading.fields.date && !reading.fields.trade)
    return true
  if (line.kind !== reading.kind || reading.own || before.topic) return false
  if ((line.kind === 'keep' || line.kind === 'progress') && namesAnother(norm)) return false
  const { fields } = reading
  if (line.kind === 'found') return line.condition === undefined || fields.condition === undefined
  if (line.kind === 'progress')
    return (
      fields.action === line.action &&
      fields.state === line.state &&
      (fields.percent === line.percent || line.percent === undefined) &&
      (fields.stage === line.stage || !fields.stage)
    )
  if (line.kind === 'work')
    return (
      !/^so do(?:es)? /.test(norm) &&
      !(fields.extra && /^(?:(?:an?|another|the|two|three) |[a-z]+ ones (?:is|are)\b)/.test(norm)) &&
      !(line.quantity !== undefined && fields.quantity !== undefined && line.quantity !== fields.quantity) &&
      ((fields.action === undefined && !OTHER_OBJECT.test(norm)) ||
        line.action === undefined ||
        (line.action === fields.action && !fields.extra) ||
        fields.action === 'protect')
    )
  if (line.kind === 'keep') return !(line.action && fields.action && line.action !== fields.action)
  if (line.kind === 'measure') return false
  if (line.kind === 'decide') return fields.element === undefined || fields.element === line.element
  if (line.kind === 'expect')
    return (
      (fields.trade === line.trade || fields.trade === undefined) &&
      !(
        line.leadDays !== undefined &&
        fields.date &&
        /^(?:and |then )?(?:templates?|measures?|starts?|installs?|fits?|delivers?|ships?|pours?)\b/.test(norm)
      ) &&
      !(fields.stage && fields.date && line.date && fields.date !== line.date)
    )
  return true
}

/** Adds to a line what a later clause told of it. */
export function extend(before: Said, fields: Fields, clause: Clause): void {
  before.end = clause.end
  for (const [key, value] of Object.entries(fields)) {
    if (before.line[key as keyof Fields] === undefined && value !== undefined)
      Object.assign(before.line, { [key]: value })
  }
  // 'A hundred and sixty, extra'.
  if (fields.extra && before.bare !== undefined) before.line.amount ??= Math.round(before.bare * 100)
}

/** 'toilet and vanity come out': things that share one verb make a line each. */
export function joinedElements(tokens: readonly string[], mentions: readonly Mention[]): Element[] {
  const found: Element[] = []
  const named = mentions.filter((one) => !one.where && one.key)
  named.forEach((one, i) => {
    const next = named[i + 1]
    if (
      !next ||
      !/^(?:and|or|and the|(?:and|plus) an?(?: (?!(?:is|are|was|has|the|in|on|at|to|of|for|with|by|from|needs?|wants?)\b)[a-z\d]+){0,2}|plus|plus the|and all the|and both)$/.test(
        tokens.slice(one.to, next.from).join(' '),
      )
    )
      return
    found.push(...(found.length === 0 ? [one.key as Element] : []), next.key as Element)
  })
  return [...new Set(found)]
}

const UNIT_FACTORS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:foot|feet|ft)\b(?!.*\b(?:inch|inches|metres?|mm)\b)/, 304.8],
  [/\b(?:inch|inches)\b/, 25.4],
  [/\b(?:mm|mil|millimetres?)\b/, 1],
  [/\b(?:metres?|meters?|m)\b/, 1000],
]
/** Millimetres of the unit that a clause named. */
export const unitOf = (norm: string): number => UNIT_FACTORS.find(([pattern]) => pattern.test(norm))?.[1] ?? 1
