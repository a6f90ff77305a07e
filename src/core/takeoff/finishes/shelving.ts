import { calculation, count, length, number, output, percent, up, withPercent } from '../calculation'
import { FT } from '../printer'

/** C-22: a tier is back + 2 × (side − depth); sheets of 32 ft² at shelf depth with 10 %. */
export const shelving = calculation({
  id: 'C-22',
  title: 'Shelving on three walls',
  inputs: {
    back: length('Back wall'),
    side: length('Each side wall'),
    depth: length('Depth of a shelf'),
    tiers: count('Tiers', { most: 100 }),
    perSheet: number('Area of a sheet', { default: 32, unit: 'ft2', most: 1000 }),
    waste: percent('Waste', { default: 10 }),
  },
  outputs: {
    shelf: output('Shelf', 'mm'),
    sheets: output('Sheets, unrounded', 'pieces'),
    order: output('Sheets to order', 'pieces'),
    cleats: output('Cleats', 'mm'),
  },
  run: ({ back, side, depth, tiers, perSheet, waste }, p) => {
    const shelf = tiers * (back + 2 * (side - depth))
    const sheets = withPercent(((shelf / FT) * (depth / FT)) / perSheet, waste)
    return {
      outputs: { shelf, sheets, order: up(sheets), cleats: shelf },
      steps: [
        `${tiers} × (${p.len(back)} + 2 × (${p.len(side)} − ${p.len(depth)})) = ${p.len(shelf)}; ${p.num(sheets)} sheets, so ${up(sheets)}.`,
      ],
    }
  },
})
