import { calculation, length, output } from '../calculation'

/** C-61: what stands in a room with room beside it at both sides, at both ends of what is wanted: a bed with 600 to 750 mm
 * (24 to 30 in) beside it (C-17). */
export const standing = calculation({
  id: 'C-61',
  title: 'What stands between two walls',
  inputs: {
    wide: length('Width of what stands there'),
    beside: length('Room beside it, each side', { default: { metric: 600, imperial: 609.6 } }),
    besideMost: length('and where one likes it generous', { default: { metric: 750, imperial: 762 } }),
    clear: length('From wall to wall'),
  },
  outputs: {
    least: output('Needs at least', 'mm'),
    most: output('and generously', 'mm'),
    verdict: output('Verdict'),
  },
  run: ({ wide, beside, besideMost, clear }, p) => {
    const [least, most] = [wide + 2 * beside, wide + 2 * besideMost]
    const passes = (needs: number): boolean => clear + 1e-6 >= needs
    const verdict = passes(most)
      ? 'passes at both ends'
      : passes(least)
        ? 'passes the low end, fails the high'
        : 'does not fit'
    return {
      outputs: { least, most, verdict },
      steps: [
        `${p.len(wide)} + 2 × ${p.len(beside)} to ${p.len(besideMost)}: ${p.len(least)} to ${p.len(most)}; ${p.len(clear)} is there: ${verdict}.`,
      ],
    }
  },
})
