import { calculation, count, money, number, output, percent, withPercent } from '../calculation'

/** C-42: (material with waste + labour + sub) with overhead and profit, then tax on the whole. */
export const change = calculation({
  id: 'C-42',
  title: 'Price of a change',
  inputs: {
    material: money('Material', { default: 0 }),
    waste: percent('Waste on material', { default: 0 }),
    labour: money('Labour', { default: 0 }),
    sub: money('Subcontracted', { default: 0 }),
    hours: number('Hours', { default: 0, unit: 'h', most: 10_000 }),
    rate: money('Rate an hour', { default: 0 }),
    overhead: percent('Overhead and profit', { default: 15 }),
    tax: percent('Tax', { default: 0 }),
    count: count('Pieces it is for', { default: 1 }),
    before: money('Changes before', { default: 0 }),
  },
  outputs: {
    price: output('Price', 'money'),
    each: output('Each', 'money'),
    total: output('All changes', 'money'),
  },
  run: ({ material, waste, labour, sub, hours, rate, overhead, tax, count: pieces, before }, p) => {
    const work = labour + hours * rate
    const price = withPercent(withPercent(withPercent(material, waste) + work + sub, overhead), tax)
    const worked =
      hours > 0 ? `${labour > 0 ? `${p.num(labour)} + ` : ''}${p.num(hours)} h × ${p.num(rate)}` : p.num(labour)
    return {
      outputs: { price, each: price / pieces, total: before + price },
      steps: [
        `(${p.num(material)} + ${p.num(waste)} % + ${worked} + ${p.num(sub)}) + ${p.num(overhead)} %${tax > 0 ? ` + ${p.num(tax)} % tax` : ''} = ${p.num(price)}${pieces > 1 ? `, ${p.num(price / pieces)} each` : ''}.`,
        ...(before > 0 ? [`${p.num(before)} + ${p.num(price)} = ${p.num(before + price)}.`] : []),
      ],
    }
  },
})
