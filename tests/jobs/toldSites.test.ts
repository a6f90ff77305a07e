import { describe, expect, test } from 'vitest'
import { PlannedJob, type JobWork } from './planned'
import { reads } from './reads'

describe('Pewterfield, told beside a wall that is built in layers', () => {
  const SITE = 'Pewterfield'
  async function said(): Promise<PlannedJob> {
    const faces = ['South face', 'East face', 'Gable', 'Chimney']
    const job = await PlannedJob.of(
      '2026-08-18',
      [
        { name: 'Siders', trade: 'sider' },
        { name: 'Roofers', trade: 'roofer', weekdays: [1] },
        { name: 'Scaffold firm', trade: 'scaffolder' },
      ],
      [
        {
          name: SITE,
          startsOn: '2026-08-18',
          units: 'imperial',
          places: [
            ...faces.map((name) => ({ name, kind: 'face' as const, size: "24' x 9'" })),
            { name: 'Garage roof', kind: 'roof' },
          ],
          work: [
            { title: 'Siding', at: 'South face', stage: 'cladding', trade: 'sider', days: 3 },
            { title: 'Trim of the gable', at: 'Gable', stage: 'cladding', trade: 'sider', days: 2 },
            { title: 'Small roof', at: 'Garage roof', stage: 'roof', trade: 'roofer', days: 1 },
          ],
        },
      ],
    )
    const say = (place: string, ...sentences: readonly string[]) =>
      sentences.forEach((sentence) => job.say(SITE, place, sentence))
    say(
      'South face',
      'You can see every layer today: sheathing half inch, vapour barrier, rigid insulation inch and a half, strap three quarter, siding five sixteenths.',
      'Trim is one inch thick and has to stand three eighths proud of the siding.',
      'A gap of one and three quarter inches is left at the siding edge and the three and a half inch trim laps half its width.',
      'The designer approved the colour pair, the client hasn’t signed yet.',
      'Siding’s on the lower third.',
      'Private: the builder thinks little of the last three drawings.',
    )
    say('Chimney', 'Slate eight weeks or brick three, that’s still open.', 'They want the veneer on Monday 5 October.')
    say(
      'Garage roof',
      'The designer owes the dimensioned drawing by Tuesday 25 August.',
      'The bracket maker needs ten working days after the drawing.',
      'Roofers come Monday 7 September.',
    )
    say('Gable', 'The scaffold goes when the gable is done.')
    say('East face', 'The east face has stood in bare wrap since Monday 3 August.')
    say('South face', 'The permit for your other house is still waiting.')
    await job.plan()
    await job.update(SITE)
    return job
  }

  test('the crew reads the packer and the lap, reckoned from the layers that were told once', async () => {
    const job = await said()
    reads(
      await job.sheetReads(SITE, 'South face'),
      [
        '= 3 1/16"',
        'Face of the trim 3 7/16"; packer 3 7/16" − 1/2" − 1 1/2" − 1" = 7/16"',
        'laps 1 3/4" of its 3 1/2"',
      ],
      ['drawings', 'other house'],
    )
  })
  test('the designer is asked for the drawing by its day; the brackets wait for it, and the roof for them', async () => {
    const job = await said()
    reads(
      job.paperReads(SITE, 'designer'),
      ['Garage roof: Dimensioned drawing. Please answer by 25 Aug.', 'packer'],
      ['thinks little', 'other house'],
    )
    expect(job.days('Small roof')).toBe('Mon 14 Sep')
    expect(job.why('Small roof')).toMatch(/Brackets/)
  })
  test('the client chooses between slate and brick with their last days, signs the colours, and never reads vapour', async () => {
    const job = await said()
    reads(
      job.clientReads(SITE),
      [
        'Slate or brick for Chimney',
        'It should have been ordered by 31 Jul; ordered now it is surely here by 13 Oct.',
        'Brick: 21 days. Order by 10 Sep.',
        'Colour pair: to be signed',
        'Sheathing half inch, barrier, rigid insulation',
      ],
      ['vapour', 'other house', 'thinks little', 'owes'],
    )
  })
  test('which barrier is meant, and how long it may stand bare, is asked on Today', async () => {
    const job = await said()
    reads(
      job.todayReads(),
      ['which one is meant?', 'East face: the barrier is bare since Mon 3 Aug. How many days does its maker allow?'],
      [],
    )
  })
  test('siding on the lower third is not done; the scaffold waits for the gable', async () => {
    const job = await said()
    expect(job.clientReads(SITE)).not.toContain('South face has its outside boards')
    expect(job.planReads(SITE)).toContain('Gable: trim of the gable comes first, as was said.')
  })
})

describe('Tansymill, an old outbuilding', () => {
  const SITE = 'Tansymill'
  async function said(...more: readonly string[]): Promise<PlannedJob> {
    const work: JobWork[] = [
      { title: 'Scaffold', at: 'Yard', stage: 'scaffold', trade: 'scaffolder', days: 2 },
      { title: 'Strip the roof', at: 'Roof', stage: 'strip-out', trade: 'roofer', days: 3, element: 'roof', out: true },
      { title: 'Cover the roof', at: 'Roof', stage: 'roof', trade: 'roofer', days: 6, element: 'roof' },
    ]
    const job = await PlannedJob.of(
      '2026-05-20',
      [
        { name: 'Roofers', trade: 'roofer' },
        { name: 'Scaffold firm', trade: 'scaffolder' },
      ],
      [
        {
          name: SITE,
          startsOn: '2026-05-20',
          units: 'imperial',
          places: [
            { name: 'Yard', kind: 'ground' },
            { name: 'Roof', kind: 'roof' },
            { name: 'Garden room', kind: 'face', size: "40' x 13'" },
          ],
          work,
        },
      ],
    )
    job.say(SITE, 'Roof', 'Roof covering was ordered on Wednesday 15 April, 26 weeks.')
    job.say(SITE, 'Yard', 'Scaffold all round from Monday 8 June.')
    job.say(SITE, 'Roof', 'The roof is stripped from Monday 15 June.')
    for (const sentence of more) job.say(SITE, 'Garden room', sentence)
    await job.plan()
    await job.update(SITE)
    return job
  }

  test('an order of 15 April with 26 weeks is here by 14 October; the roof is opened for it, not in June', async () => {
    const job = await said()
    expect(job.days('Scaffold')).toBe('Mon 8 Jun to Tue 9 Jun')
    expect(job.days('Strip the roof')).toBe('Mon 12 Oct to Wed 14 Oct')
    expect(job.days('Cover the roof')).toBe('Thu 15 Oct to Thu 22 Oct')
    reads(
      job.todayReads(),
      ['Strip the roof was said to begin on Mon 15 Jun, and the plan begins it on Mon 12 Oct.'],
      [],
    )
  })
  test('nothing that is to come is told as done', async () => {
    const job = await said('Pockets are cut at both ends, the masonry under the north one isn’t rebuilt yet.')
    reads(job.clientReads(SITE), [], ['is stripped out', 'Cut at both ends', 'cut at both ends'])
  })
  test('what was done on purpose stands with its reason, for the client too', async () => {
    const job = await said('The mortar is soft and sacrificial on purpose: the bricks are softer than cement.')
    reads(
      job.clientReads(SITE),
      [/The mortar is soft and sacrificial on purpose, because the bricks are softer than cement/],
      [],
    )
  })
  test('what has spread or discoloured is found, not work', async () => {
    const job = await said('One test patch has discoloured.', 'Collar ties have spread.')
    expect(job.clientReads(SITE)).not.toMatch(/wall boards|discoloured, Garden/)
  })
})

describe('Plovermere Rise, an addition in phases', () => {
  const SITE = 'Plovermere Rise'
  test('as good as done is asked; a cut planned for Friday is not done; goods in the yard are counted', async () => {
    const job = await PlannedJob.of(
      '2026-09-23',
      [{ name: 'Steel', trade: 'steel' }],
      [
        {
          name: SITE,
          startsOn: '2026-09-23',
          places: [
            { name: 'Great room' },
            { name: 'Yard', kind: 'ground' },
            { name: 'Roof', kind: 'roof' },
            { name: 'Office' },
          ],
          work: [
            { title: 'Steel beam', at: 'Great room', stage: 'structure', trade: 'steel', days: 3 },
            { title: 'Roof covered', at: 'Roof', stage: 'roof', trade: 'roofer', days: 3 },
          ],
        },
      ],
    )
    const [steel] = job.say(SITE, 'Great room', 'Steel is as good as done.')
    expect(steel!.toConfirm?.words).toBe('It is done, all of it')
    expect(job.say(SITE, 'Roof', 'Roof is cut on Friday 25.').flatMap(({ facts }) => facts)).not.toContainEqual(
      expect.objectContaining({ facet: 'progress' }),
    )
    const [pile] = job.say(SITE, 'Yard', 'Four laminated beams, 96 studs and 32 sheets are in the pile.')
    expect(pile!.says).toBe('There: 4 laminated beams, 96 studs, 32 sheets')
    job.say(SITE, 'Office', 'Guests could sleep in the office.')
    await job.plan()
    await job.update(SITE)
    reads(
      job.todayReads(),
      ['Somebody is to sleep there: what is the clear opening of its window, and how high is the sill?'],
      [],
    )
    reads(job.clientReads(SITE), [], ['Chosen: beam', 'has its roof on', 'bedroom'])
  })
})

describe('Rookspindle, laid out with boards', () => {
  const SITE = 'Rookspindle'
  test('a wall that moves changes both rooms, and is no work that is done', async () => {
    const job = await PlannedJob.of(
      '2026-03-09',
      [{ name: 'Framers', trade: 'carpenter' }],
      [
        {
          name: SITE,
          startsOn: '2026-03-09',
          places: [
            { name: 'Back bedroom', size: '2.75 x 3.05 x 2.5' },
            { name: 'Bath', size: '2.3 x 3.05 x 2.5' },
          ],
          work: [{ title: 'Frame', at: 'Back bedroom', stage: 'framing', trade: 'carpenter', days: 2 }],
        },
      ],
    )
    const [moved] = job.say(SITE, 'Back bedroom', 'Wall to the bath moved 400 towards the bath.')
    expect(moved!.says).toBe(
      'A wall moved. Back bedroom: 3.15 × 3.05 × 2.5 m, 9.61 m² (2.75 × 3.05 × 2.5 m, 8.39 m² before); Bath: 1.9 × 3.05 × 2.5 m, 5.79 m² (2.3 × 3.05 × 2.5 m, 7.01 m² before)',
    )
    job.say(SITE, 'Back bedroom', 'One generous room and one tiny, on purpose: teachers who share rent sooner.')
    await job.plan()
    await job.update(SITE)
    reads(await job.sheetReads(SITE, 'Back bedroom'), ['3.15 × 3.05 × 2.5 m', 'teachers who share rent sooner'], [])
  })
})

describe('Cloverfray 22, a repaint along a shared wall', () => {
  const SITE = 'Cloverfray 22'
  async function said(): Promise<PlannedJob> {
    const faces = ['Street face', 'Shared side', 'Porch']
    const job = await PlannedJob.of(
      '2026-06-02',
      [{ name: 'Painters', trade: 'painter' }],
      [
        {
          name: SITE,
          startsOn: '2026-06-08',
          places: faces.map((name) => ({ name, kind: 'face' as const, size: '14.2 x 2.7' })),
          work: [
            { title: 'Two coats on the street side', at: 'Street face', stage: 'paint', trade: 'painter', days: 2 },
            { title: 'Two coats on the shared side', at: 'Shared side', stage: 'paint', trade: 'painter', days: 2 },
          ],
        },
      ],
    )
    const say = (place: string, sentence: string) => job.say(SITE, place, sentence, 'scope')
    say('Street face', 'Soffit and fascia stay as they are, painted last autumn.')
    say('Porch', 'At the porch the soffits take the wall colour too.')
    say('Street face', 'The bands round the windows stay and take the trim colour.')
    say(
      'Shared side',
      "Behind the neighbour's wall there's nine and a half, maybe ten metres of our side, 2.7 high, reached only from their yard, thirty square metres a coat a day, two coats.",
    )
    say('Shared side', 'Between us, the owner says the neighbour’s marriage is over.')
    await job.plan()
    await job.update(SITE)
    return job
  }
  test('soffits that are out at one face and painted at another are asked', async () => {
    const job = await said()
    reads(job.todayReads(), ['Out everywhere, or in here: at the porch the soffits take the wall colour?'], [])
  })
  test('next door reads its own side with its days, and the rest as outside', async () => {
    const job = await said()
    const letter = job.neighbourReads(SITE, 'Next door')
    reads(letter, [/On your side\nShared side: paint, .*\n/, /Outside\n.*Street face: paint/], ['marriage'])
    expect(letter.split('Outside')[0]).not.toContain('Street face')
  })
  test('what takes a colour is the painter’s, by its name', async () => {
    const job = await said()
    reads(await job.sheetReads(SITE, 'Street face'), ['The bands round the windows take the trim colour'], [])
  })
})

describe('Juniperwick, a first completion', () => {
  const SITE = 'Juniperwick'
  test('31 of 34 handles are 91 per cent, the return trip has its part and its day, and nothing that comes next is done', async () => {
    const job = await PlannedJob.of(
      '2026-05-04',
      [{ name: 'Installers', trade: 'cabinet-maker' }],
      [
        {
          name: SITE,
          startsOn: '2026-05-04',
          units: 'imperial',
          places: [{ name: 'Kitchen', size: "14' x 12' x 8'" }],
          work: [
            {
              title: 'Handles',
              at: 'Kitchen',
              stage: 'cabinets',
              trade: 'cabinet-maker',
              days: 1,
              element: 'hardware',
            },
            { title: 'Riser and moulding', at: 'Kitchen', stage: 'cabinets', trade: 'cabinet-maker', days: 1 },
          ],
        },
      ],
    )
    const [handles] = job.say(SITE, 'Kitchen', 'Thirty one of thirty four handles are on.', 'completion')
    expect(handles!.says).toBe('Handles: 31 of 34, 91 per cent')
    job.say(SITE, 'Kitchen', 'One hinge is missing, it comes on Friday 8 May.', 'completion')
    job.say(SITE, 'Kitchen', 'The left end came the wrong hand, that’s ours.', 'completion')
    const next = 'Their painter patches the ceiling, then they put the crown up, then we set our riser.'
    expect(job.say(SITE, 'Kitchen', next, 'completion').flatMap(({ facts }) => facts)).not.toContainEqual(
      expect.objectContaining({ facet: 'progress' }),
    )
    await job.plan()
    await job.update(SITE)
    reads(
      job.clientReads(SITE),
      ['Left end came wrong', 'We come back for this: One hinge is missing', '8 May'],
      ['came the wrong hand came wrong', 'has its cabinets'],
    )
  })
})

describe('Saltwhistle, before the walls are closed', () => {
  const SITE = 'Saltwhistle'
  test('whether insulation can start is answered place by place; holes to patch are work; boxes back to back are found', async () => {
    const places = ['Owners’ rooms', 'Party wall']
    const job = await PlannedJob.of(
      '2026-01-26',
      [{ name: 'Insulators', trade: 'insulator' }],
      [
        {
          name: SITE,
          startsOn: '2026-01-26',
          units: 'imperial',
          places: places.map((name) => ({ name, size: "14' x 12' x 8'" })),
          work: [
            { title: 'Wires', at: 'Party wall', stage: 'wires', trade: 'electrician', days: 1 },
            ...places.map((at): JobWork => ({
              title: 'Insulate',
              at,
              stage: 'insulation',
              trade: 'insulator',
              days: 1,
            })),
          ],
        },
      ],
    )
    const [start] = job.say(SITE, 'Owners’ rooms', 'Insulation can start today.', 'before cover')
    expect(start!.says).toMatch(/^Insulation: yes in Owners’ rooms\. Not yet in Party wall: wires/)
    const [holes] = job.say(SITE, 'Party wall', 'Seven holes from moved ducts to patch.', 'before cover')
    expect(holes!.facts).toContainEqual(expect.objectContaining({ subject: 'line', facet: 'laid' }))
    const [boxes] = job.say(SITE, 'Party wall', 'Two boxes stand back to back by the door.', 'before cover')
    expect(boxes!.says).toBe('Found')
  })
})
