import type { Line, LineLaid } from '../scope/line'
import { DUSTY } from '../sequence/relations'

/** Houses of before this year may hold lead in their paint and asbestos in boards, flooring, pipe lagging and plaster. */
const OLD_HOUSE = 1980

/** What is said of an old house until somebody has answered for lead and for asbestos both: laying work down changes nothing
 * of it. Null where the house is newer, its year is not known, or both tests are answered.
 * @param built the year
 * @param entries of the site; 'hazard-screen' ones tell what was tested
 * @param testedBefore the year that the firm or the site has set */
export function hazardNotice(
  built: number | null,
  entries: readonly {
    readonly kind: string
    readonly values: Readonly<Record<string, unknown>>
    readonly settled: object | null
  }[],
  testedBefore = OLD_HOUSE,
): string | null {
  if (built === null || built >= testedBefore) return null
  const answered = new Set(
    entries.flatMap(({ kind, values, settled }) =>
      kind === 'hazard-screen' && settled ? [String(values['for'])] : [],
    ),
  )
  const open = ['lead', 'asbestos'].filter((one) => !answered.has(one))
  if (open.length === 0) return null
  return `Built ${built}: have paint, plaster, boards and flooring tested for ${open.join(' and ')} before anything is cut, sanded or opened. Only certified people clear it.`
}

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
