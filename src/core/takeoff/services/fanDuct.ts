import { area, calculation, choice, count, length, optional, output } from '../calculation'
import { FT, FT2 } from '../printer'

/** C-30: 1 cfm a square foot, 50 at least, used now and then; equivalent length = straight + bends of 10 to 15 ft (45° 5
 * to 7) + hood 20 to 30 ft; flexible duct × 1.5. */
export const fanDuct = calculation({
  id: 'C-30',
  title: 'Fan and duct',
  inputs: {
    room: area('Floor of the room'),
    straight: length('Straight duct', { zero: true }),
    bends: count('Bends of 90°', { default: 0 }),
    halfBends: count('Bends of 45°', { default: 0 }),
    hoods: count('Outlet hoods', { default: 1, zero: true }),
    duct: choice('Duct', ['rigid', 'flexible'], 'rigid'),
    most: optional(length('Longest duct at which its model gives the flow')),
  },
  outputs: {
    flow: output('Flow', 'cfm'),
    litres: output('or', 'L/s'),
    equivalentLow: output('Equivalent length, from', 'mm'),
    equivalentHigh: output('to', 'mm'),
    fits: output('The model fits'),
  },
  run: ({ room, straight, bends, halfBends, hoods, duct, most }, p) => {
    const flow = Math.max(50, Math.floor(room / FT2 + 1e-6))
    const factor = duct === 'flexible' ? 1.5 : 1
    const equivalent = (bend: number, half: number, hood: number): number =>
      straight * factor + (bends * bend + halfBends * half + hoods * hood) * FT
    const [low, high] = [equivalent(10, 5, 20), equivalent(15, 7, 30)]
    const fits =
      most === undefined
        ? 'not told'
        : most + 1e-6 >= high
          ? 'yes'
          : most + 1e-6 >= low
            ? 'at its short end only'
            : 'no'
    return {
      outputs: { flow, litres: flow * 0.47195, equivalentLow: low, equivalentHigh: high, fits },
      steps: [
        `${p.area(room)}: ${flow} cfm (${p.num(flow * 0.47195, 0)} L/s).`,
        `Equivalent length ${p.len(low)} to ${p.len(high)} with bends and hood: a fan whose curve gives the flow there.`,
        ...(most === undefined ? [] : [`This model gives it to ${p.len(most)}: ${fits}.`]),
      ],
      warnings: [
        ...(fits === 'yes' ? [] : ['Nothing is ordered until its curve fits that length.']),
        'Out of doors, not into a roof space. Local rules may ask for more.',
      ],
    }
  },
})
