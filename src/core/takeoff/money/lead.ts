import { addDays, longDay, weekday, type Day } from '../../calendar/day'
import { calculation, day, number, output, percent, up } from '../calculation'

/** C-39: order by = needed − upper lead − approval − buffer (15 % of the upper lead, up to a whole day), calendar days;
 * one that falls on a weekend moves to the working day before. */
export const lead = calculation({
  id: 'C-39',
  title: 'Order by',
  inputs: {
    needed: day('Needed on site'),
    upperLead: number('Upper lead', { unit: 'days' }),
    approval: number('Approval', { default: 0, unit: 'days' }),
    buffer: percent('Buffer', { default: 15 }),
  },
  outputs: { orderBy: output('Order by', 'date'), buffer: output('Buffer', 'days') },
  run: ({ needed, upperLead, approval, buffer }) => {
    const bufferDays = up((upperLead * buffer) / 100)
    let orderBy = addDays(needed as Day, -(upperLead + approval + bufferDays))
    while (weekday(orderBy) > 5) orderBy = addDays(orderBy, -1)
    return {
      outputs: { orderBy, buffer: bufferDays },
      steps: [`${longDay(needed as Day)} − ${upperLead} − ${approval} − ${bufferDays} days: ${longDay(orderBy)}.`],
    }
  },
})
