import { calculation, length, output } from '../calculation'

/** C-60: the space that is there less what has to go into it: what is left, or by how much it hits. */
export const clearance = calculation({
  id: 'C-60',
  title: 'Will it fit',
  inputs: {
    space: length('The space that is there', { zero: true }),
    takes: length('What has to go into it', { zero: true }),
    spare: length('Room that is wanted beside it', { default: 0, fine: true }),
  },
  outputs: { left: output('Left', 'mm'), verdict: output('Verdict') },
  run: ({ space, takes, spare }, p) => {
    const left = space - takes
    const verdict = left < -1e-6 ? 'no' : left + 1e-6 < spare ? 'tight' : 'yes'
    return {
      outputs: { left, verdict },
      steps: [
        left < -1e-6
          ? `${p.len(takes)} against ${p.len(space)}: it does not fit, by ${p.len(-left)}.`
          : `${p.len(space)} − ${p.len(takes)} = ${p.len(left)} left${verdict === 'tight' ? `, ${p.len(spare)} is wanted` : ''}.`,
      ],
    }
  },
})
