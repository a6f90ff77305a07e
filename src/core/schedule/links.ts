import { SLOTS_PER_DAY } from '../calendar/slots'
import { isSetBy, LEADS, MEASURED_AFTER } from '../scope/leads'
import type { Line } from '../scope/line'
import { linesBy } from '../scope/linesBy'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'
import { isUnordered, type Selection } from '../selections/selection'
import { COVERED_BY, type Relation } from '../sequence/relations'
import { linksAmong, type StageLink } from '../sequence/stageOrder'
import type { Place, SiteState } from '../walk/siteState'
import { opens } from './openings'
import type { Visit } from './visits'

/** One visit after another, with the half-days that are waited between them and why. */
export interface Link {
  readonly from: number
  readonly to: number
  readonly lag: number
  /** Half-days within which it has to follow, where a site says so. */
  readonly most?: number
  readonly words: string
  /** Where it gives way or makes others give way: what is usual in the trade, what was said by name. */
  readonly by?: 'usual' | 'name'
}

/** The links among one site's visits: stages in order at each place, inspections after what they inspect and before
 * what covers it, and the relations that hold for the whole site.
 * @param first the number of the first visit among those of all sites */
export function linksOf(
  visits: readonly Visit[],
  first: number,
  { places, lines, selections }: Pick<SiteState, 'places' | 'lines' | 'selections'>,
  relations: readonly Relation[],
): Link[] {
  const links = new Map<string, Link>()
  const add: AddLink = (from, to, waitDays, words, { mostDays, usual } = {}) => {
    if (from === to) return
    const key = `${from}>${to}`
    const known = links.get(key)
    const lag = waitDays * SLOTS_PER_DAY
    const most = mostDays === undefined ? known?.most : mostDays * SLOTS_PER_DAY
    const firm = !usual || (known !== undefined && known.by === undefined)
    if (!known || known.lag < lag || most !== known.most || (firm && known.by === 'usual'))
      links.set(key, {
        from: first + from,
        to: first + to,
        lag: Math.max(lag, known?.lag ?? 0),
        words: known && known.lag > lag ? known.words : words,
        ...(most === undefined ? {} : { most }),
        ...(firm ? {} : { by: 'usual' }),
      })
  }
  const looked = new Map(lines.flatMap(({ id, inspects }) => (inspects ? [[id, inspects] as const] : [])))
  /** Whether a visit looks at what a stage would cover. */
  const seenBefore = ({ lineIds }: Visit, stage: Stage): boolean =>
    lineIds.some((id) => looked.get(id)?.some((one) => COVERED_BY[one]?.includes(stage)))
  for (const place of places) {
    const here = visits
      .map((visit, index) => ({ visit, index }))
      .filter(({ visit }) => visit.placeIds.includes(place.id))
    const inspections = here.filter(({ visit }) => visit.inspects.length > 0)
    const work = here.filter(({ visit }) => visit.inspects.length === 0)
    const present = new Set(work.flatMap(({ visit }) => visit.stages))
    const stageLinks = linksAmong(present, relations)
    for (const link of stageLinks) addStageLink(link, work, place.name, seenBefore, add)
    addMadeToMeasure(
      selections.filter((one) => one.placeId === place.id),
      work,
      place.name,
      add,
    )
    addRemovals(work, lines, place, add)
    addComings(work, place.name, add)
    for (const inspection of inspections) addInspection(inspection, work, place.name, add)
  }
  addFaces(visits, lines, places, add)
  for (const relation of relations.filter((r) => r.scope === 'site')) {
    visits.forEach((from, i) => {
      if (!from.stages.includes(relation.before)) return
      visits.forEach(
        (to, j) =>
          to.stages.includes(relation.after) &&
          add(i, j, relation.waitDays ?? 0, relation.why, { mostDays: relation.mostDays, usual: !relation.guards }),
      )
    })
  }
  return [...links.values()]
}

/** What is done to other places before a face gets its last layer: the roof above it before its paint, and openings that are
 * cut from rooms before its insulation and render, which nobody patches unseen. Which face an opening is in nobody says: all of them wait. */
function addFaces(visits: readonly Visit[], lines: readonly Line[], places: readonly Place[], add: AddLink): void {
  const kinds = new Map(places.map(({ id, kind, level }) => [id, isBelowGround(level) ? 'below' : kind]))
  const has = (visit: Visit, kind: PlaceKind, stages: readonly Stage[]): boolean =>
    visit.inspects.length === 0 &&
    visit.stages.some((stage) => stages.includes(stage)) &&
    visit.placeIds.some((id) => kinds.get(id) === kind)
  const by = linesBy(lines)
  const isCut = (line: Line): boolean => line.excluded === null && opens(line, 'room') === 'cut'
  const cut = new Set(
    places.flatMap(({ id }) => {
      const here = by.place(id)
      return kinds.get(id) === 'room' && here.some(isCut) && here.some(isUnit) ? [id] : []
    }),
  )
  const opensWall = ({ lineIds }: Visit): boolean =>
    by.ids(lineIds).some((line) => cut.has(line.placeId) && (isUnit(line) || line.element === 'opening'))
  visits.forEach((to, j) => {
    const [paints, renders] = [has(to, 'face', ['paint']), has(to, 'face', ['insulation', 'plaster'])]
    if (!paints && !renders) return
    visits.forEach((from, i) => {
      if (paints && has(from, 'roof', ['roof']))
        add(i, j, 0, 'the roof is on before the face is painted', { usual: true })
      if (renders && opensWall(from))
        add(i, j, 0, 'openings are cut and set before the face gets its layers', { usual: true })
    })
  })
}

const isUnit = ({ stage }: Line): boolean => stage === 'windows-doors'
/** Its walls have earth before them. */
const isBelowGround = (level: string): boolean => /basement|cellar|below/i.test(level)

interface Placed {
  readonly visit: Visit
  readonly index: number
}
type AddLink = (
  from: number,
  to: number,
  waitDays: number,
  words: string,
  more?: { readonly mostDays?: number | undefined; readonly usual?: boolean },
) => void

function addStageLink(
  link: StageLink,
  work: readonly Placed[],
  place: string,
  seenBefore: (visit: Visit, stage: Stage) => boolean,
  add: AddLink,
): void {
  for (const from of work) {
    if (!from.visit.stages.includes(link.before)) continue
    for (const to of work) {
      // A pack (board and tape) is one visit: it neither waits for itself nor starts again in the middle.
      if (to.visit.stages.includes(link.after) && !to.visit.stages.includes(link.before))
        // A wait between stages is for what is made or dries: nobody waits so to measure.
        add(from.index, to.index, to.visit.measures ? 0 : link.waitDays, `${place}: ${link.why}`, {
          mostDays: link.mostDays,
          // Nothing that was said by name covers what somebody has to see first.
          usual: !link.guards && !seenBefore(from.visit, link.after),
        })
    }
  }
}

type ToMeasure = Pick<Selection, 'what' | 'lead' | 'leadDays' | 'neededFor' | 'state'>

/** Tops that nobody chose yet, where somebody comes to set them. */
const TOPS: ToMeasure = {
  what: 'Countertop',
  lead: 'countertop',
  leadDays: LEADS.countertop.days,
  neededFor: 'countertops',
  state: 'undecided',
}

/** What is made to measure goes in when there was time to make it after it could be measured. */
function addMadeToMeasure(chosen: readonly ToMeasure[], work: readonly Placed[], place: string, add: AddLink): void {
  const made = chosen.some(({ lead }) => lead === TOPS.lead) ? chosen : [...chosen, TOPS]
  for (const { what, lead, leadDays, neededFor, state } of made) {
    const after = MEASURED_AFTER[lead]
    if (!after || !isUnordered(state)) continue
    const theirs = work.filter(
      ({ visit: { stages, trade } }) =>
        stages.includes(neededFor) && isSetBy(lead, trade) && !stages.some((stage) => after.includes(stage)),
    )
    const ready = work.filter(({ visit }) => visit.stages.some((stage) => after.includes(stage)))
    const measuring = theirs.filter(({ visit }) => visit.measures)
    const setting = theirs.filter(({ visit }) => !visit.measures)
    const thing = what.toLowerCase()
    for (const from of ready)
      for (const to of measuring) add(from.index, to.index, 0, `${place}: ${thing} can be measured then`)
    for (const from of measuring.length > 0 ? measuring : ready)
      for (const to of setting) add(from.index, to.index, leadDays[2], `${place}: ${thing} is measured then, and made`)
  }
}

/** What goes comes out before another trade puts in what replaces it. */
function addRemovals(work: readonly Placed[], lines: readonly Line[], place: Place, add: AddLink): void {
  const removes = ({ visit }: Placed): boolean =>
    lines.every((line) => !visit.lineIds.includes(line.id) || line.placeId !== place.id || line.action === 'remove')
  const [out, rest] = [work.filter(removes), work.filter((one) => !removes(one))]
  for (const from of out) {
    for (const to of rest) {
      if (from.visit.stages.some((stage) => to.visit.stages.includes(stage)))
        add(from.index, to.index, 0, `${place.name}: what goes comes out first`)
    }
  }
}

/** A trade that comes more than once for a stage measures first, and comes in the order that was said. */
function addComings(work: readonly Placed[], place: string, add: AddLink): void {
  for (const from of work)
    for (const to of work)
      if (
        from.visit.trade === to.visit.trade &&
        from.visit.stages[0] === to.visit.stages[0] &&
        (from.visit.coming < to.visit.coming || (from.visit.measures && !to.visit.measures))
      )
        add(from.index, to.index, 0, `${place}: the first part comes first`)
}

function addInspection(inspection: Placed, work: readonly Placed[], place: string, add: AddLink): void {
  const covers = new Set(inspection.visit.inspects.flatMap((stage) => COVERED_BY[stage] ?? []))
  for (const other of work) {
    if (other.visit.stages.some((stage) => inspection.visit.inspects.includes(stage))) {
      add(other.index, inspection.index, 0, `${place}: the inspector sees finished work`)
    } else if (other.visit.stages.some((stage) => covers.has(stage))) {
      add(inspection.index, other.index, 0, `${place}: nothing is covered before it has passed`)
    }
  }
}
