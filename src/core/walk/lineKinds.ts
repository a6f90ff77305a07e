/** What a spoken line can tell, in a few words each. */
export const KIND_WORDS = {
  progress: 'How far it is',
  work: 'Work to do',
  exclude: 'Not part of it',
  keep: 'Stays',
  found: 'Found',
  measure: 'A size or a count',
  selection: 'Chosen',
  decide: 'To decide',
  expect: 'To come',
  note: 'Only words',
} as const
export type LineKind = keyof typeof KIND_WORDS
