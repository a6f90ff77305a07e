import { v7 as uuid } from 'uuid'
import type { NewFact, Observation, SubjectKind } from '../../core/walk/observation'
import type { Context } from '../context'

/** An observation made at the desk, now, by the person signed in. */
export function factOf(
  context: Pick<Context, 'person' | 'now' | 'order'>,
  siteId: string,
  fact: NewFact | { subject: SubjectKind; subjectId: string; facet: string; placeId: string | null; value: unknown },
): Observation {
  return {
    id: uuid(),
    siteId,
    walkId: null,
    placeId: fact.placeId,
    subject: fact.subject,
    subjectId: fact.subjectId,
    facet: fact.facet,
    value: fact.value,
    by: context.person.name,
    seenAt: context.now(),
    order: context.order(),
  } as Observation
}
