import { scaffoldDeed } from '../deeds'
import { saidBefore } from '../spokenOrder'
import { workLaid } from '../spokenFacts'
import type { Whole } from './whole'

/** 'The scaffold goes when the gable trim is on': whatever places it names, it is one thing that is done when that is. */
export const scaffoldGoes: Whole = (told) => {
  const { words, place } = told
  if (!place || scaffoldDeed(words) !== 'return-list' || !saidBefore(words)) return null
  const made = workLaid({ kind: 'work', words: words.trim().replace(/[.!\s]+$/, ''), action: 'remove' }, place, told)
  return made && { kind: 'work', ...made }
}
