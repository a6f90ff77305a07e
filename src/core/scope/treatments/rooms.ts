import { choose, work, type Treatment } from '../treatment'

const ROUGH = ['framing', 'ducts', 'pipes', 'gas', 'wires', 'low-voltage'] as const

export const ROOM_TREATMENTS: readonly Treatment[] = [
  {
    id: 'bathroom-rebuilt',
    title: 'Bathroom, stripped and rebuilt',
    fits: ['room'],
    cautions: ['dust', 'hanging-wires', 'wet-zone', 'bath-fan', 'people-in-zone'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect the way in', 'once', 'protect-room'),
      work('strip-out', 'demolition', 'remove', 'tile', 'Strip fittings, tile and board', 'once', 'strip-bath', {
        cautions: ['dust', 'hanging-wires'],
        outage: 'bathroom',
      }),
      work('framing', 'carpenter', 'repair', 'stud', 'Straighten studs, frame niche', 'walls', 'frame-room'),
      work('framing', 'carpenter', 'install', 'blocking', 'Backing for rail, vanity and glass', 'once', 'backing', {
        beforeCover: true,
      }),
      work('ducts', 'hvac', 'install', 'fan', 'Fan and duct to the outside', 'once', 'fan-duct', {
        cautions: ['bath-fan'],
      }),
      work('pipes', 'plumber', 'install', 'pipe', 'Pipes in walls and floor', 'once', 'pipes-bath', {
        outage: 'water',
      }),
      work('pipes', 'plumber', 'test', 'pipe', 'Pressure test, photographed', 'once', 'pressure-test', {
        inspects: ['pipes'],
      }),
      work('wires', 'electrician', 'install', 'wire', 'Wires and boxes', 'once', 'wires-room', {
        cautions: ['hanging-wires'],
      }),
      work('wires', 'inspector', 'inspect', 'wall', 'Inspection of rough-ins', 'once', 'inspect-rough', {
        inspects: ROUGH,
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Insulate walls', 'walls', 'insulate'),
      work('board', 'drywaller', 'install', 'drywall', 'Board and backer', 'walls-and-ceiling', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape and fill', 'ceiling', 'tape'),
      work('tile', 'tiler', 'protect', 'shower', 'Waterproof and flood test', 'once', 'wet-seal', {
        cautions: ['wet-zone'],
      }),
      work('tile', 'tiler', 'install', 'tile', 'Tile walls and floor', 'floor', 'tile-bath'),
      work('paint', 'painter', 'paint', 'ceiling', 'Paint ceiling and free walls', 'ceiling', 'paint'),
      work('trim', 'carpenter', 'install', 'door', 'Door and casing', 'once', 'door-hang'),
      work('fixtures', 'plumber', 'install', 'toilet', 'Set and connect fixtures', 'once', 'fixtures-bath'),
      work('fixtures', 'electrician', 'install', 'light', 'Switches, lights and fan cover', 'once', 'fixtures-wires'),
      work('fixtures', 'glazier', 'install', 'shower', 'Shower glass', 'once', 'glass', { cautions: ['wet-zone'] }),
    ],
    selections: [
      choose('Wall and floor tile', 'special-tile', 'tile'),
      choose('Bathroom fixtures', 'stock-fixtures', 'fixtures'),
      choose('Shower valve, rough set', 'stock-fixtures', 'pipes'),
      choose('Vanity and mirror', 'stock-cabinets', 'fixtures'),
    ],
  },
  {
    id: 'kitchen-rebuilt',
    title: 'Kitchen, stripped and rebuilt',
    fits: ['room'],
    cautions: ['dust', 'hanging-wires', 'gas', 'circuit-load', 'people-in-zone'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect the way in, dust wall', 'once', 'protect-room'),
      work('strip-out', 'demolition', 'remove', 'cabinet', 'Take out the old kitchen', 'once', 'strip-kitchen', {
        cautions: ['dust', 'gas'],
        outage: 'kitchen sink',
      }),
      work(
        'strip-out',
        'demolition',
        'remove',
        'plaster',
        'Strip walls and ceiling',
        'walls-and-ceiling',
        'strip-finishes',
        { cautions: ['dust', 'hanging-wires'] },
      ),
      work('framing', 'carpenter', 'repair', 'stud', 'Straighten and fur walls', 'walls', 'frame-room'),
      work('framing', 'carpenter', 'install', 'blocking', 'Backing for wall cabinets', 'once', 'backing', {
        beforeCover: true,
      }),
      work('ducts', 'hvac', 'install', 'duct', 'Hood duct to the outside', 'once', 'fan-duct'),
      work('pipes', 'plumber', 'install', 'pipe', 'Pipes for sink and appliances', 'once', 'pipes-kitchen', {
        outage: 'water',
      }),
      work('pipes', 'plumber', 'test', 'pipe', 'Pressure test, photographed', 'once', 'pressure-test', {
        inspects: ['pipes'],
      }),
      work('wires', 'electrician', 'install', 'wire', 'Wires, boxes and under-cabinet stubs', 'once', 'wires-kitchen', {
        cautions: ['hanging-wires', 'circuit-load'],
      }),
      work('wires', 'inspector', 'inspect', 'wall', 'Inspection of rough-ins', 'once', 'inspect-rough', {
        inspects: ROUGH,
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Insulate outer walls', 'walls', 'insulate'),
      work('board', 'drywaller', 'install', 'drywall', 'Hang board', 'walls-and-ceiling', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape, fill and sand', 'walls-and-ceiling', 'tape'),
      work('paint', 'painter', 'paint', 'wall', 'Prime and paint', 'walls-and-ceiling', 'paint'),
      work('flooring', 'flooring', 'install', 'floor', 'Lay the floor', 'floor', 'floor'),
      work('cabinets', 'cabinet-maker', 'install', 'cabinet', 'Set cabinets', 'once', 'cabinets'),
      work('countertops', 'countertop', 'install', 'countertop', 'Set countertops', 'once', 'counters'),
      work('trim', 'carpenter', 'install', 'casing', 'Casing and base', 'perimeter', 'trim'),
      work('fixtures', 'tiler', 'install', 'backsplash', 'Tile the splash', 'once', 'tile-splash'),
      work('fixtures', 'plumber', 'install', 'sink', 'Connect sink and appliances', 'once', 'fixtures-kitchen'),
      work('fixtures', 'electrician', 'install', 'light', 'Switches, outlets and lights', 'once', 'fixtures-wires'),
    ],
    selections: [
      choose('Cabinets', 'custom-cabinets', 'cabinets'),
      choose('Countertop', 'countertop', 'countertops'),
      choose('Sink and tap', 'stock-fixtures', 'fixtures'),
      choose('Appliances', 'appliances', 'fixtures'),
      choose('Floor', 'stock-tile', 'flooring'),
    ],
  },
  {
    id: 'room-board-finishes',
    title: 'Room, board and finishes',
    fits: ['room', 'void'],
    cautions: ['dust', 'hanging-wires'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect the way in', 'once', 'protect-room'),
      work(
        'strip-out',
        'demolition',
        'remove',
        'plaster',
        'Strip walls and ceiling',
        'walls-and-ceiling',
        'strip-finishes',
        { cautions: ['dust', 'hanging-wires'] },
      ),
      work('framing', 'carpenter', 'repair', 'stud', 'Straighten and fur walls', 'walls', 'frame-room'),
      work('wires', 'electrician', 'install', 'wire', 'Wires and boxes', 'once', 'wires-room', {
        cautions: ['hanging-wires'],
      }),
      work('wires', 'inspector', 'inspect', 'wall', 'Inspection of rough-ins', 'once', 'inspect-rough', {
        inspects: ROUGH,
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Insulate walls', 'walls', 'insulate'),
      work('board', 'drywaller', 'install', 'drywall', 'Hang board', 'walls-and-ceiling', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape, fill and sand', 'walls-and-ceiling', 'tape'),
      work('paint', 'painter', 'paint', 'wall', 'Prime and paint', 'walls-and-ceiling', 'paint'),
      work('flooring', 'flooring', 'install', 'floor', 'Lay the floor', 'floor', 'floor'),
      work('trim', 'carpenter', 'install', 'baseboard', 'Casing and base', 'perimeter', 'trim'),
      work('fixtures', 'electrician', 'install', 'switch', 'Switches, outlets and lights', 'once', 'fixtures-wires'),
    ],
    selections: [choose('Wall colour', 'matched-paint', 'paint'), choose('Floor', 'stock-tile', 'flooring')],
  },
  {
    id: 'room-paint-floor',
    title: 'Room, paint and floor only',
    fits: ['room', 'void'],
    cautions: ['dust'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect the way in', 'once', 'protect-room'),
      work('strip-out', 'demolition', 'remove', 'floor', 'Take up the old floor', 'floor', 'strip-floor'),
      work(
        'plaster',
        'plasterer',
        'patch',
        'plaster',
        'Patch walls and ceiling',
        'walls-and-ceiling',
        'patch-plaster',
        { cautions: ['dust'] },
      ),
      work('paint', 'painter', 'paint', 'wall', 'Prime and paint', 'walls-and-ceiling', 'paint'),
      work('flooring', 'flooring', 'install', 'floor', 'Lay the floor', 'floor', 'floor'),
      work('trim', 'carpenter', 'install', 'baseboard', 'Base', 'perimeter', 'trim'),
    ],
    selections: [choose('Wall colour', 'matched-paint', 'paint'), choose('Floor', 'stock-tile', 'flooring')],
  },
  {
    id: 'room-paint-only',
    title: 'Room, paint only',
    fits: ['room', 'void', 'outbuilding'],
    cautions: ['dust'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect floor and fittings', 'once', 'protect-room'),
      work('paint', 'painter', 'paint', 'wall', 'Fill, prime and paint', 'walls-and-ceiling', 'paint'),
    ],
    selections: [choose('Wall colour', 'matched-paint', 'paint')],
  },
  {
    id: 'old-plaster-kept',
    title: 'Old plaster kept, rewired and repainted',
    fits: ['room', 'void'],
    cautions: ['dust', 'old-wiring', 'hanging-wires'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect floor and old trim', 'once', 'protect-room'),
      work('wires', 'electrician', 'replace', 'wire', 'Fish new wires, retire the old', 'once', 'wires-room', {
        cautions: ['old-wiring', 'hanging-wires'],
      }),
      work('wires', 'inspector', 'inspect', 'wire', 'Inspection of wires', 'once', 'inspect-rough', {
        inspects: ['wires'],
      }),
      work(
        'plaster',
        'plasterer',
        'repair',
        'plaster',
        'Repair plaster in kind',
        'walls-and-ceiling',
        'patch-plaster',
        { cautions: ['dust'] },
      ),
      work('paint', 'painter', 'paint', 'wall', 'Prime and paint', 'walls-and-ceiling', 'paint'),
      work('trim', 'carpenter', 'repair', 'trim', 'Repair old trim', 'perimeter', 'trim'),
      work('fixtures', 'electrician', 'install', 'switch', 'Switches and lights', 'once', 'fixtures-wires'),
    ],
    selections: [choose('Wall colour', 'matched-paint', 'paint'), choose('Lights', 'lights', 'fixtures')],
  },
  {
    id: 'basement-finished',
    title: 'Basement room, finished',
    fits: ['room'],
    cautions: ['escape-window', 'hanging-wires', 'fire-sound'],
    lines: [
      work('framing', 'carpenter', 'install', 'wall', 'Frame walls and bulkheads', 'walls', 'frame-room'),
      work('ducts', 'hvac', 'install', 'duct', 'Supply and return ducts', 'once', 'ducts-room'),
      work('wires', 'electrician', 'install', 'wire', 'Wires and boxes', 'once', 'wires-room', {
        cautions: ['hanging-wires'],
      }),
      work('wires', 'inspector', 'inspect', 'wall', 'Inspection of rough-ins', 'once', 'inspect-rough', {
        inspects: ROUGH,
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Insulate outer walls', 'walls', 'insulate'),
      work('board', 'drywaller', 'install', 'drywall', 'Hang board', 'walls-and-ceiling', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape, fill and sand', 'walls-and-ceiling', 'tape'),
      work('paint', 'painter', 'paint', 'wall', 'Prime and paint', 'walls-and-ceiling', 'paint'),
      work('flooring', 'flooring', 'install', 'floor', 'Lay the floor', 'floor', 'floor'),
      work('trim', 'carpenter', 'install', 'baseboard', 'Casing and base', 'perimeter', 'trim'),
      work('fixtures', 'electrician', 'install', 'switch', 'Switches, outlets and lights', 'once', 'fixtures-wires'),
    ],
    selections: [choose('Wall colour', 'matched-paint', 'paint'), choose('Floor', 'stock-tile', 'flooring')],
  },
  {
    id: 'bathroom-below-drain',
    title: 'Bathroom below the drain, with a pumped pit',
    fits: ['room'],
    cautions: ['slab-cables', 'buried-services', 'ejector', 'trench', 'wet-zone', 'bath-fan', 'fill'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Protect the way in', 'once', 'protect-room'),
      work('strip-out', 'demolition', 'remove', 'slab', 'Saw and break out the slab', 'floor', 'break-slab', {
        cautions: ['slab-cables', 'dust'],
      }),
      work('excavation', 'excavator', 'remove', 'floor', 'Dig trench and pit', 'length', 'dig-trench', {
        cautions: ['buried-services', 'trench'],
      }),
      work('underground', 'plumber', 'install', 'drain', 'Lay drain and pit', 'length', 'lay-drain', {
        cautions: ['ejector'],
        outage: 'water',
      }),
      work('underground', 'inspector', 'inspect', 'drain', 'Drain test and inspection', 'once', 'inspect-drain', {
        inspects: ['excavation', 'underground'],
      }),
      work('concrete', 'concrete', 'install', 'slab', 'Fill, bar and pour the patch', 'slab', 'pour-slab', {
        cautions: ['fill'],
      }),
      work('framing', 'carpenter', 'install', 'wall', 'Frame walls', 'walls', 'frame-room'),
      work('framing', 'carpenter', 'install', 'blocking', 'Backing for vanity and rail', 'once', 'backing', {
        beforeCover: true,
      }),
      work('ducts', 'hvac', 'install', 'fan', 'Fan and duct to the outside', 'once', 'fan-duct', {
        cautions: ['bath-fan'],
      }),
      work('pipes', 'plumber', 'install', 'pipe', 'Pipes in walls', 'once', 'pipes-bath'),
      work('pipes', 'plumber', 'test', 'pipe', 'Pressure test, photographed', 'once', 'pressure-test', {
        inspects: ['pipes'],
      }),
      work('wires', 'electrician', 'install', 'wire', 'Wires and boxes', 'once', 'wires-room', {
        cautions: ['hanging-wires'],
      }),
      work('wires', 'inspector', 'inspect', 'wall', 'Inspection of rough-ins', 'once', 'inspect-rough', {
        inspects: ROUGH,
      }),
      work('board', 'drywaller', 'install', 'drywall', 'Board and backer', 'walls-and-ceiling', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape and fill', 'ceiling', 'tape'),
      work('tile', 'tiler', 'install', 'tile', 'Waterproof and tile', 'floor', 'tile-bath', { cautions: ['wet-zone'] }),
      work('paint', 'painter', 'paint', 'wall', 'Paint', 'walls-and-ceiling', 'paint'),
      work('fixtures', 'plumber', 'install', 'toilet', 'Set fixtures and pump', 'once', 'fixtures-bath', {
        cautions: ['ejector'],
      }),
      work('fixtures', 'electrician', 'install', 'light', 'Switches, lights and pump supply', 'once', 'fixtures-wires'),
    ],
    selections: [
      choose('Tile', 'stock-tile', 'tile'),
      choose('Fixtures', 'stock-fixtures', 'fixtures'),
      choose('Pump and pit', 'special-fixtures', 'underground'),
    ],
  },
  {
    id: 'opening-between-rooms',
    title: 'Opening between two rooms, load to be confirmed',
    fits: ['room', 'void'],
    cautions: ['bearing-wall', 'shoring-early', 'heavy-lift', 'hangers', 'hanging-wires'],
    lines: [
      work('protect', 'carpenter', 'protect', 'floor', 'Dust wall on both sides', 'once', 'protect-room'),
      work(
        'strip-out',
        'demolition',
        'remove',
        'plaster',
        'Open the wall to see what it carries',
        'once',
        'strip-opening',
        { cautions: ['dust', 'hanging-wires'] },
      ),
      work('shoring', 'carpenter', 'install', 'post', 'Temporary support on both sides', 'once', 'temporary-wall', {
        cautions: ['bearing-wall', 'shoring-early'],
      }),
      work('structure', 'steel', 'install', 'beam', 'Beam, posts and hangers', 'once', 'beam-in', {
        cautions: ['heavy-lift', 'hangers'],
      }),
      work(
        'structure',
        'inspector',
        'inspect',
        'beam',
        'Inspection of the beam and hangers',
        'once',
        'inspect-structure',
        { inspects: ['shoring', 'structure'] },
      ),
      work(
        'framing',
        'carpenter',
        'remove',
        'post',
        'Temporary support out, frame the opening',
        'once',
        'frame-opening',
        { cautions: ['shoring-early'] },
      ),
      work('board', 'drywaller', 'install', 'drywall', 'Board the opening', 'once', 'frame-closing'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape and fill the opening', 'once', 'frame-closing'),
      work('paint', 'painter', 'paint', 'opening', 'Paint the opening', 'once', 'paint-trim'),
    ],
    selections: [
      choose('Beam, to the engineer’s drawing', 'steel-beam', 'structure'),
      choose('Engineer’s drawing', 'engineer', 'shoring'),
    ],
  },
  {
    id: 'stair-and-railing',
    title: 'Stair and railing',
    fits: ['room', 'void'],
    cautions: ['guard-out', 'guard-height', 'open-holes'],
    lines: [
      work('protect', 'carpenter', 'protect', 'stair', 'Temporary guard and lit way', 'once', 'protect-room', {
        cautions: ['guard-out'],
      }),
      work('strip-out', 'demolition', 'remove', 'stair', 'Take out the old stair', 'once', 'strip-opening', {
        cautions: ['open-holes', 'guard-out'],
        outage: 'stair',
      }),
      work('framing', 'carpenter', 'install', 'stair', 'Build the stair', 'once', 'stair-build', {
        cautions: ['guard-height'],
      }),
      work('framing', 'carpenter', 'install', 'blocking', 'Backing for handrail and posts', 'once', 'backing', {
        beforeCover: true,
      }),
      work('board', 'drywaller', 'install', 'drywall', 'Board walls', 'walls', 'board'),
      work('tape', 'drywaller', 'install', 'drywall', 'Tape and fill', 'walls', 'tape'),
      work('paint', 'painter', 'paint', 'wall', 'Paint walls', 'walls', 'paint'),
      work('railing', 'railing', 'install', 'railing', 'Set railing, temporary guard out', 'once', 'railing-set', {
        cautions: ['guard-height'],
      }),
    ],
    selections: [choose('Railing', 'railing', 'railing')],
  },
]
