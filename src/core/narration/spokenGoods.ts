import { shortDay } from '../calendar/day'
import { capital } from '../lists/capital'
import type { LeadKey } from '../scope/leads'
import type { Stage } from '../scope/vocabulary'
import { isUnordered, type Selection } from '../selections/selection'
import type { NewFact } from '../walk/observation'
import type { Place, SiteState } from '../walk/siteState'
import { plain } from './clauses'
import { readLeadEnds } from './dates'
import type { SpokenLine } from './line'
import { stageIn } from './mentions'
import { wordsOf } from './sheets/figures'

/** Calendar days at best, likely and at worst. */
export type LeadSaid = readonly [number, number, number]

/** A time that something takes, in calendar days: 'eight weeks', '35 to 49 days', 'ten working days' (two weeks).
 * @returns null where no time of a day or more is told */
export function leadIn(said: string): LeadSaid | null {
  const ends = readLeadEnds(plain(said))
  if (!ends) return null
  const [low, high] = [ends.low, ends.high].map((days) => Math.round(days * (ends.working ? 7 / 5 : 1))) as [
    number,
    number,
  ]
  return [low, Math.round((low + high) / 2), high]
}

const NUMBER_WORD = '(?:\\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fourteen|sixteen|twenty)'
const TWO_WAYS = new RegExp(
  `^(?:(?:it is|it's|that is|so|either|the|they have|we have|choice of|between) )*([a-z][a-z ]{1,30}?) ?,? (?:(?:in|at|is|takes?|needs?|for|about) )*(${NUMBER_WORD}) ?(days?|weeks?|months?)? ?,? (?:or|else|and) (?:the )?([a-z][a-z ]{1,30}?) ?,? (?:(?:in|at|is|takes?|needs?|for|about) )*(${NUMBER_WORD})(?: (days?|weeks?|months?))?\\b`,
)

/** Two things that one selection may become, each with its lead: 'slate eight weeks or brick three'. */
export function candidatesIn(said: string): { name: string; leadDays: LeadSaid }[] | null {
  const found = TWO_WAYS.exec(wordsOf(said).join(' '))
  if (!found) return null
  const [, one, oneLead, oneUnit, other, otherLead, otherUnit] = found
  const unit = oneUnit ?? otherUnit
  if (!unit) return null
  const leads = [leadIn(`${oneLead!} ${oneUnit ?? unit}`), leadIn(`${otherLead!} ${otherUnit ?? unit}`)]
  return leads[0] && leads[1]
    ? [
        { name: capital(one!.trim()), leadDays: leads[0] },
        { name: capital(other!.trim()), leadDays: leads[1] },
      ]
    : null
}

const LEAD_OF_STAGE: Partial<Record<Stage, LeadKey>> = {
  tile: 'stock-tile',
  flooring: 'stock-tile',
  cabinets: 'custom-cabinets',
  countertops: 'countertop',
  'windows-doors': 'stock-window',
  fixtures: 'stock-fixtures',
  railing: 'railing',
  paint: 'matched-paint',
  wires: 'lights',
  roof: 'special-roof',
}

/** What a line says is needed for. */
export const neededFor = ({ element }: Pick<SpokenLine, 'element'>): Stage =>
  stageIn('', element ?? null, false) ?? 'fixtures'

/** The fact that lays a selection down. */
export const selectionLaid = (id: string, place: Pick<Place, 'id'>, what: string, stage: Stage): NewFact => ({
  subject: 'selection',
  subjectId: id,
  placeId: place.id,
  facet: 'laid',
  value: { placeId: place.id, what, lead: LEAD_OF_STAGE[stage] ?? 'stock-goods', neededFor: stage },
})

/** The selection of a place that a line speaks of: the one whose words it shares, or the only open one of its stage. */
export function selectionMeant(line: SpokenLine, place: Pick<Place, 'id'>, state: SiteState): Selection | null {
  const here = state.selections.filter((one) => one.placeId === place.id)
  const said = new Set(stems(line.words))
  const named = here.filter((one) => stems(one.what).some((word) => said.has(word)))
  if (named.length === 1) return named[0]!
  const pool = named.length > 1 ? named : line.element ? here.filter((one) => one.neededFor === neededFor(line)) : []
  const open = pool.filter((one) => one.state !== 'arrived' && one.state !== 'installed')
  return open.length === 1 ? open[0]! : null
}

const stems = (words: string): string[] =>
  (words.toLowerCase().match(/\p{L}{3,}/gu) ?? [])
    .map((word) => word.replace(/s$/, ''))
    .filter((word) => word !== 'the')

/** What a line tells of goods that are to come: the day they arrive, or how long they take.
 * @returns null where no selection of the place is meant */
export function goodsToCome(
  line: SpokenLine,
  place: Pick<Place, 'id'>,
  state: SiteState,
): { says: string; facts: NewFact[] } | null {
  const meant = selectionMeant(line, place, state)
  if (!meant) return null
  const at = { subject: 'selection' as const, subjectId: meant.id, placeId: place.id }
  if (line.date && !isUnordered(meant.state))
    return {
      says: `${meant.what}: arrives ${shortDay(line.date)}`,
      facts: [{ ...at, facet: 'arrives', value: line.date }],
    }
  const lead = leadIn(line.words)
  return lead
    ? { says: `${meant.what}: ${leadWords(lead)} from the order`, facts: [{ ...at, facet: 'lead', value: lead }] }
    : null
}

/** `35 to 49 days`. */
export const leadWords = ([low, , high]: LeadSaid): string =>
  low === high ? `${low} ${low === 1 ? 'day' : 'days'}` : `${low} to ${high} days`
