import { mayStart } from '../../walk/mayStart'
import { plain } from '../clauses'
import { stageIn, stagesNamed } from '../mentions'
import { asNote, type Whole } from './whole'

const MAY_START = /\b(?:can|could|may) (?:start|begin|go (?:ahead|in)|be started)\b/i

/** 'Insulation can start today': where it may and where it may not, with the reason. It opens no gate. */
export const mayStartThere: Whole = (told) => {
  // 'As soon as the plaster is dry' says when, not what.
  const said = plain(told.words).split(/\b(?:as soon as|when|once|after|if|until)\b/)[0]!
  const stage = MAY_START.test(told.words) ? (stagesNamed(said)[0] ?? stageIn(said, null, false)) : undefined
  const answer = stage ? mayStart(stage, told.state) : null
  return answer === null ? null : { kind: 'note', says: answer, facts: asNote(told) }
}
