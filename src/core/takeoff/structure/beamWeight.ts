import { calculation, choice, count, length, mass, number, optional, output, up } from '../calculation'
import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { FT3, LB } from '../printer'

/** C-19: weight of all plies together, by volume and density (laminated veneer 42 lb/ft³, 670 kg/m³; softwood 32 lb/ft³) or by mass a metre,
 * and how many would carry it: a reason for a hoist and a lifting plan, never a plan. */
export const beamWeight = calculation({
  id: 'C-19',
  title: 'Weight of a beam',
  inputs: {
    material: choice('Material', ['laminated veneer', 'softwood', 'by mass a metre'], 'laminated veneer'),
    width: optional(length('Width')),
    depth: optional(length('Depth')),
    long: length('Length'),
    plies: count('Plies', { default: 1, most: 20 }),
    perMetre: optional(number('Mass a metre', { unit: 'kg/m' })),
    limit: mass('What one person may carry', { default: { metric: 25, imperial: 50 * LB } }),
  },
  outputs: {
    weight: output('Weight', 'kg'),
    people: output('People it would take', 'pieces'),
    volume: output('Volume', 'm3'),
  },
  run: ({ material, width = 0, depth = 0, long, plies, perMetre = 0, limit }, p, units) => {
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
    const people = up(weight / limit)
    return {
      outputs: { weight, people, volume },
      steps: [
        `${plies > 1 ? `${plies} plies together ` : ''}${p.mass(weight)}; over ${p.mass(limit)} a person ${p.num(weight / limit)}, so ${people} people.`,
      ],
      warnings: [
        'A reason for a hoist and a lifting plan, never a plan. The longest piece must pass every door and turn.',
      ],
    }
  },
})
