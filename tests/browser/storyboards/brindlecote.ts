import { place, type Story } from './story'

const { room, ground } = place

export const BRINDLECOTE: Story = {
  site: 'Brindlecote',
  built: '1905',
  units: 'imperial',
  kind: 'kickoff',
  places: [
    ground('Front'),
    room('Bedroom 3', 'Upstairs', '11 ft x 9 ft x 8 ft', 'bathroom-rebuilt'),
    room('Stair', 'Upstairs', '8 ft x 3 ft x 8 ft'),
    ground('Garden'),
  ],
  steps: [
    {
      at: 'Front',
      sheet: 'A note',
      fill: { text: 'Drain along the front: 62 ft of 4 in pipe, clay, invert 38 in at stack A, 1/8 in a foot' },
      tells: ['62 ft of 4 in pipe'],
    },
    {
      at: 'Front',
      sheet: 'Something buried',
      fill: {
        sort: 'water',
        route: 'across section 1, the main',
        depth: '2 ft 8 in',
        source: 'seen, dug by hand',
        miss: 'an old stake knocked it, no leak',
      },
      tells: ['water', 'an old stake knocked it, no leak'],
    },
    {
      at: 'Front',
      sheet: 'An opening to close up',
      fill: { opening: 'trench, section 1', how: 'fence and light' },
      tells: ['trench, section 1'],
    },
    {
      at: 'Front',
      sheet: 'Found',
      fill: { text: 'An old armoured cable across section 2, nobody knows whose', condition: 'live' },
      tells: ['An old armoured cable across section 2'],
    },
    {
      at: 'Front',
      sheet: 'A promise we made',
      fill: { what: 'hours of the switch-over told two days before', to: 'the household' },
      tells: ['hours of the switch-over told two days before'],
    },
    {
      at: 'Bedroom 3',
      sheet: 'This place changes',
      fill: { change: 'future', to: 'Shower room' },
      tells: ['It becomes Shower room.'],
    },
    {
      at: 'Stair',
      sheet: 'Stays, or is protected',
      fill: { text: 'the stair, boxed in', sort: 'is protected in place', protection: 'boards all round' },
      tells: ['the stair, boxed in', 'How it is protected: boards all round'],
    },
    {
      at: 'Stair',
      sheet: 'A count',
      fill: { what: 'spindles to repair', said: '9' },
      tells: ['spindles to repair'],
    },
    {
      at: 'Garden',
      sheet: 'Stays, or is protected',
      fill: { text: '1 350 bricks of the wash house', sort: 'is salvaged', count: '1350', stored: 'by the gate' },
      tells: ['1 350 bricks of the wash house', 'How many: 1350'],
    },
    {
      at: 'Garden',
      say: 'The extension needs 1,600 bricks. A yellow band on the plum tree means it goes, or stays, I forget.',
      tells: ['The extension needs 1,600 bricks', 'A yellow band on the plum tree means it goes, or stays'],
    },
    {
      at: 'Garden',
      sheet: 'A count',
      fill: { what: 'bricks for the extension', said: '1600', drawn: '1900' },
      tells: ['1600 said on the walk, 1900 on the plan: which is right?'],
    },
    {
      at: 'Garden',
      sheet: 'A neighbour, a gate, an animal, a permission',
      fill: { what: 'lorries on two mornings', sort: 'neighbour' },
      tells: [],
    },
  ],
  secret: 'the last lead left the trench open',
}
