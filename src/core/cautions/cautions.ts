import type { CautionId } from './cautionIds'

/** What can hurt someone: what it is, the usual care, and the only ones who may clear it. */
export interface Caution {
  readonly what: string
  readonly care: string
  readonly deferTo: string
}

/** The software warns, asks for evidence and names who decides. It never certifies. */
export const CAUTIONS: Record<CautionId, Caution> = {
  'bearing-wall': {
    what: 'This wall may carry load',
    care: 'No removal on opinion: open up, support both sides, load moved in order.',
    deferTo: 'the structural engineer and the permit',
  },
  'shoring-early': {
    what: 'Shoring must not come out early',
    care: 'List what must stand first, photograph it, keep people out of the zone.',
    deferTo: 'the engineer or site lead',
  },
  'heavy-lift': {
    what: 'Heavy lift',
    care: 'Lift plan, machine and path; nobody beneath; about 25 kg (50 lb) a person by hand.',
    deferTo: 'the lifting supervisor',
  },
  hangers: {
    what: 'Hangers not fully fastened',
    care: 'Count, compare with the sheet, photograph every filled hole.',
    deferTo: 'the engineer or hanger maker',
  },
  'hanging-wires': {
    what: 'Hanging wires are live until tested',
    care: 'Test each conductor with an instrument, lock out, test again after others have worked.',
    deferTo: 'a licensed electrician',
  },
  'old-wiring': {
    what: 'Old open wiring',
    care: 'Treat as live; never bury it in insulation.',
    deferTo: 'a licensed electrician',
  },
  'shared-circuits': {
    what: 'Shared neutrals or buried splices',
    care: 'Keep boxes reachable; identify shared circuits before cutting.',
    deferTo: 'a licensed electrician',
  },
  gas: {
    what: 'Gas work',
    care: 'Licence holder only; pressure test before closing; bonding and clearances.',
    deferTo: 'a registered gas fitter and the authority',
  },
  'buried-services': {
    what: 'Buried water, electric or drain',
    care: 'Locate and mark, dig by hand near it, stop on doubt.',
    deferTo: 'the utility locator',
  },
  trench: {
    what: 'Trench',
    care: 'Judge support or slope at every depth; ladder from 1.2 m (4 ft); nobody enters unsupported; fence at night.',
    deferTo: 'a competent person',
  },
  'slab-cables': {
    what: 'Bars or tension cables in the slab',
    care: 'Scan first, cut part depth, then chip; never cut a tendon.',
    deferTo: 'the engineer',
  },
  fill: {
    what: 'Native soil as fill',
    care: 'Reject clay or loose soil; compact in layers.',
    deferTo: 'the engineer or inspector',
  },
  retaining: {
    what: 'Retaining wall not yet cured',
    care: 'No fill and no traffic behind it before it has its strength; drain it.',
    deferTo: 'the engineer',
  },
  'open-holes': {
    what: 'Open floor, holes, bare bars',
    care: 'Cap bars; fix and mark covers; rail and light.',
    deferTo: 'the site lead',
  },
  'guard-out': {
    what: 'A guard is out',
    care: 'Temporary guard or barrier the same day.',
    deferTo: 'the site lead and the code',
  },
  'guard-height': {
    what: 'Guard may be needed for this height',
    care: 'Measure the drop; thresholds are local.',
    deferTo: 'the authority',
  },
  'escape-window': {
    what: 'Escape opening',
    care: 'Measure the net clear opening and the well; do not call the room a bedroom.',
    deferTo: 'the authority',
  },
  'fire-sound': {
    what: 'Fire or sound separation',
    care: 'Tested assembly; seal every penetration.',
    deferTo: 'the authority and the designer',
  },
  chimney: {
    what: 'Chimney or fireplace clearances',
    care: "Keep the maker's clearances; no insulation near a flue.",
    deferTo: 'the manufacturer and the code',
  },
  'bath-fan': {
    what: 'Bath fan',
    care: 'Duct it outside, never into the roof space; size as the maker says.',
    deferTo: 'the mechanic and the code',
  },
  ejector: {
    what: 'Sewage pump below grade',
    care: 'Sealed pit, vent, check valve, alarm.',
    deferTo: 'the licensed plumber',
  },
  dust: {
    what: 'Silica, old plaster, lead paint or asbestos dust',
    care: 'Test before cutting; barrier, wet, vacuum, respirator, disposal.',
    deferTo: 'certified abatement people',
  },
  'acid-wash': {
    what: 'Acid or solvent on brick',
    care: 'Protect, rinse, try a sample first.',
    deferTo: 'the conservator or mason',
  },
  'roof-edge': {
    what: 'Work at height',
    care: 'Edge protection, designed scaffold, watch the weather.',
    deferTo: 'a competent person',
  },
  'weather-opening': {
    what: 'Open to the weather',
    care: 'Open only what can be closed the same day; check after every storm.',
    deferTo: 'the site lead',
  },
  'wood-on-masonry': {
    what: 'Untreated wood on masonry',
    care: 'Use treated wood and a separating layer.',
    deferTo: 'the code',
  },
  'neighbour-access': {
    what: "A neighbour's ground",
    care: 'Written permission, insurance, pets, gates.',
    deferTo: 'the neighbour and the law',
  },
  street: {
    what: 'Street occupation',
    care: 'Permit and traffic plan before pump, crane or bin.',
    deferTo: 'the authority',
  },
  consent: {
    what: 'Consent needed',
    care: 'Approval by the association or conservation office before the start.',
    deferTo: 'the association or authority',
  },
  unlicensed: {
    what: "Work by the client's own contractor",
    care: 'Do not assume: ask for permit and photo.',
    deferTo: 'the authority',
  },
  'people-in-zone': {
    what: 'People live near the work',
    care: 'Locked or signed zone, nails cleared, end-of-day check.',
    deferTo: 'the site lead',
  },
  'old-structure': {
    what: 'Old structure overhead',
    care: 'Inspect for rot and insects before relying on it.',
    deferTo: 'the engineer',
  },
  'circuit-load': {
    what: 'Load on old circuits',
    care: 'Check the load before adding appliances.',
    deferTo: 'a licensed electrician',
  },
  'wet-zone': {
    what: 'Wet zone',
    care: 'Membrane and flood test before tile; safety glass.',
    deferTo: 'the installer and the code',
  },
  filming: {
    what: 'People and plates in photos',
    care: 'Ask consent; blur before sharing.',
    deferTo: 'the client and privacy law',
  },
  cold: {
    what: 'Cold concrete or mortar',
    care: 'Minimum temperature, heat and cover.',
    deferTo: 'the supplier and the engineer',
  },
  'wall-openings': {
    what: 'Opening near another dwelling',
    care: 'Do not open or close it unchecked.',
    deferTo: 'the designer',
  },
  ladder: { what: 'Ladder on a slope, nests, dogs', care: 'Two people, one watching.', deferTo: 'the site lead' },
  'ceiling-foot': { what: 'Working above a ceiling', care: 'Crawl boards on the joists.', deferTo: 'the site lead' },
  'not-approval': {
    what: 'This is not an approval',
    care: 'Local code, engineer and licence holder come first.',
    deferTo: 'whoever holds the authority',
  },
}
