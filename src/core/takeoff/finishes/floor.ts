import { area, calculation, choice, optional, output, percent, up, withPercent } from '../calculation'

/** Waste by how it is laid, per cent: general trade figures. */
const WASTE = { straight: 7, typical: 10, diagonal: 15 } as const

/** C-32: boxes = area with its waste over the box. */
export const floor = calculation({
  id: 'C-32',
  title: 'Floor',
  inputs: {
    surface: area('Floor'),
    box: area('What a box covers'),
    laid: choice('How it is laid', ['straight', 'typical', 'diagonal'], 'typical'),
    waste: optional(percent('Waste, where it is set')),
  },
  outputs: {
    withWaste: output('With waste', 'm2'),
    boxes: output('Boxes, unrounded', 'pieces'),
    order: output('Boxes to order', 'pieces'),
  },
  run: ({ surface, box, laid, waste }, p) => {
    const more = waste ?? WASTE[laid]
    const withWaste = withPercent(surface, more)
    return {
      outputs: { withWaste, boxes: withWaste / box, order: up(withWaste / box) },
      steps: [
        `${p.area(surface)} + ${p.num(more)} % = ${p.area(withWaste)}; boxes of ${p.area(box)}: ${p.num(withWaste / box)}, so ${up(withWaste / box)}.`,
      ],
      warnings: ['It lies in its rooms 7 to 14 days first, and the floor below is tested for moisture.'],
    }
  },
})
