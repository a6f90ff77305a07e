import { tenths } from '../../measure/length'
import { calculation, length, output } from '../calculation'
import { cutUpStrip } from '../cutUpStrip'

/** C-04: a strip cut up along the foot of a wall. */
export const cutUp = calculation({
  id: 'C-04',
  title: 'Cut-up strip along a wall',
  inputs: {
    wall: length('Length of the wall'),
    strip: length('Height of the strip'),
    doors: length('Door openings together', { default: 0 }),
  },
  outputs: {
    sections: output('Sections of 8 ft', 'pieces'),
    stripsPerSheet: output('Strips from a sheet', 'pieces'),
    sheets: output('Sheets', 'pieces'),
    plate: output('Plate to look at', 'mm'),
    studFeet: output('Stud feet', 'pieces'),
  },
  run: ({ wall, strip, doors }, p) => {
    const { plate, ...cut } = cutUpStrip(tenths(wall * 10), tenths(strip * 10), doors * 10)
    return {
      outputs: { ...cut, plate: plate / 10 },
      steps: [
        `${cut.sections} sections, ${cut.stripsPerSheet} strips to a sheet at ${p.len(strip)}: ${cut.sheets} sheets.`,
        `Plate to look at ${p.len(plate / 10)}; ${cut.studFeet} stud feet at 16 in.`,
      ],
      warnings: ['The top of the strip wants flashing, or the barrier lapped over it.'],
    }
  },
})
