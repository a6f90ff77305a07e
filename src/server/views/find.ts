import { entryName } from '../../core/entries/entry'
import { STAGES } from '../../core/scope/vocabulary'
import { placeName } from '../../core/walk/siteState'
import type { Context } from '../context'
import { eachSite } from '../eachSite'

const MOST = 14

/** Finds sites, places (by today's and tomorrow's name), lines, selections and whatever was told by what was typed. */
export function find(context: Context, query: string): { title: string; detail: string; href: string }[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const matches = (...texts: readonly string[]): boolean => {
    const text = texts.join(' ').toLowerCase()
    return words.every((word) => text.includes(word))
  }
  const found: { title: string; detail: string; href: string; rank: number }[] = []
  eachSite(context, (site) => {
    if (matches(site.name)) found.push({ title: site.name, detail: 'site', href: `/sites/${site.id}/scope`, rank: 0 })
    const state = context.record(site)
    for (const place of state.places) {
      if (matches(place.name, place.futureName ?? '', ...place.formerNames, site.name)) {
        const future = place.futureName ? `, to be ${place.futureName}` : ''
        found.push({
          title: `${place.name}${future}`,
          detail: site.name,
          href: `/sites/${site.id}/scope?place=${place.id}`,
          rank: 1,
        })
      }
    }
    const name = new Map(state.places.map((place) => [place.id, place.name]))
    for (const selection of state.selections) {
      if (matches(selection.what, selection.choice ?? '', name.get(selection.placeId) ?? '')) {
        found.push({
          title: selection.what,
          detail: `${name.get(selection.placeId)}, ${site.name}`,
          href: `/sites/${site.id}/selections#${selection.id}`,
          rank: 2,
        })
      }
    }
    const told: readonly (readonly [string | null, string])[] = [
      ...state.entries.map((entry) => [entry.placeId, entryName(entry)] as const),
      ...state.findings.map((one) => [one.placeId, one.text] as const),
      ...state.keeps.map((one) => [one.placeId, one.text] as const),
      ...state.decisions.map((one) => [one.placeId, one.question] as const),
      ...state.notes.map((one) => [one.placeId, one.text] as const),
    ]
    for (const [placeId, text] of told) {
      if (matches(text, name.get(placeId ?? '') ?? '')) {
        const where = placeId ? `scope?place=${placeId}` : 'registers'
        found.push({
          title: text.length > 80 ? `${text.slice(0, 78)}…` : text,
          detail: `${placeName(state, placeId)}, ${site.name}`,
          href: `/sites/${site.id}/${where}`,
          rank: 4,
        })
      }
    }
    for (const line of state.lines) {
      if (matches(line.title, STAGES[line.stage], name.get(line.placeId) ?? '')) {
        found.push({
          title: line.title,
          detail: `${name.get(line.placeId)}, ${site.name}`,
          href: `/sites/${site.id}/scope?place=${line.placeId}&stage=${line.stage}`,
          rank: 3,
        })
      }
    }
  })
  return found
    .sort((a, b) => a.rank - b.rank)
    .slice(0, MOST)
    .map(({ title, detail, href }) => ({ title, detail, href }))
}
