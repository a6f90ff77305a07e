import { calculation, choice, length, mass, number, optional, output } from '../calculation'
import { binCheck, WASTE, type WasteKind } from '../demolitionWaste'
import { LB } from '../printer'

/** C-45: weight before volume. */
export const demolition = calculation({
  id: 'C-45',
  title: 'Demolition waste and bins',
  inputs: {
    debris: choice('Debris', Object.keys(WASTE) as WasteKind[], 'plaster and lath'),
    amount: number('How much, m² or m³ (ft² or ft³ with units imperial)'),
    limit: mass('Weight limit of the bin'),
    load: optional(length('Height of the load')),
    bin: optional(length('Height of the bin')),
  },
  outputs: {
    low: output('Weight, from', 'kg'),
    high: output('to', 'kg'),
    fill: output('Full by height', '%'),
    over: output('Over its limit'),
  },
  run: ({ debris, amount, limit, load, bin }, p, units) => {
    const pound = units === 'imperial' ? LB : 1
    const heights = load !== undefined && bin !== undefined ? { load, bin } : undefined
    const { weight, overWeight, fill } = binCheck(debris, amount, limit / pound, heights, units)
    const [low, high] = weight.map((one) => one * pound) as [number, number]
    return {
      outputs: { low, high, fill: fill ?? 0, over: overWeight },
      steps: [
        `${p.mass(low)} to ${p.mass(high)} against ${p.mass(limit)}: over its limit? ${overWeight}.`,
        ...(fill === null ? [] : [`${fill} % full by height.`]),
      ],
      warnings: overWeight === 'no' ? [] : ['Weight before volume: have it exchanged before the rest goes in.'],
    }
  },
})
