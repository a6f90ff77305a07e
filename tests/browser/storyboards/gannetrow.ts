import { line, place, put, say, shoot, type Story } from './story'

const { room, face, ground } = place

export const GANNETROW: Story = {
  site: 'Gannetrow',
  built: '1880',
  units: 'metric',
  places: [
    face('Front', '6.2 x 8.4'),
    face('Rear', '6.2 x 8.4', 'face-insulated-rendered'),
    room('Larder', 'Ground floor', '2 x 1.6 x 2.7'),
    room('First floor', 'First floor', '6.1 x 5.4 x 2.7', 'room-board-finishes'),
    room('Attic', 'Attic', '6.1 x 5.4 x 2.2'),
    ground('Garden wall'),
  ],
  walks: [
    {
      kind: 'progress',
      lines: [
        line(
          'Recalled: ten weeks of stripping, rotten timber out, making safe; then storey by storey',
          put(
            'Front',
            'A note',
            { text: 'Ten weeks of stripping, rotten timber out, making safe' },
            'Ten weeks of stripping, rotten timber out, making safe',
          ),
          put(
            'Rear',
            'How this level stands',
            { status: 'block wall three quarters up, frame stands free' },
            'block wall three quarters up, frame stands free',
          ),
        ),
        line(
          'Rear: four columns on pads 1.1 × 1.1 × 0.5; beams of 6.1 m at 46 kg a metre; free of the garden wall',
          put(
            'Rear',
            'A pour, with its hold sheet',
            { what: 'Four pads', long: '1.1 m', wide: '1.1 m', thick: '0.5 m', pieces: '4', place: 'in ground' },
            '2.42 m³',
            'the pour is held',
          ),
          put(
            'Rear',
            'A beam',
            {
              what: 'Steel frame, by the engineer, fitted by the crew, free of the garden wall',
              material: 'by mass a metre',
              perMetre: '46',
              long: '6.1 m',
            },
            '280.6 kg',
            'so 12 people',
          ),
        ),
        line(
          'Rear wall rebuilt in block, three quarters up; brick and cavity were poor',
          say('Rear', 'Rear wall is rebuilt in block, three quarters up.', 'Rear wall'),
          put(
            'Rear',
            'Found',
            { text: 'Brick and cavity of the rear were poor', condition: 'damaged' },
            'Brick and cavity of the rear were poor',
          ),
        ),
        line(
          'Ring beam at two levels, four 12 mm bars: cast on Tuesday, says the front; at the rear: formed, bars in',
          put(
            'Rear',
            'A footing, a pad or a wall with its bars',
            { what: 'Ring beam, one level', long: '23.5 m', bars: '4', stock: '6 m', lap: '480' },
            'Ring beam, one level',
          ),
          put(
            'Rear',
            'A pour, with its hold sheet',
            { what: 'Ring beam', long: '23.5 m', wide: '215', thick: '225', pieces: '2', place: 'in forms' },
            '2.274 m³, with 5 % in forms 2.387 m³: order 2.4 m³',
          ),
          say('Rear', "Ring beam's formed, bars in. Not poured yet.", 'Ring beam'),
          put(
            'Rear',
            'Somebody has to decide',
            { question: 'Ring beam: cast on Tuesday, or only formed?', owner: 'engineer' },
            'Ring beam: cast on Tuesday, or only formed?',
            'the engineer answers',
          ),
        ),
        line(
          'First floor: joists 8 in old and 10 in new side by side, half replaced; attic: 14 rafters, not assessed',
          put(
            'First floor',
            'A count',
            { what: 'joists replaced', said: '12', listed: '24' },
            '12 said on the walk, 24 listed: which is right?',
          ),
          put(
            'First floor',
            'Somebody has to decide',
            { question: 'Joists of 203.2 and 254 side by side: where is the level of the floor?', owner: 'engineer' },
            'Joists of 203.2 and 254 side by side',
          ),
          put(
            'Attic',
            'A sleeping risk',
            { what: '14 rafters not assessed', assumed: 'sound', decides: 'the engineer' },
            '14 rafters not assessed',
          ),
        ),
        line(
          'A platform lift for the client’s wheelchair in the larder’s place; the old stair stays to the end',
          put('First floor', 'A goal of the client', {
            goal: 'level access at every door, for the wheelchair',
            weight: 'a must',
          }),
          put('Larder', 'This place changes', { change: 'future', to: 'Lift shaft' }, 'It becomes Lift shaft.'),
          put(
            'First floor',
            'Stays, or is protected',
            { text: 'the old stair', until: 'the lift runs', sort: 'is only there for the time being' },
            'the old stair',
            'until the lift runs',
          ),
        ),
        line(
          'Eleven openings sheeted; units ordered Monday 12 January, 14 weeks; fitting and rear plaster',
          put(
            'Rear',
            'A sheet or a cover',
            { what: 'Eleven openings, sheeted', removeWhen: 'the units are in' },
            'Look at it again after every storm.',
          ),
          put(
            'Rear',
            'An opening to close up',
            { opening: 'eleven openings, sheeted', how: 'sheet, fixed all round' },
            'eleven openings, sheeted',
          ),
          put(
            'Rear',
            'Something to choose',
            {
              what: 'Units of timber and aluminium, fit from Tuesday 21 April',
              lead: 'custom-window',
              stage: 'windows-doors',
            },
            'Units of timber and aluminium, fit from Tuesday 21 April',
          ),
        ),
        line(
          'Stored for return: two gate leaves, nine coping stones and a finial',
          put(
            'Garden wall',
            'Stays, or is protected',
            { text: 'nine coping stones and a finial', sort: 'is salvaged', count: '9', stored: 'under the stair' },
            'nine coping stones and a finial',
            'Where it is kept: under the stair',
          ),
          put(
            'Garden wall',
            'Stays, or is protected',
            { text: 'two gate leaves', sort: 'is salvaged', count: '2', stored: 'in the container' },
            'two gate leaves',
            'Where it is kept: in the container',
          ),
        ),
        line(
          'Garden wall of 18 m: upper 1.3 m renewed, lower 1.1 m repointed; frost has lifted the plinth',
          put(
            'Garden wall',
            'Masonry to repoint or rebuild',
            { what: 'Lower 1.1 m, repointed', wall: '19.8 m²', rate: '5', day: '7.5' },
            '340.56 m of joint, 68.1 h, 9.1 days of 7.5 h',
          ),
          put(
            'Garden wall',
            'Masonry to repoint or rebuild',
            { what: 'Upper 1.3 m, 23.4 m² to renew', pass: 'rebuilt' },
            'Upper 1.3 m, 23.4 m² to renew',
          ),
          put(
            'Garden wall',
            'Found',
            { text: 'Frost has lifted the plinth', condition: 'loose', severity: 'to be mended' },
            'Frost has lifted the plinth',
            'How bad: to be mended',
          ),
          put('Garden wall', 'A neighbour, a gate, an animal, a permission', {
            what: 'the garden wall stands on the boundary',
            sort: 'shared boundary',
          }),
        ),
        line(
          'A new chamber takes waste and rain: 14.5 m at 1:60 from an invert 620 deep',
          put(
            'Garden wall',
            'A run of drain',
            {
              what: 'To the new chamber, waste and rain in one',
              run: '14.5 m',
              slope: '60',
              invert: '620',
              wall: '4',
              bedding: '100',
              diameter: '110',
            },
            'drop 241.7 mm, invert 861.7 mm at the end',
            '965.7 mm at the end',
          ),
        ),
        line(
          'A rooflight to the street may need a permission; conservation report and method statement in hand',
          put('Front', 'A permit, a notice or a letter', {
            what: 'New rooflight to the street',
            sort: 'permit',
            state: 'not asked for',
            before: 'the roof is opened',
          }),
          put('Front', 'A permit, a notice or a letter', {
            what: 'Conservation report and method statement',
            sort: 'conservation',
            state: 'granted',
          }),
        ),
        line(
          'Damp membranes added where timber rotted; correction: beams 46, not 37; same-spot pairs',
          put(
            'First floor',
            'What happens to a part',
            { part: 'Damp membranes where timber rotted', treatment: 'added' },
            'Damp membranes where timber rotted',
          ),
          say('Rear', 'Beams weigh 37, no, 46 kilos a metre.', '46'),
          shoot('Rear', 'Rear wall, week eleven'),
          shoot('Front', 'Front, week eleven'),
          put('Front', 'A note', { text: 'Nothing to see yet' }, 'Nothing to see yet'),
        ),
      ],
    },
  ],
  secret: 'the engineer asked too high a fee',
}
