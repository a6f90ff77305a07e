import { ImpossibleRequest } from '../errors/impossibleRequest'
import { entryName } from '../entries/entry'
import { capital } from '../lists/capital'
import { groupBy } from '../lists/groupBy'
import type { Units } from '../measure/length'
import { printSize } from '../measure/size'
import { excludedWords } from '../scope/line'
import { entryAgain, isBuiltAlike, lineAgain, selectionAgain, turnedWords, type Turning } from './alike'
import type { NewFact } from './observation'
import type { Place, SiteState } from './siteState'

/** Ids of what is made: new ones, and of a twin in a copy, the same for as long as it is the same thing in the same copy, so
 * that two people who take it over make one. */
export interface Ids {
  readonly fresh: () => string
  readonly twin: (id: string, copyId: string) => string
}

/** A unit of a house that is copied as a whole. */
export interface UnitCopy {
  readonly placeIds: readonly string[]
  /** What the one that stands is called: 'Unit 5'. */
  readonly of: string
  /** What the other is called. */
  readonly name: string
  /** Left is right there, doors and hands turned. */
  readonly mirrored: boolean
  /** What is different there, a sentence each. */
  readonly differences: readonly string[]
}

/** A change in one place that is not yet made in the place that was copied from it. */
export interface Offer {
  readonly key: string
  /** The copy that it is offered to. */
  readonly placeId: string
  /** What changed in the other. */
  readonly words: string
  /** What makes it so here. */
  readonly facts: readonly NewFact[]
}

/** One thing that a place has and a copy of it has too: under a key of the thing and how it stands, what it is called, and the
 * facts by which a copy has it so; none where the copy has it so already. */
interface Held {
  readonly key: string
  readonly words: string
  readonly facts: readonly NewFact[]
}

const keyOf = (thing: string, stands: string): string => `${thing} ${stands}`
const thingOf = (key: string): string => key.slice(0, key.indexOf(' '))
const sidesOf = ({ size }: Pick<Place, 'size'>): string => size?.sides.map((side) => side.tenths).join('x') ?? ''

/** All that a place has, as it is told of a copy.
 * @param copy the copy as it stands; without a size where it is just being laid out */
function heldBy(
  state: SiteState,
  place: Place,
  copy: Pick<Place, 'id' | 'size' | 'mirrored'>,
  units: Units,
  { twin }: Pick<Ids, 'twin'>,
): Held[] {
  const turning: Turning = { placeId: copy.id, mirrored: copy.mirrored === true, size: place.size, units }
  const here = <T extends { readonly placeId: string | null }>(all: readonly T[]): T[] =>
    all.filter(({ placeId }) => placeId === place.id)
  const lines = new Map(state.lines.map((line) => [line.id, line]))
  const size = (now: NonNullable<Place['size']>): Held => ({
    key: keyOf('size', sidesOf(place)),
    words: `It is ${printSize(now, units)} now`,
    facts:
      sidesOf(place) === sidesOf(copy)
        ? []
        : [{ subject: 'place', subjectId: copy.id, facet: 'measured', placeId: copy.id, value: now }],
  })
  return [
    ...(place.size ? [size(place.size)] : []),
    ...here(state.lines).map((line): Held => {
      const id = twin(line.id, copy.id)
      const pair = lines.get(id)
      const title = turnedWords(line.title, turning)
      const scope = {
        subject: 'line',
        subjectId: id,
        facet: 'excluded',
        placeId: copy.id,
        value: line.excluded,
      } as const
      return {
        key: keyOf(line.id, line.excluded ? 'out' : 'in'),
        words: line.excluded
          ? `Left out: ${title} (${excludedWords(line.excluded)})`
          : `${pair ? 'In again' : 'New'}: ${title}`,
        facts: !pair
          ? lineAgain(line, turning, id)
          : (pair.excluded === null) === (line.excluded === null)
            ? []
            : [scope],
      }
    }),
    ...here(state.selections).map((selection): Held => ({
      key: keyOf(selection.id, 'there'),
      words: `To choose: ${turnedWords(selection.what, turning)}`,
      facts: selectionAgain(selection, turning, twin(selection.id, copy.id)),
    })),
    ...here(state.entries)
      .filter(isBuiltAlike)
      .map((entry): Held => ({
        key: keyOf(entry.id, entry.seenAt),
        words: `Written down: ${turnedWords(entryName(entry), turning)}`,
        facts: [entryAgain(entry, turning, twin(entry.id, copy.id))],
      })),
  ]
}

/** A place again with its size, lines, selections and what is written of how it is built, none of it done yet.
 * @throws ImpossibleRequest `no-name` or `name-taken` with field `to` */
export function placeAgain(
  state: SiteState,
  place: Place,
  as: { readonly name: string; readonly level?: string; readonly order: number; readonly unit?: string },
  mirrored: boolean,
  units: Units,
  ids: Ids,
): NewFact[] {
  requireFreeName(state, as.name)
  const id = ids.fresh()
  const { kind, level, size, openings } = place
  const turned = mirrored ? { mirrored } : {}
  const all = heldBy(state, place, { id, size, ...turned }, units, ids)
  return [
    {
      subject: 'place',
      subjectId: id,
      facet: 'laid',
      placeId: id,
      value: {
        name: as.name.trim(),
        kind,
        level: as.level ?? level,
        size,
        order: as.order,
        from: place.id,
        ...(openings === undefined ? {} : { openings }),
        ...(as.unit ? { unit: as.unit } : {}),
        ...turned,
        alike: all.map(({ key }) => key),
      },
    },
    ...all.flatMap(({ facts }) => facts),
  ]
}

/** @throws ImpossibleRequest `no-name` or `name-taken` with field `to` */
export function requireFreeName(state: Pick<SiteState, 'places'>, name: string): void {
  const wanted = name.trim().toLowerCase()
  if (wanted === '') throw new ImpossibleRequest('no-name', 'Name: say what the new place is called.', 'to')
  if (state.places.some((place) => place.name.toLowerCase() === wanted))
    throw new ImpossibleRequest('name-taken', `Name: there is a ${name.trim()} already. Choose another name.`, 'to')
}

/** A unit again, place by place, with what is different there written down.
 * @throws ImpossibleRequest naming the field */
export function copyUnit(
  state: SiteState,
  { placeIds, of, name, mirrored, differences }: UnitCopy,
  units: Units,
  ids: Ids,
): NewFact[] {
  const [was, will] = [of.trim(), name.trim()]
  if (was === '') throw new ImpossibleRequest('no-unit', 'This one: say what it is called, like Unit 5.', 'of')
  if (will === '') throw new ImpossibleRequest('no-unit', 'The other: say what it is called, like Unit 6.', 'name')
  if (was.toLowerCase() === will.toLowerCase())
    throw new ImpossibleRequest('same-unit', 'The other: it needs another name than this one.', 'name')
  const places = state.places.filter(({ id }) => placeIds.includes(id))
  if (places.length === 0)
    throw new ImpossibleRequest('no-places', 'Places: tick those that it is made of.', 'placeIds')
  const after = Math.max(...state.places.map(({ order }) => order))
  const again = places.map((place, i) =>
    placeAgain(
      state,
      place,
      {
        name: renamed(place.name, was, will),
        level: renamed(place.level, was, will),
        order: after + 1 + i,
        unit: will,
      },
      mirrored,
      units,
      ids,
    ),
  )
  const named = new Map(places.map((place, i) => [place.name.toLowerCase(), again[i]![0]!.placeId!]))
  return [
    ...places
      .filter((place) => place.unit !== was)
      .map((place): NewFact => ({
        subject: 'place',
        subjectId: place.id,
        facet: 'unit',
        placeId: place.id,
        value: was,
      })),
    ...again.flat(),
    ...differences.flatMap((line): NewFact[] => {
      const what = line.trim()
      if (what === '') return []
      const at = [...named].find(([place]) => what.toLowerCase().includes(place))?.[1] ?? null
      return [
        {
          subject: 'entry',
          subjectId: ids.fresh(),
          facet: 'written',
          placeId: at,
          value: { kind: 'unit-difference', values: { what: capital(what), unit: will, of: was } },
        },
      ]
    }),
  ]
}

/** 'Unit 5 bath' is 'Unit 6 bath' in the other; a bath without the name of its unit gets the other's. */
function renamed(text: string, was: string, will: string): string {
  const at = text.toLowerCase().indexOf(was.toLowerCase())
  return at < 0 ? `${text}, ${will}` : `${text.slice(0, at)}${will}${text.slice(at + was.length)}`
}

/** What was added or changed in places since they were copied, offered to each copy, never made there by itself. */
export function offers(state: SiteState, units: Units, ids: Pick<Ids, 'twin'>): Offer[] {
  const places = new Map(state.places.map((place) => [place.id, place]))
  return state.places.flatMap((copy): Offer[] => {
    const source = places.get(copy.from ?? '')
    if (!source || !copy.alike) return []
    const known = new Set(copy.alike)
    return heldBy(state, source, copy, units, ids)
      .filter(({ key, facts }) => facts.length > 0 && !known.has(key))
      .map((one) => ({ ...one, placeId: copy.id }))
  })
}

/** A copy in which some offers are settled: taken over, or not so here, until the thing stands otherwise again. */
export const settledOffers = (copy: Place, keys: readonly string[]): NewFact => ({
  subject: 'place',
  subjectId: copy.id,
  facet: 'alike',
  placeId: copy.id,
  value: [...(copy.alike ?? []).filter((known) => !keys.some((key) => thingOf(key) === thingOf(known))), ...keys],
})

/** The units of a house, each with its places, in walking order. */
export function unitsOf({ places }: Pick<SiteState, 'places'>): ReadonlyMap<string, readonly Place[]> {
  return groupBy(
    places.filter(({ unit }) => unit),
    ({ unit }) => unit!,
  )
}
