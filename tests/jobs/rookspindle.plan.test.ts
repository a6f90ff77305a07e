import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Rookspindle 5 and 6'
const FRONT = 'Unit 5 front'
const BACK = 'Unit 5 back'
const OTHER = 'Unit 6'

/** The engineer's word on the bracing comes on 16 March; the framing is promised to the bank for 3 April. */
async function rookspindle(framers = 1): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-03-09',
    [
      { name: 'Framers', trade: 'carpenter', crews: framers },
      { name: 'Engineer', trade: 'engineer' },
      { name: 'Siders', trade: 'sider' },
      { name: 'Electricians', trade: 'electrician' },
      { name: 'Plumbers', trade: 'plumber' },
      { name: 'Board crew', trade: 'drywaller' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-03-09',
        places: [
          { name: FRONT, size: '9 x 6 x 2.5' },
          { name: BACK, size: '9 x 6 x 2.5' },
          { name: OTHER, size: '9 x 12 x 2.5' },
          { name: 'Street face', kind: 'face', size: '12 x 4' },
        ],
        work: [
          { title: 'Front framed', at: FRONT, stage: 'framing', trade: 'carpenter', days: 4 },
          { title: 'Bracing under the floor', at: BACK, stage: 'shoring', trade: 'carpenter', days: 1 },
          { title: 'Back framed', at: BACK, stage: 'framing', trade: 'carpenter', days: 4 },
          { title: 'Unit 6 framed', at: OTHER, stage: 'framing', trade: 'carpenter', days: 7 },
          { title: 'Siding', at: 'Street face', stage: 'cladding', trade: 'sider', days: 4 },
          { title: 'Wires in unit 5', at: FRONT, stage: 'wires', trade: 'electrician', days: 2 },
          { title: 'Pipes in unit 5', at: BACK, stage: 'pipes', trade: 'plumber', days: 2 },
          { title: 'Boards in unit 5', at: FRONT, stage: 'board', trade: 'drywaller', days: 2 },
        ],
      },
    ],
  )
  job.ask(SITE, BACK, 'Is the bracing under the floor right?', 'engineer', { by: '2026-03-16', blocks: 'shoring' })
  job.waits(SITE, 'Back framed', 'Bracing under the floor')
  job.write(SITE, 'promise', { what: 'framing is done, told to the bank', by: '2026-04-03' })
  await job.plan()
  return job
}

test('framing over the bracing waits for the engineer and says so; the front goes on', async () => {
  const job = await rookspindle()
  expect(job.days('Front framed')).toBe('Mon 9 Mar to Thu 12 Mar')
  expect(job.visit('Bracing under the floor').startDay >= '2026-03-16').toBe(true)
  expect(job.why('Bracing under the floor')).toContain('Is the bracing under the floor right? is not decided')
  expect(job.visit('Back framed').startDay > job.visit('Bracing under the floor').startDay).toBe(true)
})

test('services follow their frames, and boards their services', async () => {
  const job = await rookspindle()
  expect(job.visit('Wires in unit 5').startDay > job.visit('Front framed').endDay).toBe(true)
  expect(job.visit('Pipes in unit 5').startDay > job.visit('Back framed').endDay).toBe(true)
  expect(job.visit('Boards in unit 5').startDay > job.visit('Wires in unit 5').endDay).toBe(true)
})

test('what the bank was told carries its likely and its safe day, and is held', async () => {
  const job = await rookspindle()
  const [said] = job.promises(SITE)
  expect(said).toMatch(/3 Apr/)
  expect(job.visit('Unit 6 framed').endDay <= '2026-04-03').toBe(true)
  expect(job.planReads(SITE)).toMatch(/likely|safe/i)
})

test('a week of the framers is lost: the plan says today that the promise is late, and on what it hangs', async () => {
  const job = await rookspindle()
  for (const title of ['Unit 6 framed', 'Back framed'])
    job.record(SITE, 'line', title, 'held', { reason: 'the framers are called to another house', until: '2026-03-30' })
  await job.plan()
  expect(job.promises(SITE).join()).toMatch(/3 Apr/)
  expect(job.todayReads()).toMatch(/framing is done, told to the bank/)
})
