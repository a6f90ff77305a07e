import { calculation, choice, length, lengths, optional, output } from '../calculation'

/** Clear width between studs that a box of so many gangs takes, general trade sizes: 2 1/4, 4, 5 3/4, 7 5/8 in. */
const GANGS = { '1': 57, '2': 102, '3': 146, '4': 194 } as const

/** C-14: height over the finished floor, projection past the studs, and whether the gangs fit between them. */
export const deviceBox = calculation({
  id: 'C-14',
  title: 'Device box',
  inputs: {
    height: length('Height above the slab'),
    floor: length('Floor build-up', { default: 0 }),
    layers: lengths('Layers of board in front', { default: '12.5 mm', fine: true }),
    gangs: choice('Gangs', ['1', '2', '3', '4'], '1'),
    between: optional(length('Clear between the studs')),
  },
  outputs: {
    finished: output('Above the finished floor', 'mm'),
    projection: output('Proud of the studs', 'mm'),
    needed: output('Clear width that it takes', 'mm'),
    short: output('Short by', 'mm'),
  },
  run: ({ height, floor, layers, gangs, between }, p) => {
    const projection = layers.reduce((sum, layer) => sum + layer, 0)
    const needed = GANGS[gangs]
    const short = between === undefined ? 0 : Math.max(0, needed - between)
    return {
      outputs: { finished: height - floor, projection, needed, short },
      steps: [
        `${p.len(height)} − ${p.len(floor)} = ${p.len(height - floor)} above the finished floor; ${p.len(projection)} proud of the studs.`,
        ...(between === undefined
          ? []
          : [
              `${gangs} gangs take about ${p.len(needed)}, ${p.len(between)} is there${short > 0 ? `: ${p.len(short)} short` : ''}.`,
            ]),
      ],
      warnings: [
        ...(short > 0
          ? ['Too narrow: move it, stack it, combine it or use a sensor. Wiring is the electrician’s.']
          : []),
        'How full a box may be is for a licensed electrician.',
      ],
    }
  },
})
