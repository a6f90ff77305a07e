import { line, place, put, say, shoot, type Story } from './story'

const { room, ground } = place

export const BRINDLECOTE: Story = {
  site: 'Brindlecote',
  built: '1905',
  units: 'imperial',
  places: [
    ground('Front'),
    room('Bedroom 3', 'Upstairs', '11 ft x 9 ft x 8 ft', 'bathroom-rebuilt'),
    room('Bedroom 1', 'Upstairs', '16 ft x 13 ft x 8 ft', 'room-board-finishes'),
    room('Stair', 'Upstairs', '8 ft x 3 ft x 8 ft'),
    room('Larder', 'Ground floor', '6 ft x 5 ft x 8 ft'),
    room('Toilet', 'Ground floor', '5 ft x 3 ft x 8 ft'),
    room('Coal store', 'Ground floor', '9 ft x 6 ft x 8 ft'),
    room('Hall', 'Ground floor', '14 ft x 5 ft x 8 ft'),
    ground('Garden'),
  ],
  walks: [
    {
      kind: 'kickoff',
      lines: [
        line(
          'Drain along the front: 62 ft of 4 in pipe, clay, a trench 2 ft wide, 1/8 in a foot from 38 in deep',
          put(
            'Front',
            'A run of drain',
            {
              what: 'Along the front, from stack A to C3',
              run: '62 ft',
              slope: '96',
              invert: '38 in',
              wall: '1/4 in',
              bedding: '4 in',
              diameter: '4 in',
              state: 'new',
              chambers: 'C1 new by the kitchen, C2 renewed at the side, C3 stays, C4 new at the rear',
              connects: 'joins the old line by a branch, the household keeps everything',
            },
            'drop 7 3/4"',
            `Dig 3' 6 1/4" at the start and 4' 2" at the end`,
          ),
          put(
            'Front',
            'A trench or a pit',
            {
              what: 'The whole trench',
              long: '62 ft',
              wide: '2 ft',
              deep: '42 1/4 in',
              deepEnd: '50 in',
              soil: 'clay',
              load: '12 yd³',
            },
            'In the bank 476.62 ft³ (17.653 yd³); loose 619.61 ft³ (22.949 yd³) to 667.27 ft³ (24.714 yd³).',
            '1.91 to 2.06, so 2 to 3.',
            'nobody enters unsupported',
          ),
        ),
        line(
          'Chambers: C1 new, C2 renewed, C3 stays, C4 new for the extension',
          put('Front', 'A count', { what: 'chambers on the line', said: '4', listed: '4' }, 'chambers on the line'),
        ),
        line(
          'One switch-over of 3 1/2 hours on Wednesday 22 April at 10:00',
          put('Front', 'A service that will be off', {
            what: 'drains of the house',
            on: '2026-04-22',
            from: '10',
            hours: '3.5',
            meanwhile: 'everything else works, only nothing is flushed',
          }),
          put(
            'Front',
            'A promise we made',
            { what: 'hours of the switch-over told two days before', to: 'the household' },
            'hours of the switch-over told two days before',
          ),
        ),
        line(
          'With the plan in hand: what each room becomes; the hall door turned',
          put('Bedroom 3', 'This place changes', { change: 'future', to: 'Shower room' }, 'It becomes Shower room.'),
          put('Bedroom 1', 'This place changes', { change: 'split', to: 'Dressing room and ensuite' }),
          put(
            'Bedroom 1',
            'Where a treatment ends',
            { where: 'at the alcove', this: 'dressing room and ensuite', that: 'the bedroom' },
            'at the alcove',
          ),
          put('Larder', 'This place changes', { change: 'future', to: 'Washroom' }, 'It becomes Washroom.'),
          put(
            'Coal store',
            'This place changes',
            { change: 'future', to: 'Laundry and plant room' },
            'It becomes Laundry and plant room.',
          ),
          put(
            'Coal store',
            'Something put in for later',
            { what: 'Manifold and heat pump', ends: 'the floor and the outer wall' },
            'Manifold and heat pump',
          ),
          put(
            'Hall',
            'What happens to a part',
            { part: 'The hall door, turned', treatment: 'reconditioned' },
            'The hall door, turned',
          ),
        ),
        line(
          'Floor: dig, insulation, pipes, screed 2 3/4 in, timber; screed planned Monday 8 June',
          put(
            'Hall',
            'The layers, from inside out',
            { layers: 'dig, insulation, heating pipes, screed, timber floor', rule: 'on this face alone' },
            '5 layers: dig → insulation → heating pipes → screed → timber floor.',
          ),
          put(
            'Hall',
            'Something that dries',
            { name: 'The screed', what: 'screed', thick: '2 3/4 in', from: '2026-06-08' },
            'Sunday 6 September',
          ),
        ),
        line(
          'Wash house taken down by hand: 1 350 old bricks in lime, a fifth spoilt by cement; the extension needs 1 900',
          put(
            'Garden',
            'Salvaged pieces, and how many are needed',
            {
              what: 'Bricks of the wash house, lime mortar',
              taken: '1350',
              lost: '20',
              needed: '1900',
              stored: 'by the gate',
            },
            '1080 can be used',
            '820 short of 1900',
          ),
          put(
            'Garden',
            'Something to strip out',
            { element: 'wash house', method: 'by hand', salvage: 'salvaged: taken out whole' },
            'wash house',
          ),
        ),
        line(
          'Stair kept and boxed in; one string and nine spindles to repair; fitters booked from Monday 11 May',
          put(
            'Stair',
            'Stays, or is protected',
            { text: 'the stair, boxed in', sort: 'is protected in place', protection: 'boards all round' },
            'the stair, boxed in',
            'How it is protected: boards all round',
          ),
          put('Stair', 'A count', { what: 'spindles to repair', said: '9' }, 'spindles to repair'),
          put(
            'Stair',
            'What happens to a part',
            { part: 'One string and nine spindles', treatment: 'repaired' },
            'One string and nine spindles',
          ),
          put('Stair', 'Somebody on the job', {
            name: 'The bathroom fitter, from Monday 11 May',
            part: 'subcontractor',
            trade: 'bathroom',
          }),
          put('Stair', 'Somebody on the job', {
            name: 'The kitchen fitter, from Monday 11 May',
            part: 'subcontractor',
            trade: 'kitchen',
          }),
        ),
        line(
          'The compound; a yellow band on the plum tree means it goes, or stays',
          put('Garden', 'Something of the site set-up, or plant', {
            what: 'Site hut and tool box',
            sort: 'store',
            where: 'behind the house',
          }),
          put('Garden', 'Something of the site set-up, or plant', {
            what: 'Spoil heap and skip',
            sort: 'spoil heap',
            where: 'beside the drive',
          }),
          put('Garden', 'Something of the site set-up, or plant', {
            what: 'Bulk-bag bay',
            sort: 'bulk bags',
            where: 'by the gate',
          }),
          put(
            'Garden',
            'Somebody has to decide',
            { question: 'The yellow band on the plum tree: does it go or stay?', owner: 'client' },
            'The yellow band on the plum tree: does it go or stay?',
            'the client answers',
          ),
        ),
        line(
          'A trip to the merchant costs half a morning; on Fridays nothing is opened after 14:00',
          put(
            'Front',
            'A note',
            { text: 'A trip to the merchant costs us half a morning: buy together what is wanted together' },
            'A trip to the merchant costs us half a morning',
          ),
          put('Front', 'A neighbour, a gate, an animal, a permission', {
            what: 'On Fridays nothing is opened after 14:00',
            sort: 'working hours',
          }),
        ),
        line(
          'Spoil: “two loads”, lorry of 12 yd³',
          put(
            'Front',
            'A note',
            { text: 'Spoil: two loads of the 12 yard lorry', opinion: 'on' },
            'Spoil: two loads of the 12 yard lorry',
          ),
          put('Front', 'A neighbour, a gate, an animal, a permission', {
            what: 'Lorries on two or three mornings',
            sort: 'neighbour',
          }),
        ),
      ],
    },
    {
      kind: 'end-of-day',
      lines: [
        line(
          'Day 1, 15:10: an old stake was the water main, no leak; the digger burst a hose; section 1 closed',
          put(
            'Front',
            'Something buried',
            {
              sort: 'water',
              route: 'across section 1, the main',
              depth: '2 ft 8 in',
              source: 'seen, dug by hand',
              miss: 'an old stake knocked it, no leak',
            },
            'water',
            'an old stake knocked it, no leak',
          ),
          shoot('Front', 'The water main at 2 ft 8 in'),
          put('Front', 'Something of the site set-up, or plant', {
            what: 'Mini digger',
            sort: 'plant',
            broken: 'burst a hose; a spare is on the van',
          }),
          put(
            'Front',
            'An opening to close up',
            { opening: 'trench, section 1', how: 'fence and light' },
            'trench, section 1',
          ),
        ),
      ],
    },
    {
      kind: 'progress',
      lines: [
        line(
          'Day 2: an old armoured cable across section 2, nobody knows whose',
          put(
            'Front',
            'Something buried',
            { sort: 'electric', route: 'across section 2, armoured, nobody knows whose', source: 'seen, dug by hand' },
            'across section 2, armoured, nobody knows whose',
          ),
          put(
            'Front',
            'Found',
            { text: 'An old armoured cable across section 2, nobody knows whose', condition: 'live' },
            'An old armoured cable across section 2',
          ),
        ),
        line(
          'Correction at tea: the extension needs 1 900 bricks, not the 1 600 said in the morning',
          say('Garden', 'The extension needs 1,600 bricks, no, 1,900.', '1,900'),
          put(
            'Garden',
            'A count',
            { what: 'bricks for the extension', said: '1600', drawn: '1900' },
            '1600 said on the walk, 1900 on the plan: which is right?',
          ),
        ),
      ],
    },
  ],
  secret: 'the last lead left the trench open',
}
