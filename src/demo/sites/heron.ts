import type { SiteStory } from '../story'

/** A split-level of 1968, lived in throughout: the lower level becomes a pottery studio with a washroom. Week 3 of 9. */
export const HERON: SiteStory = {
  key: 'heron',
  name: 'Heron Court',
  built: 1968,
  units: 'imperial',
  livedIn: true,
  startsIn: -11,
  client: 'Ms Averil Thistlewick',
  privateNote: 'Foxglove: paid late on the last job.',
  places: [
    {
      key: 'studio',
      name: 'Family room',
      level: 'Lower level',
      size: `21' 4" x 13' 6" x 7' 10"`,
      futureName: 'Pottery studio',
      treatments: ['basement-finished'],
    },
    {
      key: 'wash',
      name: 'Washroom',
      level: 'Lower level',
      size: `9' x 5' 6" x 7' 10"`,
      treatments: ['bathroom-below-drain'],
    },
    {
      key: 'laundry',
      name: 'Laundry',
      level: 'Lower level',
      size: `8' 2" x 7' x 7' 10"`,
      treatments: ['basement-finished'],
    },
    {
      key: 'spare',
      name: 'Spare room',
      level: 'Lower level',
      size: `10' 3 1/2" x 9' 8" x 7' 10"`,
      futureName: 'Glaze store',
      treatments: ['basement-finished', 'escape-window'],
    },
    {
      key: 'dining',
      name: 'Dining room',
      level: 'Upper level',
      size: `12' x 11' 4" x 8'`,
      treatments: ['opening-between-rooms', 'room-paint-floor'],
    },
    {
      key: 'kitchen',
      name: 'Kitchen',
      level: 'Upper level',
      size: `12' 6" x 10' x 8'`,
      treatments: ['room-paint-floor'],
    },
  ],
  selections: [
    { at: 'wash', what: 'Pump and pit', state: 'arrived', choice: 'sealed pit, alarm' },
    { at: 'wash', what: 'Tile', state: 'undecided' },
    { at: 'wash', what: 'Fixtures', state: 'ordered', arrivesIn: 10, choice: 'white, floor-set' },
    {
      at: 'spare',
      what: 'Escape window and well',
      state: 'ordered',
      choice: 'casement, 36 × 48',
      supplier: 'Paneless & Daughter',
      arrivesIn: 12,
    },
    { at: 'dining', what: 'Beam, to the engineer’s drawing', state: 'chosen', choice: 'laminated, 3 plies' },
    { at: 'dining', what: 'Engineer’s drawing', state: 'ordered', supplier: 'the engineer', arrivesIn: 4 },
    {
      at: 'studio',
      what: 'Studio sink',
      lead: 'special-fixtures',
      neededFor: 'fixtures',
      state: 'ordered',
      arrivesIn: 18,
      choice: 'deep, with a clay trap',
      supplier: 'Cast & Warm',
    },
  ],
  walks: [
    {
      day: -9,
      kind: 'kickoff',
      by: 'Corin Hathersedge',
      seen: [
        {
          at: 'studio',
          progress: { framing: 25 },
          keeps: [{ text: 'The household’s fridge, live', until: 'the kitchen floor is done' }],
        },
        {
          at: 'wash',
          progress: { protect: 100, 'strip-out': 50 },
          photo: { caption: 'Floor marked for the saw', scene: { wall: 'framed', floor: 'slab' } },
        },
        {
          at: 'laundry',
          progress: {},
          keeps: [{ text: 'Old washing machine, in use', until: 'pipes in the new laundry' }],
        },
        {
          at: 'spare',
          progress: {},
          found: [
            { text: 'Room is 1 sq ft short of what most rules ask of a bedroom', condition: 'wrong', certain: false },
          ],
        },
        {
          at: 'dining',
          progress: { protect: 100 },
          found: [
            { text: 'Wall to the kitchen carries the ridge, by the look of it', condition: 'sag', certain: false },
          ],
        },
        { at: 'kitchen', progress: {} },
      ],
    },
    {
      day: -6,
      kind: 'progress',
      by: 'Corin Hathersedge',
      seen: [
        { at: 'studio', progress: { framing: 50 } },
        {
          at: 'wash',
          progress: { 'strip-out': 100, excavation: 75 },
          notes: [{ text: 'Water main runs two feet from the trench; marked in blue.' }],
        },
        {
          at: 'laundry',
          progress: { framing: 25 },
          dictated: 'Floor by the back door is soft, could be rot. The old sill has split at one end.',
        },
        {
          at: 'dining',
          progress: { 'strip-out': 0 },
          held: { line: 'Temporary support', reason: 'no word from the engineer', untilIn: 5 },
        },
      ],
    },
    {
      day: -4,
      kind: 'progress',
      by: 'Ottilie Brackwater',
      seen: [
        {
          at: 'studio',
          progress: { framing: 75 },
          decide: [
            {
              question: 'Into the studio: a step or a ramp?',
              owner: 'client',
              byIn: 3,
              stake: 'After Friday the concrete is poured around it and a change costs three days.',
              price: 48200,
            },
          ],
        },
        {
          at: 'wash',
          progress: { excavation: 100, underground: 25 },
          photo: { caption: 'Trench open, same spot', scene: { wall: 'framed', floor: 'open' } },
        },
      ],
    },
  ],
}
