import { readNumber } from '../../measure/spokenNumber'
import { wordsOf } from '../sheets/figures'
import { stemsOf } from '../stems'
import { openLines, soFar, titlesOf, type Whole } from './whole'

const DONE =
  /^(?:are|is|have|has) (?:now |all |been )*(?:on|in|up|done|set|hung|fitted|installed|painted|laid|fixed|finished|wired|boarded|tiled)\b/

/** 'Thirty-one of thirty-four handles are on': the share that is done of work that is counted, rounded down. */
export const shareDone: Whole = ({ words, place, state }) => {
  const tokens = wordsOf(words)
  const done = readNumber(tokens, 0)
  if (!done || tokens[done.next] !== 'of' || !place) return null
  const all = readNumber(tokens, tokens[done.next + 1] === 'the' ? done.next + 2 : done.next + 1)
  if (!all || !Number.isInteger(done.value) || all.value < 1 || done.value > all.value) return null
  const rest = tokens.slice(all.next)
  const verb = rest.findIndex((_, i) => DONE.test(rest.slice(i).join(' ')))
  const thing = rest[verb - 1]
  if (verb < 1 || !thing || rest.length > verb + 3) return null
  const lines = openLines(state).filter(
    (line) =>
      line.placeId === place.id && !line.inspects && stemsOf(line.title).some((stem) => stemsOf(thing).includes(stem)),
  )
  if (lines.length === 0) return null
  const percent = Math.floor((100 * done.value) / all.value)
  return {
    kind: 'progress',
    says: `${titlesOf(lines)}: ${done.value} of ${all.value}, ${percent} per cent`,
    facts: soFar(lines, percent),
  }
}
