import type { NamedPlace, PlacedEntry } from './entryKind'

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

const same = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase()
const without = (all: readonly string[], some: readonly string[]): string[] =>
  all.filter((one) => !some.some((other) => same(one, other)))

/** The layers of every outside face: its own where somebody said them, otherwise those that hold on every face.
 * @param entries the entries of the register of layers, oldest first; the latest said wins */
export function layersByFace(entries: readonly PlacedEntry[], places: readonly NamedPlace[]): FaceLayers[] {
  const rule = entries.filter(({ values }) => values.rule === 'on every face').at(-1)
  const usual = layerNames(rule?.values.layers)
  return places
    .filter(({ kind }) => kind === 'face')
    .map(({ id, name }) => {
      const own = entries.filter(({ placeId, values }) => placeId === id && values.rule !== 'on every face').at(-1)
      const layers = own ? layerNames(own.values.layers) : usual
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
