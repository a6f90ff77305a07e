import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

const SITE = 'Thimblegate'
const KITCHEN = 'Kitchen'
const BY_THE_MAKER = [
  { before: 'cabinets', after: 'countertops', waitDays: 18, why: 'the counter maker needs up to 18 days' },
] as const
const AFTER_TOPS = ['Tops set', 'Splash', 'Finish wiring']

async function thimblegate(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-05-12',
    [
      { name: 'Floor layer', trade: 'flooring', off: ['2026-05-12'] },
      { name: 'Cabinet maker', trade: 'cabinet-maker', mornings: true },
      { name: 'Counter maker', trade: 'countertop' },
      { name: 'Tiler', trade: 'tiler', mornings: true },
      { name: 'Electrician', trade: 'electrician', mornings: true },
      { name: 'Painter', trade: 'painter', mornings: true, off: ['2026-05-13', '2026-05-14', '2026-05-15'] },
      { name: 'Carpenters', trade: 'carpenter', mornings: true },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-04-01',
        places: [{ name: KITCHEN, size: '7 x 5 x 2.6' }],
        work: [
          { title: 'Cork floor', at: KITCHEN, stage: 'flooring', trade: 'flooring', days: 2 },
          { title: 'Cabinets', at: KITCHEN, stage: 'cabinets', trade: 'cabinet-maker', days: 3 },
          { title: AFTER_TOPS[0]!, at: KITCHEN, stage: 'countertops', trade: 'countertop', days: 1 },
          { title: AFTER_TOPS[1]!, at: KITCHEN, stage: 'fixtures', trade: 'tiler', days: 2 },
          { title: AFTER_TOPS[2]!, at: KITCHEN, stage: 'return-list', trade: 'electrician', days: 1 },
          { title: 'Casing and base', at: KITCHEN, stage: 'trim', trade: 'carpenter', days: 2 },
          { title: 'Paint', at: KITCHEN, stage: 'paint', trade: 'painter', days: 4 },
        ],
      },
    ],
  )
  job.lay(SITE, KITCHEN, { what: 'Cabinets', lead: 'custom-cabinets', neededFor: 'cabinets' })
  job.record(SITE, 'selection', 'Cabinets', 'state', 'ordered')
  job.record(SITE, 'selection', 'Cabinets', 'arrives', '2026-05-15')
  job.order(SITE, BY_THE_MAKER, { cabinetsAndPaint: { way: 'cabinets-first', why: '' } })
  await job.plan()
  return job
}

/** As it was told before the firm that makes the cabinet maker's doors slipped, and what it became. */
async function slipped(): Promise<PlannedJob> {
  const job = await thimblegate()
  await job.move('Paint', '2026-05-25')
  await job.tell('Cork floor', 'Cabinets', ...AFTER_TOPS, 'Casing and base', 'Paint')
  await job.update(SITE)
  job.until('2026-05-14')
  job.record(SITE, 'line', 'Cork floor', 'progress', 100)
  job.record(SITE, 'selection', 'Cabinets', 'arrives', '2026-06-08')
  await job.plan()
  return job
}

describe(SITE, () => {
  test('floor, cabinets, tops after 18 days, splash, finish wiring', async () => {
    const job = await thimblegate()
    expect(job.days('Cork floor')).toBe('Wed 13 May to Thu 14 May')
    expect(job.days('Cabinets')).toBe('Mon 18 May to Wed 20 May')
    expect(job.why('Cabinets')).toBe('Cabinets for Kitchen can be on site on Fri 15 May.')
    expect(AFTER_TOPS.map((title) => job.days(title))).toEqual(['Mon 8 Jun', 'Tue 9 Jun to Wed 10 Jun', 'Thu 11 Jun'])
  })
  test('cabinets 22 days later: tops Tuesday 30 June, sink and splash 1 July, finish wiring 3 July instead of 11 June', async () => {
    const job = await slipped()
    expect(job.days('Cabinets')).toBe('Tue 9 Jun to Thu 11 Jun')
    expect(AFTER_TOPS.map((title) => job.days(title))).toEqual(['Tue 30 Jun', 'Wed 1 Jul to Thu 2 Jul', 'Fri 3 Jul'])
    expect(job.whatToTell(`Client of ${SITE}`)).toContain('Likely finish 10 Jul instead of 15 Jun.')
    expect(job.toTell()).toEqual([
      'Cabinet maker',
      'Carpenters',
      `Client of ${SITE}`,
      'Counter maker',
      'Electrician',
      'Painter',
      'Tiler',
    ])
  })
  test('three weeks without the kitchen sink against the ten days that were promised are told, with what to do', async () => {
    const job = await slipped()
    const values = { what: 'Kitchen sink', most: 10, takes: 'Cabinets', brings: 'Fixtures' }
    job.record(SITE, 'entry', 'Sink', 'written', { kind: 'without', values }, KITCHEN)
    await job.plan()
    expect(job.promises(SITE)[0]).toMatch(/^Kitchen sink: off from 9 Jun to 2 Jul, 24 days, and 10 were promised\./)
  })
  test('offered: casing and base, then paint before the cabinets; it keeps the painter’s week and wins not one day', async () => {
    const job = await slipped()
    const [painted, ended] = [job.days('Paint'), job.finish(SITE)]
    expect(painted).toBe('Fri 12 Jun to Wed 17 Jun')
    job.order(
      SITE,
      [
        ...BY_THE_MAKER,
        { before: 'flooring', after: 'paint', why: 'the floor lies under its cover' },
        { before: 'trim', after: 'paint', why: 'casing is painted in its place' },
        { before: 'trim', after: 'cabinets', why: 'the cabinets are late' },
      ],
      { cabinetsAndPaint: { way: 'paint-first', why: 'the painter is free' } },
    )
    await job.move('Casing and base', '2026-05-15')
    await job.move('Paint', '2026-05-19')
    expect(job.days('Casing and base')).toBe('Fri 15 May to Mon 18 May')
    expect(job.days('Paint')).toBe('Tue 19 May to Fri 22 May')
    expect(job.days('Cabinets')).toBe('Tue 9 Jun to Thu 11 Jun')
    expect(job.finish(SITE)).toBe(ended)
  })
  test('shared: the client reads dates, days without and what to choose; each trade its own days, nobody whose supplier it was', async () => {
    const job = await slipped()
    job.remark(SITE, KITCHEN, 'the firm of Quennell slipped, not we')
    const values = { what: 'Kitchen sink', most: 10, takes: 'Cabinets', brings: 'Fixtures' }
    job.record(SITE, 'entry', 'Sink', 'written', { kind: 'without', values }, KITCHEN)
    job.ask(SITE, KITCHEN, 'Which knobs?', 'client', { by: '2026-06-01' })
    job.record(
      SITE,
      'keep',
      'Infill',
      'kept',
      { text: 'Plywood infill, for a time', until: 'the rear is clad' },
      KITCHEN,
    )
    job.add(SITE, { title: 'Porch rail', at: KITCHEN, stage: 'railing', trade: 'carpenter', days: 1, extra: 214_622 })
    await job.plan()
    await job.tell(...AFTER_TOPS, 'Paint')
    await job.update(SITE, job.promises(SITE)[0]!)
    reads(
      job.clientReads(SITE),
      [
        'Kitchen sink: off from 9 Jun',
        'Which knobs?',
        'It costs €2,146.22',
        'Plywood infill, for a time, until the rear is clad',
      ],
      ['Quennell', 'supplier', /\b740\b/, /\b960\b/],
    )
    for (const title of [...AFTER_TOPS, 'Paint']) {
      // Whom it waits for is theirs to know, and how far that is; on which days the others come is not.
      const days = (of: string): string => job.days(of).split(' to ')[0]!
      const others = [...AFTER_TOPS, 'Paint']
        .filter((one) => !job.days(title).includes(days(one)))
        .map((one) => days(one).toLowerCase())
      reads(job.tradeReads(title), [job.days(title).split(' to ')[0]!], ['Quennell', '2 146', 'knobs', ...others])
    }
  })
})
