import { place, type Story } from './story'

const { face } = place

export const WICKERFOLD: Story = {
  site: 'Wickerfold',
  built: '1971',
  units: 'imperial',
  kind: 'scope',
  places: [
    face('North gable', '28 ft x 7 ft', 'face-overlay'),
    face('South gable', '28 ft x 7 ft', 'face-overlay'),
    face('East wall', '61 ft x 8 ft 2 in', 'face-tear-off'),
    face('Cart-port', '19 ft x 14 in'),
    face('Porch side', '20 ft x 8 ft'),
  ],
  steps: [
    {
      at: 'North gable',
      sheet: 'What happens to a part',
      fill: { part: 'Soffit, fascia and gutters', treatment: 'left as it is', rule: 'the rule for this place' },
      tells: ['Soffit, fascia and gutters', 'What happens to it: left as it is'],
    },
    {
      at: 'North gable',
      sheet: 'The layers, from inside out',
      fill: { layers: 'sheathing, barrier, siding', rule: 'on every face' },
      tells: ['3 layers: sheathing → barrier → siding.'],
    },
    {
      at: 'North gable',
      sheet: 'Stays, or is protected',
      fill: { text: 'the 18 × 24 in louvre, repainted' },
      tells: ['the 18 × 24 in louvre, repainted', 'stays for good'],
    },
    { at: 'East wall', sheet: 'Tape', fill: { size: '63 ft x 8 ft 2 in' }, tells: ["63' × 8' 2\""] },
    {
      at: 'East wall',
      say: 'Rot low down nearly all along it. Four windows 36 by 48 inches, one 24 by 36, the patio door 60 by 80.',
      tells: ['Rot low down nearly all along it', 'Four windows 36 by 48 inches'],
    },
    {
      at: 'East wall',
      sheet: 'Open up and look',
      fill: { look: 'the plate behind the strip', wall: '63 ft', strip: '15 to 16 in', doors: '5 ft' },
      tells: [
        "8 sections of 8 ft, 58' of plate to look at, 49 stud feet.",
        '3 strips to a sheet, 3 sheets.',
        '2 strips to a sheet, 4 sheets.',
      ],
    },
    {
      at: 'East wall',
      sheet: 'A sleeping risk',
      fill: {
        what: 'the plate under the rotten strip',
        assumed: '12 ft is bad',
        test: 'cut up and look',
        fallback: 'a length by the foot',
        price: '28',
      },
      tells: ['the plate under the rotten strip', '12 ft is bad'],
    },
    {
      at: 'East wall',
      sheet: 'Advice on a cause, not a repair',
      fill: {
        advice: 'lower the planting bed',
        cause: 'it stands 5 in up the boards',
        sister: 'the cart-port frames',
      },
      tells: ['lower the planting bed', 'Look at the cart-port frames too.'],
    },
    { at: 'East wall', photo: 'The bed stands 5 in up the boards', tells: ['1 photo of this walk'] },
    {
      at: 'East wall',
      sheet: 'A wire or a pipe: live or dead',
      fill: { what: 'six old cables', sort: 'electric cable', state: 'said to be dead' },
      tells: ['Only said to be dead: treat it as live'],
    },
    {
      at: 'East wall',
      sheet: 'A wire or a pipe: live or dead',
      fill: { what: 'the alarm line, from the meter box along the band', sort: 'data cable', state: 'live' },
      tells: ['the alarm line, from the meter box along the band'],
    },
    {
      at: 'East wall',
      sheet: 'A count',
      fill: { what: 'windows with new trim', said: '5', listed: '4' },
      tells: ['5 said on the walk, 4 listed: which is right?'],
    },
    {
      at: 'East wall',
      sheet: 'Somebody has to decide',
      fill: {
        question: 'Corner boards: 1×4 or 1×6?',
        owner: 'client',
        optionA: 'a 1×4',
        optionB: 'a 1×6',
      },
      tells: ['Corner boards: 1×4 or 1×6?', 'the client answers'],
    },
    {
      at: 'East wall',
      sheet: 'A promise we made',
      fill: { what: 'a call two working days before the first cut', to: 'the owner' },
      tells: ['a call two working days before the first cut'],
    },
    {
      at: 'South gable',
      say: 'Animals gnawed 3 ft of the rake edge.',
      tells: ['Animals gnawed 3 ft of the rake edge'],
    },
    {
      at: 'South gable',
      sheet: 'Seen only from afar',
      fill: { what: 'the join with the porch roof', why: 'behind something' },
      tells: ['the join with the porch roof', 'Only'],
    },
    {
      at: 'Cart-port',
      sheet: 'Found',
      fill: { text: 'The frame feet were renewed before', earlier: 'by the owner, once' },
      tells: ['The frame feet were renewed before', 'by the owner, once'],
    },
  ],
  secret: 'the brother sold him poor timber',
}
