import { calculation, choice, length, mass, number, optional, output, up } from '../calculation'
import { FT3, LB } from '../printer'

/** C-19: weight by volume and density (laminated veneer 42 lb/ft³, 670 kg/m³; softwood 32 lb/ft³) or by mass a metre,
 * and how many would carry it: a reason for a hoist and a lifting plan, never a plan. */
export const beamWeight = calculation({
  id: 'C-19',
  title: 'Weight of a beam',
  inputs: {
    material: choice('Material', ['laminated veneer', 'softwood', 'by mass a metre'], 'laminated veneer'),
    width: optional(length('Width')),
    depth: optional(length('Depth')),
    long: length('Length'),
    perMetre: optional(number('Mass a metre', { unit: 'kg/m' })),
    limit: mass('What one person may carry', { default: { metric: 25, imperial: 50 * LB } }),
  },
  outputs: {
    weight: output('Weight', 'kg'),
    people: output('People it would take', 'pieces'),
    volume: output('Volume', 'm3'),
  },
  run: ({ material, width = 0, depth = 0, long, perMetre = 0, limit }, p, units) => {
    const volume = (width * depth * long) / 1e9
    const density =
      units === 'imperial' ? ((material === 'softwood' ? 32 : 42) * LB) / FT3 : material === 'softwood' ? 510 : 670
    const weight = material === 'by mass a metre' ? (perMetre * long) / 1000 : volume * density
    const people = up(weight / limit)
    return {
      outputs: { weight, people, volume },
      steps: [`${p.mass(weight)}; over ${p.mass(limit)} a person ${p.num(weight / limit)}, so ${people} people.`],
      warnings: [
        'A reason for a hoist and a lifting plan, never a plan. The longest piece must pass every door and turn.',
      ],
    }
  },
})
