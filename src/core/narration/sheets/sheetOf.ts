import { addDays, daysBetween, type Day } from '../../calendar/day'
import { kindOf } from '../../entries/entry'
import type { EntryKind } from '../../entries/entryKind'
import { readValues, type Field, type Values } from '../../entries/field'
import { fieldsOf } from '../../entries/sums'
import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { capital } from '../../lists/capital'
import type { Units } from '../../measure/length'
import { readDate } from '../dates'
import type { LineKind, WalkKind } from '../line'
import { figuresIn, wordsOf } from './figures'
import { plain } from '../clauses'
import { isNear, placed } from './placing'
import type { Says } from './cue'
import { SAYS } from './says'

/** A sheet of a register as it was said. */
export interface SpokenSheet {
  readonly kind: EntryKind
  /** What was said of it, as one would type it: the fields that could be read. */
  readonly typed: Readonly<Record<string, string>>
  readonly values: Values
  /** What has to be told before it can be kept. */
  readonly lacks: readonly Field[]
  /** Whether everything that was said of it in figures found its field. */
  readonly sure: boolean
  /** The lines read of the same words that it takes the place of. */
  readonly instead: readonly LineKind[]
}

export interface Hearing {
  readonly units: Units
  readonly today: Day
  readonly walk?: WalkKind
}

/** The sheet that a sentence fills, or null where it tells of none. Of several the one that most of its figures fit.
 * @param sentence as it was said, private words left to the caller */
export function sheetOf(sentence: string, hearing: Hearing): SpokenSheet | null {
  const words = wordsOf(sentence)
  const norm = words.join(' ')
  // 'The drain is an inch too high' tells how far something is off, not how high it is.
  const isOff = IS_OFF.test(norm)
  const all = Object.entries(SAYS)
    .filter(
      ([, says]) =>
        says.cue.test(norm) &&
        (!isOff || says.instead?.includes('found')) &&
        !says.not?.test(norm) &&
        (!says.on || says.on === (hearing.walk ?? 'progress')),
    )
    .flatMap(([id, says]) => {
      const filled = fill(kindOf(id), says, sentence, words, hearing)
      return filled ? [filled] : []
    })
  return all.reduce<Filled | null>((best, one) => (best === null || one.fits > best.fits ? one : best), null)
}

const IS_OFF =
  /\b(?:inch|inches|eighths?|quarters?|half|mm|mil|cm|foot|feet|\d) (?:too (?:high|low|long|short|wide|narrow|deep|shallow|far|close|thick|thin|big|small)|(?:higher|lower|wider|narrower|longer|shorter|thicker|thinner) than)\b/

interface Filled extends SpokenSheet {
  readonly fits: number
}

function fill(
  kind: EntryKind,
  says: Says,
  sentence: string,
  words: readonly string[],
  hearing: Hearing,
): Filled | null {
  const norm = words.join(' ')
  const fields = fieldsOf(kind)
  const dated = says.day ? dayOf(norm, hearing.today) : null
  const head = /^([^,.:]{3,50}):/.exec(sentence)
  const from = head ? wordsOf(head[1]!).length + 1 : 0
  const dayWords = dated ? new Set(dated.words.split(' ')) : null
  const figures = figuresIn(words, hearing.units).filter(
    ({ start, end }) => start >= from && !(dayWords && words.slice(start, end).every((word) => dayWords.has(word))),
  )
  if (says.single && figures.filter((one) => one.counted && !isNear(says, words[one.end]!)).length > 1) return null
  const { typed, open, guessed } = placed(figures, words, fields, says, hearing.units)
  for (const [key, said] of Object.entries(says.tells ?? {})) {
    const told = said.exec(norm)?.slice(1).find(Boolean)
    if (told) typed[key] = asSaid(told.replaceAll(' ,', ',').trim(), sentence)
  }
  for (const [key, choices] of Object.entries(says.means ?? {})) {
    const meant = choices.find(([said]) => said.test(norm))?.[1]
    if (meant) typed[key] = meant
  }
  const told = Object.keys(says.tells ?? {}).map((key) => typed[key] ?? '')
  const unplaced = says.inWords
    ? 0
    : open.filter(({ start, end }) => !told.some((phrase) => phrase.includes(words.slice(start, end).join(' ')))).length
  if (dated && says.day) typed[says.day] = dated.day
  const [first] = fields
  if (first!.kind === 'words')
    typed[first!.key] = capital(typed[first!.key] ?? nameOf(undated(sentence, dated?.words), head?.[1], typed))
  else if (first!.kind === 'choice' && !typed[first!.key]) return null
  const spare = Math.max(0, unplaced - (says.then?.(typed, norm, hearing.units) ?? 0))
  const kept = readable(fields, typed, hearing.units)
  // A figure that its field cannot hold is asked: '2 by 10' on a site in metres.
  const left = spare + fields.filter(({ key }) => typed[key] && kept[key] === undefined).length
  if (says.least && !says.least.some((key) => kept[key] !== undefined)) return null
  const lacks = fields.filter((one) => one.needed && kept[one.key] === undefined)
  const values = lacks.length > 0 ? {} : readValues(fields, (key) => kept[key] ?? '', hearing.units)
  try {
    kind.check?.(values)
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
  const placedFigures = figures.length - left
  return {
    kind,
    typed: kept,
    values,
    lacks,
    sure: left === 0 && lacks.length === 0 && !guessed,
    instead: ['note', 'measure', 'expect', ...(says.instead ?? [])],
    fits: placedFigures * 4 - left * 2 + Object.keys(kept).length * 0.5 - lacks.length,
  }
}

/** A phrase of the plain words as it was said: 'pantry is right end' was 'pantry's right end'. */
function asSaid(phrase: string, sentence: string): string {
  if (sentence.toLowerCase().includes(phrase)) return phrase
  const said = sentence.split(' ')
  for (let from = 0; from < said.length; from++)
    for (let to = from + 1; to <= said.length; to++) {
      const part = said.slice(from, to).join(' ')
      if (plain(part) === plain(phrase)) return part.replace(/[.,;:]+$/, '')
    }
  return phrase
}

/** What is over: of a weekday or a date that was told without more the last one is meant. */
const OVER =
  /\b(?:poured|since|came|arrived|delivered|passed|happened|was|were|done|asked for|applied|sent in|went in)\b/

const HALF_A_YEAR = 182

function dayOf(norm: string, today: Day): { day: Day; words: string } | null {
  const read = readDate(norm.replaceAll(' ,', ''), today)
  if (!read || read.day <= today || !OVER.test(norm)) return read
  if (/^(?:on )?[a-z]+day$/.test(read.words)) return { ...read, day: addDays(read.day, -7) }
  if (/\b\d+(?:st|nd|rd|th)$/.test(read.words)) return { ...read, day: monthBefore(read.day) }
  return daysBetween(today, read.day) > HALF_A_YEAR
    ? { ...read, day: `${Number(read.day.slice(0, 4)) - 1}${read.day.slice(4)}` as Day }
    : read
}

/** The same day of the month before, or the last that it has. */
function monthBefore(day: Day): Day {
  const last = addDays(`${day.slice(0, 8)}01` as Day, -1)
  return Number(day.slice(8)) > Number(last.slice(8)) ? last : (`${last.slice(0, 8)}${day.slice(8)}` as Day)
}

/** A sentence without the day that was said in it. */
const undated = (sentence: string, day: string | undefined): string =>
  day
    ? sentence.replace(
        new RegExp(
          `\\s+(?:(?:on|by|until|till|from|at)\\s+)?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day\\s+)?${day.replaceAll(' ', '[\\s,]+')}`,
          'i',
        ),
        '',
      )
    : sentence

/** What was read field by field, without what could not be. */
function readable(
  fields: readonly Field[],
  typed: Readonly<Record<string, string>>,
  units: Units,
): Record<string, string> {
  const kept: Record<string, string> = {}
  for (const one of fields) {
    const said = typed[one.key]
    if (said === undefined || said === '') continue
    try {
      readValues([one], () => said, units)
      kept[one.key] = said
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
    }
  }
  return kept
}

/** What an entry is called: its heading where it was given one, or what was said before the first figure. */
function nameOf(sentence: string, head: string | undefined, typed: Readonly<Record<string, string>>): string {
  if (head) return capital(head.trim())
  const said = sentence
    .trim()
    .replace(/[.!?]+$/, '')
    .replace(LEADING, '')
    // What is said of it further is no part of its name.
    .replace(/[,;]\s+(?:and )?(?:they|it|which|that|this|we|keep)\b.*$/is, '')
    .replace(/\s+(?:stays?|goes|comes)\s.*$/is, '')
    .replace(/\s+(?:is|are|lies?|stands?) (?:in|on|at|behind|under) (?:the|our|their) .*$/is, '')
  if (Object.keys(typed).every((key) => !/\d/.test(typed[key]!))) return capital(short(said))
  const before = said
    .split(
      /[,;]|\s(?=\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty|thirty|forty|fifty|sixty|half|quarter|an inch|inch)\b)/,
    )[0]!
    .replace(/\s+(?:has|have|with) an? (?:base|pitch|rise|length|width|height)(?: of)?$/i, '')
    .replace(DANGLING, '')
    .replace(/['’]s$/, '')
    .trim()
  return capital(/\p{L}{3,}/u.test(before) && before.length >= 4 ? short(before) : short(said))
}
/** What leads in to a name. */
const LEADING =
  /^(?:(?:ok|so|and|now|right|then),? )*(?:(?:there(?:'s| is| are)|here(?:'s| is| are)|we(?:'ve| have)(?: got)?|i see) )?(?:an? (?=\w+ \w))?/i

/** What is left over at the end, when a sentence is cut before its first figure. */
const DANGLING =
  /(?:\s+(?:is|are|was|were|there's|there is|there are|it's|at|of|by|for|in|on|to|over|about|around|only|a|an|the|and|with|has|have|comes?|will be|gets?|left|laid out|sags?|sag|rotten|moved|doubled|saved|cut|lengthened|said|measures?|stands?|runs?|goes|be|being|gains?|loses?|grows?|becomes?))+$/i
const short = (words: string): string => (words.length > 90 ? `${words.slice(0, 87).trimEnd()}...` : words)
