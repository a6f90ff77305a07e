import { mayStart } from '../../walk/mayStart'
import { plain } from '../clauses'
import { stageIn } from '../mentions'
import { asNote, type Whole } from './whole'

const MAY_START = /\b(?:can|could|may) (?:start|begin|go (?:ahead|in)|be started)\b/i

/** 'Insulation can start today': where it may and where it may not, with the reason. It opens no gate. */
export const mayStartThere: Whole = (told) => {
  const stage = MAY_START.test(told.words) ? stageIn(plain(told.words), null, false) : undefined
  const answer = stage ? mayStart(stage, told.state) : null
  return answer === null ? null : { kind: 'note', says: answer, facts: asNote(told) }
}
