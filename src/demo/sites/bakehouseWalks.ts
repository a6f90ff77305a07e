import type { SiteStory } from '../story'

const OPENED = { protect: 100, 'strip-out': 100, framing: 100 } as const

/** What was seen in the corner bakery, walk by walk. */
export const BAKEHOUSE_WALKS: SiteStory['walks'] = [
  {
    day: -12,
    kind: 'progress',
    by: 'Corin Hathersedge',
    seen: [
      {
        at: 'shop',
        progress: { ...OPENED, shoring: 100, structure: 75 },
        photo: {
          caption: 'Beam on its props, from the shop door',
          scene: { wall: 'stripped', floor: 'dust', beam: true },
        },
      },
      {
        at: 'kitchen',
        progress: { protect: 100, 'strip-out': 100, framing: 50 },
        lines: { Backing: 0 },
        notes: [{ text: 'The old range stays in the yard for the salvage man.' }],
        entries: [
          {
            kind: 'party',
            typed: { name: 'Ibis Quill', part: 'designer', trade: 'interiors', maySee: 'the client’s update' },
          },
          {
            kind: 'party',
            typed: {
              name: 'Ravel & Strake',
              part: 'engineer',
              trade: 'structures',
              maySee: 'only what is sent to them',
            },
          },
          {
            kind: 'party',
            typed: {
              name: 'The chemist’s next door',
              part: 'neighbour',
              contact: 'counter@nextdoor.example.com',
              hears: 'All that is loud, dusty or outside',
              brings: 'Please keep the yard gate free until noon',
            },
          },
          {
            kind: 'party',
            typed: {
              name: 'Sedge Lane bins',
              part: 'hire or waste firm',
              contact: '555 0148',
              hears: 'Board',
              brings: 'A bin of 3 m³ for offcuts, taken away after',
            },
          },
          {
            kind: 'goal',
            typed: { goal: 'One open room from shop to yard', weight: 'a must' },
            work: { at: ['shop', 'kitchen'], stages: ['shoring', 'structure', 'framing'] },
          },
          {
            kind: 'goal',
            typed: { goal: 'A bath without a step', weight: 'wished for', shownBy: 'level with the landing' },
            work: { at: ['bath'] },
          },
          { kind: 'occupancy', typed: { who: 'The household', use: 'shared with us', hours: 'evenings' } },
          { kind: 'set-up', typed: { what: 'Skip in the lane', sort: 'skip', where: 'by the yard gate' } },
          { kind: 'set-up', typed: { what: 'Boards and bags', sort: 'store', where: 'shopfront room, back wall' } },
          { kind: 'set-up', typed: { what: 'Canteen', sort: 'canteen', where: 'cellar stair head' } },
          {
            kind: 'delivery-path',
            typed: {
              way: 'Shop door, then straight through to the kitchen',
              narrowest: '0.82 m',
              straight: '7.4 m',
              piece: '4.9 m',
              parking: 'one bay, asked for',
              hours: '7 to 9',
            },
          },
          { kind: 'access', typed: { what: 'Yard gate: key at the chemist’s', sort: 'gate or key' } },
          { kind: 'access', typed: { what: 'The cat stays upstairs', sort: 'pets' } },
        ],
      },
      { at: 'scullery', progress: { ...OPENED, wires: 50 } },
      {
        at: 'hall',
        progress: { protect: 100, 'strip-out': 100, framing: 75 },
        keeps: [{ text: 'Temporary half wall at the stair', until: 'railing is set' }],
        entries: [
          {
            kind: 'cleanliness',
            typed: { standard: 'safe to walk barefoot', because: 'the household comes through' },
          },
        ],
      },
      { at: 'cloak', progress: { ...OPENED, ducts: 100, pipes: 100, wires: 100 }, lines: { Backing: 100 } },
      { at: 'front', progress: { ...OPENED, wires: 100, insulation: 100 }, passed: ['wires'] },
      { at: 'back', progress: { ...OPENED, wires: 100, insulation: 100 }, passed: ['wires'] },
      {
        at: 'bath',
        progress: { ...OPENED, ducts: 100, pipes: 75, wires: 100 },
        lines: { Backing: 0 },
        keeps: [{ text: 'Cast soil stack, live', until: 'the switch-over' }],
      },
      { at: 'landing', progress: { ...OPENED, wires: 100, insulation: 100 }, passed: ['wires'] },
      { at: 'street', progress: { protect: 100, 'strip-out': 100, insulation: 25 } },
      {
        at: 'yard',
        progress: { protect: 100, 'strip-out': 50 },
        found: [
          { text: 'Bottom boards rotten behind the old lean-to', condition: 'rot', certain: true },
          { text: 'Plate behind the rot may be soft too', condition: 'rot', certain: false },
        ],
        photo: { caption: 'Yard face, boards half off', scene: { wall: 'old', floor: 'slab', window: true } },
      },
    ],
  },
  {
    day: -5,
    kind: 'progress',
    by: 'Corin Hathersedge',
    seen: [
      {
        at: 'shop',
        progress: { structure: 100, wires: 25 },
        passed: ['structure'],
        lines: { Temporary: 100 },
        photo: {
          caption: 'Beam in, props out, from the shop door',
          scene: { wall: 'framed', floor: 'dust', beam: true },
        },
      },
      {
        at: 'kitchen',
        progress: { framing: 100, ducts: 100, pipes: 50, wires: 50 },
        lines: { Backing: 50, 'Pressure test': 0 },
      },
      { at: 'hall', progress: { framing: 100, wires: 50 }, eye: { framing: 100 } },
      { at: 'cloak', progress: { pipes: 100 }, lines: { 'Pressure test': 100 }, passed: ['wires'], ticked: [] },
      { at: 'front', progress: { board: 100, tape: 50 } },
      { at: 'back', progress: { board: 100, tape: 75 } },
      {
        at: 'bath',
        entries: [
          ...(
            [
              ['the door', 'hinged door', 'near wall', '850 mm', '760 mm', '', ''],
              ['the tub', 'fixture, cabinet, appliance', 'left wall', '0.2 m', '1700 mm', '750 mm', ''],
              ['the vanity', 'fixture, cabinet, appliance', 'far wall', '1100 mm', '900 mm', '480 mm', '700 mm'],
              ['the toilet', 'fixture, cabinet, appliance', 'right wall', '1000 mm', '800 mm', '560 mm', '600 mm'],
              ['the window', 'window', 'far wall', '300 mm', '600 mm', '', ''],
            ] as const
          ).map(([what, sort, wall, from, width, depth, clear]) => ({
            kind: 'room-piece',
            typed: { what, sort, wall, from, width, depth, clear, hinge: 'at the start', swings: 'into the room' },
          })),
        ],
        progress: { pipes: 100 },
        lines: { 'Pressure test': 100, Backing: 0 },
        eye: { framing: 100 },
        found: [{ text: 'No backing where the steam-room glass will hang', condition: 'missing', certain: true }],
      },
      { at: 'landing', progress: { board: 100, tape: 50 } },
      {
        at: 'street',
        progress: { insulation: 50 },
        dictated:
          'Gutter bracket is loose at the corner. Scaffold stays until the face is painted. Nothing else to say here.',
      },
    ],
  },
  {
    day: -1,
    kind: 'progress',
    by: 'Ottilie Brackwater',
    seen: [
      {
        at: 'shop',
        progress: { wires: 75 },
        lines: { Temporary: 100 },
        photo: { caption: 'Wires in, from the shop door', scene: { wall: 'wired', floor: 'dust', beam: true } },
        decide: [
          {
            question: 'Sockets in the window seat: two or none?',
            owner: 'client',
            byIn: 4,
            blocks: 'wires',
            stake: 'After Monday the wall is closed around it.',
          },
        ],
      },
      {
        at: 'kitchen',
        progress: { pipes: 75, wires: 75 },
        lines: { 'Pressure test': 0, Backing: 50 },
        decide: [
          {
            question: 'Worktop edge: square or eased?',
            owner: 'client',
            byIn: 2,
            blocks: 'countertops',
            stake: 'Templating slips four days if it waits.',
          },
        ],
        entries: [
          {
            kind: 'priced-options',
            typed: {
              what: 'Larder door',
              one: 'ready-made, planed to fit',
              onePrice: '380',
              oneDays: '1',
              other: 'made on site from the old boards',
              otherPrice: '640',
              otherDays: '3',
            },
          },
          {
            kind: 'saving',
            typed: {
              what: 'Ducts through the open trusses before the ceiling closed',
              told: 'yes, as avoided',
              who: 'the duct fitter',
              days: '1.5',
              rate: '480',
              material: '140',
            },
          },
          {
            kind: 'lesson',
            typed: {
              look: 'Tap every hearth: a second one may lie under it',
              unknown: 'An older hearth under the kitchen floor',
              cause: 'nobody lifted a board at the chimney',
              cost: '310',
            },
          },
        ],
        extra: {
          title: 'Extra outlets at the island',
          stage: 'wires',
          trade: 'electrician',
          hours: 3,
          price: 137953,
        },
      },
      { at: 'scullery', progress: { wires: 100 } },
      {
        at: 'hall',
        progress: { wires: 75 },
        held: { line: 'Board walls', reason: 'alarm cable not run', untilIn: 4 },
      },
      { at: 'front', progress: { tape: 75 } },
      {
        at: 'back',
        progress: { tape: 100, paint: 25 },
        notes: [{ text: 'Quillwort again: he asked who pays for the ceiling. Say nothing.', private: true }],
        photo: { caption: 'First coat on the ceiling', scene: { wall: 'boarded', floor: 'dust', window: true } },
      },
      { at: 'landing', progress: { tape: 75 } },
    ],
  },
]
