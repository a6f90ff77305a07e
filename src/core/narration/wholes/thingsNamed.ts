import { lower } from '../../lists/capital'
import { listed } from '../../lists/listed'
import type { NewFact } from '../../walk/observation'
import { plain } from '../clauses'
import { MATERIAL } from '../lexicon'
import { lineOfKind } from '../learned/forced'
import { named } from '../mentions'
import { selectionLaid } from '../spokenGoods'
import { stageTold, titleOf, toldBefore, workOf } from '../spokenWork'
import type { Stage } from '../../scope/vocabulary'
import { laidDown, type Whole } from './whole'

/** 'Walk-in shower, 900 by 1400, tiled to the ceiling', 'one toilet wall hung, one basin, 600 wide', 'new kitchen with eleven
 * base cabinets and a stone top': what goes in, on a walk that lays work out, named without a verb. Each thing is a line of
 * work, and what is bought for it a selection; what is told of it stands with it. */
export const thingsNamed: Whole = (told) => {
  const { place, rates, narration, state, newId } = told
  const words = told.words.trim().replace(/[.!]+$/, '')
  if (!told.laysOut || !place || NOT_NAMED.test(words) || VERB.test(words)) return null
  const things = thingsIn(words.replace(ROOM_WITH, ''))
  // A thing with nothing but its size may be what is there.
  if (told.first.kind === 'measure' && !MATERIAL.test(plain(words)) && !/^new\b/i.test(words) && things.length < 2)
    return null
  const laid = things.flatMap(({ thing, said }) => {
    const { stage: _stage, ...read } = lineOfKind('work', narration, thing, null)
    // What it is of or how it hangs is not what it is: 'one toilet wall hung'.
    const element = named(plain(thing).replace(MATERIAL, ' ').trim()) ?? read.element
    const line = { ...read, words: thing, action: 'install' as const, ...(element ? { element } : {}) }
    return stageTold(line) ? [{ thing, said, laid: { ...workOf(line, place, rates), title: titleOf(said) } }] : []
  })
  // One thing that nobody knows the trade of leaves the sentence to be read line by line.
  if (laid.length === 0 || laid.length < things.length) return null
  const fresh = laid.filter((one) => !toldBefore(one.laid, place.id, state))
  const facts = fresh.flatMap(({ thing, said, laid: value }): NewFact[] => {
    const id = newId()
    return [
      laidDown(value, newId()),
      ...(BOUGHT.includes(value.stage) ? chosenAs(id, place.id, thing, said, value.stage) : []),
    ]
  })
  return facts.length === 0
    ? null
    : { kind: 'work', says: `To do: ${listed(fresh.map((one) => lower(one.laid.title)))}`, facts }
}

/** What is bought, and as what where that was told. */
function chosenAs(id: string, placeId: string, thing: string, said: string, stage: Stage): NewFact[] {
  const at = { subject: 'selection' as const, subjectId: id, placeId }
  const what = titleOf(thing.replace(COUNT, ''))
  return [
    selectionLaid(id, { id: placeId }, what, stage),
    ...(MATERIAL.test(plain(said))
      ? [
          { ...at, facet: 'state' as const, value: 'chosen' as const },
          { ...at, facet: 'choice' as const, value: titleOf(said) },
        ]
      : []),
  ]
}

/** Stages whose things somebody chooses. */
const BOUGHT: readonly Stage[] = ['fixtures', 'cabinets', 'countertops', 'tile', 'flooring', 'windows-doors']

/** 'New kitchen with ...', 'here: ...'. */
const ROOM_WITH =
  /^(?:(?:an? )?(?:all )?new (?:kitchen|bath(?:room)?|shower room|utility|laundry|wardrobe|office) with |(?:in )?here:? )/i
const COUNT = /^(?:an?|the|new|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+) /i
/** A verb that tells what happens makes it another sort of sentence. */
const VERB =
  /\b(?:is|are|was|were|be|been|has|have|had|gets?|goes|go|comes?|came|stays?|stands?|needs?|wants?|must|will|can(?:not)?|should|do|does|did|takes?|took|leaves?|left|lies?|looks?|runs?|starts?|says?|said|found|we|they|i|he|she|it|who|if|when|until|because|not|no|never|without|missing|that|which|where|reaches|moves?|becomes?|turns?|opens?|swings?|faces|leaks?|costs?|swaps?)\b|n['’]t\b|['’](?:s|re|ve|ll) (?:an?|the|in|on|not|going|all|just|only|got|been)\b|[?:]/i
/** What is told of what is there, of who comes, of what costs, or asked, is nothing that goes in. */
const NOT_NAMED =
  /^(?:the|this|that|these|those|his|her|their|our|my|your|extra|so|also|private|note|old|rotten|broken|cracked|existing|loose|wet|damp|measure|order|remove|strip|take|tear|rip|keep|move|check|ask|call|tell|from|at|on|in|by|about|roughly|behind|under|between|both|all|scaffold|skip|crane|permit|hand(?:ing)? ?over|monday|tuesday|wednesday|thursday|friday|saturday|sunday)\b|\b(?:old|existing|rotten|cracked|broken|for (?:a|\d+|one|two|three|four|five|six) (?:days?|weeks?|months?)|per hour|weeks?|days?|tomorrow|today|extra)\b/i

interface Thing {
  /** The thing itself, with how many. */
  readonly thing: string
  /** The same with what is told of it. */
  readonly said: string
}

/** The things of a list: what begins with a number, an article or a thing that is known is the next, all else is told of the
 * one before; what is done to it by another trade stands by itself. */
function thingsIn(list: string): Thing[] {
  return list
    .split(/,\s*(?:and )?|\s+and (?=(?:an?|one|two|three|four|five|six|seven|eight|ten|\d+|new) )/i)
    .map((part) => part.trim())
    .filter(Boolean)
    .reduce<Thing[]>((things, word) => {
      const last = things.at(-1)
      const part = last ? ofTheSame(last.thing, word) : word
      if (last && DONE_TO.test(part)) {
        const said = `${last.thing.replace(COUNT, '')} ${part}`
        return [...things, { thing: /tiled/i.test(part) ? `tile of the ${last.thing.replace(COUNT, '')}` : part, said }]
      }
      const next =
        !last || (!IS_SIZE.test(part) && (STARTS.test(part) || (named(plain(part)) !== null && !OF_A_KIND.test(part))))
      return next
        ? [...things, { thing: part, said: part }]
        : [...things.slice(0, -1), { ...last, said: `${last.said}, ${part}` }]
    }, [])
}
const PLACED = /\b(?:in|on|at|under|over|above|beside|behind) \w/i
/** 'Six sockets above the worktop, two in the island': two sockets. */
function ofTheSame(before: string, part: string): string {
  const [count = ''] = COUNT.exec(part) ?? []
  const rest = part.slice(count.length)
  if (count.trim() === '' || PLACED.exec(rest)?.index !== 0) return part
  const thing = before.replace(COUNT, '')
  return `${count}${thing.slice(0, PLACED.exec(thing)?.index).trim()} ${rest}`
}
/** 'Sliding doors' tells of a wardrobe, as 'folded edge' of a top. */
const OF_A_KIND = /^[a-z]+(?:ing|ed) \w+/i
const STARTS =
  /^(?:an?|new|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+) (?!(?:by|x|wide|high|deep|long|mm|cm|m|metres?|meters?|feet|foot|ft|square|inch(?:es)?|coats?|of|each)\b)[a-z]/i
const IS_SIZE =
  /^(?:about )?\d[\d.,/]*\s*(?:by|x|×|mm|cm|m|metres?|meters?|feet|foot|ft|square|inch(?:es)?|m2|wide|high|deep|long|['"])/i
const DONE_TO = /^(?:all |both |then )?(?:re-?)?(?:tiled|painted|plastered|boarded|insulated|waterproofed|grouted)\b/i
