import { calculation, count, optional, output } from '../calculation'
import { countTieOut } from '../countTieOut'

/** C-52: the five numbers of a counted thing. */
export const tieOut = calculation({
  id: 'C-52',
  title: 'Count tie-out',
  inputs: {
    said: optional(count('Said on the walk', { zero: true })),
    listed: optional(count('Listed', { zero: true })),
    drawn: optional(count('On the plan', { zero: true })),
    ordered: optional(count('Ordered', { zero: true })),
    delivered: optional(count('Delivered', { zero: true })),
  },
  outputs: { questions: output('Questions', 'pieces') },
  run: (counts) => {
    const known = Object.fromEntries(Object.entries(counts).filter(([, value]) => value !== undefined))
    const questions = countTieOut(known)
    return { outputs: { questions: questions.length }, steps: questions.length === 0 ? ['They agree.'] : questions }
  },
})
