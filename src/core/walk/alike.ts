import { entryKind } from '../entries/entryKinds'
import { fieldsOf } from '../entries/sums'
import type { Field, Values } from '../entries/field'
import type { Units } from '../measure/length'
import type { Size } from '../measure/size'
import type { Line, LineLaid } from '../scope/line'
import type { Selection } from '../selections/selection'
import { selectionFields } from '../selections/selectionKinds'
import type { NewFact } from './observation'
import type { RegisterEntry } from './siteState'

/** How what is told of one place is told of another that is built alike. */
export interface Turning {
  readonly placeId: string
  /** Left is right there. */
  readonly mirrored: boolean
  /** The measured size of the place that it is taken from. */
  readonly size: Size | null
  readonly units: Units
}

const SIDES: Readonly<Record<string, string>> = { left: 'right', right: 'left', Left: 'Right', Right: 'Left' }
const swapSides = (text: string): string => text.replace(/\b(?:left|right)\b/gi, (side) => SIDES[side] ?? side)

/** Words as they are said of the other place. */
export const turnedWords = (text: string, { mirrored }: Pick<Turning, 'mirrored'>): string =>
  mirrored ? swapSides(text) : text

/** What some fields tell, as it is on the other side: left and right in words, and in choices where the list has both. */
const turnedFields = (fields: readonly Field[], values: Values, turning: Turning): Values =>
  Object.fromEntries(
    Object.entries(values).map(([key, value]) => {
      if (typeof value !== 'string') return [key, value]
      const options = fields.find((field) => field.key === key)?.options
      const turned = turnedWords(value, turning)
      return [key, !options || options.includes(turned) ? turned : value]
    }),
  )

function turnedValues({ kind: id, values }: Pick<RegisterEntry, 'kind' | 'values'>, turning: Turning): Values {
  const kind = entryKind(id)
  if (!kind) return values
  const turned = turnedFields(fieldsOf(kind), values, turning)
  return turning.mirrored && kind.mirrored
    ? kind.mirrored(turned, turning.size?.sides[0]?.tenths ?? null, turning.units)
    : turned
}

/** Entries that tell how something is to be, so that it is so in a place that is built alike. */
export const isBuiltAlike = ({ kind, settled }: Pick<RegisterEntry, 'kind' | 'settled'>): boolean =>
  settled === null && entryKind(kind)?.builtAlike === true

/** A line of work again, at the other place, none of it done yet. */
export function lineAgain(line: Line, turning: Turning, id: string): NewFact[] {
  const at = { subject: 'line' as const, subjectId: id, placeId: turning.placeId }
  const { excluded, responsible } = line
  const laid: LineLaid = {
    placeId: turning.placeId,
    stage: line.stage,
    trade: line.trade,
    action: line.action,
    element: line.element,
    title: turnedWords(line.title, turning),
    basis: line.basis,
    rate: line.rate,
    quantity: line.quantity,
    how: line.how,
    rough: line.rough,
    hours: line.hours,
    cautions: line.cautions,
    ...(line.inspects ? { inspects: line.inspects } : {}),
    ...(line.beforeCover ? { beforeCover: true } : {}),
    ...(line.treatment ? { treatment: line.treatment } : {}),
    ...(line.extra ? { extra: true } : {}),
    ...(line.outage ? { outage: line.outage } : {}),
  }
  return [
    { ...at, facet: 'laid', value: laid },
    ...(excluded ? [{ ...at, facet: 'excluded' as const, value: excluded }] : []),
    ...(responsible ? [{ ...at, facet: 'responsible' as const, value: responsible }] : []),
  ]
}

/** A selection again, with what matters for its sort, hands turned; what was chosen in the one is not chosen in the other. */
export function selectionAgain(selection: Selection, turning: Turning, id: string): NewFact[] {
  const at = { subject: 'selection' as const, subjectId: id, placeId: turning.placeId }
  const { lead, neededFor, supplier, approvalDays, details } = selection
  return [
    {
      ...at,
      facet: 'laid',
      value: {
        placeId: turning.placeId,
        what: turnedWords(selection.what, turning),
        lead,
        neededFor,
        ...(supplier ? { supplier } : {}),
        ...(approvalDays === undefined ? {} : { approvalDays }),
      },
    },
    ...(details
      ? [
          {
            ...at,
            facet: 'details' as const,
            value: { ...details, values: turnedFields(selectionFields(details.sort), details.values, turning) },
          },
        ]
      : []),
  ]
}

/** An entry again, its sides and hands turned. */
export const entryAgain = (entry: RegisterEntry, turning: Turning, id: string): NewFact => ({
  subject: 'entry',
  subjectId: id,
  facet: 'written',
  placeId: turning.placeId,
  value: { kind: entry.kind, values: turnedValues(entry, turning) },
})
