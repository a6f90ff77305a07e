import { entryKind } from '../../core/entries/entryKinds'
import { withoutMoney, type Values } from '../../core/entries/field'
import { fieldsOf } from '../../core/entries/sums'
import type { Candidate } from '../../core/selections/candidate'
import type { SelectionDetails } from '../../core/selections/selection'
import { selectionFields } from '../../core/selections/selectionKinds'
import { DECISION_FIELDS } from '../../core/entries/kinds/scope'
import type { Decision, Observation, Written } from '../../core/walk/observation'
import { readValue } from '../../data/observations'
import type { Context } from '../context'
import { Refusal } from '../refusal'

type Told = Pick<Observation, 'subject' | 'subjectId' | 'facet'> & { readonly value: unknown }

/** Whether a fact tells money. */
export function tellsMoney({ subject, facet, value }: Omit<Told, 'subjectId'>): boolean {
  if (subject === 'line' && facet === 'price') return true
  if (subject === 'entry' && facet === 'written') {
    const { kind, values } = value as Written
    const register = entryKind(kind)
    return register !== undefined && hasMoney(fieldsOf(register), values)
  }
  if (subject === 'selection' && facet === 'details') {
    const { sort, values } = value as SelectionDetails
    return hasMoney(selectionFields(sort), values)
  }
  if (subject === 'selection' && facet === 'candidates')
    return (value as readonly Candidate[]).some(({ price }) => price !== undefined)
  if (subject === 'decision' && facet === 'asked') {
    const { price, details } = value as Decision
    return price !== undefined || hasMoney(DECISION_FIELDS, details ?? {})
  }
  return false
}

const hasMoney = (fields: Parameters<typeof withoutMoney>[0], values: Values): boolean =>
  Object.keys(withoutMoney(fields, values)).length < Object.keys(values).length

/** Refuses money from whoever sees none, and a rewriting that would drop the money that stands there unseen. */
export function refuseMoney(context: Context, siteId: string, told: Told): void {
  if (context.seesMoney) return
  const stands = readValue(context.db, siteId, told.subject, told.subjectId, told.facet)
  if (tellsMoney(told) || (stands !== undefined && tellsMoney({ ...told, value: stands })))
    throw new Refusal(403, 'Prices are for the lead and the owner.')
}
