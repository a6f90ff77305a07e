import { describe, expect, test } from 'vitest'
import { PlannedJob } from './planned'
import { reads } from './reads'

const [A, B, C] = ['Brackle Yard', 'Lanternstead', 'Siskinhythe']

/** Three sites in one day: a pour that hangs on a street permit, and one plaster crew for two houses. */
async function threeSites(): Promise<PlannedJob> {
  const job = await PlannedJob.of(
    '2026-03-24',
    [
      { name: 'Pump', trade: 'concrete' },
      { name: 'Labourers', trade: 'carpenter', off: ['2026-03-24'] },
      { name: 'Plasterers', trade: 'plasterer' },
      { name: 'Electrician', trade: 'electrician', off: ['2026-03-24', '2026-03-25', '2026-03-26'] },
      { name: 'Painter', trade: 'painter' },
      { name: 'Inspector', trade: 'inspector', weekdays: [1, 3, 5], halves: 'morning' },
    ],
    [
      {
        name: A,
        startsOn: '2026-03-02',
        places: [
          { name: 'Pit', kind: 'void', size: '3.6 x 3.3 x 1.1' },
          { name: 'Alley', kind: 'ground', size: '9 x 0.74' },
        ],
        work: [
          { title: 'Pit dug', at: 'Pit', stage: 'excavation', trade: 'excavator', days: 3, done: 100 },
          {
            title: 'Pit inspection',
            at: 'Pit',
            stage: 'excavation',
            trade: 'inspector',
            days: 0.5,
            inspects: ['excavation'],
          },
          { title: 'Pour', at: 'Pit', stage: 'concrete', trade: 'concrete', days: 0.5 },
          { title: 'Barrows for the pour', at: 'Alley', stage: 'concrete', trade: 'carpenter', days: 0.5 },
        ],
      },
      {
        name: B,
        startsOn: '2026-03-02',
        places: [{ name: 'Stairwell' }],
        work: [
          { title: 'Two coats', at: 'Stairwell', stage: 'plaster', trade: 'plasterer', days: 4 },
          { title: 'Stairwell painted', at: 'Stairwell', stage: 'paint', trade: 'painter', days: 2 },
        ],
      },
      {
        name: C,
        startsOn: '2026-03-02',
        places: [{ name: 'Television room' }],
        work: [
          { title: 'Backing', at: 'Television room', stage: 'framing', trade: 'carpenter', days: 1 },
          { title: 'Shade wires', at: 'Television room', stage: 'wires', trade: 'electrician', days: 1 },
          { title: 'Plaster', at: 'Television room', stage: 'plaster', trade: 'plasterer', days: 3 },
        ],
      },
    ],
  )
  await job.plan()
  return job
}

describe('three sites in one day', () => {
  test('one plaster crew goes from the stairwell on Friday to the television room on Monday', async () => {
    const job = await threeSites()
    expect(job.days('Pit inspection')).toBe('Wed 25 Mar, morning')
    expect(job.days('Pour')).toBe('Wed 25 Mar, afternoon')
    expect(job.days('Two coats')).toBe('Tue 24 Mar to Fri 27 Mar')
    expect(job.days('Shade wires')).toBe('Fri 27 Mar')
    expect(job.days('Plaster')).toBe('Mon 30 Mar to Wed 1 Apr')
    expect(job.gate(C!, 'Television room', 'plaster')).toContain('Plaster waits for')
  })
  test('a street permit for Thursday alone moves the pour, and neither the inspection nor another site', async () => {
    const job = await threeSites()
    const others = ['Backing', 'Two coats', 'Stairwell painted', 'Shade wires', 'Plaster']
    job.party(A!, 'Plant', { part: 'plant or supplier', hears: 'Concrete' })
    job.party(A!, 'Neighbours', { part: 'neighbour', hears: 'Concrete', brings: 'The side gate stays shut' })
    job.party(B!, 'Neighbours of the stairwell', { part: 'neighbour', hears: 'All that is loud, dusty or outside' })
    await job.tell('Pit inspection', 'Pour', 'Barrows for the pour', ...others)
    await job.tellOthers()
    const days = others.map((title) => job.days(title))
    for (const pour of ['Pour', 'Barrows for the pour'])
      job.record(A!, 'line', pour, 'held', { reason: 'the street permit is for Thursday', until: '2026-03-26' })
    await job.move('Backing', '2026-03-25')
    expect(job.days('Pit inspection')).toBe('Wed 25 Mar, morning')
    expect(job.days('Pour')).toBe('Thu 26 Mar, morning')
    expect(job.why('Pour')).toBe('Pour is held: the street permit is for Thursday.')
    expect(job.days('Backing')).toBe('Wed 25 Mar')
    expect(others.slice(1).map((title) => job.days(title))).toEqual(days.slice(1))
    expect(job.toTell()).toEqual(['Labourers', 'Neighbours', 'Plant', 'Pump'])
  })
  test('shared: each client reads of their own site alone, next door of the pour, the electrician of one box', async () => {
    const job = await threeSites()
    const places = { [A!]: 'Pit', [B!]: 'Stairwell', [C!]: 'Television room' }
    for (const [site, place] of Object.entries(places)) {
      job.remark(site, place, 'why the regular supervisor is away')
      job.ask(site, place, `What of ${place}?`, 'client')
    }
    job.party(A!, 'Neighbours', { part: 'neighbour', hears: 'Concrete', brings: 'The side gate stays shut' })
    await job.tell('Two coats', 'Plaster', 'Shade wires')
    await job.tellOthers()
    for (const [site, place] of Object.entries(places)) {
      await job.update(site)
      const others = Object.entries(places).flatMap((other) => (other[0] === site ? [] : other))
      reads(job.clientReads(site), [`What of ${place}?`], [...others, 'supervisor'])
    }
    reads(
      job.neighbourReads(A!, 'Neighbours'),
      ['The side gate stays shut', 'Concrete: Wed 25 Mar'],
      ['supervisor', B!, C!, 'What of'],
    )
    reads(job.tradeReads('Plaster'), ['Television room', /shade wires/i], ['supervisor', A!])
    reads(job.tradeReads('Shade wires'), ['Shade wires', 'Fri 27 Mar'], ['supervisor', A!, B!])
  })
})
