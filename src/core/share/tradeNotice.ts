import { measuredAmount } from '../scope/lineAmount'
import { dayOf } from '../calendar/day'
import type { CautionId } from '../cautions/cautionIds'
import { kindOf } from '../entries/entry'
import { siteTotals } from '../entries/totals'
import { boughtFor, materialTotals } from '../reckoning/materials'
import { factLine, toldTo, type Telltale, type ToldFact } from '../entries/toldTo'
import { listensAs } from '../entries/work'
import type { Units } from '../measure/length'
import { goodsOf } from '../schedule/holds'
import type { PlannedVisit } from '../schedule/plan'
import { linesOfVisit } from '../schedule/visits'
import { alongside } from '../schedule/tradeRun'
import { excludedWords } from '../scope/line'
import { stageProgress } from '../scope/progress'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import { coverGates } from '../sequence/coverGate'
import type { PaperPicture } from './sharedPhotos'
import type { Standards } from '../takeoff/standards'
import { placeName, type SiteState } from '../walk/siteState'
import type { Catalogue } from './languages/catalogue'
import { ENGLISH } from './languages/english'
import { amountIn, cautionIn, listedIn, shortDayIn, titleIn, visitDaysIn, visitTitleIn } from './languages/languages'

/** What a trade may read of one visit: when, where, how much, what is ready, what is not, what can hurt. No money. */
export interface TradeNotice {
  readonly title: string
  readonly when: string
  readonly places: string
  readonly work: readonly string[]
  /** What is not part of it, where they come: as plainly as what is. */
  readonly out: readonly string[]
  readonly ready: readonly string[]
  readonly notReady: readonly string[]
  /** Others who are at the same places then. */
  readonly others: readonly string[]
  /** What the record holds for their work and places, measured and noted. */
  readonly facts: readonly PlacedFact[]
  /** Gates, keys, parking, animals and hours, as they were written down, and how clean their places must be. */
  readonly access: readonly string[]
  /** What must be in before their work is closed, and who waits for it. */
  readonly leave: readonly string[]
  readonly cautions: readonly string[]
  /** Pictures of what is finished where they come, the newest first. */
  readonly photos: readonly PaperPicture[]
}

/** What one entry tells, and where. */
export interface PlacedFact {
  readonly place: string
  readonly title: string
  readonly sentences: readonly string[]
}

/** Most pictures of a notice: it is read on a telephone. */
const MOST_PHOTOS = 6

/** @param all the whole plan, to tell who else is there
 * @param words the language that it is told in; what people typed stays as they typed it */
export function composeTradeNotice(
  visit: PlannedVisit,
  all: readonly PlannedVisit[],
  state: SiteState,
  siteName: string,
  units: Units,
  words: Catalogue = ENGLISH,
  standards: Standards = {},
): TradeNotice {
  const lines = linesOfVisit(visit, state.lines)
  const told = toldToVisit(visit, state, { units, standards })
  const name = (id: string): string => state.places.find((place) => place.id === id)?.name ?? ''
  const ready: string[] = []
  const notReady: string[] = []
  for (const placeId of visit.placeIds) {
    const gates = coverGates(placeId, state).filter((gate) => visit.stages.includes(gate.stage))
    for (const gate of gates) {
      for (const item of gate.items) {
        if (item.done) continue
        notReady.push(
          `${name(placeId)}: ${titleIn(words, item.text).toLowerCase()}${item.failed ? `, ${item.failed}` : ''}`,
        )
      }
    }
    const stages = stagesAt(placeId, visit, all, state)
    if (stages.done.length > 0)
      ready.push(
        `${name(placeId)}: ${listedIn(
          words,
          stages.done.map((stage) => words.stages[stage].toLowerCase()),
        )}: ${words.finished}`,
      )
    for (const { stage, percent } of stages.open)
      notReady.push(`${name(placeId)}: ${words.stages[stage].toLowerCase()}, ${percent} %`)
    for (const selection of goodsOf(visit, placeId, state)) {
      const named = `${name(placeId)}: ${titleIn(words, selection.what).toLowerCase()}${selection.choice ? `, ${selection.choice}` : ''}`
      if (selection.state === 'arrived' || selection.state === 'installed') ready.push(`${named}, ${words.onSite}`)
      else notReady.push(`${named}, ${words.notOnSite}`)
    }
  }
  const cautions = [
    ...new Set([...lines.flatMap((line) => line.cautions), ...told.flatMap(({ care }) => care)]),
  ] as readonly CautionId[]
  const place = (id: string | null): string => (id ? name(id) : '')
  return {
    title: `${siteName}: ${visitTitleIn(words, visit).toLowerCase()}`,
    when: visitDaysIn(words, visit),
    places: listedIn(words, visit.placeIds.map(name)),
    work: lines.map(
      (line) =>
        `${name(line.placeId)}: ${[titleIn(words, line.title), amountIn(words, measuredAmount(line, units))].filter(Boolean).join(', ')}`,
    ),
    out: state.lines
      .filter(
        ({ placeId, stage, trade, excluded }) =>
          excluded !== null &&
          visit.placeIds.includes(placeId) &&
          (trade === visit.trade || visit.stages.includes(stage)),
      )
      .map((line) => `${name(line.placeId)}: ${titleIn(words, line.title)}, ${excludedWords(line.excluded!)}`),
    ready,
    notReady,
    others: alongside(visit, all).map(
      (other) =>
        `${words.trades[other.trade]}: ${listedIn(words, other.placeIds.map(name))}, ${visitDaysIn(words, other)}`,
    ),
    facts: [
      ...totalsOf(visit, state, { units, standards }),
      ...told
        .filter(({ group }) => group !== 'access')
        .map(({ placeId, title, sentences }) => ({ place: place(placeId), title, sentences })),
    ],
    access: told
      .filter(({ group }) => group === 'access')
      .map((fact) => [place(fact.placeId), factLine(fact)].filter(Boolean).join(': ')),
    leave: leftFor(visit, all, state, words),
    cautions: cautions.map((id) => cautionIn(words, id)),
    photos: photosOfReady(visit, state, words),
  }
}

/** Stages of a place by what this visit finds: those of which every line is done, and those that it waits for and that are
 * not, with how far they are. Its own work is neither. */
function stagesAt(
  placeId: string,
  { key, stages: own }: Pick<PlannedVisit, 'key' | 'stages'>,
  all: readonly PlannedVisit[],
  { lines }: Pick<SiteState, 'lines'>,
): { done: Stage[]; open: { stage: Stage; percent: number }[] } {
  const here = lines.filter((line) => line.placeId === placeId && line.excluded === null)
  const stages = BUILD_ORDER.filter((stage) => !own.includes(stage) && here.some((line) => line.stage === stage))
  const isDone = (stage: Stage): boolean =>
    here.filter((line) => line.stage === stage).every(({ progress }) => progress === 100)
  const waitedFor = all.filter(({ holds, placeIds }) => holds.includes(key) && placeIds.includes(placeId))
  return {
    done: stages.filter(isDone),
    open: stages
      .filter((stage) => !isDone(stage) && waitedFor.some((visit) => visit.stages.includes(stage)))
      .map((stage) => ({ stage, percent: stageProgress(lines, placeId, stage) ?? 0 })),
  }
}

/** What the places of a visit take together, of its own work: one order from it. */
function totalsOf(
  { stages, placeIds, lineIds }: PlannedVisit,
  state: SiteState,
  { units, standards = {} }: Telltale,
): PlacedFact[] {
  const lines = state.lines.filter(({ id }) => lineIds.includes(id))
  const bought = materialTotals(lines, boughtFor(state), { units, standards })
  const all = siteTotals(
    state.entries,
    units,
    standards,
    ({ kind, values, placeId }) =>
      placeId !== null && placeIds.includes(placeId) && listensAs(kindOf(kind), values, stages) === 'trade',
  ).filter(({ places }) => places > 1)
  const sentences = [...all, ...bought].map(({ sentence }) => sentence)
  return sentences.length > 0 ? [{ place: '', title: '', sentences }] : []
}

/** What a visit is told of the record: of its places and of the whole site, as who does the work or as who comes next on it. */
const toldToVisit = ({ stages, placeIds }: PlannedVisit, { entries }: SiteState, how: Telltale): ToldFact[] =>
  entries
    .filter(({ settled, placeId }) => settled === null && (placeId === null || placeIds.includes(placeId)))
    .flatMap((entry) => {
      const as = listensAs(kindOf(entry.kind), entry.values, stages)
      return (as && toldTo(as, entry, how)) ?? []
    })

function leftFor(
  { lineIds, placeIds, holds }: PlannedVisit,
  all: readonly PlannedVisit[],
  state: SiteState,
  words: Catalogue,
): string[] {
  const name = (id: string): string => placeName(state, id)
  const gates = placeIds.flatMap((placeId) =>
    coverGates(placeId, state)
      .filter(({ items }) => items.some(({ lineId }) => lineId !== null && lineIds.includes(lineId)))
      .flatMap(({ stage, items }) =>
        items
          .filter(({ kind, done }) => !done && (kind === 'photo' || kind === 'test'))
          .map(
            ({ text }) =>
              `${words.page.before} ${words.stages[stage].toLowerCase()}: ${name(placeId)}, ${titleIn(words, text).toLowerCase()}`,
          ),
      ),
  )
  const waiting = all
    .filter(({ key, placeIds: theirs }) => holds.includes(key) && theirs.some((id) => placeIds.includes(id)))
    // Who waits is theirs to know; on which days the others come is not.
    .map((next) => `${words.trades[next.trade]}: ${listedIn(words, next.placeIds.map(name))}`)
  return [...gates, ...waiting]
}

/** Photos of finished work at the places of a visit, and each place as it was seen last. What somebody wrote under them
 * stays with us. */
export function photosOfReady(
  { placeIds }: PlannedVisit,
  { lines, photos, places }: SiteState,
  words: Catalogue = ENGLISH,
): TradeNotice['photos'] {
  const finished = new Map(
    lines.filter(({ progress, excluded }) => progress === 100 && !excluded).map((line) => [line.id, line]),
  )
  const inOrder = photos
    .filter(({ placeId, sheet }) => placeId !== null && placeIds.includes(placeId) && !sheet)
    .sort((a, b) => (a.seenAt < b.seenAt ? 1 : -1))
  const last = placeIds.flatMap((id) => inOrder.find(({ placeId, about }) => placeId === id && !about) ?? [])
  return inOrder
    .filter((photo) => last.includes(photo) || finished.has(photo.about ?? ''))
    .slice(0, MOST_PHOTOS)
    .map(({ hash, about, placeId, seenAt }) => {
      const line = finished.get(about ?? '')
      const place = places.find(({ id }) => id === placeId)!.name
      const shows = line ? `${place}: ${words.stages[line.stage].toLowerCase()}` : place
      return { hash, words: `${shows}, ${shortDayIn(words, dayOf(seenAt))}` }
    })
}
