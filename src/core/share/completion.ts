import { entryWords } from '../entries/entryWords'
import { kindOf } from '../entries/entry'
import type { Units } from '../measure/length'
import { listed } from '../lists/listed'
import { hoursLeft, type Line } from '../scope/line'
import { isBought } from '../selections/selection'
import { coverGates, gateWords } from '../sequence/coverGate'
import type { Place, SiteState } from '../walk/siteState'

/** What is still open at one place before it can be handed over. */
export interface PlaceCompletion {
  readonly placeId: string | null
  readonly place: string
  readonly open: readonly { readonly sort: string; readonly words: string; readonly entryId: string | null }[]
}

const OPEN_KINDS = ['defect', 'return-part', 'order-error', 'inspection', 'moving-test'] as const
const SITE_KINDS = ['permit', 'engineer-value', 'licensed-task'] as const

/** What stands between a site and its close-out, place by place, what belongs to no place last; empty where it can be
 * handed over. */
export function completionOf(state: SiteState, units: Units): readonly PlaceCompletion[] {
  const placed = state.places.map((place) => ({
    placeId: place.id,
    place: place.name,
    open: openAt(place, state, units),
  }))
  const site = [...entriesOpen(state, null, [...OPEN_KINDS, ...SITE_KINDS], units), ...decisionsOpen(state, null)]
  return [...placed, { placeId: null, place: 'The whole site', open: site }].filter(({ open }) => open.length > 0)
}

type Open = PlaceCompletion['open'][number]

function openAt(place: Place, state: SiteState, units: Units): Open[] {
  const lines = state.lines.filter((line) => line.placeId === place.id && line.excluded === null && line.progress < 100)
  return [
    ...workOpen(lines),
    ...coverGates(place.id, state)
      .filter((gate) => !gate.open)
      .map((gate): Open => ({ sort: 'gate', words: gateWords(gate), entryId: null })),
    ...entriesOpen(state, place.id, [...OPEN_KINDS, ...SITE_KINDS], units),
    ...state.selections
      .filter((one) => one.placeId === place.id && one.state !== 'installed' && isBought(one))
      .map(({ what }): Open => ({ sort: 'selection', words: `${what}: not in yet`, entryId: null })),
    ...decisionsOpen(state, place.id),
    ...state.keeps
      .filter((keep) => keep.placeId === place.id && !keep.released)
      .map(({ text, until }): Open => ({
        sort: 'stays',
        words: `${text}: still there${until ? ` until ${until}` : ''}`,
        entryId: null,
      })),
  ]
}

/** Lines that are counted rather than named where there are more of them. */
const NAMED = 4

function workOpen(lines: readonly Line[]): Open[] {
  if (lines.length > NAMED) {
    const hours = Math.round(lines.reduce((sum, line) => sum + hoursLeft(line), 0))
    return [{ sort: 'work', words: `${lines.length} lines of work, ${hours} h`, entryId: null }]
  }
  return lines.map(({ title, progress }) => ({ sort: 'work', words: `${title}: ${progress} % done`, entryId: null }))
}

const entriesOpen = (state: SiteState, placeId: string | null, kinds: readonly string[], units: Units): Open[] =>
  state.entries
    .filter((entry) => entry.placeId === placeId && entry.settled === null && kinds.includes(entry.kind))
    .filter(({ kind, values }) => !(kind === 'inspection' && values.result === 'passed'))
    .map((entry): Open => {
      const { title, details, reckoned } = entryWords(entry, units, false)
      return {
        sort: kindOf(entry.kind).register.toLowerCase(),
        words: [[title, ...details].join(', '), ...reckoned.map((one) => one.replace(/\.$/, ''))].join('. '),
        entryId: entry.id,
      }
    })

const decisionsOpen = (state: SiteState, placeId: string | null): Open[] =>
  state.decisions
    .filter((one) => one.placeId === placeId && one.answer === null)
    .map(({ question }): Open => ({ sort: 'question', words: `${question} Not answered`, entryId: null }))

/** Whether a site can be closed out, in a sentence. */
export function closeOutWords(open: readonly PlaceCompletion[]): string {
  if (open.length === 0) return 'Nothing is open: it can be handed over.'
  const counts = new Map<string, number>()
  for (const { sort } of open.flatMap((place) => place.open)) counts.set(sort, (counts.get(sort) ?? 0) + 1)
  return `Not ready to be handed over. Open: ${listed([...counts].map(([sort, count]) => `${sort} (${count})`))}.`
}
