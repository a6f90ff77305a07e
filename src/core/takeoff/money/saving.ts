import { calculation, money, number, output } from '../calculation'

/** C-43: what was avoided: days × rate + material not bought; told as avoided, not as paid. */
export const saving = calculation({
  id: 'C-43',
  title: 'Saving',
  inputs: {
    days: number('Days not worked', { unit: 'days', zero: true }),
    rate: money('Rate of a day', { zero: true }),
    material: money('Material not bought', { default: 0 }),
  },
  outputs: { avoided: output('Avoided', 'money') },
  run: ({ days, rate, material }, p) => ({
    outputs: { avoided: days * rate + material },
    steps: [`${p.num(days)} × ${p.num(rate)} + ${p.num(material)} = ${p.num(days * rate + material)}, avoided.`],
  }),
})
