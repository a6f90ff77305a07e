import type { Unit } from '../measure/quantity'

/** Effort of one unit of work in hours of one person. */
export interface Rate {
  readonly words: string
  readonly hours: number
  readonly unit: Unit
}

const rate = (words: string, hours: number, unit: Unit): Rate => ({ words, hours, unit })

/** Default rates of the general trade, in hours of one person a unit; every firm edits its own. */
export const RATES = {
  'protect-room': rate('Protect a room and the way in', 1.5, 'each'),
  'protect-face': rate('Protect the ground and planting along a face', 2, 'each'),
  'strip-finishes': rate('Strip board or plaster from walls and ceiling', 0.18, 'm2'),
  'strip-bath': rate('Strip a bathroom of fittings and tile', 10, 'each'),
  'strip-kitchen': rate('Take out a kitchen', 9, 'each'),
  'strip-floor': rate('Take up a floor covering', 0.15, 'm2'),
  'strip-siding': rate('Tear off old siding', 0.2, 'm2'),
  'strip-roof': rate('Strip a roof covering', 0.15, 'm2'),
  'strip-opening': rate('Take out a window or door', 1.5, 'each'),
  'break-slab': rate('Saw and break out a slab', 1.2, 'm2'),
  'dig-trench': rate('Dig a drain trench under a slab', 1.6, 'm'),
  'lay-drain': rate('Lay and connect a drain', 0.9, 'm'),
  'pour-slab': rate('Bar, pour and finish a slab patch', 9, 'm3'),
  'temporary-wall': rate('Set temporary support on both sides', 12, 'each'),
  'beam-in': rate('Set a beam, posts and hangers', 24, 'each'),
  'shoring-out': rate('Take out temporary support', 3, 'each'),
  'rake-joints': rate('Rake out joints of brickwork', 1.2, 'm2'),
  'fill-joints': rate('Fill joints of brickwork', 2, 'm2'),
  'wash-joints': rate('Wash down and bead brickwork', 0.2, 'm2'),
  'frame-room': rate('Straighten, fur and frame walls', 0.22, 'm2'),
  'frame-opening': rate('Cut and frame an opening', 8, 'each'),
  'frame-closing': rate('Frame and close an opening', 4, 'each'),
  backing: rate('Backing for fittings and rails', 1.5, 'each'),
  'stair-build': rate('Build a stair', 28, 'each'),
  'railing-set': rate('Set a railing', 8, 'each'),
  'ducts-room': rate('Run ducts for a room', 4, 'each'),
  'fan-duct': rate('Fan and duct to the outside', 3, 'each'),
  'pipes-bath': rate('Rough plumbing for a bathroom', 14, 'each'),
  'pipes-kitchen': rate('Rough plumbing for a kitchen', 8, 'each'),
  'pipes-radiator': rate('Heating pipes for a room', 3, 'each'),
  'gas-move': rate('Move a gas line', 4, 'each'),
  'wires-room': rate('Rough wiring for a room', 6, 'each'),
  'wires-kitchen': rate('Rough wiring for a kitchen', 14, 'each'),
  'data-room': rate('Low-voltage wires for a room', 1.5, 'each'),
  'pressure-test': rate('Pressure test the pipes', 1, 'each'),
  'inspect-rough': rate('Inspection of rough-ins', 1, 'each'),
  'inspect-drain': rate('Inspection of a drain', 1, 'each'),
  'inspect-structure': rate('Inspection of structure', 1, 'each'),
  insulate: rate('Insulate walls', 0.09, 'm2'),
  'insulate-face': rate('Insulate a face outside', 0.16, 'm2'),
  board: rate('Hang board', 0.2, 'm2'),
  tape: rate('Tape, fill and sand', 0.18, 'm2'),
  plaster: rate('Two-coat plaster', 0.45, 'm2'),
  'patch-plaster': rate('Patch old plaster', 0.06, 'm2'),
  paint: rate('Prime and two coats', 0.16, 'm2'),
  'paint-face': rate('Wash, prime and two coats outside', 0.3, 'm2'),
  'paint-trim': rate('Paint trim and doors of a room', 4, 'each'),
  'wet-seal': rate('Waterproof a wet zone', 6, 'each'),
  'tile-bath': rate('Tile a bathroom', 1.5, 'm2'),
  'tile-splash': rate('Tile a splash', 8, 'each'),
  floor: rate('Lay a floor', 0.35, 'm2'),
  cabinets: rate('Set cabinets', 20, 'each'),
  'counter-template': rate('Template countertops', 2, 'each'),
  'glass-measure': rate('Measure shower glass', 1, 'each'),
  'railing-measure': rate('Measure a railing', 1.5, 'each'),
  counters: rate('Set countertops', 6, 'each'),
  trim: rate('Casing and base', 0.25, 'm'),
  'door-hang': rate('Hang a door', 2.5, 'each'),
  'fixtures-bath': rate('Set and connect bathroom fixtures', 10, 'each'),
  'fixtures-kitchen': rate('Connect sink and appliances', 6, 'each'),
  'fixtures-wires': rate('Fit switches, outlets and lights', 3, 'each'),
  'radiator-set': rate('Hang a radiator', 1.5, 'each'),
  glass: rate('Set shower glass', 4, 'each'),
  sheathing: rate('Sheathing', 0.25, 'm2'),
  barrier: rate('Weather barrier and flashing', 0.12, 'm2'),
  'seal-joints': rate('Mask and seal joints', 0.08, 'm'),
  siding: rate('Lap siding', 0.5, 'm2'),
  'trim-face': rate('Corner and opening trim of a face', 0.3, 'm2'),
  'window-set': rate('Set and flash a window or door', 4, 'each'),
  'well-dig': rate('Dig and set a window well', 12, 'each'),
  'roof-cover': rate('Underlay and cover a roof', 0.45, 'm2'),
  'roof-edge': rate('Drip edge, ridge and flashing', 8, 'each'),
  clean: rate('Clean a finished place', 2, 'each'),
} as const satisfies Record<string, Rate>

/** What hours of a rate are told by. */
export const RATE_UNITS = { each: 'h a piece', m: 'h a metre', m2: 'h a m²', m3: 'h a m³' } as const satisfies Record<
  Unit,
  string
>

export type RateKey = keyof typeof RATES
/** A firm's own hours, where they differ from the defaults. */
export type RateOverrides = Partial<Record<RateKey, number>>

export const hoursPerUnit = (key: RateKey, overrides: RateOverrides): number => overrides[key] ?? RATES[key].hours
