import { inConfidence } from '../../confidence/inConfidence'
import { byRules } from '../byRules'
import { plain, sentencesOf } from '../clauses'
import { onlyIfDone } from '../completion'
import type { LineKind, Narration, SpokenLine } from '../line'
import { isFiller, leadingPlace, placeNames } from '../placeNames'
import { Reader } from '../reader'
import { wordsInText } from './align'
import type { RuleLine } from './features'
import { lineOfKind } from './forced'
import { kindsOf, stretchesOf, type Stretch } from './marking'
import type { SpeechModel } from './model'
import { sureness } from './sureness'
import { runsOn, wordsOf, type Word } from './words'

/** Of two stretches, what they share of the longer, from which they are the same. */
const SAME = 0.6
/** Words outside of every line that are kept as a note from so many on. */
const WORTH_KEEPING = 3

/** Reads what was said as it was learned: where a fact begins and ends and which kind it is, by likelihood; what it tells
 * (things, numbers, days, people) by the rules. What the rules read in the same place as the same kind stands as they read
 * it. */
export function readLearned(narration: Narration, ruled: readonly SpokenLine[], model: SpeechModel): SpokenLine[] {
  const { text, places, walk } = narration
  const rules = wordsInText(text, ruled)
  const words = wordsOf(text)
  const sentences = sentencesOf(text)
  const dictated = runsOn(words)
  const stretches = stretchesOf(words, { places, walk, ruled: rules }, model)
  const parted = dictated ? leadingOnwards(stretches, words, places) : atHeadings(stretches, words, text)
  const found = judged(narration, words, rules, parted, model)
  const reader = new Reader(narration)
  const lines: SpokenLine[] = []
  let last = 0
  for (const [i, one] of found.entries()) {
    const { start, end, best, second, same, sure } = one
    // What leads a line without a stop is read with it: it may name the place.
    const lead = last + text.slice(last, start).search(/[^.,:;!?\n]*$/)
    lines.push(...between(narration, reader, last, lead))
    last = end
    const from = reader.lines.length
    reader.sentence(lead, end)
    const read = reader.lines.slice(from).map(({ line }) => line)
    const sentence = sentenceSpan(sentences, start)
    const doubted = !dictated && found.some((other) => within(other, sentence) && isDoubtful(other, rules))
    if (doubted) {
      // A sentence that is not surely parted stands as the rules read it, once.
      if (!found.slice(0, i).some((other) => within(other, sentence)))
        lines.push(...rules.filter((rule) => within(rule, sentence)).map(({ line }) => ({ ...line, sure })))
      continue
    }
    const secret =
      inConfidence(text.slice(start, end)) || read.some((line) => line.private) || isSecret(rules, sentence)
    const around = dictated
      ? text.slice(start, Math.max(end, found[i + 1]?.start ?? text.length)) +
        (one.words < ENOUGH_ALONE ? wordsAfter(text, end) : '')
      : clauseAround(text, [start, end], sentence)
    for (const line of linesFor(best.kind, narration, [start, end], read, same, lines.at(-1) ?? null, dictated))
      lines.push({
        ...onlyIfDone(line, around.split(',').map(plain), sentenceAt(text, sentence), narration.today),
        words: `${led(narration, text.slice(lead, start))}${text.slice(start, end)}`,
        ...(secret ? { private: true as const } : {}),
        sure,
        ...(second.likely > MAY_BE ? { or: [second.kind] } : {}),
      })
  }
  lines.push(...between(narration, reader, last, text.length))
  return lines
}

/** Words before a stretch that nothing else holds and that say what it is about: 'Pockets are (cut at both ends)'. */
function led({ places }: Narration, lead: string): string {
  const norm = plain(lead)
  const place = leadingPlace(norm, placeNames(places))
  const rest = place ? place.rest : norm
  const few = rest.split(' ').filter(Boolean).length
  return few === 0 || few >= WORTH_KEEPING || place || isFiller(rest) ? '' : lead.trimStart()
}

/** Under these likelihoods a sentence is rather read by the rules: in any case, where they read another kind, and where that
 * would be told as work that is done. */
const DOUBTFUL = 0.45
const CONTESTED = 0.65
const CONTESTED_DONE = 0.9

function isDoubtful({ start, end, best, same, sure }: Judged, rules: readonly RuleLine[]): boolean {
  if (sure < DOUBTFUL) return true
  const contested =
    same.length === 0 && rules.some((rule) => rule.start < end && rule.end > start && rule.line.kind !== 'note')
  return contested && sure < (best.kind === 'progress' ? CONTESTED_DONE : CONTESTED)
}

/** From this likelihood on another kind is offered. */
const MAY_BE = 0.05

/** A place named at the end of a stretch without a word that ties it there leads what comes: 'fill that bathroom tiles are
 * laid' is told in two places. */
function leadingOnwards(
  stretches: readonly Stretch[],
  words: readonly Word[],
  places: readonly string[],
): readonly Stretch[] {
  const names = places.map((place) => plain(place).split(' '))
  const led = [...stretches]
  for (let at = 0; at + 1 < led.length; at++) {
    const { from, to } = led[at]!
    if (led[at + 1]!.from !== to) continue
    const name = names.find(
      (one) =>
        to - from > one.length &&
        one.every((word, i) => words[to - one.length + i]!.text.toLowerCase() === word) &&
        !TIED.test(words[to - one.length - 1]!.text),
    )
    if (!name) continue
    led[at] = { ...led[at]!, to: to - name.length }
    led[at + 1] = { ...led[at + 1]!, from: to - name.length }
  }
  return led
}

/** What is begun anew by its heading is no part of what was said before: 'to the 30th of June. Extra: a towel rail'. */
const atHeadings = (stretches: readonly Stretch[], words: readonly Word[], text: string): readonly Stretch[] =>
  stretches.flatMap((stretch) => {
    const { from: first, to: last } = stretch
    const begins = words.flatMap(({ start }, i) =>
      i - first >= WORTH_KEEPING &&
      last - i >= WORTH_KEEPING &&
      /^[.!?]\s+\p{Lu}\p{L}+:/u.test(text.slice(words[i - 1]!.end, start + 20))
        ? [i]
        : [],
    )
    return [first, ...begins].map((from, i) => ({ ...stretch, from, to: begins[i] ?? last }))
  })

const TIED =
  /^(?:the|an?|in|of|to|for|from|at|on|by|into|this|our|their|both|all|and|or|over|under|behind|beside|old|new|main)$/i

interface Judged {
  readonly start: number
  readonly end: number
  readonly best: ReturnType<typeof kindsOf>[number]
  readonly second: ReturnType<typeof kindsOf>[number]
  /** What the rules read in the same place as the same kind. */
  readonly same: readonly RuleLine[]
  readonly sure: number
  /** How many words it has. */
  readonly words: number
}

/** Stretches with their kinds, one after another. */
function judged(
  narration: Narration,
  words: readonly Word[],
  rules: readonly RuleLine[],
  stretches: readonly Stretch[],
  model: SpeechModel,
): Judged[] {
  let before: LineKind | '^' = '^'
  const found: Judged[] = []
  for (const stretch of stretches) {
    const [start, end] = spanOf(stretch, words)
    const own = words.slice(stretch.from, stretch.to)
    const kinds = kindsOf(stretch, own, before, aloneKind(narration, start, end), narration.walk, model)
    const [best, second] = [kinds[0]!, kinds[1]!]
    const same = rules.filter((rule) => rule.line.kind === best.kind && sharesMost(rule, start, end))
    const sure = sureness({ whole: stretch.whole, likely: best.likely, ruled: same.length > 0 })
    const last = found.at(-1)
    // A word alone, and two that are nothing for sure, belong to what was said before them.
    if (last && own[0]!.gap === '' && (own.length === 1 || (own.length <= SCRAP && sure < UNSURE_SCRAP))) {
      found[found.length - 1] = { ...last, end }
      continue
    }
    before = best.kind
    found.push({ start, end, best, second, same, sure, words: own.length })
  }
  return found
}

/** So few words that are not this sure are no line of their own. */
const SCRAP = 2
const UNSURE_SCRAP = 0.7

interface Span {
  readonly start: number
  readonly end: number
}
const within = (one: Span, sentence: Span): boolean => one.start >= sentence.start && one.start < sentence.end

const spanOf = ({ from, to }: Stretch, words: readonly Word[]): readonly [number, number] => [
  words[from]!.start,
  words[to - 1]!.end,
]

const sharesMost = ({ start, end }: RuleLine, from: number, to: number): boolean =>
  Math.min(end, to) - Math.max(start, from) > SAME * Math.max(end - start, to - from)

/** The sentence of all that something begins in. */
const sentenceSpan = (sentences: readonly Span[], at: number): Span =>
  sentences.find(({ start, end }) => at >= start && at < end) ?? { start: at, end: at }

/** The sentence that something stands in, in plain words. */
function sentenceAt(text: string, { start, end }: Span): string {
  return plain(text.slice(start, end)) + (text[end] === '?' ? '?' : '')
}

/** Whether the rules took anything of the sentence for something told in confidence. */
function isSecret(rules: readonly RuleLine[], { start, end }: Span): boolean {
  return rules.some((rule) => rule.line.private && rule.start < end && rule.end > start)
}

/** From so many words on, what was dictated says by itself whether it is done. */
const ENOUGH_ALONE = 4
const wordsAfter = (text: string, end: number): string => /^(?:\s*\S+){0,5}/.exec(text.slice(end))![0]

/** The clause between stops that a line is part of: it says whether it is done. */
function clauseAround(text: string, [start, end]: readonly [number, number], sentence: Span): string {
  const before = text.slice(sentence.start, start)
  const after = text.slice(end, Math.max(sentence.end, end))
  return before.slice(before.lastIndexOf(',') + 1) + text.slice(start, end) + after.split(',')[0]!
}

/** The kind that the rules alone read in a stretch. */
const aloneKind = (narration: Narration, start: number, end: number): LineKind | '-' =>
  byRules({ ...narration, text: narration.text.slice(start, end), current: null })[0]?.kind ?? '-'

/** The lines of a stretch that is of one kind: as the rules read it among all that was said, as they read it now, or with
 * what they find in it for that kind. */
function linesFor(
  kind: LineKind,
  narration: Narration,
  [start, end]: readonly [number, number],
  read: readonly SpokenLine[],
  same: readonly RuleLine[],
  before: SpokenLine | null,
  dictated: boolean,
): SpokenLine[] {
  const places = [...new Set(read.map(({ place }) => place))]
  if (same.length > 0) {
    const lines = same.map(({ line }) => line)
    const [first] = lines as [SpokenLine]
    // Where nothing stops, where one is was read again, stretch by stretch.
    return dictated && places.length === 1 && lines.every(({ place }) => place === first.place)
      ? lines.map(({ place: _place, ...line }) => ({ ...line, ...(places[0] ? { place: places[0] } : {}) }))
      : lines
  }
  const mine = read.filter((line) => line.kind === kind)
  if (mine.length > 0) return mine
  const line = lineOfKind(kind, narration, narration.text.slice(start, end), before)
  return (places.length > 0 ? places : [undefined]).map((place) => ({ ...line, ...(place ? { place } : {}) }))
}

/** What stands between two lines: it may say where one is now, and what has content is kept as a note. */
function between({ text, places }: Narration, reader: Reader, start: number, end: number): SpokenLine[] {
  const names = placeNames(places)
  const notes: SpokenLine[] = []
  for (const part of sentencesOf(text.slice(start, end))) {
    const from = reader.lines.length
    reader.sentence(start + part.start, start + part.end)
    const read = reader.lines.slice(from).map(({ line }) => line)
    reader.lines.length = from
    const norm = plain(text.slice(start + part.start, start + part.end))
    const place = leadingPlace(norm, names)
    const rest = place ? place.rest : norm
    if (place?.alone || isFiller(rest) || rest.split(' ').filter(Boolean).length < WORTH_KEEPING) continue
    const at = read[0]?.place
    const secret = read.some((line) => line.private)
    notes.push({
      kind: 'note',
      words: text.slice(start + part.start, start + part.end).trim(),
      ...(at ? { place: at } : {}),
      ...(secret ? { private: true as const } : {}),
    })
  }
  return notes
}
