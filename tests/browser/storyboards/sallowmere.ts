import { line, place, put, say, shoot, type Story } from './story'

const { room } = place

export const SALLOWMERE: Story = {
  site: 'Sallowmere',
  built: '1984',
  units: 'imperial',
  places: [
    room('Sitting room', 'Lower floor', '16 ft x 13 ft x 8 ft', 'room-board-finishes'),
    room('Store', 'Lower floor', '9 ft x 8 ft x 8 ft', 'room-board-finishes'),
    room('Main bedroom', 'Lower floor', '14 ft x 12 ft x 8 ft', 'room-board-finishes'),
    room('Hall', 'Lower floor', '12 ft x 5 ft x 8 ft', 'room-board-finishes'),
    room('Shower', 'Lower floor', '6 ft x 5 ft x 8 ft', 'bathroom-below-drain'),
  ],
  walks: [
    {
      kind: 'before-cover',
      lines: [
        line(
          'Phase 2: the old closed wall by the stair is open on all sides; a flush beam of 14 ft',
          put('Sitting room', 'A phase of the contract', {
            number: '2',
            scope: 'the lower floor',
            closeOut: 'board, finishes and one key',
          }),
          shoot('Sitting room', 'The wall by the stair, open on all sides'),
          put(
            'Sitting room',
            'A beam',
            {
              what: 'Flush beam by the stair',
              material: 'laminated veneer',
              width: '5 1/4 in',
              depth: '11 7/8 in',
              long: '14 ft',
            },
            'Flush beam by the stair',
          ),
        ),
        line(
          'It hangs by 11 hangers of 24 nails; three holes are empty; doubled shims that nobody will see again',
          put(
            'Sitting room',
            'Hangers, and whether every hole is filled',
            { what: 'From the second beam', hangers: '11', each: '24', missing: '3' },
            '11 × 24 = 264; with 5 % 277.2, so 278',
            '261 of 264 are in place: 3 to be filled before anything covers them.',
          ),
          shoot('Sitting room', 'Three empty holes in the hanger at the stair'),
          put(
            'Sitting room',
            'A wall to photograph before it is closed',
            { wall: 'Behind the beam: the shims were doubled' },
            'Behind the beam: the shims were doubled',
          ),
        ),
        line(
          'Two cables hang from the ceiling; the helper says they are dead',
          put(
            'Sitting room',
            'A wire or a pipe: live or dead',
            {
              what: 'two cables from the ceiling',
              sort: 'electric cable',
              state: 'said to be dead',
              how: 'the helper says so',
            },
            'two cables from the ceiling',
            'Only said to be dead: treat it as live',
          ),
        ),
        line(
          'Gas run to the range wall, all in, not tested; an old outlet patched with mortar, still wet',
          say(
            'Sitting room',
            'Gas run taken to the range wall, all in, not tested. Old outlet patched with mortar, still dark and wet.',
            'still dark and wet',
          ),
          put(
            'Sitting room',
            'Something roughed in or moved',
            { what: 'Gas run to the range wall', trade: 'gas-fitter', to: 'the range wall' },
            'Not tested: its stage shows 90 % at most.',
          ),
          put(
            'Sitting room',
            'Something that dries',
            { name: 'The patched outlet', what: 'mortar patch', from: '2026-06-10', wet: 'on' },
            'Still wet: nothing covers it.',
            'Thursday 11 June at best, Wednesday 17 June to be safe',
          ),
        ),
        line(
          'Skylight surround framed and fixed; the pair of pocket doors and the leaf that rubs',
          say('Hall', 'Skylight surround is framed and fixed.', 'Skylight surround'),
          put(
            'Store',
            'An opening',
            {
              what: 'Pair of pocket doors',
              kind: 'pair of pocket doors',
              width: '30 in',
              height: '80 in',
              builtWidth: '121 1/2 in',
              builtHeight: '84 1/4 in',
            },
            'Built 1/2" too narrow.',
          ),
          put(
            'Store',
            'Something that is operated before it is closed',
            { what: 'The left leaf of the pocket pair', result: 'failed', fault: 'rubs half way' },
            'It failed: its wall is held.',
          ),
        ),
        line(
          'The closet of the main suite: three tiers on three walls',
          put(
            'Main bedroom',
            'Shelves on three walls',
            { what: 'Closet', back: '6 ft 6', side: '3 ft', depth: '14 in', tiers: '3' },
            `3 × (6' 6" + 2 × (3' − 1' 2")) = 30' 6"`,
            '1.22 sheets, so 2.',
          ),
        ),
        line(
          'The shower trench, its slab of five to seven inches, its bars, perhaps tension cables; fill 14 in deep',
          put(
            'Shower',
            'A slab cut or patched',
            {
              what: 'Shower trench',
              long: '11 ft',
              wide: '16 in',
              thick: 'between five and seven inches',
              bars: 'two bars cross it and stay',
              method: 'saw part way, then chip',
            },
            'Measure before ordering: Thickness.',
            'two bars cross it and stay',
          ),
          put(
            'Shower',
            'A sleeping risk',
            {
              what: 'tension cables in the slab',
              assumed: 'none where it is cut',
              test: 'scan before cutting',
              decides: 'the engineer',
            },
            'tension cables in the slab',
            'Who decides then: the engineer',
          ),
        ),
        line(
          'The hole gave 6 ft³ of clean stone; the native soil looks like clay',
          put(
            'Shower',
            'Something to fill',
            {
              what: 'Under the slab',
              long: '11 ft',
              wide: '16 in',
              deep: '14 in',
              reused: '6 ft³',
              soil: 'clay',
            },
            '17.11 ft³ (0.634 yd³) less 6 ft³',
            'order 12.78 ft³ (0.473 yd³) to 13.89 ft³ (0.514 yd³)',
            '2 layers of 7"',
            'Clay and unknown soil are refused as fill; the inspector or the engineer decides.',
          ),
          put(
            'Shower',
            'Stays, or is protected',
            { text: '6 cubic feet of clean crushed stone', sort: 'is taken out and reused', next: 'as fill' },
            '6 cubic feet of clean crushed stone',
            'is taken out and reused',
          ),
        ),
        line(
          'The niche moves to the inner wall at no charge; ceilings scraped, to be textured again',
          put(
            'Shower',
            'Something roughed in or moved',
            {
              what: 'The shower niche, where it stays warm, no charge',
              trade: 'plumber',
              from: 'the outer wall',
              to: 'the inner wall',
            },
            'The shower niche, where it stays warm, no charge',
          ),
          put(
            'Main bedroom',
            'What happens to a part',
            { part: 'the ceiling, scraped', treatment: 'reconditioned', why: 'to be textured again' },
            'the ceiling, scraped',
            'reconditioned',
          ),
          put(
            'Hall',
            'How fine a wall is finished',
            { what: 'Ceilings of main bedroom and hall, 310 ft²', texture: 'matched' },
            'Ceilings of main bedroom and hall, 310 ft²',
          ),
        ),
        line(
          'The lower zone is sealed and never entered; then: the son comes through for his bicycles',
          put(
            'Sitting room',
            'How clean it must be here',
            {
              standard: 'dust kept behind a sheet',
              because: 'the zone is sealed, walkways and nails swept',
              proof: 'yes',
            },
            'dust kept behind a sheet',
          ),
          put(
            'Store',
            'Who uses this place meanwhile',
            {
              who: 'the son, for two bicycles',
              use: 'they pass through',
              assumed: 'the household stays above and never enters',
            },
            'the son, for two bicycles',
            'What the price assumed: the household stays above and never enters',
          ),
        ),
        line(
          '“Ready for board Monday, I would say”',
          put(
            'Main bedroom',
            'A note',
            { text: 'Ready for board Monday, I would say', opinion: 'on' },
            'Ready for board Monday, I would say',
            'opinion',
          ),
        ),
      ],
    },
  ],
  secret: 'the plumber has a short temper',
}
