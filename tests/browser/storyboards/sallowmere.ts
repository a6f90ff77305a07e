import { place, type Story } from './story'

const { room } = place

export const SALLOWMERE: Story = {
  site: 'Sallowmere',
  built: '1984',
  units: 'imperial',
  kind: 'before-cover',
  places: [
    room('Sitting room', 'Lower floor', '16 ft x 13 ft x 8 ft', 'room-board-finishes'),
    room('Store', 'Lower floor', '9 ft x 8 ft x 8 ft', 'room-board-finishes'),
    room('Main bedroom', 'Lower floor', '14 ft x 12 ft x 8 ft', 'room-board-finishes'),
    room('Shower', 'Lower floor', '6 ft x 5 ft x 8 ft', 'bathroom-below-drain'),
  ],
  steps: [
    {
      at: 'Sitting room',
      sheet: 'A phase of the contract',
      fill: { number: '2', scope: 'the lower floor', closeOut: 'board, finishes and one key' },
      tells: [],
    },
    {
      at: 'Sitting room',
      say: 'Gas run taken to the range wall, all in, not tested. Old outlet patched with mortar, still dark and wet.',
      tells: ['still dark and wet'],
    },
    {
      at: 'Sitting room',
      sheet: 'A wire or a pipe: live or dead',
      fill: {
        what: 'two cables from the ceiling',
        sort: 'electric cable',
        state: 'said to be dead',
        how: 'the helper says so',
      },
      tells: ['two cables from the ceiling', 'Only said to be dead: treat it as live'],
    },
    {
      at: 'Sitting room',
      sheet: 'A count',
      fill: { what: 'nails in the hangers', drawn: '264', said: '261', photographed: 'on' },
      tells: ['261 said on the walk, 264 on the plan: which is right?'],
    },
    { at: 'Sitting room', photo: 'Three empty holes in the hanger at the stair', tells: ['1 photo of this walk'] },
    {
      at: 'Sitting room',
      sheet: 'How clean it must be here',
      fill: { standard: 'dust kept behind a sheet', because: 'the zone is sealed', proof: 'yes' },
      tells: ['dust kept behind a sheet'],
    },
    {
      at: 'Store',
      sheet: 'Who uses this place meanwhile',
      fill: {
        who: 'the son, for two bicycles',
        use: 'they pass through',
        assumed: 'the household stays above and never enters',
      },
      tells: ['the son, for two bicycles', 'What the price assumed: the household stays above and never enters'],
    },
    {
      at: 'Store',
      sheet: 'Found',
      fill: { text: 'The left leaf of the pocket pair rubs half way', condition: 'failed' },
      tells: ['The left leaf of the pocket pair rubs half way'],
    },
    {
      at: 'Store',
      sheet: 'A note',
      fill: { text: 'opening built 121 1/2 × 84 1/4 in, leaves 30 × 80' },
      tells: ['opening built 121 1/2 × 84 1/4 in'],
    },
    {
      at: 'Main bedroom',
      sheet: 'What happens to a part',
      fill: { part: 'the ceiling, scraped', treatment: 'reconditioned', why: 'to be textured again' },
      tells: ['the ceiling, scraped', 'reconditioned'],
    },
    {
      at: 'Main bedroom',
      sheet: 'Left to the installer',
      fill: { detail: 'closet shelves', allowed: 'three tiers on three walls, 14 in deep' },
      tells: ['closet shelves'],
    },
    {
      at: 'Shower',
      sheet: 'Something to strip out',
      fill: { element: 'slab, 11 ft × 16 in', method: 'saw part way, then chip', hours: '6' },
      tells: ['slab, 11 ft × 16 in', 'Only'],
    },
    {
      at: 'Shower',
      sheet: 'A sleeping risk',
      fill: {
        what: 'tension cables in the slab',
        assumed: 'none where it is cut',
        test: 'scan before cutting',
        decides: 'the engineer',
      },
      tells: ['tension cables in the slab', 'Who decides then: the engineer'],
    },
    {
      at: 'Shower',
      sheet: 'Stays, or is protected',
      fill: { text: '6 cubic feet of clean crushed stone', sort: 'is taken out and reused', next: 'as fill' },
      tells: ['6 cubic feet of clean crushed stone', 'is taken out and reused'],
    },
    {
      at: 'Shower',
      say: 'Slab between five and seven inches; two bars cross it and stay.',
      tells: ['Two bars cross it and stay'],
    },
  ],
  secret: 'the plumber has a short temper',
}
