import { entryKind } from '../entries/entryKinds'
import type { Hire } from '../entries/entryKind'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import type { RegisterEntry, SiteState } from '../walk/siteState'
import { isInspection, type Visit } from './visits'
import { isOutside } from './weather'

/** Something hired with the visits that it stands for, by their number on the site. */
export interface HireSpan {
  readonly siteId: string
  readonly entryId: string
  /** The visits that it comes before, that it goes after, and all that use it. */
  readonly takes: readonly number[]
  readonly brings: readonly number[]
  readonly uses: readonly number[]
}

type HiredSite = Pick<SiteState, 'entries' | 'places' | 'lines'>
type Used = Pick<Visit, 'stages' | 'placeIds' | 'trade'>

/** What an entry says of a hire that is not over; null where it tells of none. */
export const hireOf = ({ kind, values, settled }: Pick<RegisterEntry, 'kind' | 'values' | 'settled'>): Hire | null =>
  settled === null ? (entryKind(kind)?.hired?.(values) ?? null) : null

/** Whether a visit is done where something hired stands: at its place, where that has work of those stages, or anywhere on
 * the site. Whoever tells of a scaffold in the kitchen means the house. */
function standsAt(
  { placeId }: Pick<RegisterEntry, 'placeId'>,
  { from, until, outside }: Hire,
  { places, lines }: HiredSite,
): (done: Pick<Used, 'placeIds' | 'trade'>) => boolean {
  const kinds = new Map(places.map(({ id, kind }) => [id, kind]))
  const own = lines.some((line) => line.placeId === placeId && (line.stage === from || line.stage === until))
  const here = (id: string): boolean => (own ? id === placeId : !outside || isOutside([kinds.get(id)!]))
  return ({ placeIds, trade }) => !isInspection({ trade }) && placeIds.some(here)
}

/** Whether a stage lies from the one that something hired comes before to the one that it goes after. */
function isDuring({ from, until }: Hire, stage: Stage): boolean {
  const [one, other, order] = [from, until, stage].map((each) => BUILD_ORDER.indexOf(each)) as [number, number, number]
  return order >= Math.min(one, other) && order <= Math.max(one, other)
}

const isAloft = ({ kind }: SiteState['places'][number]): boolean => kind === 'face' || kind === 'roof'

/** Whether it is here already, though nobody told of its coming: work that it comes before has begun. */
const isUp = ({ from }: Hire, { lines }: HiredSite, stands: ReturnType<typeof standsAt>): boolean =>
  lines.some(
    ({ stage, progress, placeId, trade }) => stage === from && progress > 0 && stands({ placeIds: [placeId], trade }),
  )

/** All that is hired on a site, with what it stands for; what nothing needs any more is left out. */
export function hiresOf(
  visits: readonly Visit[],
  site: { readonly id: string; readonly state: HiredSite },
): HireSpan[] {
  return site.state.entries.flatMap((entry): HireSpan[] => {
    const hire = hireOf(entry)
    if (!hire) return []
    const stands = standsAt(entry, hire, site.state)
    const at = (does: (stage: Stage) => boolean): number[] =>
      visits.flatMap((visit, i) => (visit.stages.some(does) && stands(visit) ? [i] : []))
    const brings = at((stage) => stage === hire.until)
    const uses = at((stage) => isDuring(hire, stage))
    const takes = at((stage) => stage === hire.from)
    // Where nothing was laid down for its coming, it comes with the first work that uses it.
    const begun = hire.comes !== null || isUp(hire, site.state, stands)
    return brings.length === 0
      ? []
      : [{ siteId: site.id, entryId: entry.id, takes: takes.length > 0 || begun ? takes : uses, brings, uses }]
  })
}

/** What is hired and has to be there before a visit: who comes first with it, and of a scaffold everybody who works on a face
 * or a roof, since another face may have no work of the first stage. */
export const hiresBefore = (visit: Used, site: HiredSite): { readonly entry: RegisterEntry; readonly hire: Hire }[] =>
  site.entries.flatMap((entry) => {
    const hire = hireOf(entry)
    if (!hire) return []
    const stands = standsAt(entry, hire, site)
    const aloft = hire.outside && visit.placeIds.some((id) => site.places.some((one) => one.id === id && isAloft(one)))
    const needs = (stage: Stage): boolean => stage === hire.from || (aloft && isDuring(hire, stage))
    const waits = visit.stages.some(needs) && stands(visit) && (hire.comes !== null || !isUp(hire, site, stands))
    return waits ? [{ entry, hire }] : []
  })
