import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Juniperwick'
const KITCHEN = 'Kitchen'

/** Skins and an end come by 8 May; riser and moulding follow the patch and the crown of the client's own contractor. */
async function juniperwick(trips: 'wait' | 'twice'): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-04-24',
    [{ name: 'Installers', trade: 'cabinet-maker' }],
    [
      {
        name: SITE,
        startsOn: '2026-04-20',
        places: [{ name: KITCHEN, size: '4.2 x 3.2 x 2.34' }],
        work: [
          {
            title: 'End and skins',
            at: KITCHEN,
            stage: 'cabinets',
            trade: 'cabinet-maker',
            days: 0.5,
            element: 'cabinet',
          },
          {
            title: 'Riser and moulding',
            at: KITCHEN,
            stage: 'trim',
            trade: 'cabinet-maker',
            days: 0.5,
            element: 'trim',
          },
          { title: 'Ceiling patched', at: KITCHEN, stage: 'plaster', trade: 'plasterer', days: 0.5 },
          {
            title: 'Crown, short of the corner',
            at: KITCHEN,
            stage: 'trim',
            trade: 'carpenter',
            days: 0.5,
            element: 'trim',
          },
        ],
      },
    ],
  )
  for (const title of ['Ceiling patched', 'Crown, short of the corner'])
    job.record(SITE, 'line', title, 'responsible', 'clients-contractor')
  job.lay(SITE, KITCHEN, { what: 'Skins and end', lead: 'stock-cabinets', neededFor: 'cabinets' })
  job.record(SITE, 'selection', 'Skins and end', 'state', 'ordered')
  job.record(SITE, 'selection', 'Skins and end', 'arrives', '2026-05-08')
  job.waits(SITE, 'Riser and moulding', 'Crown, short of the corner')
  if (trips === 'wait') job.waits(SITE, 'End and skins', 'Crown, short of the corner')
  await job.plan()
  return job
}

/** On 7 May he says that he patches and crowns on Monday 18 May. */
function contractorTells(job: PlannedJob): void {
  job.until('2026-05-07')
  job.record(SITE, 'line', 'Crown, short of the corner', 'held', { reason: 'their day', until: '2026-05-18' })
}

test('skins and end go on when they are here; riser and moulding wait for what others do', async () => {
  const job = await juniperwick('twice')
  expect(job.days('End and skins')).toBe('Mon 11 May, morning')
  contractorTells(job)
  await job.plan()
  expect(job.days('End and skins')).toBe('Mon 11 May, morning')
  expect(job.days('Riser and moulding')).toBe('Tue 19 May, morning')
  expect(job.why('Riser and moulding')).toBe(
    'Riser and moulding waits for what others do: crown, short of the corner, which they told for Mon 18 May.',
  )
})

test('one trip: both wait for the contractor, and are done in one morning and afternoon on the day after his', async () => {
  const job = await juniperwick('wait')
  contractorTells(job)
  await job.plan()
  expect(job.days('End and skins')).toBe('Tue 19 May, morning')
  expect(job.days('Riser and moulding')).toBe('Tue 19 May, afternoon')
})

test('he has done it: nothing waits for him any more', async () => {
  const job = await juniperwick('wait')
  contractorTells(job)
  job.until('2026-05-15')
  job.record(SITE, 'line', 'Ceiling patched', 'progress', 100)
  job.record(SITE, 'line', 'Crown, short of the corner', 'progress', 100)
  job.record(SITE, 'selection', 'Skins and end', 'state', 'arrived')
  await job.plan()
  expect(job.days('End and skins')).toBe('Fri 15 May, morning')
  expect(job.days('Riser and moulding')).toBe('Fri 15 May, afternoon')
})
