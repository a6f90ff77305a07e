import type { Line } from '../scope/line'
import type { NewFact } from '../walk/observation'
import type { SpokenLine } from './line'

/** The words themselves, kept beside what is made of them. */
export const noteOf = (
  { words }: SpokenLine,
  placeId: string,
  about: Line | undefined,
  newId: () => string,
): NewFact => ({
  subject: 'note',
  facet: 'noted',
  subjectId: newId(),
  placeId,
  value: { text: words, private: false, ...(about ? { about: about.id } : {}) },
})

/** How far lines of work are. */
export const shareOf = (lines: readonly Line[], percent: number): NewFact[] =>
  lines.map(({ id, placeId }) => ({ subject: 'line', subjectId: id, placeId, facet: 'progress', value: percent }))

/** What only a tap says of lines. */
export const doneByATap = (lines: readonly Line[]) => ({
  words: 'It is done, all of it',
  facts: shareOf(lines, 100),
})

/** What is done of a line is kept with it; that all of it is, only somebody's tap says. */
export const inPart = (line: SpokenLine, placeId: string, lines: readonly Line[], newId: () => string) => ({
  says: `${lines.map(({ title }) => title).join(', ')}, in part`,
  facts: [noteOf(line, placeId, lines[0], newId)],
  ...(line.percent === 100 ? { toConfirm: doneByATap(lines) } : {}),
})
