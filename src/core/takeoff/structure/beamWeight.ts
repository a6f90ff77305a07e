import { calculation, choice, count, length, lengths, mass, number, optional, output, up } from '../calculation'
import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { FT3, LB } from '../printer'

/** C-19: weight of all plies together, by volume and density (laminated veneer 42 lb/ft³, 670 kg/m³; softwood 32 lb/ft³) or by mass a metre,
 * and how many would carry it: a reason for a hoist and a lifting plan, never a plan. */
export const beamWeight = calculation({
  id: 'C-19',
  title: 'Weight of a beam',
  inputs: {
    material: choice('Material', ['laminated veneer', 'softwood', 'by mass a metre'], 'laminated veneer'),
    width: optional(length('Width', { most: 1_000 })),
    depth: optional(length('Depth', { most: 2_500 })),
    long: length('Length, all of it'),
    plies: count('Plies', { default: 1, most: 20 }),
    perMetre: optional(number('Mass a metre', { unit: 'kg/m' })),
    pieces: optional(lengths('Lengths, where it comes in pieces')),
    straight: optional(length('Longest straight run on the way in')),
    across: length('Width of the piece on its way', { default: 0 }),
    limit: mass('What one person may carry', { default: { metric: 25, imperial: 50 * LB } }),
  },
  outputs: {
    weight: output('Weight', 'kg'),
    people: output('People it would take', 'pieces'),
    volume: output('Volume', 'm3'),
    longest: output('Weight of its longest piece', 'kg'),
    spare: output('Left of the way in', 'mm'),
  },
  run: (v, p, units) => {
    const { material, width = 0, depth = 0, plies, perMetre = 0, pieces = [], straight: path, across, limit } = v
    const long = pieces.length > 0 ? pieces.reduce((sum, piece) => sum + piece, 0) : v.long
    const longestPiece = pieces.length > 0 ? Math.max(...pieces) : long
    const byMass = material === 'by mass a metre'
    if (byMass ? perMetre === 0 : width * depth === 0)
      throw new ImpossibleRequest(
        'missing-input',
        byMass
          ? 'Mass a metre: it is needed. Look at the maker’s table.'
          : `${width === 0 ? 'Width' : 'Depth'}: it is needed.`,
        byMass ? 'perMetre' : width === 0 ? 'width' : 'depth',
      )
    const volume = (width * depth * long * plies) / 1e9
    const density =
      units === 'imperial' ? ((material === 'softwood' ? 32 : 42) * LB) / FT3 : material === 'softwood' ? 510 : 670
    const weight = byMass ? (perMetre * long * plies) / 1000 : volume * density
    const longest = (weight * longestPiece) / long
    const lifted = pieces.length > 0 ? longest : weight
    const people = up(lifted / limit)
    const spare = path === undefined ? 0 : path - across - longestPiece
    return {
      outputs: { weight, people, volume, longest, spare },
      steps: [
        ...(pieces.length > 0
          ? [`${pieces.length === 1 ? 'One piece' : `${pieces.length} pieces`}, ${p.mass(weight)} in all.`]
          : []),
        `${pieces.length > 0 ? `The longest, ${p.len(longestPiece)}: ` : plies > 1 ? `${plies} plies together ` : ''}${p.mass(lifted)}; over ${p.mass(limit)} a person ${p.num(lifted / limit)}, so ${people === 1 ? 'one person' : `${people} people`}.`,
        ...(path === undefined
          ? []
          : [
              `Way in: ${p.len(path)}${across > 0 ? ` − ${p.len(across)} = ${p.len(path - across)}` : ''} straight against ${p.len(longestPiece)}: ${spare >= 0 ? `passes by ${p.len(spare)}` : `${p.len(-spare)} too long`}.`,
            ]),
      ],
      warnings: [
        ...(spare < 0 ? ['It does not go in this way: another opening, a hoist, or the engineer’s splice.'] : []),
        'A reason for a hoist and a lifting plan, never a plan. The longest piece must pass every door and turn.',
      ],
    }
  },
})
