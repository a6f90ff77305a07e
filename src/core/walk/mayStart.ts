import { lower } from '../lists/capital'
import { listed } from '../lists/listed'
import { STAGES, type Stage } from '../scope/vocabulary'
import type { SiteState } from './siteState'
import { coverGates, type CoverGate } from '../sequence/coverGate'

/** Where a stage may start and where it may not, place by place, with what is missing there; null where it has no work.
 * @example mayStart('insulation', state) // => 'Insulation: yes in Hall. Not yet in Bath: pressure test, photographed.' */
export function mayStart(stage: Stage, state: SiteState): string | null {
  const places = state.places.filter(({ id }) =>
    state.lines.some(
      (line) => line.placeId === id && line.stage === stage && line.excluded === null && line.progress < 100,
    ),
  )
  if (places.length === 0) return null
  const gates = places.map((place) => ({
    name: place.name,
    gate: coverGates(place.id, state).find((one) => one.stage === stage),
  }))
  const free = gates.filter(({ gate }) => !gate || gate.open).map(({ name }) => name)
  const held = gates.filter(({ gate }) => gate && !gate.open)
  return [
    free.length > 0 ? `${STAGES[stage]}: yes in ${listed(free)}.` : `${STAGES[stage]}: nowhere yet.`,
    ...held.map(({ name, gate }) => `Not yet in ${name}: ${missing(gate!)}.`),
  ].join(' ')
}

const NAMED = 3

/** What a gate waits for, the first few by name. */
function missing({ items }: CoverGate): string {
  const open = items.filter(({ done }) => !done)
  const named = open.slice(0, NAMED).map(({ text, failed }) => (failed ? `${text}: ${failed}` : text))
  const more = open.length - named.length
  return listed([...named, ...(more > 0 ? [`${more} more`] : [])].map(lower))
}
