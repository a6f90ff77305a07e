import { dateOnly, dayOf, type Instant } from '../calendar/day'
import { lower } from '../lists/capital'
import { groupBy } from '../lists/groupBy'
import { isRough, type Units } from '../measure/length'
import { printSize, type Size } from '../measure/size'
import { readNumber } from '../measure/spokenNumber'
import { excludedWords } from '../scope/line'
import { ELEMENTS } from '../scope/vocabulary'
import { countTieOut, type Counts } from '../takeoff/countTieOut'
import type { RegisterEntry, SiteState } from './siteState'

/** Two statements that cannot both be true. Asked, never settled by the software. */
export interface Contradiction {
  /** The same as long as the same two statements stand against each other. */
  readonly id: string
  readonly placeId: string | null
  readonly question: string
  /** The statements, for the person to choose from. */
  readonly sides: readonly string[]
}

/** A size that somebody told of a place, of which only the last stands in the state. */
export interface ToldSize {
  readonly placeId: string
  readonly size: Size
  readonly by: string
  readonly at: Instant
  /** A wall moved: what it was before does not speak against it. */
  readonly moved?: boolean
}

/** Sides that differ by less are the same wall measured twice: 2 per cent, and at least 25 mm. Our own default. */
const SIDE_TOLERANCE = { share: 0.02, tenths: 250 }

/** Finds what was said in two ways about a site: two sizes, in and out of scope, staying and going, two treatments of
 * one part, counts that do not tie out, rooms that are closed and passed through.
 *
 * What was answered is an entry of the register of answers under the contradiction's own id, and is not asked again.
 */
export function contradictions(state: SiteState, sizes: readonly ToldSize[], units: Units): Contradiction[] {
  const answered = new Set(state.entries.filter((entry) => entry.kind === 'answer').map((entry) => entry.id))
  return [
    ...twoSizes(sizes, units),
    ...inAndOut(state),
    ...outHereInThere(state),
    ...allButSome(state),
    ...stayingAndGoing(state),
    ...twoTreatments(state),
    ...countsApart(state),
    ...closedAndUsed(state),
  ].filter(({ id }) => !answered.has(id))
}

function twoSizes(sizes: readonly ToldSize[], units: Units): Contradiction[] {
  const byPlace = groupBy(sizes, (told) => told.placeId)
  return [...byPlace].flatMap(([placeId, told]): Contradiction[] => {
    const [before, now] = [...told].sort((a, b) => (a.at < b.at ? -1 : 1)).slice(-2)
    if (!before || !now || now.moved || !sizesApart(before.size, now.size)) return []
    const words = ({ size, by, at }: ToldSize): string => `${printSize(size, units)} (${by}, ${dateOnly(dayOf(at))})`
    return [
      {
        id: `size:${placeId}:${sidesOf(before)}:${sidesOf(now)}`,
        placeId,
        question: 'Which size is right?',
        sides: [words(before), words(now)],
      },
    ]
  })
}

const sidesOf = ({ size }: ToldSize): string => size.sides.map((side) => side.tenths).join('x')

function sizesApart(a: Size, b: Size): boolean {
  return a.sides.some((side, i) => {
    const other = b.sides[i]
    if (!other || isRough(side) || isRough(other)) return false
    const apart = Math.abs(side.tenths - other.tenths)
    return apart > Math.max(SIDE_TOLERANCE.tenths, side.tenths * SIDE_TOLERANCE.share)
  })
}

const inAndOut = ({ lines }: SiteState): Contradiction[] =>
  lines
    .filter((line) => line.excluded && line.progress > 0)
    .map((line) => ({
      id: `scope:${line.id}`,
      placeId: line.placeId,
      question: `Is ${lower(line.title)} in the scope?`,
      sides: [`Out of the scope: ${excludedWords(line.excluded!)}`, `${line.progress} per cent of it is done`],
    }))

/** 'Soffits are out' at one face and 'the soffits take the wall colour' at another, or at the same one: everywhere, or with
 * an exception? */
function outHereInThere(state: SiteState): Contradiction[] {
  const kinds = new Map(state.places.map(({ id, kind, name }) => [id, { name, inside: kind === 'room' }]))
  const at = (placeId: string | null): string => (placeId ? (kinds.get(placeId)?.name ?? '') : 'The whole site')
  const out = [
    ...entriesOf(state, 'part-treatment').flatMap(({ id, placeId, values: { part, treatment } }) =>
      treatment === 'left as it is'
        ? [{ id, placeId, part: String(part), words: `${String(part)} left as it is` }]
        : [],
    ),
    ...state.keeps.flatMap(({ id, placeId, text, released }) =>
      !released && AS_IT_IS.test(text) ? [{ id, placeId, part: text, words: text }] : [],
    ),
  ]
  return out.flatMap(({ id, placeId, part, words }) => {
    const named = partsNamed(part)
    const only = whichOf(part)
    return state.lines
      .filter(
        (line) =>
          line.excluded === null &&
          !line.extra &&
          line.action !== 'protect' &&
          line.action !== 'test' &&
          line.action !== 'inspect' &&
          (placeId === null || kinds.get(placeId)?.inside === kinds.get(line.placeId)?.inside) &&
          (placeId === line.placeId || !line.treatment) &&
          [...partsNamed(line.title)].some((one) => named.has(one)) &&
          // 'The garage door's trim' is out: that says nothing of other trim.
          only.every((word) => things(`${line.title} ${at(line.placeId)}`).has(word)),
      )
      .map((line) => ({
        id: `out:${id}:${line.id}`,
        placeId: line.placeId,
        question: `Out everywhere, or in here: ${lower(line.title)}?`,
        sides: [`${at(placeId)}: ${lower(words)}`, `${at(line.placeId)}: ${lower(line.title)}`],
      }))
  })
}
/** 'All nine windows are replaced' at one face, 'the two porch windows stay' at another, 'the bath window gets trim only': all
 * of them, or all but those? */
function allButSome(state: SiteState): Contradiction[] {
  const lines = state.lines.filter(({ excluded }) => excluded === null)
  return lines.flatMap((line) => {
    const [, many, named] = ALL_OF.exec(line.title) ?? []
    const part = named && singular(named.toLowerCase())
    if (!part || !PARTS.has(part) || !CHANGED.includes(line.action)) return []
    const but = [
      ...state.keeps.flatMap(({ placeId, text, released }) => (released ? [] : [{ placeId, text: `${text}: stays` }])),
      ...lines.flatMap(({ placeId, title }) => (TRIM_ONLY.test(title) ? [{ placeId, text: title }] : [])),
    ].filter(({ text }) => things(text.replace(/:.*/, '')).has(part))
    if (but.length === 0) return []
    const less = but.reduce((sum, { text }) => sum + (countIn(text, part) ?? 1), 0)
    const all = many ? numberSaid(many) : undefined
    const left = all === undefined ? '' : `${all} − ${less} = ${all - less} of them, without `
    const told = but.map(({ placeId, text }) => `${lower(text)} (${placeNamed(state, placeId)})`)
    return [
      {
        id: `all:${line.id}:${told.length}`,
        placeId: line.placeId,
        question: `All of them, or all but some: ${lower(line.title)}?`,
        sides: [line.title, `${left}${told.join('; ')}`],
      },
    ]
  })
}
const ALL_OF =
  /^(?:replace |take out |renew )?all (?:the )?(?:(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+) )?(?:\w+ )?(windows?|doors?|posts?|columns?|lights?|joists?|radiators?)\b/i
const CHANGED: readonly string[] = ['replace', 'remove', 'install', 'relocate']
const TRIM_ONLY = /\b(?:trim only|only (?:the |gets? )?(?:new )?trim)\b/i
const numberSaid = (word: string): number | undefined => readNumber([word.toLowerCase()], 0)?.value
/** How many of a thing some words count: two of 'the two porch windows'. */
const countIn = (text: string, part: string): number | undefined =>
  (text.toLowerCase().match(/[a-z]+|\d+/g) ?? []).reduce<number | undefined>(
    (found, word, i, words) =>
      found ?? (words.slice(i).some((one) => singular(one) === part) ? numberSaid(word) : undefined),
    undefined,
  )
const placeNamed = ({ places }: SiteState, placeId: string | null): string =>
  places.find(({ id }) => id === placeId)?.name ?? 'the whole site'

const AS_IT_IS = /\b(?:as (?:it is|they are)|untouched|not (?:painted|touched)|alone)\b/i
const PARTS = new Set<string>([...ELEMENTS, 'shutter', 'lantern', 'column', 'band', 'hinge', 'downspout', 'downpipe'])
/** What some words are about: 'the soffits' of 'at the porch the soffits take the wall colour'. */
const aboutWhat = (text: string): string =>
  text
    .toLowerCase()
    .replace(/^(?:at|in|on|for|behind|under) (?:the )?[a-z]+,? (?=the |all |our |both )/, '')
    .split(
      /[,;:]|\b(?:is|are|gets?|takes?|has|have|needs?|stays?|goes?|comes?|must|will|left|not|remains?|of|round|around|in|on|at|under|above|behind|with|from)\b/,
    )[0]!
/** The parts that it is about: of each thing that is named its last word. */
const partsNamed = (text: string): ReadonlySet<string> =>
  new Set(
    aboutWhat(text)
      .split(/\band\b/)
      .flatMap((thing) => [...things(thing)].filter((word) => PARTS.has(word) && word !== 'paint').slice(-1)),
  )
/** What tells the thing from others like it. */
const whichOf = (text: string): string[] => {
  const parts = partsNamed(text)
  return [...things(aboutWhat(text))].filter(
    (word) => !parts.has(word) && !/^(?:both|these|those|everything)$/.test(word),
  )
}

/** Words that name no thing. */
const EMPTY = new Set([
  'with',
  'from',
  'that',
  'this',
  'side',
  'left',
  'right',
  'stays',
  'wall',
  'room',
  'upper',
  'lower',
])
const things = (text: string): Set<string> =>
  new Set((text.toLowerCase().match(/[a-z]{4,}/g) ?? []).filter((word) => !EMPTY.has(word)).map(singular))
const singular = (word: string): string => word.replace(/(?:es|s)$/, '')

const PART_OF = /^(?:only )?((?:the )?[a-z]+) of .*$/i

function stayingAndGoing({ keeps, lines }: SiteState): Contradiction[] {
  return keeps
    .filter((keep) => !keep.released && keep.until === undefined && keep.when === undefined)
    .flatMap((keep) => {
      const kept = things(keep.text)
      return lines
        .filter(
          (line) =>
            line.placeId === keep.placeId &&
            line.excluded === null &&
            line.progress < 100 &&
            (line.action === 'remove' || line.action === 'replace') &&
            // 'Only the trim of the two windows is renewed' leaves the windows.
            [...things(line.title.replace(PART_OF, '$1'))].some((thing) => kept.has(thing)),
        )
        .map((line) => ({
          id: `stay:${keep.id}:${line.id}`,
          placeId: keep.placeId,
          question: `Does it stay or go: ${lower(keep.text)}?`,
          sides: [`Stays: ${keep.text}`, `In the scope: ${line.title}`],
        }))
    })
}

const entriesOf = ({ entries }: SiteState, kind: string): readonly RegisterEntry[] =>
  entries.filter((entry) => entry.kind === kind && entry.settled === null)

function twoTreatments(state: SiteState): Contradiction[] {
  const byPart = groupBy(
    entriesOf(state, 'part-treatment').filter((entry) => entry.values.treatment !== undefined),
    (entry) => `${entry.placeId}:${String(entry.values.part).trim().toLowerCase()}`,
  )
  return [...byPart].flatMap(([part, entries]): Contradiction[] => {
    const treatments = [...new Set(entries.map((entry) => String(entry.values.treatment)))]
    if (treatments.length < 2) return []
    return [
      {
        id: `part:${part}:${[...treatments].sort().join('|')}`,
        placeId: entries[0]!.placeId,
        question: `What happens to ${lower(String(entries[0]!.values.part))}?`,
        sides: treatments,
      },
    ]
  })
}

const countsApart = (state: SiteState): Contradiction[] =>
  entriesOf(state, 'count').flatMap((entry) =>
    countTieOut(entry.values as Counts).map((question) => ({
      id: `count:${entry.id}:${question}`,
      placeId: entry.placeId,
      question: `${String(entry.values.what)}: ${question}`,
      sides: question.replace(': which is right?', '').split(', '),
    })),
  )

function closedAndUsed(state: SiteState): Contradiction[] {
  const uses = entriesOf(state, 'occupancy')
  return uses
    .filter((entry) => entry.values.use === 'ours alone, they stay out')
    .flatMap((closed) =>
      uses
        .filter(
          (other) =>
            other.placeId === closed.placeId && other.id !== closed.id && other.values.use !== closed.values.use,
        )
        .map((other) => ({
          id: `use:${closed.id}:${other.id}`,
          placeId: closed.placeId,
          question: 'May they come in here?',
          sides: [
            `${String(closed.values.who)}: ours alone, they stay out`,
            `${String(other.values.who)}: ${String(other.values.use ?? 'uses it')}`,
          ],
        })),
    )
}
