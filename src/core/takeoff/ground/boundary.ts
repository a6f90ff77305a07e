import { calculation, count, length, number, output, up } from '../calculation'

/** C-57: what is reached only from the neighbour's side, and the days that takes. */
export const boundary = calculation({
  id: 'C-57',
  title: 'Work from the neighbour’s side',
  inputs: {
    long: length('Length behind the line'),
    tall: length('Height'),
    rate: number('Area a day', { unit: 'm2 a day' }),
    coats: count('Coats', { default: 1, most: 20 }),
  },
  outputs: { area: output('Area', 'm2'), days: output('Days', 'days'), wholeDays: output('Whole days', 'days') },
  run: ({ long, tall, rate, coats }, p) => {
    const reached = (long * tall) / 1e6
    const days = (reached * coats) / rate
    return {
      outputs: { area: reached, days, wholeDays: up(days) },
      steps: [
        `${p.area(reached)}${coats > 1 ? ` × ${coats} coats` : ''} at ${p.area(rate)} a day: ${p.num(days)} days, so ${up(days)}. The neighbour is told beforehand.`,
      ],
    }
  },
})
