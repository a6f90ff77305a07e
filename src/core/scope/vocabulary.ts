/** Canonical keys (docs: the trade's vocabulary). Data and files use the keys, screens the words. */

export const STAGES = {
  protect: 'Protect',
  'strip-out': 'Strip out',
  excavation: 'Dig',
  underground: 'Underground',
  concrete: 'Concrete',
  shoring: 'Shoring',
  structure: 'Structure',
  framing: 'Framing',
  roof: 'Roof',
  'windows-doors': 'Windows, doors',
  'weather-barrier': 'Weather barrier',
  cladding: 'Cladding',
  ducts: 'Ducts',
  pipes: 'Pipes',
  gas: 'Gas',
  wires: 'Wires',
  'low-voltage': 'Low voltage',
  insulation: 'Insulation',
  board: 'Board',
  tape: 'Tape',
  plaster: 'Plaster',
  paint: 'Paint',
  tile: 'Tile',
  flooring: 'Flooring',
  cabinets: 'Cabinets',
  countertops: 'Countertops',
  trim: 'Trim',
  fixtures: 'Fixtures',
  railing: 'Railing',
  'site-works': 'Site works',
  'return-list': 'Return list',
} as const
export type Stage = keyof typeof STAGES
export const BUILD_ORDER = Object.keys(STAGES) as readonly Stage[]

/** Stages that go together under one heading in the weave. */
export const STAGE_GROUPS: readonly { readonly title: string; readonly stages: readonly Stage[] }[] = [
  { title: 'Open up', stages: ['protect', 'strip-out'] },
  { title: 'Ground', stages: ['excavation', 'underground', 'concrete'] },
  { title: 'Structure', stages: ['shoring', 'structure', 'framing'] },
  { title: 'Weather', stages: ['roof', 'windows-doors', 'weather-barrier', 'cladding'] },
  { title: 'Rough-in', stages: ['ducts', 'pipes', 'gas', 'wires', 'low-voltage'] },
  { title: 'Cover', stages: ['insulation', 'board', 'tape', 'plaster'] },
  { title: 'Surfaces', stages: ['paint', 'tile', 'flooring'] },
  { title: 'Fit out', stages: ['cabinets', 'countertops', 'trim', 'fixtures', 'railing'] },
  { title: 'Close', stages: ['site-works', 'return-list'] },
]

export const TRADES = {
  carpenter: 'Carpenter',
  demolition: 'Demolition crew',
  excavator: 'Groundworker',
  concrete: 'Concrete crew',
  mason: 'Mason',
  steel: 'Steel erector',
  roofer: 'Roofer',
  'window-door': 'Window fitter',
  sider: 'Sider',
  hvac: 'Duct fitter',
  plumber: 'Plumber',
  'gas-fitter': 'Gas fitter',
  electrician: 'Electrician',
  'low-voltage': 'Low-voltage fitter',
  insulator: 'Insulator',
  drywaller: 'Board crew',
  plasterer: 'Plasterer',
  painter: 'Painter',
  tiler: 'Tiler',
  flooring: 'Floor layer',
  'cabinet-maker': 'Cabinet maker',
  countertop: 'Countertop maker',
  glazier: 'Glazier',
  railing: 'Railing maker',
  cleaner: 'Cleaner',
  engineer: 'Engineer',
  designer: 'Designer',
  inspector: 'Inspector',
  supplier: 'Supplier',
  client: 'Client',
  waste: 'Waste haulier',
} as const
export type Trade = keyof typeof TRADES
export const TRADE_KEYS = Object.keys(TRADES) as readonly Trade[]

/** Trades that may only be given to a licence holder. */
export const LICENSED_TRADES: readonly Trade[] = ['plumber', 'gas-fitter', 'electrician', 'engineer', 'inspector']

export const ACTIONS = {
  remove: 'Remove',
  install: 'Install',
  replace: 'Replace',
  repair: 'Repair',
  relocate: 'Move',
  enlarge: 'Enlarge',
  'close-up': 'Close up',
  overlay: 'Overlay',
  paint: 'Paint',
  patch: 'Patch',
  insulate: 'Insulate',
  cover: 'Cover',
  reuse: 'Reuse',
  protect: 'Protect',
  test: 'Test',
  inspect: 'Inspect',
  order: 'Order',
  clean: 'Clean',
} as const
export type Action = keyof typeof ACTIONS

export const ELEMENTS = [
  'wall', 'ceiling', 'floor', 'soffit', 'fascia', 'siding', 'sheathing', 'weather-barrier', 'trim', 'casing', 'baseboard',
  'window', 'sill', 'door', 'opening', 'header', 'beam', 'post', 'joist', 'stud', 'plate', 'blocking', 'stair', 'railing',
  'footing', 'slab', 'drain', 'pipe', 'gas-line', 'water-heater', 'duct', 'fan', 'wire', 'outlet', 'switch', 'light',
  'radiator', 'cabinet', 'shelf', 'countertop', 'backsplash', 'tile', 'grout', 'paint', 'shower', 'tub', 'toilet', 'sink',
  'vanity', 'mirror', 'hardware', 'appliance', 'fireplace', 'chimney', 'insulation', 'drywall', 'plaster', 'deck', 'roof',
  'gutter', 'flashing', 'vent', 'brick', 'closet',
] as const
export type Element = (typeof ELEMENTS)[number]
