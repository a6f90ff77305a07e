import { calculation, length, optional, output } from '../calculation'

/** C-17: as laid against the plan, what the neighbour keeps, and where something centred on an axis stands. */
export const layout = calculation({
  id: 'C-17',
  title: 'Layout against the plan',
  inputs: {
    laid: length('As laid', { zero: true }),
    planned: length('As planned', { zero: true }),
    neighbour: optional(length('The neighbour, as planned', { zero: true })),
    axis: optional(length('Axis to centre on, from the corner', { zero: true })),
    wall: optional(length('Length of that wall')),
  },
  outputs: {
    difference: output('Laid wider than planned', 'mm'),
    neighbour: output('The neighbour then', 'mm'),
    offset: output('Axis off the middle of the wall', 'mm'),
  },
  run: ({ laid, planned, neighbour = 0, axis, wall }, p) => {
    const difference = laid - planned
    const offset = axis === undefined || wall === undefined ? 0 : axis - wall / 2
    return {
      outputs: { difference, neighbour: Math.max(0, neighbour - difference), offset },
      steps: [
        `${p.len(laid)} against ${p.len(planned)}: ${p.len(difference)}.`,
        ...(neighbour > 0
          ? [`The neighbour keeps ${p.len(neighbour - difference)}: check its doors and clearances.`]
          : []),
        ...(offset === 0 ? [] : [`The axis lies ${p.len(offset)} off the middle of the wall.`]),
      ],
    }
  },
})
