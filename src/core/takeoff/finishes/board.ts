import { area, calculation, output, percent, up, upTo, withPercent } from '../calculation'
import { FT, FT2, GALLON } from '../printer'

/** C-35: sheets of 32 or 48 ft² with 10 to 15 %; tape 385 ft, premix 9.5 gal and 1 200 screws to 1 000 ft². */
export const board = calculation({
  id: 'C-35',
  title: 'Board',
  inputs: {
    surface: area('Walls and ceilings'),
    sheet: area('Area of a sheet', { default: { metric: 1.2 * 2.4, imperial: 32 * FT2 } }),
    waste: percent('Waste', { default: 10 }),
  },
  outputs: {
    sheets: output('Sheets, unrounded', 'pieces'),
    order: output('Sheets to order', 'pieces'),
    tape: output('Tape', 'mm'),
    premix: output('Premix', 'L'),
    screws: output('Screws', 'pieces'),
  },
  run: ({ surface, sheet, waste }, p, units) => {
    const sheets = withPercent(surface, waste) / sheet
    const thousands = surface / FT2 / 1000
    const tape = thousands * 385 * FT
    const premix = thousands * 9.5 * GALLON
    const [long, full] = units === 'imperial' ? [FT, GALLON / 4] : [1000, 0.5]
    return {
      outputs: { sheets, order: up(sheets), tape, premix, screws: up(thousands * 1200) },
      steps: [
        `${p.area(surface)} + ${p.num(waste)} % on sheets of ${p.area(sheet)}: ${p.num(sheets, 1)}, so ${up(sheets)}.`,
        `Tape ${p.len(upTo(tape, long))}, premix ${p.liquid(upTo(premix, full))}, ${up(thousands * 1200)} screws.`,
      ],
    }
  },
})
