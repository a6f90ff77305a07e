import { knownValues } from '../../entries/entry'
import type { Values } from '../../entries/field'
import { lineFollowing } from '../../entries/following'
import { withTaken } from '../../reckoning/taken'
import { workWords } from '../../scope/workAmount'
import type { LineLaid } from '../../scope/line'
import { plain } from '../clauses'
import type { Proposal, Setting, SheetAsked } from '../spokenFacts'

/** The line of work that follows from a sheet as it was said, for the person to keep or drop: on a walk that lays work out
 * unless it is there already, on others where it is said to come.
 * @param told what was read in other sentences */
export function workOfSheet(
  { line, placeId, sheet }: Proposal,
  told: readonly Proposal[],
  setting: Setting,
): Proposal | null {
  const place = setting.state.places.find(({ id }) => id === placeId)
  if (!sheet || !place || !isToCome(plain(line.words), setting.laysOut === true)) return null
  const values = valuesOf(sheet, place.id, setting)
  const lines = [...setting.state.lines.filter(({ excluded }) => excluded === null), ...told.flatMap(laidIn)]
  const laid = lineFollowing(sheet.register, values, wordsFor(sheet, values, line.words, setting), place, {
    ...setting,
    lines,
  })
  if (!laid) return null
  const words = [laid.title, workWords(laid, setting.units)].join(', ')
  return {
    line: {
      kind: 'work',
      words: line.words,
      stage: laid.stage,
      element: laid.element,
      ...(line.place ? { place: line.place } : {}),
    },
    placeId: place.id,
    says: `Its work: ${words}`,
    facts: [{ subject: 'line', facet: 'laid', subjectId: setting.newId(), placeId: place.id, value: laid }],
  }
}

/** The words that tell what is done: those that were said, or of a sheet that says none those of the first one like it. */
function wordsFor({ register }: SheetAsked, values: Values, said: string, { state, units }: Setting): string {
  const alike = AS_THE_OTHERS.test(said)
  if (!alike && register.lays?.(values, said, units)) return said
  const others = state.entries.flatMap((one) => {
    const words = one.kind === register.id && state.notes.find(({ about }) => about === one.id)?.text
    return words && register.lays?.(one.values, words, units) ? [words] : []
  })
  // Who tells the first of them tells it fully.
  return others.sort((a, b) => b.length - a.length)[0] ?? said
}
const AS_THE_OTHERS = /\b(?:with|like|same as|as) the (?:other )?(?:walls?|faces?|rest|others?)\b/i

/** What a sheet tells, with what the record holds for its sum. */
function valuesOf({ register, entryId, values }: SheetAsked, placeId: string, { state, units }: Setting): Values {
  const entry = {
    id: entryId,
    placeId,
    kind: register.id,
    values,
    seenAt: '',
    seenBy: '',
    settled: null,
    responsible: null,
  }
  const { entries } = withTaken(
    { ...state, entries: [...state.entries.filter(({ id }) => id !== entryId), entry] },
    units,
  )
  return knownValues(entries.at(-1)!)
}

/** Lines that a proposal lays down. */
const laidIn = ({ facts }: Proposal): LineLaid[] =>
  facts.flatMap((fact) => (fact.subject === 'line' && fact.facet === 'laid' ? [fact.value] : []))

/** Whether a line tells work of the same stage. */
export const laysThe = (work: Proposal, other: Proposal): boolean =>
  laidIn(work).some(({ stage }) => laidIn(other).some((one) => one.stage === stage))

/** Whether figures tell how much it is. */
export const isReckoned = (work: Proposal): boolean => laidIn(work).every(({ rough }) => !rough)

const isToCome = (words: string, laysOut: boolean): boolean =>
  NOT_YET.test(words) || (laysOut ? !THERE.test(words) : COMES.test(words) && !THERE.test(words))

const NOT_YET =
  /\b(?:not|isn t|aren t|isn't|aren't|never|still to be|yet to be) (?:yet )?(?:poured|in|on|up|done|laid|set|hung|built|framed|grouted|closed|painted|fixed|there)\b|\bstill (?:has|have|to|needs?)\b/
const THERE =
  /\b(?:is|are|was|were|been|all) (?:already )?(?:in|on|up|done|there|finished|poured|framed|built|hung|set|laid|standing)\b|\b(?:poured|done|finished) (?:on |last |this )?(?:monday|tuesday|wednesday|thursday|friday|week|yesterday)\b|\bas it (?:is|was)\b/
const COMES =
  /\b(?:to (?:sheathe|frame|pour|clad|paint|seal|fit|hang|set|repoint|rebuild|overlay|cover|board)|gets?|go(?:es)? (?:on|in|up|over)|has to|have to|needs? to|must|will|going to|next|comes? (?:on|in)(?! (?:two|three|four|several|\d+|pieces|sections|halves))|wants?|repointing|rake)\b/
