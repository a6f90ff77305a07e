import { expect, test } from 'vitest'
import { PlannedJob, type JobCrew, type JobSite } from './planned'

const SITE = 'Heddlecroft'
const planned = (
  startsOn: string,
  crews: readonly JobCrew[],
  site: Pick<JobSite, 'places' | 'work'>,
): Promise<PlannedJob> => PlannedJob.of(startsOn, crews, [{ name: SITE, startsOn, ...site }])

/** The column is painted when the owners' mason has filled its scar; the other faces wait for nobody. */
test('a mason whom the owners have not called yet holds the column and only the column', async () => {
  const job = await planned('2026-04-20', [{ name: 'Painters', trade: 'painter' }], {
    places: [
      { name: 'Porch', kind: 'face', size: '4 x 3' },
      { name: 'Rear', kind: 'face', size: '13 x 2.7' },
    ],
    work: [
      { title: 'Fill the scar of the column with stone', at: 'Porch', stage: 'cladding', trade: 'mason', days: 1 },
      { title: 'Paint the column', at: 'Porch', stage: 'paint', trade: 'painter', days: 0.5 },
      { title: 'Paint the porch ceiling', at: 'Porch', stage: 'paint', trade: 'painter', days: 1 },
      { title: 'Paint the rear', at: 'Rear', stage: 'paint', trade: 'painter', days: 2 },
    ],
  })
  job.record(SITE, 'line', 'Fill the scar of the column with stone', 'responsible', 'client')
  await job.plan()
  expect(job.visit('Paint the column').key).toBe(job.visit('Paint the porch ceiling').key)
  job.waits(SITE, 'Paint the column', 'Fill the scar of the column with stone')
  await job.plan()
  const column = job.visit('Paint the column')
  expect(job.why('Paint the column')).toBe(
    'Paint the column waits for what others do: fill the scar of the column with stone.',
  )
  expect(column.startDay > job.visit('Paint the porch ceiling').endDay).toBe(true)
  expect(job.visit('Paint the rear').startDay < column.startDay).toBe(true)
})

test('a rotten plate under the bay holds the bay alone: the rear goes on and the painter keeps his day', async () => {
  const job = await planned(
    '2026-05-04',
    [
      { name: 'Siders', trade: 'sider' },
      { name: 'Painters', trade: 'painter' },
    ],
    {
      places: [
        { name: 'Bay', kind: 'face', size: '3 x 3' },
        { name: 'Rear', kind: 'face', size: '13 x 2.7' },
      ],
      work: [
        { title: 'Panel at the bay', at: 'Bay', stage: 'cladding', trade: 'sider', days: 1 },
        { title: 'Panel at the rear', at: 'Rear', stage: 'cladding', trade: 'sider', days: 4 },
        { title: 'Paint the bay', at: 'Bay', stage: 'paint', trade: 'painter', days: 1 },
        { title: 'Paint the rear', at: 'Rear', stage: 'paint', trade: 'painter', days: 2 },
      ],
    },
  )
  await job.plan()
  await job.tell('Panel at the rear', 'Paint the rear', 'Paint the bay')
  const [rear, painted] = [job.days('Panel at the rear'), job.days('Paint the rear')]
  job.write(
    SITE,
    'hidden-damage',
    { what: 'Plate under the bay', allowance: '5', found: '11', unitPrice: '34', structural: 'yes' },
    'Bay',
  )
  await job.plan()
  expect(job.recordReads(SITE)).toContain('(11 − 5) × 34 = 204.')
  expect(job.recordReads(SITE)).toContain('Talk before it is covered')
  expect(job.gate(SITE, 'Bay', 'cladding')).toContain('late under the bay')
  expect([job.days('Panel at the rear'), job.days('Paint the rear')]).toEqual([rear, painted])
  expect(job.toTell()).not.toContain('Painters')
})
