import { editOf } from '../spokenEdits'
import type { Whole } from './whole'

/** 'Make that eight', 'scratch the last one': what changes what is there. */
export const edited: Whole = ({ words, place, state, before = state, units }) => {
  const edit = place ? editOf(words, { state, before, place, units }) : null
  return edit && { kind: 'note', ...edit }
}
