import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { calculation, length, lengths, output, up } from '../calculation'

/** C-07: run by run, doors left out: ⌈(L − lap) / (section − lap)⌉. Sections 10 ft (3 m), lap 3 in (75 mm). */
export const flashing = calculation({
  id: 'C-07',
  title: 'Flashing sections',
  inputs: {
    runs: lengths('Runs, doors left out'),
    section: length('Length of a section', { default: { metric: 3000, imperial: 3048 } }),
    lap: length('Lap', { default: { metric: 75, imperial: 76.2 }, zero: true }),
  },
  outputs: { pieces: output('Sections', 'pieces'), run: output('Runs together', 'mm') },
  run: ({ runs, section, lap }, p) => {
    if (lap >= section) throw new ImpossibleRequest('lap', 'Lap: it is shorter than the section.', 'lap')
    const exact = runs.map((run) => (run - lap) / (section - lap))
    const each = exact.map((sections) => Math.max(1, up(sections)))
    const pieces = each.reduce((sum, n) => sum + n, 0)
    return {
      outputs: { pieces, run: runs.reduce((sum, run) => sum + run, 0) },
      steps: [
        `${runs.map((run, i) => `${p.len(run)}: ${p.num(exact[i]!)}, so ${each[i]}`).join('; ')}; ${pieces} together.`,
      ],
    }
  },
})
