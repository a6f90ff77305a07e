import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Cloverfray 22'
const SHARED = 'Shared-wall side'
const GARDEN = 'Garden side'
const STREET = 'Street side'
const SHED = 'Shed'

/** One painting crew; the shared side is reached only from the neighbour's yard; the new door takes up to 49 days. */
async function cloverfray(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-06-02',
    [
      { name: 'Painters', trade: 'painter' },
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Window fitters', trade: 'window-door' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-06-08',
        places: [
          { name: SHARED, kind: 'face', size: '14.2 x 2.7' },
          { name: GARDEN, kind: 'face', size: '14.2 x 2.7' },
          { name: STREET, kind: 'face', size: '10.4 x 2.7' },
          { name: 'Back hall', size: '3 x 2 x 2.5' },
          { name: SHED, kind: 'outbuilding', size: '3 x 2.4 x 2' },
        ],
        work: [
          { title: 'Shared side, two coats', at: SHARED, stage: 'paint', trade: 'painter', days: 2 },
          { title: 'Garden side, two coats', at: GARDEN, stage: 'paint', trade: 'painter', days: 2 },
          { title: 'Street side, two coats', at: STREET, stage: 'paint', trade: 'painter', days: 2 },
          { title: 'Rotten trim off', at: SHED, stage: 'strip-out', trade: 'carpenter', days: 0.5, out: true },
          { title: 'Hinges off the doors', at: SHED, stage: 'protect', trade: 'carpenter', days: 0.5 },
          { title: 'New trim of the shed', at: SHED, stage: 'cladding', trade: 'carpenter', days: 1 },
          { title: 'Shed trim sealed and painted', at: SHED, stage: 'paint', trade: 'painter', days: 1 },
          {
            title: 'New rear door',
            at: 'Back hall',
            stage: 'windows-doors',
            trade: 'window-door',
            days: 1,
            element: 'door',
          },
          {
            title: 'Door painted both sides',
            at: 'Back hall',
            stage: 'paint',
            trade: 'painter',
            days: 1,
            element: 'door',
          },
        ],
      },
    ],
  )
  job.lay(SITE, 'Back hall', { what: 'Rear door', lead: 'custom-door', neededFor: 'windows-doors' })
  job.record(SITE, 'selection', 'Rear door', 'lead', [35, 42, 49])
  job.party(SITE, 'The neighbour', { part: 'neighbour', hears: 'Paint' })
  job.write(SITE, 'promise', { what: 'everything is handed over', by: '2026-07-31' })
  await job.plan()
  return job
}

test('painting does not wait for the door: its own paint is a visit of its own, after it', async () => {
  const job = await cloverfray()
  for (const title of ['Shared side, two coats', 'Garden side, two coats', 'Street side, two coats'])
    expect(job.visit(title).endDay < '2026-06-20', title).toBe(true)
  expect(job.visit('Door painted both sides').key).not.toBe(job.visit('Street side, two coats').key)
  expect(job.visit('Door painted both sides').startDay > job.visit('New rear door').endDay).toBe(true)
  expect(job.visit('New rear door').endDay < '2026-07-31').toBe(true)
})

test('at the shed what is rotten comes off, what is behind is seen, then the new trim, then sealant and paint', async () => {
  const job = await cloverfray()
  const days = ['Rotten trim off', 'New trim of the shed', 'Shed trim sealed and painted'].map(
    (title) => job.visit(title).startDay,
  )
  expect(days).toEqual([...days].sort())
})

test('rain on the days of the shared side: it moves, no hand loses a day, and the neighbour is told anew', async () => {
  const job = await cloverfray()
  await job.move('Shared side, two coats', '2026-06-08')
  expect(job.days('Shared side, two coats')).toBe('Mon 8 Jun to Tue 9 Jun')
  await job.tellOthers()
  job.until('2026-06-05')
  job.weather('rain', '2026-06-08', '2026-06-09')
  await job.move('Shared side, two coats', '2026-06-11')
  expect(job.days('Shared side, two coats')).toBe('Thu 11 Jun to Fri 12 Jun')
  expect(job.visit('Garden side, two coats').startDay >= '2026-06-10').toBe(true)
  expect(job.toTell()).toContain('The neighbour')
  await job.tellOthers()
  const read = job.neighbourReads(SITE, 'The neighbour')
  expect(read).toContain('11 Jun')
  expect(read).not.toMatch(/colour|€/)
})

test('the door comes hinged on the wrong side: it is not hung, the rest keeps its days', async () => {
  const job = await cloverfray()
  const kept = job.days('Street side, two coats')
  job.record(SITE, 'selection', 'Rear door', 'state', 'ordered')
  job.until('2026-07-15')
  for (const title of [
    'Shared side, two coats',
    'Garden side, two coats',
    'Street side, two coats',
    'New trim of the shed',
    'Shed trim sealed and painted',
    'Rotten trim off',
    'Hinges off the doors',
  ])
    job.record(SITE, 'line', title, 'progress', 100)
  job.record(SITE, 'selection', 'Rear door', 'state', 'wrong')
  await job.plan()
  expect(kept).toMatch(/Jun/)
  expect(job.visit('New rear door').startDay > '2026-07-31').toBe(true)
  expect(job.promises(SITE).join()).toMatch(/31 Jul/)
  expect(job.todayReads()).toMatch(/Order rear door for Back hall/)
})
