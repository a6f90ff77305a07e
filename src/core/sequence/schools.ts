/** A question on which good practitioners differ, and the ways to answer it, each with when it fits. */
interface School {
  readonly question: string
  readonly ways: Readonly<Record<string, string>>
  /** How it is done where nobody chose. */
  readonly usual: string
}

export const SCHOOLS = {
  oldSiding: {
    question: 'Old siding',
    ways: {
      overlay: 'Overlay: fits sound, dry, flat walls with room at the trim',
      'tear-off': 'Tear off, new sheathing: fits rot, unknown flashing, warranty',
      hybrid: 'Overlay the good faces, cut up the foot of the bad one to see',
    },
    usual: 'tear-off',
  },
  trimAndSiding: {
    question: 'Trim and siding',
    ways: {
      'trim-first': 'Trim first, siding butted and sealed: tidy, one trade',
      'siding-first': 'Siding first with a gap, trim laps over: fits finished boards and deep trims',
    },
    usual: 'trim-first',
  },
  fascia: {
    question: 'Fascia',
    ways: {
      replace: 'Replace: fits rotten or thin boards',
      overlay: 'Overlay: fits where the roof edge must not be touched; check the thickness',
      leave: 'Leave: treated lately or not in the scope',
    },
    usual: 'replace',
  },
  soffit: {
    question: 'Soffit',
    ways: {
      coat: 'Coat what is sound',
      cover: 'Nail vented board over it',
      replace: 'Replace; let vented and plain part at a natural edge',
    },
    usual: 'coat',
  },
  hiddenDamage: {
    question: 'Hidden damage',
    ways: {
      visible: 'Price what is visible and talk again if there is more',
      investigate: 'Open up first, then price',
      provisional: 'A provisional sum with a unit price',
    },
    usual: 'visible',
  },
  awkwardDetail: {
    question: 'An awkward detail',
    ways: {
      installer: 'The qualified installer chooses on the day',
      plan: 'Everything on the plan',
      designer: 'The designer draws it by a date',
    },
    usual: 'installer',
  },
  demolition: {
    question: 'Strip-out',
    ways: {
      fast: 'A fast crew, everything out',
      hand: 'By hand, to save material or structure',
      'two-step': 'A rough crew, then our own for the cuts that show',
    },
    usual: 'fast',
  },
  leaveLate: {
    question: 'Floor, stair, sink until late',
    ways: {
      keep: 'Keep them against dust and falls, for living in',
      clear: 'Clear everything for a clean start',
    },
    usual: 'keep',
  },
  cleanliness: {
    question: 'Cleanliness',
    ways: {
      daily: 'Broom-clean every day',
      sealed: 'Safe is enough in a sealed zone that no client enters',
    },
    usual: 'daily',
  },
  protection: {
    question: 'Protection',
    ways: {
      all: 'Every opening sealed',
      stays: 'Only what stays; not what is replaced anyway',
    },
    usual: 'stays',
  },
  cabinetsAndPaint: {
    question: 'Cabinets and paint',
    ways: {
      'paint-first': 'Paint, then cabinets, then touch up: fits late cabinets',
      'cabinets-first': 'Cabinets, then paint: fewer damages where supply is sure',
    },
    usual: 'paint-first',
  },
  floorAndCabinets: {
    question: 'Floor and cabinets',
    ways: {
      'floor-first': 'Floor first, through under the cabinets',
      'cabinets-first': 'Cabinets first, floor to the toe-kick: fits a floating or costly floor',
    },
    usual: 'floor-first',
  },
  cabinetHeight: {
    question: 'Above the cabinets',
    ways: {
      bulkhead: 'A bulkhead, cabinets tight under it',
      open: 'No bulkhead, tall and open',
      crown: 'Stop below a moulding',
    },
    usual: 'bulkhead',
  },
  basementCeiling: {
    question: 'Basement ceiling',
    ways: {
      suspended: 'Suspended: services stay reachable',
      board: 'Board: as upstairs',
      mixed: 'Board the bulkheads, suspend the field',
    },
    usual: 'board',
  },
  ceilingForm: {
    question: 'Ceiling under a slope',
    ways: { flat: 'Flat where the shape is awkward', open: 'Open to the slope, to enlarge' },
    usual: 'flat',
  },
  bearingWall: {
    question: 'A bearing wall that goes',
    ways: {
      steel: 'Steel: long span, low depth',
      timber: 'Laminated timber: nailable, carried by a crew',
      shift: 'Shift the wall, or keep it',
    },
    usual: 'timber',
  },
  structure: {
    question: 'How much structure',
    ways: { more: 'More than asked, for a hundred years', enough: 'To the table and the engineer, no more' },
    usual: 'enough',
  },
  oldMaterial: {
    question: 'Old materials',
    ways: { reuse: 'Reuse and match; each checked for condition and safety', new: 'All new' },
    usual: 'new',
  },
  doorTiming: {
    question: 'Front door and windows',
    ways: { early: 'Early, to be weather-tight', last: 'Last, against damage, a temporary leaf until then' },
    usual: 'early',
  },
  services: {
    question: 'Services during the works',
    ways: { live: 'Kept live by a branch and one switch-over', zones: 'Shut down zone by zone' },
    usual: 'live',
  },
  plasterFinish: {
    question: 'Plaster',
    ways: { 'two-coats': 'Two coats, for raking light', board: 'Board and compound, sanded by lamp' },
    usual: 'board',
  },
  testing: {
    question: 'What moves or switches',
    ways: { before: 'Tried before it is closed', after: 'Trusted, adjusted after' },
    usual: 'before',
  },
  interim: {
    question: 'Until the rest is re-clad',
    ways: { temporary: 'A lasting temporary finish, told as such', match: 'Match the whole now' },
    usual: 'temporary',
  },
  trips: {
    question: 'Late parts',
    ways: { return: 'A return trip with its list', wait: 'Wait until all is there' },
    usual: 'return',
  },
  backfill: {
    question: 'Trenches',
    ways: { sections: 'Short sections, closed each day', line: 'The whole line open' },
    usual: 'sections',
  },
  access: {
    question: 'A service that must be reached',
    ways: { hidden: 'A hidden hatch', door: 'A plain door, service first' },
    usual: 'door',
  },
} as const satisfies Record<string, School>
export type SchoolId = keyof typeof SCHOOLS

/** What a site chose, and why. */
export interface SchoolChoice {
  readonly way: string
  readonly why: string
}
export type Schools = Readonly<Partial<Record<SchoolId, SchoolChoice>>>
export const USUAL_SCHOOLS: Schools = {}

/** How a site does it: as it chose, or as usual. */
export const wayOf = (schools: Schools, id: SchoolId): string => schools[id]?.way ?? SCHOOLS[id].usual

/** The ways that a site chose itself, in sentences with the reason. */
export const schoolSentences = (schools: Schools): string[] =>
  (Object.keys(SCHOOLS) as SchoolId[]).flatMap((id) => {
    const choice = schools[id]
    if (!choice) return []
    const { question, ways }: School = SCHOOLS[id]
    const way = ways[choice.way]!.split(':')[0]!
    return [`${question}: ${way.charAt(0).toLowerCase()}${way.slice(1)}${choice.why ? `, because ${choice.why}` : ''}.`]
  })
