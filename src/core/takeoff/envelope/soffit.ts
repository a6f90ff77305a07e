import { area, calculation, choice, length, number, optional, output, sizes } from '../calculation'

/** Vent area one to: what is usual, and what some rules allow under conditions of their own. */
const RATIOS = ['150', '300'] as const

/** C-09: eave and rake apart; free vent area is the attic floor over 150, or 300 where its conditions hold, half of it
 * at the eave; vented length = what is needed there over what a length of the product lets through. What is laid over must
 * fit under the roof-edge metal. */
export const soffit = calculation({
  id: 'C-09',
  title: 'Fascia and soffit',
  inputs: {
    eave: length('Eave', { default: 0 }),
    rake: length('Rake', { default: 0 }),
    depth: length('Depth of the soffit', { default: 0 }),
    attic: optional(area('Floor of the attic')),
    ratio: choice('Vent area one to', RATIOS, '150'),
    product: optional(number('Free vent of the product', { unit: 'mm2/m' })),
    boards: optional(sizes('Fascia by depth, length by depth')),
    overlay: optional(length('Thickness that is laid over', { fine: true })),
    underMetal: optional(length('Room under the roof-edge metal', { fine: true })),
  },
  outputs: {
    fascia: output('Fascia', 'mm'),
    soffit: output('Soffit', 'm2'),
    freeVent: output('Free vent area', 'm2'),
    atEave: output('of it at the eave', 'm2'),
    ventedLength: output('Vented length that it takes', 'mm'),
    ventedShort: output('Short of it at this eave by', 'mm'),
    fits: output('Fits under the metal'),
  },
  run: ({ eave, rake, depth, attic = 0, ratio, product, boards = [], overlay, underMetal }, p) => {
    const soffitArea = (eave * depth) / 1e6
    const venting = (one: number) => {
      const atEave = attic / one / 2
      return { atEave, long: product && attic > 0 ? (atEave * 1e6 * 1000) / product : 0 }
    }
    const { atEave, long } = venting(Number(ratio))
    const others = RATIOS.filter((one) => one !== ratio).map((one) => [one, venting(Number(one)).long] as const)
    const ventedShort = Math.max(0, long - eave)
    const known = overlay !== undefined && underMetal !== undefined
    const fits = known ? (overlay <= underMetal + 1e-6 ? 'yes' : 'no') : 'not told'
    return {
      outputs: {
        fascia: eave + rake,
        soffit: soffitArea,
        freeVent: attic / Number(ratio),
        atEave,
        ventedLength: long,
        ventedShort,
        fits,
      },
      steps: [
        ...(eave + rake > 0
          ? [`Fascia ${p.len(eave)} at the eave and ${p.len(rake)} at the rake; soffit ${p.area(soffitArea)}.`]
          : []),
        ...(boards.length > 0
          ? [`Fascia by depth: ${boards.map(([run, deep]) => `${p.len(run)} of ${p.len(deep)}`).join(', ')}.`]
          : []),
        ...(attic > 0
          ? [`Free vent area ${p.small(attic / Number(ratio))}, about half of it at the eave: ${p.small(atEave)}.`]
          : []),
        ...(long > 0
          ? [
              `That takes ${p.len(long)} of this product; the eave has ${p.len(eave)}${ventedShort > 1e-6 ? `: ${p.len(ventedShort)} short` : ': it is enough'}. ${others.map(([one, other]) => `At 1/${one} ${p.len(other)} would do, where its conditions hold: shown, not decided.`).join(' ')}`,
            ]
          : []),
        ...(fits === 'no'
          ? [`${p.len(overlay!)} against ${p.len(underMetal!)} under the metal: it does not fit.`]
          : []),
        ...(fits === 'yes' ? [`${p.len(overlay!)} fits into ${p.len(underMetal!)} under the metal.`] : []),
      ],
      warnings: known ? [] : ['What is laid over must still fit under the roof-edge metal.'],
    }
  },
})
