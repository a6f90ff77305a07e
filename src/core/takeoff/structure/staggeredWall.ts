import { calculation, count, length, optional, output, up } from '../calculation'

/** C-53: two rows of studs on a wide plate, each at 16 in (400 mm), offset by half. */
export const staggeredWall = calculation({
  id: 'C-53',
  title: 'Staggered stud wall',
  inputs: {
    long: length('Length'),
    spacing: length('Spacing in a row', { default: { metric: 400, imperial: 406.4 } }),
    counted: optional(count('Studs counted', { zero: true })),
  },
  outputs: {
    studs: output('Studs', 'pieces'),
    offset: output('Offset of the rows', 'mm'),
    missing: output('Counted too few by', 'pieces'),
  },
  run: ({ long, spacing, counted }, p) => {
    const row = up(long / spacing) + 1
    const missing = counted === undefined ? 0 : Math.max(0, 2 * row - counted)
    return {
      outputs: { studs: 2 * row, offset: spacing / 2, missing },
      steps: [
        `Two rows of ${row}: ${2 * row} studs, offset ${p.len(spacing / 2)}. Insulate the whole length; no bridges, no boxes back to back.`,
        ...(counted === undefined || counted === 2 * row
          ? []
          : [`${counted} counted, ${2 * row} by the spacing: which is right?`]),
      ],
    }
  },
})
