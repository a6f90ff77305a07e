import { line, place, put, say, shoot, type Story } from './story'

const { room } = place

export const FENNICK: Story = {
  site: 'Fennick Stair 4',
  built: '1960',
  units: 'metric',
  places: [
    room('Basement', 'Basement', '5.2 x 4.1 x 2.39', 'basement-finished'),
    room('Bar', 'Basement', '2.6 x 2 x 2.39', 'basement-finished'),
    room('Washroom', 'Basement', '1.8 x 1.5 x 2.39', 'bathroom-below-drain'),
    room('Spare room', 'Basement', '3.4 x 3 x 2.39', 'basement-finished'),
  ],
  walks: [
    {
      kind: 'progress',
      lines: [
        line(
          'Joists 2 390 above the slab; duct and beam hang to 310: bulkhead A, not complete; the boards',
          put(
            'Basement',
            'A bulkhead',
            {
              what: 'A, the trunk duct and a steel beam',
              joists: '2390',
              obstruction: '310',
              floor: '22',
              under: 'yes',
            },
            'Headroom 2390 mm − 380.5 mm − 22 mm = 1987.5 mm: ask the authority.',
          ),
          put(
            'Basement',
            'The frame of a bulkhead',
            { what: 'Ladder of bulkhead A', long: '5200' },
            '9 spaces, 10 rungs',
          ),
          say('Basement', 'Bulkhead A is not complete.', 'Bulkhead A'),
          put(
            'Basement',
            'What happens to a part',
            { part: 'The field of the ceiling: slatted timber', treatment: 'added', why: 'the household asked' },
            'The field of the ceiling: slatted timber',
          ),
          put(
            'Basement',
            'Board of a wall',
            { what: 'The bulkheads: plain board', type: 'ordinary' },
            'The bulkheads: plain board',
          ),
        ),
        line(
          'Waste lateral of 10.8 m: bulkhead B, not started; its look matters',
          put(
            'Basement',
            'The frame of a bulkhead',
            { what: 'Ladder of bulkhead B, over the waste lateral', long: '10.8 m' },
            '18 spaces, 19 rungs',
          ),
          put('Basement', 'A goal of the client', {
            goal: 'the bulkhead is tasteful, one line with the door head',
            weight: 'a must',
          }),
        ),
        line(
          'Bar of 2.6 m: the underside so that wall cabinets end tight; the gas line hangs to 330 there',
          put(
            'Bar',
            'A bulkhead',
            {
              what: 'Over the bar, 900 + 450 + 720',
              joists: '2390',
              obstruction: '330',
              floor: '22',
              underside: '2070',
            },
            '247.5 mm',
            '82.5 mm',
            '102.5 mm',
          ),
          put(
            'Bar',
            'A wire or a pipe: live or dead',
            { what: 'gas line over the bar, 330 below the joists', sort: 'gas pipe', state: 'live', fate: 'is moved' },
            'gas line over the bar, 330 below the joists',
            'What becomes of it: is moved',
          ),
          put('Bar', 'Somebody on the job', {
            name: 'The gas fitter',
            part: 'subcontractor',
            trade: 'gas',
            licence: 'G-114',
          }),
          put(
            'Bar',
            'Something that only a licence holder may do',
            {
              what: 'lift the gas line, booked for Monday 20 April',
              sort: 'gas',
              who: 'The gas fitter',
              licence: 'G-114',
            },
            'lift the gas line, booked for Monday 20 April',
          ),
          put(
            'Bar',
            'Something laid out on the floor',
            { what: 'the bar', laid: '2580', planned: '2600', neighbour: 'the half wall' },
            '20 mm narrower than the plan.',
            'the half wall gets 20 mm more',
          ),
        ),
        line(
          'Boxes 430 from slab to underside, 12.5 proud; the stair-foot light hangs and answers to S2',
          put(
            'Basement',
            'A box',
            { what: 'The boxes of the basement', height: '430', floor: '22', layers: '12.5 mm' },
            '408 mm',
          ),
          put(
            'Basement',
            'A box',
            { what: 'The stair-foot light, hanging', switch: 'S2' },
            'The stair-foot light, hanging',
          ),
        ),
        line(
          'Washroom: pan, vanity, toilet; drain of 5.6 m to a pumped pit; slab 100 thick, cut 450 wide; fan',
          put(
            'Washroom',
            'Something to choose',
            { what: 'Shower pan 900, vanity 1 100, toilet', lead: 'stock-fixtures', stage: 'tile' },
            'Shower pan 900, vanity 1 100, toilet',
          ),
          put(
            'Washroom',
            'A run of drain',
            {
              what: 'From the pan to a pumped pit 750 deep',
              run: '5.6 m',
              slope: '40',
              invert: '160',
              wall: '3',
              bedding: '100',
              state: 'new',
            },
            'drop 140 mm, invert 300 mm at the end',
            '403 mm at the end',
          ),
          put(
            'Washroom',
            'A slab cut or patched',
            {
              what: 'Slab over the drain',
              long: '5.6 m',
              wide: '450',
              thick: '100',
              method: 'saw part way, then chip',
            },
            '0.252 m³',
          ),
          put(
            'Washroom',
            'A fan with its duct',
            { what: 'Fan of the washroom', control: 'the switch of the light' },
            'Fan of the washroom',
            'the switch of the light',
          ),
        ),
        line(
          'A post hidden in the half wall; drawers under the stair; a fireplace on site, still boxed',
          put(
            'Bar',
            'Layers that end at one plane',
            {
              what: 'Half wall at the post, hidden in it: 868 framed and the top',
              plane: '900',
              layers: '868 mm, 32 mm',
            },
            'Half wall at the post',
            '900 mm',
          ),
          put(
            'Basement',
            'Add a line of work',
            { title: 'Drawers under the stair', stage: 'cabinets', trade: 'carpenter', hours: '6' },
            'Drawers under the stair',
          ),
          put(
            'Basement',
            'A chimney or a fireplace',
            { what: 'On site, still boxed, by its label', fuel: 'gas, vent-free' },
            'On site, still boxed, by its label',
            'is the authority’s question',
          ),
        ),
        line(
          'The water heater moves before the furnace corner is framed; the store and the furnace side stay open',
          put(
            'Basement',
            'Something roughed in or moved',
            { what: 'The water heater, before the furnace corner is framed', trade: 'plumber', from: 'the corner' },
            'The water heater, before the furnace corner is framed',
          ),
          put(
            'Basement',
            'What happens to a part',
            { part: 'The store', treatment: 'left as it is', rule: 'an exception', why: 'unfinished on purpose' },
            'The store',
            'Why: unfinished on purpose',
          ),
          put(
            'Basement',
            'Stays, or is protected',
            { text: 'the furnace side, open so that it can be reached' },
            'the furnace side, open so that it can be reached',
          ),
        ),
        line(
          'The screen recess and the component cabinet need a hidden way for cables',
          put(
            'Spare room',
            'Something put in for later',
            { what: 'A hidden way for the cables of the screen', ends: 'the recess and the component cabinet' },
            'A hidden way for the cables of the screen',
          ),
        ),
      ],
    },
    {
      kind: 'progress',
      lines: [
        line(
          'The escape window is in, with its well',
          put(
            'Spare room',
            'An escape opening',
            { what: 'Escape window, in', width: '820', height: '610', sill: '1060' },
            '0.5 m²',
            'Only the authority decides; nothing here approves it.',
          ),
          put(
            'Spare room',
            'An opening',
            { what: 'Its frame, two jacks a side', kind: 'window', rough: '900', jacks: '2' },
            '1052 mm',
          ),
          say('Spare room', 'Galvanised well, stone down to the footing drain.', 'Galvanised well'),
          shoot('Spare room', 'The new window where the hopper was'),
        ),
        line(
          'A complete, B nearly there with 12 rungs up, trench cut without a pit, half wall up, niche and drawers not begun',
          say('Basement', 'Bulkhead A complete. Bulkhead B nearly there. Niche and drawers not begun.', 'Bulkhead A'),
          put(
            'Basement',
            'The frame of a bulkhead',
            { what: 'Bulkhead B as it stands', long: '10.8 m', standing: '12' },
            '12 of 19 rungs are in: 63 %.',
          ),
          put(
            'Basement',
            'A count',
            { what: 'rungs of bulkhead B', said: '12', drawn: '19' },
            '12 said on the walk, 19 on the plan: which is right?',
          ),
          say('Washroom', 'Trench cut, no pit yet.', 'Trench cut'),
          shoot('Washroom', 'Trench cut, no pit yet'),
          say('Bar', 'Half wall up. The gas line has not moved.', 'Half wall up'),
          put(
            'Basement',
            'A note',
            { text: 'Framing is ninety per cent', opinion: 'on' },
            'Framing is ninety per cent',
            'opinion',
          ),
        ),
        line(
          'The owner wants to lift the flexible gas piece himself; hot water goes off for a morning',
          put(
            'Bar',
            'Found',
            { text: 'The owner wants to lift the gas piece himself on Saturday: declined, gas goes to the licence' },
            'The owner wants to lift the gas piece himself',
          ),
          put('Basement', 'A service that will be off', { what: 'hot water', on: '2026-04-23', from: '9', hours: '4' }),
        ),
      ],
      ends: ['Half wall up'],
    },
  ],
  secret: 'her brother-in-law talks too much',
}
