import type { LineLaid } from './line'

/** A line of work that somebody says in words and hours, with no treatment behind it.
 * @param said where, what, by whom, hours of one person, and who said so */
export const lineByHand = (
  said: Pick<LineLaid, 'placeId' | 'stage' | 'trade' | 'title' | 'hours' | 'how'>,
): LineLaid => ({
  ...said,
  action: 'install',
  element: 'wall',
  basis: 'once',
  rate: 'frame-opening',
  quantity: null,
  rough: false,
  cautions: [],
})
