import { shortDay, type Day } from '../calendar/day'
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
export const neededFor = ({ element, words = '' }: Partial<Pick<SpokenLine, 'element' | 'words'>>): Stage =>
  stageIn('', element ?? null, false) ?? goodsStage(plain(words)) ?? 'fixtures'

/** What goods are for, by what they are called. */
const goodsStage = (norm: string): Stage | null =>
  /\b(?:roof|roofing|slates?|shingles?|membrane)\b/.test(norm) ? 'roof' : stageIn(norm, null, false)

/** 'Three windows are replaced, made to order, eight weeks'. */
export const IS_REPLACED = /\b(?:is|are|gets?|will be) (?:all |both )?(?:replaced|renewed|swapped)\b/i

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

/** What is done to a thing on a day tells no arrival: 'the roof is stripped from Monday'. */
const WORKED_ON =
  /\b(?:stripped|torn off|taken (?:off|out|down|up)|cut|opened|closed|covered|laid|set|hung|fitted|installed|painted|lifted|removed|demolished)\b/i

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
  if (line.date && !isUnordered(meant.state) && !WORKED_ON.test(line.words))
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

const WANTED = /\b(?:wants?|wanted|needs?|needed|wished|must be here|has to be here|have to be here)\b/i

/** 'They want the veneer on Monday 5 October': the day on which goods that are to be chosen are wanted on site.
 * @returns null where no selection of the place is meant */
export function wantedOn(
  line: SpokenLine,
  date: Day | null,
  place: Pick<Place, 'id'>,
  state: SiteState,
): { says: string; facts: NewFact[] } | null {
  if (!date || !WANTED.test(line.words)) return null
  const open = state.selections.filter((one) => one.placeId === place.id && isUnordered(one.state))
  const toChoose = open.filter(({ candidates }) => candidates.length > 1)
  const meant = selectionMeant(line, place, state) ?? (toChoose.length === 1 ? toChoose[0]! : null)
  return meant
    ? {
        says: `${meant.what}: wanted on site ${shortDay(date)}`,
        facts: [{ subject: 'selection', facet: 'wanted', subjectId: meant.id, placeId: place.id, value: date }],
      }
    : null
}

const MAKER =
  /^(?:the |our )?([a-z][a-z ]{2,30}?) (?:makers?|suppliers?|shops?|works) (?:needs?|takes?|wants?) (.+?) (?:after|from|once (?:he|she|they) (?:has|have)) (?:the |that |our )?(.+?)(?: is (?:there|here|in|done|signed))?$/

/** 'The bracket maker needs ten working days after the drawing': something that is made once a question is answered.
 * @returns null where no open question of the site is meant */
export function madeAfter(
  words: string,
  place: Pick<Place, 'id'>,
  state: SiteState,
  newId: () => string,
): { says: string; facts: NewFact[] } | null {
  const found = MAKER.exec(wordsOf(words).join(' '))
  const lead = found && leadIn(found[2]!)
  if (!found || !lead) return null
  const said = stems(found[3]!)
  const open = state.decisions.filter(({ answer }) => answer === null)
  const awaited = [place.id, null].flatMap((at) =>
    open.filter(
      (one) => (at === null || one.placeId === at) && stems(one.question).some((stem) => said.includes(stem)),
    ),
  )[0]
  if (!awaited) return null
  const what = capital(found[1]!.endsWith('s') ? found[1]! : `${found[1]!}s`)
  const known = state.selections.find(
    (one) => one.placeId === place.id && stems(one.what).some((stem) => stems(what).includes(stem)),
  )
  const id = known?.id ?? newId()
  const stage = state.lines.find((line) => line.placeId === place.id && line.excluded === null && line.progress < 100)
  const on = { subject: 'selection' as const, subjectId: id, placeId: place.id }
  return {
    says: `${known?.what ?? what}: ${leadWords(lead)} from the answer to ‘${awaited.question}’`,
    facts: [
      ...(known ? [] : [selectionLaid(id, place, what, stage?.stage ?? 'fixtures')]),
      { ...on, facet: 'state', value: 'chosen' },
      { ...on, facet: 'lead', value: lead },
      { ...on, facet: 'awaits', value: awaited.id },
    ],
  }
}
