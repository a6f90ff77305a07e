import { describe, expect, test } from 'vitest'
import type { Units } from '../measure/length'
import { calculationById, CALCULATIONS } from './calculations'
import { FT, FT2, FT3, GALLON, INCH, LB, YD3 } from './printer'
import { runCalculation, type Figure } from './runCalculation'

type Told = Readonly<Record<string, unknown>>
interface Example {
  readonly what: string
  readonly units?: Units
  readonly told: Told
  /** Outputs in the unit that the factor stands for: 25.4 for inches of millimetres. */
  readonly gives: Readonly<Record<string, number | string | readonly [number, number]>>
  readonly in?: Readonly<Record<string, number>>
  readonly warns?: string
}

/** The sums that a careful tradesperson would do by hand, by calculation. */
const EXAMPLES: Readonly<Record<string, readonly Example[]>> = {
  'C-00': [
    {
      what: '12 ft 3 5/8 in',
      units: 'imperial',
      told: { size: `12' 3 5/8"` },
      gives: { size: 147.625 },
      in: { size: INCH },
    },
    {
      what: 'five to seven inches',
      units: 'imperial',
      told: { size: 'five to seven inches' },
      gives: { size: [5, 7] },
      in: { size: INCH },
    },
  ],
  'C-01': [
    {
      what: 'the trim of a shed: base, corners, rakes and a window',
      told: {
        runs: '10.8 m, 1.35 m, 1.35 m, 1.35 m, 1.35 m',
        corners: 4,
        cornerHeight: '2 m',
        windows: '600 x 450',
        joint: 'mitred',
        stock: '4.88 m',
        otherStock: '3.66 m',
      },
      gives: { net: 35012, sticksByWaste: 8, otherSticks: 11 },
    },
    {
      what: 'a 36 × 60 in window',
      units: 'imperial',
      told: { windows: '36 x 60 in' },
      gives: { net: 206 },
      in: { net: INCH },
    },
    {
      what: 'a 36 × 80 in door',
      units: 'imperial',
      told: { doors: '36 x 80 in' },
      gives: { net: 203 },
      in: { net: INCH },
    },
    {
      what: 'a house: four windows, a small one and a patio door pack on eight sticks where longest-first takes nine',
      units: 'imperial',
      told: { windows: '4 x 36 x 48 in, 24 x 36 in', doors: '60 x 80 in' },
      gives: { net: 1089, sticks: 8, sticksByWaste: 9 },
      in: { net: INCH },
    },
    {
      what: 'the same without the small window',
      units: 'imperial',
      told: { windows: '4 x 36 x 48 in', doors: '60 x 80 in' },
      gives: { net: 955 },
      in: { net: INCH },
    },
    {
      what: 'five corners of two boards',
      told: { corners: 5, cornerHeight: 2720, stock: 5000 },
      gives: { net: 27200 },
    },
    { what: 'doors outside with 114', told: { doors: '0.9 x 2.1', face: 114, stock: 4880 }, gives: { net: 5328 } },
    { what: 'doors inside with 70', told: { doors: '0.9 x 2.1', face: 70, stock: 4880 }, gives: { net: 5240 } },
    {
      what: 'mitred',
      told: { windows: '900 x 1200 mm', face: 89, joint: 'mitred' },
      gives: { net: 2 * 1078 + 2 * 1378 },
    },
  ],
  'C-02': [
    {
      what: 'a rendered bungalow with two gable tops and four columns',
      told: {
        walls: '2 x 10.4 x 2.7, 2 x 14.2 x 2.7',
        gableBase: '6.2 m',
        rise: '1.9 m',
        gables: 2,
        columns: 4,
        around: '1.2 m',
        columnTall: '2.4 m',
        openings: '4.8 x 2.1',
      },
      gives: { gableArea: 11.78, columnArea: 11.52, deducted: 10.08, net: 146.06 },
    },
    {
      what: 'a garage gable with its waste',
      units: 'imperial',
      told: { gableBase: '22 ft', pitch: 5, more: 15 },
      gives: { net: 50.417, order: 57.979 },
      in: { net: FT2, order: FT2 },
    },
    {
      what: 'a gable of 28 ft at 6 in 12, twice',
      units: 'imperial',
      told: { gableBase: '28 ft', pitch: 6, gables: 2 },
      gives: { gableArea: 196, rise: 84 },
      in: { gableArea: FT2, rise: INCH },
    },
    {
      what: 'a wall where the small window is not taken off',
      units: 'imperial',
      told: { walls: '63 ft x 8 ft 2 in', openings: '4 x 36 x 48 in, 24 x 36 in, 60 x 80 in' },
      gives: { gross: 514.5, net: 433.17 },
      in: { gross: FT2, net: FT2 },
    },
    {
      what: 'a front with a garage door',
      told: { walls: '12.2 x 2.72', openings: '4.9 x 2.13, 2 x 1.2 x 1.3' },
      gives: { net: 19.627 },
    },
    {
      what: 'a face whose one window is too small to take off',
      told: { walls: '8.8 x 2.72', openings: '0.6 x 0.9' },
      gives: { net: 23.936 },
    },
  ],
  'C-03': [
    {
      what: '98 in at 7, walls and gables apart',
      units: 'imperial',
      told: { height: '98 in', exposure: '7 in', walls: '484.7 ft²', gables: '196 ft²' },
      gives: { courses: 14, balanced: 7, boards: 108.37, order: 109 },
      in: { balanced: INCH },
    },
    {
      what: '2 720 at 203, boards of 3.66 m',
      told: { height: 2720, exposure: 203, walls: 90.94 },
      gives: { courses: 14, balanced: 194.286, order: 141 },
    },
    {
      what: 'a wall of 9 ft',
      units: 'imperial',
      told: { height: '9 ft', exposure: '7 in', walls: '414 ft²' },
      gives: { courses: 16, balanced: 6.75, order: 68 },
      in: { balanced: INCH },
    },
  ],
  'C-04': [
    {
      what: '63 ft of wall, the strip 15 to 16 in',
      units: 'imperial',
      told: { wall: '63 ft', strip: '15 to 16 in', doors: '5 ft' },
      gives: { sections: 8, stripsPerSheet: [2, 3], sheets: [3, 4], plate: 58, studFeet: 49 },
      in: { plate: FT },
      warns: 'Measure before ordering: Height of the strip.',
    },
    {
      what: '38 ft at 16 in',
      units: 'imperial',
      told: { wall: '38 ft', strip: '16 in' },
      gives: { sections: 5, stripsPerSheet: 2, sheets: 3, studFeet: 30 },
    },
    {
      what: 'and at 15 7/8 in',
      units: 'imperial',
      told: { wall: '38 ft', strip: '15 7/8 in' },
      gives: { stripsPerSheet: 3, sheets: 2 },
    },
  ],
  'C-05': [
    { what: '414 ft²', units: 'imperial', told: { walls: '414 ft²' }, gives: { order: 15 } },
    { what: '100.7 m²', told: { walls: 100.7 }, gives: { sheets: 37.26, order: 38 } },
  ],
  'C-06': [{ what: '100.7 m²', told: { walls: 100.7 }, gives: { needed: 115.805, smallRolls: 2, largeRolls: 1 } }],
  'C-07': [
    { what: '38 ft with 3 in lap', units: 'imperial', told: { runs: '38 ft' }, gives: { pieces: 4 } },
    { what: 'a side of 8.8 m', told: { runs: '8.8 m' }, gives: { pieces: 3 } },
    { what: 'three runs between doors', told: { runs: '3.6 m, 4.9 m, 1.9 m' }, gives: { pieces: 5, run: 10400 } },
  ],
  'C-08': [
    { what: 'two hoses, a receptacle and a hood', told: { hoses: 2, receptacles: 1, vents: 1 }, gives: { blocks: 4 } },
  ],
  'C-09': [
    {
      what: 'vented board that the eave is too short for',
      units: 'imperial',
      told: {
        eave: '62 ft',
        depth: '16 in',
        attic: '1240 ft2',
        product: '9 in2/ft',
        overlay: '3/8 in',
        underMetal: '1/4 in',
      },
      gives: { soffit: 82.667, ventedLength: 66.133, ventedShort: 4.133, fits: 'no' },
      in: { soffit: FT2, ventedLength: FT, ventedShort: FT },
    },
    {
      what: 'eaves of 37.8 m, 450 deep, over an attic of 90 m²',
      told: { eave: '37.8 m', depth: 450, attic: 90 },
      gives: { fascia: 37800, soffit: 17.01, freeVent: 0.6, atEave: 0.3 },
    },
  ],
  'C-10': [
    {
      what: '17 m² of wood soffit, twice',
      told: { surface: 17.01, coats: 2, spread: 7.4 },
      gives: { litres: 5.057, order: 5.1 },
    },
  ],
  'C-11': [
    {
      what: 'a tube does 24 ft of 1/4 in',
      units: 'imperial',
      told: { joint: '24 ft', more: 0 },
      gives: { tubes: 0.989, order: 1 },
    },
    { what: 'a tube does 8.3 m of 6 mm', told: { joint: 8300, more: 0 }, gives: { tubes: 0.996, order: 1 } },
  ],
  'C-12': [
    {
      what: 'a duct 310 under joists at 2 390',
      told: { joists: 2390, obstruction: 310, floor: 22, under: 'yes' },
      gives: { drop: 380.5, headroom: 1987.5, verdict: 'ask the authority' },
      warns: 'Headroom is the authority’s to decide; nothing here approves it.',
    },
    {
      what: 'a gas line over cabinets whose tops are at 2 070',
      told: { joists: 2390, obstruction: 330, floor: 22, underside: 2070 },
      gives: { insideLine: 247.5, rise: 82.5, riseWithClearance: 102.5 },
    },
  ],
  'C-13': [
    { what: '22 ft', units: 'imperial', told: { long: '22 ft' }, gives: { rungs: 12 } },
    { what: '5.2 m', told: { long: '5.2 m' }, gives: { rungs: 10 } },
    { what: '10.8 m is exactly 18 spaces', told: { long: '10.8 m' }, gives: { rungs: 19, plates: 21600 } },
  ],
  'C-14': [
    {
      what: 'a box over a floor',
      told: { height: 430, floor: 22, layers: '12.5 mm' },
      gives: { finished: 408, projection: 12.5 },
    },
    {
      what: 'three gangs between studs 138 apart',
      told: { height: 1100, gangs: '3', between: 138 },
      gives: { needed: 146, short: 8 },
    },
  ],
  'C-15': [
    {
      what: 'trim on a packer, proud of the siding',
      units: 'imperial',
      told: {
        layers: '1/2, 1 1/2, 3/4, 5/16',
        trim: '1 in',
        proud: '3/8 in',
        under: 2,
        trimWide: '3 1/2 in',
        edge: '1 3/4 in',
      },
      gives: { stack: 3.0625, trimFace: 3.4375, packer: 0.4375, lap: 1.75 },
      in: { stack: INCH, trimFace: INCH, packer: INCH, lap: INCH },
    },
    { what: 'a sill set out 22 for stone of 20', told: { plane: 22, layers: '20 mm' }, gives: { gap: 2 } },
    { what: 'a half wall', told: { plane: 900, layers: '868 mm, 32 mm' }, gives: { gap: 0 } },
    {
      what: 'boxes of 16 in on a line of 22',
      units: 'imperial',
      told: { plane: '22 in', layers: '16 in' },
      gives: { gap: 6 },
      in: { gap: INCH },
    },
  ],
  'C-16': [
    {
      what: 'both sides of a wall',
      units: 'imperial',
      told: { faces: 2, plaster: '7/8 in', lath: '3/8 in', board: '1/2 in' },
      gives: { face: 0.75, gain: 1.5 },
      in: { face: INCH, gain: INCH },
    },
    {
      what: 'an outer wall that loses',
      units: 'imperial',
      told: { faces: 1, plaster: '7/8 in', lath: '3/8 in', board: '1/2 in', furring: '1 1/2 in' },
      gives: { gain: -0.75 },
      in: { gain: INCH },
    },
  ],
  'C-17': [
    {
      what: 'a wall laid 20 short',
      told: { laid: 2580, planned: 2600, neighbour: 3000 },
      gives: { difference: -20, neighbour: 3020 },
    },
  ],
  'C-18': [
    {
      what: 'two windows joined with a mull',
      told: { kind: 'window', width: '915 mm', height: '1220 mm', pieces: 2, mull: '40 mm', jacks: 2 },
      gives: { widthLow: 1882.7, heightLow: 1232.7, header: 2034.7 },
    },
    {
      what: 'a header cut longer, to the old studs',
      units: 'imperial',
      told: { rough: '36 1/2 in', jacks: 2, cut: '66 in' },
      gives: { header: 42.5, cutLonger: 23.5 },
      in: { header: INCH, cutLonger: INCH },
    },
    {
      what: 'two jacks a side',
      units: 'imperial',
      told: { rough: '36 in', jacks: 2 },
      gives: { header: 42 },
      in: { header: INCH },
    },
    { what: 'an escape window', told: { kind: 'window', rough: 900, jacks: 2 }, gives: { header: 1052 } },
    {
      what: 'a pair of pocket doors built half an inch short',
      units: 'imperial',
      told: {
        kind: 'pair of pocket doors',
        width: '30 in',
        height: '80 in',
        builtWidth: '121 1/2 in',
        builtHeight: '84 1/4 in',
      },
      gives: { widthLow: 122, widthHigh: 122, heightLow: 84, heightHigh: 84.5, widthShort: 0.5, fits: 'no' },
      in: { widthLow: INCH, widthHigh: INCH, heightLow: INCH, heightHigh: INCH, widthShort: INCH },
    },
    {
      what: 'a pocket door of 32 × 88 in',
      units: 'imperial',
      told: { kind: 'pocket door', width: '32 in', height: '88 in' },
      gives: { widthLow: 65, heightLow: 92, heightHigh: 92.5 },
      in: { widthLow: INCH, heightLow: INCH, heightHigh: INCH },
    },
  ],
  'C-19': [
    {
      what: 'a steel beam in two pieces past a stair',
      units: 'imperial',
      told: {
        material: 'by mass a metre',
        perMetre: '26 lb/ft',
        long: '18 ft',
        pieces: '10 ft, 8 ft',
        straight: '12 ft',
      },
      gives: { weight: 468, longest: 260, people: 6, spare: 2 },
      in: { weight: LB, longest: LB, spare: FT },
    },
    {
      what: 'one beam through a gable window',
      told: { material: 'by mass a metre', perMetre: 46, long: '6.6 m', straight: '8.2 m', across: '180 mm' },
      gives: { weight: 303.6, people: 13, spare: 1420 },
    },
    {
      what: '5 1/4 × 16 in of 22 ft',
      units: 'imperial',
      told: { width: '5 1/4 in', depth: '16 in', long: '22 ft' },
      gives: { weight: 539, people: 11 },
      in: { weight: LB },
    },
    {
      what: '220 × 450 of 6.8 m',
      told: { width: 220, depth: 450, long: '6.8 m' },
      gives: { weight: 451.04, people: 19 },
    },
    {
      what: 'steel of 46 kg a metre',
      told: { material: 'by mass a metre', perMetre: 46, long: '6.1 m' },
      gives: { weight: 280.6, people: 12 },
    },
  ],
  'C-20': [
    { what: '14 hangers of 36', told: { hangers: 14, each: 36 }, gives: { total: 504, order: 530 } },
    {
      what: '11 hangers of 24, three holes empty',
      told: { hangers: 11, each: 24, missing: 3 },
      gives: { total: 264, withMore: 277.2, order: 278, seen: 261 },
    },
    {
      what: '12 of 54 in boxes of 250',
      told: { hangers: 12, each: 54, box: 250 },
      gives: { total: 648, withMore: 680.4, order: 681, boxes: 3 },
    },
  ],
  'C-21': [
    {
      what: 'a gable wall of 11 ft with four rows, two in',
      units: 'imperial',
      told: { long: '11 ft', tall: '16 ft', rows: 4, rowsIn: 2 },
      gives: { studs: 10, bays: 9, rowSpacing: 38.4, blocks: 36, blockLength: 14.5, blocking: 43.5, blocksToGo: 18 },
      in: { rowSpacing: INCH, blockLength: INCH, blocking: FT },
    },
  ],
  'C-22': [
    {
      what: '4 tiers, 16 in deep',
      units: 'imperial',
      told: { back: '7 ft', side: '4 ft', depth: '16 in', tiers: 4 },
      gives: { shelf: 49.333 },
      in: { shelf: FT },
    },
    {
      what: '3 tiers, 14 in deep',
      units: 'imperial',
      told: { back: '6 ft 6', side: '3 ft', depth: '14 in', tiers: 3 },
      gives: { shelf: 30.5, sheets: 1.223, order: 2 },
      in: { shelf: FT },
    },
  ],
  'C-23': [
    {
      what: '62 ft at 1/8 in a foot from an invert of 38 in',
      units: 'imperial',
      told: { run: '62 ft', slope: 96, invert: '38 in', wall: '1/4 in', bedding: '4 in' },
      gives: { drop: 7.75, digStart: 42.25, digEnd: 50 },
      in: { drop: INCH, digStart: INCH, digEnd: INCH },
      warns: `Deeper than 4': a ladder.`,
    },
    {
      what: '5.6 m at 1 in 40',
      told: { run: '5.6 m', invert: 160 },
      gives: { drop: 140, invertEnd: 300, digEnd: 403 },
    },
    {
      what: '14.5 m at 1 in 60',
      told: { run: '14.5 m', slope: 60, invert: 620, wall: 4 },
      gives: { drop: 241.667, invertEnd: 861.667, digEnd: 965.667 },
    },
    {
      what: '18 ft at 1/4 in a foot with 5 in to be had',
      units: 'imperial',
      told: { run: '18 ft', available: '5 in' },
      gives: { drop: 4.5, spare: 0.5 },
      in: { drop: INCH, spare: INCH },
    },
  ],
  'C-24': [
    {
      what: 'a trench in clay, 62 ft by 2, deeper at its end',
      units: 'imperial',
      told: { long: '62 ft', wide: '2 ft', deep: '42 1/4 in', deepEnd: '50 in', soil: 'clay' },
      gives: { bank: 17.653, looseLow: 22.949, looseHigh: 24.714, loadsLow: 2, loadsHigh: 3 },
      in: { bank: YD3, looseLow: YD3, looseHigh: YD3 },
    },
    {
      what: 'a pit by barrow',
      told: { long: '3.6 m', wide: '3.3 m', deep: '1.1 m', load: 0.08 },
      gives: { bank: 13.068, looseLow: 16.335, loadsLow: 205 },
    },
    {
      what: 'a heap measured loose',
      told: { measured: 46, looseAlready: 'yes' },
      gives: { bank: 36.8, looseLow: 46, loadsLow: 6, loadsHigh: 6 },
    },
  ],
  'C-25': [
    {
      what: 'a patch over a drain',
      told: { long: '5.6 m', wide: 450, thick: 100 },
      gives: { net: 0.252, withMore: 0.2772, order: 0.4, bagsLow: 24, bagsHigh: 26 },
    },
    {
      what: 'a slab between five and seven inches',
      units: 'imperial',
      told: { long: '11 ft', wide: '16 in', thick: 'between five and seven inches' },
      gives: { net: [6.111, 8.556], order: [6.75, 13.5], bagsLow: [12, 16] },
      in: { net: FT3, order: FT3 },
      warns: 'Measure before ordering: Thickness.',
    },
    {
      what: '20 × 1.5 ft × 5 in',
      units: 'imperial',
      told: { long: '20 ft', wide: '1.5 ft', thick: '5 in' },
      gives: { net: 12.5, bagsLow: 23 },
      in: { net: FT3 },
    },
    {
      what: 'four footings, 8 ordered',
      told: { other: 7.965, place: 'in forms', ordered: 8 },
      gives: { withMore: 8.363, order: 8.4, short: 0.4 },
    },
    {
      what: 'four pads',
      told: { long: 1100, wide: 1100, thick: 500, pieces: 4 },
      gives: { net: 2.42, withMore: 2.662, order: 2.8 },
    },
  ],
  'C-26': [
    {
      what: 'a long footing, with cross walls',
      told: { long: '19 m', bars: 4, crossSpacing: '3.5 m' },
      gives: { piecesPerBar: 4, pieces: 16, bought: 96000, laid: 81760, weight: 72.603, crossWalls: 6, beyond: 1500 },
    },
    {
      what: 'a ring beam',
      told: { long: '23.5 m', bars: 8 },
      gives: { piecesPerBar: 5, pieces: 40, bought: 240000, laid: 203360, weight: 180.584 },
    },
    {
      what: '48 ft, 20 ft stock, 24 in lap',
      units: 'imperial',
      told: { long: '48 ft', bars: 4 },
      gives: { pieces: 12, laid: 208 },
      in: { laid: FT },
    },
  ],
  'C-27': [
    {
      what: 'under a shower, six cubic feet reused',
      units: 'imperial',
      told: { long: '11 ft', wide: '16 in', deep: '14 in', reused: '6 ft³', soil: 'clay' },
      gives: { net: 17.11, missing: 11.11, orderLow: 12.78, orderHigh: 13.89, layers: 2, handLayers: 3 },
      in: { net: FT3, missing: FT3, orderLow: FT3, orderHigh: FT3 },
      warns: 'Clay and unknown soil are refused as fill; the inspector or the engineer decides.',
    },
  ],
  'C-28': [
    { what: 'out of a basement', told: { rise: 1660 }, gives: { risers: 8, riser: 207.5, run: 1960, comfort: 695 } },
    {
      what: '106 in',
      units: 'imperial',
      told: { rise: '106 in' },
      gives: { risers: 14, riser: 7.571, run: 130 },
      in: { riser: INCH, run: INCH },
    },
  ],
  'C-29': [
    {
      what: 'a basement sash as it was measured, with its well',
      units: 'imperial',
      told: { width: '27 in', height: '30 in', sill: '43 in', wellWide: '38 in', wellOut: '42 in', wellDeep: '50 in' },
      gives: { area: 5.625, verdict: 'not', well: 11.083, ladder: 'needed' },
      in: { area: FT2, well: FT2 },
    },
    {
      what: 'likely here, short elsewhere',
      told: { width: 820, height: 610, sill: 1060 },
      gives: { area: 0.5002, verdict: 'likely' },
      warns: 'Only the authority decides; nothing here approves it.',
    },
    {
      what: 'not',
      units: 'imperial',
      told: { width: '20 in', height: '24 in', sill: '40 in' },
      gives: { verdict: 'not' },
    },
  ],
  'C-30': [
    {
      what: 'a louder model that reaches the short end alone',
      units: 'imperial',
      told: { room: '40 ft2', straight: '22 ft', bends: 4, most: '90 ft' },
      gives: { flow: 50, equivalentLow: 82, equivalentHigh: 112, fits: 'at its short end only' },
      in: { equivalentLow: FT, equivalentHigh: FT },
    },
    {
      what: 'a bath of 3.1 × 2.4 m, 7.5 m of duct, three bends',
      told: { room: 7.44, straight: '7.5 m', bends: 3 },
      gives: { flow: 80, equivalentLow: 74.606, equivalentHigh: 99.606 },
      in: { equivalentLow: FT, equivalentHigh: FT },
    },
  ],
  'C-31': [
    {
      what: 'a run with a skin still to come on its left end',
      told: { niche: '3180 mm', boxes: '450, 600, 600, 450, 300, 760', skinLeft: '4 mm' },
      gives: { residual: 20, eachSide: 10, left: 6, right: 10, move: 2 },
    },
    {
      what: 'a niche that is left 24',
      told: { niche: 2424, boxes: '600 mm, 600 mm, 600 mm, 600 mm' },
      gives: { residual: 24, eachSide: 12, short: 0 },
    },
    { what: 'one that is too short', told: { niche: 590, boxes: '600 mm' }, gives: { residual: -10, short: 10 } },
  ],
  'C-32': [{ what: '24 m² in boxes of 2.2', told: { surface: 24, box: 2.2 }, gives: { withWaste: 26.4, order: 12 } }],
  'C-33': [
    { what: 'tumbled stone', told: { surface: 10, kind: 'tumbled stone' }, gives: { tile: 12 } },
    {
      what: 'grout of 300 × 600',
      told: { surface: 10, tileLong: 600, tileWide: 300 },
      gives: { tile: 11, grout: 1.92 },
    },
  ],
  'C-34': [
    {
      what: 'two runs',
      told: { runs: '3.0 x 0.6, 1.2 x 0.6', splash: 450 },
      gives: { area: 2.625, edge: 4200, splash: 1.89 },
    },
  ],
  'C-35': [
    {
      what: '1 000 ft²',
      units: 'imperial',
      told: { surface: '1000 ft²' },
      gives: { order: 35, tape: 385, premix: 9.5, screws: 1200 },
      in: { tape: FT, premix: GALLON },
    },
  ],
  'C-36': [
    {
      what: 'a cold store between its timbers',
      units: 'imperial',
      told: { surface: '249 ft2', framing: { low: 15, high: 25 } },
      gives: { cavities: [186.75, 211.65] },
      in: { cavities: FT2 },
    },
    { what: '40 m² with bags of 5.4', told: { surface: 40, bag: 5.4 }, gives: { cavities: 34, order: 7 } },
  ],
  'C-37': [
    {
      what: 'a room under 2.4 m',
      told: { long: '4.8 m', wide: '3.6 m', ceiling: '2.4 m' },
      gives: { spacing: 1200, offWall: 600, lights: 12 },
    },
  ],
  'C-38': [
    {
      what: 'six bays at one a day and two people',
      told: { quantity: 12, crew: 2, daily: 3, setUp: 0.5 },
      gives: { days: 2.5 },
    },
  ],
  'C-39': [
    {
      what: 'a door made to order',
      told: { needed: '2026-07-20', upperLead: 63 },
      gives: { orderBy: '2026-05-08', buffer: 10 },
    },
    { what: 'a fireplace', told: { needed: '2026-10-26', upperLead: 28 }, gives: { orderBy: '2026-09-23', buffer: 5 } },
  ],
  'C-40': [
    {
      what: 'six of eleven, eight of ten last week',
      told: { planned: 11, cleared: 6, lastPlanned: 10, lastDone: 8 },
      gives: { ready: 54.545, kept: 80 },
    },
  ],
  'C-41': [
    {
      what: 'a kitchen stripped',
      told: { weights: '6, 20, 4, 8, 7, 5', done: '100, 62, 100, 0, 0, 20' },
      gives: { progress: 46.8, done: 23.4, all: 50 },
    },
    {
      what: 'framing said to be ninety',
      told: { weights: '6, 10, 4, 8, 5, 3', done: [100, (100 * 12) / 19, 100, 100, 0, 0] },
      gives: { progress: 67.544 },
    },
    {
      what: 'capped while a test is open',
      told: { weights: '4', done: '100', openTest: 'yes' },
      gives: { progress: 90 },
    },
  ],
  'C-42': [
    {
      what: 'two frames moved: 38 and four hours at 52',
      told: { material: 38, hours: 4, rate: 52, overhead: 15 },
      gives: { price: 282.9 },
    },
    {
      what: 'four hangers and an allowance',
      told: { material: 88, waste: 8, labour: 420, overhead: 20 },
      gives: { price: 618.048 },
    },
    {
      what: 'over an allowance, a platform and a vent',
      told: { material: 750, labour: 840, sub: 690, before: 1180 },
      gives: { price: 2622, total: 3802 },
    },
    { what: 'a sensor', told: { material: 84, labour: 60, overhead: 20 }, gives: { price: 172.8 } },
    { what: 'six doors', told: { labour: 960, overhead: 0, count: 6 }, gives: { each: 160 } },
  ],
  'C-43': [
    { what: 'four ends left plain', told: { pieces: 4, each: 46 }, gives: { avoided: 184 } },
    { what: 'ducts through trusses', told: { days: 1.5, rate: 480, material: 140 }, gives: { avoided: 860 } },
  ],
  'C-44': [
    {
      what: '19 ft of plate where 12 were allowed',
      told: { allowance: 12, found: 19, unitPrice: 28, structural: 'yes' },
      gives: { priced: 336, beyond: 7, extra: 196, talk: 'yes' },
    },
    {
      what: 'a plate that nobody has opened yet: in the price, and nothing to talk about',
      told: { allowance: 5, unitPrice: 34, structural: 'yes' },
      gives: { priced: 170, beyond: 0, extra: 0, talk: 'no' },
    },
  ],
  'C-45': [
    {
      what: '310 ft² of plaster against 4 400 lb',
      units: 'imperial',
      told: { amount: 310, limit: '4400 lb', load: '26 in', bin: '48 in' },
      gives: { low: 2480, high: 3100, fill: 54, over: 'no' },
      in: { low: LB, high: LB },
    },
  ],
  'C-46': [
    {
      what: 'a ceiling, three to five inches',
      units: 'imperial',
      told: { sag: '3 to 5 in' },
      gives: { steps: [24, 40] },
    },
    {
      what: '2 in at 1/8',
      units: 'imperial',
      told: { ends: '10 in', middle: '12 in' },
      gives: { sag: 2, steps: 16 },
      in: { sag: INCH },
    },
  ],
  'C-47': [{ what: 'diagonals 12 apart', told: { first: 5012, second: 5000 }, gives: { deviation: 12 } }],
  'C-48': [
    {
      what: 'two masons of seven hours',
      units: 'imperial',
      told: { wall: '520 ft2', joint: '5.8 ft/ft2', rate: '14 ft/h', day: 7, hands: 2 },
      gives: { joint: 919.277, hours: 215.43, days: 15.388 },
    },
    { what: 'a garden wall', told: { wall: 19.8, day: 7.5 }, gives: { joint: 340.56, hours: 68.112, days: 9.082 } },
  ],
  'C-49': [
    {
      what: 'an opening of 6.2 m under trusses at 600',
      told: { opening: '6.2 m' },
      gives: { long: 7400, setOff: 750 },
    },
  ],
  'C-50': [
    {
      what: 'screed of 2 3/4 in',
      units: 'imperial',
      told: { what: 'screed', thick: '2 3/4 in', from: '2026-06-08' },
      gives: { daysLow: 89.7, safe: '2026-09-06' },
    },
    {
      what: 'a mortar patch',
      told: { what: 'mortar patch', from: '2026-06-10' },
      gives: { earliest: '2026-06-11', safe: '2026-06-17' },
    },
  ],
  'C-51': [
    {
      what: 'hot water from nine',
      told: { on: '2026-04-23', from: 9, hours: 4 },
      gives: { until: 13, tellDay: '2026-04-21', tellHour: 9 },
    },
  ],
  'C-52': [{ what: 'twelve said, thirteen drawn', told: { said: 12, drawn: 13 }, gives: { questions: 1 } }],
  'C-53': [
    {
      what: 'one stud fewer than the spacing gives',
      units: 'imperial',
      told: { long: '18 ft', counted: 29 },
      gives: { studs: 30, missing: 1 },
    },
    {
      what: '12 ft',
      units: 'imperial',
      told: { long: '12 ft' },
      gives: { studs: 20, offset: 8 },
      in: { offset: INCH },
    },
  ],
  'C-54': [
    {
      what: 'a wall of 16 ft',
      units: 'imperial',
      told: { work: '16 ft' },
      gives: { platform: 10 },
      in: { platform: FT },
    },
    { what: 'a stairwell of 4.2 to 4.7 m', told: { work: '4.2 to 4.7 m' }, gives: { platform: [2400, 2900] } },
  ],
  'C-55': [
    { what: 'an opening of 2 × 1.5 m', told: { width: '2 m', height: '1.5 m' }, gives: { width: 4000, height: 3500 } },
  ],
  'C-56': [
    { what: 'a reveal at four points', told: { points: '3 mm, 3 mm, 4 mm, 6 mm' }, gives: { spread: 3, outside: 1 } },
  ],
  'C-57': [
    {
      what: 'two coats from the neighbour’s side',
      told: { long: { low: '9.5 m', high: '10 m' }, tall: '2.7 m', rate: 30, coats: 2 },
      gives: { area: [25.65, 27], days: [1.71, 1.8], wholeDays: 2 },
    },
    { what: 'a face behind the line', told: { long: '8 m', tall: '5 m', rate: 10 }, gives: { area: 40, days: 4 } },
  ],
  'C-58': [
    {
      what: 'a range wall under a ceiling that falls',
      told: { stack: '876, 32, 450, 900', ceilingLeft: '2340 mm', ceilingRight: '2331 mm', riser: '75', cover: '68' },
      gives: { height: 2258, gapLeft: 82, gapRight: 73, scribe: 9, fits: 'no' },
    },
  ],
  'C-59': [
    {
      what: 'a rear wall of 44 ft, an inch and a half too tall for nine',
      units: 'imperial',
      told: { wide: '44 ft', tall: `9' 1 1/2"`, stock: '8 ft, 9 ft, 10 ft' },
      gives: { across: 11, order: 11, length: 10, joint: 'none' },
      in: { length: FT },
    },
    {
      what: 'taller than any that is sold',
      told: { wide: '4.88 m', tall: '3.5 m' },
      gives: { across: 4, order: 8, joint: 'needed' },
    },
  ],
  'C-60': [
    { what: 'a handle against a switch', told: { space: '28 mm', takes: '34 mm' }, gives: { left: -6, verdict: 'no' } },
    { what: 'a tub in a bath', told: { space: '1.9 m', takes: '1.7 m' }, gives: { left: 200, verdict: 'yes' } },
  ],
  'C-61': [
    {
      what: 'a bed under a window',
      told: { wide: '1.6 m', clear: '3.05 m' },
      gives: { least: 2800, most: 3100, verdict: 'passes the low end, fails the high' },
    },
  ],
  'C-62': [
    {
      what: 'a bunk room',
      told: { long: '3.0 m', wide: '2.15 m' },
      gives: {
        area: 6.45,
        short: 0.05,
        wouldDo: 2166.67,
        verdict: 'under the usual least: not to be called a bedroom',
      },
    },
  ],
}

const near = (figure: Figure, factor: number): unknown =>
  typeof figure === 'number'
    ? figure / factor
    : typeof figure === 'string'
      ? figure
      : [figure.low / factor, figure.high / factor]

describe.each(CALCULATIONS.map((one) => [one.id, one.title] as const))('%s %s', (id) => {
  test.each((EXAMPLES[id] ?? []).map((example) => [example.what, example] as const))('%s', (_what, example) => {
    const told = runCalculation(calculationById(id)!, example.told, example.units ?? 'metric')
    for (const [key, want] of Object.entries(example.gives)) {
      const have = near(told.outputs[key]!, example.in?.[key] ?? 1)
      if (typeof want === 'string') expect(have, key).toBe(want)
      else if (typeof want === 'number')
        expect(Math.abs(Number(have) - want), `${key}: ${String(have)}`).toBeLessThan(want > 100 ? 0.06 : 0.006)
      else
        want.forEach((end, i) =>
          expect(Math.abs((have as number[])[i]! - end), `${key}: ${String(have)}`).toBeLessThan(0.006),
        )
    }
    if (example.warns) expect(told.warnings).toContain(example.warns)
    expect(told.steps.length).toBeGreaterThan(0)
  })
  test('is shown by an example', () => {
    expect(EXAMPLES[id]?.length ?? 0).toBeGreaterThan(0)
  })
})
