import { calculation, count, optional, output } from '../calculation'
import { countTieOut } from '../countTieOut'

/** C-52: the five numbers of a counted thing. */
export const tieOut = calculation({
  id: 'C-52',
  title: 'Count tie-out',
  inputs: {
    said: optional(count('Said on the walk')),
    listed: optional(count('Listed')),
    drawn: optional(count('On the plan')),
    ordered: optional(count('Ordered')),
    delivered: optional(count('Delivered')),
  },
  outputs: { questions: output('Questions', 'pieces') },
  run: (counts) => {
    const known = Object.fromEntries(Object.entries(counts).filter(([, value]) => value !== undefined))
    const questions = countTieOut(known)
    return { outputs: { questions: questions.length }, steps: questions.length === 0 ? ['They agree.'] : questions }
  },
})
