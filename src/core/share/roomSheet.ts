import { measuredAmount } from '../scope/lineAmount'
import { toldOfAll } from '../entries/toldTo'
import { boughtFor, materialTotals } from '../reckoning/materials'
import { roomPlan, type RoomPlan } from '../sketches/roomPieces'
import type { CautionId } from '../cautions/cautionIds'
import type { Units } from '../measure/length'
import { printSize } from '../measure/size'
import type { Plan } from '../schedule/plan'
import { BUILD_ORDER } from '../scope/vocabulary'
import { excludedWords } from '../scope/line'
import { coverGates } from '../sequence/coverGate'
import { SELECTION_STATES } from '../selections/selection'
import { wallMovedWords } from '../walk/movedWall'
import type { Place, SiteState } from '../walk/siteState'
import { decidedWords } from './clientScope'
import type { Catalogue } from './languages/catalogue'
import { ENGLISH } from './languages/english'
import type { Standards } from '../takeoff/standards'
import { amountIn, cautionIn, titleIn, visitDaysIn } from './languages/languages'
import type { PlacedFact } from './tradeNotice'

/** What hangs on the wall of a room for whoever works in it. No money, no private note. */
export interface RoomSheet {
  readonly place: string
  readonly size: string
  /** What it was before a wall of it moved, and why. */
  readonly wallMoved: string | null
  readonly work: readonly {
    readonly stage: string
    readonly trade: string
    readonly title: string
    readonly amount: string
    readonly progress: number
    readonly when: string
    readonly held: string | null
  }[]
  /** What is built to here, and what else was noted, an entry each; then what counts on the whole site. */
  readonly facts: readonly Omit<PlacedFact, 'place'>[]
  readonly wholeSite: readonly Omit<PlacedFact, 'place'>[]
  readonly beforeCover: readonly {
    readonly stage: string
    readonly items: readonly { readonly text: string; readonly done: boolean }[]
  }[]
  readonly selections: readonly { readonly what: string; readonly choice: string; readonly state: string }[]
  readonly stays: readonly string[]
  readonly out: readonly string[]
  readonly cautions: readonly string[]
  /** The room from above, where it is measured. */
  readonly drawn: RoomPlan | null
}

/** @param words the language that it is told in; what people typed stays as they typed it */
export function composeRoomSheet(
  place: Place,
  state: SiteState,
  plan: Plan,
  units: Units,
  words: Catalogue = ENGLISH,
  standards: Standards = {},
): RoomSheet {
  const told = toldOfAll('crew', state.entries, { units, standards })
  const here = told.filter(({ placeId }) => placeId === place.id)
  const lines = state.lines
    .filter((line) => line.placeId === place.id)
    .sort((a, b) => BUILD_ORDER.indexOf(a.stage) - BUILD_ORDER.indexOf(b.stage))
  const visitFor = new Map(plan.visits.flatMap((visit) => visit.lineIds.map((id) => [id, visit] as const)))
  const inScope = lines.filter((line) => line.excluded === null)
  return {
    place: place.name,
    drawn: roomPlan(place, state.entries, units),
    size: place.size ? amountIn(words, printSize(place.size, units)) : words.page.notMeasured,
    wallMoved: place.wallMoved ? wallMovedWords(place.wallMoved) : null,
    work: inScope.map((line) => {
      const visit = visitFor.get(line.id)
      return {
        stage: words.stages[line.stage],
        trade: words.trades[line.trade],
        title: titleIn(words, line.title),
        amount: amountIn(words, measuredAmount(line, units)),
        progress: line.progress,
        when: line.progress === 100 ? words.finished : visit ? visitDaysIn(words, visit) : words.page.notPlanned,
        held: line.held?.reason ?? null,
      }
    }),
    facts: [
      ...here.map(({ title, sentences }) => ({ title, sentences })),
      ...materialTotals(inScope, boughtFor(state), { units, standards }).map(({ sentence }) => ({
        title: '',
        sentences: [sentence],
      })),
      // What looks odd and was decided so is not put right by somebody who means well.
      ...state.decisions.flatMap(({ placeId, question, answer, reasons }) =>
        placeId === place.id && answer !== null
          ? [{ title: '', sentences: [decidedWords(question, answer, reasons ?? {})] }]
          : [],
      ),
    ],
    wholeSite: told.filter(({ placeId }) => placeId === null).map(({ title, sentences }) => ({ title, sentences })),
    beforeCover: coverGates(place.id, state).map((gate) => ({
      stage: words.stages[gate.stage],
      items: gate.items.map((item) => ({ text: titleIn(words, item.text), done: item.done })),
    })),
    selections: state.selections
      .filter((selection) => selection.placeId === place.id)
      .map((s) => ({
        what: titleIn(words, s.what),
        // What is ordered was chosen, whether or not somebody wrote down which.
        choice: s.choice ?? (s.state === 'undecided' ? words.page.notChosen : ''),
        state: titleIn(words, SELECTION_STATES[s.state]),
      })),
    stays: state.keeps
      .filter((k) => k.placeId === place.id && !k.released)
      .map((k) => `${k.text}${k.until ? `, until ${k.until}` : ''}`),
    out: lines.flatMap((line) =>
      line.excluded ? [`${titleIn(words, line.title)}: ${excludedWords(line.excluded)}`] : [],
    ),
    cautions: [
      ...new Set([
        ...here.flatMap(({ care }) => care),
        ...(inScope.filter((l) => l.progress < 100).flatMap((line) => line.cautions) as CautionId[]),
      ]),
    ].map((id) => cautionIn(words, id)),
  }
}
