import { place, type Story } from './story'

const { room, face, ground } = place

export const GANNETROW: Story = {
  site: 'Gannetrow',
  built: '1880',
  units: 'metric',
  kind: 'progress',
  places: [
    face('Rear', '6.2 x 8.4', 'face-insulated-rendered'),
    room('First floor', 'First floor', '6.1 x 5.4 x 2.7', 'room-board-finishes'),
    room('Attic', 'Attic', '6.1 x 5.4 x 2.2'),
    ground('Garden wall'),
  ],
  steps: [
    {
      at: 'Rear',
      sheet: 'How this level stands',
      fill: { status: 'block wall three quarters up, frame stands free' },
      tells: ['block wall three quarters up, frame stands free'],
    },
    { at: 'Rear', say: "Ring beam's formed, bars in. Not poured yet.", tells: [] },
    {
      at: 'Rear',
      sheet: 'Somebody has to decide',
      fill: { question: 'Ring beam: cast on Tuesday, or only formed?', owner: 'engineer' },
      tells: ['Ring beam: cast on Tuesday, or only formed?', 'the engineer answers'],
    },
    {
      at: 'Rear',
      sheet: 'An opening to close up',
      fill: { opening: 'eleven openings, sheeted', how: 'sheet, fixed all round' },
      tells: ['eleven openings, sheeted'],
    },
    { at: 'Rear', photo: 'Rear wall, week eleven', tells: ['1 photo of this walk'] },
    {
      at: 'First floor',
      sheet: 'A count',
      fill: { what: 'joists replaced', said: '12', listed: '24' },
      tells: ['12 said on the walk, 24 listed: which is right?'],
    },
    {
      at: 'First floor',
      sheet: 'A goal of the client',
      fill: { goal: 'level access at every door, for the wheelchair', weight: 'a must' },
      tells: [],
    },
    {
      at: 'First floor',
      sheet: 'Stays, or is protected',
      fill: { text: 'the old stair', until: 'the lift runs', sort: 'is only there for the time being' },
      tells: ['the old stair', 'until the lift runs'],
    },
    {
      at: 'Attic',
      sheet: 'A sleeping risk',
      fill: { what: '14 rafters not assessed', assumed: 'sound', decides: 'the engineer' },
      tells: ['14 rafters not assessed'],
    },
    {
      at: 'Garden wall',
      sheet: 'Stays, or is protected',
      fill: { text: 'nine coping stones and a finial', sort: 'is salvaged', count: '9', stored: 'under the stair' },
      tells: ['nine coping stones and a finial', 'Where it is kept: under the stair'],
    },
    {
      at: 'Garden wall',
      sheet: 'Found',
      fill: { text: 'Frost has lifted the plinth', condition: 'loose', severity: 'to be mended' },
      tells: ['Frost has lifted the plinth', 'How bad: to be mended'],
    },
    {
      at: 'Garden wall',
      sheet: 'A neighbour, a gate, an animal, a permission',
      fill: { what: 'the garden wall stands on the boundary', sort: 'shared boundary' },
      tells: [],
    },
  ],
  secret: 'the engineer asked too high a fee',
}
