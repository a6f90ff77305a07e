import type { Line } from './line'
import { linesBy } from './linesBy'
import type { Stage } from './vocabulary'

/** Highest figure that a stage may show while its test or inspection is open (C-41). */
export const UNTESTED_CAP = 90

/** Honest progress of some lines: done effort over all effort, in whole per cent (C-41).
 *
 * Lines out of scope do not count. A stage whose test or inspection is still open shows 90 at most.
 * @param lines the lines of one stage, of a place or of a site
 * @param tests lines of the same place with `inspects`; each caps the stages it inspects
 * @returns 0 to 100, or null where no line counts
 */
export function honestProgress(lines: readonly Line[], tests: readonly Line[] = []): number | null {
  const counted = lines.filter((line) => line.excluded === null)
  const all = counted.reduce((sum, line) => sum + line.hours, 0)
  if (all === 0) return null
  const done = counted.reduce((sum, line) => sum + (line.hours * line.progress) / 100, 0)
  const percent = Math.floor((100 * done) / all + 1e-9)
  const openTest = tests.some((test) => test.excluded === null && test.progress < 100 && inspectsAny(test, counted))
  return openTest ? Math.min(percent, UNTESTED_CAP) : percent
}

const inspectsAny = (test: Line, lines: readonly Line[]): boolean =>
  lines.some(
    (line) => line.id !== test.id && (test.inspects ?? []).includes(line.stage) && line.placeId === test.placeId,
  )

/** Honest progress of one stage of a place. The inspector's own line is a test of the stage, not part of its effort. */
export function stageProgress(lines: readonly Line[], placeId: string, stage: Stage): number | null {
  const here = linesBy(lines).place(placeId)
  const work = here.filter((line) => line.stage === stage && line.trade !== 'inspector')
  return honestProgress(
    work,
    here.filter((line) => (line.inspects ?? []).includes(stage)),
  )
}
