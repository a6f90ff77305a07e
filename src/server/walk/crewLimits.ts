import type { SubjectKind } from '../../core/walk/observation'
import { readObservation, readValue } from '../../data/observations'
import type { Context } from '../context'
import { Refusal } from '../refusal'

interface Told {
  readonly subject: SubjectKind
  readonly subjectId: string
  readonly facet: string
  readonly value: unknown
}

/** Refuses what is not for crew to say: that the client agreed, that a selection is approved, what the client decided, that a
 * place is gone; and to take back what somebody else recorded. */
export function refuseForCrew(context: Context, siteId: string, told: Told): void {
  if (context.person.role !== 'crew') return
  const why = whyNot(context, siteId, told)
  if (why) throw new Refusal(403, why)
}

function whyNot({ db, person }: Context, siteId: string, { subject, subjectId, facet, value }: Told): string | null {
  if (subject === 'line' && facet === 'approval')
    return 'What the client said to an extra is recorded by a lead or the owner. Tell them.'
  if (subject === 'selection' && facet === 'state' && value === 'approved')
    return 'A selection is approved by the client, and recorded by a lead or the owner. Tell them.'
  if (subject === 'decision' && facet === 'answered' && ownerOf(db, siteId, subjectId) === 'client')
    return 'What the client decided is recorded by a lead or the owner. Write a note, and tell them.'
  if (subject === 'place' && (facet === 'removed' || facet === 'mergedInto'))
    return 'Places are taken off a site by a lead or the owner. Write a note of what changed.'
  if (subject === 'photo' && facet === 'shown')
    return 'What is shown in public is chosen by a lead or the owner. Tell them which photo.'
  if (subject === 'fact') {
    const target = readObservation(db, siteId, subjectId)
    if (target && target.by !== person.name)
      return `${target.by} recorded that. Only they, a lead or the owner can take it back.`
  }
  return null
}

const ownerOf = (db: Context['db'], siteId: string, id: string): unknown =>
  (readValue(db, siteId, 'decision', id, 'asked') as { owner?: string } | undefined)?.owner
