import { describe, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

describe('Sallowmere, before board', () => {
  const SITE = 'Sallowmere'
  const ROOMS = ['Main bedroom', 'Sitting room', 'Shower'] as const
  const [BEDROOM, SITTING, SHOWER] = ROOMS
  async function told(): Promise<PlannedJob> {
    const job = await PlannedJob.of(
      '2026-06-11',
      [
        { name: 'Board crew', trade: 'drywaller' },
        { name: 'Tiler', trade: 'tiler' },
        { name: 'Concrete crew', trade: 'concrete' },
        { name: 'Electrician', trade: 'electrician' },
      ],
      [
        {
          name: SITE,
          startsOn: '2026-05-04',
          places: ROOMS.map((name) => ({ name })),
          work: [
            { title: 'Cables made safe', at: SITTING, stage: 'wires', trade: 'electrician', days: 1 },
            ...ROOMS.map((at) => ({
              title: `Board, ${at}`,
              at,
              stage: 'board' as const,
              trade: 'drywaller' as const,
              days: 1,
            })),
            { title: 'Shower pour', at: SHOWER, stage: 'concrete', trade: 'concrete', days: 1 },
            { title: 'Membrane and tile', at: SHOWER, stage: 'tile', trade: 'tiler', days: 3 },
          ],
        },
      ],
    )
    job.remark(SITE, SHOWER, 'a word about the plumber’s temper')
    job.remark(SITE, SHOWER, 'scan 260 and visit 450, 710 in all, are ours')
    job.write(SITE, 'hangers', { what: 'from the second beam', hangers: '11', each: '24', missing: '3' }, SITTING)
    job.write(SITE, 'saving', {
      what: 'The shower niche sits in the inner wall, where it stays warm',
      told: 'yes, as avoided',
    })
    job.write(SITE, 'footing', { what: 'slab at the shower', length: '3.35', width: '0.4', depth: '0.15' }, SHOWER)
    job.ask(SITE, BEDROOM, 'Will somebody fetch the bicycles from the store?', 'client', { by: '2026-06-13' })
    job.ask(SITE, SHOWER, 'May the slab be cut beside the tendon?', 'engineer', {
      by: '2026-06-18',
      blocks: 'concrete',
    })
    await job.plan()
    await job.tell('Board, Main bedroom', 'Board, Sitting room', 'Membrane and tile')
    await job.update(SITE, 'The engineer looks at a cable in the slab first, so the shower comes a week later.')
    return job
  }
  test('the client reads of the week and why, the niche and the bicycles; no 710, no temper, no nails', async () => {
    const job = await told()
    reads(
      job.clientReads(SITE),
      ['so the shower comes a week later', 'niche sits in the inner wall', 'Will somebody fetch the bicycles'],
      ['710', '260', 'temper', 'nail', 'hanger'],
    )
  })
  test('board crew and tiler read what is held and when, and nothing of money or people', async () => {
    const job = await told()
    reads(job.tradeReads('Board, Sitting room'), ['Sitting room', /cables made safe/i], ['710', 'temper', 'bicycles'])
    reads(
      job.tradeReads('Membrane and tile'),
      ['Shower', job.days('Membrane and tile').slice(0, 10)],
      ['710', 'temper'],
    )
  })
  test('the engineer reads the slab, the question, its day and what it blocks', async () => {
    const job = await told()
    reads(
      job.paperReads(SITE, 'engineer'),
      [
        'slab at the shower',
        'May the slab be cut beside the tendon?',
        'Please answer by 18 Jun',
        'Concrete waits for it',
      ],
      ['710', 'temper', 'bicycles'],
    )
  })
})

describe('Tawnyhurst, a full tear-off', () => {
  const SITE = 'Tawnyhurst'
  const [RIGHT, REAR] = ['Right face', 'Rear face']
  async function told(): Promise<PlannedJob> {
    const face = (at: string) => [
      { title: 'old boards', at, stage: 'strip-out' as const, trade: 'demolition' as const, days: 1, out: true },
      { title: 'new lap boards', at, stage: 'cladding' as const, trade: 'sider' as const, days: 3 },
      { title: 'two coats', at, stage: 'paint' as const, trade: 'painter' as const, days: 1 },
    ]
    const job = await PlannedJob.of(
      '2026-04-13',
      [
        { name: 'Strip-out crew', trade: 'demolition' },
        { name: 'Siders', trade: 'sider' },
        { name: 'Painter', trade: 'painter' },
      ],
      [
        {
          name: SITE,
          startsOn: '2026-04-13',
          places: [RIGHT!, REAR!].map((name) => ({ name, kind: 'face' as const, size: '9 x 2.72' })),
          work: [
            ...face(RIGHT!).map((one) => ({ ...one, title: `Right, ${one.title}` })),
            ...face(REAR!).map((one) => ({ ...one, title: `Rear, ${one.title}` })),
            { title: 'Beams of the pergola', at: REAR!, stage: 'paint', trade: 'painter', days: 0.5 },
            {
              title: 'Flashing along the chimney',
              at: RIGHT!,
              stage: 'weather-barrier',
              trade: 'sider',
              days: 0.5,
              extra: 14_500,
            },
            {
              title: 'Wet sheathing, 1.2 m more',
              at: RIGHT!,
              stage: 'weather-barrier',
              trade: 'sider',
              days: 0.5,
              extra: 5_520,
            },
          ],
        },
      ],
    )
    job.record(SITE, 'line', 'Beams of the pergola', 'excluded', { reason: 'she declines them' })
    job.record(SITE, 'keep', 'Soffits', 'kept', { text: 'Soffits' }, RIGHT)
    job.remark(SITE, REAR!, 'she thinks the last firm cheated her')
    await job.plan()
    await job.tell('Right, new lap boards', 'Right, two coats')
    await job.update(SITE)
    return job
  }
  test('the client reads face by face what goes, is made, stays and is left out, and what to approve; no rate, no remark', async () => {
    const job = await told()
    reads(
      job.clientReads(SITE),
      [
        /Right face\nWhat is old comes off, the outside boards go up and paint goes on\.\nStays: Soffits\./,
        /Rear face\n.*\nIs not part of it: beams of the pergola\./,
        'It costs €145.00',
        'It costs €55.20',
      ],
      ['cheated', 'she declines', /\b58\b/, /\b46\b/, 'per m'],
    )
  })
  test('the painter reads the faces and what is not to be painted on the sheet, and no price', async () => {
    const job = await told()
    reads(job.tradeReads('Right, two coats'), ['Right face'], ['145', '55.20', 'cheated'])
    reads(await job.sheetReads(SITE, REAR!), ['Beams of the pergola', 'she declines them'], ['145', 'cheated'])
  })
})

describe('Larkmallow, the first day of stripping out', () => {
  const SITE = 'Larkmallow'
  const KITCHEN = 'Kitchen'
  async function told(): Promise<PlannedJob> {
    const job = await PlannedJob.of(
      '2026-11-05',
      [
        { name: 'Own crew', trade: 'demolition' },
        { name: 'Certified firm', trade: 'carpenter' },
        { name: 'Electrician', trade: 'electrician', off: ['2026-11-05'] },
      ],
      [
        {
          name: SITE,
          startsOn: '2026-11-02',
          places: [{ name: KITCHEN, size: '5 x 4 x 2.6' }],
          work: [
            { title: 'Rest of the plaster', at: KITCHEN, stage: 'strip-out', trade: 'demolition', days: 2, done: 50 },
            {
              title: 'Window trim with lead',
              at: KITCHEN,
              stage: 'framing',
              trade: 'carpenter',
              days: 1,
              extra: 64_000,
            },
            { title: 'Wires tested', at: KITCHEN, stage: 'wires', trade: 'electrician', days: 1 },
          ],
        },
      ],
    )
    job.record(SITE, 'line', 'Rest of the plaster', 'held', { reason: 'samples are away', until: '2026-11-11' })
    job.record(
      SITE,
      'keep',
      'Floor',
      'kept',
      { text: 'The floor, as a dust lid', until: 'the wall is closed' },
      KITCHEN,
    )
    job.remark(SITE, KITCHEN, 'what the neighbours say about the dust')
    job.write(SITE, 'access', { what: 'the dog stays upstairs', sort: 'pets' })
    job.party(SITE, 'Bins', { part: 'hire or waste firm', hears: 'Strip out', brings: 'Exchange at 2 000 kg' })
    job.party(SITE, 'Next door', { part: 'neighbour', hears: 'All that is loud, dusty or outside' })
    await job.plan()
    await job.tell('Wires tested')
    await job.tellOthers()
    await job.update(SITE)
    return job
  }
  test('crew reads what may not be touched and what stays; the firm its room; nobody a remark', async () => {
    const job = await told()
    reads(
      await job.sheetReads(SITE, KITCHEN),
      ['samples are away', 'The floor, as a dust lid'],
      // An extra that the household has not agreed to is nobody's work yet.
      ['neighbours say', '640', 'Window trim with lead'],
    )
    reads(job.tradeReads('Wires tested'), [KITCHEN], ['640', 'neighbours say', 'Window trim'])
  })
  test('bin firm: days and weight; next door: dust days and the dog, no result of a test', async () => {
    const job = await told()
    reads(job.neighbourReads(SITE, 'Bins'), ['Strip out, Kitchen: ', 'Exchange at 2 000 kg'], ['lead', '640'])
    reads(
      job.neighbourReads(SITE, 'Next door'),
      ['Strip out: ', 'the dog stays upstairs'],
      ['lead', 'samples', '640', KITCHEN],
    )
  })
  test('the household reads what to approve, and no remark', async () => {
    const job = await told()
    reads(job.clientReads(SITE), ['It costs €640.00', 'The floor, as a dust lid'], ['neighbours say'])
  })
})
