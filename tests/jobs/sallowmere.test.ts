import { describe } from 'vitest'
import { testJob } from './job'

/** The walk before board, second phase of an occupied house. */
describe('Sallowmere', () => {
  testJob({
    site: 'Sallowmere',
    built: '1984',
    units: 'imperial',
    told: [
      {
        register: 'hangers',
        typed: { what: 'from the second beam', hangers: '11', each: '24', missing: '3' },
        says: [
          '11 × 24 = 264; with 5 % 277.2, so 278',
          '261 of 264 are in place: 3 to be filled before anything covers them.',
        ],
      },
      {
        register: 'rough-opening',
        typed: {
          what: 'pair of pocket doors',
          kind: 'pair of pocket doors',
          width: '30 in',
          height: '80 in',
          builtWidth: '121 1/2 in',
          builtHeight: '84 1/4 in',
        },
        says: ['Built 1/2" too narrow.', `10' 2"`],
      },
      {
        register: 'slab-patch',
        typed: { what: 'shower trench', long: '11 ft', wide: '16 in', thick: 'between five and seven inches' },
        says: ['Measure before ordering: Thickness.', '6.11 ft³', '8.56 ft³', '12 bags of 80 lb', '16 bags of 80 lb'],
      },
      {
        register: 'fill',
        typed: { what: 'under the slab', long: '11 ft', wide: '16 in', deep: '14 in', reused: '6 ft³', soil: 'clay' },
        says: [
          '17.11 ft³ (0.634 yd³) less 6 ft³',
          'order 12.78 ft³ (0.473 yd³) to 13.89 ft³ (0.514 yd³)',
          '2 layers of 7"',
          'Clay and unknown soil are refused as fill',
        ],
      },
      {
        register: 'shelving',
        typed: { what: 'closet', back: '6 ft 6', side: '3 ft', depth: '14 in', tiers: '3' },
        says: [`3 × (6' 6" + 2 × (3' − 1' 2")) = 30' 6"`, '1.22 sheets, so 2.'],
      },
      {
        register: 'rough-move',
        typed: { what: 'gas run to the range wall', trade: 'gas-fitter', to: 'the range wall' },
        says: ['Not tested: its stage shows 90 % at most.'],
      },
      {
        register: 'drying',
        typed: { name: 'the patched outlet', what: 'mortar patch', from: '2026-06-10', wet: 'on' },
        says: ['Thursday 11 June at best, Wednesday 17 June to be safe', 'Still wet: nothing covers it.'],
      },
      {
        register: 'moving-test',
        typed: { what: 'the left leaf', result: 'failed', fault: 'rubs half way' },
        says: ['It failed: its wall is held.'],
      },
      {
        register: 'service',
        typed: { what: 'two cables from the ceiling', sort: 'electric cable', state: 'said to be dead' },
        says: ['Only said to be dead: treat it as live'],
      },
    ],
  })
})
