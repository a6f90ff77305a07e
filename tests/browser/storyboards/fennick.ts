import { place, type Story } from './story'

const { room } = place

export const FENNICK: Story = {
  site: 'Fennick Stair 4',
  built: '1960',
  units: 'metric',
  kind: 'progress',
  places: [
    room('Basement', 'Basement', '5.2 x 4.1 x 2.39', 'basement-finished'),
    room('Bar', 'Basement', '2.6 x 2 x 2.39', 'basement-finished'),
    room('Washroom', 'Basement', '1.8 x 1.5 x 2.39', 'bathroom-below-drain'),
  ],
  steps: [
    {
      at: 'Basement',
      say: 'Bulkhead A complete. Bulkhead B nearly there. Trench cut, no pit yet. The gas line has not moved.',
      tells: ['Trench cut'],
    },
    {
      at: 'Basement',
      sheet: 'A count',
      fill: { what: 'rungs of bulkhead B', said: '12', drawn: '19' },
      tells: ['12 said on the walk, 19 on the plan: which is right?'],
    },
    {
      at: 'Basement',
      sheet: 'Stays, or is protected',
      fill: { text: 'the furnace side, open so that it can be reached' },
      tells: ['the furnace side, open so that it can be reached'],
    },
    {
      at: 'Basement',
      sheet: 'A goal of the client',
      fill: { goal: 'the bulkhead is tasteful, one line with the door head', weight: 'a must' },
      tells: [],
    },
    {
      at: 'Basement',
      sheet: 'A note',
      fill: { text: 'I think framing is ninety per cent', opinion: 'on' },
      tells: ['I think framing is ninety per cent', 'opinion'],
    },
    {
      at: 'Bar',
      sheet: 'A wire or a pipe: live or dead',
      fill: {
        what: 'gas line over the bar, 330 below the joists',
        sort: 'gas pipe',
        state: 'live',
        fate: 'is moved',
      },
      tells: ['gas line over the bar, 330 below the joists', 'What becomes of it: is moved'],
    },
    {
      at: 'Bar',
      sheet: 'Somebody on the job',
      fill: { name: 'The gas fitter', part: 'subcontractor', trade: 'gas', licence: 'G-114' },
      tells: [],
    },
    {
      at: 'Bar',
      sheet: 'Something laid out on the floor',
      fill: { what: 'the bar', laid: '2580', planned: '2600', neighbour: 'the half wall' },
      tells: ['20 mm narrower than the plan.', 'the half wall gets 20 mm more'],
    },
    {
      at: 'Washroom',
      sheet: 'Something to strip out',
      fill: {
        element: 'slab over the drain',
        method: 'saw part way, then chip',
        hours: '8',
        amount: '5.6',
        done: '5.6',
      },
      tells: ['slab over the drain', '100 % out by quantity'],
    },
    {
      at: 'Washroom',
      sheet: 'Something buried',
      fill: { sort: 'drain', route: 'from the pan to the pit', depth: '300', source: 'seen, dug by hand' },
      tells: ['drain'],
    },
    { at: 'Washroom', photo: 'Trench cut, no pit yet', tells: ['1 photo of this walk'] },
    {
      at: 'Washroom',
      sheet: 'Found',
      fill: { text: 'The owner wants to lift the gas piece himself: declined, gas goes to the licence' },
      tells: ['The owner wants to lift the gas piece himself'],
    },
  ],
  secret: 'her brother-in-law talks too much',
}
