import { problemOf } from '../../core/schedule/problem'
import type { Observation } from '../../core/walk/observation'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteStateWith } from '../siteStates'
import { problemInput, withState } from './planFirm'

/** Refuses what would make work wait for each other, telling the circle: the plan could not keep it. */
export function refuseCircle({ db, today }: Context, site: Site, told: readonly Observation[]): void {
  if (!told.some(({ subject, facet }) => subject === 'line' && facet === 'waits')) return
  const state = siteStateWith(db, site, told)
  const { refused, visits, nameOf } = problemOf(withState(problemInput(db, today), site.id, state))
  const first = refused.find(({ link }) => visits[link.to]!.siteId === site.id)
  if (!first) return
  throw new Refusal(
    422,
    `These would wait for each other: ${first.circle.map(nameOf).join(', then ')}. Take one of the waits away first, or split one of them.`,
    'waits',
  )
}
