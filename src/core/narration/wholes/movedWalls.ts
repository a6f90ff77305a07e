import type { Size } from '../../measure/size'
import { movedWall, movedWallFacts, resizedWords } from '../../walk/movedWall'
import type { Place } from '../../walk/siteState'
import { plain } from '../clauses'
import { figuresIn, typedFigure, wordsOf } from '../sheets/figures'
import { asNote, type Told, type Whole } from './whole'

const MOVED =
  /\b(?:wall|partition)\b(?: (?:to|between|with|against|of) .+?)? (?:(?:is|was|has been|got) )?(?:now )?moved\b.*\b(towards?|into|away from|back from|out of)\b/i
/** 'We moved the wall to the bath by 400, so the bath goes from 2.30 down to 1.90'. */
const MOVED_BY =
  /\b(?:moved|shifted) (?:the|that|its|this) (?:wall|partition) (?:to|between|with|against|of)\b.*\b(?:goes|went|gets|is now|comes) .*\b(down|up|narrower|smaller|shorter|wider|bigger|longer)\b/i

/** Sides of two places that are as long as each other within 2 per cent, where only one pair is: along it runs their wall. */
function sharedSide(one: Size, other: Size): readonly [number, number] | null {
  const pairs = [0, 1].flatMap((a) =>
    [0, 1].flatMap((b) => {
      const [x, y] = [one.sides[a]?.tenths, other.sides[b]?.tenths]
      return x && y && Math.abs(x - y) <= 0.02 * Math.max(x, y) ? [[a, b] as const] : []
    }),
  )
  return pairs.length === 1 ? pairs[0]! : null
}

/** The other place of the wall that is spoken of. */
const behindIt = ({ words, place, state }: Told): Place | undefined =>
  state.places.find((one) => one.id !== place?.id && ` ${plain(words)} `.includes(` ${plain(one.name)} `))

/** 'The wall to the bath moved 400 towards the bath': both rooms have another size from then on. Where nothing says along
 * which side the wall runs, the words are kept, and it is told where the wall is moved by hand. */
export const movedBetween: Whole = (told) => {
  const { words, place, units } = told
  const way = (MOVED.exec(words) ?? MOVED_BY.exec(words))?.[1]?.toLowerCase()
  if (!way || !place) return null
  const beside = behindIt(told)
  const figure = figuresIn(wordsOf(words)).find(({ counted, by }) => !counted && !by)
  const shared = place.size && beside?.size ? sharedSide(place.size, beside.size) : null
  if (!beside || !figure || !shared)
    return {
      kind: 'note',
      says: 'A wall moved: kept in its words. Say by how much under the sizes of the place, then both rooms follow',
      facts: asNote(told),
    }
  const move = {
    side: 1 - shared[0],
    by: typedFigure(figure, units === 'imperial'),
    grows: /^(?:towards?|into|down|narrower|smaller|shorter)$/.test(way),
    beside: beside.id,
    besideSide: 1 - shared[1],
    why: words.replace(/[.\s]+$/, ''),
  }
  const moved = movedWall(told.state.places, place, move, units)
  return {
    kind: 'measure',
    says: `A wall moved. ${moved.map((one) => resizedWords(one, units)).join('; ')}`,
    facts: movedWallFacts(moved, move.why, units),
  }
}
