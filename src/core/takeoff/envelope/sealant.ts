import { calculation, length, output, percent, up, volume, withPercent } from '../calculation'

/** C-11: joint × bead width × depth over the tube, with 15 %. A 10.1 oz tube holds 18.2 in³, a metric one 300 ml. */
export const sealant = calculation({
  id: 'C-11',
  title: 'Sealant',
  inputs: {
    joint: length('Joints together'),
    width: length('Width of the bead', { default: { metric: 6, imperial: 6.35 } }),
    depth: length('Depth of the bead', { default: { metric: 6, imperial: 6.35 } }),
    tube: volume('One tube', { default: { metric: 0.0003, imperial: 18.2 * 0.0254 ** 3 } }),
    more: percent('More for loss', { default: 15 }),
  },
  outputs: { tubes: output('Tubes, unrounded', 'pieces'), order: output('Tubes to order', 'pieces') },
  run: ({ joint, width, depth, tube, more }, p) => {
    const tubes = withPercent((joint * width * depth) / 1e9 / tube, more)
    return {
      outputs: { tubes, order: up(tubes) },
      steps: [
        `${p.len(joint)} of ${p.len(width)} × ${p.len(depth)} + ${p.num(more)} %: ${p.num(tubes, 2)}, so ${up(tubes)}.`,
      ],
    }
  },
})
