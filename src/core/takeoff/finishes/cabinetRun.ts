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
    skinLeft: length('Skin still to come on the left end', { default: 0, fine: true }),
    skinRight: length('Skin still to come on the right end', { default: 0, fine: true }),
  },
  outputs: {
    used: output('Used', 'mm'),
    residual: output('Left', 'mm'),
    eachSide: output('at each side', 'mm'),
    short: output('Short by', 'mm'),
    left: output('Left of the run then', 'mm'),
    right: output('Right of it then', 'mm'),
    move: output('Move the run by, to even them', 'mm'),
  },
  run: ({ niche, boxes, fillers = [], tolerance, skinLeft, skinRight }, p) => {
    const used = [...boxes, ...fillers].reduce((sum, one) => sum + one, 0)
    const residual = niche - used
    const short = Math.max(0, -residual)
    const skins = skinLeft + skinRight
    const [left, right] = [residual / 2 - skinLeft, residual / 2 - skinRight]
    const move = Math.abs(skinLeft - skinRight) / 2
    return {
      outputs: { used, residual, eachSide: Math.max(0, residual) / 2, short, left, right, move },
      steps: [
        `${p.len(niche)} − ${p.len(used)} = ${p.len(residual)}${residual > 0 ? `, ${p.len(residual / 2)} at each side` : ''}.`,
        ...(skins > 0 && residual > 0
          ? [
              `With the skins ${p.len(left)} at the left and ${p.len(right)} at the right${move > 0 ? `: move the run ${p.len(move)} for ${p.len((residual - skins) / 2)} at each side, or accept it, before it is screwed for good` : ''}.`,
            ]
          : []),
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
