import { calculation, length, output } from '../calculation'

/** C-54: a platform stands about 6 ft (1.8 m) below the work. */
export const accessHeight = calculation({
  id: 'C-54',
  title: 'Access height',
  inputs: {
    work: length('Height of the work'),
    reach: length('Reach of a person', { default: { metric: 1800, imperial: 1828.8 } }),
  },
  outputs: { platform: output('Platform at about', 'mm') },
  run: ({ work, reach }, p) => ({
    outputs: { platform: Math.max(0, work - reach) },
    steps: [`${p.len(work)} − ${p.len(reach)} = ${p.len(Math.max(0, work - reach))}.`],
    warnings: [
      'A tower stands on the ground or on a roof made for it; edge protection by local rule; a competent person signs it.',
    ],
  }),
})
