import { actionIn } from '../actions'
import { readClause } from '../clauseReading'
import { plain } from '../clauses'
import { asScope, onlyIfDone } from '../completion'
import { readLead } from '../dates'
import { percentIn } from '../howFar'
import { conditionIn, isHedged } from '../kinds'
import type { LineKind, Narration, SpokenLine } from '../line'
import { stageIn } from '../mentions'
import type { Fields } from '../reading'

const DENIED = /\b(?:not|no|never|none|nothing)\b/

/** Words of something that is there or was done, as far as no rule knows them. */
const SOUNDS_DONE =
  /\b(?:[a-z]{3,}ed|done|finish|finished|ready|complete|in|up|on|off|out|down|over|through|set|hung|laid|built|cut|put|run|made|gone|stood|fit|tight|working|live)\b/

/** What a kind tells beside what every line tells. */
const TELLS: Partial<Readonly<Record<LineKind, (norm: string, fields: Fields) => Fields>>> = {
  progress: (norm, fields) => {
    const percent = percentIn(norm, null)
    const stage = stageIn(norm, fields.element ?? null, false)
    return {
      ...(stage ? { stage } : {}),
      ...(typeof percent === 'number'
        ? { percent }
        : DENIED.test(norm)
          ? { percent: 0 }
          : SOUNDS_DONE.test(norm)
            ? { percent: 100 }
            : {}),
      ...fields,
    }
  },
  found: (norm, fields) => {
    const condition = conditionIn(norm)
    return { ...fields, ...(condition ? { condition } : {}), certain: !isHedged(norm) }
  },
  work: (norm, fields) => {
    const action = actionIn(norm)
    return { ...fields, ...(action ? { action } : {}) }
  },
  expect: (norm, fields) => {
    const leadDays = readLead(norm)
    return { ...fields, ...(leadDays === null ? {} : { leadDays }) }
  },
  note: () => ({}),
}

/** Words read as a kind, where another line was read of them or of a part of them: its place, how sure it is and what it keeps
 * to itself stay. */
export const readAs = (
  kind: LineKind,
  narration: Narration,
  words: string,
  { place, sure, private: secret }: Pick<SpokenLine, 'place' | 'sure' | 'private'>,
): SpokenLine => ({
  ...lineOfKind(kind, narration, words, null),
  ...(place ? { place } : {}),
  ...(sure === undefined ? {} : { sure }),
  ...(secret ? { private: true as const } : {}),
})

/** A line of a kind that the rules did not see in these words, with what they find in them for it. What sounds done is so
 * only where that was said. */
export function lineOfKind(kind: LineKind, narration: Narration, words: string, before: SpokenLine | null): SpokenLine {
  const norm = plain(words)
  const memory = {
    element: before?.element ?? null,
    stage: before?.stage,
    stageOf: before?.element,
    trade: before?.trade,
    said: '',
  }
  const { reading } = readClause(norm, narration, memory, before)
  const fields = TELLS[kind]?.(norm, reading.fields) ?? reading.fields
  const line: SpokenLine = { ...fields, kind, words }
  return onlyIfDone(asScope(line, norm, narration.walk), words.split(/[,;]|\.\s/).map(plain), norm, narration.today)
}
