/** Keys of the cautions, in the order of the trade's list of what can hurt someone. */
export const CAUTION_IDS = [
  'bearing-wall', 'shoring-early', 'heavy-lift', 'hangers', 'hanging-wires', 'old-wiring', 'shared-circuits', 'gas',
  'buried-services', 'trench', 'slab-cables', 'fill', 'retaining', 'open-holes', 'guard-out', 'guard-height', 'escape-window',
  'fire-sound', 'chimney', 'bath-fan', 'ejector', 'dust', 'acid-wash', 'roof-edge', 'weather-opening', 'wood-on-masonry',
  'neighbour-access', 'street', 'consent', 'unlicensed', 'people-in-zone', 'old-structure', 'circuit-load', 'wet-zone',
  'filming', 'cold', 'wall-openings', 'ladder', 'ceiling-foot', 'not-approval',
] as const
export type CautionId = (typeof CAUTION_IDS)[number]
