import { area, calculation, output, percent, up, withPercent } from '../calculation'

/** C-05: sheets of 4 × 8 ft (32 ft², 2.97 m²) with 10 % on walls and 15 % on gables. */
export const sheathing = calculation({
  id: 'C-05',
  title: 'Sheathing',
  inputs: {
    walls: area('Walls, net'),
    gables: area('Gables, net', { default: 0 }),
    sheet: area('Area of a sheet', { default: 32 * 0.3048 ** 2 }),
    waste: percent('Waste on walls', { default: 10 }),
    gableWaste: percent('Waste on gables', { default: 15 }),
  },
  outputs: {
    area: output('Walls and gables', 'm2'),
    sheets: output('Sheets, unrounded', 'pieces'),
    order: output('Sheets to order', 'pieces'),
  },
  run: ({ walls, gables, sheet, waste, gableWaste }, p) => {
    const sheets = (withPercent(walls, waste) + withPercent(gables, gableWaste)) / sheet
    return {
      outputs: { area: walls + gables, sheets, order: up(sheets) },
      steps: [
        `${p.area(walls)} + ${p.num(waste)} %${gables > 0 ? ` and ${p.area(gables)} + ${p.num(gableWaste)} %` : ''} on sheets of ${p.area(sheet)}: ${p.num(sheets, 1)}, so ${up(sheets)}.`,
        'Gaps of 1/8 in (3 mm) between sheets; match the thickness that is there.',
      ],
    }
  },
})
