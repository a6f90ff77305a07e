import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, choice, numbers, output } from '../calculation'

/** C-41: done × weight over all weights; 90 at most while a test or an inspection is open. */
export const progress = calculation({
  id: 'C-41',
  title: 'Progress',
  inputs: {
    weights: numbers('Weights, in hours'),
    done: numbers('Done, in per cent of each'),
    openTest: choice('A test is open', ['yes', 'no'], 'no'),
  },
  outputs: { progress: output('Progress', '%'), done: output('Weight done'), all: output('of') },
  run: ({ weights, done, openTest }, p) => {
    if (weights.length !== done.length)
      throw new ImpossibleRequest(
        'lists-differ',
        `${weights.length} weights, but ${done.length} are told how far.`,
        'done',
      )
    const all = weights.reduce((sum, weight) => sum + weight, 0)
    const part = weights.reduce((sum, weight, i) => sum + (weight * done[i]!) / 100, 0)
    const honest = all === 0 ? 0 : (100 * part) / all
    const progress = openTest === 'yes' ? Math.min(90, honest) : honest
    return {
      outputs: { progress, done: part, all },
      steps: [
        `${p.num(part)} of ${p.num(all)}: ${p.num(honest, 1)} %${progress < honest ? ', 90 at most while a test is open' : ''}.`,
      ],
    }
  },
})
