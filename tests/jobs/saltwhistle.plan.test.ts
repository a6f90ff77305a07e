import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Saltwhistle'
const ROOMS = 'Owners’ rooms'
const BAYS = 'Moved wall'

/** Insulators are on their way; the bays of the moved wall wait for the engineer's letter. */
async function saltwhistle(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-01-26',
    [
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Insulators', trade: 'insulator' },
      { name: 'Board crew', trade: 'drywaller' },
      { name: 'Inspector', trade: 'inspector', crews: 2 },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-01-05',
        places: [{ name: ROOMS }, { name: BAYS, size: '6 x 2.4 x 2.4' }],
        work: [
          { title: 'Insulate the rooms', at: ROOMS, stage: 'insulation', trade: 'insulator', days: 2 },
          {
            title: 'Rooms seen',
            at: ROOMS,
            stage: 'insulation',
            trade: 'inspector',
            days: 0.5,
            inspects: ['insulation'],
          },
          { title: 'Board the rooms', at: ROOMS, stage: 'board', trade: 'drywaller', days: 2 },
          { title: 'Insulate the bays', at: BAYS, stage: 'insulation', trade: 'insulator', days: 1 },
          {
            title: 'Bays seen',
            at: BAYS,
            stage: 'insulation',
            trade: 'inspector',
            days: 0.5,
            inspects: ['insulation'],
          },
          { title: 'Board the bays', at: BAYS, stage: 'board', trade: 'drywaller', days: 0.5 },
        ],
      },
    ],
  )
  job.write(SITE, 'promise', { what: 'the engineer’s letter on the moved wall', by: '2026-01-27' }, BAYS)
  job.waits(SITE, 'Insulate the bays', 'the engineer’s letter on the moved wall')
  await job.plan()
  return job
}

describe(SITE, () => {
  test('can start today where nothing is missing, and not where the letter is: each with its reason', async () => {
    const job = await saltwhistle()
    expect(job.days('Insulate the rooms')).toBe('Mon 26 Jan to Tue 27 Jan')
    expect(job.days('Rooms seen')).toBe('Wed 28 Jan, morning')
    expect(job.visit('Insulate the bays').startDay > '2026-01-27').toBe(true)
    expect(job.why('Insulate the bays')).toBe(
      'Insulate the bays waits for this: the engineer’s letter on the moved wall.',
    )
  })
  test('the letter wants hangers: they go in on Thursday, the last bays are insulated on Friday and boarded on Monday', async () => {
    const job = await saltwhistle()
    job.until('2026-01-28')
    for (const title of ['Insulate the rooms', 'Rooms seen']) job.record(SITE, 'line', title, 'progress', 100)
    job.photographed(SITE, ROOMS, 'board')
    job.record(
      SITE,
      'entry',
      'the engineer’s letter on the moved wall',
      'settled',
      { result: 'with four hangers' },
      BAYS,
    )
    job.add(SITE, { title: 'Four hangers', at: BAYS, stage: 'framing', trade: 'carpenter', days: 1 })
    job.record(SITE, 'line', 'Four hangers', 'held', { reason: 'they are fetched', until: '2026-01-29' })
    await job.plan()
    expect(job.days('Board the rooms')).toMatch(/^Wed 28 Jan|^Thu 29 Jan/)
    expect(job.days('Four hangers')).toBe('Thu 29 Jan')
    expect(job.days('Insulate the bays')).toBe('Fri 30 Jan')
    expect(job.days('Bays seen')).toBe('Mon 2 Feb, morning')
    expect(job.days('Board the bays')).toBe('Mon 2 Feb, afternoon')
  })
})
