import { calculation, length, lengths, output } from '../calculation'

/** C-56: 1/4 in (6 mm) on a visible face, 1/16 in (2 mm) in a reveal, measured at points along it. */
export const alignment = calculation({
  id: 'C-56',
  title: 'Alignment',
  inputs: {
    points: lengths('Measured at points along it', { fine: true }),
    tolerance: length('Tolerance', { default: { metric: 2, imperial: 1.5875 }, zero: true }),
  },
  outputs: {
    spread: output('Greatest difference', 'mm'),
    outside: output('Points outside', 'pieces'),
  },
  run: ({ points, tolerance }, p) => {
    const middle = [...points].sort((a, b) => a - b)[Math.floor((points.length - 1) / 2)] ?? 0
    const spread = Math.max(...points) - Math.min(...points)
    const outside = points.filter((point) => Math.abs(point - middle) > tolerance + 1e-9)
    return {
      outputs: { spread, outside: outside.length },
      steps: [
        outside.length === 0
          ? `All within ${p.len(tolerance)} of ${p.len(middle)}.`
          : `${outside.map((point) => p.len(point)).join(', ')} ${outside.length === 1 ? 'lies' : 'lie'} outside ${p.len(tolerance)} of ${p.len(middle)}: ${p.len(spread)} off.`,
      ],
    }
  },
})
