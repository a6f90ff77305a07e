import { calculation, length, lengths, output } from '../calculation'

/** C-15: what is left between a plane and the layers behind it. A bed of tile wants 3 to 6 mm, of stone 1 to 3. */
export const flushPlane = calculation({
  id: 'C-15',
  title: 'Flush plane',
  inputs: {
    plane: length('Plane, from the same face', { zero: true, fine: true }),
    layers: lengths('Layers behind it', { fine: true }),
    bed: length('Bed that is needed at least', { default: 0 }),
  },
  outputs: { gap: output('What is left', 'mm'), stack: output('Layers together', 'mm') },
  run: ({ plane, layers, bed }, p) => {
    const stack = layers.reduce((sum, layer) => sum + layer, 0)
    const gap = plane - stack
    return {
      outputs: { gap, stack },
      steps: [`${p.len(plane)} − ${layers.map((layer) => p.len(layer)).join(' − ')} = ${p.len(gap)}.`],
      warnings:
        gap < 0
          ? [`The layers stand ${p.len(-gap)} proud of the plane.`]
          : gap < bed
            ? [`Less than the bed of ${p.len(bed)} that is needed.`]
            : [],
    }
  },
})
