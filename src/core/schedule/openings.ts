import type { PlaceKind } from '../places/place'
import type { Line } from '../scope/line'
import type { Element, Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'
import { OPENING_SORTS, type OpeningSort } from './sense'
import type { Visit } from './visits'

/** Something outside that some visits open and others close again. */
export interface Opening {
  readonly placeId: string
  readonly sort: OpeningSort
  /** Visits by their number on the site. */
  readonly opens: readonly number[]
  /** None where nothing in the scope closes it. */
  readonly closes: readonly number[]
}

const UNITS: readonly Element[] = ['window', 'door', 'opening']
const COVERINGS: readonly Element[] = ['siding', 'sheathing', 'weather-barrier']
/** What closes a face: the first of these that the scope has there. */
const CLOSES_FACE: readonly Stage[] = ['weather-barrier', 'cladding', 'plaster']
/** What ends an open dig: the first of these that the scope has there; the well of a window goes in with its unit. */
const CLOSES_GROUND: readonly Stage[] = ['underground', 'concrete', 'site-works', 'windows-doors']

/** What of a place a line opens to the sky, or null. */
export function opens({ stage, action, element, trade }: Line, kind: PlaceKind): OpeningSort | null {
  // A trench is nobody's to fall into, outside or in.
  if (stage === 'excavation') return 'ground'
  if (kind === 'ground' || kind === 'boundary') return null
  const takesOut = action === 'remove' && (element === 'window' || (element === 'door' && trade === 'window-door'))
  if (takesOut) return 'hole'
  if (element === 'opening' && (action === 'enlarge' || (action === 'install' && stage === 'framing'))) return 'cut'
  if (stage !== 'strip-out') return null
  if (element === 'roof' && (kind === 'roof' || kind === 'outbuilding')) return 'roof'
  return kind === 'face' && COVERINGS.includes(element) ? 'face' : null
}

/** Whether a line closes what was opened there. */
function closes({ stage, action, element, inspects }: Line, sort: OpeningSort, present: ReadonlySet<Stage>): boolean {
  // Who looks at it closes nothing.
  if (inspects) return false
  switch (sort) {
    case 'hole':
    case 'cut':
      return present.has('windows-doors')
        ? stage === 'windows-doors' && action !== 'remove' && action !== 'inspect'
        : action === 'close-up' && UNITS.includes(element)
    case 'roof':
      return stage === 'roof' && action !== 'inspect' && action !== 'test'
    case 'face':
      return stage === CLOSES_FACE.find((one) => present.has(one))
    case 'ground':
      return stage === CLOSES_GROUND.find((one) => present.has(one))
  }
}

/** All that the open work of a site opens to the sky, place by place. A visit that opens and closes at once leaves nothing
 * open. */
export function openingsOf(
  visits: readonly Visit[],
  { places, lines }: Pick<SiteState, 'places' | 'lines'>,
): Opening[] {
  const byId = new Map(lines.map((line) => [line.id, line]))
  return places.flatMap((place) => {
    const here = visits.flatMap((visit, index) =>
      visit.inspects.length > 0 || !visit.placeIds.includes(place.id)
        ? []
        : [
            {
              index,
              lines: visit.lineIds.flatMap((id) => (byId.get(id)?.placeId === place.id ? [byId.get(id)!] : [])),
            },
          ],
    )
    const present = new Set(here.flatMap((one) => one.lines.map(({ stage }) => stage)))
    return (Object.keys(OPENING_SORTS) as OpeningSort[]).flatMap((sort): Opening[] => {
      const closing = here.flatMap(({ index, lines: its }) =>
        its.some((line) => closes(line, sort, present)) ? [index] : [],
      )
      const opening = here.flatMap(({ index, lines: its }) =>
        !closing.includes(index) && its.some((line) => opens(line, place.kind) === sort) ? [index] : [],
      )
      return opening.length === 0 ? [] : [{ placeId: place.id, sort, opens: opening, closes: closing }]
    })
  })
}
