import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Plovermere Rise'
const ROOF = 'Old roof'

/** The roof is cut when beam and posts carry, and covered again; then come windows and siding, with two days to spare. */
async function plovermere(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-09-23',
    [
      { name: 'Steel crew', trade: 'steel' },
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Roofers', trade: 'roofer' },
      { name: 'Siders', trade: 'sider' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-09-21',
        places: [
          { name: 'Great room' },
          { name: ROOF, kind: 'roof', size: '12 x 8' },
          { name: 'Rear', kind: 'face', size: '12 x 4' },
        ],
        work: [
          { title: 'Long beam', at: 'Great room', stage: 'structure', trade: 'steel', days: 1 },
          {
            title: 'Cut the roof',
            at: ROOF,
            stage: 'strip-out',
            trade: 'carpenter',
            days: 1,
            out: true,
            element: 'roof',
          },
          { title: 'Cover the roof', at: ROOF, stage: 'roof', trade: 'roofer', days: 2, element: 'roof' },
          { title: 'Siding', at: 'Rear', stage: 'cladding', trade: 'sider', days: 3 },
        ],
      },
    ],
  )
  // The pads of the beam's posts are seven days old on Friday.
  job.write(SITE, 'promise', { what: 'the engineer says that the pads carry', by: '2026-09-24' }, 'Great room')
  job.waits(SITE, 'Long beam', 'the engineer says that the pads carry')
  job.waits(SITE, 'Cut the roof', 'Long beam')
  job.waits(SITE, 'Siding', { for: 'Cover the roof', leastDays: 2 })
  await job.plan()
  await job.move('Siding', '2026-10-05')
  return job
}

test('the lift waits for the pads: Friday, and says what for; the roof is cut when the beam carries', async () => {
  const job = await plovermere()
  expect(job.days('Long beam')).toBe('Fri 25 Sep')
  expect(job.why('Long beam')).toBe('Long beam waits for this: the engineer says that the pads carry.')
  expect(job.why('Cut the roof')).toMatch(/^Great room: long beam comes first, as was said\./)
})

test('a storm is told for Monday: the roof, which would stand open in it, is cut after it, and the siding keeps its day', async () => {
  const job = await plovermere()
  expect(job.days('Cut the roof')).toBe('Mon 28 Sep')
  await job.tell('Long beam', 'Siding')
  job.weather('storm', '2026-09-29')
  await job.plan()
  expect(job.days('Cut the roof')).toBe('Wed 30 Sep')
  expect(job.why('Cut the roof')).toContain('storm')
  expect(job.days('Cover the roof')).toBe('Thu 1 Oct to Fri 2 Oct')
  expect(job.days('Siding')).toBe('Mon 5 Oct to Wed 7 Oct')
  expect(job.toTell()).toEqual([])
})
