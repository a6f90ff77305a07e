import type { SiteState } from './siteState'

/** Whether somebody lives in a house while it is worked on: by its settings, or since the record tells who uses it meanwhile. */
export const isLivedIn = (byItsSettings: boolean, { entries }: Pick<SiteState, 'entries'>): boolean =>
  byItsSettings ||
  entries.some(
    ({ kind, settled, values }) =>
      kind === 'occupancy' && settled === null && values.use !== 'ours alone, they stay out',
  )
