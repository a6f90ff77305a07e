import { calculation, choice, length, optional, output, up, volume } from '../calculation'

/** C-27: order = compacted volume less what is reused × 1.15 to 1.25; layers of at most 8 in (200 mm), 6 in (150 mm) by
 * hand tamper. */
export const fill = calculation({
  id: 'C-27',
  title: 'Fill and gravel',
  inputs: {
    long: optional(length('Length')),
    wide: optional(length('Width')),
    deep: length('Depth to fill'),
    volume: optional(volume('Volume, where it is known')),
    reused: volume('Clean fill that is reused', { default: 0 }),
    soil: choice('What else lies there', ['clean and granular', 'clay', 'not known'], 'clean and granular'),
  },
  outputs: {
    net: output('To fill', 'm3'),
    missing: output('less what is reused', 'm3'),
    orderLow: output('Order, from', 'm3'),
    orderHigh: output('to', 'm3'),
    layers: output('Layers by machine', 'pieces'),
    handLayers: output('Layers by hand', 'pieces'),
  },
  run: ({ long = 0, wide = 0, deep, volume: told, reused, soil }, p, units) => {
    const net = told ?? (long * wide * deep) / 1e9
    const missing = Math.max(0, net - reused)
    const [machine, hand] = units === 'imperial' ? [8 * 25.4, 6 * 25.4] : [200, 150]
    const [layers, handLayers] = [up(deep / machine), up(deep / hand)]
    return {
      outputs: { net, missing, orderLow: missing * 1.15, orderHigh: missing * 1.25, layers, handLayers },
      steps: [
        `${p.volume(net)} less ${p.volume(reused)} leaves ${p.volume(missing)}; order ${p.volume(missing * 1.15)} to ${p.volume(missing * 1.25)}.`,
        `${layers} layers of ${p.len(deep / layers)}${handLayers === layers ? '' : `, ${handLayers} of ${p.len(deep / handLayers)} by hand tamper`}.`,
      ],
      warnings:
        soil === 'clean and granular'
          ? []
          : ['Clay and unknown soil are refused as fill; the inspector or the engineer decides.'],
    }
  },
})
