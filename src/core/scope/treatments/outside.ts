import { choose, work, type Treatment } from '../treatment'
import { DRAIN_INSPECTED, FLASHING_CHECKED, WINDOW_CHECKED } from './commonLines'

export const OUTSIDE_TREATMENTS: readonly Treatment[] = [
  {
    id: 'face-overlay',
    title: 'Face re-clad by overlay',
    fits: ['face', 'outbuilding'],
    cautions: ['roof-edge', 'weather-opening', 'dust', 'ladder', 'neighbour-access'],
    lines: [
      work('protect', 'sider', 'protect', 'siding', 'Protect ground and planting', 'once', 'protect-face'),
      work('strip-out', 'sider', 'remove', 'siding', 'Open a strip to look behind', 'once', 'strip-opening', {
        cautions: ['dust'],
      }),
      work('weather-barrier', 'sider', 'install', 'weather-barrier', 'Barrier over the old boards', 'face', 'barrier', {
        cautions: ['weather-opening'],
      }),
      FLASHING_CHECKED,
      work('cladding', 'sider', 'overlay', 'siding', 'New siding and trim', 'face', 'siding', {
        cautions: ['roof-edge'],
      }),
      work('paint', 'painter', 'paint', 'siding', 'Seal and paint', 'face', 'paint-face', { cautions: ['ladder'] }),
    ],
    selections: [choose('Siding', 'custom-door', 'cladding'), choose('Outside colour', 'matched-paint', 'paint')],
  },
  {
    id: 'face-tear-off',
    title: 'Face re-clad by tear-off',
    fits: ['face', 'outbuilding'],
    cautions: ['roof-edge', 'weather-opening', 'dust', 'hanging-wires', 'neighbour-access'],
    lines: [
      work('protect', 'sider', 'protect', 'siding', 'Protect ground and planting', 'once', 'protect-face'),
      work('strip-out', 'sider', 'remove', 'siding', 'Tear off the old siding', 'face', 'strip-siding', {
        cautions: ['dust', 'weather-opening', 'hanging-wires'],
      }),
      work('framing', 'carpenter', 'replace', 'sheathing', 'Repair and sheathe', 'face', 'sheathing'),
      work('weather-barrier', 'sider', 'install', 'weather-barrier', 'Barrier and flashing', 'face', 'barrier', {
        cautions: ['weather-opening'],
      }),
      FLASHING_CHECKED,
      work('cladding', 'sider', 'replace', 'siding', 'New siding and trim', 'face', 'siding', {
        cautions: ['roof-edge'],
      }),
      work('paint', 'painter', 'paint', 'siding', 'Seal and paint', 'face', 'paint-face', { cautions: ['ladder'] }),
    ],
    selections: [choose('Siding', 'custom-door', 'cladding'), choose('Outside colour', 'matched-paint', 'paint')],
  },
  {
    id: 'face-repainted',
    title: 'Face repainted',
    fits: ['face', 'outbuilding'],
    cautions: ['dust', 'ladder', 'roof-edge'],
    lines: [
      work('protect', 'painter', 'protect', 'siding', 'Protect ground, planting and glass', 'once', 'protect-face'),
      work('paint', 'painter', 'paint', 'siding', 'Wash, scrape, prime and two coats', 'face', 'paint-face', {
        cautions: ['dust', 'ladder'],
      }),
    ],
    selections: [choose('Outside colour', 'matched-paint', 'paint')],
  },
  {
    id: 'face-repointed',
    title: 'Face repointed',
    fits: ['face', 'outbuilding'],
    cautions: ['dust', 'roof-edge', 'acid-wash', 'neighbour-access'],
    lines: [
      work('protect', 'mason', 'protect', 'brick', 'Protect ground, glass and sills', 'once', 'protect-face'),
      work('masonry', 'mason', 'repair', 'brick', 'Rake out the joints', 'face', 'rake-joints', {
        cautions: ['dust', 'roof-edge'],
      }),
      work('masonry', 'mason', 'repair', 'brick', 'Fill the joints', 'face', 'fill-joints', { cautions: ['cold'] }),
      work('masonry', 'mason', 'repair', 'brick', 'Wash down and bead', 'face', 'wash-joints', {
        cautions: ['acid-wash'],
      }),
    ],
    selections: [choose('Mortar, by sample panel', 'stock-goods', 'masonry')],
  },
  {
    id: 'face-insulated-rendered',
    title: 'Face insulated outside and rendered',
    fits: ['face'],
    cautions: ['roof-edge', 'fire-sound', 'neighbour-access', 'cold'],
    lines: [
      work('protect', 'plasterer', 'protect', 'wall', 'Protect ground, glass and sills', 'once', 'protect-face'),
      work('strip-out', 'plasterer', 'remove', 'plaster', 'Hack off loose render', 'face', 'strip-finishes', {
        cautions: ['dust'],
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Fix insulation boards', 'face', 'insulate-face', {
        cautions: ['fire-sound'],
      }),
      work('plaster', 'plasterer', 'install', 'plaster', 'Base coat, mesh and finish', 'face', 'plaster', {
        cautions: ['cold', 'roof-edge'],
      }),
      work('paint', 'painter', 'paint', 'sill', 'Paint sills and trim', 'once', 'paint-trim'),
    ],
    selections: [choose('Render colour', 'matched-paint', 'plaster')],
  },
  {
    id: 'roof-recovered',
    title: 'Roof zone re-covered',
    fits: ['roof', 'outbuilding'],
    cautions: ['roof-edge', 'weather-opening', 'old-structure', 'chimney'],
    lines: [
      work('strip-out', 'roofer', 'remove', 'roof', 'Strip the covering', 'floor', 'strip-roof', {
        cautions: ['roof-edge', 'weather-opening'],
      }),
      work('roof', 'roofer', 'install', 'roof', 'Underlay and covering', 'floor', 'roof-cover', {
        cautions: ['roof-edge', 'old-structure'],
      }),
      work('roof', 'roofer', 'install', 'flashing', 'Drip edge, ridge and chimney flashing', 'once', 'roof-edge', {
        cautions: ['chimney'],
      }),
      work('roof', 'roofer', 'test', 'flashing', 'Flashing photographed', 'once', 'inspect-rough', {
        inspects: ['roof'],
      }),
    ],
    selections: [choose('Roof covering', 'custom-door', 'roof')],
  },
]

export const OPENING_TREATMENTS: readonly Treatment[] = [
  {
    id: 'window-replaced',
    title: 'Window or door replaced',
    fits: ['room', 'face'],
    cautions: ['weather-opening', 'dust', 'ladder'],
    lines: [
      work('strip-out', 'window-door', 'remove', 'window', 'Take out the old unit', 'once', 'strip-opening', {
        cautions: ['weather-opening', 'dust'],
      }),
      work('windows-doors', 'window-door', 'replace', 'window', 'Set and flash the new unit', 'once', 'window-set', {
        cautions: ['ladder'],
      }),
      WINDOW_CHECKED,
      work('trim', 'carpenter', 'install', 'casing', 'Casing', 'once', 'door-hang'),
    ],
    selections: [choose('Window or door unit', 'custom-window', 'windows-doors')],
  },
  {
    id: 'window-added',
    title: 'Window or door added',
    fits: ['room', 'face'],
    cautions: ['bearing-wall', 'weather-opening', 'wall-openings', 'hanging-wires'],
    lines: [
      work(
        'framing',
        'carpenter',
        'install',
        'opening',
        'Support, cut and frame the opening',
        'once',
        'frame-opening',
        { cautions: ['bearing-wall', 'weather-opening', 'wall-openings'] },
      ),
      work('windows-doors', 'window-door', 'install', 'window', 'Set and flash the new unit', 'once', 'window-set'),
      WINDOW_CHECKED,
      work('trim', 'carpenter', 'install', 'casing', 'Casing', 'once', 'door-hang'),
    ],
    selections: [choose('Window or door unit', 'custom-window', 'windows-doors')],
  },
  {
    id: 'window-closed-up',
    title: 'Window or door closed up',
    fits: ['room', 'face'],
    cautions: ['weather-opening', 'escape-window', 'wall-openings'],
    lines: [
      work('strip-out', 'window-door', 'remove', 'window', 'Take out the old unit', 'once', 'strip-opening', {
        cautions: ['escape-window'],
      }),
      work('framing', 'carpenter', 'close-up', 'opening', 'Frame and sheathe the opening', 'once', 'frame-closing', {
        cautions: ['wall-openings'],
      }),
      work('insulation', 'insulator', 'insulate', 'insulation', 'Insulate the opening', 'once', 'backing'),
    ],
    selections: [],
  },
  {
    id: 'escape-window',
    title: 'Escape window cut in',
    fits: ['room', 'face'],
    cautions: ['escape-window', 'bearing-wall', 'trench', 'buried-services', 'dust'],
    lines: [
      work('excavation', 'excavator', 'remove', 'wall', 'Dig the well', 'once', 'well-dig', {
        cautions: ['buried-services', 'trench'],
      }),
      work('framing', 'concrete', 'enlarge', 'opening', 'Saw the wall and frame the opening', 'once', 'frame-opening', {
        cautions: ['bearing-wall', 'dust'],
      }),
      work(
        'framing',
        'inspector',
        'inspect',
        'opening',
        'Clear opening measured before the frame is fixed',
        'once',
        'inspect-structure',
        { inspects: ['framing'], cautions: ['escape-window'] },
      ),
      work('windows-doors', 'window-door', 'install', 'window', 'Set the escape window', 'once', 'window-set', {
        cautions: ['escape-window'],
      }),
      work('trim', 'carpenter', 'install', 'casing', 'Casing', 'once', 'door-hang'),
    ],
    selections: [choose('Escape window and well', 'custom-window', 'windows-doors')],
  },
]

export const GROUND_TREATMENTS: readonly Treatment[] = [
  {
    id: 'slab-opened',
    title: 'Slab opened for drains',
    fits: ['room', 'ground'],
    cautions: ['slab-cables', 'buried-services', 'trench', 'dust', 'fill'],
    lines: [
      work('strip-out', 'demolition', 'remove', 'slab', 'Scan, saw and break out', 'length', 'break-slab', {
        cautions: ['slab-cables', 'dust'],
      }),
      work('excavation', 'excavator', 'remove', 'floor', 'Dig the trench', 'length', 'dig-trench', {
        cautions: ['buried-services', 'trench'],
      }),
      work('underground', 'plumber', 'install', 'drain', 'Lay the drain', 'length', 'lay-drain', { outage: 'toilet' }),
      DRAIN_INSPECTED,
      work('concrete', 'concrete', 'install', 'slab', 'Fill, bar and pour', 'slab', 'pour-slab', {
        cautions: ['fill'],
      }),
    ],
    selections: [],
  },
  {
    id: 'drain-outside',
    title: 'Drain laid outside',
    fits: ['ground', 'boundary'],
    cautions: ['buried-services', 'trench', 'open-holes', 'neighbour-access'],
    lines: [
      work(
        'excavation',
        'excavator',
        'remove',
        'drain',
        'Locate services, dig in short sections',
        'length',
        'dig-trench',
        { cautions: ['buried-services', 'trench', 'open-holes'] },
      ),
      work('underground', 'plumber', 'install', 'drain', 'Bed and lay the drain', 'length', 'lay-drain', {
        outage: 'toilet',
      }),
      DRAIN_INSPECTED,
      work('site-works', 'excavator', 'close-up', 'drain', 'Fill and tamp in layers', 'length', 'lay-drain', {
        cautions: ['fill'],
      }),
    ],
    selections: [],
  },
]
