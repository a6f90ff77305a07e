import { calculation, count, length, number, optional, output, percent, sizes, withPercent } from '../calculation'

/** C-02: walls and gables less openings; openings up to about 10 ft² (1 m²) are not deducted, they pay for cutting. */
export const gable = calculation({
  id: 'C-02',
  title: 'Net area of walls and gables',
  inputs: {
    walls: optional(sizes('Walls, aprons and bands, length by height')),
    gableBase: optional(length('Base of a gable')),
    pitch: number('Pitch, rise in 12', { default: 6, zero: true, most: 36 }),
    gables: count('Gables of that size', { default: 1, zero: true }),
    overhang: length('Overhang of the rake along the slope', { default: 0 }),
    openings: optional(sizes('Openings, width by height')),
    rise: optional(length('Rise of a gable, where it was measured')),
    columns: count('Columns', { default: 0 }),
    around: optional(length('Round a column')),
    columnTall: optional(length('Height of a column')),
    more: percent('More for waste', { default: 0 }),
  },
  outputs: {
    gross: output('Walls and gables', 'm2'),
    deducted: output('Openings taken off', 'm2'),
    net: output('Net area', 'm2'),
    gableArea: output('Gables', 'm2'),
    rise: output('Rise of a gable', 'mm'),
    rake: output('Rake on each side', 'mm'),
    columnArea: output('Columns', 'm2'),
    order: output('Net area with waste', 'm2'),
  },
  run: (v, p, units) => {
    const { walls = [], gableBase = 0, pitch, gables, overhang, openings = [], around = 0, columnTall = 0 } = v
    const squareMetres = ([a, b]: readonly [number, number]): number => (a * b) / 1e6
    const rise = v.rise ?? ((gableBase / 2) * pitch) / 12
    const rake = gableBase > 0 ? Math.hypot(gableBase / 2, rise) + overhang : 0
    const gableArea = ((gableBase * rise) / 2 / 1e6) * gables
    const columnArea = (around * columnTall * v.columns) / 1e6
    const gross = walls.reduce((sum, wall) => sum + squareMetres(wall), 0) + gableArea + columnArea
    const smallest = units === 'imperial' ? 10 * 0.3048 ** 2 : 1
    const large = openings.map(squareMetres).filter((area) => area > smallest)
    const deducted = large.reduce((sum, area) => sum + area, 0)
    const net = gross - deducted
    const order = withPercent(net, v.more)
    return {
      outputs: { gross, deducted, net, gableArea, rise, rake, columnArea, order },
      steps: [
        ...(gableBase > 0
          ? [
              `Gable: rise ${p.len(rise)}, rake ${p.len(rake)} a side, ${p.len(2 * gables * rake)} in all, ${p.area(gableArea)} for ${gables}.`,
            ]
          : []),
        ...(columnArea > 0
          ? [`Columns: ${v.columns} × ${p.len(around)} × ${p.len(columnTall)} = ${p.area(columnArea)}.`]
          : []),
        `${p.area(gross)} less ${large.length} of ${openings.length} openings (${p.area(deducted)}): ${p.area(net)}; those up to ${p.area(smallest)} are not taken off.`,
        ...(v.more > 0 ? [`With ${p.num(v.more)} % for waste: ${p.area(order)}.`] : []),
      ],
    }
  },
})
