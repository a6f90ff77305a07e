import { byDay, addDays, longDay, type Day } from '../calendar/day'
import { entryName, kindOf } from '../entries/entry'
import { factLine, toldOfAll, toldTo } from '../entries/toldTo'
import type { Units } from '../measure/length'
import type { Plan, PlannedVisit } from '../schedule/plan'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import { isTheirChoice } from '../selections/selection'
import type { Line } from '../scope/line'
import { stageProgress } from '../scope/progress'
import { finishDays } from '../schedule/finishDays'
import { outagesOf, outageSentence, type Outage } from './outages'
import type { Place, SiteState } from '../walk/siteState'
import { listed } from '../lists/listed'
import { composeClientScope, type ScopeOfPlace } from './clientScope'
import { doingWords, doneWords, INSPECTION_WHY, inOwnWords, isOuter, STAGE_WHY, measuringWords } from './plainWords'
import { capital } from '../lists/capital'

/** What a client may read. Composed from allowed facts only: no money, no remark, no trade's name, no other site. */
export interface ClientUpdate {
  readonly headline: string
  readonly done: readonly string[]
  readonly next: readonly string[]
  readonly off: readonly string[]
  readonly decide: readonly string[]
  /** What the work of these weeks means, and why a stage that hides matters. */
  readonly terms: readonly string[]
  /** What was agreed, place by place. */
  readonly scope: readonly ScopeOfPlace[]
  readonly finish: Day | null
  /** The day by which it is done in eight of ten ways that the work may go. */
  readonly safe: Day | null
}

/** The dates that a client was told, kept with the published update so that a later plan can be held against them. */
export interface ClientFacts {
  readonly finish: Day | null
  /** The end of the plan, from which the likely day is drawn: while it stays nothing has moved. Not kept by older updates. */
  readonly end?: Day | null
  readonly outages: readonly Outage[]
}

export interface UpdateInput {
  readonly siteId: string
  readonly today: Day
  readonly before: SiteState
  readonly now: SiteState
  readonly plan: Plan
  readonly units: Units
  /** Last day to order each undecided selection, from the live plan. */
  readonly orderBy: ReadonlyMap<string, Day>
}

const LOOK_AHEAD_DAYS = 14

/** Composes a client's update: done since the last one, next, what will be off, what to decide by when. */
export function composeClientUpdate(input: UpdateInput): ClientUpdate {
  const finished = finishedStages(input)
  const done = finished.map(
    ({ stage, places, lines }) => `${capital(listed(namesOf(places)))} ${doneWords(stage, lines, places)}.`,
  )
  const next = nextSentences(input)
  return {
    headline: headline(finished, next, input),
    done: [...(done.length > 0 ? done : quietWeek(input)), ...closedSince(input), ...newsIn('done', input)],
    next,
    off: [...toldIn('off', input), ...clientFacts(input).outages.map((outage) => outageSentence(outage, input.today))],
    decide: decideSentences(input),
    terms: termSentences(input),
    scope: composeClientScope(input.now, { units: input.units, today: input.today }),
    finish: finishDays(input.plan, input.siteId, input.today)?.likely ?? null,
    safe: finishDays(input.plan, input.siteId, input.today)?.safe ?? null,
  }
}

interface Finished {
  readonly stage: Stage
  readonly places: readonly Place[]
  readonly lines: readonly Line[]
}

const namesOf = (places: readonly Place[]): string[] => places.map(({ name }) => name)
/** More than two places are counted, not named. */
const placesWords = (places: readonly Place[]): string =>
  places.length > 2 ? `${places.length} places` : listed(namesOf(places))

/** The latest stage that was finished, which is the one most seen, or else what comes next; several pieces of work in
 * somebody's own words are told by their places. */
function headline(finished: readonly Finished[], next: readonly string[], input: UpdateInput): string {
  const last = finished.at(-1)
  if (!last) {
    const [first] = comingVisits(input)
    const lines = first ? stageLines(first, first.stages[0]!, input.now) : []
    if (first && lines.length > 1 && lines.every(inOwnWords))
      return `Work in ${placesWords(placesOf(first, input.now))}`
    return short(next[0]?.replace(/^[^:]+: (.+)\.$/, (_, what: string) => capital(what)) ?? 'All is quiet on site')
  }
  const places = capital(placesWords(last.places))
  return short(`${places} ${doneWords(last.stage, last.lines, last.places)}`)
}

/** A headline is read at one look: own words that run on are cut at a word. */
const HEADLINE = 120
const short = (words: string): string =>
  words.length <= HEADLINE ? words : `${words.slice(0, HEADLINE).replace(/[\s,]+\S*$/, '')} …`

/** Stages finished since the last update, in build order, each with all its places. */
function finishedStages({ before, now }: UpdateInput): Finished[] {
  return BUILD_ORDER.flatMap((stage) => {
    const places = now.places.filter((place) => {
      const was = stageProgress(before.lines, place.id, stage) ?? 0
      return stageProgress(now.lines, place.id, stage) === 100 && was < 100
    })
    return [places.filter((one) => !isOuter(one)), places.filter(isOuter)].flatMap((some) => {
      const ids = new Set(some.map(({ id }) => id))
      const lines = now.lines.filter((line) => line.stage === stage && ids.has(line.placeId) && line.excluded === null)
      return some.length > 0 ? [{ stage, places: some, lines }] : []
    })
  })
}

/** A week in which nothing was finished is explained, never skipped. */
function quietWeek({ before, now }: UpdateInput): string[] {
  const old = new Map(before.lines.map((line) => [line.id, line.progress]))
  const worked = now.lines.filter((line) => line.progress > (old.get(line.id) ?? 0))
  const places = now.places
    .filter((place) => worked.some((line) => line.placeId === place.id))
    .map((place) => place.name)
  if (places.length === 0)
    return [
      before.lines.length === 0
        ? 'This is the first update: what is planned stands below.'
        : 'Nothing was finished since the last update; the next steps are below.',
    ]
  const finished = worked.filter((line) => line.progress === 100).length
  if (finished > 0)
    return [
      `Work goes on in ${listed(places)}: ${finished === 1 ? 'one piece of it is' : `${finished} pieces of it are`} finished, and the rest of the same work is still to come.`,
    ]
  return [`Work goes on in ${listed(places)}. It is hidden work, so you will not see much of it yet.`]
}

/** What entries say in one part of the update. */
const toldIn = (part: 'done' | 'off', { now, units, today }: UpdateInput): string[] =>
  toldOfAll('client', now.entries, { units, today })
    .filter((fact) => fact.part === part)
    .map(factLine)

/** The same, of entries that came since the last update alone. */
const newsIn = (part: 'done' | 'off', input: UpdateInput): string[] => {
  const known = new Set(input.before.entries.map(({ id }) => id))
  return toldIn(part, {
    ...input,
    now: { ...input.now, entries: input.now.entries.filter(({ id }) => !known.has(id)) },
  })
}

/** What they were told of and was closed since the last update: an inspection that passed, a beam that is in. */
function closedSince({ before, now, units }: UpdateInput): string[] {
  const open = new Set(before.entries.filter(({ settled }) => settled === null).map(({ id }) => id))
  return now.entries
    .filter((entry) => entry.settled !== null && open.has(entry.id) && toldTo('client', entry, { units }) !== null)
    .map((entry) => `${capital(entryName(entry))}: ${kindOf(entry.kind).settle!.word.toLowerCase()}.`)
}

/** Who comes in the next weeks, the inspector apart, the first of them first. */
const comingVisits = ({ siteId, today, plan }: UpdateInput): PlannedVisit[] =>
  plan.visits
    .filter((visit) => visit.siteId === siteId && visit.startDay <= addDays(today, LOOK_AHEAD_DAYS))
    .filter((visit) => visit.trade !== 'inspector')
    .sort((a, b) => byDay(a.startDay, b.startDay))

function nextSentences(input: UpdateInput): string[] {
  const { siteId, today, plan, now } = input
  const until = addDays(today, LOOK_AHEAD_DAYS)
  const inspections = plan.visits.filter((v) => v.siteId === siteId && v.startDay <= until && v.trade === 'inspector')
  const sentences = comingVisits(input)
    .slice(0, 6)
    .map((visit) => nextSentence(visit, now, today))
  const first = inspections.sort((a, b) => (a.startDay < b.startDay ? -1 : 1))[0]
  if (first) sentences.push(`The inspector comes on ${longDay(first.startDay)}; nothing is covered before.`)
  return sentences
}

/** Terms that are explained at once. */
const MOST_TERMS = 3

/** The stages of the next weeks in plain words, those that come first. */
function termSentences({ siteId, today, plan, now }: UpdateInput): string[] {
  const until = addDays(today, LOOK_AHEAD_DAYS)
  const stages = plan.visits
    .filter((visit) => visit.siteId === siteId && visit.startDay <= until)
    .sort((a, b) => (a.startDay < b.startDay ? -1 : a.startDay > b.startDay ? 1 : 0))
    .flatMap((visit) =>
      visit.trade === 'inspector'
        ? [INSPECTION_WHY]
        : visit.stages.flatMap((stage) =>
            visit.measures || stageLines(visit, stage, now).every(inOwnWords) ? [] : (STAGE_WHY[stage] ?? []),
          ),
    )
  return [...new Set(stages)].slice(0, MOST_TERMS)
}

const placesOf = ({ placeIds }: PlannedVisit, { places }: SiteState): Place[] =>
  placeIds.flatMap((id) => places.find((place) => place.id === id) ?? [])

/** What a visit does of one stage. */
const stageLines = ({ lineIds }: PlannedVisit, stage: Stage, { lines }: SiteState): Line[] =>
  lines.filter((line) => line.stage === stage && lineIds.includes(line.id))

function nextSentence(visit: PlannedVisit, now: SiteState, today: Day): string {
  const places = placesOf(visit, now)
  const when =
    visit.endDay <= today
      ? 'Today'
      : visit.startDay <= today
        ? `Until ${longDay(visit.endDay)}`
        : `From ${longDay(visit.startDay)}`
  const [stage] = visit.stages
  const doing = visit.measures ? measuringWords(stage!) : doingWords(stage!, stageLines(visit, stage!, now), places)
  return `${when}: ${doing}, ${listed(namesOf(places))}.`
}

/** What a client is told as dates: the finish and every outage of the next weeks. */
export function clientFacts({
  siteId,
  today,
  plan,
  now,
}: Pick<UpdateInput, 'siteId' | 'today' | 'plan' | 'now'>): ClientFacts {
  const outages = outagesOf(
    now,
    plan.visits.filter((visit) => visit.siteId === siteId),
    today,
  )
  return { finish: finishDays(plan, siteId, today)?.likely ?? null, end: plan.finish[siteId] ?? null, outages }
}

function decideSentences({ now, orderBy, today }: UpdateInput): string[] {
  const asked = now.decisions
    .filter((decision) => decision.owner === 'client' && decision.answer === null)
    .map(
      (decision) =>
        `${decision.question}${decision.by ? ` By ${longDay(decision.by)}.` : ''}${decision.stake ? ` ${decision.stake}` : ''}`,
    )
  const waiting = new Map<string, { places: string[]; by: Day | null; of: readonly string[] }>()
  for (const selection of now.selections) {
    const by = orderBy.get(selection.id) ?? null
    if (selection.state !== 'undecided' || !isTheirChoice(selection)) continue
    if (!by && selection.candidates.length < 2) continue
    const place = now.places.find((p) => p.id === selection.placeId)?.name ?? ''
    const known = waiting.get(selection.what)
    waiting.set(selection.what, {
      places: [...(known?.places ?? []), place],
      by: known?.by && (!by || known.by < by) ? known.by : by,
      of: selection.candidates.map(({ name }) => name),
    })
  }
  // One sentence for the same thing in several rooms, with the first of their days.
  const choices = [...waiting]
    .sort(([, a], [, b]) => byDay(a.by, b.by))
    .map(([what, { places, by, of }]) => {
      const named = of.every((one) => what.toLowerCase().includes(one.toLowerCase()))
      const which = of.length > 1 && !named ? ` between ${listed(of)}` : ''
      const when = by === null ? '' : by <= today ? ' as soon as you can' : ` by ${longDay(by)}`
      return `${what} for ${listed(places)}: please choose${which}${when}${by ? ', so that it is here in time' : ''}.`
    })
  return [...asked, ...choices]
}
