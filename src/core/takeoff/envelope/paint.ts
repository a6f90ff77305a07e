import { area, calculation, count, number, output, percent, upTo, withPercent } from '../calculation'
import { GALLON } from '../printer'
import { usualWords } from '../usualWords'

/** C-10: litres are area × coats / spread with 10 %. Spread of one coat in m²/L: smooth wall 8.5 to 10, render 3.7 to 6,
 * wood soffit 7.4 (300 ft²/gal). */
export const paint = calculation({
  id: 'C-10',
  title: 'Paint',
  inputs: {
    surface: area('Area, openings over 9 m² (100 ft²) taken off'),
    coats: count('Coats', { default: 2, most: 20 }),
    spread: number('Spread of one coat', { default: 8.5, unit: 'm2 a litre', most: 60 }),
    more: percent('More for loss', { default: 10 }),
  },
  outputs: { litres: output('Paint, unrounded', 'L'), order: output('Paint to order', 'L') },
  run: ({ surface, coats, spread, more }, p, units) => {
    const litres = withPercent((surface * coats) / spread, more)
    const step = units === 'imperial' ? GALLON / 4 : 0.1
    const order = upTo(litres, step)
    return {
      outputs: { litres, order },
      steps: [
        `${p.area(surface)} × ${coats} coats / ${usualWords(spread, 'm2 a litre', units)} + ${p.num(more)} %: ${p.liquid(litres)}, so ${p.liquid(order)}.`,
        'One batch number for one wall; keep some for touching up.',
      ],
    }
  },
})
