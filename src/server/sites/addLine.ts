import { v7 as uuid } from 'uuid'
import { minor, printMoney } from '../../core/measure/money'
import { lineFromWords } from '../../core/narration/lineFromWords'
import { effort } from '../../core/scope/layTreatment'
import { STAGES, TRADES } from '../../core/scope/vocabulary'
import type { NewFact } from '../../core/walk/observation'
import { newLine } from '../../schemas/newLine'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { recordFacts } from '../walk/recordFacts'

/** Adds a line of work from a few words: its stage and trade follow from them, an extra has its price with it.
 * @returns the line, and in a sentence what was understood */
export function addLine(context: Context, siteId: string, body: unknown): { lineId: string; says: string } {
  context.requireLead()
  const { placeId, text, extra, price, hours } = newLine.validateSync(body)
  const site = context.site(siteId)
  const place = context.record(site).places.find(({ id }) => id === placeId)
  if (!place) throw new Refusal(400, 'Where: choose a place of this site.', 'placeId')
  const read = lineFromWords(text, place, { units: site.units, today: context.today })
  const lineId = uuid()
  const at = { subject: 'line' as const, subjectId: lineId, placeId }
  const value = { ...read, ...(extra ? { extra: true as const } : {}), ...(hours ? { hours: effort(1, hours) } : {}) }
  const facts: NewFact[] = [
    { ...at, facet: 'laid', value },
    ...(price === undefined ? [] : [{ ...at, facet: 'price' as const, value: minor(Math.round(price * 100)) }]),
  ]
  recordFacts(context, siteId, { facts })
  const cost = price === undefined ? '' : `, ${printMoney(minor(Math.round(price * 100)))}`
  return {
    lineId,
    says: `${place.name}: ${value.title}, ${STAGES[value.stage].toLowerCase()}, for the ${TRADES[value.trade].toLowerCase()}${cost}.`,
  }
}
