import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Burdockside'

/** The temporary wall stands in the hall, where the duct crew was told to come on Monday. */
async function burdockside(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-10-09',
    [
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Duct crew', trade: 'hvac', off: ['2026-10-09'] },
      { name: 'Ceiling crew', trade: 'drywaller' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-10-05',
        places: [{ name: 'Hall' }, { name: 'Addition' }],
        work: [
          { title: 'Jacks at the north end of B2', at: 'Hall', stage: 'structure', trade: 'carpenter', days: 1 },
          { title: 'Ducts in the hall', at: 'Hall', stage: 'ducts', trade: 'hvac', days: 2 },
          { title: 'Ducts in the addition', at: 'Addition', stage: 'ducts', trade: 'hvac', days: 1 },
          { title: 'False ceiling', at: 'Hall', stage: 'board', trade: 'drywaller', days: 1 },
        ],
      },
    ],
  )
  job.record(SITE, 'line', 'Jacks at the north end of B2', 'held', { reason: 'the lumber comes', until: '2026-10-12' })
  await job.plan()
  await job.move('Ducts in the hall', '2026-10-12')
  await job.tell('Jacks at the north end of B2', 'Ducts in the hall', 'Ducts in the addition', 'False ceiling')
  return job
}

test('the duct crew takes the addition on Monday and the hall when the temporary wall is gone: they alone hear of it', async () => {
  const job = await burdockside()
  job.write(
    SITE,
    'shoring',
    {
      what: 'Temporary wall at B1',
      after: 'B1 and B2 are seated, jacked, photographed, and the engineer has said so',
      until: '2026-10-12',
    },
    'Hall',
  )
  await job.plan()
  expect(job.days('Ducts in the addition')).toBe('Mon 12 Oct')
  expect(job.days('Ducts in the hall')).toBe('Tue 13 Oct to Wed 14 Oct')
  expect(job.days('Jacks at the north end of B2')).toBe('Mon 12 Oct')
  expect(job.days('False ceiling')).toBe('Thu 15 Oct')
  expect(job.why('Ducts in the hall')).toBe('Hall: structure before ducts.')
  expect(job.toTell()).not.toContain('Carpenters')
})

test('the wall is gone and written down as gone: nothing holds the hall any more', async () => {
  const job = await burdockside()
  job.write(SITE, 'shoring', { what: 'Temporary wall at B1', after: 'the engineer has said so' }, 'Hall')
  job.record(SITE, 'entry', 'Temporary wall at B1', 'settled', { result: 'the engineer, by the photo' }, 'Hall')
  await job.plan()
  expect(job.why('Ducts in the hall')).not.toContain('in the way')
})
