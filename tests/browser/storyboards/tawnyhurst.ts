import { line, place, put, say, shoot, type Story } from './story'

const { face } = place

export const TAWNYHURST: Story = {
  site: 'Tawnyhurst Turn 6',
  built: '1966',
  units: 'metric',
  places: [
    face('Front', '12.2 x 2.72', 'face-tear-off'),
    face('Left', '8.8 x 2.72', 'face-tear-off'),
    face('Right', '8.8 x 2.72', 'face-tear-off'),
    face('Rear', '12.2 x 2.72', 'face-tear-off'),
    face('Entry pocket', '4 x 2.45', 'face-tear-off'),
  ],
  walks: [
    {
      kind: 'scope',
      lines: [
        line(
          'Every face the same unless said: tear off, sheathing, flashing, barrier, trim, lap board of 235 showing 203',
          put(
            'Front',
            'The layers, from inside out',
            { layers: '12 sheathing, base flashing, barrier, bevelled trim, lap board', rule: 'on every face' },
            '5 layers: 12 sheathing → base flashing → barrier → bevelled trim → lap board.',
          ),
          put(
            'Front',
            'Siding of a face',
            {
              what: 'Sawn-look lap board 235, all faces, butted to the trim',
              height: '2720',
              exposure: '203',
              walls: '90.94 m²',
              board: '3660',
            },
            '14 courses of 194.3 mm',
            '141',
          ),
        ),
        line(
          'The faces with their openings and the chimney',
          say(
            'Front',
            'Garage door is 4.9 by 2.13. Two windows 1.2 by 1.3.',
            'Garage door is 4.9 by 2.13',
            'Two windows 1.2 by 1.3',
          ),
          put(
            'Front',
            'A face, from few measures',
            { what: 'front', walls: '12.2 x 2.72', openings: '4.9 x 2.13, 2 x 1.2 x 1.3' },
            '19.63 m²',
          ),
          put(
            'Left',
            'A face, from few measures',
            { what: 'left', walls: '8.8 x 2.72', openings: '0.6 x 0.9' },
            '23.94 m²',
          ),
          put(
            'Right',
            'A face, from few measures',
            { what: 'right, less the chimney', walls: '8.8 x 2.72', openings: '1.4 x 2.72' },
            '20.13 m²',
          ),
          put(
            'Rear',
            'A face, from few measures',
            { what: 'rear', walls: '12.2 x 2.72', openings: '2 x 0.9 x 2.1, 1.8 x 1.2' },
            '27.24 m²',
          ),
        ),
        line(
          'Entry pocket: flat panel, the one exception; wet sheathing at its foot, 2.0 m seen and priced',
          put(
            'Entry pocket',
            'The layers, from inside out',
            {
              layers: '12 sheathing, barrier, flat panel',
              rule: 'an exception to the others',
              why: 'the one flat face',
            },
            '3 layers: 12 sheathing → barrier → flat panel.',
          ),
          put(
            'Entry pocket',
            'Found',
            { text: 'Wet sheathing at the foot', condition: 'damp', extent: '2.0 m seen and priced' },
            'Wet sheathing at the foot',
            'How far it goes: 2.0 m seen and priced',
          ),
          put(
            'Entry pocket',
            'Sheathing of a face',
            { what: 'all faces with the pocket', walls: '100.7 m²' },
            '37.3, so 38',
          ),
        ),
        line(
          'Seven false rafter tails off; sound soffits stay, coated twice, 450 deep, eaves all round',
          put(
            'Front',
            'Something to strip out',
            { element: 'false rafter tails', amount: '7', salvage: 'waste' },
            'false rafter tails',
          ),
          put(
            'Left',
            'What happens to a part',
            { part: 'the sound lumber soffit', treatment: 'painted', rule: 'an exception' },
            'the sound lumber soffit',
            'What happens to it: painted',
          ),
          put(
            'Left',
            'Fascia and soffit',
            { what: 'eaves all round, less the pergola', eave: '37.8 m', depth: '450' },
            'soffit 17.01 m²',
          ),
          put(
            'Left',
            'Something to paint',
            { what: 'soffits', surface: '17.01 m²', coats: '2', spread: '7.4' },
            'so 5.1 L',
          ),
        ),
        line(
          'Fascia of 25 with a 45 strip, tight under the roofing edge, which nobody may disturb',
          put(
            'Left',
            'What happens to a part',
            { part: 'Fascia 25 with a 45 strip', treatment: 'replaced' },
            'Fascia 25 with a 45 strip',
          ),
          put(
            'Left',
            'Stays, or is protected',
            { text: 'the roofing edge, nobody may disturb it', sort: 'is protected in place' },
            'the roofing edge, nobody may disturb it',
          ),
        ),
        line(
          'Pergola wholly out, even paint; the fascia ends there; later: paint its beams while you are at it',
          put(
            'Rear',
            'Where a treatment ends',
            { where: 'at the pergola, 4.2 m of the eave', this: 'new fascia', that: 'even paint, wholly out' },
            'at the pergola, 4.2 m of the eave',
            'What is on the other side: even paint, wholly out',
          ),
          shoot('Rear', 'The line where the fascia ends'),
          put(
            'Rear',
            'Somebody has to decide',
            { question: 'Paint the pergola beams after all?', owner: 'client' },
            'Paint the pergola beams after all?',
          ),
        ),
        line(
          'Corners 114, two boards each, five of them; the staggered corner made one line; the gap at the stone',
          put(
            'Front',
            'Trim around openings',
            { what: 'Corners 114, two boards each', corners: '5', cornerHeight: '2720', face: '114' },
            '27.2 m',
          ),
          put(
            'Front',
            'What happens to a part',
            { part: 'The staggered corner', treatment: 'replaced', why: 'one clean line' },
            'The staggered corner',
          ),
          put(
            'Front',
            'Left to the installer',
            { detail: 'the gap at the garage stone', allowed: 'filled with mortar', not: 'left open' },
            'the gap at the garage stone',
          ),
        ),
        line(
          'Chimney foot: a zinc roll of 150, nobody knows what lies behind; nothing allowed for',
          put(
            'Right',
            'A sleeping risk',
            {
              what: 'what lies behind the zinc roll of 150 at the chimney foot',
              assumed: 'nothing is allowed for',
              decides: 'the client',
            },
            'what lies behind the zinc roll of 150 at the chimney foot',
          ),
          put('Right', 'A flashing', { interface: 'chimney' }, 'Not yet lapped by the barrier.'),
        ),
        line(
          'Roof meets wall over the entry: looked at from the ground only',
          put(
            'Entry pocket',
            'Seen only from afar',
            { what: 'the flashing over the entry', why: 'too high' },
            'the flashing over the entry',
          ),
          put(
            'Left',
            'A flashing',
            { interface: 'base of the wall', runs: '8.8 m', lap: '75' },
            'base of the wall',
            '8800 mm: 2.98, so 3; 3 together.',
          ),
          put(
            'Rear',
            'A flashing',
            { interface: 'base of the wall', runs: '3.6 m, 4.9 m, 1.9 m', lap: '75' },
            '5 together',
          ),
        ),
        line(
          'Two doors outside with 114 trim, inside with 70 casing; a curtain bracket sits 50 above one frame',
          put(
            'Rear',
            'Trim around openings',
            { what: 'Doors outside', doors: '2 x 0.9 x 2.1', face: '114', joint: 'head over sides' },
            'Doors outside',
            '6 pieces, 10.656 m together',
          ),
          put(
            'Rear',
            'Trim around openings',
            { what: 'Doors inside', doors: '2 x 0.9 x 2.1', face: '70', joint: 'head over sides' },
            'Doors inside',
            '6 pieces, 10.48 m together',
          ),
          put(
            'Rear',
            'Found',
            { text: 'A curtain bracket sits 50 above one frame, the casing is 70: 20 too much', condition: 'wrong' },
            'A curtain bracket sits 50 above one frame',
          ),
        ),
        line(
          'Metal capping over the old sills goes; wood returns instead, and she asks why',
          put(
            'Front',
            'What happens to a part',
            {
              part: 'Metal capping over the old sills',
              treatment: 'replaced',
              why: 'wood returns can be opened and repaired, capping holds water',
            },
            'Metal capping over the old sills',
            'capping holds water',
          ),
        ),
        line(
          'Start Monday 13 April; board makers 14 to 21 days; a sample to be signed, five days',
          put('Front', 'A phase of the contract', {
            number: '1',
            scope: 'full tear-off of four faces',
            starts: '2026-04-13',
          }),
          put(
            'Left',
            'Something to choose',
            { what: 'Lap board, sawn look, by sample', lead: 'special-tile', stage: 'cladding' },
            'Lap board, sawn look, by sample',
            'not chosen yet',
          ),
        ),
        line(
          '“Maybe a new pergola next year”',
          put(
            'Rear',
            'A note',
            { text: 'Maybe a new pergola next year', opinion: 'on' },
            'Maybe a new pergola next year',
          ),
        ),
      ],
    },
  ],
  reckoned: [
    'Left: 12 sheathing → base flashing → barrier → bevelled trim → lap board.',
    'Entry pocket: 12 sheathing → barrier → flat panel, an exception: without base flashing, bevelled trim, lap board and with flat panel.',
  ],
  secret: 'she thinks the last firm cheated her',
}
