import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseDay } from '../../core/calendar/day'
import { wordsInText } from '../../core/narration/learned/align'
import type { RuleLine } from '../../core/narration/learned/features'
import { LINE_KINDS } from '../../core/narration/learned/model'
import type { LineKind, Narration, SpokenLine } from '../../core/narration/line'
import { narrate } from '../../core/narration/narrate'

/** Something that was said, with its lines as they should be read. */
export interface Example {
  readonly narration: Narration
  readonly lines: readonly SpokenLine[]
  /** The lines that have words of their own, with where those stand. */
  readonly told: readonly RuleLine[]
  /** Who speaks: scores are told by voice. */
  readonly voice: string
  readonly weight: number
}

const TODAY = parseDay('2026-03-10')
/** How much a sentence counts whose lines are only known to be of the right kinds. */
const READ_BY_RULES = 0.3

const read = (root: string, ...path: string[]): string[] => readFileSync(join(root, ...path), 'utf8').split('\n')

const example = (narration: Narration, lines: readonly SpokenLine[], voice: string, weight = 1): Example => ({
  narration,
  lines,
  told: onePerStretch(wordsInText(narration.text, lines)),
  voice,
  weight,
})

/** Lines that share their words ('toilet and vanity come out') are one stretch. */
const onePerStretch = (lines: readonly RuleLine[]): RuleLine[] => [
  ...new Map(lines.map((line) => [`${line.start}:${line.end}`, line])).values(),
]

/** Paragraphs with every field of their lines. */
export const labelledParagraphs = (root: string): Example[] =>
  read(root, 'training', 'paragraphs.jsonl')
    .filter((row) => row !== '')
    .map((row) => {
      const { text, places, current, units, today, voice, lines, walk } = JSON.parse(row) as Narration & {
        voice: string
        lines: SpokenLine[]
      }
      return example({ text, places, current, units, today, ...(walk ? { walk } : {}) }, lines, voice)
    })

const KIND_OF: Readonly<Record<string, LineKind>> = {
  p: 'progress',
  w: 'work',
  x: 'exclude',
  k: 'keep',
  f: 'found',
  m: 'measure',
  s: 'selection',
  d: 'decide',
  e: 'expect',
  n: 'note',
}

/** Paragraphs in which every fact stands in braces behind the letter of its kind. */
export function bracedParagraphs(root: string): Example[] {
  let places: string[] = []
  return read(root, 'training', 'told.txt').flatMap((row) => {
    if (row.trim() === '' || row.startsWith('#')) return []
    if (row.startsWith('places:')) {
      places = row
        .slice('places:'.length)
        .split(',')
        .map((place) => place.trim())
      return []
    }
    const walk = /^\[(\w+)\] /.exec(row)
    let text = ''
    const lines: SpokenLine[] = []
    for (const part of row.slice(walk?.[0].length ?? 0).split(/(\{\w [^}]*\})/)) {
      const braced = /^\{(\w) ([^}]*)\}$/.exec(part)
      if (braced) lines.push({ kind: KIND_OF[braced[1]!]!, words: braced[2]! })
      text += braced ? braced[2]! : part
    }
    const narration = { text, places, current: null, units: 'metric', today: TODAY } as const
    return [example(walk ? { ...narration, walk: walk[1] as 'scope' } : narration, lines, 'told')]
  })
}

/** Sentences whose kinds are known and whose words are where the rules, which read those kinds, find them. */
export function ruledSentences(root: string): Example[] {
  const told: { narration: Narration; kinds: string[] }[] = []
  for (const row of read(root, 'tests', 'fixtures', 'spokenSentences.txt')) {
    if (row.trim() === '' || row.startsWith('#')) continue
    if (row.startsWith('>')) {
      told.at(-1)?.kinds.push(row.slice(1).split('|')[0]!.trim())
      continue
    }
    const [units, place, ...rest] = row.split('|').map((part) => part.trim())
    const places = [...new Set([place!, 'Kitchen', 'Bathroom', 'Hall', 'Yard face', 'Attic', 'Back bedroom', 'Pantry'])]
    const narration = { text: rest.join('|'), places, current: place!, units: units as 'metric', today: TODAY }
    told.push({ narration, kinds: [] })
  }
  return told.flatMap(({ narration, kinds }) => {
    const lines = narrate(narration)
    return lines.map(({ kind }) => kind).join() === kinds.join()
      ? [example(narration, lines, 'rules', READ_BY_RULES)]
      : []
  })
}

/** The same as a telephone dictates it: no stops, no capitals, no apostrophes. */
export function dictated({ narration, told, lines, voice, weight }: Example): Example {
  const { text } = narration
  const at: number[] = []
  let bare = ''
  for (let i = 0; i < text.length; i++) {
    at.push(bare.length)
    const letter = text[i]!
    const inNumber = /\d/.test(text[i - 1] ?? '') && /\d/.test(text[i + 1] ?? '')
    if (/['’]/.test(letter) || (/[.,;:!?"“”()]/.test(letter) && !inNumber)) continue
    bare += /[-–—\n]/.test(letter) ? ' ' : letter.toLowerCase()
  }
  at.push(bare.length)
  const moved = told.map(({ line, start, end }) => ({
    line: { ...line, words: bare.slice(at[start], at[end]) },
    start: at[start]!,
    end: at[end]!,
  }))
  return { narration: { ...narration, text: bare }, told: moved, lines, voice, weight }
}

/** Whether a text has hardly any stops already. */
export const isBare = ({ narration: { text } }: Example): boolean =>
  (text.match(/[.,]/g)?.length ?? 0) < text.length / 150

/** All that is learned from, each with and without stops. */
export function trainingExamples(root: string): Example[] {
  const whole = [...labelledParagraphs(root), ...bracedParagraphs(root), ...ruledSentences(root)]
  return [...whole, ...whole.filter((one) => !isBare(one)).map(dictated)]
}

export const kindNumber = (kind: LineKind): number => LINE_KINDS.indexOf(kind)
