import { area, calculation, count, number, output } from '../calculation'

/** C-48: joint to a square metre of metric brick 17.2 m, of modular brick 5.8 ft to a square foot (19.0 m/m²). */
export const repointing = calculation({
  id: 'C-48',
  title: 'Repointing',
  inputs: {
    wall: area('Wall'),
    joint: number('Joint to a square metre', { default: { metric: 17.2, imperial: 19.03 }, unit: 'm/m2' }),
    rate: number('Joint an hour', { default: 5, unit: 'm/h' }),
    day: number('Hours of a day', { default: 8, most: 24 }),
    hands: count('Masons', { default: 1, most: 50 }),
  },
  outputs: {
    joint: output('Joint', 'm'),
    hours: output('Hours', 'h'),
    days: output('Days', 'days'),
  },
  run: ({ wall, joint, rate, day, hands }, p) => {
    const metres = wall * joint
    const hours = metres / rate
    return {
      outputs: { joint: metres, hours, days: hours / day / hands },
      steps: [
        `${p.area(wall)} × ${p.num(joint)} m: ${p.len(metres * 1000)} of joint, ${p.num(hours, 1)} h, ${p.num(hours / day / hands, 1)} days of ${p.num(day)} h${hands > 1 ? ` for ${hands}` : ''}.`,
        'Rake 2 to 2 1/2 times the joint’s width; rake, fill, wash and bead are tasks of their own.',
      ],
    }
  },
})
