import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

const SITE = 'Hobbinshed'
const AT = 'Studies'
const GABLE = 'Gable wall'

/** End of week three: rough-in, four inspections, then what covers it. */
async function hobbinshed(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-07-17',
    [
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Plumber', trade: 'plumber', off: ['2026-07-17'] },
      { name: 'Electrician', trade: 'electrician' },
      { name: 'Insulators', trade: 'insulator', mornings: true },
      { name: 'Board crew', trade: 'drywaller', mornings: true },
      {
        name: 'Inspector',
        trade: 'inspector',
        crews: 3,
        weekdays: [1, 3, 5],
        halves: 'morning',
        off: ['2026-07-17', '2026-07-20', '2026-07-22', '2026-07-24'],
      },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-06-29',
        places: [
          { name: AT, size: '12 x 8 x 3' },
          { name: GABLE, size: '4 x 3 x 5' },
        ],
        work: [
          { title: 'Bracing and blocking', at: GABLE, stage: 'framing', trade: 'carpenter', days: 4 },
          { title: 'Pipes', at: AT, stage: 'pipes', trade: 'plumber', days: 5 },
          {
            title: 'Framing inspection',
            at: AT,
            stage: 'framing',
            trade: 'inspector',
            days: 0.5,
            inspects: ['framing'],
          },
          { title: 'Duct inspection', at: AT, stage: 'ducts', trade: 'inspector', days: 0.5, inspects: ['ducts'] },
          { title: 'Pipe inspection', at: AT, stage: 'pipes', trade: 'inspector', days: 0.5, inspects: ['pipes'] },
          { title: 'Wire inspection', at: AT, stage: 'wires', trade: 'inspector', days: 0.5, inspects: ['wires'] },
          { title: 'Batts', at: AT, stage: 'insulation', trade: 'insulator', days: 2 },
          {
            title: 'Insulation inspection',
            at: AT,
            stage: 'insulation',
            trade: 'inspector',
            days: 0.5,
            inspects: ['insulation'],
          },
          { title: 'Board', at: AT, stage: 'board', trade: 'drywaller', days: 4 },
        ],
      },
    ],
  )
  await job.plan()
  return job
}

const LINES = [
  'Bracing and blocking',
  'Pipes',
  'Framing inspection',
  'Wire inspection',
  'Duct inspection',
  'Pipe inspection',
  'Batts',
  'Insulation inspection',
  'Board',
]

/** As it was told to everybody at the end of week three. */
async function told(): Promise<PlannedJob> {
  const job = await hobbinshed()
  await job.move('Framing inspection', '2026-07-29')
  await job.move('Wire inspection', '2026-07-29')
  await job.tell(...LINES)
  await job.update(SITE)
  return job
}

/** After the plumber declined Monday and offered Wednesday. */
async function declined(): Promise<PlannedJob> {
  const job = await told()
  job.answer('Pipes', { answer: 'decline', freeFrom: '2026-07-22' })
  await job.plan()
  return job
}

describe(SITE, () => {
  test('inspections stand between rough-in and insulation, and before board', async () => {
    const job = await told()
    expect(job.days('Pipes')).toBe('Mon 20 Jul to Fri 24 Jul')
    expect(job.days('Pipe inspection')).toBe('Mon 27 Jul, morning')
    expect(job.days('Framing inspection')).toBe('Wed 29 Jul, morning')
    expect(job.days('Batts')).toBe('Thu 30 Jul to Fri 31 Jul')
    expect(job.days('Insulation inspection')).toBe('Mon 3 Aug, morning')
    expect(job.days('Board')).toBe('Tue 4 Aug to Fri 7 Aug')
    expect([job.toTell(), job.toAsk()]).toEqual([[], []])
  })
  test('the plumber comes two days later: only plumber and inspector hear of it, nothing that the client sees moves', async () => {
    const job = await declined()
    expect(job.days('Pipes')).toBe('Wed 22 Jul to Tue 28 Jul')
    expect(job.why('Pipes')).toBe('They declined Mon 20 Jul, free again from Wed 22 Jul.')
    expect(job.days('Pipe inspection')).toBe('Wed 29 Jul, morning')
    expect(job.days('Batts')).toBe('Thu 30 Jul to Fri 31 Jul')
    expect(job.finish(SITE)).toBe('7 Aug')
    expect([job.toTell(), job.toAsk()]).toEqual([['Inspector'], ['Plumber']])
  })
  test('framing fails: seen again on Friday, board two working days later, and the electrician hears nothing', async () => {
    const job = await declined()
    await job.tell('Pipes', 'Pipe inspection')
    job.until('2026-07-29')
    for (const line of ['Bracing and blocking', 'Pipes', 'Wire inspection', 'Duct inspection', 'Pipe inspection'])
      job.record(SITE, 'line', line, 'progress', 100)
    job.fail(SITE, AT, 'insulation', 'Framing inspection', 'bracing and nailing')
    const mend = { title: 'Bracing and nailing mended', at: AT, stage: 'framing', trade: 'carpenter', days: 1 } as const
    job.add(SITE, mend)
    job.record(SITE, 'line', mend.title, 'held', { reason: 'the nails come tomorrow', until: '2026-07-30' })
    await job.plan()
    expect(job.days(mend.title)).toBe('Thu 30 Jul')
    expect(job.days('Framing inspection')).toBe('Fri 31 Jul, morning')
    expect(job.days('Batts')).toBe('Mon 3 Aug to Tue 4 Aug')
    expect(job.days('Insulation inspection')).toBe('Wed 5 Aug, morning')
    expect(job.days('Board')).toBe('Thu 6 Aug to Tue 11 Aug')
    expect(job.toTell()).toEqual(['Board crew', 'Client of Hobbinshed', 'Inspector', 'Insulators'])
    expect(job.whatToTell('Client of Hobbinshed')).toEqual(['Likely finish 14 Aug instead of 12 Aug.'])
  })
  test('shared: quiet weeks are told beforehand, 118 to approve, what was avoided without its sum; inspector and trades their own', async () => {
    const job = await told()
    job.remark(SITE, AT, 'another crew nails every second stud and goes home')
    job.write(SITE, 'saving', {
      what: 'Ducts go through the trusses',
      told: 'yes, as avoided',
      days: '1.5',
      rate: '480',
      material: '140',
    })
    job.add(SITE, {
      title: 'Socket at the window seat',
      at: AT,
      stage: 'wires',
      trade: 'electrician',
      days: 0.5,
      extra: 11_800,
    })
    job.fail(SITE, AT, 'insulation', 'Framing inspection', 'bracing and nailing, by Hale')
    await job.plan()
    await job.update(SITE)
    reads(
      job.clientReads(SITE),
      [
        'Ducts go through the trusses. That saves 1.5 days.',
        'It costs €118.00',
        'The inspector comes on',
        /once|behind|hidden|wall/,
      ],
      ['860', '480', 'nails every', 'Hale', 'failed'],
    )
    await job.tell('Board')
    reads(job.tradeReads('Board'), [AT], ['860', 'nails every', '118'])
    reads(await job.sheetReads(SITE, GABLE), ['Bracing and blocking'], ['860', 'nails every', '118.00'])
    reads(job.paperReads(SITE, 'authority'), ['Inspection, Studies'], ['860', 'nails every', '118'])
  })
})
