import { calculation, count, money, number, output } from '../calculation'

/** C-43: what was avoided: days × rate + pieces × price of each + material not bought; told as avoided, not as paid. */
export const saving = calculation({
  id: 'C-43',
  title: 'Saving',
  inputs: {
    days: number('Days not worked', { unit: 'days', default: 0 }),
    rate: money('Rate of a day', { default: 0 }),
    material: money('Material not bought', { default: 0 }),
    pieces: count('Pieces not needed', { default: 0 }),
    each: money('Price of each', { default: 0 }),
  },
  outputs: { avoided: output('Avoided', 'money') },
  run: ({ days, rate, material, pieces, each }, p) => {
    const avoided = days * rate + material + pieces * each
    const parts = [
      ...(days > 0 || pieces === 0 ? [`${p.num(days)} × ${p.num(rate)}`] : []),
      ...(pieces > 0 ? [`${pieces} × ${p.num(each)}`] : []),
      ...(material > 0 || pieces === 0 ? [p.num(material)] : []),
    ]
    return { outputs: { avoided }, steps: [`${parts.join(' + ')} = ${p.num(avoided)}, avoided.`] }
  },
})
