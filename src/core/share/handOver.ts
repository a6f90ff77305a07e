import { measuredAmount } from '../scope/lineAmount'
import { dayOf, type Day } from '../calendar/day'
import { entryName, kindOf } from '../entries/entry'
import { toldTo } from '../entries/toldTo'
import type { Units } from '../measure/length'
import type { Action } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** What a household is given at the end: what was built, and what is needed to live with it. No money, no opinion. */
export interface HandOver {
  /** The phases of the contract, each with what was in it and how it was closed. */
  readonly contract: readonly string[]
  /** Whether its pictures may be shown in public, in a sentence. */
  readonly publicUse: string
  readonly built: readonly {
    readonly place: string
    readonly work: readonly string[]
    readonly chosen: readonly string[]
  }[]
  /** Things for the pack by their sort: colours, spare parts, manuals, warranties. */
  readonly items: readonly { readonly sort: string; readonly things: readonly string[] }[]
  /** What stays reachable, and what is only there for a time. */
  readonly reachable: readonly string[]
  readonly temporary: readonly string[]
  /** What is behind each wall, as it was seen before it was covered. */
  readonly atlas: readonly AtlasPhoto[]
  /** From one spot, before and after. */
  readonly album: readonly { readonly place: string; readonly before: AtlasPhoto; readonly after: AtlasPhoto }[]
}

export interface AtlasPhoto {
  readonly hash: string
  readonly place: string
  readonly caption: string
  readonly on: Day
}

/** What the household allowed of its pictures; without leave they are for itself alone. */
const publicUse = (given: readonly string[]): string =>
  given.length === 0
    ? 'These pictures are for the household alone: nobody gave leave to show them in public.'
    : given.map((leave) => `Leave to show pictures in public was given by ${leave}.`).join(' ')

/** Work that is done and gone: nothing of it stays in the house. */
const LEAVES_NOTHING: readonly Action[] = ['protect', 'remove', 'test', 'inspect', 'order', 'clean']

export function composeHandOver(state: SiteState, units: Units): HandOver {
  const nameOf = (id: string | null): string => state.places.find((place) => place.id === id)?.name ?? 'The whole site'
  const done = state.lines.filter(
    (line) => line.excluded === null && line.progress === 100 && !LEAVES_NOTHING.includes(line.action),
  )
  const shown = state.photos.filter((photo) => !photo.sheet)
  const photoOf = (photo: (typeof shown)[number]): AtlasPhoto => ({
    hash: photo.hash,
    place: nameOf(photo.placeId),
    caption: photo.details?.behind ? `${photo.caption}: behind it ${String(photo.details.behind)}` : photo.caption,
    on: dayOf(photo.seenAt),
  })
  const told = state.entries.flatMap((entry) => {
    const fact = toldTo('hand-over', entry, { units })
    return fact ? [{ entry, ...fact }] : []
  })
  const linesIn = (part: string): string[] =>
    told
      .filter((one) => one.part === part)
      .map(({ entry, sentences }) => [`${nameOf(entry.placeId)}: ${entryName(entry)}`, ...sentences].join(', '))
  const openIn = (part: string) => told.filter((one) => one.part === part && one.entry.settled === null)
  const items = new Map<string, string[]>()
  for (const { entry, sentences } of told.filter(({ part }) => part === 'items')) {
    const { sort = kindOf(entry.kind).register } = entry.values
    const words = [`${nameOf(entry.placeId)}: ${entryName(entry)}`, ...sentences].join(', ')
    items.set(String(sort), [...(items.get(String(sort)) ?? []), words])
  }
  return {
    publicUse: publicUse(openIn('public').map(({ entry, sentences }) => [entryName(entry), ...sentences].join(', '))),
    contract: told
      .filter(({ part }) => part === 'contract')
      .map(({ entry, sentences }) =>
        [...sentences, entry.settled ? `. Closed: ${entry.settled.result}` : ', not closed yet'].join(''),
      ),
    built: state.places.flatMap((place) => {
      const work = done.filter((line) => line.placeId === place.id)
      const chosen = state.selections.filter((one) => one.placeId === place.id && one.choice)
      if (work.length === 0 && chosen.length === 0) return []
      return [
        {
          place: place.name,
          work: work.map((line) => [line.title, measuredAmount(line, units)].filter(Boolean).join(', ')),
          chosen: chosen.map(
            ({ what, choice, supplier }) => `${what}: ${choice}${supplier ? `, from ${supplier}` : ''}`,
          ),
        },
      ]
    }),
    items: [...items].map(([sort, things]) => ({ sort, things })),
    reachable: linesIn('reachable'),
    temporary: [
      ...state.keeps
        .filter((keep) => !keep.released)
        .map(({ placeId, text, until }) => `${nameOf(placeId)}: ${text}${until ? `, until ${until}` : ''}`),
      ...openIn('temporary').map(({ entry, sentences }) =>
        [`${nameOf(entry.placeId)}: ${entryName(entry)}`, ...sentences].join(', '),
      ),
    ],
    atlas: shown.filter((photo) => photo.details?.behind !== undefined).map(photoOf),
    album: shown.flatMap((after) => {
      const before = shown.find((one) => one.hash === after.sameSpotAs)
      return before ? [{ place: nameOf(after.placeId), before: photoOf(before), after: photoOf(after) }] : []
    }),
  }
}
