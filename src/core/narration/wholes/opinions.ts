import { STRONG_OPINION } from '../../walk/noteWords'
import { asNote, type Whole } from './whole'

/** 'I'd say most of it is sound': what somebody thinks, kept as that, whatever it sounds like. */
export const opinion: Whole = (told) =>
  STRONG_OPINION.test(told.words) ? { kind: 'note', says: 'Opinion', facts: asNote(told, true) } : null
