import { v7 as uuid } from 'uuid'
import { ValidationError } from 'yup'
import { minor, printMoney } from '../../core/measure/money'
import { lineFromWords } from '../../core/narration/lineFromWords'
import { effort } from '../../core/scope/layTreatment'
import { workWords } from '../../core/scope/workAmount'
import { STAGES, TRADES } from '../../core/scope/vocabulary'
import type { NewFact } from '../../core/walk/observation'
import { readRates } from '../../data/rates'
import type { Site } from '../../data/sites'
import { lineRows, newLine } from '../../schemas/newLine'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { recordFacts } from '../walk/recordFacts'

interface Read {
  readonly facts: readonly NewFact[]
  readonly lineId: string
  /** In a sentence, what was understood. */
  readonly says: string
}

/** Reads a line of work from a few words: its stage and trade follow from them, an extra has its price with it. */
function readLine(context: Context, site: Site, body: unknown): Read {
  const { placeId, text, extra, price, hours } = newLine.validateSync(body)
  const place = context.record(site).places.find(({ id }) => id === placeId)
  if (!place) throw new Refusal(400, 'Where: choose a place of this site.', 'placeId')
  const read = lineFromWords(text, place, {
    units: site.units,
    today: context.today,
    rates: readRates(context.db),
  })
  const lineId = uuid()
  const at = { subject: 'line' as const, subjectId: lineId, placeId }
  const value = { ...read, ...(extra ? { extra: true as const } : {}), ...(hours ? { hours: effort(1, hours) } : {}) }
  const amount = price === undefined ? null : minor(Math.round(price * 100))
  return {
    facts: [
      { ...at, facet: 'laid', value },
      ...(amount === null ? [] : [{ ...at, facet: 'price' as const, value: amount }]),
    ],
    lineId,
    says: `${place.name}: ${value.title}, ${STAGES[value.stage].toLowerCase()}, for the ${TRADES[value.trade].toLowerCase()}, ${workWords(value, site.units)}${amount === null ? '' : `, ${printMoney(amount)}`}.`,
  }
}

/** Adds a line of work from a few words.
 * @returns the line, and in a sentence what was understood */
export function addLine(context: Context, siteId: string, body: unknown): { lineId: string; says: string } {
  context.requireLead()
  const { facts, lineId, says } = readLine(context, context.site(siteId), body)
  recordFacts(context, siteId, { facts })
  return { lineId, says }
}

/** Adds lines from rows of a spreadsheet (what, hours, price), or tells first what they would add.
 * @throws Refusal naming the row that cannot be read; nothing is kept then */
export function addLineRows(context: Context, siteId: string, body: unknown): { says: string[]; kept: boolean } {
  context.requireLead()
  const site = context.site(siteId)
  const { rows, keep, placeId, extra } = lineRows.validateSync(body)
  const read = rows.map(([text = '', hours = '', price = ''], i) => {
    try {
      return readLine(context, site, { placeId, text, hours, extra, ...(extra ? { price } : {}) })
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      throw new Refusal(400, `Row ${i + 1}: ${error.message}`)
    }
  })
  if (keep) recordFacts(context, siteId, { facts: read.flatMap(({ facts }) => facts) })
  return { says: read.map(({ says }) => says), kept: keep }
}
