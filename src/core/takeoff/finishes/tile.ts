import { area, calculation, choice, length, number, optional, output, percent, up, withPercent } from '../calculation'

/** C-33: 10 % for plain tile, 15 % for patterns and stone, 5 % more to cull tumbled ones; allowances are added, not
 * compounded. Grout by joint. */
export const tile = calculation({
  id: 'C-33',
  title: 'Tile and grout',
  inputs: {
    surface: area('Area'),
    kind: choice('Kind', ['plain', 'pattern or stone', 'tumbled stone'], 'plain'),
    tileLong: optional(length('Length of a tile')),
    tileWide: optional(length('Width of a tile')),
    box: optional(area('What a box covers')),
    joint: length('Width of the joint', { default: 3, zero: true }),
    depth: length('Depth of the joint', { default: 8 }),
    density: number('Density of the grout', { default: 1.6, unit: 'kg/L' }),
    membrane: area('Floor and walls to make waterproof', { default: 0 }),
    more: percent('More of membrane', { default: 10 }),
  },
  outputs: {
    tile: output('Tile', 'm2'),
    boxes: output('Boxes to order; 0 where nobody said what one covers', 'pieces'),
    grout: output('Grout', 'kg'),
    membrane: output('Membrane', 'm2'),
  },
  run: ({ surface, kind, tileLong, tileWide, box, joint, depth, density, membrane, more }, p) => {
    const waste = kind === 'plain' ? 10 : kind === 'pattern or stone' ? 15 : 20
    const tiled = withPercent(surface, waste)
    const boxes = box ? up(tiled / box) : 0
    const grout =
      tileLong && tileWide ? ((tileLong + tileWide) / (tileLong * tileWide)) * depth * joint * density * surface : 0
    return {
      outputs: { tile: tiled, boxes, grout, membrane: withPercent(membrane, more) },
      steps: [
        `${p.area(surface)} + ${waste} % = ${p.area(tiled)}${box ? `; boxes of ${p.area(box)}: ${p.num(tiled / box)}, so ${boxes}` : ''}.`,
        ...(grout > 0 ? [`Grout ${p.mass(grout)}.`] : []),
        ...(membrane > 0 ? [`Membrane ${p.area(withPercent(membrane, more))}, and bands at corners and pipes.`] : []),
      ],
    }
  },
})
