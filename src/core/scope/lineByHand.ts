import type { LineLaid } from './line'
import { risksOfWork } from './risksOfWork'

/** A line of work that somebody says in words and hours, with no treatment behind it.
 * @param said where, what, by whom, hours of one person, and who said so */
export const lineByHand = (
  said: Pick<LineLaid, 'placeId' | 'stage' | 'trade' | 'title' | 'hours' | 'how'>,
): LineLaid => ({
  ...said,
  ...AS_SAID,
  basis: 'once',
  rate: 'frame-opening',
  quantity: null,
  rough: false,
  ...risksOfWork({ ...AS_SAID, ...said }, {}),
})

/** Whose thing and deed nobody told. */
const AS_SAID = { action: 'install', element: 'wall' } as const
