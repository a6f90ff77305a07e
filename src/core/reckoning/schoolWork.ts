import { lengthIn } from '../entries/field'
import { printQuantity, type Quantity } from '../measure/quantity'
import type { Units } from '../measure/length'
import { effort } from '../scope/layTreatment'
import { LEADS, type LeadKey } from '../scope/leads'
import type { Line } from '../scope/line'
import { RATES } from '../scope/rates'
import type { Stage } from '../scope/vocabulary'
import type { Selection } from '../selections/selection'
import { stageKey } from '../scope/weave'
import { schoolOrder } from '../sequence/relations'
import type { SchoolId, Schools } from '../sequence/schools'
import type { Place, SiteState } from '../walk/siteState'
import { capital } from '../lists/capital'

/** What one way of working does to the lines of a site that chose it. */
interface Effect {
  /** What follows, as a sentence. */
  readonly words: string
  readonly on: (line: Line, site: SiteState) => boolean
  readonly does:
    | { readonly leavesOut: true }
    /** Working hours, as a multiple. */
    | { readonly hours: number }
    /** Square metres less to buy and to do; 0 where it touches nothing there. */
    | { readonly less: (line: Line, site: SiteState) => number }
    /** Done with another stage. */
    | { readonly stage: Stage }
}

const LEFT_OUT = { leavesOut: true } as const
const stripsOut = (line: Line): boolean => line.stage === 'strip-out' && line.action === 'remove'
const puts = (line: Line): boolean => ['install', 'replace', 'cover', 'overlay'].includes(line.action)
const tearsOffSiding = (line: Line): boolean =>
  line.rate === 'strip-siding' || (line.element === 'sheathing' && line.stage === 'framing')
const soundFace = (line: Line, { findings }: SiteState): boolean =>
  !findings.some((one) => one.placeId === line.placeId && !one.settled)

/** A base cabinet with its top, front to back, in metres. Source: the trade's usual box of 24 in. */
const CABINET_DEPTH = 0.61
const underCabinets = (line: Line, { entries }: SiteState): number =>
  entries
    .filter(({ kind, placeId }) => kind === 'cabinet-fit' && placeId === line.placeId)
    .reduce((sum, { values }) => sum + (lengthIn(values, 'niche')?.tenths ?? 0) / 10_000, 0) * CABINET_DEPTH

const placeOf = (line: Line, { places }: SiteState): Place | undefined => places.find(({ id }) => id === line.placeId)
const isInside = (place: Place | undefined): boolean => place?.kind === 'room' || place?.kind === 'void'
const basementCover = (line: Line, site: SiteState): boolean =>
  (line.stage === 'board' || line.stage === 'tape' || line.stage === 'paint') &&
  line.basis === 'walls-and-ceiling' &&
  /\b(?:basement|cellar)\b/i.test(placeOf(line, site)?.level ?? '')
const ceilingArea = (line: Line, site: SiteState): number => {
  const [long, wide] = placeOf(line, site)?.size?.sides ?? []
  return long && wide ? (long.tenths * wide.tenths) / 1e8 : 0
}
const SUSPENDED: readonly Effect[] = [
  {
    words: 'of ceiling, which is suspended on this site',
    on: basementCover,
    does: { less: ceilingArea },
  },
]
const noBulkhead: readonly Effect[] = [
  {
    words: 'no bulkhead above the cabinets on this site',
    on: ({ title }) => /\bbulkhead/i.test(title),
    does: LEFT_OUT,
  },
]

/** What follows for lines of work, by question and way. Multiples of hours are guesses of the general trade, taken only
 * where a site chose the way itself; a line's own hours replace them. */
const EFFECTS: Partial<Record<SchoolId, Readonly<Record<string, readonly Effect[]>>>> = {
  oldSiding: {
    overlay: [{ words: 'old siding stays under the new on this site', on: tearsOffSiding, does: LEFT_OUT }],
    hybrid: [
      {
        words: 'nothing is found wrong with this face, so its old siding stays under the new',
        on: (line, site) => tearsOffSiding(line) && soundFace(line, site),
        does: LEFT_OUT,
      },
    ],
  },
  fascia: {
    overlay: [
      {
        words: 'the old fascia stays under the new on this site',
        on: (line) => line.element === 'fascia' && line.action === 'remove',
        does: LEFT_OUT,
      },
    ],
    leave: [
      { words: 'fascia is left as it is on this site', on: ({ element }) => element === 'fascia', does: LEFT_OUT },
    ],
  },
  soffit: {
    coat: [
      {
        words: 'soffits are coated on this site, not renewed',
        on: (line) => line.element === 'soffit' && (puts(line) || line.action === 'remove'),
        does: LEFT_OUT,
      },
    ],
    cover: [
      {
        words: 'the old soffit stays under the vented board on this site',
        on: (line) => line.element === 'soffit' && line.action === 'remove',
        does: LEFT_OUT,
      },
    ],
  },
  demolition: {
    hand: [{ words: 'stripped by hand on this site', on: stripsOut, does: { hours: 2.5 } }],
    'two-step': [{ words: 'a second crew for the cuts that show', on: stripsOut, does: { hours: 1.25 } }],
  },
  leaveLate: {
    keep: [
      {
        words: 'the old floor is kept until the new one is laid',
        on: (line) => stripsOut(line) && line.element === 'floor',
        does: { stage: 'flooring' },
      },
    ],
  },
  trimAndSiding: {
    'trim-first': [
      {
        words: 'trim of this face goes up before its siding, which is butted to it',
        on: (line, site) => line.stage === 'trim' && placeOf(line, site)?.kind === 'face',
        does: { stage: 'cladding' },
      },
    ],
  },
  doorTiming: {
    last: [
      {
        words: 'set last on this site, with a temporary leaf or cover until then',
        on: (line, site) => line.stage === 'windows-doors' && isInside(placeOf(line, site)),
        does: { stage: 'trim' },
      },
    ],
  },
  protection: {
    all: [
      { words: 'every opening is sealed on this site', on: ({ stage }) => stage === 'protect', does: { hours: 1.5 } },
    ],
  },
  floorAndCabinets: {
    'cabinets-first': [
      {
        words: 'under the cabinets, which are set first on this site',
        on: ({ stage }) => stage === 'flooring',
        does: { less: underCabinets },
      },
    ],
  },
  cabinetHeight: { open: noBulkhead, crown: noBulkhead },
  basementCeiling: { suspended: SUSPENDED, mixed: SUSPENDED },
  bearingWall: {
    shift: [
      {
        words: 'the wall is kept or shifted on this site, so no beam is set; what may move is the engineer’s word',
        on: ({ stage }) => stage === 'shoring' || stage === 'structure',
        does: LEFT_OUT,
      },
    ],
  },
  oldMaterial: {
    reuse: [{ words: 'taken out whole and looked over, to be used again', on: stripsOut, does: { hours: 1.5 } }],
  },
  plasterFinish: {
    'two-coats': [
      {
        words: 'two coats of plaster instead of filler on this site',
        on: ({ stage, rate }) => stage === 'tape' && rate === 'tape',
        does: { hours: RATES.plaster.hours / RATES.tape.hours },
      },
    ],
  },
  backfill: {
    line: [
      {
        words: 'the whole line is open at once on this site',
        on: ({ stage }) => stage === 'excavation' || stage === 'underground',
        does: { hours: 0.85 },
      },
    ],
  },
}

/** The lead that a beam has where the site chose what it is made of. */
const BEAM_LEADS: Readonly<Record<string, LeadKey>> = { steel: 'steel-beam', timber: 'laminated-beam' }

/** A site as its own ways of working have it: what they leave out is out of the scope with the reason, areas are less
 * what they do not need, hours and leads follow. What is begun stays, and so does what was set by hand. */
export function withSchools(state: SiteState, schools: Schools, units: Units): SiteState {
  const chosen = (Object.keys(schools) as SchoolId[]).flatMap((id) => EFFECTS[id]?.[schools[id]!.way] ?? [])
  const beam = BEAM_LEADS[schools.bearingWall?.way ?? '']
  if (chosen.length === 0 && !beam) return state
  const worked = (line: Line): Line =>
    chosen.filter(({ on }) => on(line, state)).reduce((now, effect) => applied(effect, now, units, state), line)
  const lines = state.lines.map((line) => (line.excluded || line.progress > 0 ? line : worked(line)))
  const later = new Map(
    state.lines.flatMap((line, i) =>
      lines[i]!.stage === line.stage || line.action === 'remove'
        ? []
        : [[stageKey(line.placeId, line.stage), lines[i]!.stage] as const],
    ),
  )
  const selections = state.selections.map((one): Selection => {
    const neededFor = later.get(stageKey(one.placeId, one.neededFor)) ?? one.neededFor
    return { ...(beam ? ofBeam(one, beam) : one), neededFor }
  })
  return { ...state, lines, selections }
}

function applied({ does, words }: Effect, line: Line, units: Units, site: SiteState): Line {
  if ('leavesOut' in does) return { ...line, excluded: { reason: words } }
  if ('stage' in does) {
    // What it looked at is no longer covered by what comes after it.
    const { inspects, ...rest } = line
    const looked = inspects && !inspects.includes(line.stage) ? { inspects } : {}
    return { ...rest, ...looked, stage: does.stage, how: said(line.how, words) }
  }
  const { quantity, hours } = line.reckoned
  if ('hours' in does) {
    const now = effort(hours, does.hours)
    const rounded = now === hours * does.hours ? '' : ', to the quarter hour'
    return {
      ...line,
      how: said(line.how, `${words}: ${hours} h × ${Math.round(does.hours * 100) / 100} = ${now} h${rounded}`),
      hours: line.hours === hours ? now : line.hours,
      reckoned: { quantity, hours: now },
    }
  }
  const less = does.less(line, site)
  if (!quantity || quantity.unit !== 'm2' || less <= 0 || less >= quantity.value) return line
  const rest: Quantity = { ...quantity, value: quantity.value - less }
  const restHours = effort(rest.value, hours / quantity.value)
  const printed = (value: number): string => printQuantity({ value, unit: 'm2' }, units)
  return {
    ...line,
    how: said(line.how, `${printed(quantity.value)} less ${printed(less)} ${words}`),
    quantity: line.quantity === quantity ? rest : line.quantity,
    hours: line.hours === hours ? restHours : line.hours,
    reckoned: { quantity: rest, hours: restHours },
  }
}

const said = (how: string, words: string): string => `${how ? `${how}; ` : ''}${words}`

/** A lead that somebody told stays. */
const ofBeam = (selection: Selection, lead: LeadKey): Selection =>
  Object.values(BEAM_LEADS).includes(selection.lead) && selection.leadDays === LEADS[selection.lead].days
    ? { ...selection, lead, leadDays: LEADS[lead].days }
    : selection

/** What a way of working does to quantities, hours and order, as sentences; none where it is a matter of how it is done. */
export function whatFollows(id: SchoolId, way: string): string[] {
  const waits =
    id === 'trips' && way === 'wait' ? ['the last visits to a place wait until all its parts are there'] : []
  const lead = id === 'bearingWall' && BEAM_LEADS[way] ? [`the beam is a ${LEADS[BEAM_LEADS[way]].words}`] : []
  const work = (EFFECTS[id]?.[way] ?? []).map(({ words, does }) =>
    'less' in does ? `less is bought: none ${words}` : words,
  )
  return [...schoolOrder(id, way), ...work, ...lead, ...waits].map((words) => `${capital(words)}.`)
}
