import { area, calculation, output, percent, up } from '../calculation'

/** C-36: net area less what the framing takes, 15 to 25 %. */
export const insulation = calculation({
  id: 'C-36',
  title: 'Insulation',
  inputs: {
    surface: area('Area, openings taken off'),
    framing: percent('Taken by the framing', { default: 15 }),
    bag: area('What a bag covers at that thickness'),
  },
  outputs: {
    cavities: output('Cavities', 'm2'),
    bags: output('Bags, unrounded', 'pieces'),
    order: output('Bags to order', 'pieces'),
  },
  run: ({ surface, framing, bag }, p) => {
    const cavities = surface * (1 - framing / 100)
    return {
      outputs: { cavities, bags: cavities / bag, order: up(cavities / bag) },
      steps: [
        `${p.area(surface)} − ${p.num(framing)} % = ${p.area(cavities)}; bags of ${p.area(bag)}: ${p.num(cavities / bag)}, so ${up(cavities / bag)}.`,
      ],
      warnings: ['On which side vapour is stopped goes by the climate: the designer says.'],
    }
  },
})
