import { expect, test } from 'vitest'
import { PlannedJob } from './planned'

const SITE = 'Tansymill'
const ROOF = 'Coach house roof'
const FACE = 'Yard side'
const LOFT = 'Loft'

/** The covering comes in October; until somebody says otherwise the roof is to be stripped in June, and a crane is booked. */
async function tansymill(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-05-20',
    [
      { name: 'Scaffold firm', trade: 'scaffolder' },
      { name: 'Masons', trade: 'mason' },
      { name: 'Carpenters', trade: 'carpenter' },
      { name: 'Steel crew', trade: 'steel' },
      { name: 'Roofers', trade: 'roofer' },
      { name: 'Groundworkers', trade: 'excavator' },
      { name: 'Engineer', trade: 'engineer' },
    ],
    [
      {
        name: SITE,
        startsOn: '2026-05-18',
        units: 'imperial',
        places: [
          { name: ROOF, kind: 'roof', size: `30' x 20'` },
          { name: FACE, kind: 'face', size: `52' x 10'` },
          { name: LOFT, size: `30' x 20' x 9'` },
          { name: 'Yard', kind: 'ground', size: `30' x 12'` },
        ],
        work: [
          { title: 'Drain along the yard side', at: 'Yard', stage: 'underground', trade: 'excavator', days: 2 },
          { title: 'Tamp the ground', at: 'Yard', stage: 'site-works', trade: 'excavator', days: 1 },
          { title: 'Scaffold all round', at: FACE, stage: 'scaffold', trade: 'scaffolder', days: 2 },
          { title: 'Joints raked and filled', at: FACE, stage: 'masonry', trade: 'mason', days: 15 },
          {
            title: 'Strip the roof',
            at: ROOF,
            stage: 'strip-out',
            trade: 'roofer',
            days: 3,
            out: true,
            element: 'roof',
          },
          { title: 'Cornice repaired', at: ROOF, stage: 'framing', trade: 'carpenter', days: 3 },
          { title: 'Covering', at: ROOF, stage: 'roof', trade: 'roofer', days: 6, element: 'roof' },
          { title: 'North pocket rebuilt', at: LOFT, stage: 'masonry', trade: 'mason', days: 3 },
          { title: 'Steel beam seated', at: LOFT, stage: 'structure', trade: 'steel', days: 1 },
          { title: 'Hangers', at: LOFT, stage: 'framing', trade: 'carpenter', days: 1 },
          {
            title: 'Engineer sees the beam',
            at: LOFT,
            stage: 'framing',
            trade: 'engineer',
            days: 0.5,
            inspects: ['structure', 'framing'],
          },
          { title: 'Props out', at: LOFT, stage: 'site-works', trade: 'carpenter', days: 0.5 },
        ],
      },
    ],
  )
  job.lay(SITE, ROOF, { what: 'Roof covering', lead: 'special-roof', neededFor: 'roof' })
  job.record(SITE, 'selection', 'Roof covering', 'state', 'ordered')
  job.record(SITE, 'selection', 'Roof covering', 'arrives', '2026-10-14')
  job.waits(SITE, 'Scaffold all round', 'Tamp the ground')
  job.waits(SITE, 'Strip the roof', 'Scaffold all round')
  job.waits(SITE, 'Props out', 'Engineer sees the beam')
  job.waits(SITE, 'Steel beam seated', 'North pocket rebuilt')
  return job
}

const scaffold = (job: PlannedJob, until: string): void =>
  job.write(SITE, 'hire', {
    what: 'Scaffold all round',
    sort: 'scaffold',
    firm: 'Hilltop Scaffolds',
    from: 'Scaffold',
    until,
    notice: '3',
    week: '180',
  })

test('drain, tamp, scaffold; the pocket is rebuilt before the beam sits in it, and the props go when the engineer has seen it', async () => {
  const job = await tansymill()
  await job.plan()
  const at = (title: string): string => job.visit(title).startDay
  const inOrder = (...titles: string[]): void => expect(titles.map(at)).toEqual([...titles.map(at)].sort())
  inOrder('Drain along the yard side', 'Tamp the ground', 'Scaffold all round', 'Joints raked and filled')
  inOrder('North pocket rebuilt', 'Steel beam seated', 'Hangers', 'Engineer sees the beam', 'Props out')
  expect(job.why('Steel beam seated')).toMatch(/North pocket rebuilt|mortar sets/i)
})

test('the roof is not stripped in June for a covering of October: it waits, and nothing stands under sheets for weeks', async () => {
  const job = await tansymill()
  await job.plan()
  expect(job.days('Strip the roof')).toBe('Thu 15 Oct to Mon 19 Oct')
  // The cornice is repaired while it is open, and the covering follows at once.
  expect(job.days('Cornice repaired')).toBe('Tue 20 Oct to Thu 22 Oct')
  expect(job.days('Covering')).toBe('Fri 23 Oct to Fri 30 Oct')
  expect(job.why('Strip the roof')).toContain('so that nothing stands open')
})

test('a day in June that was set by hand is kept, and its nights are told with what would mend it', async () => {
  const job = await tansymill()
  await job.plan()
  await job.move('Strip the roof', '2026-06-15')
  expect(job.days('Strip the roof')).toBe('Mon 15 Jun to Wed 17 Jun')
  expect(job.todayReads()).toMatch(/a roof stands open 1\d\d nights, .* 3 nights at most/)
})

test('the scaffold is told with its days and their price, and that nobody uses it between the joints and the covering', async () => {
  const job = await tansymill()
  scaffold(job, 'Roof')
  await job.plan()
  const read = job.planReads(SITE)
  expect(read).toContain(
    'Scaffold all round: needed from 25 May to 30 Oct, 159 days, €4,088.57. Call for it by 20 May.',
  )
  // 120 days at 180 a week.
  expect(read).toContain('Nobody uses it from Wed 17 Jun to Wed 14 Oct, €3,085.71: send it back between')
  expect(job.todayReads()).toContain('Call for it by')
})

test('hired for the joints alone it stands for their three weeks', async () => {
  const job = await tansymill()
  scaffold(job, 'Masonry')
  await job.plan()
  expect(job.planReads(SITE)).toMatch(/Scaffold all round: needed from .* 2[0-9] days/)
  expect(job.planReads(SITE)).not.toContain('Nobody uses it')
})

const crane = (job: PlannedJob): void =>
  job.write(SITE, 'hire', {
    what: 'Crane',
    sort: 'crane or hoist',
    from: 'Structure',
    until: 'Structure',
    comes: '2026-06-18',
  })

test('the crane comes on its day: the beam waits for it, and says so', async () => {
  const job = await tansymill()
  crane(job)
  await job.plan()
  expect(job.days('Steel beam seated')).toBe('Thu 18 Jun')
  expect(job.why('Steel beam seated')).toBe('Crane comes on Thu 18 Jun.')
})

test('the beam goes in through the open roof: with the stripping in October it waits for that, and the crane of June is no use', async () => {
  const job = await tansymill()
  job.waits(SITE, 'Steel beam seated', 'Strip the roof')
  crane(job)
  await job.plan()
  const beam = job.visit('Steel beam seated')
  expect(beam.startDay > job.visit('Strip the roof').endDay).toBe(true)
  expect(job.why('Steel beam seated')).toMatch(/strip the roof/i)
  expect(job.planReads(SITE)).toMatch(
    /Crane: needed from .*\. It is agreed for 18 Jun, before its first work: ask for another day\./,
  )
})
