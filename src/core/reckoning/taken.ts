import { kindOf } from '../entries/entry'
import { layersAt } from '../entries/layersByFace'
import { figuresIn, typedFigure, wordsOf } from '../narration/sheets/figures'
import type { Taken } from '../entries/entryKind'
import type { FieldValue, Values } from '../entries/field'
import { printerFor } from '../takeoff/printer'
import type { Units } from '../measure/length'
import { reckon, type Basis } from '../places/geometry'
import type { Place, RegisterEntry, SiteState } from '../walk/siteState'
import { faceAreas } from './faceAreas'

/** A site whose entries know what the record holds for their sums, where nobody typed it: the net area of a face from its
 * own few measures, the surfaces and sides of a measured room. What is typed wins. */
export function withTaken(state: SiteState, units: Units): SiteState {
  const nets = faceAreas(state, units)
  const places = new Map(state.places.map((place) => [place.id, place]))
  const layers = state.entries.filter(({ kind }) => kind === 'layers')
  const entries = state.entries.map((entry): RegisterEntry => {
    const takes = kindOf(entry.kind).sum?.takes
    const place = places.get(entry.placeId ?? '')
    if (!takes || !place) return entry
    const taken = Object.entries(takes).flatMap(([key, what]): [string, FieldValue][] => {
      const said = entry.values[key]
      const value =
        said === undefined || said === ''
          ? what === 'layers' || what === 'under the straps'
            ? fromLayers(layersAt(layers, place.id), what, units)
            : takenFrom(place, what, entry, nets.get(place.id)?.net, units)
          : null
      return value === null ? [] : [[key, value]]
    })
    return taken.length > 0 ? { ...entry, taken: Object.fromEntries(taken) } : entry
  })
  return { ...state, entries }
}

const STRAPS = /\b(?:straps?|strapping|battens?|furring|counter[- ]?battens?)\b/i

/** Thicknesses of layers, from the inside, as a list of lengths; a layer without one, a foil, has none. */
function fromLayers(layers: readonly string[], what: 'layers' | 'under the straps', units: Units): FieldValue | null {
  const thick = layers.flatMap((name) => {
    const [figure] = figuresIn(wordsOf(name))
    return figure ? [{ name, typed: typedFigure(figure, units === 'imperial') }] : []
  })
  if (thick.length === 0) return null
  if (what === 'layers') return thick.map(({ typed }) => typed).join(', ')
  const straps = thick.findIndex(({ name }) => STRAPS.test(name))
  return straps < 0 ? null : straps
}

function takenFrom(
  place: Place,
  what: Exclude<Taken, 'layers' | 'under the straps'>,
  { kind, values }: Pick<RegisterEntry, 'kind' | 'values'>,
  net: number | undefined,
  units: Units,
): FieldValue | null {
  const sides = place.size?.sides ?? []
  if (what === 'long') return sides[0] ?? null
  if (what === 'wide') return sides[1] ?? null
  // Of a face, a roof or a fence the second side is its height.
  if (what === 'tall') return (place.kind === 'room' ? sides[2] : sides[1]) ?? null
  const surface = net !== undefined && what === 'surface' ? net : squareMetres(place, what, nameOf(kind, values))
  return surface === null ? null : printerFor(units).area(surface)
}

const nameOf = (kind: string, values: Values): string => String(values[kindOf(kind).fields[0]!.key] ?? '').toLowerCase()

function squareMetres({ kind, size }: Place, what: Taken, name: string): number | null {
  const basis: Basis =
    what === 'floor' || /\bfloor\b/.test(name)
      ? 'floor'
      : kind !== 'room'
        ? 'face'
        : /\bceiling\b/.test(name)
          ? /\bwalls?\b/.test(name)
            ? 'walls-and-ceiling'
            : 'ceiling'
          : 'walls'
  return reckon(basis, kind, size)?.quantity.value ?? null
}
