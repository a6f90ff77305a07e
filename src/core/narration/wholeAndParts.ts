import { lower } from '../lists/capital'
import type { NewFact } from '../walk/observation'
import type { Stage } from '../scope/vocabulary'
import { plain } from './clauses'
import { named, stageIn, stagesNamed } from './mentions'
import { inPart, noteOf } from './saidOfLines'
import type { Proposal, Setting } from './spokenFacts'
import { stemsOf } from './stems'

/** How a sentence says that something is not done yet. */
const IS_LEFT =
  /\b(?:still (?:to|has to|have to|needs?|missing|open|not|waits?|waiting)|(?:is|are) (?:still )?(?:to do|to come|to go|left|missing|outstanding|next)|remains?|to follow|left to|yet to|not (?:yet|done|in|on|up|there)|(?:is|are|has|have)(?:n['’]t| not)|no \w+ yet|comes? (?:later|after|next)|waits? for|tomorrow|tonight|later|next week|on \w+day)\b/i

/** All work of a room has these: that they are named tells nothing of a line. */
const EVERYWHERE = stemsOf('wall walls ceiling ceilings floor floors room')

const sharesWords = (title: string, words: string): boolean => {
  const said = new Set(stemsOf(words))
  return stemsOf(title).some((stem) => said.has(stem) && !EVERYWHERE.includes(stem))
}

const setsDone = (fact: NewFact): boolean => fact.subject === 'line' && fact.facet === 'progress' && fact.value === 100

/** What a stage is not done without, though its lines seldom name it. */
const BELONGS_TO: Partial<Record<Stage, RegExp>> = {
  tile: /\bgrout/i,
  tape: /\bsand(?:ing|ed)?\b/i,
  pipes: /\b(?:drains?|vents?|wastes?)\b/i,
  board: /\bscrew/i,
}

/** Whether words tell of a stage, by its name, by a thing of it or by what belongs to it. */
function tellsOf({ line: { words, stage: read } }: Proposal, stage: Stage): boolean {
  const said = plain(words)
  const told = read ?? stagesNamed(said)[0] ?? stageIn(said, named(said), false)
  return told === stage || BELONGS_TO[stage]?.test(words) === true
}

/** Whether nothing is lost where words become a note of a line: they laid work, kept a thing or were a note, and none in
 * confidence. What arrives, was found or is priced stays what it is. */
const isOnlyWords = ({ line, facts }: Proposal): boolean =>
  !line.private &&
  facts.every(
    (fact) =>
      (fact.facet === 'noted' && !fact.value.private) ||
      fact.facet === 'laid' ||
      fact.facet === 'kept' ||
      (fact.subject === 'line' && fact.facet === 'progress' && fact.value === 0),
  )

/** What of a line is told to be left just after, or just before, the line itself was told to be done: 'the wires are pulled,
 * boxes still to mount' of 'Wires and boxes'. It is kept in its words about that line. */
function withWhatIsLeft(proposals: readonly Proposal[], { state, newId }: Setting): readonly Proposal[] {
  const told = [...proposals]
  for (const [i, one] of proposals.entries()) {
    const done = one.facts.filter(setsDone)
    const lines = state.lines.filter(({ id }) => done.some(({ subjectId }) => subjectId === id))
    for (const at of [i + 1, i - 1, i + 2]) {
      const rest = proposals[at]
      const { placeId } = one
      if (!rest || !placeId || rest.placeId !== placeId || !IS_LEFT.test(rest.line.words) || !isOnlyWords(rest))
        continue
      const line = lines.find(({ title, stage }) => tellsOf(rest, stage) || sharesWords(title, rest.line.words))
      if (!line) continue
      told[i] = { ...one, ...inPart(one.line, placeId, lines, newId) }
      told[at] = {
        line: rest.line,
        placeId,
        says: `Of ${lower(line.title)}`,
        facts: [noteOf(rest.line, placeId, line, newId)],
      }
    }
  }
  return told
}

/** Where parts of one line of work are said to stand differently, none of them is taken for the whole. */
export function wholeAndParts(said: readonly Proposal[], setting: Setting): Proposal[] {
  const proposals = withWhatIsLeft(said, setting)
  const shares = new Map<string, Set<number>>()
  for (const fact of proposals.flatMap(({ facts }) => facts))
    if (fact.subject === 'line' && fact.facet === 'progress')
      shares.set(fact.subjectId, (shares.get(fact.subjectId) ?? new Set()).add(fact.value))
  const torn = ({ subject, facet, subjectId }: NewFact): boolean =>
    subject === 'line' && facet === 'progress' && shares.get(subjectId)!.size > 1
  return proposals.map((one) =>
    one.facts.some(torn)
      ? {
          ...one,
          says: `${one.says.replace(/: \d+ per cent$/, '')}, in part`,
          facts: one.facts.filter((fact) => !torn(fact)),
        }
      : one,
  )
}
