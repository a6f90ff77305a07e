import { array, number, object, string } from 'yup'
import { isInstant, longDay, dayOf } from '../../core/calendar/day'
import type { Observation, SubjectKind } from '../../core/walk/observation'
import { insertObservations, readPlaceRemovals } from '../../data/observations'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { testsFor } from '../sites/testFacts'
import { checkedValue, factHead, uuidText } from './factSchemas'
import { refuseForCrew } from './crewLimits'
import { refuseMoney } from './moneyFacts'

const batch = object({
  observations: array(
    factHead.shape({
      id: uuidText.required(),
      walkId: uuidText.nullable().defined(),
      seenAt: string().test('instant', 'Observation: its time is not readable.', isInstant).required(),
      order: number().integer().min(0).max(Number.MAX_SAFE_INTEGER),
    }),
  )
    .max(1000, 'Send at most 1000 observations at once.')
    .required('Observations: none were sent.'),
})

export interface Receipt {
  /** Ids that are now safe on the server, whether new or already known. */
  readonly safe: readonly string[]
  readonly taken: number
  /** What could not be taken, each with the reason; the phone keeps these and shows them. */
  readonly refused: readonly { readonly id: string; readonly message: string }[]
  /** What the person should know, in sentences. */
  readonly notices: readonly string[]
}

/** Takes a phone's observations in: each once, in any order, all or none of the good ones, the bad ones named. */
export function receiveObservations(context: Context, siteId: string, body: unknown): Receipt {
  const site = context.site(siteId)
  const sent = batch.validateSync(body, { strict: false }).observations
  const receivedAt = context.now()
  const good: Observation[] = []
  const refused: { id: string; message: string }[] = []
  for (const one of sent) {
    try {
      good.push(observationOf(context, site, one, receivedAt))
    } catch (error) {
      if (!(error instanceof Error)) throw error
      refused.push({ id: one.id, message: error.message })
    }
  }
  const result = context.db.transaction(() => {
    const tests = testsFor(context, site, good)
    const taken = insertObservations(context.db, good, receivedAt)
    insertObservations(context.db, tests, receivedAt)
    return taken
  })()
  return {
    safe: good.map((o) => o.id),
    taken: result.taken,
    refused,
    notices: removedPlaceNotices(context, site.id, good),
  }
}

type Sent = ReturnType<typeof batch.validateSync>['observations'][number]

function observationOf(context: Context, site: Site, sent: Sent, receivedAt: string): Observation {
  const subject = sent.subject as SubjectKind
  const observation = {
    id: sent.id,
    siteId: site.id,
    walkId: sent.walkId,
    placeId: sent.placeId,
    subject,
    subjectId: sent.subjectId,
    facet: sent.facet,
    value: checkedValue(subject, sent.facet, sent.value, site.startsOn),
    by: context.person.name,
    // A phone whose clock runs ahead must not win over everything entered after it.
    seenAt: sent.seenAt > receivedAt ? receivedAt : sent.seenAt,
    order: context.order(sent.order ?? Math.min(Date.parse(sent.seenAt), Date.parse(receivedAt))),
  } as Observation
  refuseMoney(context, site.id, observation)
  refuseForCrew(context, site.id, observation)
  return observation
}

function removedPlaceNotices(context: Context, siteId: string, observations: readonly Observation[]): string[] {
  const places = new Set(observations.flatMap((o) => (o.placeId && o.subject !== 'place' ? [o.placeId] : [])))
  return readPlaceRemovals(context.db, siteId)
    .filter((removal) => places.has(removal.placeId))
    .map(
      (r) =>
        `${r.name} was taken off the site on ${longDay(dayOf(r.at))} by ${r.by}. What you saw there is kept; put the place back to see it.`,
    )
}
