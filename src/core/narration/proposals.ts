import { capital } from '../lists/capital'
import type { NewFact } from '../walk/observation'
import { STRONG_OPINION } from '../walk/noteWords'
import type { Narration, SpokenLine } from './line'
import { editOf } from './spokenEdits'
import { proposalOf, type Proposal, type Setting } from './spokenFacts'
import { candidatesIn, leadIn, leadWords, neededFor, selectionLaid, selectionMeant } from './spokenGoods'
import { isSaidBy, sheetProposal } from './sheets/sheetFacts'
import { sheetsSaid, stretchesSaid, type Stretch } from './sheets/sheetsSaid'

/** Turns spoken lines into the facts they tell about a site: sheets of a register, goods and opinions where the words of a
 * sentence tell one as a whole, lines else. What fits nothing on record stays a note with its words. Where parts of one
 * line of work are said to stand differently, none of them is taken for the whole.
 * @param narration what was said, of which the lines were read */
export function proposalsOf(lines: readonly SpokenLine[], narration: Narration, setting: Setting): Proposal[] {
  const named = lines.map(withSubject)
  const read = wholeAndParts(named.map((line) => proposalOf(line, setting)))
  return onlyOnce(withWholes(read, named, narration, setting))
}

/** 'The bands stay and take the trim colour': what takes it was named in the half before. */
function withSubject(line: SpokenLine, i: number, lines: readonly SpokenLine[]): SpokenLine {
  const before = lines[i - 1]
  const bare = line.kind === 'work' && /^(?:takes?|gets?|goes?|comes?) /i.test(line.words)
  const subject = /^(.+?) (?:stays?|remains?|is|are|gets?|comes?|goes?) (?:.* )?and$/i.exec(before?.words ?? '')?.[1]
  return bare && subject && before?.place === line.place ? { ...line, words: `${subject} ${line.words}` } : line
}

/** 'Soffit and fascia stay' is one thing that stays, though it names two. */
const onlyOnce = (proposals: readonly Proposal[]): Proposal[] =>
  proposals.filter(
    ({ line, says, placeId }, i) =>
      !SAID_ONCE.includes(line.kind) ||
      !proposals
        .slice(0, i)
        .some((one) => one.line.words === line.words && one.says === says && one.placeId === placeId),
  )
const SAID_ONCE: readonly SpokenLine['kind'][] = ['keep', 'exclude', 'found', 'decide', 'note']

/** Puts what a sentence tells as a whole where its first line stood, and takes out the lines that it says better. */
function withWholes(
  lines: readonly Proposal[],
  read: readonly SpokenLine[],
  narration: Narration,
  setting: Setting,
): Proposal[] {
  const out = new Set<number>()
  const at = new Map<number, Proposal>()
  const put = (proposal: Proposal | null, first: number, replaced: readonly number[]): void => {
    if (!proposal) return
    for (const one of replaced) out.add(one)
    at.set(first, proposal)
  }
  for (const said of stretchesSaid(read, narration)) {
    const [first] = said.lines
    put(editProposal(said, lines[first!]!, setting), first!, said.lines)
  }
  for (const said of sheetsSaid(read, narration)) {
    if (said.lines.some((one) => out.has(one))) continue
    const replaced = said.lines.filter((one) => isSaidBy(said.sheet, lines[one]!.line))
    const [first] = said.lines
    const instead = replaced.map((one) => lines[one]!)
    put(sheetProposal(said, instead, lines[first!]!, setting), first!, replaced)
  }
  for (const said of stretchesSaid(read, narration)) {
    const [first] = said.lines
    if (said.lines.some((one) => out.has(one))) continue
    const whole = [opinionProposal, candidatesProposal, orderProposal]
    const told = whole.reduce<Proposal | null>((found, one) => found ?? one(said, lines[first!]!, setting), null)
    put(told, first!, said.lines)
  }
  return lines.flatMap((line, i) => [...(at.has(i) ? [at.get(i)!] : []), ...(out.has(i) ? [] : [line])])
}

/** 'Make that eight', 'scratch the last one': what changes what is there. */
function editProposal(
  { words, place: at }: Stretch,
  first: Proposal,
  { state, before, units }: Setting,
): Proposal | null {
  const place = state.places.find((one) => one.id === first.placeId)
  const edit = place ? editOf(words, { state, before: before ?? state, place, units }) : null
  return edit && { line: { kind: 'note', words, ...(at ? { place: at } : {}) }, placeId: first.placeId, ...edit }
}

/** 'I'd say most of it is sound': what somebody thinks, kept as that, whatever it sounds like. */
const opinionProposal = ({ words, place }: Stretch, first: Proposal, { newId }: Setting): Proposal | null =>
  STRONG_OPINION.test(words)
    ? {
        line: { kind: 'note', words, ...(place ? { place } : {}) },
        placeId: first.placeId,
        says: 'Opinion',
        facts: [
          {
            subject: 'note',
            facet: 'noted',
            subjectId: newId(),
            placeId: first.placeId,
            value: { text: words, private: false, opinion: true },
          },
        ],
      }
    : null

const MADE_TO_ORDER =
  /\b(?:(?:made|built|cut) to (?:order|measure|size)|custom(?: made)?|special order|bespoke|ordered in|factory order)\b/i

/** Something that is made for this place, with the time it takes: a selection that is chosen. */
function orderProposal({ words, place: at }: Stretch, first: Proposal, { state, newId }: Setting): Proposal | null {
  const lead = MADE_TO_ORDER.test(words) ? leadIn(words) : null
  const place = state.places.find((one) => one.id === first.placeId)
  if (!lead || !place) return null
  const line: SpokenLine = { ...first.line, words }
  const known = selectionMeant(line, place, state)
  const id = known?.id ?? newId()
  const what = known?.what ?? capital(line.element ?? 'to order')
  const on = { subject: 'selection' as const, subjectId: id, placeId: place.id }
  return {
    line: { kind: 'selection', words, ...(at ? { place: at } : {}) },
    placeId: place.id,
    says: `Chosen: ${what}, ${leadWords(lead)} from the order`,
    facts: [
      ...(known ? [] : [selectionLaid(id, place, what, neededFor(line))]),
      { ...on, facet: 'state', value: 'chosen' },
      { ...on, facet: 'choice', value: words },
      { ...on, facet: 'lead', value: lead },
    ],
  }
}

/** Two things that one selection may become, put side by side in it. */
function candidatesProposal(
  { words, place: at }: Stretch,
  first: Proposal,
  { state, newId }: Setting,
): Proposal | null {
  const candidates = candidatesIn(words)
  const place = state.places.find((one) => one.id === first.placeId)
  if (!candidates || !place) return null
  const known = selectionMeant({ ...first.line, words }, place, state)
  const id = known?.id ?? newId()
  const what = known?.what ?? candidates.map(({ name }, i) => (i === 0 ? name : name.toLowerCase())).join(' or ')
  return {
    line: { kind: 'selection', words, ...(at ? { place: at } : {}) },
    placeId: place.id,
    says: `To choose: ${candidates.map(({ name, leadDays }) => `${name}, ${leadWords(leadDays)}`).join(', or ')}`,
    facts: [
      ...(known ? [] : [selectionLaid(id, place, what, neededFor(first.line))]),
      { subject: 'selection', facet: 'candidates', subjectId: id, placeId: place.id, value: candidates },
    ],
  }
}

/** Where parts of one line of work are said to stand differently, none of them is taken for the whole. */
function wholeAndParts(proposals: readonly Proposal[]): Proposal[] {
  const shares = new Map<string, Set<number>>()
  for (const fact of proposals.flatMap(({ facts }) => facts))
    if (fact.subject === 'line' && fact.facet === 'progress')
      shares.set(fact.subjectId, (shares.get(fact.subjectId) ?? new Set()).add(fact.value))
  const torn = ({ subject, facet, subjectId }: NewFact): boolean =>
    subject === 'line' && facet === 'progress' && shares.get(subjectId)!.size > 1
  return proposals.map((one) =>
    one.facts.some(torn)
      ? {
          ...one,
          says: `${one.says.replace(/: \d+ per cent$/, '')}, in part`,
          facts: one.facts.filter((fact) => !torn(fact)),
        }
      : one,
  )
}
