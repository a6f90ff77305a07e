import { line, place, put, say, shoot, type Step, type Story } from './story'

const { room } = place

/** An element of the kitchen that is stripped out: hours of work, how many there are, how many are out. */
const stripped = (
  element: string,
  hours: string,
  amount: string,
  done: string,
  more: Record<string, string> = {},
): Step => put('Kitchen', 'Something to strip out', { element, hours, amount, done, ...more }, element)

export const LARKMALLOW: Story = {
  site: 'Larkmallow',
  built: '1924',
  units: 'imperial',
  places: [
    room('Kitchen', 'Ground floor', '14 ft x 12 ft x 8 ft', 'kitchen-rebuilt'),
    room('Hall', 'Ground floor', '12 ft x 4 ft x 8 ft'),
    room('Dining room', 'Ground floor', '14 ft x 13 ft x 8 ft'),
    room('Porch', 'Ground floor', '8 ft x 6 ft x 8 ft'),
  ],
  walks: [
    {
      kind: 'end-of-day',
      lines: [
        line(
          'Bin came at 09:40, limit 4 400 lb; now 26 of 48 in',
          put('Kitchen', 'A bin', {
            bin: 'skip in the drive, since 09:40',
            limit: '4400',
            debris: 'plaster and lath',
            amount: '310',
            toCome: '190',
            load: '26 in',
            height: '48 in',
          }),
          put(
            'Kitchen',
            'A note',
            { text: 'The bin is a bit over half full', opinion: 'on' },
            'The bin is a bit over half full',
          ),
        ),
        line(
          'Zip barrier on the hall door, taped sheet at the dining door, cloth only at the porch',
          put(
            'Hall',
            'How a room is protected',
            { what: 'The hall door', level: 'zip door' },
            'The hall door',
            'zip door',
          ),
          put(
            'Dining room',
            'How a room is protected',
            { what: 'The dining door, a taped sheet', level: 'plastic' },
            'The dining door, a taped sheet',
          ),
          put(
            'Porch',
            'How a room is protected',
            { what: 'The back porch', level: 'cloth', why: 'staging, its floor goes anyway' },
            'staging, its floor goes anyway',
          ),
        ),
        line(
          'Nine cabinets out, soffit out, sink capped; plaster off 310 of 500; “seventy, maybe eighty per cent”; hours',
          stripped('cabinets', '6', '9', '9'),
          stripped('plaster', '20', '500', '310'),
          stripped('soffit', '4', '1', '1'),
          stripped('outer wall', '8', '1', '0'),
          stripped('floor', '7', '1', '0', { salvage: 'stays for the time being' }),
          stripped('old wire', '5', '5', '1'),
          put(
            'Kitchen',
            'A stub that is left',
            { what: 'sink supply and waste', state: 'capped' },
            'sink supply and waste',
          ),
          put(
            'Kitchen',
            'A note',
            { text: 'Seventy, maybe eighty per cent', opinion: 'on' },
            'Seventy, maybe eighty per cent',
          ),
        ),
        line(
          'The floor stays as a dust lid over the open basement; it stops 4 in short of the outer wall',
          put(
            'Kitchen',
            'Stays, or is protected',
            {
              text: 'the floor, as a dust lid',
              until: 'the wall is closed and the basement covered',
              sort: 'is only there for the time being',
            },
            'the floor, as a dust lid',
            'until the wall is closed and the basement covered',
          ),
          put(
            'Kitchen',
            'An opening to close up',
            { opening: 'the 4 in gap over the basement', how: 'cover, fixed and marked' },
            'the 4 in gap over the basement',
          ),
        ),
        line(
          'Plaster 7/8 on lath 3/8, board 1/2: the pantry wall on both sides, the outer wall with 1 1/2 of furring',
          put(
            'Kitchen',
            'Plaster off, board on: the width it gives',
            { what: 'Pantry wall, both sides', faces: '2', plaster: '7/8 in', lath: '3/8 in', board: '1/2 in' },
            '3/4"; 2 of them less 0": 1 1/2".',
          ),
          put(
            'Kitchen',
            'Plaster off, board on: the width it gives',
            {
              what: 'Outer wall',
              faces: '1',
              plaster: '7/8 in',
              lath: '3/8 in',
              board: '1/2 in',
              furring: '1 1/2 in',
            },
            '1 of them less 1 1/2": −3/4".',
          ),
        ),
        line(
          'Old open wiring on insulators; “dead, a friend looked”',
          put(
            'Kitchen',
            'A wire or a pipe: live or dead',
            {
              what: 'old open wiring on insulators',
              sort: 'electric cable',
              state: 'said to be dead',
              tester: 'a friend looked',
            },
            'old open wiring on insulators',
            'Only said to be dead: treat it as live',
          ),
        ),
        line(
          'Planks on full-size studs, daylight at the sill, air comes through; cracked plaster hangs on its last nails',
          put(
            'Kitchen',
            'Found',
            { text: 'Daylight at the sill of the outer wall, air comes through', condition: 'leak' },
            'Daylight at the sill of the outer wall, air comes through',
          ),
          shoot('Kitchen', 'Daylight at the sill'),
          say(
            'Kitchen',
            'Cracked plaster above the window hung on its last nails.',
            'Cracked plaster above the window hung on its last nails',
          ),
        ),
        line(
          'The boxed corner probably stays; the sink goes back in the same place; insulation not decided',
          put(
            'Kitchen',
            'Somebody has to decide',
            {
              question: 'The boxed corner: stays or goes?',
              owner: 'client',
              optionA: 'stays, there are pipes in it',
              blocks: 'framing',
            },
            'The boxed corner: stays or goes?',
          ),
          say('Kitchen', 'Sink goes back in the same place. Insulation not decided.', 'Insulation not decided'),
        ),
        line(
          'Swept broom-clean, photo at 18:20; the dog is kept upstairs',
          put(
            'Hall',
            'How clean it must be here',
            { standard: 'broom-clean every day', proof: 'yes' },
            'broom-clean every day',
          ),
          shoot('Hall', 'Swept, 18:20'),
          put('Hall', 'A neighbour, a gate, an animal, a permission', {
            what: 'The dog is kept upstairs',
            sort: 'pets',
          }),
        ),
        line(
          'No test of paint or plaster has been made',
          put(
            'Kitchen',
            'A material to test before dust is made',
            { material: 'plaster and window trim', for: 'lead' },
            'plaster and window trim',
            'Nothing here is cut, sanded or broken before the report is there.',
          ),
        ),
        line(
          'Tomorrow: the rest of the plaster, then the outer wall',
          say('Kitchen', 'Tomorrow the rest of the plaster, then the outer wall.', 'the outer wall'),
        ),
        line(
          'Three cabinets put by for the workshop, four brass vents kept in the porch',
          put(
            'Porch',
            'Stays, or is protected',
            { text: 'four brass vents', sort: 'is salvaged', count: '4', stored: 'in the porch' },
            'four brass vents',
            'How many: 4',
          ),
          put(
            'Porch',
            'Stays, or is protected',
            { text: 'three cabinets', sort: 'is salvaged', count: '3', next: 'the workshop' },
            'three cabinets',
            'What it will be used for: the workshop',
          ),
        ),
      ],
      ends: ['Before you leave', 'The loop is closed'],
    },
  ],
  reckoned: [
    'Kitchen: 46.8 % out by quantity (23.4 of 50 hours); 54.4 % of 43 without',
    '310 ft² of plaster and lath weigh 2480 to 3100 lb, within the limit of 4400 lb.',
    'With the 190 to come 4000 to 5000 lb: it may be over the limit',
    'It stands 54 % full.',
  ],
  secret: 'the neighbours say the dust is a scandal',
}
