import { lower } from '../lists/capital'
import type { Trade } from '../scope/vocabulary'
import type { NewFact } from '../walk/observation'
import { inConfidence } from '../confidence/inConfidence'
import { wordsInText } from './learned/align'
import { plain, sentencesOf } from './clauses'
import { MATERIAL } from './lexicon'
import { linesLaid } from './linesLaid'
import { readAs } from './learned/forced'
import type { Narration, SpokenLine } from './line'
import { isSaidBy, sheetProposal } from './sheets/sheetFacts'
import { isReckoned, laysThe, workOfSheet } from './sheets/workOfSheet'
import type { SpokenSheet } from './sheets/sheetOf'
import { sheetsSaid, stretchesSaid, type Stretch } from './sheets/sheetsSaid'
import { tradesNamed } from './mentions'
import { engineerHolds } from './engineerHolds'
import { wholeAndParts } from './wholeAndParts'
import { asItReads, JUDGED } from './asItReads'
import { proposalOf, type Proposal, type Setting } from './spokenFacts'
import { unbroken } from './unbroken'
import type { Whole } from './wholes/whole'
import { AFTER_SHEETS, BEFORE_SHEETS } from './wholes/wholes'

/** Turns spoken lines into the facts they tell about a site: sheets of a register, goods and opinions where the words of a
 * sentence tell one as a whole, lines else. What fits nothing on record stays a note with its words. Where parts of one
 * line of work are said to stand differently, none of them is taken for the whole.
 * @param narration what was said, of which the lines were read */
export function proposalsOf(lines: readonly SpokenLine[], narration: Narration, setting: Setting): Proposal[] {
  const told = unbroken(fromTheirStart(byTheirDoer(lines, narration), narration), narration)
  const named = told.map((line, i) =>
    asItReads(whole(withSubject(line, told[i - 1], narration), told[i - 1]), narration.walk ?? 'progress'),
  )
  const read = wholeAndParts(
    named.map((line) => proposalOf(line, setting)),
    setting,
  )
  const once = onlyOnce(withWholes(read, told, narration, setting))
  return notesTogether(engineerHolds(once, narration, setting.newId), narration)
}

/** What of a sentence is only kept in its words is kept as it was said, once, not in pieces. */
function notesTogether(proposals: readonly Proposal[], { text }: Narration): Proposal[] {
  const sentences = sentencesOf(text)
  const at = new Map(
    wordsInText(
      text,
      proposals.map(({ line }) => line),
    ).map((one) => [one.line, one]),
  )
  const sentenceOf = ({ line }: Proposal): number =>
    sentences.findIndex(({ start, end }) => (at.get(line)?.start ?? -1) >= start && at.get(line)!.start < end)
  return proposals.reduce<Proposal[]>((told, one) => {
    const last = told.at(-1)
    const goesOn =
      last &&
      isKeptInWords(last) &&
      isKeptInWords(one) &&
      last.says === one.says &&
      (last.placeId ?? one.placeId) === one.placeId &&
      sentenceOf(last) >= 0 &&
      sentenceOf(last) === sentenceOf(one)
    if (!goesOn) return [...told, one]
    const words = text.slice(at.get(last.line)!.start, at.get(one.line)!.end)
    const line = { ...last.line, words }
    at.set(line, { line, start: at.get(last.line)!.start, end: at.get(one.line)!.end })
    const [fact] = last.facts as [NewFact & { readonly facet: 'noted' }]
    const { placeId } = one
    const note = { ...fact, placeId, value: { ...fact.value, text: words } }
    return [...told.slice(0, -1), { ...last, placeId, line, facts: [note] }]
  }, [])
}

/** 'The electrician was here and roughed in the island': what was done in a sentence that names one trade is that trade's. */
function byTheirDoer(lines: readonly SpokenLine[], narration: Narration): readonly SpokenLine[] {
  const doers = new Map<SpokenLine, Trade>()
  for (const { words, lines: its } of stretchesSaid(lines, narration)) {
    const [doer, other] = tradesNamed(plain(words)).filter((trade) => trade !== 'client' && trade !== 'inspector')
    if (doer && !other) for (const at of its) doers.set(lines[at]!, doer)
  }
  return lines.map((line) => {
    const doer = line.kind === 'progress' ? doers.get(line) : undefined
    return doer ? { ...line, doer } : line
  })
}

/** Work whose beginning was cut off has it back, where that turns its sense: 'You can't get a window in here', 'the boxes on
 * the wall are painted'. */
function fromTheirStart(lines: readonly SpokenLine[], narration: Narration): readonly SpokenLine[] {
  const { text } = narration
  const sentences = sentencesOf(text)
  const located = wordsInText(text, lines)
  if (located.length < lines.length) return lines
  return located.map(({ line, start, end }, i) => {
    if (line.kind !== 'work' && line.kind !== 'progress') return line
    const from = Math.max(
      located[i - 1]?.end ?? 0,
      sentences.find((one) => one.start <= start && start < one.end)?.start ?? 0,
    )
    const lead = text.slice(from, start).replace(/^\s+/, '')
    if (!TURNS.test(lead) || inConfidence(lead)) return line
    return readAs(line.kind, narration, text.slice(start - lead.length, end), line)
  })
}
const TURNS =
  /^[^.,;:!?]*\b(?:can(?:no|['’])t|cannot|couldn['’]t|won['’]t|don['’]t|doesn['’]t|never)\s+$|^(?:the |all |both |our |all the |\w+ )?[\w-]+s? (?:on|of|under|behind|over|beside) $/i

/** 'Floor is oak' and '24 square metres, herringbone' are one choice. */
const whole = (line: SpokenLine, before: SpokenLine | undefined): SpokenLine =>
  line.kind === 'selection' &&
  before &&
  /^(?:about )?\d/.test(line.words) &&
  /^[\w' ]{3,40}$/.test(before.words) &&
  MATERIAL.test(before.words.toLowerCase())
    ? { ...line, words: `${before.words}, ${line.words}` }
    : line

/** 'The bands stay and take the trim colour', 'was badly laid and has to be put right': to what, the half before says. */
function withSubject(line: SpokenLine, before: SpokenLine | undefined, narration: Narration): SpokenLine {
  if (!before || line.kind !== 'work' || before.place !== line.place) return line
  // 'If the subfloor is soft we replace it' hangs on what nobody knows yet.
  if (/^(?:if|unless)\b/i.test(before.words)) return { ...line, kind: 'note' }
  // 'The plumber wants to know where the towel rail goes' asks, to its end.
  if (before.kind === 'decide' && ASKS_ON.test(before.words) && line.words.split(' ').length <= 4)
    return { ...line, kind: 'note' }
  const subject = subjectOf(before.words)
  if (!subject || /^(?:if|when|once|unless)\b/i.test(subject)) return line
  if (JUDGED.test(line.words))
    return {
      ...line,
      words: line.words.replace(/\b(?:it|that|this|them)\b/i, `the ${lower(subject)}`.replace(/^the the /, 'the ')),
    }
  if (/\bits\b/i.test(line.words)) {
    const whose = `the ${lower(subject)}`.replace(/^the (the|our|their|all|both) /i, '$1 ')
    return { ...line, words: line.words.replace(/\bits\b/i, `${whose}’s`) }
  }
  // 'Two spindles are missing, both get replaced'.
  if (/^both (?=(?:get|are|need|have|must|come|go)\b)/i.test(line.words))
    return { ...line, words: line.words.replace(/^both/i, subject) }
  // 'Only their trim is renewed'.
  const [, only = '', part] = /^(only )?their (\w+)\b/i.exec(line.words) ?? []
  if (part && tradesNamed(part.toLowerCase()).length === 0) {
    const whose = `${only}the ${part} of the ${lower(subject)}`.replace(/of the (the|our|all|both) /i, 'of $1 ')
    return { ...line, words: line.words.replace(/^(?:only )?their \w+\b/i, whose) }
  }
  const [pronoun] = /\b(?:it|them)\b/i.exec(line.words) ?? []
  if (pronoun && HAS_TO_IT.test(line.words))
    return {
      ...line,
      words: line.words.replace(pronoun, `the ${lower(subject)}`.replace(/^the (the|our|their|all|both) /i, '$1 ')),
    }
  const goesOn = line.words.replace(
    /^(?:and )?(?:it|they|that) (?=(?:has|have|needs?|must|gets?|comes?|goes|is|are)\b)/i,
    '',
  )
  if (DONE_TO_IT.test(goesOn))
    return readAs('work', narration, `${subject} ${/[^s]s$/.test(subject) ? 'are' : 'is'} ${goesOn}`, line)
  if (!BARE.test(goesOn)) return line
  const words = `${subject} ${goesOn}`
  if (line.element) return { ...line, words }
  return readAs('work', narration, words, line)
}
const ASKS_ON = /\b(?:wants? to know|asks?|asked|has to know)\b/i
/** 'Plane it', 'we replace it', 'the electrician has to move them'. */
const HAS_TO_IT =
  /^(?:(?:we|they|i) )?\w+ (?:it|them)\b|^(?:the |our )?\w+ (?:has to|have to|must|should|needs? to|will|still has to) \w+ (?:it|them)\b/i
const BARE = /^(?:and )?(?:takes?|gets?|goes?|comes?|has to|have to|needs? to|must) /i
/** 'The baseboard is replaced and painted'. */
const DONE_TO_IT = /^(?:re-?)?(?:painted|stained|varnished|tiled|plastered|boarded|sealed|oiled)\b[^,]{0,20}$/i
/** What a half of a sentence is about: what stands before its verb, or all of it where it has none. */
const subjectOf = (words: string): string | undefined =>
  SUBJECT.exec(words)?.[1] ??
  // 'Rotten sill under the left window, three feet of it'.
  /^((?:[\w'’-]+ ){1,6}[\w'’-]+), (?:about |some )?(?:\d[\d.]*|one|two|three|four|five|six|seven|eight|nine|ten|half)\b[^,]* of it$/i.exec(
    words.trim(),
  )?.[1] ??
  (/^(?:[\w'’-]+ ){0,4}[\w'’-]+$/.test(words.trim()) && !/\b(?:is|are|was|were|has|have|went|came)\b/i.test(words)
    ? words.trim()
    : undefined)
const SUBJECT =
  /^(.+?) (?:sticks?|rubs?|leaks?|drips?|squeaks?|binds?|jams?|wobbles?|rattles?|sags?|stays?|remains?|is|are|was|were|gets?|comes?|goes?)\b(?: .*)?(?:\band)?$/i

/** 'Soffit and fascia stay' is one thing that stays, though it names two. */
const onlyOnce = (proposals: readonly Proposal[]): Proposal[] =>
  proposals.filter((one, i) => {
    const here = proposals.filter(({ placeId, line }) => placeId === one.placeId && line.kind === one.line.kind)
    if (one.line.kind === 'work' && here.some((other) => saysItBetter(other, one))) return false
    const before = proposals.slice(0, i).filter((other) => here.includes(other))
    return (
      !SAID_ONCE.includes(one.line.kind) ||
      !before.some(({ line, says }) => line.words === one.line.words && says === one.says)
    )
  })

/** 'Crown and base get replaced, 52 feet around' is one piece of work, by the figure that fits it; 'two coats, warm white'
 * tells all of 'two coats'. */
const saysItBetter = (other: Proposal, one: Proposal): boolean => {
  const [mine] = linesLaid(one.facts)
  const [its] = linesLaid(other.facts)
  return (
    mine !== undefined &&
    mine.stage === its?.stage &&
    (other.line.words.startsWith(`${one.line.words},`) ||
      (other.line.words === one.line.words && mine.rough && !its.rough))
  )
}
const SAID_ONCE: readonly SpokenLine['kind'][] = ['keep', 'exclude', 'found', 'decide', 'note', 'work']

/** Puts what a sentence tells as a whole where its first line stood, and takes out the lines that it says better. */
function withWholes(
  told: readonly Proposal[],
  read: readonly SpokenLine[],
  narration: Narration,
  setting: Setting,
): Proposal[] {
  const lines = [...told]
  const out = new Set<number>()
  const at = new Map<number, Proposal>()
  const following = new Map<number, readonly Proposal[]>()
  const put = (proposal: Proposal | null, first: number, replaced: readonly number[]): void => {
    if (!proposal) return
    for (const one of replaced) out.add(one)
    at.set(first, proposal)
  }
  const tell = (wholes: readonly Whole[]): void => {
    for (const said of stretchesSaid(read, narration)) {
      const [first] = said.lines
      if (at.has(first!) || said.lines.some((one) => out.has(one))) continue
      put(wholeOf(wholes, said, lines[first!]!, setting, narration), first!, said.lines)
    }
  }
  tell(BEFORE_SHEETS)
  for (const said of sheetsSaid(read, narration)) {
    if (said.lines.some((one) => out.has(one))) continue
    const replaced = said.lines.filter(
      (one) =>
        !isItsOwnWork(lines[one]!, said.sheet, setting) &&
        (isSaidBy(said.sheet, lines[one]!.line) || isBareNote(lines[one]!) || isGuess(lines[one]!)),
    )
    const [first] = said.lines
    const instead = replaced.map((one) => lines[one]!)
    const sheet = sheetProposal(said, instead, lines[first!]!, setting)
    put(sheet, first!, replaced)
    const others = [
      ...lines.filter((_, i) => !said.lines.includes(i) && !out.has(i)),
      ...[...following.values()].flat(),
    ]
    const work = sheet && workOfSheet(sheet, others, setting)
    const same = work ? said.lines.filter((one) => !out.has(one) && laysThe(work, lines[one]!)) : []
    // Its own sentence says the same work; what has figures says it better.
    if (work && (same.length === 0 || isReckoned(work))) {
      for (const one of same) out.add(one)
      following.set(first!, [...goneBefore([...instead, ...same.map((one) => lines[one]!)]), work])
    }
  }
  tell(AFTER_SHEETS)
  return lines.flatMap((line, i) => [
    ...(at.has(i) ? [at.get(i)!] : []),
    ...(following.get(i) ?? []),
    ...(out.has(i) ? [] : [line]),
  ])
}

/** What is taken away first, of lines whose new part a sheet says better: 'the siding is stripped and replaced, 10 metres by
 * 2.8'. */
const goneBefore = (lines: readonly Proposal[]): Proposal[] =>
  lines.flatMap((one) => {
    const facts = one.facts.filter(
      (fact) => fact.subject === 'line' && fact.facet === 'laid' && fact.value.action === 'remove',
    )
    const [gone] = linesLaid(facts)
    return gone && one.facts.length > facts.length ? [{ ...one, says: `Before it: ${lower(gone.title)}`, facts }] : []
  })

/** Where work is laid out, a sheet that lays none keeps beside it what its words tell to be done: 'the shower room is gutted and
 * tiled all over, 26 square metres'. */
const isItsOwnWork = ({ line, facts }: Proposal, { kind, instead }: SpokenSheet, { laysOut }: Setting): boolean =>
  laysOut === true && line.kind === 'work' && !kind.lays && !instead.includes('work') && linesLaid(facts).length > 0

/** Under this likelihood a line is no second fact of a sentence that fills a sheet. */
const GUESSED = 0.6
const isGuess = ({ line: { sure = 1 } }: Proposal): boolean => sure < GUESSED

/** Whether nothing came of a line but its words. */
const isKeptInWords = ({ facts }: Proposal): boolean =>
  facts.length === 1 && facts.every((fact) => fact.subject === 'note' && fact.facet === 'noted' && !fact.value.about)

/** The same of what may be read by others and is nobody's opinion: a sheet keeps it with what its sentence tells. */
const isBareNote = (one: Proposal): boolean =>
  isKeptInWords(one) &&
  one.facts.every(
    (fact) => fact.facet === 'noted' && fact.subject === 'note' && !fact.value.private && !fact.value.opinion,
  )

/** What a stretch tells as a whole, by the first way that fits. */
function wholeOf(
  wholes: readonly Whole[],
  { words, place: at }: Stretch,
  { line: first, placeId }: Proposal,
  setting: Setting,
  narration: Narration,
): Proposal | null {
  const place = setting.state.places.find(({ id }) => id === placeId) ?? null
  for (const whole of wholes) {
    const told = whole({ ...setting, words, first, place, narration })
    if (!told) continue
    const { kind, ...rest } = told
    return { line: { kind, words, ...(at ? { place: at } : {}) }, placeId, ...rest }
  }
  return null
}
