import { shortDay, type Day } from '../../calendar/day'
import { lower } from '../../lists/capital'
import { listed } from '../../lists/listed'
import type { Line, LineLaid } from '../../scope/line'
import type { LineKind } from '../../walk/lineKinds'
import type { NewFact } from '../../walk/observation'
import type { Place, SiteState } from '../../walk/siteState'
import { plain } from '../clauses'
import { readDate } from '../dates'
import type { Narration, SpokenLine } from '../line'
import type { Proposal, Setting } from '../spokenFacts'

/** A sentence as a whole, with what its first line was read as. */
export interface Told extends Setting {
  readonly words: string
  readonly first: SpokenLine
  /** Where it was said. */
  readonly place: Place | null
  readonly narration: Narration
}

/** What a sentence tells as a whole, better than its lines do. */
export interface ToldWhole extends Pick<Proposal, 'says' | 'facts' | 'takesBack' | 'toConfirm'> {
  readonly kind: LineKind
}

/** One way in which a sentence tells something as a whole; null where it does not. */
export type Whole = (told: Told) => ToldWhole | null

/** Words kept as a note. */
export const asNote = ({ words, place, newId }: Told, opinion = false): Proposal['facts'] => [
  {
    subject: 'note',
    facet: 'noted',
    subjectId: newId(),
    placeId: place?.id ?? null,
    value: { text: words, private: false, ...(opinion ? { opinion: true } : {}) },
  },
]

/** Open work of a site: what is in the scope and not done. */
export const openLines = ({ lines }: SiteState) => lines.filter((line) => line.excluded === null && line.progress < 100)

/** The day that a sentence tells. */
export const dayIn = ({ words, narration: { today } }: Pick<Told, 'words' | 'narration'>): Day | null =>
  readDate(plain(words), today)?.day ?? null

/** Lines of work by their titles, as a list begins a sentence. */
export const titlesOf = (lines: readonly Line[]): string =>
  listed(lines.map(({ title }, i) => (i === 0 ? title : lower(title))))

/** Lines of work that are so far. */
export const soFar = (lines: readonly Line[], percent: number): NewFact[] =>
  lines.map(({ id, placeId }) => ({
    subject: 'line',
    facet: 'progress',
    subjectId: id,
    placeId,
    value: percent,
  }))

/** Lines of work that begin no sooner than on a day that was said. */
export const beginning = (told: Pick<Told, 'words'>, lines: readonly Line[], day: Day): ToldWhole => ({
  kind: 'expect',
  says: `${titlesOf(lines)}: from ${shortDay(day)}`,
  facts: lines.map(({ id, placeId }) => begins(told, id, placeId, day)),
})

/** That work begins no sooner than on a day, as it was said. */
const begins = ({ words }: Pick<Told, 'words'>, subjectId: string, placeId: string, day: Day): NewFact => ({
  subject: 'line',
  facet: 'held',
  subjectId,
  placeId,
  value: { reason: words.replace(/[.!\s]+$/, ''), until: day, begins: true },
})

/** A line of work that nobody laid down yet. */
export const laidDown = (value: LineLaid, subjectId: string): NewFact => ({
  subject: 'line',
  facet: 'laid',
  subjectId,
  placeId: value.placeId,
  value,
})

/** The same, of work that begins on a day. */
export const laidFrom = (told: Told, value: LineLaid, day: Day): ToldWhole => {
  const id = told.newId()
  return {
    kind: 'work',
    says: `Work from ${shortDay(day)}: ${value.title}`,
    facts: [laidDown(value, id), begins(told, id, value.placeId, day)],
  }
}

/** That a line is held until something is so that stands in no line, in the words that told it. */
export const heldUntil = (subjectId: string, placeId: string, words: string): NewFact => ({
  subject: 'line',
  facet: 'held',
  subjectId,
  placeId,
  value: { reason: `${words}, as was said` },
})

/** That a line waits for others by name, beside what it waits for already. */
export function waiting(subjectId: string, placeId: string, ids: readonly string[], state: SiteState): NewFact[] {
  const known = state.lines.find(({ id }) => id === subjectId)?.waits ?? []
  const more = ids.filter((id) => !known.some((one) => one.for === id))
  const value = [...known, ...more.map((id) => ({ for: id }))]
  return more.length > 0 ? [{ subject: 'line', facet: 'waits', subjectId, placeId, value }] : []
}
