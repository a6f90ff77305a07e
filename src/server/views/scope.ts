import { deskAmount } from '../../core/scope/lineAmount'
import { dateOnly, longDay, dayOf, justBefore } from '../../core/calendar/day'
import type { Units } from '../../core/measure/length'
import { printQuantity, shownQuantity } from '../../core/measure/quantity'
import { printSize } from '../../core/measure/size'
import { visitDays } from '../../core/schedule/planDiff'
import { visitFor } from '../../core/schedule/neededOn'
import { KEEP_FIELDS, REASON_FIELDS } from '../../core/entries/kinds/scope'
import { FINDING_FIELDS, PHOTO_FIELDS } from '../../core/entries/kinds/conditions'
import { gatherersOf, kindOf, valueWords } from '../../core/entries/entry'
import { entryWords } from '../../core/entries/entryWords'
import type { Standards } from '../../core/takeoff/standards'
import { readStandards } from '../../data/standards'
import { priceWords } from '../../core/reckoning/prices'
import { materialOf, selectionFor } from '../../core/reckoning/materials'
import { approvalWords, type Line } from '../../core/scope/line'
import { honestProgress } from '../../core/scope/progress'
import { TRADES } from '../../core/scope/vocabulary'
import { waitable, waitingFor, waitWords } from '../../core/walk/waits'
import { weaveOf } from '../../core/scope/weave'
import { coverGates, gateWords } from '../../core/sequence/coverGate'
import { cautionsAt } from '../../core/walk/cautionReads'
import { FACE_LAYERS, coveredTooSoon, faceLayers } from '../../core/scope/faceLayers'
import { groupBy } from '../../core/lists/groupBy'
import { outOfOrder } from '../../core/sequence/outOfOrder'
import { relationsFor } from '../../core/sequence/relations'
import { mattersAt } from '../../core/walk/mattersAt'
import { differences } from '../../core/walk/differences'
import { roomPlan } from '../../core/sketches/roomPieces'
import { seenWords } from '../../core/walk/mist'
import { VISIT_KINDS } from '../../core/walk/observation'
import { conditionWords } from '../../core/walk/siteConditions'
import { siteContradictions, toldSizes } from './siteContradictions'
import { finishDays } from '../../core/schedule/finishDays'
import { wallMovedWords } from '../../core/walk/movedWall'
import { placeName, type Place, type SiteState, type Walk } from '../../core/walk/siteState'
import { readDamagedPhotos } from '../../data/photos'
import { readPlan } from '../../data/plans'
import { change } from '../../core/takeoff/money/change'
import { figuresOf } from '../../core/takeoff/standards'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { recordUpTo } from '../siteStates'
import { readersOf } from '../../core/share/paper'
import type { ToldSize } from '../../core/walk/contradictions'
import { mistByPlace } from './sitePlaces'

/** The weave of a site with everything that its cells and rows open to. */
export function scopeView(context: Context, siteId: string, sinceWalkId?: string) {
  const site = context.site(siteId)
  const state = context.record(site)
  const stored = readPlan(context.db)
  const plan = stored?.plan ?? null
  const mist = mistByPlace(state, plan, context.today)
  const weave = weaveOf(
    state.places.map((place) => place.id),
    state.lines,
    state.eye,
  )
  const standards = readStandards(context.db, site.id)
  const withPieces = new Set(state.entries.filter((one) => one.kind === 'room-piece').map((one) => one.placeId))
  const gates = new Map(state.places.map((place) => [place.id, coverGates(place.id, state)]))
  const bought = { units: site.units, standards }
  // What work waits for may stand on another site.
  const known = state.lines.some(({ waits }) => waits.length > 0)
    ? [state, ...context.sites().flatMap((one) => (one.id === site.id ? [] : [context.record(one)]))]
    : [state]
  const relations = relationsFor(site.schools, site.ownRelations)
  const linesAt = groupBy(state.lines, (line) => line.placeId)
  const finish = plan && finishDays(plan, site.id, context.today)?.likely
  const sizes = toldSizes(context.db, site.id)
  return {
    site: { id: site.id, name: site.name, units: site.units },
    pricing: figuresOf(change, standards),
    person: context.person.name,
    today: context.today,
    percent: honestProgress(state.lines.filter((line) => line.trade !== 'inspector')) ?? 0,
    finish: finish ? longDay(finish) : null,
    stale: stored !== null && stored.revisions[site.id] !== site.revision,
    misty: [...mist.values()].filter((m) => m.misty).length,
    stages: weave.stages,
    rows: state.places.map((place, i) => {
      const its = mist.get(place.id)!
      return {
        placeId: place.id,
        name: place.name,
        futureName: place.futureName ?? null,
        formerNames: place.formerNames,
        kind: place.kind,
        level: place.level,
        levelStatus: levelStatus(state, place.level),
        size: place.size ? printSize({ ...place.size, sides: place.size.sides.slice(0, 2) }, site.units) : null,
        measured: place.size,
        earlierSizes: earlierSizes(sizes, place.id, site.units),
        wallMoved: place.wallMoved ? wallMovedWords(place.wallMoved) : null,
        seen: seenWords(its),
        misty: its.misty,
        clearness: its.clearness,
        matters: mattersAt(state, place.id),
        layers: layersOf(state, place, linesAt.get(place.id) ?? []),
        outOfOrder: outOfOrder(linesAt.get(place.id) ?? [], place.id, relations).map(({ words }) => words),
        drawn: withPieces.has(place.id) ? roomPlan(place, state.entries, site.units) : null,
        cells: weave.rows[i]!.cells.map((cell) => {
          const gate = gates.get(place.id)!.find((g) => g.stage === cell.stage && !g.open) ?? null
          const visit =
            plan && cell.percent !== null && cell.percent < 100 ? visitFor(plan, place.id, cell.stage) : null
          const failed = gate?.items.some((item) => item.failed) ?? false
          return {
            stage: cell.stage,
            percent: cell.percent,
            eye: cell.eye,
            held: cell.held ?? (gate && failed ? gateWords(gate) : null),
            excluded: cell.excluded,
            next: visit ? dateOnly(visit.startDay) : null,
            gate: gate ? { words: gateWords(gate), items: gate.items } : null,
            cautions: cautionsAt(state, place.id, cell.lines),
            lines: cell.lines.map((line) => ({
              id: line.id,
              title: line.title,
              trade: line.trade,
              tradeName: TRADES[line.trade],
              progress: line.progress,
              hours: line.hours,
              hoursRange: line.hoursRange,
              quantity: line.rough
                ? deskAmount(line, site.units)
                : line.quantity
                  ? printQuantity(line.quantity, site.units)
                  : '',
              amount: line.quantity
                ? { ...shownQuantity(line.quantity, site.units), unit: line.quantity.unit, value: line.quantity.value }
                : null,
              how: howReckoned(line, site.units),
              toBuy:
                line.progress < 100 && !line.excluded
                  ? (materialOf(line, { ...bought, place, selection: selectionFor(line, state.selections) })
                      ?.sentences ?? [])
                  : [],
              byHand: { quantity: line.quantity !== line.reckoned.quantity, hours: line.hours !== line.reckoned.hours },
              rough: line.rough,
              held: line.held,
              excluded: line.excluded,
              price: line.price,
              pricedFor: line.pricedFor,
              priceWords: priceWords(line, site.units),
              extra: line.extra ?? false,
              approval: line.approval ? approvalWords(line.approval) : null,
              responsible: line.responsible,
              partOf: line.partOf,
              waits: line.waits.map((wait) => ({ ...wait, words: waitWords(wait, known) })),
              followed: waitingFor(line.id, state).map(
                (other) => `${placeName(state, other.placeId)}: ${other.title.toLowerCase()}`,
              ),
              when: visit && visit.lineIds.includes(line.id) ? visitDays(visit) : null,
            })),
          }
        }),
      }
    }),
    contradictions: siteContradictions(context, site).map((one) => ({ ...one, place: placeName(state, one.placeId) })),
    walks: state.walks.map((walk) => ({ id: walk.id, title: walkTitle(walk) })).reverse(),
    since: changesSince(context, site, state, sinceWalkId),
    open: openMatters(state, site.units, context.seesMoney, readDamagedPhotos(context.db, site.id), standards),
    gatherers: gatherersOf(state.entries),
    waitable: waitable(state),
    otherSites: context.sites().flatMap(({ id, name }) => (id === site.id ? [] : [{ id, name }])),
  }
}

/** The one line that was last said of how a level stands. */
function levelStatus(state: SiteState, level: string): string | null {
  const there = new Set(state.places.filter((place) => place.level === level).map((place) => place.id))
  const said = state.entries.filter((entry) => entry.kind === 'level-status' && there.has(entry.placeId ?? ''))
  return said.length > 0 ? String(said.at(-1)!.values.status) : null
}

/** What a place was measured as before the size that stands, newest first. */
const earlierSizes = (told: readonly ToldSize[], placeId: string, units: Units): string[] =>
  told
    .flatMap(({ placeId: of, size, by, at }) =>
      of === placeId ? [`${printSize(size, units)} (${by}, ${dateOnly(dayOf(at))})`] : [],
    )
    .slice(0, -1)
    .reverse()

/** The sum behind a line's quantity and hours, in sentences. */
function howReckoned(line: Line, units: Units): string {
  const { quantity, reckoned } = line
  const sizes =
    !reckoned.quantity || line.how === 'one'
      ? 'Counted as one'
      : `${line.how} = ${printQuantity(reckoned.quantity, units)}`
  const set =
    quantity && quantity !== reckoned.quantity
      ? `Set by hand to ${printQuantity(quantity, units)}; the sizes gave: ${sizes}`
      : sizes
  const rate =
    line.hours === reckoned.hours ? 'at the firm’s rate' : `set by hand; the firm’s rate gives ${reckoned.hours} h`
  return `${set}. ${line.hours === 1 ? '1 hour' : `${line.hours} hours`} of one person’s work, ${rate}.`
}

const walkTitle = (walk: Walk): string => `${VISIT_KINDS[walk.kind]} of ${longDay(walk.day)} by ${walk.by}`

/** What changed since a walk, in sentences; since the last one where none is named. */
function changesSince(context: Context, site: Site, now: SiteState, walkId: string | undefined) {
  const walk = now.walks.find((one) => one.id === walkId) ?? now.walks.at(-1)
  if (!walk) return null
  const before = recordUpTo(context.reader, context.db, site, justBefore(walk.seenAt))
  return {
    walkId: walk.id,
    title: `Since the walk of ${longDay(dayOf(walk.seenAt))}`,
    conditions: walk.conditions ? conditionWords(walk.conditions) : null,
    changes: differences(before, now, site.units)
      .slice(0, 200)
      .map((d) => ({ ...d, place: placeName(now, d.placeId), tradeName: d.trade ? TRADES[d.trade] : null })),
  }
}

/** What is not settled at each place. */
function openMatters(
  state: SiteState,
  units: Units,
  seesMoney: boolean,
  damaged: ReadonlySet<string>,
  standards: Standards,
) {
  return {
    decisions: state.decisions
      .filter((d) => d.answer === null)
      .map((d) => ({
        id: d.id,
        placeId: d.placeId,
        place: placeName(state, d.placeId),
        text: d.question,
        owner: d.owner,
        by: d.by ? dateOnly(d.by) : null,
      })),
    decided: state.decisions
      .filter((d) => d.answer !== null)
      .map((d) => ({
        id: d.id,
        placeId: d.placeId,
        place: placeName(state, d.placeId),
        text: `${d.question} ${d.answer}`,
        why: valueWords(REASON_FIELDS.slice(1), d.reasons ?? undefined, units, seesMoney).join('. '),
      })),
    findings: state.findings
      .filter((f) => !f.settled)
      .map((f) => ({
        id: f.id,
        placeId: f.placeId,
        place: placeName(state, f.placeId),
        text: f.text,
        certain: f.certain,
        details: valueWords(FINDING_FIELDS, f.details, units, seesMoney).join('. '),
      })),
    keeps: state.keeps
      .filter((k) => !k.released)
      .map((k) => ({
        id: k.id,
        placeId: k.placeId,
        place: placeName(state, k.placeId),
        text: k.text,
        until: k.until ?? null,
        details: valueWords(KEEP_FIELDS, k.details, units, seesMoney).join('. '),
      })),
    entries: state.entries
      .filter((e) => e.settled === null)
      .map((e) => {
        const { title, details, reckoned } = entryWords(e, units, seesMoney, standards)
        return {
          id: e.id,
          placeId: e.placeId,
          place: placeName(state, e.placeId),
          text: title,
          register: kindOf(e.kind).register.toLowerCase(),
          says: reckoned.length > 0 ? reckoned : details.map((one) => `${one}.`),
        }
      }),
    notes: state.notes.map((n) => ({
      id: n.id,
      placeId: n.placeId,
      place: placeName(state, n.placeId),
      text: n.text,
      private: n.private,
      opinion: n.opinion ?? false,
      by: n.seenBy,
      on: dateOnly(dayOf(n.seenAt)),
    })),
    memos: state.memos.map((m) => ({
      hash: m.hash,
      placeId: m.placeId,
      place: placeName(state, m.placeId),
      text: `${m.seconds} seconds by ${m.seenBy}, ${dateOnly(dayOf(m.seenAt))}`,
      private: m.private,
      film: m.film ?? false,
    })),
    photos: state.photos.map((p) => ({
      id: p.id,
      shown: p.shown,
      hash: p.hash,
      placeId: p.placeId,
      place: placeName(state, p.placeId),
      caption: p.caption,
      on: dateOnly(dayOf(p.seenAt)),
      marks: p.marks,
      details: valueWords(PHOTO_FIELDS, p.details, units, seesMoney),
      sameSpotAs: p.sameSpotAs ?? null,
      sheet: p.sheet ?? null,
      damaged: damaged.has(p.hash),
    })),
    followed: readersOf(state, 'followers').length > 0,
    pins: state.pins.map(({ id, sheet, at, text }) => ({ id, sheet, at, text })),
  }
}

/** How far each layer of a face is, and what was covered too soon; null for anything else. */
function layersOf(state: SiteState, place: Place, lines: readonly Line[]) {
  if (place.kind !== 'face') return null
  const layers = faceLayers(
    lines,
    state.entries.filter((entry) => entry.placeId === place.id),
  )
  return {
    list: layers.map(({ layer, percent, words }) => ({ name: FACE_LAYERS[layer], percent, words })),
    warnings: coveredTooSoon(layers),
  }
}
