import { calculation, choice, count, length, optional, output, up, upTo, volume, withPercent } from '../calculation'
import { FT3, YD3 } from '../printer'

/** C-25: volume with 5 % in forms and 10 % in ground, up to 1/4 yd³ (0.2 m³), or in bags: 80 lb 0.60 ft³, 25 kg 0.011 to
 * 0.012 m³. */
export const concrete = calculation({
  id: 'C-25',
  title: 'Concrete',
  inputs: {
    long: optional(length('Length')),
    wide: optional(length('Width')),
    thick: optional(length('Thickness')),
    pieces: count('Pieces of that size', { default: 1 }),
    other: volume('Other volumes', { default: 0 }),
    place: choice('Placed', ['in forms', 'in ground'], 'in ground'),
    ordered: optional(volume('Ordered already', { zero: true })),
  },
  outputs: {
    net: output('Volume, net', 'm3'),
    withMore: output('with what is lost', 'm3'),
    order: output('To order', 'm3'),
    bagsLow: output('or bags, from', 'pieces'),
    bagsHigh: output('to', 'pieces'),
    short: output('Ordered too little by', 'm3'),
  },
  run: ({ long = 0, wide = 0, thick = 0, pieces, other, place, ordered }, p, units) => {
    const net = (long * wide * thick * pieces) / 1e9 + other
    const more = place === 'in forms' ? 5 : 10
    const withMore = withPercent(net, more)
    const imperial = units === 'imperial'
    const order = upTo(withMore, imperial ? YD3 / 4 : 0.2)
    const [large, small] = imperial ? [0.6 * FT3, 0.6 * FT3] : [0.012, 0.011]
    const [bagsLow, bagsHigh] = [up(withMore / large), up(withMore / small)]
    const short = ordered === undefined ? 0 : Math.max(0, order - ordered)
    return {
      outputs: { net, withMore, order, bagsLow, bagsHigh, short },
      steps: [
        `${p.volume(net)}, with ${more} % ${place} ${p.volume(withMore)}: order ${p.volume(order)}, or ${bagsHigh === 1 ? '1 bag' : `${bagsLow === bagsHigh ? bagsLow : `${bagsLow} to ${bagsHigh}`} bags`} of ${imperial ? '80 lb' : '25 kg'}.`,
        ...(short > 0 ? [`${p.volume(short)} more than was ordered.`] : []),
        'Ask about what primes the pump, the least load and the finish.',
      ],
      warnings: [
        'Bars and cables in an old slab are not cut: scan first, the engineer decides. Sawing makes silica dust.',
      ],
    }
  },
})
