import { entryKind } from '../../core/entries/entryKinds'
import { siteTotals } from '../../core/entries/totals'
import { printQuantity } from '../../core/measure/quantity'
import { printSize } from '../../core/measure/size'
import { floorArea } from '../../core/places/geometry'
import { isBuiltAlike } from '../../core/walk/alike'
import { placeName, type Place } from '../../core/walk/siteState'
import { offers, unitsOf } from '../../core/walk/units'
import { readStandards } from '../../data/standards'
import { twinIds } from '../../schemas/twinIds'
import type { Context } from '../context'

/** The units of a house side by side with their sums, what is not yet in both, and what another can be made of. */
export function unitsView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const state = context.record(site)
  const units = [...unitsOf(state)]
  const standards = readStandards(context.db, site.id)
  const entriesOf = (places: readonly Place[]) => {
    const ids = new Set(places.map(({ id }) => id))
    return state.entries.filter(({ placeId }) => placeId !== null && ids.has(placeId))
  }
  const hoursOf = (places: readonly Place[]): number =>
    state.lines
      .filter((line) => line.excluded === null && places.some(({ id }) => id === line.placeId))
      .reduce((sum, line) => sum + line.hours, 0)
  const areaOf = (places: readonly Place[]): string =>
    printQuantity(
      {
        value: places.reduce((sum, { kind, size }) => sum + (kind === 'room' ? (floorArea(size) ?? 0) : 0), 0),
        unit: 'm2',
      },
      site.units,
    )
  const all = units.flatMap(([, places]) => places)
  const row = (what: string, of: (places: readonly Place[]) => string) => ({
    what,
    each: units.map(([, places]) => of(places)),
    all: of(all),
  })
  const written = [
    ...new Set(
      entriesOf(all)
        .filter(isBuiltAlike)
        .map(({ kind }) => kind),
    ),
  ]
  return {
    site: { id: site.id, name: site.name },
    units: units.map(([unit, places]) => ({
      name: unit,
      places: places.map((place) => ({
        id: place.id,
        name: place.name,
        size: place.size ? printSize(place.size, site.units) : 'not measured yet',
      })),
    })),
    sums: [
      row('Places', (places) => String(places.length)),
      row('Floor', areaOf),
      row('Hours of work', (places) => String(Math.round(hoursOf(places)))),
      ...written.map((kind) =>
        row(entryKind(kind)!.register, (places) =>
          String(entriesOf(places).filter((entry) => entry.kind === kind && entry.settled === null).length),
        ),
      ),
    ],
    totals: siteTotals(entriesOf(all), site.units, standards, undefined, context.seesMoney).map(
      ({ sentence }) => sentence,
    ),
    offers: offers(state, site.units, twinIds).map(({ key, placeId, words }) => ({
      key,
      placeId,
      words,
      place: placeName(state, placeId),
      source: placeName(state, state.places.find(({ id }) => id === placeId)!.from!),
    })),
    places: state.places.map(({ id, name, level, unit }) => ({ id, name, level, unit: unit ?? null })),
  }
}
