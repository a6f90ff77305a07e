/** Whose a thing is. 'Not ours' is an answer, not an omission. */
export const RESPONSIBLE = {
  us: 'we do it',
  sub: 'a subcontractor of ours',
  'clients-contractor': 'the client’s own contractor',
  client: 'the client',
  designer: 'the designer owes it',
  engineer: 'the engineer owes it',
  none: 'not ours',
} as const
export type Responsible = keyof typeof RESPONSIBLE

/** Work that others do: it is not planned for our crews, but what it would cover or open still waits for it. */
export const isOutside = (responsible: Responsible | null): boolean =>
  responsible === 'clients-contractor' || responsible === 'client' || responsible === 'none'
