import type { LineKind, SpokenLine, WalkKind } from '../line'
import { isDictated, sortOf, type Word } from './words'

/** A line as the rules read it, with where it stands. */
export interface RuleLine {
  readonly line: SpokenLine
  readonly start: number
  readonly end: number
}

/** Beside the words: where one may be, what the walk is for, and what the rules read. */
export interface Setting {
  readonly places: readonly string[]
  readonly walk?: WalkKind | undefined
  readonly ruled: readonly RuleLine[]
}

/** Words around one that count, each way. */
const REACH = 6
/** Keys of a rule's line that tell nothing about its sort. */
const ALWAYS_THERE: readonly string[] = ['kind', 'words', 'place']

/** What a tagger goes by at every word, in words of its own: the word and its neighbours, their sorts, what stands between
 * them, the clause around it, and what the rules made of it. */
export function wordFeatures(words: readonly Word[], { places, walk, ruled }: Setting): string[][] {
  const texts = words.map(({ text }) => text)
  const sorts = sortsWithPlaces(texts, places)
  const clauses = clausesOf(words)
  const ruleAt = words.map(({ start }) => ruled.findIndex((rule) => start >= rule.start && start < rule.end))
  const dictated = isDictated(words) ? 'd' : ''
  return words.map((word, i) => {
    const clause = clauses[i]!
    const [first, last] = [clause.from, clause.to]
    const text = (by: number): string => texts[i + by] ?? (i + by < 0 ? '<' : '>')
    const sort = (by: number): string => sorts[i + by] ?? (i + by < 0 ? '<' : '>')
    const { gap } = word
    const next = words[i + 1]?.gap ?? '.'
    const told = [
      'b',
      `w0:${text(0)}`,
      `w-1:${text(-1)}`,
      `w+1:${text(1)}`,
      `w-2:${text(-2)}`,
      `w+2:${text(2)}`,
      `ww-:${text(-1)} ${text(0)}`,
      `ww+:${text(0)} ${text(1)}`,
      `c0:${sort(0)}${gap}`,
      `cc:${sort(-1)}${sort(0)}${gap}`,
      `cc+:${sort(0)}${sort(1)}${gap}`,
      `ccc:${sort(-1)}${sort(0)}${sort(1)}${gap}`,
      `c3+:${sort(0)}${sort(1)}${sort(2)}${gap}`,
      `c4:${sort(0)}${sort(1)}${sort(2)}${sort(3)}`,
      `g:${gap}|${next}`,
      `gw:${gap}${text(0)}`,
      `gww:${gap}${text(0)} ${text(1)}`,
      `s3:${text(0).slice(-3)}`,
      `p4:${text(0).slice(0, 4)}`,
      `cl1:${texts[first]} ${first + 1 < last ? texts[first + 1] : ''}`,
      `len:${Math.min(8, last - first)}`,
      `at:${Math.min(i - first, 5)}`,
      `cs:${sorts.slice(first, Math.min(last, first + 6)).join('')}`,
      `walk:${walk ?? ''}`,
      `D:${dictated}`,
      `Dc:${dictated}${sort(0)}${gap}`,
      `Dcc:${dictated}${sort(-1)}${sort(0)}`,
      `Dccc:${dictated}${sort(-1)}${sort(0)}${sort(1)}`,
      `Dw:${dictated}${text(0)}`,
    ]
    for (let by = 1; by <= REACH && i + by < last; by++) {
      told.push(`a:${text(by)}`, `ac:${sort(by)}`)
      if (by < REACH && i + by + 1 < last) told.push(`aa:${text(by)} ${text(by + 1)}`)
    }
    for (let by = 1; by <= REACH && i - by >= first; by++) {
      told.push(`p:${text(-by)}`, `pc:${sort(-by)}`)
      if (by < REACH && i - by - 1 >= first) told.push(`pp:${text(-by - 1)} ${text(-by)}`)
    }
    const after = words[last]
    if (after) told.push(`n1:${texts[last]} ${texts[last + 1] ?? ''}`, `ng:${after.gap}`)
    return [
      ...told,
      ...ruleFeatures(ruled, ruleAt[i]!, i > 0 ? ruleAt[i - 1]! : null, sort(0), text(0), gap, dictated, texts[first]!),
    ]
  })
}

function ruleFeatures(
  ruled: readonly RuleLine[],
  at: number,
  before: number | null,
  sort: string,
  text: string,
  gap: string,
  dictated: string,
  first: string,
): string[] {
  const line = ruled[at]?.line
  const kind = line?.kind ?? 'O'
  const fresh = at !== before
  return [
    `rD:${dictated}${fresh}${kind}${sort}`,
    `r:${kind}`,
    `rb:${fresh}${kind}`,
    `rg:${fresh}${gap}`,
    `rc:${kind}${sort}`,
    `rw:${kind}${text}`,
    `rcl:${kind}:${first}`,
    ...(line
      ? [
          `rf:${kind}${Object.keys(line)
            .filter((key) => !ALWAYS_THERE.includes(key))
            .sort()
            .join()}`,
        ]
      : []),
  ]
}

/** The sorts of words; one that a place is called by says so. */
function sortsWithPlaces(texts: readonly string[], places: readonly string[]): string[] {
  const called = new Set(places.flatMap((place) => place.toLowerCase().split(/\s+/)))
  return texts.map((text) => {
    const sort = sortOf(text)
    return called.has(text.replace(/'s$/, '')) && (sort === 'o' || sort === 'E') ? `${sort}L` : sort
  })
}

/** For every word the stretch between stops that it stands in. */
function clausesOf(words: readonly Word[]): { readonly from: number; readonly to: number }[] {
  const starts = words.flatMap(({ gap }, i) => (i === 0 || gap !== '' ? [i] : []))
  return starts.flatMap((from, n) => {
    const to = starts[n + 1] ?? words.length
    return Array.from({ length: to - from }, () => ({ from, to }))
  })
}

/** What the kind of a stretch is told by.
 * @param before the kind of the one before it, `^` at the beginning
 * @param ruled the kind that the rules read it as, alone; `-` where none */
export function kindFeatures(
  words: readonly Word[],
  before: LineKind | '^',
  ruled: LineKind | '-',
  walk: WalkKind | undefined,
): string[] {
  const texts = words.map(({ text }) => text)
  const sorts = texts.map(sortOf)
  const around = texts.flatMap((text, i) => [
    `w:${text}`,
    `ww:${texts[i - 1] ?? '<'} ${text}`,
    `cc:${sorts[i - 1] ?? '<'}${sorts[i]}`,
    `cw:${sorts[i - 1] ?? '<'}${text}`,
    `ccc:${sorts[i - 2] ?? '<'}${sorts[i - 1] ?? '<'}${sorts[i]}`,
  ])
  return [
    'b',
    `len:${Math.min(12, texts.length)}`,
    `prev:${before}`,
    `walk:${walk ?? ''}`,
    `rk:${ruled}`,
    `rkp:${ruled}${before}`,
    ...around,
    `f1:${texts[0]}`,
    `f2:${texts.slice(0, 2).join(' ')}`,
    `l1:${texts.at(-1)}`,
    `l2:${texts.slice(-2).join(' ')}`,
    `lc:${sorts.slice(-2).join('')}`,
    `fc:${sorts.slice(0, 3).join('')}`,
  ]
}
