import { work } from '../treatment'

/** What the inspector looks at before walls close. */
export const ROUGH = ['framing', 'ducts', 'pipes', 'gas', 'wires', 'low-voltage'] as const

/* Lines that several treatments have in common, word for word. */
export const WALLS_AND_CEILING_STRIPPED = work(
  'strip-out',
  'demolition',
  'remove',
  'plaster',
  'Strip walls and ceiling',
  'walls-and-ceiling',
  'strip-finishes',
  { cautions: ['dust', 'hanging-wires'] },
)
export const FLASHING_CHECKED = work(
  'weather-barrier',
  'sider',
  'test',
  'flashing',
  'Flashing photographed',
  'once',
  'inspect-rough',
  {
    inspects: ['weather-barrier'],
  },
)
export const WINDOW_CHECKED = work(
  'windows-doors',
  'window-door',
  'test',
  'window',
  'Opened, closed and flashing photographed',
  'once',
  'inspect-rough',
  { inspects: ['windows-doors'] },
)
export const PIPES_TESTED = work(
  'pipes',
  'plumber',
  'test',
  'pipe',
  'Pressure test, photographed',
  'once',
  'pressure-test',
  {
    inspects: ['pipes'],
  },
)
export const DRAIN_INSPECTED = work(
  'underground',
  'inspector',
  'inspect',
  'drain',
  'Drain test and inspection',
  'once',
  'inspect-drain',
  {
    inspects: ['excavation', 'underground'],
  },
)
export const WIRES_AND_BOXES = work(
  'wires',
  'electrician',
  'install',
  'wire',
  'Wires and boxes',
  'once',
  'wires-room',
  {
    cautions: ['hanging-wires'],
  },
)
export const ROUGH_INS_INSPECTED = work(
  'wires',
  'inspector',
  'inspect',
  'wall',
  'Inspection of rough-ins',
  'once',
  'inspect-rough',
  {
    inspects: ROUGH,
  },
)
