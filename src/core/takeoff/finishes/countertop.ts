import { calculation, length, output, sizes } from '../calculation'

/** C-34: runs with the overhang in front, 1 to 1 1/2 in (25 to 38 mm). */
export const countertop = calculation({
  id: 'C-34',
  title: 'Countertop',
  inputs: {
    runs: sizes('Runs, length by depth of the boxes'),
    overhang: length('Overhang in front', { default: { metric: 25, imperial: 25.4 }, zero: true }),
    splash: length('Height of the splash', { default: 0 }),
  },
  outputs: { area: output('Area', 'm2'), edge: output('Front edge', 'mm'), splash: output('Splash', 'm2') },
  run: ({ runs, overhang, splash }, p) => {
    const area = runs.reduce((sum, [long, deep]) => sum + (long * (deep + overhang)) / 1e6, 0)
    const edge = runs.reduce((sum, [long]) => sum + long, 0)
    return {
      outputs: { area, edge, splash: (edge * splash) / 1e6 },
      steps: [`${runs.length} runs: ${p.area(area)} with the overhang, edge ${p.len(edge)}.`],
      warnings: ['Template only when the bases are fixed and the appliances are on site.'],
    }
  },
})
