import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, count, length, lengths, optional, output } from '../calculation'

/** C-15: what is left between a plane and the layers behind it; or, without a plane, the face that the layers make, the
 * packer behind a trim that stands proud of it, and how far the trim laps. A bed of tile wants 3 to 6 mm, of stone 1 to 3. */
export const flushPlane = calculation({
  id: 'C-15',
  title: 'Flush plane',
  inputs: {
    plane: optional(length('Plane, from the same face', { zero: true, fine: true })),
    layers: lengths('Layers behind it', { fine: true }),
    bed: length('Bed that is needed at least', { default: 0 }),
    trim: optional(length('Thickness of the trim', { fine: true })),
    proud: length('The trim stands proud by', { default: 0, fine: true }),
    under: optional(count('Layers that run on behind the trim, from the inside')),
    trimWide: optional(length('Width of the trim', { fine: true })),
    edge: optional(length('Gap that is left for it at the edge', { fine: true })),
  },
  outputs: {
    gap: output('What is left', 'mm'),
    stack: output('Layers together', 'mm'),
    trimFace: output('Face of the trim', 'mm'),
    packer: output('Packer behind the trim', 'mm'),
    lap: output('The trim laps', 'mm'),
  },
  run: ({ plane, layers, bed, trim, proud, under, trimWide, edge }, p) => {
    if (plane === undefined && trim === undefined)
      throw new ImpossibleRequest('missing-input', 'Plane, from the same face: it is needed, or the trim.', 'plane')
    const stack = layers.reduce((sum, layer) => sum + layer, 0)
    const gap = plane === undefined ? 0 : plane - stack
    const sums = (lengthsOf: readonly number[]): string => lengthsOf.map((layer) => p.len(layer)).join(' + ')
    const trimFace = trim === undefined ? 0 : stack + proud
    const behind = layers.slice(0, under ?? Math.max(0, layers.length - 1))
    const packer = trim === undefined ? 0 : trimFace - behind.reduce((sum, layer) => sum + layer, 0) - trim
    const lap = trimWide === undefined || edge === undefined ? 0 : trimWide - edge
    return {
      outputs: { gap, stack, trimFace, packer, lap },
      steps: [
        ...(plane === undefined
          ? [`The layers’ face: ${sums(layers)} = ${p.len(stack)}.`]
          : [`${p.len(plane)} − ${layers.map((layer) => p.len(layer)).join(' − ')} = ${p.len(gap)}.`]),
        ...(trim === undefined
          ? []
          : [
              `Face of the trim ${p.len(trimFace)}; packer ${p.len(trimFace)} − ${[...behind, trim].map((layer) => p.len(layer)).join(' − ')} = ${p.len(packer)}.`,
            ]),
        ...(lap > 0 ? [`The trim laps ${p.len(lap)} of its ${p.len(trimWide!)}.`] : []),
      ],
      warnings: [
        ...(gap < 0
          ? [`The layers stand ${p.len(-gap)} proud of the plane.`]
          : plane !== undefined && gap < bed
            ? [`Less than the bed of ${p.len(bed)} that is needed.`]
            : []),
        ...(packer < -1e-6
          ? [`There is no room for a packer: the trim would stand ${p.len(-packer)} further out.`]
          : []),
      ],
    }
  },
})
