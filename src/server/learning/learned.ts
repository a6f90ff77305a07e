import { boolean, object, string } from 'yup'
import { dayOf, shortDay } from '../../core/calendar/day'
import { casesOf, type Case } from '../../core/learning/cases'
import type { LearnedRow } from '../../core/learning/learnedRow'
import { isWorthOffering, paceKey, pacesOf, type Pace } from '../../core/learning/pace'
import { hoursPerUnit, RATE_UNITS, RATES } from '../../core/scope/rates'
import { TRADES } from '../../core/scope/vocabulary'
import { readAllCrews } from '../../data/crews'
import { forgetPace, readPaces, savePace } from '../../data/learned'
import { readRates } from '../../data/rates'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { Refusal } from '../refusal'

const shown = (value: number): string => String(Number(value.toFixed(value < 1 ? 2 : 1)))
const caseWords = ({ site, where, reckoned, took, by, on }: Case): string =>
  `${where}, ${site}, ${shortDay(on)}: ${shown(took)} h ${by === 'days' ? 'by the days they were there' : 'as told'}, ${shown(reckoned)} h reckoned`

/** What the comings of all sites tell of the pace of every crew. */
function pacesKnown(context: Context): Pace[] {
  const crews = new Map(readAllCrews(context.db).map((crew) => [crew.id, crew]))
  const cases = eachSite(context, (site) =>
    casesOf({ id: site.id, name: site.name, state: context.record(site) }, (id) => crews.get(id ?? '')?.crewSize ?? 1),
  )
  return pacesOf(cases.shown.flat())
}

/** What the firm could learn from what is over: offers, and what it counts with already. */
export function learnedView(context: Context): LearnedRow[] {
  context.requireLead()
  const names = new Map(readAllCrews(context.db).map(({ id, name }) => [id, name]))
  const rates = readRates(context.db)
  const taken = readPaces(context.db)
  return pacesKnown(context).flatMap((pace): LearnedRow[] => {
    const key = paceKey(pace)
    const kept = taken.get(key)
    if (!kept && !isWorthOffering(pace, 1)) return []
    const { words, unit } = RATES[pace.rate]
    const who = names.get(pace.crewId ?? '') ?? `Your ${TRADES[pace.trade].toLowerCase()}s`
    const hours = (times: number): string => `${shown(hoursPerUnit(pace.rate, rates) * times)} ${RATE_UNITS[unit]}`
    const many = pace.cases.length === 1 ? 'once' : `${pace.cases.length} times`
    const anew = kept && isWorthOffering(pace, kept.times)
    const head = { key, cases: pace.cases.map(caseWords), odd: pace.odd.map(caseWords) }
    const offer = `${who} took ${shown(pace.times)} times the usual for this, ${many}: ${words.toLowerCase()}. Count with ${hours(pace.times)} from now on?`
    if (!kept) return [{ ...head, says: offer, taken: false }]
    const counted = `${who}: ${words.toLowerCase()} is counted with ${hours(kept.times)}, ${shown(kept.times)} times the usual, since ${shortDay(dayOf(kept.takenAt))} (${kept.takenBy}).`
    return [{ ...head, says: counted, taken: true }, ...(anew ? [{ ...head, says: offer, taken: false }] : [])]
  })
}

const told = object({
  key: string().required('Figure: say which.'),
  take: boolean().required('Say whether it is counted with.'),
})

/** Counts with what was learned from now on, or no more. Plans made from then on go by it. */
export function takeLearned(context: Context, body: unknown): void {
  context.requireLead()
  const { key, take } = told.validateSync(body)
  if (!take) return forgetPace(context.db, key)
  const pace = pacesKnown(context).find((one) => paceKey(one) === key)
  if (!pace) throw new Refusal(404, 'Figure: nothing on record tells of it any more. Reload the page.')
  savePace(context.db, {
    key,
    times: pace.times,
    cases: pace.cases.length,
    takenBy: context.person.name,
    takenAt: context.now(),
  })
}
