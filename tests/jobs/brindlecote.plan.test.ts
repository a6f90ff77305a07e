import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Brindlecote'
const FRONT = 'Front drain in four sections'
const SWITCH_OVER = 'Switch over to the new line'
const DRAINS = [FRONT, 'Rear chamber', SWITCH_OVER, 'Old branch taken out']
const FITTERS = ['Family bath fitted', 'Kitchen fitted']

/** The first two days of drains, with fitters booked four weeks on. */
async function brindlecote(): Promise<PlannedJob> {
  const ground = (title: string, days: number) => ({
    title,
    at: title,
    stage: 'underground' as const,
    trade: 'excavator' as const,
    days,
  })
  const job = await PlannedJob.of(
    '2026-04-13',
    [
      { name: 'Groundworkers', trade: 'excavator', mornings: true, off: ['2026-04-13'] },
      { name: 'Plumber', trade: 'plumber' },
      { name: 'Bathroom fitter', trade: 'carpenter' },
      { name: 'Kitchen fitter', trade: 'cabinet-maker' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-04-13',
        places: [
          ...[FRONT, 'Rear chamber'].map((name) => ({ name, kind: 'void' as const, size: '5 x 0.6' })),
          { name: 'Old branch', kind: 'void', size: '5 x 0.6' },
          { name: 'House drains', kind: 'void', size: '9 x 2' },
          { name: 'Family bath' },
          { name: 'Kitchen' },
        ],
        work: [
          ground(FRONT, 4),
          { ...ground('Rear chamber', 2), stage: 'concrete' },
          {
            title: SWITCH_OVER,
            at: 'House drains',
            stage: 'pipes',
            trade: 'plumber',
            days: 0.5,
            outage: 'toilets and drains',
          },
          { title: 'Old branch taken out', at: 'Old branch', stage: 'site-works', trade: 'excavator', days: 1 },
          { title: FITTERS[0]!, at: 'Family bath', stage: 'fixtures', trade: 'carpenter', days: 5 },
          { title: FITTERS[1]!, at: 'Kitchen', stage: 'cabinets', trade: 'cabinet-maker', days: 5 },
        ],
      },
    ],
  )
  job.order(SITE, [
    { before: 'underground', after: 'concrete', scope: 'site', why: 'the rear chamber joins the new line' },
    { before: 'concrete', after: 'pipes', scope: 'site', why: 'the new line lies before the house is switched over' },
    { before: 'pipes', after: 'site-works', scope: 'site', why: 'the house keeps its drains until the new line runs' },
    { before: 'site-works', after: 'fixtures', scope: 'site', why: 'drains before fitters' },
    { before: 'site-works', after: 'cabinets', scope: 'site', why: 'drains before fitters' },
  ])
  await job.plan()
  for (const fitter of FITTERS) await job.move(fitter, '2026-05-11')
  await job.tell(...DRAINS, ...FITTERS)
  await job.update(SITE)
  return job
}

describe(SITE, () => {
  test('a section a day, the switch-over when the new line lies, fitters with ten working days in hand', async () => {
    const job = await brindlecote()
    expect(job.days(FRONT)).toBe('Tue 14 Apr to Fri 17 Apr')
    expect(job.days('Rear chamber')).toBe('Mon 20 Apr to Tue 21 Apr')
    expect(job.days(SWITCH_OVER)).toBe('Wed 22 Apr, morning')
    expect(job.days('Old branch taken out')).toBe('Thu 23 Apr')
    expect(job.days('Kitchen fitted')).toBe('Mon 11 May to Fri 15 May')
  })
  test('a cable nobody knows stops the trench for a day: drains and switch-over move, the fitters are not disturbed', async () => {
    const job = await brindlecote()
    job.until('2026-04-15')
    job.record(SITE, 'line', FRONT, 'progress', 25)
    job.record(SITE, 'line', FRONT, 'held', {
      reason: 'an old cable that nobody knows lies across',
      until: '2026-04-16',
    })
    await job.plan()
    expect(job.days(FRONT)).toBe('Thu 16 Apr to Mon 20 Apr')
    expect(job.why(FRONT)).toContain('an old cable that nobody knows lies across')
    expect(job.days(SWITCH_OVER)).toBe('Thu 23 Apr, morning')
    expect(job.days('Old branch taken out')).toBe('Fri 24 Apr')
    for (const fitter of FITTERS) expect(job.days(fitter)).toBe('Mon 11 May to Fri 15 May')
    expect(job.toTell()).toEqual([`Client of ${SITE}`, 'Groundworkers', 'Plumber'])
    expect(job.whatToTell(`Client of ${SITE}`)).toEqual(['No toilets and drains: 23 Apr instead of 22 Apr.'])
  })
})
