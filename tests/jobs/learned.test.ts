import { expect, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

const SITE = 'Pell Street'
const ROOMS = ['One', 'Two', 'Three', 'Four', 'Five']

/** Four rooms that took half as long again as they were reckoned, and a fifth to come. */
async function fourRooms(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-03-02',
    [{ name: 'Framers', trade: 'carpenter' }],
    [
      {
        name: SITE,
        startsOn: '2026-03-02',
        places: ROOMS.map((name) => ({ name })),
        work: ROOMS.map((at) => ({ title: `Walls of ${at}`, at, stage: 'framing', trade: 'carpenter', days: 2 })),
      },
    ],
  )
  const days = ['2026-03-02', '2026-03-04', '2026-03-06', '2026-03-10']
  for (const [i, day] of days.entries()) {
    job.until(day)
    await job.plan()
    await job.came(`Walls of ${ROOMS[i]}`, 24)
    job.record(SITE, 'line', `Walls of ${ROOMS[i]}`, 'progress', 100)
  }
  job.until('2026-03-16')
  await job.plan()
  return job
}

test('what four rooms took is offered with its cases; taken, the next room is planned by it; undone, by the usual', async () => {
  const job = await fourRooms()
  expect(job.days('Walls of Five')).toBe('Mon 16 Mar to Tue 17 Mar')
  const [offer] = job.learned()
  expect(offer).toMatchObject({
    says: expect.stringMatching(
      /^Framers took 1\.4 times the usual for this, 4 times: straighten, fur and frame walls\. Count with 0\.3 h a m² from now on\?$/,
    ),
    taken: false,
    odd: [],
  })
  expect(offer!.cases).toContain('One, Pell Street, Mon 2 Mar: 24 h as told, 16 h reckoned')
  job.countWith(offer!.key)
  await job.plan()
  expect(job.days('Walls of Five')).toBe('Mon 16 Mar to Wed 18 Mar')
  expect(job.learned()).toEqual([
    expect.objectContaining({ says: expect.stringContaining('is counted with'), taken: true }),
  ])
  job.countWith(offer!.key, false)
  await job.plan()
  expect(job.days('Walls of Five')).toBe('Mon 16 Mar to Tue 17 Mar')
})
test('nothing is offered of what nobody told', async () => {
  const job = await PlannedJob.of('2026-03-02', [{ name: 'Framers', trade: 'carpenter' }], [])
  expect(job.learned()).toEqual([])
  expect(() => job.countWith('nobody|paint')).toThrow('nothing on record tells of it any more')
})

test('looking back tells what waited and why, who came, and the hours; a finished site how late it was', async () => {
  const job = await fourRooms()
  job.record(SITE, 'line', 'Walls of Five', 'held', { reason: 'The beam is not there' })
  job.until('2026-03-19')
  job.record(SITE, 'line', 'Walls of Five', 'held', null)
  await job.update(SITE)
  reads(
    job.lookBackReads(SITE),
    [
      '80 per cent of the work is done: what stands here is not the whole story yet.',
      'Five, walls of Five: 3 days, the beam is not there.',
      'Carpenter: came 4 times.',
      'Carpenter: 96 h against 64 h reckoned, 1.5 times, in 4 comings.',
      /On Thu 19 Mar: likely \d+ Mar, safe \d+ Mar\./,
    ],
    [],
  )
  job.until('2026-03-27')
  job.record(SITE, 'line', 'Walls of Five', 'progress', 100)
  expect(job.lookBackReads(SITE)).toMatch(
    /^Finished on Friday 27 March, \d+ working days after what the client was told first\./m,
  )
})
