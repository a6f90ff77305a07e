import { calculation, length, output } from '../calculation'

/** C-62: a room against the least area and width that are usual for one to sleep in: 6.5 m² and 2.15 m, or 70 ft² and 7 ft.
 * Local rules decide (C-17). */
export const leastRoom = calculation({
  id: 'C-62',
  title: 'Least room',
  inputs: {
    long: length('Length of the room'),
    wide: length('Width of the room'),
    leastLong: length('Least width', { default: { metric: 2150, imperial: 2133.6 } }),
    leastArea: length('Side of the square of the least area', { default: { metric: 2549.51, imperial: 2550.14 } }),
  },
  outputs: {
    area: output('Area', 'm2'),
    width: output('Its narrow side', 'mm'),
    short: output('Area short by', 'm2'),
    wouldDo: output('Width that would do', 'mm'),
    verdict: output('Verdict'),
  },
  run: ({ long, wide, leastLong, leastArea }, p) => {
    const least = (leastArea * leastArea) / 1e6
    const area = (long * wide) / 1e6
    const [width, length] = [Math.min(long, wide), Math.max(long, wide)]
    const short = Math.max(0, least - area)
    const wouldDo = Math.max(leastLong, (least * 1e6) / length)
    const narrow = width + 1e-6 < leastLong
    const small = short > 1e-4
    const verdict = !narrow && !small ? 'over the usual least' : 'under the usual least: not to be called a bedroom'
    return {
      outputs: { area, width, short, wouldDo, verdict },
      steps: [
        `${p.len(long)} × ${p.len(wide)} = ${p.area(area)}: ${verdict}.`,
        ...(narrow ? [`${p.len(width)} wide, under ${p.len(leastLong)}.`] : []),
        ...(small ? [`${p.area(short)} short of ${p.area(least)}; ${p.len(wouldDo)} wide would do.`] : []),
      ],
      warnings: ['The local rule and the authority decide what a room may be called.'],
    }
  },
})
