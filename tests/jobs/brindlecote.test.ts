import { describe } from 'vitest'
import { testJob } from './job'

/** Kickoff and the first two days of drains. */
describe('Brindlecote', () => {
  testJob({
    site: 'Brindlecote',
    built: '1905',
    units: 'imperial',
    told: [
      {
        register: 'drain-run',
        typed: { what: 'stack A to C3', run: '62 ft', slope: '96', invert: '38 in', wall: '1/4 in', bedding: '4 in' },
        says: ['drop 7 3/4"', `Dig 3' 6 1/4" at the start and 4' 2" at the end`, 'nobody enters unsupported'],
      },
      {
        register: 'trench',
        typed: {
          what: 'along the front',
          long: '62 ft',
          wide: '2 ft',
          deep: '42 1/4 in',
          deepEnd: '50 in',
          soil: 'clay',
          load: '12 yd³',
          section: '16 ft',
        },
        says: [
          '(17.653 yd³)',
          '(22.949 yd³) to 667.27 ft³ (24.714 yd³)',
          '1.91 to 2.06, so 2 to 3.',
          `62' in sections of at most 16': 3.9, so 4, each opened, laid, tested and closed in its day.`,
        ],
      },
      {
        register: 'salvaged-pieces',
        typed: { what: 'bricks', taken: '1350', lost: '20', needed: '1900' },
        says: ['1080 can be used', '820 short of 1900'],
      },
      {
        register: 'drying',
        typed: { name: 'screed', what: 'screed', thick: '2 3/4 in', from: '2026-06-08' },
        says: ['Sunday 6 September'],
      },
      {
        register: 'outage',
        typed: { what: 'drains', on: '2026-04-22', from: '10', hours: '3.5' },
        says: ['told by Monday 20 April, 10 h'],
      },
    ],
  })
})
