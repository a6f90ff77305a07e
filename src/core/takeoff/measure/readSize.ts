import { calculation, length, output } from '../calculation'

/** C-00: a length as somebody gives it, exact, about, or from here to there. */
export const readSize = calculation({
  id: 'C-00',
  title: 'A size as it was said',
  inputs: { size: length('Size') },
  outputs: { size: output('Size', 'mm') },
  run: ({ size }, p) => ({ outputs: { size }, steps: [`${p.len(size)}.`] }),
})
