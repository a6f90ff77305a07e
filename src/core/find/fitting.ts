import { ENTRY_KINDS } from '../entries/entryKinds'
import type { PlaceKind } from '../places/place'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** What people write down while a stage is under way, the likeliest first. */
const AT_STAGE: Readonly<Record<Stage, readonly string[]>> = {
  testing: ['hazard-screen', 'permit', 'cause-advice'],
  scaffold: ['access', 'set-up', 'protection'],
  protect: ['protection', 'hazard-screen', 'access', 'cleanliness'],
  'strip-out': ['strip-element', 'hazard-screen', 'service', 'hidden-damage', 'stub'],
  excavation: ['trench', 'buried', 'fill'],
  underground: ['drain-run', 'buried', 'inspection'],
  concrete: ['pour', 'footing', 'slab-patch'],
  shoring: ['shoring', 'bearing-clue', 'engineer-value'],
  masonry: ['masonry', 'hidden-damage', 'engineer-value'],
  structure: ['beam', 'hangers', 'engineer-value', 'hidden-damage'],
  framing: ['rough-opening', 'wall-framing', 'backing', 'old-frame', 'square'],
  roof: ['roof-part', 'flashing', 'weather-cover', 'hidden-damage'],
  'windows-doors': ['window-set', 'flashing', 'rough-opening'],
  'weather-barrier': ['barrier', 'flashing', 'sheathing', 'mounting-blocks'],
  cladding: ['face-siding', 'face-trim', 'fascia', 'sealant'],
  ducts: ['air-sheet', 'bulkhead', 'access-hatch'],
  pipes: ['rough-move', 'access-hatch', 'moving-test', 'bulkhead'],
  gas: ['licensed-task', 'service', 'moving-test'],
  wires: ['device-box', 'recessed-lights', 'provision', 'service'],
  'low-voltage': ['provision', 'device-box'],
  insulation: ['insulation', 'pre-cover-photos', 'release'],
  board: ['board-type', 'pre-cover-photos', 'backing', 'release'],
  tape: ['finish-level', 'drying'],
  plaster: ['drying', 'finish-level'],
  paint: ['paint-progress', 'finish-level'],
  tile: ['tile-area', 'drying', 'moving-test'],
  flooring: ['floor-finish', 'drying', 'alignment'],
  cabinets: ['cabinet-fit', 'countertop', 'alignment'],
  countertops: ['countertop', 'cabinet-fit'],
  trim: ['room-trim', 'alignment', 'shelving'],
  fixtures: ['moving-test', 'defect', 'access-hatch'],
  railing: ['rail', 'stair-levels'],
  'site-works': ['fill', 'drain-run', 'access'],
  'return-list': ['defect', 'return-part', 'handover-item'],
}
/** Where no work is laid down yet, what a first walk writes down. */
const AT_FIRST: Readonly<Record<PlaceKind, readonly string[]>> = {
  room: ['room-piece', 'service', 'bearing-clue', 'sleeping-risk', 'hazard-screen'],
  face: ['face-area', 'layers', 'from-afar', 'sleeping-risk', 'part-treatment'],
  roof: ['roof-part', 'from-afar', 'sleeping-risk'],
  ground: ['buried', 'trench', 'delivery-path'],
  void: ['service', 'bulkhead', 'sleeping-risk'],
  outbuilding: ['part-treatment', 'hazard-screen', 'sleeping-risk'],
  boundary: ['boundary', 'boundary-work', 'access'],
}
const MOST = 6
const LAST_USED = 2
const SITE_ONLY = new Set(ENTRY_KINDS.filter(({ at }) => at === 'site').map(({ id }) => id))

/** What fits a place now, five to seven kinds of entry: for the stages that are under way or come next there, and what was
 * written down last in places of its sort.
 * @returns ids of kinds of entry, each once, likeliest first */
export function fittingHere(
  placeId: string,
  { places, lines, entries }: Pick<SiteState, 'places' | 'lines' | 'entries'>,
): readonly string[] {
  const kind = places.find(({ id }) => id === placeId)?.kind ?? 'room'
  const alike = new Set(places.filter((place) => place.kind === kind).map(({ id }) => id))
  const used = entries
    .filter((entry) => entry.placeId !== null && alike.has(entry.placeId) && !SITE_ONLY.has(entry.kind))
    .sort((a, b) => (a.seenAt < b.seenAt ? 1 : -1))
    .map((entry) => entry.kind)
  const stages = stagesNow(lines.filter((line) => line.placeId === placeId && line.excluded === null))
  const likely = stages.length === 0 ? AT_FIRST[kind] : interleaved(stages.map((stage) => AT_STAGE[stage]))
  const recent = [...new Set(used)].slice(0, LAST_USED)
  return [...new Set([...likely.slice(0, MOST - recent.length), ...recent, ...likely])].slice(0, MOST)
}

/** The stages that are begun and not done, and the next one that is not begun. */
function stagesNow(lines: readonly Line[]): readonly Stage[] {
  const open = lines.filter((line) => line.progress < 100)
  const begun = open.filter((line) => line.progress > 0)
  return [...new Set([...begun, ...open.slice(0, 1)].map(({ stage }) => stage))]
}

/** The first of each, then the second of each, and so on. */
const interleaved = (lists: readonly (readonly string[])[]): readonly string[] =>
  Array.from({ length: Math.max(...lists.map(({ length }) => length)) }, (_, i) =>
    lists.flatMap((list) => list[i] ?? []),
  ).flat()
