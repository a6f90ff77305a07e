import { hazardNotice, OLD_HOUSE } from '../cautions/hazardNotice'
import type { Line, LineLaid } from '../scope/line'
import { DUSTY } from './relations'

/** The work of testing an old house, where dust will be made in it and nobody has answered for what it is made of; null where
 * it is in the scope already, or nothing asks for it. Which tests are wanted, and who may take them, local rules say.
 * @param placeId where the samples are taken first */
export function testsBeforeDust(
  built: number | null,
  {
    lines,
    entries,
  }: {
    readonly lines: readonly Pick<Line, 'stage' | 'excluded' | 'progress'>[]
    readonly entries: Parameters<typeof hazardNotice>[1]
  },
  placeId: string,
  testedBefore = OLD_HOUSE,
): LineLaid | null {
  if (hazardNotice(built, entries, testedBefore) === null) return null
  if (lines.some(({ stage }) => stage === 'testing')) return null
  if (!lines.some(({ stage, excluded, progress }) => DUSTY.includes(stage) && excluded === null && progress < 100))
    return null
  return {
    placeId,
    stage: 'testing',
    trade: 'tester',
    action: 'test',
    element: 'paint',
    title: 'Test paint, plaster, boards and flooring for lead and asbestos',
    basis: 'once',
    rate: 'inspect-rough',
    quantity: { value: 1, unit: 'each' },
    how: 'an old house',
    rough: false,
    hours: 3,
    cautions: ['dust'],
  }
}
