import { dateOnly, dayOf, daysBetween, daysWords, longDay, shortDay, type Day } from '../calendar/day'
import { workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import { lower } from '../lists/capital'
import { groupBy } from '../lists/groupBy'
import { printMoney, type Minor } from '../measure/money'
import { TRADES } from '../scope/vocabulary'
import { ANSWERERS } from '../walk/answersWords'
import type { Observation } from '../walk/observation'
import { placeName, type SiteState } from '../walk/siteState'
import type { Case } from './cases'

/** A finish that the client was told, with the day on which they were told it. */
export interface ToldFinish {
  readonly on: Day
  readonly likely: Day | null
  readonly safe: Day | null
}

export interface LookBackInput {
  readonly state: SiteState
  /** Everything that was observed on the site, in its order. */
  readonly history: readonly Observation[]
  readonly told: readonly ToldFinish[]
  readonly cases: readonly Case[]
  readonly calendar: WorkCalendar
  readonly today: Day
}

/** What became of a site, in sentences: for who runs the firm. */
export interface LookBack {
  readonly lead: string
  readonly parts: readonly { readonly title: string; readonly sentences: readonly string[] }[]
  /** What to ask at the next scope walk. */
  readonly askNext: readonly string[]
}

/** The longest waits that are named. */
const NAMED = 8

/** What was planned, promised and came at a site, what it cost in days and why, and what to ask next time. */
export function lookBack(input: LookBackInput): LookBack {
  const { state } = input
  return {
    lead: leadOf(input),
    parts: [
      { title: 'What the client was told', sentences: promised(input) },
      { title: 'What waited, and why', sentences: [...waits(input), ...lateGoods(state), ...answers(input)] },
      { title: 'Who came', sentences: comings(state) },
      { title: 'Hours', sentences: hours(input.cases) },
      { title: 'Found and added', sentences: found(state) },
    ].filter(({ sentences }) => sentences.length > 0),
    askNext: askNext(state),
  }
}

const inScope = ({ lines }: SiteState) => lines.filter(({ excluded }) => excluded === null)

/** The day on which the last line was done; null while something is open. */
function finishedOn({ state, history }: LookBackInput): Day | null {
  const open = new Set(inScope(state).map(({ id }) => id))
  if (open.size === 0 || inScope(state).some(({ progress }) => progress < 100)) return null
  const days = history.flatMap((one) =>
    one.subject === 'line' && one.facet === 'progress' && one.value === 100 && open.has(one.subjectId)
      ? [dayOf(one.seenAt)]
      : [],
  )
  return days.sort().at(-1) ?? null
}

function leadOf(input: LookBackInput): string {
  const finished = finishedOn(input)
  const lines = inScope(input.state)
  const all = lines.reduce((sum, line) => sum + line.hours, 0)
  const done = lines.reduce((sum, line) => sum + (line.hours * line.progress) / 100, 0)
  const first = input.told.find(({ likely }) => likely !== null)
  if (!finished)
    return all === 0
      ? 'No work was laid down here yet.'
      : `${Math.floor((100 * done) / all)} per cent of the work is done: what stands here is not the whole story yet.`
  if (!first) return `Finished on ${longDay(finished)}. The client was told no finish before.`
  const late = lateBy(first.likely!, finished, input.calendar)
  const safe = first.safe
    ? finished <= first.safe
      ? ' The safe day that was told held.'
      : ' The safe day that was told did not hold.'
    : ''
  return `Finished on ${longDay(finished)}, ${late} what the client was told first.${safe}`
}

function lateBy(told: Day, came: Day, calendar: WorkCalendar): string {
  if (told === came) return 'on the day of'
  const days = came > told ? workingDaysBetween(told, came, calendar) : workingDaysBetween(came, told, calendar)
  return `${days === 1 ? 'one working day' : `${days} working days`} ${came > told ? 'after' : 'before'}`
}

function promised({ told, state, today }: LookBackInput): string[] {
  const finishes = told.filter(({ likely }) => likely !== null)
  const changes = finishes.filter(({ likely }, i) => i === 0 || likely !== finishes[i - 1]!.likely)
  const kept = state.entries.flatMap(({ kind, values, settled }): string[] => {
    if (kind !== 'promise' || typeof values.by !== 'string') return []
    const what = String(values.what)
    if (settled) return [`${what}: promised by ${dateOnly(values.by as Day)}; ${settled.result || 'kept'}.`]
    return values.by < today
      ? [`${what}: promised by ${dateOnly(values.by as Day)}, and nobody said that it was kept.`]
      : []
  })
  return [
    ...changes.map(
      ({ on, likely, safe }) =>
        `On ${shortDay(on)}: likely ${dateOnly(likely!)}${safe ? `, safe ${dateOnly(safe)}` : ''}.`,
    ),
    ...kept,
  ]
}

/** What held a line, from when to when, the longest first. */
function waits({ state, history, today }: LookBackInput): string[] {
  const lines = new Map(state.lines.map((line) => [line.id, line]))
  const since = new Map<string, { reason: string; from: Day }>()
  const spans: { words: string; days: number }[] = []
  const end = (id: string, day: Day): void => {
    const held = since.get(id)
    const line = lines.get(id)
    since.delete(id)
    if (!held || !line) return
    const days = daysBetween(held.from, day)
    const words = `${placeName(state, line.placeId)}, ${lower(line.title)}: ${daysWords(days)}, ${lower(held.reason)}.`
    if (days > 0) spans.push({ words, days })
  }
  for (const one of history) {
    if (one.subject !== 'line') continue
    if (one.facet === 'held') {
      end(one.subjectId, dayOf(one.seenAt))
      if (one.value && !one.value.begins)
        since.set(one.subjectId, { reason: one.value.reason, from: dayOf(one.seenAt) })
    } else if (one.facet === 'progress' && one.value === 100) end(one.subjectId, dayOf(one.seenAt))
  }
  for (const id of [...since.keys()]) end(id, today)
  const all = spans.sort((a, b) => b.days - a.days)
  const more = all.length - NAMED
  return [...all.slice(0, NAMED).map(({ words }) => words), ...(more > 0 ? [`And ${more} shorter ones.`] : [])]
}

/** Goods that came after the day that was told for them. */
const lateGoods = ({ selections, places }: SiteState): string[] =>
  selections.flatMap(({ what, placeId, arrives, delivered, supplier }): string[] => {
    if (!arrives || !delivered || delivered.on <= arrives) return []
    const at = places.find(({ id }) => id === placeId)?.name ?? ''
    return [
      `${what} for ${at} came on ${dateOnly(delivered.on)}, ${daysWords(daysBetween(arrives, delivered.on))} after ${supplier ? `${supplier} had` : 'it was'} told.`,
    ]
  })

/** How long answers took, by who gave them. */
function answers({ history }: LookBackInput): string[] {
  const asked = new Map<string, { owner: string; on: Day; question: string }>()
  const took: { owner: string; days: number; question: string }[] = []
  for (const one of history) {
    if (one.subject !== 'decision') continue
    if (one.facet === 'asked' && !asked.has(one.subjectId))
      asked.set(one.subjectId, { owner: one.value.owner, on: dayOf(one.seenAt), question: one.value.question })
    const open = asked.get(one.subjectId)
    if (one.facet === 'answered' && one.value !== null && open) {
      took.push({ ...open, days: daysBetween(open.on, dayOf(one.seenAt)) })
      asked.delete(one.subjectId)
    }
  }
  return [...groupBy(took, ({ owner }) => owner)].flatMap(([owner, its]): string[] => {
    if (owner === 'us') return []
    const longest = its.reduce((most, one) => (one.days > most.days ? one : most))
    const many = its.length === 1 ? 'one question' : `${its.length} questions`
    return [
      `${ANSWERERS[owner as keyof typeof ANSWERERS]} answered ${many}, the slowest in ${daysWords(longest.days)}: ‘${longest.question}’.`,
    ]
  })
}

const comings = ({ comings: all }: SiteState): string[] =>
  [...groupBy(all, ({ trade }) => trade)].map(([trade, its]) => {
    const of = (how: string): number => its.filter((one) => one.how === how).length
    const parts = [
      `came ${timesWords(of('came') + of('late'))}`,
      ...(of('late') > 0 ? [`late ${timesWords(of('late'))}`] : []),
      ...(of('missed') > 0 ? [`did not come ${timesWords(of('missed'))}`] : []),
    ]
    return `${TRADES[trade]}: ${parts.join(', ')}.`
  })
const timesWords = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

const hours = (cases: readonly Case[]): string[] =>
  [...groupBy(cases, ({ trade }) => trade)].map(([trade, its]) => {
    const sum = (of: (one: Case) => number): number => its.reduce((total, one) => total + of(one), 0)
    const [reckoned, took] = [sum((one) => one.reckoned), sum((one) => one.took)]
    return `${TRADES[trade]}: ${Math.round(took)} h against ${Math.round(reckoned)} h reckoned, ${(took / reckoned).toFixed(1)} times, in ${its.length === 1 ? 'one coming' : `${its.length} comings`}.`
  })

function found({ findings, lines }: SiteState): string[] {
  const extras = lines.filter(({ extra, approval }) => extra && approval?.answer === 'approved')
  const worth = extras.reduce((sum, { price }) => sum + (price ?? 0), 0) as Minor
  return [
    ...(findings.length > 0
      ? [findings.length === 1 ? 'One thing was found.' : `${findings.length} things were found.`]
      : []),
    ...(extras.length > 0
      ? [`${extras.length === 1 ? 'One extra' : `${extras.length} extras`} approved, ${printMoney(worth)} without tax.`]
      : []),
  ]
}

/** Lessons that were written down, and what was only known once it was open. */
const askNext = ({ entries }: SiteState): string[] =>
  entries.flatMap(({ kind, values, settled }): string[] => {
    if (kind === 'lesson') return [String(values.look)]
    if (kind === 'sleeping-risk' && settled)
      return [`${String(values.what)}: it turned out to be this: ${settled.result || 'known'}.`]
    if (kind === 'hidden-damage' && values.found !== undefined && values.allowance !== undefined)
      return Number(values.found) > Number(values.allowance)
        ? [
            `${String(values.what)}: ${String(values.allowance)} allowed, ${String(values.found)} found. Allow for more, or open it up first.`,
          ]
        : []
    return []
  })
