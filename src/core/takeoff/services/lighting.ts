import { calculation, length, output, up } from '../calculation'

/** C-37: recessed lights half the ceiling height apart, half of that off the walls. */
export const lighting = calculation({
  id: 'C-37',
  title: 'Recessed lights',
  inputs: { long: length('Length of the room'), wide: length('Width of the room'), ceiling: length('Ceiling height') },
  outputs: {
    spacing: output('Spacing', 'mm'),
    offWall: output('Off the wall', 'mm'),
    lights: output('Lights', 'pieces'),
  },
  run: ({ long, wide, ceiling }, p) => {
    const spacing = ceiling / 2
    const [along, across] = [up(long / spacing), up(wide / spacing)]
    return {
      outputs: { spacing, offWall: spacing / 2, lights: along * across },
      steps: [
        `${p.len(spacing)} apart, ${p.len(spacing / 2)} off the walls: ${along} × ${across} = ${along * across}.`,
      ],
      warnings: ['The load is for a licensed electrician. A stair has a switch and a light at its foot.'],
    }
  },
})
