import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Kestrelholt'
const WALL = 'Retaining wall'
const INDOORS = ['Stair framed', 'Wires downstairs']

/** The day before a pour: bars, an inspector in the morning, a pump, what cures behind it. */
async function kestrelholt(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-10-08',
    [
      { name: 'Concrete crew', trade: 'concrete' },
      { name: 'Pump', trade: 'steel', weekdays: [2, 5] },
      { name: 'Groundworkers', trade: 'excavator', mornings: true },
      { name: 'Carpenters', trade: 'carpenter', off: ['2026-10-08', '2026-10-09'] },
      { name: 'Electrician', trade: 'electrician' },
      { name: 'Inspector', trade: 'inspector', weekdays: [1, 3, 5], halves: 'morning' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-09-01',
        places: [{ name: WALL, kind: 'void', size: '19 x 3 x 3' }, { name: 'Stair hall' }],
        work: [
          { title: 'Bars and forms', at: WALL, stage: 'underground', trade: 'concrete', days: 1 },
          {
            title: 'Footing inspection',
            at: WALL,
            stage: 'underground',
            trade: 'inspector',
            days: 0.5,
            inspects: ['underground'],
          },
          { title: 'Pour', at: WALL, stage: 'concrete', trade: 'steel', days: 0.5 },
          { title: 'Fill behind the wall', at: WALL, stage: 'site-works', trade: 'excavator', days: 2 },
          { title: 'Wall forms', at: WALL, stage: 'framing', trade: 'concrete', days: 2 },
          { title: INDOORS[0]!, at: 'Stair hall', stage: 'framing', trade: 'carpenter', days: 3 },
          { title: INDOORS[1]!, at: 'Stair hall', stage: 'wires', trade: 'electrician', days: 2 },
        ],
      },
    ],
  )
  job.order(SITE, [
    { before: 'concrete', after: 'site-works', waitDays: 7, why: 'seven days before fill stands against it' },
  ])
  const part = 'plant or supplier'
  job.party(SITE, 'Plant', { part, hears: 'Concrete', brings: '8 m³ ordered' })
  job.party(SITE, 'Permit office', { part: 'authority', hears: 'Concrete', brings: 'The street, for the pump' })
  job.party(SITE, 'Neighbour', { part: 'neighbour', hears: 'Concrete', brings: 'Please keep the kerb free' })
  job.party(SITE, 'Lighting designer', { part: 'designer', hears: 'Wires' })
  await job.plan()
  await job.tellOthers()
  await job.tell('Footing inspection', 'Pour', 'Wall forms', 'Fill behind the wall', ...INDOORS)
  await job.update(SITE)
  return job
}

describe(SITE, () => {
  test('inspected in the morning, poured the same day, filled after seven days', async () => {
    const job = await kestrelholt()
    expect(job.gate(SITE, WALL, 'concrete')).toContain('Concrete waits for:')
    expect(job.days('Footing inspection')).toBe('Fri 9 Oct, morning')
    expect(job.days('Pour')).toBe('Fri 9 Oct, afternoon')
    expect(job.days('Wall forms')).toBe('Tue 13 Oct to Wed 14 Oct')
    expect(job.days('Fill behind the wall')).toBe('Mon 19 Oct to Tue 20 Oct')
  })
  test('the inspection fails: inspector Monday, pump Tuesday, forms and fill move with it, indoors nobody', async () => {
    const job = await kestrelholt()
    const indoors = INDOORS.map((title) => job.days(title))
    job.until('2026-10-09')
    job.record(SITE, 'line', 'Bars and forms', 'progress', 100)
    job.fail(SITE, WALL, 'concrete', 'Footing inspection', 'cover 50 where 75 is asked, and a leaning bar')
    job.party(SITE, 'Plant', { part: 'plant or supplier', hears: 'Concrete', brings: '8.4 m³ ordered' })
    job.add(SITE, { title: 'Bars lifted', at: WALL, stage: 'underground', trade: 'concrete', days: 1 })
    await job.plan()
    expect(job.days('Bars lifted')).toBe('Fri 9 Oct')
    expect(job.days('Footing inspection')).toBe('Mon 12 Oct, morning')
    expect(job.days('Pour')).toBe('Tue 13 Oct, morning')
    expect(INDOORS.map((title) => job.days(title))).toEqual(indoors)
    expect(job.days('Wall forms')).toBe('Fri 16 Oct to Tue 20 Oct')
    expect(job.days('Fill behind the wall')).toBe('Wed 21 Oct to Thu 22 Oct')
    expect(job.toTell()).toEqual([
      'Client of Kestrelholt',
      'Concrete crew',
      'Groundworkers',
      'Inspector',
      'Neighbour',
      'Permit office',
      'Plant',
      'Pump',
    ])
    expect(job.whatToTell('Neighbour')).toEqual([
      'Concrete: Tue 13 Oct, morning, 4 days later (was Fri 9 Oct, afternoon).',
    ])
    expect(job.whatToTell('Plant').at(-1)).toBe('8.4 m³ ordered instead of 8 m³ ordered.')
    await job.tellOthers()
    expect(job.toTell()).not.toContain('Neighbour')
  })
})
