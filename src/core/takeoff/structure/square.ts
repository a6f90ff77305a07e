import { calculation, length, output } from '../calculation'

/** C-47: square where both diagonals are equal. */
export const square = calculation({
  id: 'C-47',
  title: 'Square',
  inputs: { first: length('One diagonal'), second: length('The other diagonal') },
  outputs: { deviation: output('Difference of the diagonals', 'mm') },
  run: ({ first, second }, p) => {
    const deviation = Math.abs(first - second)
    return {
      outputs: { deviation },
      steps: [deviation === 0 ? 'Square: both diagonals are equal.' : `The diagonals differ by ${p.len(deviation)}.`],
    }
  },
})
