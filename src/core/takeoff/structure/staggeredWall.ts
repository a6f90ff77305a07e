import { calculation, length, output, up } from '../calculation'

/** C-53: two rows of studs on a wide plate, each at 16 in (400 mm), offset by half. */
export const staggeredWall = calculation({
  id: 'C-53',
  title: 'Staggered stud wall',
  inputs: {
    long: length('Length'),
    spacing: length('Spacing in a row', { default: { metric: 400, imperial: 406.4 } }),
  },
  outputs: { studs: output('Studs', 'pieces'), offset: output('Offset of the rows', 'mm') },
  run: ({ long, spacing }, p) => {
    const row = up(long / spacing) + 1
    return {
      outputs: { studs: 2 * row, offset: spacing / 2 },
      steps: [
        `Two rows of ${row}: ${2 * row} studs, offset ${p.len(spacing / 2)}. Insulate the whole length; no bridges, no boxes back to back.`,
      ],
    }
  },
})
