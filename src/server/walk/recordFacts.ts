import { isDeepStrictEqual } from 'node:util'
import { array, mixed, object } from 'yup'
import type { NewFact, SubjectKind } from '../../core/walk/observation'
import { insertObservations, readValue } from '../../data/observations'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { checkedValue, factHead } from './factSchemas'
import { testsFor } from '../sites/testFacts'
import { factOf } from './factOf'
import { refuseForCrew } from './crewLimits'
import { refuseMoney } from './moneyFacts'
import { refuseCircle } from '../plan/refuseCircle'

const edits = object({
  facts: array(factHead.shape({ was: mixed().nullable().optional() }))
    .min(1)
    .max(200)
    .required('Nothing was sent.'),
})

/** Records facts entered at the desk. Where the sender says what the value was, a change made meanwhile refuses the form. */
export function recordFacts(context: Context, siteId: string, body: unknown): { recorded: number } {
  const site = context.site(siteId)
  const { facts } = edits.validateSync(body)
  const checked = facts.map((fact) => {
    const subject = fact.subject as SubjectKind
    const checked = { ...fact, subject, value: checkedValue(subject, fact.facet, fact.value, site.startsOn) }
    refuseMoney(context, site.id, checked as Parameters<typeof refuseMoney>[2])
    refuseForCrew(context, site.id, checked)
    return checked
  })
  const told = checked.map((fact) => factOf(context, site.id, fact))
  refuseCircle(context, site, told)
  context.db.transaction(() => {
    for (const fact of checked) {
      if (fact.was === undefined) continue
      const stands = readValue(context.db, site.id, fact.subject, fact.subjectId, fact.facet)
      if (stands !== undefined && !isDeepStrictEqual(stands, fact.was)) {
        throw new Refusal(
          409,
          'Somebody changed this meanwhile. Look at what stands there now and save again.',
          fact.facet,
        )
      }
    }
    insertObservations(context.db, [...told, ...testsFor(context, site, told)], context.now())
  })()
  return { recorded: checked.length }
}

/** Keeps facts that the use case made itself, all of them or none. */
export function keepFacts(context: Context, siteId: string, facts: readonly NewFact[]): void {
  const observations = facts.map((fact) => factOf(context, siteId, fact))
  const all = [...observations, ...testsFor(context, context.site(siteId), observations)]
  context.db.transaction(() => insertObservations(context.db, all, context.now()))()
}
