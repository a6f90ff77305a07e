import { shortDay } from '../calendar/day'
import { answersWords } from './answersWords'
import type { Units } from '../measure/length'
import { groupBy } from '../lists/groupBy'
import { printQuantity } from '../measure/quantity'
import { entryName, kindOf } from '../entries/entry'
import { excludedWords } from '../scope/line'
import { STAGES, type Stage, type Trade } from '../scope/vocabulary'
import { SELECTION_STATES } from '../selections/selection'
import { noteWords } from './noteWords'
import type { Size } from '../measure/size'
import { wallMovedWords } from './movedWall'
import type { Place, SiteState } from './siteState'

export interface Difference {
  readonly placeId: string | null
  readonly kind:
    | 'progress'
    | 'held'
    | 'released'
    | 'found'
    | 'selection'
    | 'decided'
    | 'scope'
    | 'kept'
    | 'asked'
    | 'note'
    | 'entry'
    | 'size'
  readonly text: string
  readonly detail: string
  /** Whose work changed, where it is a line's. */
  readonly trade?: Trade
  readonly private?: boolean
}

/** What changed from one state of a site to a later one, in sentences, place by place in walking order. */
export function differences(before: SiteState, after: SiteState, units: Units): Difference[] {
  const found = [
    ...placeDifferences(before, after),
    ...lineDifferences(before, after),
    ...quantityDifferences(before, after, units),
    ...selectionDifferences(before, after),
    ...entryDifferences(before, after),
  ]
  const order = new Map(after.places.map((place, i) => [place.id, i]))
  return found.sort((a, b) => (order.get(a.placeId ?? '') ?? 999) - (order.get(b.placeId ?? '') ?? 999))
}

function placeDifferences(before: SiteState, after: SiteState): Difference[] {
  const old = new Map(before.places.map((place) => [place.id, place]))
  return after.places.flatMap((place): Difference[] => {
    const was = old.get(place.id)
    const at = { placeId: place.id, kind: 'size' } as const
    if (!was) return [{ ...at, text: 'A new place', detail: place.size?.typed ?? 'not measured yet' }]
    const found: Difference[] = []
    if (was.name !== place.name) found.push({ ...at, text: `Now called ${place.name}`, detail: `was ${was.name}` })
    if (was.size?.typed !== place.size?.typed && place.size)
      found.push({
        ...at,
        text: `Size: ${place.size.typed}`,
        detail: was.size ? sizeBefore(was.size, place) : 'measured',
      })
    return found
  })
}

const sizeBefore = (was: Size, { wallMoved }: Place): string =>
  wallMoved ? wallMovedWords(wallMoved) : `was ${was.typed}`

function lineDifferences(before: SiteState, after: SiteState): Difference[] {
  const old = new Map(before.lines.map((line) => [line.id, line]))
  return after.lines.flatMap((line): Difference[] => {
    const was = old.get(line.id)
    const name = line.title
    const stage = STAGES[line.stage as Stage].toLowerCase()
    const at = { placeId: line.placeId, trade: line.trade }
    if (!was) return [{ ...at, kind: 'scope', text: `New: ${name}`, detail: line.extra ? 'an extra' : stage }]
    const changes: Difference[] = []
    if (was.progress !== line.progress) {
      const done = line.progress === 100 ? 'finished' : `${line.progress} per cent`
      changes.push({
        ...at,
        kind: 'progress',
        text: `${name}: ${done}`,
        detail: `was ${was.progress}, now ${line.progress}`,
      })
    }
    if (!was.held && line.held)
      changes.push({
        ...at,
        kind: 'held',
        text: line.held.begins ? `${name}: from ${shortDay(line.held.until!)}` : `${name} held`,
        detail: line.held.reason,
      })
    if (was.held && !line.held)
      changes.push({ ...at, kind: 'released', text: `${name} may go on`, detail: `was held: ${was.held.reason}` })
    if (!was.excluded && line.excluded)
      changes.push({ ...at, kind: 'scope', text: `${name} is out of the scope`, detail: excludedWords(line.excluded) })
    if (was.excluded && !line.excluded)
      changes.push({ ...at, kind: 'scope', text: `${name} is back in the scope`, detail: stage })
    return changes
  })
}

/** Amounts that follow a new measure or were set by hand: one sentence a place, the lines one by one behind it. */
function quantityDifferences(before: SiteState, after: SiteState, units: Units): Difference[] {
  const old = new Map(before.lines.map((line) => [line.id, line]))
  const changed = after.lines.flatMap((line) => {
    const was = old.get(line.id)
    if (!was?.quantity || !line.quantity) return []
    const [now, then] = [printQuantity(line.quantity, units), printQuantity(was.quantity, units)]
    return now === then ? [] : [{ was, line, words: `${line.title.toLowerCase()} ${now} instead of ${then}` }]
  })
  return [...groupBy(changed, ({ line }) => line.placeId)].map(([placeId, its]) => {
    const sum = (pick: (one: (typeof its)[number]) => number): string =>
      String(Number(its.reduce((all, one) => all + pick(one), 0).toFixed(1)))
    return {
      placeId,
      kind: 'size',
      text: `${its.length === 1 ? '1 quantity follows' : `${its.length} quantities follow`}: ${sum(({ line }) => line.hours)} hours of work instead of ${sum(({ was }) => was.hours)}`,
      detail: its.map(({ words }) => words).join('; '),
    }
  })
}

function selectionDifferences(before: SiteState, after: SiteState): Difference[] {
  const old = new Map(before.selections.map((selection) => [selection.id, selection]))
  return after.selections.flatMap((selection): Difference[] => {
    const was = old.get(selection.id)
    if (was && was.state === selection.state && was.choice === selection.choice && was.arrives === selection.arrives)
      return []
    if (!was)
      return [{ placeId: selection.placeId, kind: 'selection', text: `To choose: ${selection.what}`, detail: 'new' }]
    const state = SELECTION_STATES[selection.state].toLowerCase()
    return [
      {
        placeId: selection.placeId,
        kind: 'selection',
        text: `${selection.what}: ${state}`,
        detail: selection.choice ?? `was ${SELECTION_STATES[was.state].toLowerCase()}`,
      },
    ]
  })
}

function entryDifferences(before: SiteState, after: SiteState): Difference[] {
  const fresh = <T extends { readonly id: string }>(pick: (state: SiteState) => readonly T[]): T[] => {
    const known = new Set(pick(before).map((entry) => entry.id))
    return pick(after).filter((entry) => !known.has(entry.id))
  }
  const answeredBefore = new Set(before.decisions.filter((d) => d.answer !== null).map((d) => d.id))
  return [
    ...fresh((s) => s.findings).map((f): Difference => ({
      placeId: f.placeId,
      kind: 'found',
      text: `Found: ${f.text}`,
      detail: f.certain ? 'seen' : 'suspected',
    })),
    ...fresh((s) => s.keeps).map((k): Difference => ({
      placeId: k.placeId,
      kind: 'kept',
      text: `Stays: ${k.text}`,
      detail: k.until ? `until ${k.until}` : 'for good',
    })),
    ...fresh((s) => s.decisions).map((d): Difference => ({
      placeId: d.placeId,
      kind: 'asked',
      text: `To decide: ${d.question}`,
      detail: answersWords(d.owner),
    })),
    ...after.decisions
      .filter((d) => d.answer !== null && !answeredBefore.has(d.id))
      .map((d): Difference => ({
        placeId: d.placeId,
        kind: 'decided',
        text: `Decided: ${d.question}`,
        detail: d.answer!,
      })),
    ...fresh((s) => s.entries).map((e): Difference => ({
      placeId: e.placeId,
      kind: 'entry',
      text: entryName(e),
      detail: `new, ${kindOf(e.kind).register.toLowerCase()}`,
    })),
    ...after.entries
      .filter((e) => e.settled && !before.entries.some((old) => old.id === e.id && old.settled))
      .map((e): Difference => ({
        placeId: e.placeId,
        kind: 'entry',
        text: `${entryName(e)}: ${kindOf(e.kind).settle!.word.toLowerCase()}`,
        detail: e.settled!.result || kindOf(e.kind).register.toLowerCase(),
      })),
    ...fresh((s) => s.notes).map((n): Difference => ({
      placeId: n.placeId,
      kind: 'note',
      text: n.text,
      detail: noteWords(n),
      private: n.private,
    })),
  ]
}
