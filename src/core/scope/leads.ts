import type { Line } from './line'
import type { Stage, Trade } from './vocabulary'

/** Lead times in calendar days: optimistic, likely, pessimistic. General trade defaults, editable on each selection. */
export interface Lead {
  readonly words: string
  readonly days: readonly [number, number, number]
}

const lead = (words: string, optimistic: number, likely: number, pessimistic: number): Lead => ({
  words,
  days: [optimistic, likely, pessimistic],
})

export const LEADS = {
  'stock-goods': lead('stock paint, boards, fixings', 1, 2, 4),
  'matched-paint': lead('paint to a matched colour', 2, 3, 6),
  'stock-tile': lead('stock tile', 3, 7, 14),
  'special-tile': lead('special tile or stone', 14, 28, 56),
  'stock-door': lead('stock interior door', 3, 7, 14),
  'custom-door': lead('custom or exterior door set', 28, 40, 63),
  'stock-window': lead('stock window', 10, 18, 30),
  'custom-window': lead('custom window', 35, 49, 84),
  'stock-cabinets': lead('stock cabinets', 7, 14, 28),
  'custom-cabinets': lead('made-to-order cabinets', 35, 49, 84),
  countertop: lead('countertop, from template', 7, 12, 18),
  'shower-glass': lead('shower glass, from measure', 8, 12, 20),
  'steel-beam': lead('steel beam, fabricated', 7, 14, 28),
  'laminated-beam': lead('laminated beam, stock', 2, 4, 8),
  'stock-fixtures': lead('plumbing fixtures, stock', 3, 7, 21),
  'special-fixtures': lead('plumbing fixtures, special', 14, 35, 70),
  lights: lead('light fittings', 5, 12, 35),
  appliances: lead('appliances', 7, 21, 60),
  'special-roof': lead('special roof covering', 90, 150, 220),
  railing: lead('railing, fabricated', 14, 24, 40),
  permit: lead('permit, small works', 5, 12, 30),
  engineer: lead("engineer's letter or drawing", 3, 6, 15),
  inspection: lead('inspection slot', 1, 2, 5),
  association: lead('association approval', 5, 14, 35),
} as const satisfies Record<string, Lead>
export type LeadKey = keyof typeof LEADS

/** Who sets what they make: nobody else of that stage waits for it. */
export const SET_BY: Partial<Record<LeadKey, Trade>> = { countertop: 'countertop', 'shower-glass': 'glazier' }

/** Whether a trade sets a thing that takes such a lead. */
export const isSetBy = (lead: LeadKey, trade: Trade): boolean => (SET_BY[lead] ?? trade) === trade

/** What is made to measure, by its lead: the stages after which it can be measured, whichever of them a place has. */
export const MEASURED_AFTER: Partial<Record<LeadKey, readonly Stage[]>> = {
  countertop: ['cabinets'],
  'shower-glass': ['tile'],
  railing: ['framing', 'flooring'],
}

/** Work that only measures for what is made then. */
export const isMeasuring = ({ action }: Pick<Line, 'action'>): boolean => action === 'measure'

/** Whether a line of measuring is for something that is chosen there. */
export const measuresFor = (
  line: Pick<Line, 'action' | 'placeId' | 'stage' | 'trade'>,
  thing: { readonly placeId: string; readonly lead: LeadKey; readonly neededFor: Stage },
): boolean =>
  isMeasuring(line) &&
  line.placeId === thing.placeId &&
  line.stage === thing.neededFor &&
  thing.lead in MEASURED_AFTER &&
  isSetBy(thing.lead, line.trade)
