import { calculation, length, lengths, optional, output } from '../calculation'

/** C-58: base + top + splash + wall cabinet against the ceiling at both ends: the gap that a riser or crown fills, scribed
 * where the ends differ, and what it has to cover (C-31, heights). */
export const cabinetHeight = calculation({
  id: 'C-58',
  title: 'Heights over a run of cabinets',
  inputs: {
    stack: lengths('Heights, from the floor up: base, top, splash, wall cabinet', { fine: true }),
    ceilingLeft: length('Ceiling at the left'),
    ceilingRight: length('Ceiling at the right'),
    riser: optional(length('Riser as cut', { fine: true })),
    cover: length('It has to reach down from the ceiling at least', { default: 0, fine: true }),
  },
  outputs: {
    height: output('Height of the stack', 'mm'),
    gapLeft: output('Gap at the left', 'mm'),
    gapRight: output('Gap at the right', 'mm'),
    scribe: output('To be scribed', 'mm'),
    fits: output('The riser fits'),
  },
  run: ({ stack, ceilingLeft, ceilingRight, riser, cover }, p) => {
    const height = stack.reduce((sum, one) => sum + one, 0)
    const [gapLeft, gapRight] = [ceilingLeft - height, ceilingRight - height]
    const least = Math.min(gapLeft, gapRight)
    const tight = gapLeft < gapRight ? 'left' : 'right'
    const fits = riser === undefined ? 'not told' : riser <= least + 1e-6 ? 'yes' : 'no'
    return {
      outputs: { height, gapLeft, gapRight, scribe: Math.abs(gapLeft - gapRight), fits },
      steps: [
        `${stack.map((one) => p.len(one)).join(' + ')} = ${p.len(height)}; left ${p.len(gapLeft)}, right ${p.len(gapRight)} to the ceiling.`,
        ...(fits === 'no' ? [`A riser of ${p.len(riser!)} does not go in at the ${tight}.`] : []),
        ...(least > 0 && cover > 0
          ? [
              cover <= least + 1e-6
                ? `Scribe between ${p.len(cover)}, which covers what has to be covered, and ${p.len(least)}.`
                : `${p.len(cover)} has to be covered and only ${p.len(least)} is there: it shows.`,
            ]
          : []),
      ],
      warnings: least < 0 ? [`The stack is ${p.len(-least)} too tall.`] : [],
    }
  },
})
