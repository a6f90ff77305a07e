/** Pixels of the plan's picture that do not change with how much of it is shown. */
export const NAME_WIDTH = 184
export const LANE = 34
/** Width of a letter on a bar, for deciding whether its word fits. */
export const LETTER = 7.6

/** How much of the plan the window shows, from all that is left to one week. */
export const STRETCHES = [
  { id: 'fit', words: 'All of it', days: null },
  { id: 'six', words: 'Six weeks', days: 42 },
  { id: 'two', words: 'Two weeks', days: 14 },
  { id: 'one', words: 'One week', days: 7 },
] as const
export type StretchId = (typeof STRETCHES)[number]['id']

/** Width of a day in pixels, where the window shows so many days; never so narrow that a half-day cannot be seen.
 * @param wide pixels beside the names
 * @param all days that are left */
export const dayWidth = (stretch: StretchId, wide: number, all: number): number =>
  Math.max(4, wide / (STRETCHES.find(({ id }) => id === stretch)!.days ?? Math.max(7, all)))
