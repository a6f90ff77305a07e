import type { LineLaid } from '../scope/line'
import type { NewFact } from '../walk/observation'

/** The lines of work that facts lay down. */
export const linesLaid = (facts: readonly NewFact[]): readonly LineLaid[] =>
  facts.flatMap((fact) => (fact.subject === 'line' && fact.facet === 'laid' ? [fact.value] : []))
