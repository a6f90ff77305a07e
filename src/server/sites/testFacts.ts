import { v7 as uuid } from 'uuid'
import { DUSTY } from '../../core/sequence/relations'
import { testsBeforeDust } from '../../core/sequence/testsBeforeDust'
import type { Observation } from '../../core/walk/observation'
import type { SiteState } from '../../core/walk/siteState'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { siteSense } from '../plan/siteSense'
import { siteStateWith } from '../siteStates'
import { factOf } from '../walk/factOf'

/** In an old house the work of testing comes with the first work that makes dust. */
export function testFacts(
  context: Context,
  { id, built }: Pick<Site, 'id' | 'built'>,
  { lines, entries, places }: SiteState,
): Observation[] {
  const [place] = places
  const { testedBefore } = siteSense(context.db, id)
  const value = place ? testsBeforeDust(built, { lines, entries }, place.id, testedBefore) : null
  return value
    ? [factOf(context, id, { subject: 'line', subjectId: uuid(), facet: 'laid', placeId: value.placeId, value })]
    : []
}

/** The same of work that is told: on a walk, by speech, in a few words at the desk. Where work has begun the notice stands, and
 * what is told in the middle of it brings no visit before it. */
export function testsFor(context: Context, site: Site, told: readonly Observation[]): Observation[] {
  if (site.startsOn < context.today || !told.some(({ subject, facet }) => subject === 'line' && facet === 'laid'))
    return []
  const state = siteStateWith(context.db, site, told)
  return state.lines.some(({ stage, progress }) => DUSTY.includes(stage) && progress > 0)
    ? []
    : testFacts(context, site, state)
}
