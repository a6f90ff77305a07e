import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

describe('Heddlecroft, told to the phone on a scope walk', () => {
  const SITE = 'Heddlecroft'
  async function said(): Promise<PlannedJob> {
    const faces = ['Garage', 'Front face', 'Rear face', 'Left side', 'Bay']
    const job = await PlannedJob.of(
      '2026-04-09',
      [{ name: 'Crew', trade: 'carpenter' }],
      [
        {
          name: SITE,
          startsOn: '2026-04-20',
          units: 'imperial',
          built: '1964',
          places: faces.map((name) => ({ name, kind: 'face' as const, size: "44' x 9'" })),
          work: [{ title: 'New panel', at: 'Rear face', stage: 'cladding', trade: 'carpenter', days: 3 }],
        },
      ],
    )
    const say = (place: string, ...sentences: readonly string[]) => job.say(SITE, place, sentences.join(' '), 'scope')
    say(
      'Garage',
      'Garage gable, base 22 foot, pitch five in twelve, grooved panel.',
      'Two posts have to be made flush.',
    )
    say(
      'Front face',
      'Level soffit, eave 62 foot, 16 inches deep, overlaid with vented board, nine square inches a foot, attic is 1240 square feet.',
      'Overlay on the fascia is three eighths, the roof-edge metal leaves a quarter.',
      'Cut it and slip under, or add a Z: the installer decides up there.',
      'House was built in 1964, lead paint has to be tested before we scrape.',
    )
    say('Rear face', 'Gutters are out.', 'Joints to seal, 210 foot of quarter by quarter.')
    say('Left side', 'The left side was only seen between parked vans.')
    say('Left side', 'Private: the previous owner’s handiwork is a disgrace.')
    say('Bay', 'Plate under the bay, five foot allowed at 34 a foot, structural.')
    await job.plan()
    await job.update(SITE)
    return job
  }

  test('reckons the soffit’s air, the gable, the joints; what does not fit and who chooses', async () => {
    const job = await said()
    reads(
      job.recordReads(SITE),
      [
        'soffit 82.7 ft²',
        'about half of it at the eave: 595 in²',
        /66' 1 \d+\/?\d*" of this product; the eave has 62'/,
        '50.4 ft²',
        '15 %: 9.95, so 10.',
        'the installer decides up there',
      ],
      [],
    )
  })
  test('the owners read what is out as plainly as what is in, what is in the price, what was not seen; nothing strong, no unit cost', async () => {
    const job = await said()
    reads(
      job.clientReads(SITE),
      [
        'Gutters: left as it is',
        'In the price, should it be bad: Plate under the bay, 5.',
        'Left side: seen only from afar, behind something',
        'Lead paint is tested for lead before dust is made',
      ],
      ['disgrace', 'handiwork', '34', 'was only seen', 'Walls are framed'],
    )
  })
  test('crew read the sheets of their place', async () => {
    const job = await said()
    reads(
      await job.sheetReads(SITE, 'Front face'),
      ['Level soffit', 'Thickness that is laid over: 3/8"', 'Room under the roof-edge metal: 1/4"', 'lead'],
      ['disgrace'],
    )
  })
})

describe('Burdockside, a framing diary told to the phone', () => {
  const SITE = 'Burdockside'
  async function said(): Promise<PlannedJob> {
    const job = await PlannedJob.of(
      '2026-10-09',
      [{ name: 'Framers', trade: 'carpenter' }],
      [
        {
          name: SITE,
          startsOn: '2026-10-05',
          units: 'imperial',
          places: ['Hall', 'Closet', 'Front room', 'Half bath', 'Front door'].map((name) => ({
            name,
            size: "12' x 10' x 8'",
          })),
          work: [{ title: 'Walls', at: 'Hall', stage: 'framing', trade: 'carpenter', days: 2 }],
        },
      ],
    )
    const say = (place: string, ...sentences: readonly string[]) => job.say(SITE, place, sentences.join(' '))
    say(
      'Hall',
      'Beam B1, two ply, inch and a half by nine and a quarter, eleven foot eight long, carries the floor above.',
      'Temporary wall at B1, three foot off, joists at sixteen inches, opening eleven foot two, stays up till the engineer has seen both beams.',
      'Two by sixes: forty said at the start, thirty eight on the plan, thirty eight ordered, delivered and used, seven more are needed.',
      'Joists over the hall were spliced without bearing and sag an inch and an eighth, one step is an eighth.',
    )
    say('Hall', 'Off the record, it was the old plumber who cut that plate.')
    say('Front room', 'Front window opening is 88, sorry, 86 and a half.')
    say('Half bath', 'Partition to the hall is nine foot four, studs at sixteen.')
    say('Front door', 'The front door stays in its box until the last moment.')
    await job.plan()
    await job.update(SITE)
    return job
  }

  test('reckons the temporary wall, the sag in eighths, the lumber, the studs, the header with its last value', async () => {
    const job = await said()
    reads(
      job.recordReads(SITE),
      [
        `13' 10" each side`,
        '9 steps of 1/8"',
        '40 said on the walk, 38 on the plan: which is right?',
        '7 to order: 45 needed, 38 ordered.',
        /\b8 studs|8 of them|studs: 8/,
        `Rough width 7' 2 1/2"`,
        'the engineer has seen both beams',
      ],
      [],
    )
  })
  test('the client reads what each beam replaces and why the door is still in its box; not who cut the plate', async () => {
    const job = await said()
    reads(
      job.clientReads(SITE),
      [
        'A beam: Beam B1; it carries the floor above.',
        'It goes only after the engineer has seen both beams.',
        'The front door stays in its box, until the last moment',
      ],
      ['plumber', 'cut that plate', 'until the last moment, until'],
    )
  })
  test('the engineer reads the beam and what holds the hall', async () => {
    const job = await said()
    reads(job.paperReads(SITE, 'engineer'), ['Beam B1', 'Temporary wall at B1', 'Joists over the hall'], ['plumber'])
  })
  test('what is said again of a sheet changes it', async () => {
    const job = await said()
    const [again] = job.say(SITE, 'Hall', 'Temporary wall at B1, two foot six off.')
    expect(again!.says).toMatch(/^Changed/)
    expect(job.recordReads(SITE)).toContain(`2' 6" off`)
    expect(job.recordReads(SITE)).not.toContain(`3' off`)
  })
})
