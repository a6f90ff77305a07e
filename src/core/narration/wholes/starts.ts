import { mayStart } from '../../walk/mayStart'
import type { Stage } from '../../scope/vocabulary'
import { plain } from '../clauses'
import { stageIn } from '../mentions'
import { asNote, type Whole } from './whole'

const MAY_START = /\b(?:can|could|may) (?:start|begin|go (?:ahead|in)|be started)\b/i

const STARTING: readonly (readonly [RegExp, Stage])[] = [
  [/\bpaint(?:ing)?\b/, 'paint'],
  [/\btil(?:e|ing)\b/, 'tile'],
  [/\bboard(?:ing)?\b|\bdrywall(?:ing)?\b/, 'board'],
  [/\binsulat(?:e|ing|ion)\b/, 'insulation'],
  [/\bplaster(?:ing)?\b/, 'plaster'],
  [/\bfram(?:e|ing)\b/, 'framing'],
]

/** 'Insulation can start today': where it may and where it may not, with the reason. It opens no gate. */
export const mayStartThere: Whole = (told) => {
  // 'As soon as the plaster is dry' says when, not what.
  const said = plain(told.words).split(/\b(?:as soon as|when|once|after|if|until)\b/)[0]!
  const stage = MAY_START.test(told.words)
    ? (STARTING.find(([word]) => word.test(said))?.[1] ?? stageIn(said, null, false))
    : undefined
  const answer = stage ? mayStart(stage, told.state) : null
  return answer === null ? null : { kind: 'note', says: answer, facts: asNote(told) }
}
