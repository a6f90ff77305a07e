import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, count, length, number, optional, output, up } from '../calculation'

/** C-26: pieces a bar = ⌈(L − lap) / (stock − lap)⌉. Lap and bar by the engineer. 12 mm weighs 0.888 kg/m, no. 4
 * 0.668 lb/ft (0.994 kg/m). Cross walls at a spacing = ⌊L / spacing⌋ + 1. */
export const rebar = calculation({
  id: 'C-26',
  title: 'Bars',
  inputs: {
    long: length('Length of a bar, laid'),
    bars: count('Bars'),
    stock: length('Stock length', { default: { metric: 6000, imperial: 6096 } }),
    lap: length('Lap, by the engineer’s sheet', { default: { metric: 480, imperial: 609.6 }, zero: true }),
    perMetre: number('Mass a metre', { default: { metric: 0.888, imperial: 0.994 }, unit: 'kg/m' }),
    crossSpacing: optional(length('Spacing of cross walls')),
  },
  outputs: {
    piecesPerBar: output('Pieces a bar', 'pieces'),
    pieces: output('Pieces', 'pieces'),
    bought: output('Bought', 'mm'),
    laid: output('Laid, laps counted', 'mm'),
    weight: output('Weight', 'kg'),
    crossWalls: output('Cross walls', 'pieces'),
    beyond: output('Beyond the last cross wall', 'mm'),
  },
  run: ({ long, bars, stock, lap, perMetre, crossSpacing }, p) => {
    if (lap >= stock) throw new ImpossibleRequest('lap', 'Lap: it is shorter than the stock length.', 'lap')
    const piecesPerBar = Math.max(1, up((long - lap) / (stock - lap)))
    const laid = bars * (long + (piecesPerBar - 1) * lap)
    const pieces = piecesPerBar * bars
    const spaces = crossSpacing ? Math.floor(long / crossSpacing + 1e-9) : 0
    const beyond = crossSpacing ? long - spaces * crossSpacing : 0
    return {
      outputs: {
        piecesPerBar,
        pieces,
        bought: pieces * stock,
        laid,
        weight: (laid / 1000) * perMetre,
        crossWalls: crossSpacing ? spaces + 1 : 0,
        beyond,
      },
      steps: [
        `(${p.len(long)} − ${p.len(lap)}) / (${p.len(stock)} − ${p.len(lap)}) = ${p.num((long - lap) / (stock - lap))}: ${piecesPerBar} pieces a bar, ${pieces} in all.`,
        `Bought ${p.len(pieces * stock)}, laid ${p.len(laid)}, ${p.mass((laid / 1000) * perMetre)}.`,
        ...(crossSpacing ? [`Cross walls every ${p.len(crossSpacing)}: ${spaces + 1}.`] : []),
      ],
      warnings: [
        'Bars, laps and cover are the engineer’s; cover to earth is often 3 in (75 mm).',
        ...(crossSpacing && beyond > crossSpacing / 2
          ? [`The last stands ${p.len(beyond)} short of the end: is one more meant?`]
          : []),
      ],
    }
  },
})
