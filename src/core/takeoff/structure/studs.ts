import { calculation, count, length, number, output, percent, up, withPercent } from '../calculation'

/** C-21: studs ⌈L / spacing⌉ + 1, two more a corner, two kings and the jacks of each opening; blocking rows with
 * spaces = rows + 1. Spacing 16 in (400 mm). */
export const studs = calculation({
  id: 'C-21',
  title: 'Studs, plates and blocking',
  inputs: {
    long: length('Length of the wall'),
    tall: length('Height of the wall'),
    spacing: length('Stud spacing', { default: { metric: 400, imperial: 406.4 } }),
    stud: length('Thickness of a stud', { default: { metric: 38, imperial: 38.1 } }),
    corners: count('Corners', { default: 0 }),
    openings: count('Openings', { default: 0 }),
    jacks: count('Jacks on each side of an opening', { default: 1, zero: true }),
    rows: count('Rows of blocking', { default: 0 }),
    rowsIn: number('Rows in already', { default: 0 }),
    waste: percent('Waste', { default: 10 }),
  },
  outputs: {
    studs: output('Studs', 'pieces'),
    plates: output('Plates', 'mm'),
    rowSpacing: output('Between rows of blocking', 'mm'),
    bays: output('Bays', 'pieces'),
    blocks: output('Pieces of blocking', 'pieces'),
    blockLength: output('Length of a piece', 'mm'),
    blocking: output('Blocking together', 'mm'),
    blocksToGo: output('Pieces still to go in', 'pieces'),
  },
  run: (v, p) => {
    const inWall = up(v.long / v.spacing) + 1
    const all = inWall + 2 * v.corners + v.openings * (2 + 2 * v.jacks)
    const bays = inWall - 1
    const blockLength = v.spacing - v.stud
    const blocks = bays * v.rows
    const rowSpacing = v.tall / (v.rows + 1)
    return {
      outputs: {
        studs: all,
        plates: 3 * v.long,
        rowSpacing,
        bays,
        blocks,
        blockLength,
        blocking: blocks * blockLength,
        blocksToGo: bays * Math.max(0, v.rows - v.rowsIn),
      },
      steps: [
        `${p.len(v.long)} at ${p.len(v.spacing)}: ${inWall} studs${all > inWall ? `, ${all} with corners and openings` : ''}; with ${p.num(v.waste)} % ${up(withPercent(all, v.waste))} to buy. Plates ${p.len(3 * v.long)}.`,
        ...(v.rows > 0
          ? [
              `${v.rows} rows ${p.len(rowSpacing)} apart: ${bays} bays × ${v.rows} = ${blocks} pieces of ${p.len(blockLength)}, ${p.len(blocks * blockLength)}; ${bays * Math.max(0, v.rows - v.rowsIn)} to go.`,
            ]
          : []),
      ],
    }
  },
})
