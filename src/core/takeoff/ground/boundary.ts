import { calculation, length, number, output } from '../calculation'

/** C-57: what is reached only from the neighbour's side, and the days that takes. */
export const boundary = calculation({
  id: 'C-57',
  title: 'Work from the neighbour’s side',
  inputs: {
    long: length('Length behind the line'),
    tall: length('Height'),
    rate: number('Area a day', { unit: 'm2 a day' }),
  },
  outputs: { area: output('Area', 'm2'), days: output('Days', 'days') },
  run: ({ long, tall, rate }, p) => {
    const reached = (long * tall) / 1e6
    return {
      outputs: { area: reached, days: reached / rate },
      steps: [
        `${p.area(reached)} at ${p.area(rate)} a day: ${p.num(reached / rate, 1)} days. The neighbour is told beforehand.`,
      ],
    }
  },
})
