import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { narrate } from './narrate'

const HOUSE = ['Hall', 'Kitchen', 'Main bath', 'Back bedroom', 'Laundry', 'Street face', 'Attic', 'Side yard']

type Told = readonly [kind: string, parts: Readonly<Record<string, unknown>>]

/** Sentences as they are said on site, with what a foreman would write down. */
const EXAMPLES: readonly (readonly [place: string, text: string, lines: readonly Told[]])[] = [
  [
    'Hall',
    "we're keeping the old floorboards in here. front door needs a new lock",
    [
      ['keep', { element: 'floor' }],
      ['work', { element: 'hardware', action: 'install' }],
    ],
  ],
  [
    'Laundry',
    'dryer moves over to the left wall and the electrician has to shift the outlet with it we need the designer to say where the sink goes',
    [
      ['work', { element: 'appliance', action: 'relocate' }],
      ['work', { element: 'outlet', trade: 'electrician', action: 'relocate' }],
      ['decide', { element: 'sink', trade: 'designer' }],
    ],
  ],
  [
    'Street face',
    'siders are here Wednesday, no sorry, Thursday',
    [['expect', { date: '2026-03-12', trade: 'sider' }]],
  ],
  [
    'Attic',
    "I think water's getting in. tarp it tonight",
    [
      ['found', { condition: 'leak', certain: false }],
      ['work', { action: 'cover', date: '2026-03-10' }],
    ],
  ],
  [
    'Kitchen',
    'three of the five pendants are up, the other two came broken',
    [
      ['progress', { element: 'light', percent: 60 }],
      ['found', { element: 'light', condition: 'damaged', certain: true }],
    ],
  ],
  [
    'Main bath',
    "tiler's nearly finished the floor. can we get the plumber back for the toilet on Friday week",
    [
      ['progress', { element: 'floor', trade: 'tiler', percent: 90 }],
      ['expect', { element: 'toilet', trade: 'plumber', date: '2026-03-20' }],
    ],
  ],
  [
    'Street face',
    "pointing's two thirds done on this side, the rest by end of next week",
    [
      ['progress', { element: 'brick', percent: 67 }],
      ['expect', { element: 'brick', date: '2026-03-20' }],
    ],
  ],
  [
    'Side yard',
    'drain passed its test. nobody pours till the inspector signs the card',
    [
      ['progress', { element: 'drain', action: 'test', percent: 100 }],
      ['progress', { state: 'held', until: 'the inspector signs the card' }],
    ],
  ],
  [
    'Side yard',
    "gas meter has to move before we trench. gas company can't come till the 3rd of April",
    [
      ['work', { element: 'gas-line', action: 'relocate' }],
      ['expect', { date: '2026-04-03' }],
    ],
  ],
  [
    'Kitchen',
    "range hood came dented, send it back. replacement's ten days",
    [
      ['found', { element: 'appliance', condition: 'damaged' }],
      ['work', { element: 'appliance' }],
      ['expect', { element: 'appliance', leadDays: 10 }],
    ],
  ],
  ['Back bedroom', "window's 1.1 by 1.35", [['measure', { element: 'window', dims: [1100, 1350] }]]],
  [
    'Back bedroom',
    "chimney breast stays, we're not opening the fireplace",
    [
      ['keep', { element: 'chimney' }],
      ['exclude', {}],
    ],
  ],
  [
    'Kitchen',
    "worktop's cut but not fixed. walls are boarded, nothing taped yet",
    [
      ['progress', { element: 'countertop', stage: 'countertops' }],
      ['progress', { element: 'wall', stage: 'board', percent: 100 }],
      ['progress', { stage: 'tape', percent: 0 }],
    ],
  ],
  [
    'Main bath',
    "shower glass gets measured once the tile's done. niche needs two shelves",
    [
      ['progress', { element: 'shower', state: 'held', until: "the tile's done" }],
      ['work', { element: 'shelf', quantity: 2, action: 'install' }],
    ],
  ],
  [
    'Street face',
    'eight boards split, four of them by the tap. swap those out',
    [
      ['found', { element: 'siding', quantity: 8, condition: 'crack' }],
      ['work', { element: 'siding', action: 'replace' }],
    ],
  ],
  [
    'Kitchen',
    'drywall hung, not taped',
    [
      ['progress', { element: 'drywall', stage: 'board', percent: 100 }],
      ['progress', { stage: 'tape', percent: 0 }],
    ],
  ],
  ['Main bath', "plumber to fix it, that's on him not an extra", [['work', { trade: 'plumber', action: 'repair' }]]],
  ['Kitchen', 'worktop is quartz, light grey', [['selection', { element: 'countertop' }]]],
  ['Side yard', "shoring's in place", [['progress', { stage: 'shoring', percent: 100 }]]],
  ['Back bedroom', 'paint in here is off white', [['selection', { element: 'paint' }]]],
  ['Laundry', 'we owe them a price on the second window', [['decide', {}]]],
  [
    'Main bath',
    "Tub's out, tiles are off three walls. Plumber comes Wednesday morning, no, Thursday",
    [
      ['progress', { element: 'tub', percent: 100, stage: 'strip-out' }],
      ['progress', { element: 'tile', stage: 'strip-out' }],
      ['expect', { trade: 'plumber', date: '2026-03-12', element: undefined }],
    ],
  ],
  ['Kitchen', 'cabinets came in', [['note', {}]]],
  ['Kitchen', 'the cabinets are in', [['progress', { element: 'cabinet', percent: 100 }]]],
  ['Kitchen', 'They want the hood ducted straight out the back wall', [['work', { action: 'install' }]]],
  ['Kitchen', 'We need the sink moved over a foot', [['work', { element: 'sink', action: 'relocate' }]]],
  ['Main bath', "Fan isn't ducted yet", [['progress', { element: 'fan', percent: 0, stage: 'ducts' }]]],
  ['Main bath', 'Shower valve is roughed in', [['progress', { element: 'shower', percent: 100, stage: 'pipes' }]]],
  [
    'Back bedroom',
    'boards are up. first coat of mud on',
    [
      ['progress', { element: 'drywall', percent: 100 }],
      ['progress', { stage: 'tape' }],
    ],
  ],
  ['Hall', "Don't touch the plaster rose, that stays", [['keep', { element: 'plaster' }]]],
  [
    'Street face',
    "siding's half on. Scaffold stays till painting's finished",
    [
      ['progress', { element: 'siding', percent: 50 }],
      ['keep', { element: undefined, until: "painting's finished" }],
    ],
  ],
  [
    'Main bath',
    'shower is in. Pressure test failed',
    [
      ['progress', { element: 'shower' }],
      ['found', { action: 'test', condition: 'failed', element: undefined }],
    ],
  ],
]

describe('what a foreman would write down', () => {
  test('begun is not done, an ordinal is not a date, what will be is not found', () => {
    const told = (text: string) =>
      narrate({ text, places: HOUSE, current: 'Kitchen', units: 'metric', today: '2026-03-10' as Day })[0]!
    expect(told("worktop's cut but not fixed").percent).toBeUndefined()
    expect(told('painting done by friday').percent).toBeUndefined()
    expect(told("that's on him, not an extra").extra).toBeUndefined()
    expect(told('we owe them a price on the second window').date).toBeUndefined()
    expect(told('the plaster will crack over that joint').kind).not.toBe('found')
  })
  test.each(EXAMPLES)('%s: %s', (current, text, lines) => {
    const today = '2026-03-10' as Day
    const told = narrate({ text, places: HOUSE, current, units: 'metric', today })
    expect(told.map((line) => line.kind)).toEqual(lines.map(([kind]) => kind))
    lines.forEach(([, parts], i) => {
      const keys = ['place', ...Object.keys(parts)] as (keyof (typeof told)[number])[]
      expect(Object.fromEntries(keys.map((key) => [key, told[i]![key]]))).toEqual({ place: current, ...parts })
    })
  })
})
