import { longDay, type Day } from '../../calendar/day'
import { MONDAY_TO_FRIDAY } from '../../calendar/workingDays'
import { calculation, day, number, output, percent } from '../calculation'
import { bufferDays, LEAD_BUFFER, latestOrder } from './latestOrder'

/** C-39: order by = needed − upper lead − approval − buffer (15 % of the upper lead, up to a whole day), calendar days;
 * one that falls on a weekend moves to the working day before. */
export const lead = calculation({
  id: 'C-39',
  title: 'Order by',
  inputs: {
    needed: day('Needed on site'),
    upperLead: number('Upper lead', { unit: 'days', most: 3650 }),
    approval: number('Approval', { default: 0, unit: 'days', most: 3650 }),
    buffer: percent('Buffer', { default: LEAD_BUFFER }),
  },
  outputs: { orderBy: output('Order by', 'date'), buffer: output('Buffer', 'days') },
  run: ({ needed, upperLead, approval, buffer }) => {
    const kept = bufferDays(upperLead, buffer)
    const orderBy = latestOrder(needed as Day, upperLead, approval, kept, MONDAY_TO_FRIDAY)
    return {
      outputs: { orderBy, buffer: kept },
      steps: [`${longDay(needed as Day)} − ${upperLead} − ${approval} − ${kept} days: ${longDay(orderBy)}.`],
    }
  },
})
