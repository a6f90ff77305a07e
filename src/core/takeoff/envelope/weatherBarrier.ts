import { area, calculation, output, percent, up, withPercent } from '../calculation'

/** C-06: 15 % for laps; the two rolls that are sold, 900 and 1 350 ft² (84 and 125 m²). */
export const weatherBarrier = calculation({
  id: 'C-06',
  title: 'Weather barrier',
  inputs: {
    walls: area('Walls, openings not taken off'),
    laps: percent('For laps', { default: 15 }),
    smallRoll: area('Small roll', { default: { metric: 84, imperial: 900 * 0.3048 ** 2 } }),
    largeRoll: area('Large roll', { default: { metric: 125, imperial: 1350 * 0.3048 ** 2 } }),
  },
  outputs: {
    needed: output('Barrier with laps', 'm2'),
    smallRolls: output('Small rolls', 'pieces'),
    largeRolls: output('or large rolls', 'pieces'),
  },
  run: ({ walls, laps, smallRoll, largeRoll }, p) => {
    const needed = withPercent(walls, laps)
    const [smallRolls, largeRolls] = [up(needed / smallRoll), up(needed / largeRoll)]
    return {
      outputs: { needed, smallRolls, largeRolls },
      steps: [
        `${p.area(walls)} + ${p.num(laps)} %: ${p.area(needed)}; ${smallRolls} ${smallRolls === 1 ? 'roll' : 'rolls'} of ${p.area(smallRoll)} or ${largeRolls} of ${p.area(largeRoll)}.`,
        'Starts low, upper over lower, laps of 6 in (150 mm) and more.',
      ],
    }
  },
})
