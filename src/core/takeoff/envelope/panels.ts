import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, length, lengths, output, percent, up, withPercent } from '../calculation'

/** C-59: sheets or boards set upright: as many as the width takes; one stock length where one reaches, or a joint (C-03). */
export const panels = calculation({
  id: 'C-59',
  title: 'Upright sheets and boards',
  inputs: {
    wide: length('Width of the face'),
    tall: length('Height, at its highest'),
    piece: length('Width of a sheet or board', { default: { metric: 1220, imperial: 1219.2 } }),
    stock: lengths('Lengths that it is sold in', {
      default: { metric: '2440 mm, 2745 mm, 3050 mm', imperial: '8 ft, 9 ft, 10 ft' },
    }),
    more: percent('More for waste', { default: 0 }),
  },
  outputs: {
    across: output('Pieces side by side', 'pieces'),
    order: output('Pieces to order', 'pieces'),
    length: output('Length of a piece', 'mm'),
    short: output('The next shorter is short by', 'mm'),
    joint: output('Joint'),
  },
  run: ({ wide, tall, piece, stock, more }, p) => {
    const sold = [...stock].sort((a, b) => a - b)
    const longest = sold.at(-1)
    if (longest === undefined)
      throw new ImpossibleRequest('missing-input', 'Lengths that it is sold in: name one at least.', 'stock')
    const across = up(wide / piece)
    const reaches = sold.find((one) => one + 1e-6 >= tall)
    const shorter = sold.filter((one) => one + 1e-6 < tall).at(-1)
    const short = shorter === undefined ? 0 : tall - shorter
    const rows = reaches === undefined ? up(tall / longest) : 1
    const order = up(withPercent(across * rows, more))
    return {
      outputs: { across, order, length: reaches ?? longest, short, joint: reaches === undefined ? 'needed' : 'none' },
      steps: [
        `${p.len(wide)} at ${p.len(piece)}: ${p.num(wide / piece)}, so ${across} side by side.`,
        ...(reaches === undefined
          ? [
              `No length reaches ${p.len(tall)}: a joint at ${p.len(longest)}, flashed or behind a frieze, ${order} pieces.`,
            ]
          : [
              `${p.len(reaches)} reaches ${p.len(tall)}: ${order} of them.${shorter === undefined ? '' : ` ${p.len(shorter)} is ${p.len(short)} short: a frieze or a flashed joint would do with those.`}`,
            ]),
      ],
    }
  },
})
