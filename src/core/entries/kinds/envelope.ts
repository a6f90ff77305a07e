import { addDays, shortDay, type Day } from '../../calendar/day'
import { HOURS_PER_SLOT, SLOTS_PER_DAY } from '../../calendar/slots'
import { capital } from '../../lists/capital'
import { choice, day, lengthIn, number, tick, words } from '../field'
import type { EntryKind } from '../entryKind'
import { EAVE_DEEDS, FACE_WORK, MATERIAL } from '../faceWork'
import { amountBy, areaBy, doneTo, theNamed } from '../following'
import { coatsIn } from '../../scope/coats'
import { outputsOf } from '../sums'
import { BUILT } from '../telling'

export const ENVELOPE_KINDS: readonly EntryKind[] = [
  {
    id: 'face-area',
    group: 'envelope',
    builtAlike: true,
    register: 'Faces: area, gables, openings',
    one: 'A face, from few measures',
    called: 'Face',
    at: 'place',
    work: ['weather-barrier', 'cladding', 'plaster', 'paint'],
    tells: BUILT,
    fields: [words('what', 'Which face or part', { needed: true })],
    lays: (values, told, units) => {
      const [, work, verb] = FACE_WORK.find(([named]) => named.test(told || String(values.what))) ?? []
      if (!work) return null
      const of = MATERIAL.exec(told)?.[0].toLowerCase()
      const named = theNamed(values.what)
      const coats = work.stage === 'paint' && coatsIn(told) ? `, ${coatsIn(told)!.said}` : ''
      const title = `${verb} ${named}${of && !named.includes(of) ? `, ${of}` : ''}${coats}`
      return { ...work, title, ...amountBy('C-02', 'net', 'm2', values, units) }
    },
    sum: {
      calculation: 'C-02',
      asks: [
        'walls',
        'openings',
        'gableBase',
        'pitch',
        'rise',
        'gables',
        'overhang',
        'columns',
        'around',
        'columnTall',
        'more',
      ],
      total: { output: 'net', words: 'Faces, without what is open', unit: 'm2' },
    },
  },
  {
    id: 'face-siding',
    group: 'envelope',
    builtAlike: true,
    register: 'Siding and courses',
    one: 'Siding of a face',
    called: 'Siding',
    at: 'place',
    work: ['cladding'],
    tells: BUILT,
    fields: [words('what', 'Which siding', { needed: true })],
    sum: {
      calculation: 'C-03',
      asks: ['height', 'exposure', 'walls', 'gables', 'board'],
      takes: { height: 'tall', walls: 'surface' },
      total: { output: 'boards', words: 'Boards of siding', unit: 'pieces' },
    },
  },
  {
    id: 'panel-siding',
    group: 'envelope',
    builtAlike: true,
    register: 'Upright sheets and boards',
    one: 'Sheets or boards set upright',
    called: 'Sheets',
    at: 'place',
    work: ['cladding'],
    tells: BUILT,
    fields: [words('what', 'Which face or part', { needed: true })],
    settle: { word: 'Up' },
    lays: (values) => ({
      stage: 'cladding',
      trade: 'sider',
      action: 'install',
      element: 'siding',
      rate: 'siding',
      title: `Sheets on ${theNamed(values.what)}`,
      ...areaBy(values, 'wide', 'tall'),
    }),
    sum: {
      calculation: 'C-59',
      asks: ['wide', 'tall', 'piece', 'stock', 'more'],
      takes: { wide: 'long', tall: 'tall' },
      total: { output: 'order', words: 'Upright sheets', unit: 'pieces', by: 'piece' },
    },
    asks: (values, units) => {
      const sum = outputsOf('C-59', values, units)
      return sum && (sum.joint === 'needed' || Number(sum.short) > 0)
        ? [{ of: 'us', question: `${String(values.what)}: the next longer sheets, or a joint or frieze?` }]
        : []
    },
  },
  {
    id: 'sheathing',
    group: 'envelope',
    builtAlike: true,
    register: 'Sheathing',
    one: 'Sheathing of a face',
    called: 'Sheathing',
    at: 'place',
    work: ['framing'],
    tells: BUILT,
    fields: [words('what', 'Which face or part', { needed: true })],
    settle: { word: 'On and fixed' },
    lays: (values, _told, units) => ({
      stage: 'framing',
      trade: 'carpenter',
      action: 'install',
      element: 'sheathing',
      rate: 'sheathing',
      title: doneTo('Sheathe', values.what),
      ...amountBy('C-05', 'area', 'm2', values, units),
    }),
    sum: {
      calculation: 'C-05',
      asks: ['walls', 'gables', 'sheet'],
      takes: { walls: 'surface' },
      total: { output: 'sheets', words: 'Sheets of sheathing', unit: 'pieces' },
    },
  },
  {
    id: 'mounting-blocks',
    group: 'envelope',
    builtAlike: true,
    register: 'Mounting blocks',
    one: 'What is boxed out of a face',
    called: 'Mounting blocks',
    at: 'place',
    work: ['cladding'],
    next: ['wires', 'pipes', 'fixtures'],
    tells: { ...BUILT, next: 'all' },
    fields: [words('what', 'What is boxed out', { needed: true })],
    settle: { word: 'Blocked and flashed' },
    sum: {
      calculation: 'C-08',
      asks: ['hoses', 'receptacles', 'lights', 'meters', 'vents'],
      total: { output: 'blocks', words: 'Mounting blocks', unit: 'pieces' },
    },
  },
  {
    id: 'sealant',
    group: 'envelope',
    builtAlike: true,
    register: 'Sealant',
    one: 'A joint to seal',
    called: 'Sealant',
    at: 'place',
    work: ['cladding', 'paint'],
    tells: BUILT,
    fields: [words('what', 'Which joint', { needed: true })],
    settle: { word: 'Sealed' },
    lays: (values) => {
      const joint = lengthIn(values, 'joint')
      return {
        stage: 'paint',
        trade: 'painter',
        action: 'patch',
        element: 'paint',
        rate: 'seal-joints',
        title: 'Seal the joints',
        ...(joint ? { amount: { value: joint.tenths / 10_000, unit: 'm' } } : {}),
      }
    },
    sum: {
      calculation: 'C-11',
      asks: ['joint', 'width', 'depth', 'tube'],
      total: { output: 'tubes', words: 'Tubes of sealant', unit: 'pieces' },
    },
  },
  {
    id: 'face-trim',
    group: 'envelope',
    builtAlike: true,
    register: 'Trim and its cut list',
    one: 'Trim around openings',
    called: 'Trim',
    at: 'place',
    work: ['cladding', 'trim'],
    next: ['paint'],
    tells: { ...BUILT, next: 'all' },
    fields: [words('what', 'Which trim', { needed: true })],
    sum: {
      calculation: 'C-01',
      asks: ['windows', 'doors', 'face', 'joint', 'corners', 'cornerHeight', 'runs', 'stock', 'otherStock'],
      total: { output: 'net', words: 'Trim, without waste', unit: 'mm' },
    },
  },
  {
    id: 'fascia',
    group: 'envelope',
    builtAlike: true,
    register: 'Fascia and soffit',
    one: 'Fascia and soffit',
    called: 'Fascia and soffit',
    at: 'place',
    work: ['roof', 'cladding'],
    tells: { ...BUILT, client: 'Fascia and soffit: {what}.' },
    fields: [words('what', 'Which run', { needed: true })],
    lays: (values, told, units) => {
      const soffit = amountBy('C-09', 'soffit', 'm2', values, units)
      const [, deed] = EAVE_DEEDS.find(([named]) => named.test(told)) ?? []
      return {
        stage: 'cladding',
        trade: 'sider',
        action: deed === 'Overlay' ? 'overlay' : deed === 'Recondition' ? 'repair' : 'install',
        element: 'soffit',
        title: deed
          ? doneTo(deed, String(values.what).replace(/^overlay (?:on|of) /i, ''))
          : capital(String(values.what)),
        // A soffit goes by its area, a fascia alone by its length.
        ...(soffit.amount
          ? { rate: 'siding', ...soffit }
          : { rate: 'trim', ...amountBy('C-09', 'fascia', 'm', values, units) }),
      }
    },
    sum: {
      calculation: 'C-09',
      asks: ['eave', 'rake', 'depth', 'attic', 'ratio', 'product', 'boards', 'overlay', 'underMetal'],
    },
    asks: (values, units) =>
      outputsOf('C-09', values, units)?.fits === 'no'
        ? [
            {
              of: 'us',
              question: `${String(values.what)}: it does not fit under the roof-edge metal. Cut it and slip it under, or another profile?`,
            },
          ]
        : [],
    cautions: () => ['roof-edge', 'ladder'],
  },
  {
    id: 'barrier',
    group: 'envelope',
    builtAlike: true,
    register: 'Weather barrier',
    one: 'Weather barrier of a face',
    called: 'Weather barrier',
    at: 'place',
    work: ['weather-barrier'],
    tells: BUILT,
    fields: [
      words('what', 'Which face', { needed: true }),
      day('since', 'Bare since'),
      number('limit', 'Days that its maker lets it stand bare'),
    ],
    settle: { word: 'Covered, laps right' },
    sum: { calculation: 'C-06', asks: ['walls', 'laps'], takes: { walls: 'surface' } },
    due: ({ since, limit }) => (since && limit ? addDays(since as Day, Number(limit)) : null),
    reckon: ({ since, limit }) =>
      since
        ? [
            limit
              ? `Bare since ${shortDay(since as Day)}: to be covered by ${shortDay(addDays(since as Day, Number(limit)))}.`
              : `Bare since ${shortDay(since as Day)}. How many days its maker allows nobody has said.`,
          ]
        : [],
    asks: ({ what, since, limit }) =>
      since && !limit
        ? [
            {
              of: 'us',
              question: `${capital(String(what))}: the barrier is bare since ${shortDay(since as Day)}. How many days does its maker allow?`,
            },
          ]
        : [],
  },
  {
    id: 'flashing',
    group: 'envelope',
    builtAlike: true,
    register: 'Flashing by interface',
    one: 'A flashing',
    called: 'Flashing',
    at: 'place',
    work: ['roof', 'weather-barrier', 'windows-doors'],
    next: ['cladding'],
    tells: { ...BUILT, next: 'all' },
    fields: [
      choice(
        'interface',
        'Where',
        [
          'roof meets wall',
          'chimney',
          'window or door head',
          'sill',
          'base of the wall',
          'hose outlet or receptacle',
          'penetration',
        ],
        { needed: true },
      ),

      tick('lapped', 'Barrier laps over it'),
    ],
    settle: { word: 'In and seen', ask: 'Who looked, with the photo' },
    holdsCover: true,
    sum: { calculation: 'C-07', asks: ['runs', 'lap'] },
    reckon: (values) => [...(values.lapped ? [] : ['Not yet lapped by the barrier.'])],
    cautions: ({ interface: where }) => (where === 'roof meets wall' || where === 'chimney' ? ['roof-edge'] : []),
  },
  {
    id: 'weather-cover',
    group: 'envelope',
    register: 'Weather cover',
    one: 'A sheet or a cover',
    called: 'Cover',
    at: 'place',
    tells: {
      ...BUILT,
      client: 'Covered for now: {what}[, until {until}][; it comes off when {removeWhen}].',
      'hand-over': { says: 'all', part: 'temporary' },
    },
    fields: [
      words('what', 'What is open', { needed: true }),

      day('until', 'How long'),
      words('removeWhen', 'Remove when'),
    ],
    settle: { word: 'Off again', ask: 'What closes it now' },
    sum: { calculation: 'C-55', asks: ['width', 'height', 'beyond'] },
    reckon: () => ['Look at it again after every storm.'],
    cautions: () => ['weather-opening', 'roof-edge'],
  },
  {
    id: 'roof-part',
    group: 'envelope',
    register: 'Roof',
    one: 'A part of the roof',
    called: 'Roof',
    at: 'place',
    work: ['roof'],
    next: ['insulation', 'windows-doors', 'cladding'],
    tells: { ...BUILT, next: 'all', client: 'The roof, {what}[: {stage}].' },
    fields: [
      words('what', 'Which part', { needed: true }),
      choice('stage', 'How far', ['stripped', 'rafters seen', 'decked', 'felted', 'covered', 'drained']),
      words('overhang', 'Overhang and drainage'),
    ],
    settle: { word: 'Tight', ask: 'How it was tested' },
    cautions: () => ['roof-edge'],
  },
  {
    id: 'masonry',
    group: 'envelope',
    register: 'Masonry',
    one: 'Masonry to repoint or rebuild',
    called: 'Masonry',
    at: 'place',
    work: ['masonry', 'structure', 'cladding'],
    tells: { ...BUILT, association: ['mortar', 'pass'], client: 'Masonry: {what}.' },
    fields: [
      words('what', 'Which wall', { needed: true }),

      words('mortar', 'Mortar: kind, colour, profile'),
      choice('pass', 'Which pass', ['raked', 'filled', 'washed', 'rebuilt', 'sample panel']),
    ],
    lays: (values, _told, units) => {
      const hours = Number(outputsOf('C-48', values, units)?.hours)
      return {
        stage: 'masonry',
        trade: 'mason',
        action: 'repair',
        element: 'wall',
        rate: 'fill-joints',
        title: doneTo('Repoint', values.what),
        ...amountBy('C-48', 'joint', 'm', values, units),
        ...(hours > 0 ? { hours: Math.round(hours * 2) / 2 } : {}),
      }
    },
    settle: { word: 'Finished', ask: 'Who accepted the sample' },
    sum: { calculation: 'C-48', asks: ['wall', 'joint', 'rate', 'day', 'hands'] },
    cautions: () => ['acid-wash', 'dust'],
  },
  {
    id: 'boundary-work',
    group: 'envelope',
    register: 'Worked on from the neighbour’s side',
    one: 'What is reached only from the neighbour’s side',
    called: 'From the neighbour’s side',
    at: 'place',
    tells: { ...BUILT, neighbours: 'Reached only from your side: {what}[. Leave to pass: {leave}]' },
    fields: [
      words('what', 'What is reached from there', { needed: true }),
      words('leave', 'Who gave leave, and until when'),
    ],
    settle: { word: 'Done, their side is clear' },
    lays: (values, told, units) => {
      const days = amountBy('C-57', 'wholeDays', 'each', values, units).amount?.value
      return values.coats === undefined && !FACE_WORK[0]![0].test(told)
        ? null
        : {
            ...FACE_WORK[0]![1],
            title: `Paint ${theNamed(values.what)}, from the neighbour’s side`,
            // Its area is part of the face; here it is the days that count.
            ...(days ? { hours: days * HOURS_PER_SLOT * SLOTS_PER_DAY } : {}),
          }
    },
    sum: { calculation: 'C-57', asks: ['long', 'tall', 'rate', 'coats'] },
    reckon: ({ leave }) => (leave ? [] : ['No leave to pass yet.']),
    cautions: () => ['neighbour-access'],
  },
  {
    id: 'window-set',
    group: 'envelope',
    builtAlike: true,
    register: 'Windows and doors set',
    one: 'A window or a door unit',
    called: '',
    at: 'place',
    work: ['windows-doors'],
    next: ['cladding', 'trim', 'paint'],
    tells: { ...BUILT, next: 'all', supplier: ['delivered'] },
    fields: [
      words('what', 'Which unit', { needed: true }),
      day('delivered', 'Delivered on'),
      tick('set', 'Set'),
      tick('tested', 'Opens and shuts'),
      tick('flashed', 'Flashed'),
      words('late', 'What may be fitted at the last moment'),
    ],
    settle: { word: 'In and flashed' },
    holdsCover: true,
    cautions: () => ['wall-openings'],
  },
]
