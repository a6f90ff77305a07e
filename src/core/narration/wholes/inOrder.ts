import { lower } from '../../lists/capital'
import { listed } from '../../lists/listed'
import type { Line, LineLaid } from '../../scope/line'
import type { NewFact } from '../../walk/observation'
import { actionIn } from '../actions'
import { plain } from '../clauses'
import { stageOfDeed } from '../deeds'
import { lineOfKind } from '../learned/forced'
import { named, stageIn } from '../mentions'
import { stemsOf } from '../stems'
import { titleOf, workOf } from '../spokenWork'
import { startsWithAct } from '../works'
import type { Stage } from '../../scope/vocabulary'
import { laidDown, openLines, waiting, type Told, type Whole } from './whole'

/** 'Drain first, then tamp, before the scaffold stands on it'. */
const FIRST_THEN =
  /^([^,]{3,50}?) (?:comes |goes |is )?first,? (?:and )?then (.+?)(?:,? (?:before|and only then) (.+?))?[.!\s]*$/i
/** 'After it's off come a footing, a post, a lintel and then the veneer'. */
const AFTER_THAT =
  /^(?:after (?:it|that|this|they|those)(?:['’]s|['’]re)?[^,]*?,? |then |next )?(?:come|comes|follow|follows) (.+?)[.!\s]*$/i
/** 'Still to do here: the barn door backing and the north jacks'. */
const STILL_TO_DO =
  /^(?:what(?:['’]s| is) )?(?:still )?(?:to do|to be done|outstanding|left to do|missing|to go)(?: here| in here| still)?(?: is| are)?:? (.+?)[.!\s]*$/i

/** 'The kitchen gets new cabinets, a quartz top and six recessed lights', on a walk for the scope. */
const GETS =
  /^(?:the |this )?[\w' ]{2,30}? (?:gets?|will get|is to get|needs?|wants?) ((?:(?:an?|the|new|some|more|two|three|four|five|six|eight|ten|\d+) )?[^:;]+)$/i

/** Work that is told in the order in which it is done, or as what is left to do: a line for each that has none, and in an
 * order each waits for the one before. */
export const inOrder: Whole = (told) => {
  const words = told.words.trim().replace(/[.!]+$/, '')
  const [, first, then, last] = FIRST_THEN.exec(words) ?? []
  if (first && then) return laidInTurn(told, [first, ...namesIn(then)], last)
  const turns = inTurns(words)
  if (turns) return laidInTurn(told, turns)
  const [, following] = AFTER_THAT.exec(words) ?? []
  if (following) return laidInTurn(told, namesIn(following))
  const [, gets] = told.laysOut ? (GETS.exec(words) ?? []) : []
  if (gets && namesIn(gets).length > 1) return laidBeside(told, namesIn(gets))
  const [, left] = STILL_TO_DO.exec(words) ?? []
  return left ? laidBeside(told, namesIn(left)) : null
}

/** 'Waterproof the shower, then tile it to the ceiling' as the two things that are told to be done; what 'it' is stands in the
 * first. */
function inTurns(words: string): readonly string[] | null {
  const turns = words.split(/,? (?:and )?then /i)
  if (turns.length < 2 || !turns.every((one) => startsWithAct(plain(one), actionIn(plain(one))))) return null
  const thing = /^\w+ ((?:the|all|both|our) [^,]+)/i.exec(turns[0]!)?.[1]
  return turns.map((one, i) => (i > 0 && thing ? one.replace(/\b(?:it|them|that)\b/i, thing) : one))
}

/** 'A footing, a post, the framing and then veneer on three faces' as its things. */
const namesIn = (list: string): string[] =>
  list
    .split(/,? (?:and )?then |, (?:and )?| and /i)
    .map((one) => one.replace(/^(?:the|an?|our|then|and) /i, '').trim())
    .filter(Boolean)

/** One thing to be done: the open line that tells it, or a line of its own.
 * @returns null where nobody could say whose work it is */
function stepOf(
  { place, state, rates, narration, newId }: Told,
  thing: string,
): { line: Pick<Line, 'id' | 'title'>; laid?: LineLaid } | null {
  if (!place) return null
  const stems = stemsOf(thing)
  const known = openLines(state).find(
    (line) => line.placeId === place.id && stems.length > 0 && stems.every((one) => stemsOf(line.title).includes(one)),
  )
  if (known) return { line: known }
  const read = lineOfKind('work', narration, thing, null)
  const stage =
    stageOfDeed(thing) ?? STEPS.find(([said]) => said.test(thing))?.[1] ?? stageIn(plain(thing), named(thing), false)
  if (!stage) return null
  const title = titleOf(thing)
  return {
    line: { id: newId(), title },
    laid: { ...workOf({ ...read, stage, words: title }, place, rates), stage, title },
  }
}
/** All of them, or none where nobody could say whose one of them is. */
function stepsOf(told: Told, things: readonly string[]): readonly NonNullable<ReturnType<typeof stepOf>>[] {
  const steps = things.flatMap((thing) => stepOf(told, thing) ?? [])
  return steps.length === things.length ? steps : []
}
const STEPS: readonly (readonly [RegExp, Stage])[] = [
  [/\b(?:veneer|slips|lintels?|brickwork|blockwork|stonework)\b/i, 'masonry'],
  [/^(?:steel )?posts?\b/i, 'structure'],
  [/^(?:footings?|pads?|slab)\b/i, 'concrete'],
  [/^(?:the )?drain(?:s|age)?\b/i, 'underground'],
  [/^(?:tamp|compact|level|backfill|dig)\b/i, 'excavation'],
]

/** @param last what may only begin after all of it, in words */
function laidInTurn(told: Told, things: readonly string[], last?: string): ReturnType<Whole> {
  const known = stepsOf(told, things)
  if (known.length < 2) return null
  const removed = openLines(told.state).filter(
    ({ placeId, action }) => placeId === told.place?.id && action === 'remove',
  )
  const after = AFTER_THAT.test(told.words.trim()) ? removed.map(({ id }) => id) : []
  const facts = known.flatMap(({ line, laid }, i): NewFact[] => [
    ...(laid ? [laidDown(laid, line.id)] : []),
    ...waiting(line.id, told.place!.id, i === 0 ? after : [known[i - 1]!.line.id], told.state),
  ])
  const then = last
    ? openLines(told.state).filter(({ title }) => stemsOf(last).some((one) => stemsOf(title).includes(one)))
    : []
  const all = [
    ...facts,
    ...then.flatMap(({ id, placeId }) => waiting(id, placeId, [known.at(-1)!.line.id], told.state)),
  ]
  return {
    kind: 'work',
    says: `In this order: ${known.map(({ line }) => lower(line.title)).join(', then ')}`,
    facts: all,
  }
}

function laidBeside(told: Told, things: readonly string[]): ReturnType<Whole> {
  const known = stepsOf(told, things)
  const facts = known.flatMap(({ line, laid }) => (laid ? [laidDown(laid, line.id)] : []))
  return facts.length === 0
    ? null
    : { kind: 'work', says: `To do: ${listed(known.map(({ line }) => lower(line.title)))}`, facts }
}
