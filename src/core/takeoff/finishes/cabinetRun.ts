import { calculation, length, lengths, optional, output } from '../calculation'

/** C-31: boxes, fillers, skins and appliance openings against the clear wall; what is left is split in two. */
export const cabinetRun = calculation({
  id: 'C-31',
  title: 'Cabinet run',
  inputs: {
    niche: length('Clear wall or niche'),
    boxes: lengths('Boxes and appliance openings'),
    fillers: optional(lengths('Fillers and skins', { fine: true })),
    tolerance: length('Tolerance that is wanted', { default: { metric: 6, imperial: 6.35 }, zero: true }),
  },
  outputs: {
    used: output('Used', 'mm'),
    residual: output('Left', 'mm'),
    eachSide: output('at each side', 'mm'),
    short: output('Short by', 'mm'),
  },
  run: ({ niche, boxes, fillers = [], tolerance }, p) => {
    const used = [...boxes, ...fillers].reduce((sum, one) => sum + one, 0)
    const residual = niche - used
    const short = Math.max(0, -residual)
    return {
      outputs: { used, residual, eachSide: Math.max(0, residual) / 2, short },
      steps: [
        `${p.len(niche)} − ${p.len(used)} = ${p.len(residual)}${residual > 0 ? `, ${p.len(residual / 2)} at each side` : ''}.`,
      ],
      warnings:
        short > 0
          ? [`${p.len(short)} too little: build out, or another box.`]
          : residual < tolerance
            ? ['Tighter than the tolerance: measure again before ordering.']
            : [],
    }
  },
})
