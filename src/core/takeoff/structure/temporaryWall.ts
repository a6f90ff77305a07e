import { calculation, length, output } from '../calculation'

/** C-49: as long as the opening and a joist bay beyond each end, 2 to 4 ft (0.6 to 1.2 m) off it, on both sides where
 * joists break over the wall. */
export const temporaryWall = calculation({
  id: 'C-49',
  title: 'Temporary wall',
  inputs: {
    opening: length('Opening'),
    bay: length('A joist or truss bay', { default: { metric: 600, imperial: 406.4 } }),
    setOff: length('Set off from the wall', { default: { metric: 750, imperial: 762 }, zero: true }),
  },
  outputs: { long: output('Length of each', 'mm'), setOff: output('Set off', 'mm') },
  run: ({ opening, bay, setOff }, p, units) => {
    const long = opening + 2 * bay
    const [least, most] = units === 'imperial' ? [609.6, 1219.2] : [600, 1200]
    return {
      outputs: { long, setOff },
      steps: [
        `${p.len(opening)} + 2 × ${p.len(bay)} = ${p.len(long)} each side, ${p.len(setOff)} off, props down to solid bearing.`,
      ],
      warnings: [
        ...(setOff < least || setOff > most ? [`Set off ${p.len(least)} to ${p.len(most)} as a rule.`] : []),
        'Loads of more than a storey, and whether this holds at all, are for the engineer.',
      ],
    }
  },
})
