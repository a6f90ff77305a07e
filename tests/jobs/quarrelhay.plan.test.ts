import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Quarrelhay'
const HALL = 'Living kitchen'
const CHIMNEY = 'Chimney wall'
const SAYS_SO = 'The engineer sees both temporary walls'

const HEARTH = ['Chimney wall framed', 'Chimney wall boarded', 'Chimney wall painted', 'Stone set']
const OTHERS = ['Music room board', 'Music room paint', 'Boot room tile']

async function quarrelhay(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-09-16',
    [
      { name: 'Carpenters', trade: 'carpenter', crews: 2, mornings: true, off: ['2026-09-16'] },
      { name: 'Gas fitter', trade: 'gas-fitter', off: ['2026-09-16'] },
      { name: 'Engineer', trade: 'engineer' },
      { name: 'Hoist', trade: 'steel', weekdays: [1, 5] },
      { name: 'Board crew', trade: 'drywaller' },
      { name: 'Painter', trade: 'painter' },
      { name: 'Stone mason', trade: 'mason' },
      { name: 'Tiler', trade: 'tiler' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-09-10',
        places: [{ name: HALL, size: '7 x 6 x 2.6' }, { name: CHIMNEY, size: '4 x 1.5 x 2.6' }, { name: 'Music room' }],
        work: [
          { title: 'First temporary wall', at: HALL, stage: 'shoring', trade: 'carpenter', days: 1, done: 100 },
          { title: 'Second temporary wall', at: HALL, stage: 'shoring', trade: 'carpenter', days: 1 },
          { title: SAYS_SO, at: HALL, stage: 'shoring', trade: 'engineer', days: 0.5, inspects: ['shoring'] },
          { title: 'Wall out, beam in', at: HALL, stage: 'structure', trade: 'steel', days: 1 },
          { title: 'Music room board', at: 'Music room', stage: 'board', trade: 'drywaller', days: 3 },
          { title: 'Music room paint', at: 'Music room', stage: 'paint', trade: 'painter', days: 2 },
          { title: 'Boot room tile', at: 'Music room', stage: 'tile', trade: 'tiler', days: 2 },
          { title: 'Chimney wall framed', at: CHIMNEY, stage: 'framing', trade: 'carpenter', days: 2 },
          { title: 'Chimney wall boarded', at: CHIMNEY, stage: 'board', trade: 'drywaller', days: 1 },
          { title: 'Chimney wall painted', at: CHIMNEY, stage: 'paint', trade: 'painter', days: 1 },
          { title: 'Stone set', at: CHIMNEY, stage: 'trim', trade: 'mason', days: 2 },
        ],
      },
    ],
  )
  job.order(SITE, [{ before: 'paint', after: 'trim', why: 'stone comes on the painted wall' }])
  await job.plan()
  return job
}

describe(SITE, () => {
  test('tomorrow the wall cannot go: the second temporary wall and the engineer come first, Friday at the earliest', async () => {
    const job = await quarrelhay()
    expect(job.days('Second temporary wall')).toBe('Thu 17 Sep')
    expect(job.days(SAYS_SO)).toBe('Fri 18 Sep, morning')
    expect(job.gate(SITE, HALL, 'structure')).toContain('second temporary wall')
  })
  test('her yes on Thursday at 16:40 opens the wall for Friday', async () => {
    const job = await quarrelhay()
    job.until('2026-09-17')
    job.record(SITE, 'line', 'Second temporary wall', 'progress', 100)
    job.record(SITE, 'line', SAYS_SO, 'progress', 100)
    job.photographed(SITE, HALL, 'structure')
    await job.move('Wall out, beam in', '2026-09-18')
    expect(job.gate(SITE, HALL, 'structure')).toBe('Structure may go on')
    expect(job.days('Wall out, beam in')).toBe('Fri 18 Sep')
  })
  test('a unit that may take 42 days moves its own wall, its board, patch and stone, and nobody else', async () => {
    const job = await quarrelhay()
    await job.move('Chimney wall framed', '2026-10-26')
    await job.move('Music room board', '2026-10-19')
    await job.tell(...HEARTH, ...OTHERS)
    job.until('2026-09-25')
    for (const done of ['Second temporary wall', SAYS_SO, 'Wall out, beam in'])
      job.record(SITE, 'line', done, 'progress', 100)
    const others = OTHERS.map((title) => job.days(title))
    const unit = 'Fireplace unit'
    job.lay(SITE, CHIMNEY, { what: unit, lead: 'special-fixtures', neededFor: 'framing' })
    job.record(SITE, 'selection', unit, 'choice', 'a see-through unit')
    job.record(SITE, 'selection', unit, 'lead', [35, 38, 42])
    job.record(SITE, 'selection', unit, 'state', 'approved')
    await job.plan()
    expect(job.why('Chimney wall framed')).toBe(`${unit} for ${CHIMNEY} may take until Fri 6 Nov.`)
    expect(job.days('Chimney wall framed')).toBe('Mon 9 Nov to Tue 10 Nov')
    expect(OTHERS.map((title) => job.days(title))).toEqual(others)
    expect(job.toTell()).toEqual(['Board crew', 'Carpenters', 'Painter', 'Stone mason'])
    for (const who of job.toTell()) for (const words of job.whatToTell(who)) expect(words).toContain(CHIMNEY)
  })
})
