import { calculation, choice, length, optional, output, up, volume } from '../calculation'
import { depthWarnings } from './depthWarnings'
import { YD3 } from '../printer'

/** How much soil swells when it is dug, per cent low and high; general trade figures. */
const SWELL = {
  sand: [10, 15],
  'common earth': [25, 25],
  clay: [30, 40],
  rubble: [50, 50],
} as const

/** C-24: bank volume, loose volume and loads. A heap measured loose is not swelled again. */
export const excavation = calculation({
  id: 'C-24',
  title: 'Excavation and loads',
  inputs: {
    long: optional(length('Length')),
    wide: optional(length('Width')),
    deep: optional(length('Depth, or the mean of both ends')),
    deepEnd: optional(length('Depth at the other end', { zero: true })),
    measured: optional(volume('Volume, where it is known')),
    looseAlready: choice('Was that measured loose', ['yes', 'no'], 'no'),
    soil: choice('Soil', ['sand', 'common earth', 'clay', 'rubble'], 'common earth'),
    section: optional(length('Longest section that is open at once')),
    load: volume('One load', { default: { metric: 8, imperial: 12 * YD3 } }),
  },
  outputs: {
    bank: output('In the bank', 'm3'),
    looseLow: output('Loose, from', 'm3'),
    looseHigh: output('to', 'm3'),
    loadsLow: output('Loads, from', 'pieces'),
    loadsHigh: output('to', 'pieces'),
    tonnes: output('Weight of wet soil at most', 't'),
  },
  run: ({ long = 0, wide = 0, deep = 0, deepEnd, measured, looseAlready, soil, section, load }, p, units) => {
    const depth = deepEnd === undefined ? deep : (deep + deepEnd) / 2
    const volumeTold = measured ?? (long * wide * depth) / 1e9
    const [low, high] = SWELL[soil]
    const wasLoose = looseAlready === 'yes'
    const bank = wasLoose ? volumeTold / (1 + high / 100) : volumeTold
    const looseLow = wasLoose ? volumeTold : bank * (1 + low / 100)
    const looseHigh = wasLoose ? volumeTold : bank * (1 + high / 100)
    const [loadsLow, loadsHigh] = [up(looseLow / load), up(looseHigh / load)]
    const deepest = Math.max(deep, deepEnd ?? 0)
    return {
      outputs: { bank, looseLow, looseHigh, loadsLow, loadsHigh, tonnes: bank * 2 },
      steps: [
        `In the bank ${p.volume(bank)}; loose ${p.volume(looseLow)}${high > low && !wasLoose ? ` to ${p.volume(looseHigh)}` : ''}.`,
        `Loads of ${p.volume(load)}: ${p.num(looseLow / load)}${looseHigh > looseLow ? ` to ${p.num(looseHigh / load)}` : ''}, so ${loadsLow === loadsHigh ? loadsLow : `${loadsLow} to ${loadsHigh}`}.`,
        ...(section
          ? [
              `${p.len(long)} in sections of at most ${p.len(section)}: ${p.num(long / section, 1)}, so ${up(long / section)}, each opened, laid, tested and closed in its day.`,
            ]
          : []),
      ],
      warnings: [
        'Check the lorry’s weight: wet soil is 1.6 to 2 tonnes a cubic metre.',
        ...(deepest > 0 ? depthWarnings(deepest, p, units) : []),
      ],
    }
  },
})
