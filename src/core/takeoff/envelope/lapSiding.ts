import { area, calculation, length, output, percent, up, withPercent } from '../calculation'

/** C-03: courses balanced to a whole number at no more than the exposure, and boards by covered area. */
export const lapSiding = calculation({
  id: 'C-03',
  title: 'Lap siding',
  inputs: {
    height: length('Height of the wall'),
    exposure: length('Exposure, board less lap', { default: { metric: 178, imperial: 177.8 } }),
    walls: area('Walls, net', { default: 0 }),
    gables: area('Gables, net', { default: 0 }),
    board: length('Length of a board', { default: { metric: 3660, imperial: 3657.6 } }),
    wallWaste: percent('Waste on walls', { default: 10 }),
    gableWaste: percent('Waste on gables', { default: 15 }),
  },
  outputs: {
    courses: output('Courses', 'pieces'),
    balanced: output('Balanced exposure', 'mm'),
    boards: output('Boards, unrounded', 'pieces'),
    order: output('Boards to order', 'pieces'),
  },
  run: ({ height, exposure, walls, gables, board, wallWaste, gableWaste }, p) => {
    const courses = Math.max(1, up(height / exposure))
    const balanced = height / courses
    const covers = (board * balanced) / 1e6
    const boards = (withPercent(walls, wallWaste) + withPercent(gables, gableWaste)) / covers
    const parts = [
      [walls, wallWaste],
      [gables, gableWaste],
    ] as const
    const taken = parts.flatMap(([net, waste]) => (net > 0 ? [`${p.area(net)} + ${p.num(waste)} %`] : []))
    return {
      outputs: { courses, balanced, boards, order: up(boards) },
      steps: [
        `${p.len(height)} at no more than ${p.len(exposure)}: ${courses} courses of ${p.len(balanced)}.`,
        ...(taken.length > 0
          ? [`A board covers ${p.area(covers)}; ${taken.join(' and ')} take ${p.num(boards, 1)}, so ${up(boards)}.`]
          : []),
      ],
      warnings:
        exposure - balanced > 19.05
          ? ['The balanced exposure is far under the full one: check the maker’s least.']
          : [],
    }
  },
})
