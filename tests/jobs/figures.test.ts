import { describe } from 'vitest'
import { testJob } from './job'

/* What nine jobs come to by the sheets of the record, as somebody fills them in on site. */

describe('Cloverfray: a repaint along a shared wall', () => {
  testJob({
    site: 'Cloverfray',
    built: '1985',
    units: 'metric',
    told: [
      {
        register: 'face-area',
        typed: {
          what: 'render all round',
          walls: '2 x 10.4 x 2.7, 2 x 14.2 x 2.7',
          openings: '4.8 x 2.1',
          gableBase: '6.2 m',
          rise: '1.9 m',
          gables: '2',
          columns: '4',
          around: '1.2 m',
          columnTall: '2.4 m',
        },
        says: ['Columns: 4 × 1200 mm × 2400 mm = 11.52 m².', '146.06 m²'],
      },
      {
        register: 'paint-progress',
        typed: { what: 'render', surface: '146.06 m²', coats: '2', spread: '3.7 to 6' },
        says: ['86.85 L', '53.56 L'],
      },
      {
        register: 'boundary-work',
        typed: { what: 'our side', long: '9.5 to 10 m', tall: '2.7 m', rate: '30', coats: '2' },
        says: ['25.65 m² × 2 coats at 30 m² a day: 1.71 days, so 2.', '1.8 days, so 2'],
      },
      {
        register: 'face-trim',
        typed: {
          what: 'shed trim',
          windows: '600 x 450',
          joint: 'mitred',
          corners: '4',
          cornerHeight: '2 m',
          runs: '10.8 m, 1.35 m, 1.35 m, 1.35 m, 1.35 m',
          stock: '4.88 m',
          otherStock: '3.66 m',
        },
        says: ['35.012 m together', '8, or 11 of 3660 mm.'],
      },
      {
        register: 'sealant',
        typed: { what: 'joints', joint: '62 m', width: '6 mm', depth: '6 mm' },
        says: ['8.56, so 9'],
      },
    ],
  })
})

describe('Pewterfield: a wall in layers', () => {
  testJob({
    site: 'Pewterfield figures',
    built: '1975',
    units: 'imperial',
    told: [
      {
        register: 'flush-plane',
        typed: {
          what: 'trim on packers',
          layers: '1/2, 1 1/2, 3/4, 5/16',
          trim: '1 in',
          proud: '3/8 in',
          under: '2',
          trimWide: '3 1/2 in',
          edge: '1 3/4 in',
        },
        says: ['= 3 1/16".', 'Face of the trim 3 7/16"', '= 7/16".', 'The trim laps 1 3/4" of its 3 1/2".'],
      },
      {
        register: 'face-area',
        typed: { what: 'gable', gableBase: '24 ft', pitch: '9', overhang: '14 in' },
        says: [`rise 9', rake 16' 2" a side, 32' 4" in all, 108 ft²`],
      },
      {
        register: 'tile-area',
        typed: { what: 'slate veneer', surface: '155.2 ft²', kind: 'pattern or stone' },
        says: ['178.5 ft²'],
      },
      {
        register: 'escape',
        typed: {
          what: 'basement window',
          width: '27 in',
          height: '30 in',
          sill: '43 in',
          wellWide: '38 in',
          wellOut: '42 in',
          wellDeep: '50 in',
        },
        says: ['5.6 ft² clear', ': not.', '11.1 ft²', 'a ladder is needed'],
      },
    ],
  })
})

describe('Rookspindle: laid out with loose boards', () => {
  testJob({
    site: 'Rookspindle',
    built: '1905',
    units: 'metric',
    told: [
      {
        register: 'layout',
        typed: { what: 'landing', laid: '1.9 m', planned: '1.35 m', leaf: '700 mm' },
        says: ['550 mm wider than the plan.', 'With the leaf of 700 mm open 1.2 m is left, 650 mm as planned.'],
      },
      {
        register: 'layout',
        typed: { what: 'back bedroom', laid: '3.15 m', planned: '2.75 m', neighbour: 'the bath', keeps: '2.3 m' },
        says: ['the bath gets 400 mm less: 2.3 m becomes 1.9 m'],
      },
      {
        register: 'stands-between',
        typed: { what: 'bed', wide: '1.6 m', clear: '3.05 m' },
        says: ['2800 mm to 3100 mm; 3050 mm is there: passes the low end, fails the high'],
      },
      {
        register: 'room-use',
        typed: { use: 'bedroom', long: '3.0 m', wide: '2.05 m', without: 'no desk, agreed' },
        says: ['6.15 m²: under the usual least: not to be called a bedroom', '2050 mm wide, under 2150 mm'],
      },
      {
        register: 'room-use',
        typed: { use: 'bedroom', long: '3.0 m', wide: '2.15 m' },
        says: ['0.05 m² short of 6.5 m²; 2166.7 mm wide would do'],
      },
      {
        register: 'alignment',
        typed: { what: 'window axes', points: '3.415 m, 3.375 m', tolerance: '6 mm' },
        says: ['outside 6 mm'],
      },
      { register: 'wall-framing', typed: { what: 'partition', long: '4.6 m', tall: '2.5 m' }, says: ['13 studs'] },
    ],
  })
})

describe('Burdockside: a framing diary', () => {
  testJob({
    site: 'Burdockside figures',
    built: '1920',
    units: 'imperial',
    told: [
      {
        register: 'rough-opening',
        typed: { what: 'bath door', rough: '36 1/2 in', jacks: '2', cut: '66 in', longer: 'bears on the old studs' },
        says: [`= 3' 6 1/2".`, `Cut 5' 6", 1' 11 1/2" longer.`],
      },
      {
        register: 'beam',
        typed: {
          what: 'B1',
          material: 'softwood',
          width: '1 1/2 in',
          depth: '9 1/4 in',
          plies: '2',
          long: '140 in',
        },
        says: ['71.9 lb', '1.44, so 2 people'],
      },
      {
        register: 'shoring',
        typed: {
          what: 'wall at B1',
          after: 'the engineer has said so',
          opening: '11 ft 2 in',
          bay: '16 in',
          setOff: '3 ft',
        },
        says: [`= 13' 10" each side`],
      },
      { register: 'old-frame', typed: { what: 'joists over the hall', sag: '1 1/8 in' }, says: ['9 steps of 1/8"'] },
      {
        register: 'count',
        typed: {
          what: '2×6×12',
          said: '40',
          drawn: '38',
          ordered: '38',
          delivered: '38',
          used: '38',
          needed: '45',
        },
        says: [
          '40 said on the walk, 38 on the plan: which is right?',
          '7 to order: 45 needed, 38 ordered.',
          'None left.',
        ],
      },
      {
        register: 'wall-framing',
        typed: { what: 'half bath to hall', long: '9 ft 4 in', tall: '8 ft' },
        says: ['8 studs'],
      },
    ],
  })
})

describe('Plovermere: a long beam', () => {
  testJob({
    site: 'Plovermere figures',
    built: '1990',
    units: 'metric',
    told: [
      {
        register: 'beam',
        typed: {
          what: 'steel',
          material: 'by mass a metre',
          perMetre: '46',
          long: '6.6 m',
          straight: '8.2 m',
          across: '180 mm',
        },
        says: ['303.6 kg', '12.14, so 13 people', '8020 mm straight against 6600 mm: passes by 1420 mm'],
      },
      {
        register: 'pour',
        typed: { what: 'pads', long: '0.8 m', wide: '0.8 m', thick: '0.4 m', pieces: '2', place: 'in ground' },
        says: ['0.512 m³, with 10 % in ground 0.563 m³: order 0.6 m³'],
      },
      {
        register: 'rough-opening',
        typed: {
          what: 'windows in the bar',
          kind: 'window',
          width: '915 mm',
          height: '1220 mm',
          pieces: '2',
          mull: '40 mm',
          jacks: '2',
        },
        says: ['1882.7 mm', '1232.7 mm', '2034.7 mm'],
      },
      {
        register: 'weather-cover',
        typed: { what: 'roof hole', width: '5.0 m', height: '3.6 m', beyond: '1 m' },
        says: ['7000 mm', '5600 mm', '39.2 m²'],
      },
      {
        register: 'face-area',
        typed: { what: 'new gable', gableBase: '4.8 m', rise: '1.6 m', overhang: '300 mm' },
        says: ['rake 3184.4 mm a side'],
      },
      { register: 'sheathing', typed: { what: 'rear', walls: '46 m²' }, says: ['17, so 18'] },
      {
        register: 'drying',
        typed: { name: 'pads', what: 'concrete, 7 days', from: '2026-09-18' },
        says: ['Friday 25 September'],
      },
    ],
  })
})

describe('Tansymill: an old outbuilding', () => {
  testJob({
    site: 'Tansymill',
    built: '1860',
    units: 'imperial',
    told: [
      { register: 'old-frame', typed: { what: 'roof', sag: '2 3/8 in' }, says: ['19 steps of 1/8"'] },
      { register: 'old-frame', typed: { what: 'ceiling', sag: '3 to 5 in' }, says: ['24 steps', '40 steps'] },
      {
        register: 'beam',
        typed: { what: 'ridge', width: '3 1/2 in', depth: '14 in', long: '26 ft' },
        says: ['371.6 lb', '7.43, so 8 people'],
      },
      {
        register: 'beam',
        typed: { what: 'steel', material: 'by mass a metre', perMetre: '22 lb/ft', long: '15 ft' },
        says: ['330 lb', 'so 7 people'],
      },
      {
        register: 'masonry',
        typed: { what: 'joints', wall: '520 ft²', joint: '5.8 ft/ft²', rate: '14 ft an hour', day: '7', hands: '2' },
        says: [`3016'`, '215.4 h', '15.4 days of 7 h for 2'],
      },
      {
        register: 'hidden-damage',
        typed: { what: 'cornice', allowance: '12', found: '31', unitPrice: '64' },
        says: ['(31 − 12) × 64 = 1216.', 'Talk before it is covered'],
      },
    ],
  })
})

describe('Juniperwick: cabinets, a return trip due', () => {
  testJob({
    site: 'Juniperwick',
    built: '1998',
    units: 'metric',
    told: [
      {
        register: 'cabinet-fit',
        typed: { what: 'range wall', niche: '3180 mm', boxes: '450, 600, 600, 450, 300, 760', skinLeft: '4' },
        says: [
          '= 20 mm, 10 mm at each side.',
          'With the skins 6 mm at the left and 10 mm at the right: move the run 2 mm for 8 mm at each side',
        ],
      },
      {
        register: 'cabinet-heights',
        typed: {
          what: 'range wall',
          stack: '876, 32, 450, 900',
          ceilingLeft: '2340 mm',
          ceilingRight: '2331 mm',
          riser: '75',
          cover: '68',
        },
        says: ['left 82 mm, right 73 mm', 'does not go in at the right', 'Scribe between 68 mm'],
      },
      {
        register: 'fit-check',
        typed: { what: 'over-fridge unit', space: '1000 mm', takes: '965 mm' },
        says: ['35 mm left'],
      },
      {
        register: 'fit-check',
        typed: { what: 'pantry handle', space: '28 mm', takes: '34 mm', beside: 'the wall switch' },
        says: ['it does not fit, by 6 mm'],
      },
      {
        register: 'count',
        typed: { what: 'handles', said: '34', drawn: '33', ordered: '34', delivered: '31', done: '31' },
        says: ['2 or 3 missing: ask before more is ordered.', '31 of 33 done.'],
      },
      { register: 'saving', typed: { what: 'four ends left plain', pieces: '4', each: '46' }, says: ['4 × 46 = 184'] },
    ],
  })
})

describe('Heddlecroft: soffits, windows, rot', () => {
  testJob({
    site: 'Heddlecroft figures',
    built: '1964',
    units: 'imperial',
    told: [
      {
        register: 'fascia',
        typed: {
          what: 'level soffit',
          eave: '62 ft',
          depth: '16 in',
          attic: '1240 ft²',
          product: '9 in²/ft',
          boards: '38 ft x 9 1/4 in, 24 ft x 7 1/4 in',
          overlay: '3/8 in',
          underMetal: '1/4 in',
        },
        says: [
          '82.7 ft²',
          '595 in²',
          `66' 1 5/8" of this product; the eave has 62': 4' 1 5/8" short.`,
          `At 1/300 33' 13/16" would do`,
          '3/8" against 1/4" under the metal: it does not fit.',
          `38' of 9 1/4", 24' of 7 1/4"`,
        ],
      },
      {
        register: 'panel-siding',
        typed: { what: 'rear', wide: '44 ft', tall: `9' 1 1/2"`, stock: '9 ft, 10 ft' },
        says: ['11 side by side', `9' is 1 1/2" short`],
      },
      {
        register: 'face-area',
        typed: { what: 'garage gable', gableBase: '22 ft', pitch: '5', more: '15' },
        says: ['50.4 ft²', 'With 15 % for waste: 58 ft².'],
      },
      {
        register: 'face-trim',
        typed: { what: 'six windows', windows: '6 x 34 x 52 in' },
        says: [`93' together`, `(102' 3 5/8"): 9`],
      },
      {
        register: 'sealant',
        typed: { what: 'joints', joint: '210 ft', width: '1/4 in', depth: '1/4 in' },
        says: ['9.95, so 10.'],
      },
      {
        register: 'hidden-damage',
        typed: { what: 'plate under the bay', allowance: '5', found: '11', unitPrice: '34', structural: 'yes' },
        says: ['= 204.', 'Talk before it is covered'],
      },
    ],
  })
})

describe('Saltwhistle: before insulation', () => {
  testJob({
    site: 'Saltwhistle figures',
    built: '1958',
    units: 'imperial',
    told: [
      {
        register: 'staggered-wall',
        typed: { what: 'party wall', long: '18 ft', counted: '29' },
        says: ['30 studs', '29 counted, 30 by the spacing: which is right?'],
      },
      {
        register: 'beam',
        typed: {
          what: 'bolted beam',
          material: 'by mass a metre',
          perMetre: '26 lb/ft',
          long: '18 ft',
          pieces: '10 ft, 8 ft',
          straight: '12 ft',
        },
        says: ['2 pieces, 468 lb in all.', '260 lb', 'so 6 people', `passes by 2'`],
      },
      {
        register: 'pour',
        typed: { what: 'pads', long: '2 ft 6 in', wide: '2 ft 6 in', thick: '13 in', pieces: '2', place: 'in ground' },
        says: ['13.54 ft³', 'order 20.25 ft³ (0.75 yd³), or 25 bags of 80 lb'],
      },
      {
        register: 'air-sheet',
        typed: { what: 'unit bath fan', room: '40 ft²', straight: '22 ft', bends: '4' },
        says: ['50 cfm', `82' to 112'`],
      },
      {
        register: 'shelving',
        typed: { what: 'closet', back: '5 ft', side: '4 ft', depth: '18 in', tiers: '4' },
        says: [`= 40'`, '2.06 sheets, so 3'],
      },
      {
        register: 'insulation',
        typed: { what: 'cold store', surface: '249 ft²', framing: '15 to 25' },
        says: ['211.6 ft²', '186.8 ft²'],
      },
      { register: 'wall-framing', typed: { what: 'moved wall', long: '20 ft', tall: '8 ft' }, says: ['16 studs'] },
    ],
  })
})
