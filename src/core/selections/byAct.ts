import { groupBy } from '../lists/groupBy'
import type { SelectionRow } from './selectionRow'

/** What is to be done about a selection, in the order in which it comes about. */
export const ACTS = {
  mend: 'Came wrong',
  decide: 'Decide',
  approve: 'Have approved',
  order: 'Order',
  chase: 'Ordered: chase',
  check: 'Check what came',
  done: 'In place',
} as const
export type Act = keyof typeof ACTS

export function actOf({ state, approvalDays }: Pick<SelectionRow, 'state' | 'approvalDays'>): Act {
  switch (state) {
    case 'wrong':
      return 'mend'
    case 'undecided':
      return 'decide'
    case 'chosen':
      return approvalDays > 0 ? 'approve' : 'order'
    case 'approved':
      return 'order'
    case 'ordered':
      return 'chase'
    case 'arrived':
      return 'check'
    case 'installed':
      return 'done'
  }
}

/** One thing that is chosen once, wherever it goes: one colour in eight rooms. Its first row is the most pressing. */
export type SameThing = readonly [SelectionRow, ...SelectionRow[]]

/** Selections that are alike in all but their place, together; the order of the first of each stays. */
export function sameThings(rows: readonly SelectionRow[]): readonly SameThing[] {
  const alike = (row: SelectionRow): string =>
    JSON.stringify([
      row.siteId,
      row.sort,
      row.what.toLowerCase(),
      row.choice,
      row.state,
      row.supplier,
      row.arrives,
      row.leadDays,
      row.approvalDays,
      row.responsible,
      row.values,
      row.delivered,
    ])
  return [...groupBy(rows, alike).values()] as unknown as readonly SameThing[]
}
