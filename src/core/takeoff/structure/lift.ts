import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, length, optional, output, up } from '../calculation'

/** C-46: sag = ends less middle; lifted in small equal steps, often 1/8 in (3 mm) with rests. The pace is the engineer's. */
export const lift = calculation({
  id: 'C-46',
  title: 'Sag and lift',
  inputs: {
    sag: optional(length('Sag, where it was measured', { fine: true })),
    ends: optional(length('Line over the ends')),
    middle: optional(length('Line over the middle')),
    step: length('One step', { default: { metric: 3, imperial: 3.175 } }),
  },
  outputs: { sag: output('Sag', 'mm'), steps: output('Steps', 'pieces') },
  run: ({ ends, middle, step, sag: measured }, p) => {
    const lines = ends === undefined || middle === undefined ? undefined : Math.abs(middle - ends)
    const sag = measured ?? lines
    if (sag === undefined)
      throw new ImpossibleRequest(
        'missing-input',
        ends === undefined
          ? 'Line over the ends: it is needed, or the sag.'
          : 'Line over the middle: it is needed, or the sag.',
        ends === undefined ? 'ends' : 'middle',
      )
    return {
      outputs: { sag, steps: up(sag / step) },
      steps: [
        `${p.len(sag)} of sag, ${up(sag / step)} steps of ${p.len(step)}, all jacks together, with rests.`,
        'Measure at both ends and the middle before the first step; note each step, and what is there after it.',
      ],
      warnings: ['How far and how fast is for the engineer. Level is not the aim where finishes would crack.'],
    }
  },
})
