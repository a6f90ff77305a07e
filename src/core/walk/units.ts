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

/** What a place holds that a copy of it has too, each under a key that changes when it does. */
function held(state: SiteState, place: Place): string[] {
  const here = <T extends { readonly placeId: string | null }>(all: readonly T[]): T[] =>
    all.filter(({ placeId }) => placeId === place.id)
  return [
    ...(place.size ? [sizeKey(place)] : []),
    ...here(state.lines).flatMap((line) => [line.id, ...(line.excluded ? [outKey(line.id)] : [])]),
    ...here(state.selections).map(({ id }) => id),
    ...here(state.entries)
      .filter(isBuiltAlike)
      .map((entry) => entryKey(entry)),
  ]
}

const sizeKey = ({ size }: Place): string => `size ${size!.sides.map((side) => side.tenths).join('x')}`
const outKey = (id: string): string => `out ${id}`
const entryKey = ({ id, seenAt }: { readonly id: string; readonly seenAt: string }): string => `${id} ${seenAt}`

const turningOf = (place: Place, placeId: string, mirrored: boolean, units: Units): Turning => ({
  placeId,
  mirrored,
  size: place.size,
  units,
})

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
  const twin = (of: { readonly id: string }): string => ids.twin(of.id, id)
  const turning = turningOf(place, id, mirrored, units)
  const { kind, level, size, openings } = place
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
        ...(mirrored ? { mirrored } : {}),
        alike: held(state, place),
      },
    },
    ...state.lines.filter((line) => line.placeId === place.id).flatMap((line) => lineAgain(line, turning, twin(line))),
    ...state.selections
      .filter((one) => one.placeId === place.id)
      .flatMap((selection) => selectionAgain(selection, turning, twin(selection))),
    ...state.entries
      .filter((entry) => entry.placeId === place.id && isBuiltAlike(entry))
      .map((entry) => entryAgain(entry, turning, twin(entry))),
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
export function offers(state: SiteState, units: Units, { twin }: Pick<Ids, 'twin'>): Offer[] {
  const places = new Map(state.places.map((place) => [place.id, place]))
  const lines = groupBy(state.lines, ({ placeId }) => placeId)
  const mine = new Map(state.lines.map((line) => [line.id, line]))
  return state.places.flatMap((copy): Offer[] => {
    const source = places.get(copy.from ?? '')
    if (!source || !copy.alike) return []
    const known = new Set(copy.alike)
    const turning = turningOf(source, copy.id, copy.mirrored === true, units)
    const offer = (key: string, words: string, facts: readonly NewFact[]): Offer[] =>
      known.has(key) ? [] : [{ key, placeId: copy.id, words, facts }]
    return [
      ...(source.size && (copy.size === null || sizeKey(source) !== sizeKey(copy))
        ? offer(sizeKey(source), `It is ${printSize(source.size, units)} now`, [
            { subject: 'place', subjectId: copy.id, facet: 'measured', placeId: copy.id, value: source.size },
          ])
        : []),
      ...(lines.get(source.id) ?? []).flatMap((line) => {
        const id = twin(line.id, copy.id)
        const pair = mine.get(id)
        if (!line.excluded)
          return pair ? [] : offer(line.id, `New: ${turnedWords(line.title, turning)}`, lineAgain(line, turning, id))
        if (!pair || pair.excluded) return []
        return offer(outKey(line.id), `Left out: ${pair.title} (${excludedWords(line.excluded)})`, [
          { subject: 'line', subjectId: pair.id, facet: 'excluded', placeId: copy.id, value: line.excluded },
        ])
      }),
      ...state.selections
        .filter(({ placeId }) => placeId === source.id)
        .flatMap((selection) =>
          offer(
            selection.id,
            `To choose: ${turnedWords(selection.what, turning)}`,
            selectionAgain(selection, turning, twin(selection.id, copy.id)),
          ),
        ),
      ...state.entries
        .filter((entry) => entry.placeId === source.id && isBuiltAlike(entry))
        .flatMap((entry) =>
          offer(entryKey(entry), `Written down: ${turnedWords(entryName(entry), turning)}`, [
            entryAgain(entry, turning, twin(entry.id, copy.id)),
          ]),
        ),
    ]
  })
}

/** A copy in which some offers are settled: taken over, or not so here. */
export const settledOffers = (copy: Place, keys: readonly string[]): NewFact => ({
  subject: 'place',
  subjectId: copy.id,
  facet: 'alike',
  placeId: copy.id,
  value: [...new Set([...(copy.alike ?? []), ...keys])],
})

/** The units of a house, each with its places, in walking order. */
export function unitsOf({ places }: Pick<SiteState, 'places'>): ReadonlyMap<string, readonly Place[]> {
  return groupBy(
    places.filter(({ unit }) => unit),
    ({ unit }) => unit!,
  )
}
