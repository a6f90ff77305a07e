import { area, calculation, choice, length, optional, output } from '../calculation'

/** C-09: eave and rake apart; free vent area is the attic floor over 150, or 300 where its conditions hold, half of it
 * at the eave. */
export const soffit = calculation({
  id: 'C-09',
  title: 'Fascia and soffit',
  inputs: {
    eave: length('Eave'),
    rake: length('Rake', { default: 0 }),
    depth: length('Depth of the soffit'),
    attic: optional(area('Floor of the attic')),
    ratio: choice('Vent area one to', ['150', '300'], '150'),
  },
  outputs: {
    fascia: output('Fascia', 'mm'),
    soffit: output('Soffit', 'm2'),
    freeVent: output('Free vent area', 'm2'),
    atEave: output('of it at the eave', 'm2'),
  },
  run: ({ eave, rake, depth, attic = 0, ratio }, p) => {
    const soffitArea = (eave * depth) / 1e6
    const freeVent = attic / Number(ratio)
    return {
      outputs: { fascia: eave + rake, soffit: soffitArea, freeVent, atEave: freeVent / 2 },
      steps: [
        `Fascia ${p.len(eave)} at the eave and ${p.len(rake)} at the rake; soffit ${p.area(soffitArea)}.`,
        ...(attic > 0 ? [`Free vent area ${p.area(freeVent)}, about half of it at the eave.`] : []),
      ],
      warnings: ['What is laid over must still fit under the roof-edge metal.'],
    }
  },
})
