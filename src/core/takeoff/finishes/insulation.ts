import { area, calculation, optional, output, percent, up } from '../calculation'

/** What timbers usually take of a wall, in per cent. */
const TIMBERS = { least: 15, most: 25 }

/** C-36: net area less what the framing takes, 15 to 25 %. */
export const insulation = calculation({
  id: 'C-36',
  title: 'Insulation',
  inputs: {
    surface: area('Area, openings taken off'),
    framing: percent('Taken by the framing', { default: TIMBERS.least }),
    bag: optional(area('What a bag covers at that thickness')),
  },
  outputs: {
    cavities: output('Cavities', 'm2'),
    bags: output('Bags, unrounded; 0 where nobody said what one covers', 'pieces'),
    order: output('Bags to order', 'pieces'),
  },
  run: ({ surface, framing, bag }, p) => {
    const cavities = surface * (1 - framing / 100)
    const bags = bag === undefined ? 0 : cavities / bag
    return {
      outputs: { cavities, bags, order: up(bags) },
      steps: [
        `${p.area(surface)} − ${p.num(framing)} % = ${p.area(cavities)}${bag === undefined ? '' : `; bags of ${p.area(bag)}: ${p.num(bags)}, so ${up(bags)}`}.`,
        ...(framing === TIMBERS.least
          ? [
              `Timbers take ${TIMBERS.least} to ${TIMBERS.most} %: ${p.area(surface * (1 - TIMBERS.most / 100))} to ${p.area(cavities)}.`,
            ]
          : []),
      ],
      warnings: ['On which side vapour is stopped goes by the climate: the designer says.'],
    }
  },
})
