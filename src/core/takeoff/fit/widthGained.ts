import { calculation, count, length, output } from '../calculation'

/** C-16: each face gains plaster and lath less the new board; furring and insulation on an outer wall are taken off. */
export const widthGained = calculation({
  id: 'C-16',
  title: 'Width gained by taking plaster off',
  inputs: {
    faces: count('Faces', { default: 1, most: 10 }),
    plaster: length('Plaster', { default: { metric: 22, imperial: 22.225 }, zero: true }),
    lath: length('Lath', { default: { metric: 9.5, imperial: 9.525 }, zero: true }),
    board: length('New board', { default: { metric: 12.5, imperial: 12.7 }, zero: true }),
    furring: length('New furring and insulation', { default: 0 }),
  },
  outputs: { face: output('Each face', 'mm'), gain: output('Gained, or lost where it is below 0', 'mm') },
  run: ({ faces, plaster, lath, board, furring }, p) => {
    const face = plaster + lath - board
    const gain = faces * face - furring
    return {
      outputs: { face, gain },
      steps: [
        `A face gains ${p.len(plaster)} + ${p.len(lath)} − ${p.len(board)} = ${p.len(face)}; ${faces} of them less ${p.len(furring)}: ${p.len(gain)}.`,
      ],
    }
  },
})
