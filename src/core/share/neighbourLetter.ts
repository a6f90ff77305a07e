import { addDays, longDay, type Day } from '../calendar/day'
import { factLine, toldOfAll, type ToldFact } from '../entries/toldTo'
import { visitDays } from '../schedule/planDiff'
import { byStart } from '../schedule/tradeRun'
import type { PlannedVisit } from '../schedule/plan'
import { STAGES, type Stage } from '../scope/vocabulary'
import type { PlaceKind } from '../places/place'
import type { SiteState } from '../walk/siteState'

/** What a neighbour is told: days, noise and dust, what happens on their side, what they are asked for. Nothing about
 * money, the household, or who does the work. */
export interface NeighbourLetter {
  readonly from: string
  readonly until: string
  readonly noise: readonly string[]
  readonly dust: readonly string[]
  /** Work at the boundary, and what is reached only from their ground. */
  readonly side: readonly string[]
  /** Work on the other faces, the roof and the ground. */
  readonly outside: readonly string[]
  /** Leave to pass, parking, gates and animals. */
  readonly asked: readonly string[]
}

/** Stages that are heard next door, and those whose dust is seen there. General rules of the trade. */
const HEARD: readonly Stage[] = [
  'strip-out',
  'excavation',
  'concrete',
  'masonry',
  'structure',
  'shoring',
  'framing',
  'roof',
  'cladding',
]
const DUSTY: readonly Stage[] = ['strip-out', 'excavation', 'masonry', 'tape', 'plaster']
const AT_THE_SIDE: readonly PlaceKind[] = ['boundary', 'face', 'ground', 'roof']

/** What a stage is to somebody who hears it through a wall, where the trade's word says nothing to them. */
const NEXT_DOOR: Partial<Record<Stage, string>> = {
  tape: 'Sanding',
  masonry: 'Brickwork: joints are raked and filled',
  'strip-out': 'Taking out what is old',
  shoring: 'Temporary supports',
}

/** Whether a visit is heard, seen as dust or done at the side of those who live next door. */
export const isNextDoor = ({ stages }: Pick<PlannedVisit, 'stages'>, kinds: readonly PlaceKind[]): boolean =>
  stages.some((stage) => HEARD.includes(stage) || DUSTY.includes(stage)) ||
  kinds.some((kind) => AT_THE_SIDE.includes(kind))

/** The letter to the neighbours of a site for the days to come.
 * @param visits the plan of this site
 * @param days how far ahead it tells */
export function composeNeighbourLetter(
  state: SiteState,
  visits: readonly PlannedVisit[],
  today: Day,
  days: number,
): NeighbourLetter {
  const until = addDays(today, days)
  const soon = visits.filter(({ startDay }) => startDay <= until).sort(byStart)
  const kindOf = new Map(state.places.map(({ id, kind }) => [id, kind]))
  const nameOf = new Map(state.places.map(({ id, name }) => [id, name]))
  const told = (stages: readonly Stage[]): string[] => {
    const found = new Map<Stage, string[]>()
    for (const visit of soon)
      for (const stage of visit.stages)
        if (stages.includes(stage)) found.set(stage, [...(found.get(stage) ?? []), visitDays(visit)])
    return [...found].map(([stage, when]) => `${NEXT_DOOR[stage] ?? STAGES[stage]}: ${[...new Set(when)].join('; ')}`)
  }
  const heard = toldOfAll('neighbours', state.entries, { units: 'metric', today })
  const linesOf = (which: (fact: ToldFact) => boolean): string[] => heard.filter(which).map(factLine)
  const reached = new Set(heard.flatMap(({ group, placeId }) => (group === 'access' ? [] : [placeId])))
  const isTheirs = (id: string): boolean => kindOf.get(id) === 'boundary' || reached.has(id)
  const done = (where: (id: string) => boolean): string[] =>
    soon.flatMap((visit) =>
      visit.placeIds
        .filter(where)
        .map(
          (id) =>
            `${nameOf.get(id)}: ${visit.stages.map((stage) => STAGES[stage].toLowerCase()).join(' and ')}, ${visitDays(visit)}`,
        ),
    )
  return {
    from: longDay(today),
    until: longDay(until),
    noise: told(HEARD),
    dust: told(DUSTY),
    side: [...done(isTheirs), ...linesOf(({ group }) => group !== 'access')],
    outside: done((id) => !isTheirs(id) && AT_THE_SIDE.includes(kindOf.get(id)!)),
    asked: linesOf(({ group }) => group === 'access'),
  }
}
