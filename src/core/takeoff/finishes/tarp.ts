import { calculation, length, output } from '../calculation'

/** C-55: beyond each edge 3 to 4 ft (about 1 m), over the ridge or under the covering up the slope. */
export const tarp = calculation({
  id: 'C-55',
  title: 'Tarpaulin',
  inputs: {
    width: length('Width of the opening'),
    height: length('Height of the opening'),
    beyond: length('Beyond each edge', { default: { metric: 1000, imperial: 1066.8 }, zero: true }),
  },
  outputs: {
    width: output('Width of the sheet', 'mm'),
    height: output('Height of the sheet', 'mm'),
    area: output('Sheet', 'm2'),
  },
  run: ({ width, height, beyond }, p) => ({
    outputs: {
      width: width + 2 * beyond,
      height: height + 2 * beyond,
      area: ((width + 2 * beyond) * (height + 2 * beyond)) / 1e6,
    },
    steps: [
      `${p.len(width + 2 * beyond)} × ${p.len(height + 2 * beyond)}, ${p.area(((width + 2 * beyond) * (height + 2 * beyond)) / 1e6)}; tucked in up the slope, looked at after every storm.`,
    ],
    warnings: ['Work on a roof needs edge protection by local rule.'],
  }),
})
