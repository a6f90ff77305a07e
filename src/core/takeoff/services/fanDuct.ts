import { area, calculation, choice, count, length, output } from '../calculation'
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
  },
  outputs: {
    flow: output('Flow', 'cfm'),
    litres: output('or', 'L/s'),
    equivalentLow: output('Equivalent length, from', 'mm'),
    equivalentHigh: output('to', 'mm'),
  },
  run: ({ room, straight, bends, halfBends, hoods, duct }, p) => {
    const flow = Math.max(50, Math.floor(room / FT2 + 1e-6))
    const factor = duct === 'flexible' ? 1.5 : 1
    const equivalent = (bend: number, half: number, hood: number): number =>
      straight * factor + (bends * bend + halfBends * half + hoods * hood) * FT
    const [low, high] = [equivalent(10, 5, 20), equivalent(15, 7, 30)]
    return {
      outputs: { flow, litres: flow * 0.47195, equivalentLow: low, equivalentHigh: high },
      steps: [
        `${p.area(room)}: ${flow} cfm (${p.num(flow * 0.47195, 0)} L/s).`,
        `Equivalent length ${p.len(low)} to ${p.len(high)} with bends and hood: a fan whose curve gives the flow there.`,
      ],
      warnings: ['Out of doors, not into a roof space. Local rules may ask for more.'],
    }
  },
})
