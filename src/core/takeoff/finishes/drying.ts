import { addDays, longDay, type Day } from '../../calendar/day'
import { calculation, choice, day, length, optional, output, up } from '../calculation'

/** Days that things dry or cure, low and high, elapsed; general trade figures, the maker's sheet wins. */
const DAYS = {
  'concrete, 7 days': [7, 7],
  'concrete, full': [28, 28],
  'mortar patch': [1, 7],
  'joint compound, a coat': [1, 1],
  'veneer plaster': [1, 2],
  sealant: [1, 1],
  'waterproof membrane and flood test': [2, 2],
} as const
type Thin = keyof typeof DAYS

/** C-50: screed dries 1 mm a day to 50 mm, then about half a millimetre; plaster 1 mm a day. A moisture test decides,
 * not the date. */
export const drying = calculation({
  id: 'C-50',
  title: 'Drying',
  inputs: {
    what: choice('What dries', ['screed', 'plaster', ...(Object.keys(DAYS) as Thin[])]),
    thick: optional(length('Thickness', { fine: true })),
    from: optional(day('Laid on')),
  },
  outputs: {
    daysLow: output('Days, from', 'days'),
    daysHigh: output('to', 'days'),
    earliest: output('Earliest', 'date'),
    safe: output('Safe', 'date'),
  },
  run: ({ what, thick = 0, from }, p) => {
    const slow =
      what === 'screed' ? Math.min(thick, 50) + Math.max(0, thick - 50) / 0.5 : what === 'plaster' ? thick : null
    const [low, high] = slow === null ? DAYS[what as Thin] : [slow, slow]
    const on = (days: number): string => (from === undefined ? '' : addDays(from as Day, up(days)))
    return {
      outputs: { daysLow: low, daysHigh: high, earliest: on(low), safe: on(high) },
      steps: [
        `${p.num(low, 1)}${high > low ? ` to ${p.num(high, 1)}` : ''} days${from === undefined ? '' : `: ${longDay(on(low) as Day)}${high > low ? ` at best, ${longDay(on(high) as Day)} to be safe` : ''}`}.`,
      ],
      warnings: what === 'screed' || what === 'plaster' ? ['A moisture test decides, not the date.'] : [],
    }
  },
})
