import type { Line } from '../scope/line'
import { BUILD_ORDER, TRADES, type Element } from '../scope/vocabulary'

/** The orders in which the work of a room can be gone through. */
export const LINE_ORDERS = {
  stage: 'as it is built',
  trade: 'trade by trade',
  height: 'from the floor up',
} as const
export type LineOrder = keyof typeof LINE_ORDERS

/** Where in a room a thing is: on the floor, at the wall's foot, in the wall, overhead. */
const HEIGHT: Partial<Record<Element, number>> = {
  floor: 0,
  joist: 0,
  slab: 0,
  baseboard: 1,
  drain: 1,
  toilet: 1,
  tub: 1,
  cabinet: 2,
  vanity: 2,
  sink: 2,
  outlet: 2,
  countertop: 3,
  backsplash: 3,
  switch: 3,
  window: 4,
  mirror: 4,
  ceiling: 6,
  light: 6,
  fan: 6,
  beam: 6,
}
const IN_THE_WALL = 4

/** Lines in the order in which a person wants to go through a room. */
export function inOrder(lines: readonly Line[], order: LineOrder): Line[] {
  const built = (line: Line): number => BUILD_ORDER.indexOf(line.stage)
  const rank: Record<LineOrder, (line: Line) => number> = {
    stage: built,
    trade: (line) => Object.keys(TRADES).indexOf(line.trade),
    height: (line) => HEIGHT[line.element] ?? IN_THE_WALL,
  }
  return [...lines].sort((a, b) => rank[order](a) - rank[order](b) || built(a) - built(b))
}
