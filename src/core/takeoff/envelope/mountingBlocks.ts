import { calculation, count, output } from '../calculation'

/** C-08: one mounting block for everything that comes through the cladding. */
export const mountingBlocks = calculation({
  id: 'C-08',
  title: 'Mounting blocks',
  inputs: {
    hoses: count('Hose outlets', { default: 0 }),
    receptacles: count('Receptacles', { default: 0 }),
    lights: count('Lights', { default: 0 }),
    meters: count('Meters', { default: 0 }),
    vents: count('Vents', { default: 0 }),
  },
  outputs: { blocks: output('Blocks', 'pieces') },
  run: (counts) => {
    const blocks = Object.values(counts).reduce((sum, n) => sum + n, 0)
    return {
      outputs: { blocks },
      steps: [`One block each: ${blocks}. A block is as thick as the cladding and the gap behind it.`],
    }
  },
})
