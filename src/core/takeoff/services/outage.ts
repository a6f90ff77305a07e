import { addDays, longDay, type Day } from '../../calendar/day'
import { calculation, day, number, output } from '../calculation'

/** C-51: what is off is told 24 to 48 hours before. */
export const outage = calculation({
  id: 'C-51',
  title: 'Outage',
  inputs: {
    on: day('Day'),
    from: number('From, hour of the day', { zero: true, unit: 'h', most: 24 }),
    hours: number('For how long', { unit: 'h', most: 24 }),
    notice: number('Told before', { default: 48, unit: 'h', zero: true, most: 8760 }),
  },
  outputs: {
    until: output('Until, hour of the day', 'h'),
    tellDay: output('Told by, day', 'date'),
    tellHour: output('and hour', 'h'),
  },
  run: ({ on, from, hours, notice }, p) => {
    const told = from - notice
    const tellDay = addDays(on as Day, Math.floor(told / 24))
    const tellHour = ((told % 24) + 24) % 24
    return {
      outputs: { until: from + hours, tellDay, tellHour },
      steps: [
        `Off on ${longDay(on as Day)} from ${p.num(from)} to ${p.num(from + hours)} h; told by ${longDay(tellDay)}, ${p.num(tellHour)} h, with what works meanwhile.`,
      ],
    }
  },
})
