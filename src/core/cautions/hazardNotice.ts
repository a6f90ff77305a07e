/** Houses of before this year may hold lead in their paint and asbestos in boards, flooring, pipe lagging and plaster. */
export const OLD_HOUSE = 1980

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
