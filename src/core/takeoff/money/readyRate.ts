import { calculation, count, output } from '../calculation'

/** C-40: what is cleared of what is planned ahead, and what was done of what was planned last week. */
export const readyRate = calculation({
  id: 'C-40',
  title: 'Ready rate',
  inputs: {
    planned: count('Planned ahead', { zero: true }),
    cleared: count('of them cleared', { zero: true }),
    lastPlanned: count('Planned last week', { default: 0 }),
    lastDone: count('of them done', { default: 0 }),
  },
  outputs: { ready: output('Ready', '%'), kept: output('Last week kept', '%') },
  run: ({ planned, cleared, lastPlanned, lastDone }, p) => {
    const ready = planned === 0 ? 0 : (100 * cleared) / planned
    const kept = lastPlanned === 0 ? 0 : (100 * lastDone) / lastPlanned
    return {
      outputs: { ready, kept },
      steps: [
        `${cleared} of ${planned} are cleared: ${p.num(ready, 1)} %.`,
        ...(lastPlanned > 0 ? [`Last week ${lastDone} of ${lastPlanned}: ${p.num(kept, 1)} %.`] : []),
      ],
    }
  },
})
