import MiniSearch from 'minisearch'
import { shortDay } from '../../core/calendar/day'
import { entryName } from '../../core/entries/entry'
import { FIND_OPTIONS, FINDABLE, type Sought } from '../../core/find/sought'
import type { PlannedVisit } from '../../core/schedule/plan'
import { byStart } from '../../core/schedule/tradeRun'
import { STAGES, TRADES } from '../../core/scope/vocabulary'
import { placeName, type SiteState } from '../../core/walk/siteState'
import { readCrews, type CrewContact } from '../../data/crews'
import { readPlan } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { visitNamer } from '../share/visitWords'
import { finishedKeys } from '../siteStates'
import { findableHref } from './findableHref'

export interface Found {
  readonly id: string
  readonly title: string
  readonly detail: string
  readonly href: string
}

interface Hit extends Found {
  readonly score: number
}

const MOST = 14
/** What was recorded by that very name stands first; then what the product calls so, then the rest. */
const FIRST_NAMED = 2
const FIRST_KNOWN = 4

type Indexed = Sought & { readonly detail: string; readonly href: string }

const indexOf = <T extends Sought>(documents: readonly T[]): MiniSearch<T> => {
  const index = new MiniSearch<T>(FIND_OPTIONS)
  index.addAll(documents)
  return index
}
const KNOWN = indexOf(FINDABLE)
const SOUGHT = new Map(FINDABLE.map((one) => [one.id, one]))
/** What is recorded of a site changes with its revision; a state is made once for each. */
const recorded = new WeakMap<SiteState, MiniSearch<Indexed>>()

/** Finds whatever is meant by some words: sites, places by any name, trades with when they come, lines, selections, what was
 * told, kinds of entry by what people call them, what can be done, and settings.
 * @param siteId the site that the page is about, where it is about one */
export function find(context: Context, query: string, siteId: string | null = null): readonly Found[] {
  if (query.trim() === '') return []
  const sites = context.sites()
  const site = sites.find(({ id }) => id === siteId) ?? sites[0] ?? null
  const records = eachSite(context, (one) => recordsOf(context, one, query)).shown.flat()
  const named = best(records.filter(({ score }) => score >= NAMED))
  const others = best(records.filter(({ score }) => score < NAMED))
  const known = context.seesMoney ? best(knownHits(context, query, site, records.length === 0)) : []
  return [
    ...named.slice(0, FIRST_NAMED),
    ...known.slice(0, FIRST_KNOWN),
    ...named.slice(FIRST_NAMED),
    ...others,
    ...known.slice(FIRST_KNOWN),
  ]
    .slice(0, MOST)
    .map(({ id, title, detail, href }) => ({ id, title, detail, href }))
}

const best = (hits: readonly Hit[]): readonly Hit[] => [...hits].sort((a, b) => b.score - a.score)

/** All the words, or any of them. */
function search<T extends Sought>(index: MiniSearch<T>, query: string, anyWord: boolean) {
  const all = index.search(query)
  return all.length > 0 || !anyWord ? all : index.search(query, { combineWith: 'OR' })
}

/** @param anyWord whether one of the words is enough, where nothing has them all */
function knownHits(context: Context, query: string, site: Site | null, anyWord: boolean): Hit[] {
  const crews = readCrews(context.db)
  const answers = tradeAnswers(context, crews)
  return [...search(KNOWN, query, anyWord), ...search(crewsOf(crews), query, anyWord)].flatMap(
    ({ id, name, score, detail }) => {
      const { kind, key } = partsOf(String(id))
      if (kind === 'crew')
        return [
          {
            id: String(id),
            title: String(name),
            detail: answers(String(detail), key),
            href: `/plan/trades/${key}`,
            score,
          },
        ]
      const href = findableHref(String(id), site?.id ?? null, context.person.role)
      if (href === null) return []
      const said = kind === 'trade' ? answers(key, null) : KINDS[kind]!(site)
      return [{ id: String(id), title: SOUGHT.get(String(id))!.name, detail: said, href, score }]
    },
  )
}

const KINDS: Readonly<Record<string, (site: Site | null) => string>> = {
  write: (site) => `write it down, ${site?.name}`,
  do: () => 'do it',
  page: () => 'page',
  set: () => 'page',
  lay: (site) => `work for a place of ${site?.name}`,
  choose: (site) => `a selection, ${site?.name}`,
}

const partsOf = (id: string): { kind: string; key: string } => {
  const colon = id.indexOf(':')
  return { kind: id.slice(0, colon), key: id.slice(colon + 1) }
}

const crewsOf = (crews: readonly CrewContact[]): MiniSearch<Indexed> =>
  indexOf<Indexed>(
    crews.map((crew) => ({
      id: `crew:${crew.id}`,
      name: crew.name,
      also: '',
      words: TRADES[crew.trade],
      detail: crew.trade,
      href: '',
    })),
  )

/** When a trade or a crew comes next, of the visits that are planned and not done. */
function tradeAnswers(context: Context, all: readonly CrewContact[]): (trade: string, crewId: string | null) => string {
  const seen = new Set(context.sites().map(({ id }) => id))
  const done = finishedKeys(context.db, context.sites())
  const coming = (readPlan(context.db)?.plan.visits ?? [])
    .filter((visit) => seen.has(visit.siteId) && visit.endDay >= context.today && !done.has(visit.key))
    .sort(byStart)
  const nameOf = visitNamer(context.db)
  const crews = new Map(all.map(({ id, name }) => [id, name]))
  const when = (visit: PlannedVisit): string =>
    visit.startDay <= context.today ? `now, until ${shortDay(visit.endDay)}` : shortDay(visit.startDay)
  return (trade, crewId) => {
    const theirs = coming.filter((visit) => (crewId ? visit.crewId === crewId : visit.trade === trade))
    const [next] = theirs
    if (!next) return 'nothing planned'
    const who = crewId === null && next.crewId ? ` (${crews.get(next.crewId)})` : ''
    const more = theirs.length === 1 ? '' : `; ${theirs.length - 1} more`
    return `comes ${when(next)}: ${nameOf(next)}${who}${more}`
  }
}

/** From this score on, every word is in the name. */
const NAMED = 1000

function recordsOf(context: Context, site: Site, query: string): Hit[] {
  const state = context.record(site)
  const index = recorded.get(state) ?? indexOf(documentsOf(site, state))
  recorded.set(state, index)
  return index.search(query).map(({ score, terms, match, ...one }) => ({
    id: String(one.id),
    title: short(String(one.name)),
    detail: String(one.detail),
    href: String(one.href),
    score: score + (terms.length > 0 && terms.every((term) => match[term]?.includes('name')) ? NAMED : 0),
  }))
}

const short = (text: string): string => (text.length > 80 ? `${text.slice(0, 78)}…` : text)

/** What is recorded of a site, each with where it is seen. */
function documentsOf(site: Site, state: SiteState): Indexed[] {
  const home = `/sites/${site.id}`
  const where = (placeId: string | null): string => [...new Set([placeName(state, placeId), site.name])].join(', ')
  const one = (id: string, name: string, detail: string, href: string, also = '', words = ''): Indexed => ({
    id,
    name,
    also,
    words: `${words} ${detail}`,
    detail,
    href: `${home}/${href}`,
  })
  const told = (id: string, placeId: string | null, text: string): Indexed =>
    one(id, text, where(placeId), placeId ? `scope?place=${placeId}` : `record?entry=${id}#${id}`)
  return [
    one(site.id, site.name, 'site', 'scope'),
    ...state.places.map(({ id, name, futureName, formerNames }) =>
      one(
        id,
        futureName ? `${name}, to be ${futureName}` : name,
        site.name,
        `scope?place=${id}`,
        formerNames.join(' '),
      ),
    ),
    ...state.selections.map(({ id, placeId, what, choice }) =>
      one(id, what, where(placeId), `selections?selection=${id}`, choice ?? ''),
    ),
    ...state.lines.map(({ id, placeId, stage, title, trade }) =>
      one(id, title, where(placeId), `scope?place=${placeId}&stage=${stage}`, '', `${STAGES[stage]} ${TRADES[trade]}`),
    ),
    ...state.entries.map((entry) =>
      one(entry.id, entryName(entry), where(entry.placeId), `record?entry=${entry.id}#${entry.id}`),
    ),
    ...state.findings.map(({ id, placeId, text }) => told(id, placeId, text)),
    ...state.keeps.map(({ id, placeId, text }) => told(id, placeId, text)),
    ...state.decisions.map(({ id, placeId, question }) => told(id, placeId, question)),
    ...state.notes.map(({ id, placeId, text }) => told(id, placeId, text)),
  ]
}
