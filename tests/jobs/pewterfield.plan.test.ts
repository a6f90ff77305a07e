import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Pewterfield'
const ROOF = 'Small roof'
const GABLE = 'Gable'

/** The brackets of the small roof wait for the designer's drawing; the roofers come on Mondays only. */
async function pewterfield(brackets: string): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-08-18',
    [
      { name: 'Siders', trade: 'sider' },
      { name: 'Window fitters', trade: 'window-door' },
      { name: 'Scaffold firm', trade: 'scaffolder' },
      { name: 'Roofers', trade: 'roofer', weekdays: [1] },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-08-18',
        places: [
          { name: ROOF, kind: 'outbuilding', size: '3 x 2 x 2.5' },
          { name: GABLE, kind: 'face', size: '7 x 3' },
        ],
        work: [
          { title: 'Roof on brackets', at: ROOF, stage: 'roof', trade: 'roofer', days: 1 },
          { title: 'Siding and trim of the gable', at: GABLE, stage: 'cladding', trade: 'sider', days: 4 },
          { title: 'Scaffold goes', at: GABLE, stage: 'return-list', trade: 'scaffolder', days: 1 },
        ],
      },
    ],
  )
  job.waits(SITE, 'Scaffold goes', 'Siding and trim of the gable')
  job.lay(SITE, ROOF, { what: 'Three brackets', lead: 'special-tile', neededFor: 'roof' })
  job.record(SITE, 'selection', 'Three brackets', 'state', 'ordered')
  job.record(SITE, 'selection', 'Three brackets', 'arrives', brackets)
  await job.plan()
  return job
}

test('a drawing by the 21st brings the brackets on 4 September, and the roofers on Monday the 7th', async () => {
  const job = await pewterfield('2026-09-04')
  expect(job.days('Roof on brackets')).toBe('Mon 7 Sep')
  expect(job.days('Siding and trim of the gable')).toBe('Tue 18 Aug to Fri 21 Aug')
  expect(job.days('Scaffold goes')).toBe('Mon 24 Aug')
  expect(job.why('Scaffold goes')).toBe('Gable: siding and trim of the gable comes first, as was said.')
})

test('one on the 27th brings them on the 10th: the roof slips to the next Monday, siding and scaffold do not', async () => {
  const job = await pewterfield('2026-09-04')
  await job.tell('Roof on brackets', 'Siding and trim of the gable', 'Scaffold goes')
  job.record(SITE, 'selection', 'Three brackets', 'arrives', '2026-09-10')
  await job.plan()
  expect(job.days('Roof on brackets')).toBe('Mon 14 Sep')
  expect(job.days('Siding and trim of the gable')).toBe('Tue 18 Aug to Fri 21 Aug')
  expect(job.days('Scaffold goes')).toBe('Mon 24 Aug')
  expect(job.toTell()).toEqual(['Roofers'])
})
