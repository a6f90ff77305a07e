import { calculation, number, output } from '../calculation'

/** C-38: working days = quantity / (crew × what one does in a day) + setting up. */
export const duration = calculation({
  id: 'C-38',
  title: 'Duration',
  inputs: {
    quantity: number('Quantity', { zero: true }),
    crew: number('People', { default: 2 }),
    daily: number('What one does in a day'),
    setUp: number('Setting up', { default: 0, unit: 'days' }),
  },
  outputs: { days: output('Working days', 'days') },
  run: ({ quantity, crew, daily, setUp }, p) => {
    const days = quantity / (crew * daily) + setUp
    return {
      outputs: { days },
      steps: [
        `${p.num(quantity)} / (${p.num(crew)} × ${p.num(daily)}) + ${p.num(setUp)} = ${p.num(days)} working days.`,
      ],
    }
  },
})
