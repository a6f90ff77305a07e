import { calculation, count, length, output, percent, up, withPercent } from '../calculation'

/** C-13: rungs = ⌈length / spacing⌉ + 1 at 24 in (600 mm); plates twice the length; board with 10 %. */
export const bulkheadFraming = calculation({
  id: 'C-13',
  title: 'Bulkhead framing',
  inputs: {
    long: length('Length of the bulkhead'),
    spacing: length('Spacing of the rungs', { default: { metric: 600, imperial: 609.6 } }),
    drop: length('Drop', { default: 0 }),
    underside: length('Width of the underside', { default: 0 }),
    second: length('Second side', { default: 0 }),
    waste: percent('Waste of board', { default: 10 }),
    standing: count('Rungs that are in', { default: 0 }),
  },
  outputs: {
    rungs: output('Rungs', 'pieces'),
    plates: output('Plates', 'mm'),
    board: output('Board', 'm2'),
  },
  run: ({ long, spacing, drop, underside, second, waste, standing }, p) => {
    const spaces = up(long / spacing)
    const board = withPercent((long * (drop + underside + second)) / 1e6, waste)
    return {
      outputs: { rungs: spaces + 1, plates: 2 * long, board },
      steps: [
        `${p.len(long)} at ${p.len(spacing)}: ${spaces} spaces, ${spaces + 1} rungs; plates ${p.len(2 * long)}.`,
        ...(standing > 0
          ? [`${standing} of ${spaces + 1} rungs are in: ${p.num((100 * standing) / (spaces + 1), 0)} %.`]
          : []),
        ...(board > 0 ? [`Board ${p.area(board)} with ${p.num(waste)} %.`] : []),
      ],
    }
  },
})
