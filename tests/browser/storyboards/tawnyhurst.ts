import { place, type Story } from './story'

const { face } = place

export const TAWNYHURST: Story = {
  site: 'Tawnyhurst Turn 6',
  built: '1966',
  units: 'metric',
  kind: 'scope',
  places: [
    face('Front', '12.2 x 2.72', 'face-tear-off'),
    face('Left', '8.8 x 2.72', 'face-tear-off'),
    face('Right', '8.8 x 2.72', 'face-tear-off'),
    face('Rear', '12.2 x 2.72', 'face-tear-off'),
    face('Entry pocket', '4 x 2.45', 'face-tear-off'),
  ],
  steps: [
    {
      at: 'Front',
      sheet: 'The layers, from inside out',
      fill: { layers: '12 sheathing, base flashing, barrier, bevelled trim, lap board', rule: 'on every face' },
      tells: ['5 layers: 12 sheathing → base flashing → barrier → bevelled trim → lap board.'],
    },
    {
      at: 'Front',
      say: 'Garage door is 4.9 by 2.13. Two windows 1.2 by 1.3.',
      tells: ['Garage door is 4.9 by 2.13', 'Two windows 1.2 by 1.3'],
    },
    {
      at: 'Front',
      sheet: 'Left to the installer',
      fill: { detail: 'the gap at the garage stone', allowed: 'filled with mortar', not: 'left open' },
      tells: ['the gap at the garage stone'],
    },
    {
      at: 'Right',
      sheet: 'A sleeping risk',
      fill: { what: 'what lies behind the chimney foot', assumed: 'nothing is allowed for', decides: 'the client' },
      tells: ['what lies behind the chimney foot'],
    },
    {
      at: 'Rear',
      sheet: 'Where a treatment ends',
      fill: { where: 'at the pergola, 4.2 m of the eave', this: 'new fascia', that: 'even paint, wholly out' },
      tells: ['at the pergola, 4.2 m of the eave', 'What is on the other side: even paint, wholly out'],
    },
    { at: 'Rear', photo: 'The line where the fascia ends', tells: ['1 photo of this walk'] },
    {
      at: 'Rear',
      sheet: 'Somebody has to decide',
      fill: { question: 'Paint the pergola beams after all?', owner: 'client' },
      tells: ['Paint the pergola beams after all?'],
    },
    {
      at: 'Entry pocket',
      sheet: 'The layers, from inside out',
      fill: {
        layers: '12 sheathing, barrier, flat panel',
        rule: 'an exception to the others',
        why: 'the one flat face',
      },
      tells: ['3 layers: 12 sheathing → barrier → flat panel.'],
    },
    {
      at: 'Entry pocket',
      sheet: 'Found',
      fill: { text: 'Wet sheathing at the foot', condition: 'damp', extent: '2.0 m seen and priced' },
      tells: ['Wet sheathing at the foot', 'How far it goes: 2.0 m seen and priced'],
    },
    {
      at: 'Entry pocket',
      sheet: 'Seen only from afar',
      fill: { what: 'the flashing over the entry', why: 'too high' },
      tells: ['the flashing over the entry'],
    },
    {
      at: 'Left',
      sheet: 'What happens to a part',
      fill: { part: 'the sound lumber soffit', treatment: 'painted', rule: 'an exception' },
      tells: ['the sound lumber soffit', 'What happens to it: painted'],
    },
    {
      at: 'Left',
      sheet: 'Something to choose',
      fill: { what: 'Lap board, sawn look', lead: 'custom-window', stage: 'cladding' },
      tells: ['Lap board, sawn look', 'not chosen yet'],
    },
  ],
  secret: 'she thinks the last firm cheated her',
}
