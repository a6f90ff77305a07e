import type { NamedPlace, PlacedEntry } from './entryKind'
import type { Values } from './field'

export interface FaceLayers {
  readonly placeId: string
  readonly name: string
  readonly layers: readonly string[]
  /** Where its layers come from. */
  readonly from: 'every face' | 'its own' | 'nobody said'
  /** Layers of the rule that it lacks, and those that it has beside it. */
  readonly lacks: readonly string[]
  readonly adds: readonly string[]
}

/** The names in a list parted by commas. */
export const layerNames = (typed: unknown): string[] =>
  String(typed ?? '')
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '')

/** A wrap outside the sheathing keeps the weather out and lets vapour pass; one that stops vapour stands inside. People call
 * both by the same name, and taking one for the other rots a wall. */
export const BARRIERS = ['weather barrier', 'vapour barrier'] as const
export const WHICH_BARRIER =
  'A ‘vapour barrier’ was named outside the sheathing, where a weather barrier usually stands: which one is meant?'
const VAPOUR = /\bvapou?r[- ](?:barrier|control layer|retarder)\b/i

/** The place of a vapour barrier that was named outside the sheathing; -1 where none was. */
const oddBarrier = (names: readonly string[]): number => {
  const sheathing = names.findIndex((name) => /\bsheathing\b/i.test(name))
  return sheathing < 0 ? -1 : names.findIndex((name, i) => i > sheathing && VAPOUR.test(name))
}

export const isBarrierAsked = ({ layers, barrier }: Values): boolean => !barrier && oddBarrier(layerNames(layers)) >= 0

/** The layers as they are told to readers: what may be the wrong word is not repeated until somebody said which is meant. */
export function layersMeant({ layers, barrier }: Values): string[] {
  const names = layerNames(layers)
  const odd = oddBarrier(names)
  return names.map((name, i) => (i === odd ? name.replace(VAPOUR, String(barrier ?? 'barrier')) : name))
}

const same = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase()
const without = (all: readonly string[], some: readonly string[]): string[] =>
  all.filter((one) => !some.some((other) => same(one, other)))

/** The layers that were told of a place, or else those that hold on every face; the latest said wins. */
export const layersAt = (entries: readonly Pick<PlacedEntry, 'placeId' | 'values'>[], placeId: string): string[] => {
  const told =
    entries.filter((one) => one.placeId === placeId && one.values.rule !== 'on every face').at(-1) ??
    entries.filter(({ values }) => values.rule === 'on every face').at(-1)
  return told ? layersMeant(told.values) : []
}

/** The layers of every outside face: its own where somebody said them, otherwise those that hold on every face.
 * @param entries the entries of the register of layers, oldest first; the latest said wins */
export function layersByFace(entries: readonly PlacedEntry[], places: readonly NamedPlace[]): FaceLayers[] {
  const rule = entries.filter(({ values }) => values.rule === 'on every face').at(-1)
  const usual = rule ? layersMeant(rule.values) : []
  return places
    .filter(({ kind }) => kind === 'face')
    .map(({ id, name }) => {
      const own = entries.filter(({ placeId, values }) => placeId === id && values.rule !== 'on every face').at(-1)
      const layers = layersAt(entries, id)
      return {
        placeId: id,
        name,
        layers,
        from: own ? 'its own' : rule ? 'every face' : 'nobody said',
        lacks: own && rule ? without(usual, layers) : [],
        adds: own && rule ? without(layers, usual) : [],
      }
    })
}

/** One sentence a face, exceptions told as such. */
export const layerSentences = (entries: readonly PlacedEntry[], places: readonly NamedPlace[]): string[] =>
  layersByFace(entries, places).map(({ name, layers, from, lacks, adds }) => {
    if (from === 'nobody said') return `${name}: nobody has said its layers yet.`
    const exception = [
      ...(lacks.length > 0 ? [`without ${lacks.join(', ')}`] : []),
      ...(adds.length > 0 ? [`with ${adds.join(', ')}`] : []),
    ]
    const tail = exception.length > 0 ? `, an exception: ${exception.join(' and ')}` : ''
    return `${name}: ${layers.join(' → ')}${tail}.`
  })
