import { SERVICE_ROOMS } from '../places/serviceRooms'
import type { Line } from '../scope/line'
import { stageNamed, type Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'
import { SERVICES, type Sense, type Service } from './sense'
import type { Visit } from './visits'

/** A service with the visits that take it away and bring it back, by their number on the site. */
export interface ServiceSpan {
  readonly siteId: string
  readonly what: string
  /** Days that it should be off at most, and whether somebody was promised that. */
  readonly most: number
  readonly promised: boolean
  readonly takes: readonly number[]
  readonly brings: readonly number[]
}

/** What households of a site are without for a while: what was promised, and the only kitchen and the only bathroom of a
 * house in which somebody lives. */
export function servicesOf(
  visits: readonly Visit[],
  site: {
    readonly id: string
    readonly livedIn: boolean
    readonly state: SiteState
    readonly sense: Pick<Sense, 'daysWithout'>
  },
): ServiceSpan[] {
  const promised = promisesOfService(visits, site)
  if (!site.livedIn) return promised
  const usual = (Object.keys(SERVICES) as Service[]).flatMap((service): ServiceSpan[] => {
    const place = onlyPlaceOf(service, site.state)
    if (!place || promised.some((one) => one.takes.some((i) => visits[i]!.placeIds.includes(place)))) return []
    const [takes, brings] = takenAndBrought(visits, site.state.lines, place, service)
    return takes.length === 0 || brings.length === 0
      ? []
      : [
          {
            siteId: site.id,
            what: SERVICES[service],
            most: site.sense.daysWithout[service],
            promised: false,
            takes,
            brings,
          },
        ]
  })
  return [...promised, ...usual]
}

function promisesOfService(
  visits: readonly Visit[],
  { id, state: { entries } }: { readonly id: string; readonly state: SiteState },
): ServiceSpan[] {
  return entries
    .filter(({ kind, settled }) => kind === 'without' && settled === null)
    .flatMap(({ placeId, values }): ServiceSpan[] => {
      const at = (stage: Stage | undefined): number[] =>
        visits.flatMap((visit, i) =>
          stage !== undefined &&
          visit.inspects.length === 0 &&
          visit.stages.includes(stage) &&
          visit.placeIds.includes(placeId ?? '')
            ? [i]
            : [],
        )
      const [takes, brings] = [at(stageNamed(values.takes)), at(stageNamed(values.brings))]
      return brings.length === 0
        ? []
        : [{ siteId: id, what: String(values.what), most: Number(values.most), promised: true, takes, brings }]
    })
}

const TAKES: Readonly<Record<Service, readonly string[]>> = {
  kitchen: ['kitchen sink', 'kitchen'],
  bathroom: ['bathroom', 'toilet'],
}
/** A room by its name that is none: the cupboard beside it, the wall of it. */
const BESIDE = /closet|cupboard|pantry|store/i

const takesAway = ({ outage, action }: Line, service: Service): boolean =>
  action === 'remove' && outage !== undefined && TAKES[service].includes(outage)

/** The place of a service where the house has but one of it, as far as is known. */
function onlyPlaceOf(service: Service, { places, lines }: SiteState): string | null {
  const its = places.filter(
    ({ id, name, kind }) =>
      lines.some((line) => line.placeId === id && takesAway(line, service)) ||
      (kind === 'room' && SERVICE_ROOMS[service].test(name) && !BESIDE.test(name)),
  )
  return its.length === 1 ? its[0]!.id : null
}

function takenAndBrought(
  visits: readonly Visit[],
  lines: readonly Line[],
  placeId: string,
  service: Service,
): [takes: number[], brings: number[]] {
  const byId = new Map(lines.map((line) => [line.id, line]))
  const doing = (does: (line: Line) => boolean): number[] =>
    visits.flatMap(({ lineIds, inspects }, i) =>
      inspects.length === 0 && lineIds.some((id) => byId.get(id)?.placeId === placeId && does(byId.get(id)!))
        ? [i]
        : [],
    )
  const connected = doing(({ stage, trade }) => stage === 'fixtures' && trade === 'plumber')
  return [
    doing((line) => takesAway(line, service)),
    connected.length > 0 ? connected : doing(({ stage }) => stage === 'fixtures'),
  ]
}
