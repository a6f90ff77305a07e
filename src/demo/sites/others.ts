import type { SiteStory } from '../story'

/** End-of-row house, four faces, part overlay and part tear-off; approved, starting next week. */
export const PELL: SiteStory = {
  key: 'pell',
  name: 'Pell Street',
  built: 1934,
  units: 'imperial',
  livedIn: true,
  startsIn: 4,
  client: 'Dr Ferrand Oakapple',
  street: '8 Pell Street, Underbough',
  wayIn: 'Goods door in the mews, open from seven',
  privateNote: 'Foxglove: neighbour is his former wife.',
  places: [
    {
      key: 'front',
      name: 'Street face',
      level: 'Outside',
      kind: 'face',
      size: `22' x 19'`,
      treatments: ['face-overlay'],
    },
    {
      key: 'gable',
      name: 'Gable face',
      level: 'Outside',
      kind: 'face',
      size: `31' x 24'`,
      treatments: ['face-tear-off'],
    },
    {
      key: 'rear',
      name: 'Yard face',
      level: 'Outside',
      kind: 'face',
      size: `22' x 18'`,
      treatments: ['face-tear-off', 'window-replaced'],
    },
    {
      key: 'neighbour',
      name: 'Neighbour face',
      level: 'Outside',
      kind: 'face',
      size: `12' x 19'`,
      treatments: ['face-repainted'],
    },
    { key: 'bay', name: 'Bay window', level: 'Inside', size: `9' x 4' x 8'`, treatments: ['window-replaced'] },
  ],
  selections: [
    {
      at: 'front',
      what: 'Siding',
      state: 'ordered',
      choice: 'cement board, 6 in showing',
      supplier: 'Boardwalk mill',
      arrivesIn: 6,
    },
    {
      at: 'gable',
      what: 'Siding',
      state: 'ordered',
      choice: 'cement board, 6 in showing',
      supplier: 'Boardwalk mill',
      arrivesIn: 6,
    },
    {
      at: 'rear',
      what: 'Siding',
      state: 'ordered',
      choice: 'cement board, 6 in showing',
      supplier: 'Boardwalk mill',
      arrivesIn: 6,
    },
    {
      at: 'front',
      what: 'Outside colour',
      state: 'approved',
      choice: 'moss 7, approved by the terrace committee',
      approvalDays: 14,
    },
    {
      at: 'gable',
      what: 'Outside colour',
      state: 'approved',
      choice: 'moss 7, approved by the terrace committee',
      approvalDays: 14,
    },
    { at: 'rear', what: 'Outside colour', state: 'chosen', choice: 'moss 7', approvalDays: 14 },
    { at: 'neighbour', what: 'Outside colour', state: 'chosen', choice: 'moss 7', approvalDays: 14 },
    {
      at: 'bay',
      what: 'Window or door unit',
      state: 'ordered',
      choice: 'three-sided bay',
      supplier: 'Paneless & Daughter',
      arrivesIn: 38,
    },
    { at: 'rear', what: 'Window or door unit', state: 'ordered', arrivesIn: 26, choice: 'double, white' },
  ],
  walks: [
    {
      day: -14,
      kind: 'scope',
      by: 'Ottilie Brackwater',
      seen: [
        { at: 'front', found: [{ text: 'Boards sound; one split above the door', condition: 'crack', certain: true }] },
        {
          at: 'gable',
          found: [
            { text: 'Rot at the sill line for 6 ft', condition: 'rot', certain: true },
            { text: 'Rot may run behind the meter', condition: 'rot', certain: false },
          ],
        },
        { at: 'rear', out: [{ line: 'Casing', reason: 'the household does its own inside trim' }] },
        {
          at: 'neighbour',
          notes: [{ text: 'Reached only from the neighbour’s yard; a dog, and a gate that must stay shut.' }],
        },
        { at: 'bay', notes: [{ text: 'The seat inside is to be saved.' }] },
      ],
    },
    {
      day: -9,
      kind: 'layout',
      by: 'Ottilie Brackwater',
      seen: [
        {
          at: 'gable',
          entries: [
            {
              kind: 'open-up',
              typed: {
                look: 'how far the rot runs behind the meter',
                wall: '22 ft',
                strip: 'fifteen to sixteen inches',
              },
            },
            {
              kind: 'service',
              typed: {
                what: 'Meter tails to the gable',
                sort: 'electric cable',
                state: 'live',
                fate: 'stays and is protected',
              },
            },
          ],
        },
        {
          at: 'neighbour',
          entries: [
            {
              kind: 'access',
              typed: {
                what: 'Through the neighbour’s yard, gate shut behind us',
                sort: 'leave to pass',
                who: 'the neighbour',
              },
            },
          ],
        },
      ],
    },
    {
      day: -6,
      kind: 'kickoff',
      by: 'Corin Hathersedge',
      seen: [
        { at: 'front', progress: {} },
        {
          at: 'rear',
          dictated: 'Downpipe is cracked at the foot. Two of the window sills are soft, could be rot.',
        },
        { at: 'bay', progress: {} },
      ],
    },
  ],
}

/** A cart barn becoming a weaving studio with a guest loft: rough-ins finishing, inspection week next. */
export const ORCHARD: SiteStory = {
  key: 'orchard',
  name: 'Orchard Barn',
  built: 1887,
  units: 'metric',
  livedIn: false,
  startsIn: -34,
  client: 'Loom & Loft',
  street: 'Orchard Barn, Cider Lane, Nether Underbough',
  wayIn: 'Gate code from the owner; turn on the gravel',
  privateNote: 'Foxglove: grant money, keep every receipt.',
  places: [
    {
      key: 'loom',
      name: 'Loom room',
      level: 'Ground floor',
      size: '8.4 x 5.2 x 4.1',
      treatments: ['room-board-finishes'],
    },
    {
      key: 'entry',
      name: 'Entry',
      level: 'Ground floor',
      size: '2.6 x 2.2 x 2.6',
      treatments: ['room-board-finishes'],
    },
    {
      key: 'loft',
      name: 'Guest loft',
      level: 'Loft',
      size: '5.2 x 4.6 x 2.5',
      treatments: ['room-board-finishes', 'window-added'],
    },
    { key: 'bath', name: 'Loft bathroom', level: 'Loft', size: '2.2 x 1.8 x 2.4', treatments: ['bathroom-rebuilt'] },
    {
      key: 'stair',
      name: 'Stair',
      level: 'Loft',
      kind: 'void',
      size: '3.0 x 1.0 x 4.5',
      treatments: ['stair-and-railing'],
    },
  ],
  selections: [
    { at: 'bath', what: 'Wall and floor tile', state: 'arrived', choice: 'grey slate' },
    { at: 'bath', what: 'Shower valve, rough set', state: 'installed', choice: 'exposed' },
    { at: 'bath', what: 'Bathroom fixtures', state: 'ordered', choice: 'white', arrivesIn: 5 },
    { at: 'stair', what: 'Railing', state: 'ordered', arrivesIn: 15, choice: 'flat bar, black' },
    { at: 'loft', what: 'Window or door unit', state: 'arrived', choice: 'opening roof window' },
  ],
  walks: [
    {
      day: -15,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        { at: 'loom', progress: { protect: 100, 'strip-out': 100, framing: 75 } },
        { at: 'entry', progress: { protect: 100, 'strip-out': 100, framing: 100 } },
        { at: 'loft', progress: { protect: 100, 'strip-out': 100, framing: 75 } },
        { at: 'bath', progress: { protect: 100, 'strip-out': 100, framing: 75, ducts: 50 } },
        { at: 'stair', progress: { protect: 100, 'strip-out': 100, framing: 50 } },
      ],
    },
    {
      day: -8,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        { at: 'loom', progress: { framing: 100, wires: 50 }, eye: { framing: 100 } },
        {
          at: 'loft',
          progress: { framing: 100, 'windows-doors': 50, wires: 50 },
          dictated: 'There is a draught at the hatch. One rafter is cracked near the ridge.',
        },
        { at: 'bath', progress: { framing: 100, ducts: 100, pipes: 50 }, lines: { Backing: 50, 'Pressure test': 0 } },
        { at: 'stair', progress: { framing: 75 }, lines: { Backing: 0 }, eye: { framing: 100 } },
      ],
    },
    {
      day: -2,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        {
          at: 'loom',
          progress: { wires: 75 },
          notes: [{ text: 'Staggered studs between looms and bed: no box back to back.' }],
        },
        { at: 'entry', progress: { wires: 75 } },
        { at: 'loft', progress: { 'windows-doors': 100, wires: 75 } },
        {
          at: 'bath',
          progress: { pipes: 100, wires: 75 },
          lines: { 'Pressure test': 0, Backing: 100 },
          found: [
            {
              text: 'Pressure test failed at one joint; joint remade, not tested again',
              condition: 'failed',
              certain: true,
            },
          ],
          held: { line: 'Insulate walls', reason: 'pressure test failed', untilIn: 3 },
        },
        {
          at: 'stair',
          progress: { framing: 100 },
          lines: { Backing: 50 },
          keeps: [{ text: 'Temporary guard at the loft edge', until: 'railing is set' }],
        },
      ],
    },
  ],
}

/** Kitchen and pantry at 92 per cent; the completion walk is this week. */
export const MILLRACE: SiteStory = {
  key: 'millrace',
  name: 'Millrace Terrace',
  built: 1926,
  units: 'metric',
  livedIn: true,
  startsIn: -45,
  client: 'The Pellings of Millrace Terrace',
  street: '21 Millrace Terrace, Underbough',
  wayIn: 'They are in until half past eight, then key with next door',
  privateNote: 'Foxglove: wants the last invoice held until the pantry door.',
  places: [
    {
      key: 'kitchen',
      name: 'Kitchen',
      level: 'Ground floor',
      size: '4.4 x 3.6 x 2.5',
      treatments: ['kitchen-rebuilt'],
    },
    { key: 'pantry', name: 'Pantry', level: 'Ground floor', size: '2.1 x 1.6 x 2.5', treatments: ['room-paint-floor'] },
  ],
  selections: [
    {
      at: 'kitchen',
      what: 'Cabinets',
      state: 'wrong',
      choice: 'painted, one tall unit',
      supplier: 'Joss Tenonby',
    },
    { at: 'kitchen', what: 'Countertop', state: 'ordered', choice: 'terrazzo, eased edge', arrivesIn: 3 },
    { at: 'kitchen', what: 'Sink and tap', state: 'arrived', choice: 'steel, 500' },
    { at: 'kitchen', what: 'Appliances', state: 'arrived', choice: 'as listed' },
    { at: 'kitchen', what: 'Floor', state: 'installed', choice: 'cork tile' },
  ],
  walks: [
    {
      day: -13,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        {
          at: 'kitchen',
          progress: {
            protect: 100,
            'strip-out': 100,
            framing: 100,
            ducts: 100,
            pipes: 100,
            wires: 100,
            insulation: 100,
            board: 100,
            tape: 100,
          },
          passed: ['wires'],
          lines: { 'Pressure test': 100, Backing: 100 },
        },
        { at: 'pantry', progress: { protect: 100, 'strip-out': 100, plaster: 100 } },
      ],
    },
    {
      day: -7,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        { at: 'kitchen', progress: { paint: 100, flooring: 100, cabinets: 75 } },
        {
          at: 'pantry',
          progress: { paint: 100, flooring: 100 },
          dictated: 'Door handle is loose. Nice light in here now.',
        },
      ],
    },
    {
      day: -3,
      kind: 'progress',
      by: 'Ottilie Brackwater',
      seen: [
        {
          at: 'kitchen',
          progress: { cabinets: 100, trim: 75 },
          found: [{ text: 'Tall cabinet hinged on the wrong side', condition: 'wrong', certain: true }],
          notes: [{ text: 'Counters were templated on Friday.' }],
        },
        { at: 'pantry', progress: { trim: 50 } },
      ],
    },
  ],
}
