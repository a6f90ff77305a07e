import { isMeasuring } from '../../scope/leads'
import type { Line } from '../../scope/line'
import type { Stage } from '../../scope/vocabulary'
import { asNote, beginning, dayIn, openLines, soFar, titlesOf, type Told, type Whole } from './whole'

/** What is made to measure, by its words, and the stage that it goes in. */
const MADE: readonly (readonly [RegExp, Stage])[] = [
  [/\b(?:tops?|counters?|countertops?|worktops?|stone|granite|quartz|slabs?)\b/i, 'countertops'],
  [/\b(?:glass|glazier|shower screen|screen|enclosure)\b/i, 'fixtures'],
  [/\b(?:railings?|handrails?|balustrades?|banisters?|guard rails?)\b/i, 'railing'],
]
const MEASURED =
  /\b(?:(?:is|are|was|were|been|got|(?:they|he|she|we|i|guy|man|people|firm|maker|glazier|fabricator)(?: have| has|['’]ve)?)(?: now| all| both| just| already| come and| came and)* (?:measured|templated)|templates? (?:is|was|are|were|has been|have been) (?:now )?(?:done|taken|made|cut))\b/i
const MEASURES = /\b(?:measures?|templates?|measuring|templating|(?:gets?|is|are|being|be) (?:measured|templated))\b/i
/** What was denied, is wished for, hangs on something or went wrong has not been measured. */
const NOT_SO =
  /\b(?:not|never|nobody|no one|\w+n['’]t|to be|needs?|must|should|will|going to|has to|have to|wants?|before|until|till|once|when|if|unless|wrong(?:ly)?|again|badly|out by|almost|nearly|half|partly|except|but)\b/i

/** The lines of measuring that a sentence is about, and whether what it is about is made here at all. */
function measuringMeant({ words, place, state }: Told): { readonly lines: readonly Line[]; readonly made: boolean } {
  const stages = MADE.flatMap(([named, stage]) => (named.test(words) ? [stage] : []))
  const here = state.lines.filter((line) => line.placeId === place?.id && line.excluded === null)
  const open = openLines(state).filter((line) => line.placeId === place?.id && isMeasuring(line))
  const lines = open.filter(({ stage }) => stages.includes(stage))
  const made = here.some(({ stage }) => stages.includes(stage))
  // A bare 'the template is done' is of the one thing that is measured there.
  return stages.length === 0 && /\btemplate/i.test(words) && open.length === 1
    ? { lines: open, made: true }
    : { lines, made }
}

/** 'Tops are templated', 'the glazier measured the glass': the measuring is done, and nothing that is made from it. */
export const measuredThere: Whole = (told) => {
  if (!MEASURED.test(told.words)) return null
  const { lines, made } = measuringMeant(told)
  if (lines.length === 0 || NOT_SO.test(told.words))
    return made ? { kind: 'note', says: 'Note', facts: asNote(told) } : null
  return { kind: 'progress', says: `${titlesOf(lines)}: done`, facts: soFar(lines, 100) }
}

/** 'The counter guy templates on Thursday', 'glazier measures Friday': the day on which somebody comes to measure. */
export const measuresOn: Whole = (told) => {
  const { words, narration } = told
  if (!MEASURES.test(words) || NOT_SO.test(words)) return null
  const day = dayIn(told)
  const { lines } = measuringMeant(told)
  return day && day > narration.today && lines.length > 0 ? beginning(told, lines, day) : null
}
