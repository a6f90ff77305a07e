import type { Tenths } from '../measure/length'

export interface LaidAgainstPlan {
  /** As laid less as planned: more than 0 where it was laid wider. */
  readonly difference: Tenths
  readonly verdict: 'as planned' | 'wider' | 'narrower'
}

/** Difference that nobody would redraw a plan for: 10 mm. General trade default. */
export const LAYOUT_TOLERANCE = 100 as Tenths

/** Compares a size laid out on the floor with the plan (C-17). */
export function laidAgainstPlan(laid: Tenths, planned: Tenths): LaidAgainstPlan {
  const difference = (laid - planned) as Tenths
  if (Math.abs(difference) <= LAYOUT_TOLERANCE) return { difference, verdict: 'as planned' }
  return { difference, verdict: difference > 0 ? 'wider' : 'narrower' }
}

/** What is left of the neighbour when a wall between two rooms moves: what one gains the other loses (C-17). */
export const neighbourAfter = (neighbour: Tenths, gained: Tenths): Tenths => (neighbour - gained) as Tenths
