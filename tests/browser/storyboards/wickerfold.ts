import { line, place, put, say, shoot, type Story } from './story'

const { face } = place

export const WICKERFOLD: Story = {
  site: 'Wickerfold',
  built: '1971',
  units: 'imperial',
  places: [
    face('North gable', '28 ft x 7 ft', 'face-overlay'),
    face('South gable', '28 ft x 7 ft', 'face-overlay'),
    face('Aprons', '16 ft x 22 in', 'face-overlay'),
    face('East wall', '61 ft x 8 ft 2 in', 'face-tear-off'),
    face('Cart-port', '19 ft x 14 in'),
    face('Porch side', '20 ft x 8 ft'),
  ],
  walks: [
    {
      kind: 'scope',
      lines: [
        line(
          'Out: soffit, fascia and gutters. In: two gables, four aprons, the east wall, the cart-port, one door',
          put(
            'North gable',
            'What happens to a part',
            { part: 'Soffit, fascia and gutters', treatment: 'left as it is', rule: 'the rule for this place' },
            'Soffit, fascia and gutters',
            'What happens to it: left as it is',
          ),
          put('North gable', 'A phase of the contract', {
            number: '1',
            scope: 'two gables, four aprons, the long east wall, cart-port frames and band, one patio door',
          }),
          put(
            'North gable',
            'The layers, from inside out',
            { layers: 'sheathing, barrier, siding', rule: 'on every face' },
            '3 layers: sheathing → barrier → siding.',
          ),
        ),
        line(
          'Gables of 28 ft at 6/12: boards sound, overlaid; the louvre stays and is repainted',
          put(
            'North gable',
            'A face, from few measures',
            { what: 'both gables', gableBase: '28 ft', pitch: '6', gables: '2' },
            '196 ft²',
          ),
          put(
            'North gable',
            'What happens to a part',
            { part: 'The boards', treatment: 'overlaid', why: 'they are sound' },
            'The boards',
            'What happens to it: overlaid',
          ),
          put(
            'North gable',
            'Stays, or is protected',
            { text: 'the 18 × 24 in louvre, repainted' },
            'the 18 × 24 in louvre, repainted',
            'stays for good',
          ),
          put(
            'North gable',
            'What happens to a part',
            { part: 'The surround of the louvre', treatment: 'replaced', rule: 'an exception' },
            'The surround of the louvre',
          ),
        ),
        line(
          'Four aprons; the last is only 5 1/4 in high',
          put(
            'Aprons',
            'A face, from few measures',
            { what: 'three aprons', walls: '2 x 5 ft x 22 in, 6 ft x 22 in' },
            '29.3 ft²',
          ),
          put(
            'Aprons',
            'What happens to a part',
            { part: 'The fourth apron, 4 ft × 5 1/4 in', treatment: 'replaced', why: 'a trim board fits' },
            'The fourth apron, 4 ft × 5 1/4 in',
          ),
        ),
        line(
          'The east wall is sixty-one, no, sixty-three feet long; its openings',
          put('East wall', 'Tape', { size: '63 ft x 8 ft 2 in' }, `63' × 8' 2"`),
          put(
            'East wall',
            'A face, from few measures',
            {
              what: 'the long wall',
              walls: '63 ft x 8 ft 2 in',
              openings: '4 x 36 x 48 in, 24 x 36 in, 60 x 80 in',
            },
            '433.2 ft²',
          ),
          put(
            'East wall',
            'Siding of a face',
            {
              what: 'all of it, with aprons, band and gables',
              height: '98 in',
              exposure: '7 in',
              walls: '484.7 ft²',
              gables: '196 ft²',
              board: '12 ft',
            },
            `14 courses of 7"`,
            'so 109',
          ),
        ),
        line(
          'Rot low down; a strip of fifteen, maybe sixteen inches is cut up; 12 ft of bad plate is priced; the bed',
          say('East wall', 'Rot low down nearly all along it. The plate cannot be judged.', 'Rot low down nearly'),
          put(
            'East wall',
            'Open up and look',
            { look: 'the plate behind the strip', wall: '63 ft', strip: '15 to 16 in', doors: '5 ft' },
            "8 sections of 8 ft, 58' of plate to look at, 49 stud feet.",
            '3 strips to a sheet, 3 sheets.',
            '2 strips to a sheet, 4 sheets.',
          ),
          put(
            'East wall',
            'A sleeping risk',
            {
              what: 'the plate under the rotten strip',
              assumed: '12 ft is bad',
              test: 'cut up and look',
              fallback: 'a length by the foot',
              price: '28',
            },
            'the plate under the rotten strip',
            '12 ft is bad',
          ),
          put(
            'East wall',
            'Advice on a cause, not a repair',
            { advice: 'lower the planting bed', cause: 'it stands 5 in up the boards', sister: 'the cart-port frames' },
            'lower the planting bed',
            'Look at the cart-port frames too.',
          ),
          shoot('East wall', 'The bed stands 5 in up the boards'),
        ),
        line(
          'Seven cables, six said to be dead; the alarm line is live and its way is known',
          put(
            'East wall',
            'A wire or a pipe: live or dead',
            { what: 'six old cables', sort: 'electric cable', state: 'said to be dead', how: 'the owner says so' },
            'six old cables',
            'Only said to be dead: treat it as live',
          ),
          put(
            'East wall',
            'A wire or a pipe: live or dead',
            {
              what: 'the alarm line, from the meter box along the band, down beside the door, to the kitchen',
              sort: 'data cable',
              state: 'live',
              fate: 'stays and is protected',
            },
            'the alarm line, from the meter box along the band',
          ),
          shoot('East wall', 'The way of the alarm line'),
        ),
        line(
          'Boxed out: two hose outlets, a receptacle, a hood vent',
          put(
            'East wall',
            'What is boxed out of a face',
            { what: 'hoses, receptacle and hood', hoses: '2', receptacles: '1', vents: '1' },
            'One block each: 4.',
          ),
        ),
        line(
          'All five windows and the door get a new 1×4; later: leave the little window’s trim',
          put(
            'East wall',
            'Trim around openings',
            {
              what: '1×4 all round, heads over sides',
              windows: '4 x 36 x 48 in, 24 x 36 in',
              doors: '60 x 80 in',
              joint: 'head over sides',
            },
            `Cut list on sticks of 12': 8. By net and 10 % waste (99' 9 7/8"): 9.`,
          ),
          put(
            'East wall',
            'A count',
            { what: 'windows with new trim', said: '5', listed: '4' },
            '5 said on the walk, 4 listed: which is right?',
          ),
        ),
        line(
          'No frieze; a 1×3 to seal against; outside corners 1×4 or 1×6, the owner will say',
          put(
            'East wall',
            'What happens to a part',
            { part: 'A 1×3 all along instead of a frieze', treatment: 'added', why: 'to seal against' },
            'A 1×3 all along instead of a frieze',
          ),
          put(
            'East wall',
            'Somebody has to decide',
            { question: 'Corner boards: 1×4 or 1×6?', owner: 'client', optionA: 'a 1×4', optionB: 'a 1×6' },
            'Corner boards: 1×4 or 1×6?',
            'the client answers',
          ),
        ),
        line(
          'South gable: the rake edge gnawed, the join with the porch roof not seen, the plinth stays as it is',
          say('South gable', 'Animals gnawed 3 ft of the rake edge.', 'Animals gnawed 3 ft of the rake edge'),
          put(
            'South gable',
            'Seen only from afar',
            { what: 'the join with the porch roof, between two hedges', why: 'behind something' },
            'the join with the porch roof',
          ),
          put(
            'South gable',
            'Stays, or is protected',
            { text: 'the stone plinth in two colours', sort: 'stays as it is' },
            'the stone plinth in two colours',
          ),
        ),
        line(
          'Cart-port: frames and posts wrapped whole, the band becomes siding, the frame feet renewed once already',
          put(
            'Cart-port',
            'What happens to a part',
            { part: 'Three frames and two posts', treatment: 'overlaid', why: 'wrapped whole' },
            'Three frames and two posts',
          ),
          put('Cart-port', 'A face, from few measures', { what: 'the band above', walls: '19 ft x 14 in' }, '22.2 ft²'),
          put(
            'Cart-port',
            'Found',
            { text: 'The frame feet were renewed before', earlier: 'by the owner, once' },
            'The frame feet were renewed before',
            'by the owner, once',
          ),
        ),
        line(
          'The patio door, made to order; the owner sends the wall colour',
          put(
            'East wall',
            'Something to choose',
            { what: 'Patio door: bronze outside and in, lever, satin', lead: 'custom-window', stage: 'cladding' },
            'Patio door: bronze outside and in, lever, satin',
            'not chosen yet',
          ),
          put(
            'East wall',
            'Somebody has to decide',
            { question: 'The formula of the wall colour', owner: 'client', by: '2026-05-15' },
            'The formula of the wall colour',
            '15 May',
          ),
        ),
        line(
          'Promised: a call two working days before the first cut. The porch side was not walked',
          put(
            'East wall',
            'A promise we made',
            { what: 'a call two working days before the first cut', to: 'the owner' },
            'a call two working days before the first cut',
          ),
        ),
      ],
      ends: ['Not visited', 'Porch side'],
    },
  ],
  secret: 'the brother sold him poor timber',
}
