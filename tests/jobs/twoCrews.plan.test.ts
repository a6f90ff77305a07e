import { expect, test } from 'vitest'
import { PlannedJob, type JobSite } from './planned'

const house = (name: string): JobSite => ({
  name,
  startsOn: '2026-03-09',
  places: [{ name: `${name} hall` }, { name: `${name} attic` }],
  work: [
    { title: `${name} hall painted`, at: `${name} hall`, stage: 'paint', trade: 'painter', days: 4 },
    { title: `${name} attic painted`, at: `${name} attic`, stage: 'paint', trade: 'painter', days: 4 },
  ],
})
const firm = (): Promise<PlannedJob> =>
  PlannedJob.of(
    '2026-03-09',
    [
      { name: 'Painters of the hill', trade: 'painter' },
      { name: 'Painters of the quay', trade: 'painter' },
    ],
    [house('Mill'), house('Barn')],
  )

test('two painting firms work at two houses at once, each at one of them', async () => {
  const job = await firm()
  await job.plan()
  const [mill, barn] = [job.visit('Mill hall painted'), job.visit('Barn hall painted')]
  expect(mill.crewId).not.toBe(barn.crewId)
  expect(job.visit('Mill attic painted').crewId).toBe(mill.crewId)
  expect(job.finish('Mill')).toBe(job.finish('Barn'))
})

test('who was chosen for a house comes there, though the other would be free', async () => {
  const job = await firm()
  job.chooseCrew('Mill', 'painter', 'Painters of the quay')
  job.chooseCrew('Barn', 'painter', 'Painters of the quay')
  await job.plan()
  expect(job.visit('Mill hall painted').crewId).toBe(job.visit('Barn hall painted').crewId)
  expect(job.finish('Mill')).not.toBe(job.finish('Barn'))
  expect(() => job.chooseCrew('Barn', 'painter', 'Nobody')).toThrow('Painter: choose one of the list.')
})

test('a visit that one declines goes to the other, who is told of it', async () => {
  const job = await firm()
  await job.plan()
  const day = job.days('Mill attic painted')
  await job.tell('Mill attic painted')
  const [{ crewId }, given] = [job.visit('Mill attic painted'), job.tradeToken('Mill attic painted')]
  job.answer('Mill attic painted', { answer: 'decline', reason: 'on another job' })
  await job.plan()
  expect(job.visit('Mill attic painted').crewId).not.toBe(crewId)
  expect(job.visit('Mill hall painted').crewId).toBe(crewId)
  expect(day).toMatch(/Mar/)
  await job.tell('Mill attic painted')
  expect(job.tradeReads('Mill attic painted')).toContain('Mill attic')
  // Whoever declined reads nothing of who comes instead, and cannot answer for them.
  expect(() => job.follow(given)).toThrow('withdrawn')
  expect(job.todayReads()).not.toContain('declined: Paint')
})
