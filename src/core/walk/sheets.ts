/** What a drawing beside a place shows. */
export const SHEET_SORTS = {
  plan: 'Plan',
  'strip-out': 'Strip-out plan',
  elevation: 'Elevation',
  future: 'How it will look',
} as const
export type SheetSort = keyof typeof SHEET_SORTS
