import { describe, expect, test } from 'vitest'
import type { Units } from '../measure/length'
import { isOpen, kindOf } from './entry'
import { entryWords, readEntry } from './entryWords'
import { ENTRY_KINDS } from './entryKinds'
import { ENTRY_GROUPS } from './entryKind'

interface Example {
  readonly units?: Units
  readonly typed: Readonly<Record<string, string>>
  /** Sentences that must follow from it. */
  readonly says: readonly string[]
  /** Beginnings of the cautions that must stand with it. */
  readonly warns?: readonly string[]
}

/** One entry of each trade's register as it is filled in on site, and what follows from it. */
const EXAMPLES: Readonly<Record<string, Example>> = {
  'room-trim': {
    units: 'imperial',
    typed: { what: 'dining room', perimeter: '52 ft', doors: '2', doorWide: '3 ft', stick: '16 ft', perDoor: '120' },
    says: [`Base 46', with 10 %: 4 sticks of 16'.`, '2 doors at €120.00: €240.00.'],
  },
  'drain-run': {
    typed: { what: 'pan to pit', state: 'new', run: '5.6 m', slope: '40', invert: '160 mm', wall: '3' },
    says: [
      '5600 mm at 1 in 40: drop 140 mm, invert 300 mm at the end.',
      'Dig 263 mm at the start and 403 mm at the end, with wall and bedding.',
    ],
  },
  trench: {
    typed: { what: 'pit', long: '3.6 m', wide: '3.3 m', deep: '1.1 m', load: '0.08 m³' },
    says: [
      'Loads of 0.08 m³: 204.19, so 205.',
      'Support or slope is judged at every depth by a competent person; nobody enters unsupported.',
    ],
  },
  fill: {
    units: 'imperial',
    typed: { what: 'under the shower', long: '11 ft', wide: '16 in', deep: '14 in', reused: '6 ft³', soil: 'clay' },
    says: ['Clay and unknown soil are refused as fill; the inspector or the engineer decides.'],
  },
  'slab-patch': {
    units: 'imperial',
    typed: { what: 'shower trench', long: '11 ft', wide: '16 in', thick: 'five to seven inches' },
    says: ['Measure before ordering: Thickness.'],
  },
  footing: {
    typed: { what: 'long footing', long: '19 m', bars: '4', crossSpacing: '3.5 m' },
    says: ['Cross walls every 3500 mm: 6.', 'Bought 96 m, laid 81.76 m, 72.6 kg.'],
  },
  pour: {
    typed: {
      what: 'all footings',
      other: '7.965 m³',
      place: 'in forms',
      ordered: '8 m³',
      forms: 'on',
      clean: 'on',
      inserts: 'on',
    },
    says: [
      'Hold sheet 3 of 10, the pour is held. Open: bars, cover of the bars, the count against the plan, the street permit, the pump, the inspection, cover against frost.',
      '0.4 m³ more than was ordered.',
    ],
  },
  'stair-levels': {
    typed: { what: 'out of the basement', rise: '1660 mm', tread: '280 mm', firstMark: '175 mm' },
    says: [
      '1660 mm at no more than 220 mm: 8 risers of 207.5 mm, run 1960 mm.',
      'The first riser is marked 175 mm instead of 207.5 mm: mark again from the finished levels.',
    ],
  },
  beam: {
    typed: { what: 'over the hall', width: '220 mm', depth: '450 mm', long: '6.8 m' },
    says: ['451 kg; over 25 kg a person 18.04, so 19 people.'],
  },
  shoring: {
    typed: {
      what: 'dining side',
      opening: '6.2 m',
      bay: '600 mm',
      setOff: '750 mm',
      after: 'the engineer has seen the beam',
    },
    says: ['6200 mm + 2 × 600 mm = 7400 mm each side, 750 mm off, props down to solid bearing.'],
  },
  hangers: {
    typed: { what: 'at the stair', hangers: '11', each: '24', missing: '3' },
    says: ['261 of 264 are in place: 3 to be filled before anything covers them.'],
  },
  'rough-opening': {
    units: 'imperial',
    typed: { what: 'store', kind: 'pair of pocket doors', width: '30 in', height: '80 in', builtWidth: '121 1/2 in' },
    says: ['Built 1/2" too narrow.'],
  },
  'wall-framing': {
    units: 'imperial',
    typed: { what: 'gable wall', long: '11 ft', tall: '16 ft', rows: '4', rowsIn: '2', fixed: 'on' },
    says: [
      'Standing is not done: not yet braced, straight.',
      `4 rows 3' 2 3/8" apart: 9 bays × 4 = 36 pieces of 1' 2 1/2", 43' 6"; 18 to go.`,
    ],
  },
  'flush-plane': {
    typed: { what: 'stone on a sill', plane: '22 mm', layers: '20 mm' },
    says: ['22 mm − 20 mm = 2 mm.'],
  },
  bulkhead: {
    typed: { what: 'A, the trunk duct', joists: '2390 mm', obstruction: '310 mm', floor: '22 mm', under: 'yes' },
    says: ['Headroom 2390 mm − 380.5 mm − 22 mm = 1987.5 mm: ask the authority.'],
  },
  'bulkhead-frame': {
    typed: { what: 'B, over the lateral', long: '10.8 m', standing: '12' },
    says: ['10.8 m at 600 mm: 18 spaces, 19 rungs; plates 21.6 m.', '12 of 19 rungs are in: 63 %.'],
  },
  'wall-thickness': {
    units: 'imperial',
    typed: { what: 'pantry wall', faces: '2', plaster: '7/8 in', lath: '3/8 in', board: '1/2 in' },
    says: [`A face gains 7/8" + 3/8" − 1/2" = 3/4"; 2 of them less 0": 1 1/2".`],
  },
  'staggered-wall': {
    typed: { what: 'party wall', long: '4 m' },
    says: ['Two rows of 11: 22 studs, offset 200 mm. Insulate the whole length; no bridges, no boxes back to back.'],
  },
  square: {
    typed: { what: 'the deck', first: '5000 mm', second: '5012 mm' },
    says: ['The diagonals differ by 12 mm.'],
  },
  'recessed-lights': {
    typed: { what: 'kitchen', long: '5 m', wide: '4 m', ceiling: '2.4 m' },
    says: ['1200 mm apart, 600 mm off the walls: 5 × 4 = 20.'],
  },
  sheathing: {
    typed: { what: 'all faces with the pocket', walls: '100.7 m²' },
    says: ['100.7 m² + 10 % on sheets of 2.97 m²: 37.3, so 38.'],
  },
  'mounting-blocks': {
    typed: { what: 'east wall', hoses: '2', receptacles: '1', vents: '1' },
    says: ['One block each: 4. A block is as thick as the cladding and the gap behind it.'],
  },
  sealant: { typed: { what: 'around the windows', joint: '30 m' }, says: ['30 m of 6 mm × 6 mm + 15 %: 4.14, so 5.'] },
  'boundary-work': {
    typed: { what: 'the gable', long: '8 m', tall: '5 m', rate: '10' },
    says: ['No leave to pass yet.'],
  },
  backing: { typed: { for: 'a rail by the bath', centre: '900 mm' }, says: [] },
  'old-frame': {
    units: 'imperial',
    typed: { what: 'sag over the hall', ends: '10 in', middle: '12 in' },
    says: [
      '2" of sag, 16 steps of 1/8", all jacks together, with rests.',
      'Measure at both ends and the middle before the first step; note each step, and what is there after it.',
    ],
  },
  alignment: {
    typed: { what: 'reveal at the roof window', points: '3 mm, 3 mm, 4 mm, 6 mm' },
    says: ['6 mm lies outside 2 mm of 3 mm: 3 mm off.'],
  },
  'face-area': {
    typed: { what: 'front', walls: '12.2 x 2.72', openings: '4.9 x 2.13, 2 x 1.2 x 1.3' },
    says: ['33.18 m² less 3 of 3 openings (13.56 m²): 19.63 m²; those up to 1 m² are not taken off.'],
  },
  'face-siding': {
    typed: { what: 'lap board', height: '2720 mm', exposure: '203 mm', walls: '90.94 m²' },
    says: ['2720 mm at no more than 203 mm: 14 courses of 194.3 mm.'],
  },
  'face-trim': {
    units: 'imperial',
    typed: { what: 'all openings', windows: '4 x 36 x 48 in, 24 x 36 in', doors: '60 x 80 in' },
    says: [`Cut list on sticks of 12': 8. By net and 10 % waste (99' 9 7/8"): 9.`],
  },
  'panel-siding': {
    units: 'imperial',
    typed: { what: 'rear', wide: '44 ft', tall: `9' 1 1/2"`, stock: '8 ft, 9 ft, 10 ft' },
    says: [
      `44' at 4': 11, so 11 side by side.`,
      `10' reaches 9' 1 1/2": 11 of them. 9' is 1 1/2" short: a frieze or a flashed joint would do with those.`,
    ],
  },
  'cabinet-heights': {
    typed: {
      what: 'range wall',
      stack: '876, 32, 450, 900',
      ceilingLeft: '2340 mm',
      ceilingRight: '2331 mm',
      riser: '75',
      cover: '68',
    },
    says: [
      '876 mm + 32 mm + 450 mm + 900 mm = 2258 mm; left 82 mm, right 73 mm to the ceiling.',
      'A riser of 75 mm does not go in at the right.',
      'Scribe between 68 mm, which covers what has to be covered, and 73 mm.',
    ],
  },
  'fit-check': {
    typed: { what: 'the pantry handle', space: '28 mm', takes: '34 mm' },
    says: ['34 mm against 28 mm: it does not fit, by 6 mm.'],
  },
  fascia: {
    typed: { what: 'eaves', eave: '37.8 m', depth: '450 mm' },
    says: ['Fascia 37.8 m at the eave and 0 mm at the rake; soffit 17.01 m².'],
  },
  barrier: {
    typed: { what: 'all faces', walls: '100.7 m²' },
    says: ['100.7 m² + 15 %: 115.8 m²; 2 rolls of 84 m² or 1 of 125 m².'],
  },
  flashing: {
    typed: { interface: 'base of the wall', runs: '3.6 m, 4.9 m, 1.9 m' },
    says: [
      'Not yet lapped by the barrier.',
      '3600 mm: 1.21, so 2; 4900 mm: 1.65, so 2; 1900 mm: 0.62, so 1; 5 together.',
    ],
  },
  'weather-cover': {
    typed: { what: 'rear windows', width: '2 m', height: '1.5 m' },
    says: ['Look at it again after every storm.'],
  },
  'roof-part': { typed: { what: 'dormer', stage: 'decked' }, says: [] },
  masonry: {
    typed: { what: 'garden wall', wall: '19.8 m²', rate: '5', day: '7.5' },
    says: ['19.8 m² × 17.2 m: 340.56 m of joint, 68.1 h, 9.1 days of 7.5 h.'],
  },
  'window-set': { typed: { what: 'escape window', set: 'on' }, says: [] },
  'rough-move': {
    typed: { what: 'shower valve', trade: 'plumber', from: 'outer wall', to: 'inner wall' },
    says: ['Not tested: its stage shows 90 % at most.'],
  },
  'air-sheet': {
    typed: { what: 'fan over the bath', room: '7.44 m²', straight: '7.5 m', bends: '3' },
    says: [
      '7.44 m²: 80 cfm (38 L/s).',
      'Equivalent length 22.74 m to 30.36 m with bends and hood: a fan whose curve gives the flow there.',
    ],
  },
  'device-box': {
    typed: { what: 'three switches', height: '1100 mm', gangs: '3', between: '138 mm' },
    says: ['3 gangs take about 146 mm, 138 mm is there: 8 mm short.'],
  },
  'access-hatch': { typed: { serves: 'the junction box', wide: '300 mm' }, says: [] },
  provision: { typed: { what: 'conduit for a second screen', ends: 'recess and cupboard' }, says: [] },
  'moving-test': {
    typed: { what: 'left leaf', result: 'failed', fault: 'rubs half way' },
    says: ['It failed: its wall is held.'],
  },
  release: { typed: { trade: 'electrician', before: 'board' }, says: [] },
  'pre-cover-photos': { typed: { wall: 'window wall', tape: 'on' }, says: [] },
  outage: {
    typed: { what: 'hot water', on: '2026-04-23', from: '9', hours: '4' },
    says: [
      'Off on Thursday 23 April from 9 to 13 h; told by Tuesday 21 April, 9 h, with what works meanwhile.',
      'Nobody has been told yet.',
    ],
  },
  insulation: {
    typed: { what: 'outer walls', surface: '40 m²', bag: '5.4 m²' },
    says: ['40 m² − 15 % = 34 m²; bags of 5.4 m²: 6.3, so 7.'],
  },
  'board-type': {
    typed: { what: 'bath', type: 'moisture', surface: '22 m²' },
    says: ['22 m² + 10 % on sheets of 2.88 m²: 8.4, so 9.'],
  },
  'finish-level': {
    typed: { what: 'stairwell', light: 'tall and raking', work: '4.2 to 4.7 m' },
    says: [
      'Raking light: two coats, tried by lamp and level.',
      '4200 mm − 1800 mm = 2400 mm. At the other end: 4700 mm − 1800 mm = 2900 mm.',
    ],
  },
  drying: {
    typed: { name: 'old outlet', what: 'mortar patch', from: '2026-06-10', wet: 'on' },
    says: ['Still wet: nothing covers it.', '1 to 7 days: Thursday 11 June at best, Wednesday 17 June to be safe.'],
  },
  'finish-order': { typed: { order: 'paint before cabinets', why: 'no cutting in' }, says: [] },
  'floor-finish': {
    typed: { what: 'oak', surface: '24 m²', box: '2.2 m²' },
    says: ['24 m² + 10 % = 26.4 m²; boxes of 2.2 m²: 12, so 12.'],
  },
  'cabinet-fit': {
    typed: { what: 'fridge niche', niche: '590 mm', boxes: '600 mm' },
    says: [
      '10 mm too little: build out, or another box.',
      'The niche is not measured after board yet: not to be ordered.',
    ],
  },
  countertop: {
    typed: { what: 'kitchen', runs: '3.0 x 0.6, 1.2 x 0.6' },
    says: ['Template only when the bases are fixed and the appliances are on site.'],
  },
  'tile-area': {
    typed: { what: 'shower', surface: '10 m²', kind: 'tumbled stone', membrane: '8 m²' },
    says: ['10 m² + 20 % = 12 m².'],
  },
  rail: { typed: { what: 'landing', long: '3 m', temporary: 'the glass is in' }, says: [] },
  'paint-progress': {
    typed: { what: 'soffits', surface: '17.01 m²', coats: '2', spread: '7.4' },
    says: ['17.01 m² × 2 coats / 7.4 m² a litre + 10 %: 5.06 L, so 5.1 L.'],
  },
  shelving: {
    units: 'imperial',
    typed: { what: 'main closet', back: '6 ft 6', side: '3 ft', depth: '14 in', tiers: '3' },
    says: [`3 × (6' 6" + 2 × (3' − 1' 2")) = 30' 6"; 1.22 sheets, so 2.`],
  },
  'caution-read': { typed: { caution: 'Gas', who: 'Ada' }, says: ['To have read it clears nothing.'] },
  permit: { typed: { what: 'street', state: 'asked for', before: 'the pour' }, says: ['The pour waits for it.'] },
  'licensed-task': {
    typed: { what: 'lift the gas line', sort: 'gas', who: 'the fitter', licence: 'G-114' },
    says: [],
    warns: ['Gas'],
  },
  'engineer-value': {
    typed: { element: 'cover of bars', value: '75', found: '50' },
    says: ['50 instead of 75: it is held until the engineer answers.'],
  },
  escape: {
    typed: { what: 'basement', width: '820 mm', height: '610 mm', sill: '1060 mm' },
    says: ['Only the authority decides; nothing here approves it.'],
  },
  'fire-sound': { typed: { wall: 'party wall', against: 'both' }, says: [] },
  fireplace: {
    typed: { what: 'on site, boxed', fuel: 'gas, vent-free' },
    says: ['Vent-free: whether it may stand here, and in how large a room, is the authority’s question.'],
  },
  inspection: {
    typed: { what: 'framing', result: 'failed', corrections: 'bracing' },
    says: ['Nothing here may be covered before it has passed.'],
  },
  'set-up': { typed: { what: 'mini digger', sort: 'plant', broken: 'a hose; spare on the van' }, says: [] },
  'delivery-path': {
    typed: { way: 'alley', narrowest: '740 mm', straight: '5 m', piece: '6.8 m' },
    says: ['The longest piece is longer than the straight run: another opening, a hoist, or the engineer’s splice.'],
  },
  protection: { typed: { what: 'porch floor', level: 'cloth', why: 'it goes anyway' }, says: [] },
}
const TRADE_GROUPS = ['approval', 'ground', 'structure', 'envelope', 'rough', 'cover', 'finish']

describe('the registers of the trades', () => {
  test.each(Object.entries(EXAMPLES))('%s', (id, { units = 'metric', typed, says, warns = [] }) => {
    const kind = kindOf(id)
    const values = readEntry(kind, (key) => typed[key] ?? '', units)
    const words = entryWords({ kind: id, values }, units, true)
    expect(words.reckoned).toEqual(expect.arrayContaining([...says]))
    for (const begin of warns) expect(words.cautions.map(({ what }) => what).join('|')).toContain(begin)
  })
  test('each has an example, and a group that the lists show', () => {
    const all = ENTRY_KINDS.filter((kind) => TRADE_GROUPS.includes(kind.group)).map((kind) => kind.id)
    expect(all.filter((id) => !(id in EXAMPLES))).toEqual([])
    for (const kind of ENTRY_KINDS) expect(Object.keys(ENTRY_GROUPS)).toContain(kind.group)
    expect(new Set(ENTRY_KINDS.map((kind) => kind.id)).size).toBe(ENTRY_KINDS.length)
  })
  test('a sum says what it still lacks, and what cannot be read', () => {
    const lacks = entryWords({ kind: 'footing', values: { what: 'pad', bars: 4 } }, 'metric', true)
    expect(lacks.reckoned).toEqual(['Still to be told for a sum: Length of a bar, laid.'])
    const unread = entryWords(
      { kind: 'floor-finish', values: { what: 'oak', surface: 'big', box: '2 m²' } },
      'metric',
      true,
    )
    expect(unread.reckoned).toEqual(['Floor: "big" cannot be read as an area, like 12.5 m² or 310 ft².'])
    expect(entryWords({ kind: 'beam', values: { what: 'later' } }, 'metric', true).reckoned).toEqual([])
  })
  test('nobody without a licence is given a licensed task', () => {
    const typed: Record<string, string> = { what: 'lift the gas line', sort: 'gas', who: 'the owner' }
    expect(() => readEntry(kindOf('licensed-task'), (key) => typed[key] ?? '', 'metric')).toThrow(
      'Their licence: give it',
    )
  })
  test('what holds the cover is open until it is settled', () => {
    for (const kind of ENTRY_KINDS.filter((one) => one.holdsCover)) {
      expect(kind.settle, kind.id).toBeDefined()
      expect(isOpen({ kind: kind.id, settled: null })).toBe(true)
    }
  })
})
