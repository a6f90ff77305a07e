import { problemOf } from '../../core/schedule/problem'
import type { Wait } from '../../core/scope/line'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { problemInput } from './planFirm'

interface Told {
  readonly subject: string
  readonly subjectId: string
  readonly facet: string
  readonly value: unknown
}

/** Refuses what would make work wait for each other, telling the circle: the plan could not keep it.
 * @param facts about lines of one site */
export function refuseCircle({ db, today }: Context, siteId: string, facts: readonly Told[]): void {
  const waits = new Map(
    facts.filter(({ subject, facet }) => subject === 'line' && facet === 'waits').map((one) => [one.subjectId, one]),
  )
  if (waits.size === 0) return
  const input = problemInput(db, today)
  const sites = input.sites.map((site) =>
    site.id === siteId
      ? {
          ...site,
          state: {
            ...site.state,
            lines: site.state.lines.map((line) =>
              waits.has(line.id) ? { ...line, waits: waits.get(line.id)!.value as readonly Wait[] } : line,
            ),
          },
        }
      : site,
  )
  const { refused, visits, nameOf } = problemOf({ ...input, sites })
  const [first] = refused.filter(({ link }) => visits[link.to]!.siteId === siteId)
  if (!first) return
  throw new Refusal(
    422,
    `These would wait for each other: ${first.circle.map(nameOf).join(', then ')}. Take one of the waits away first, or split one of them.`,
    'waits',
  )
}
