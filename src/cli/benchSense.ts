import { Command } from 'commander'
import type { Day } from '../core/calendar/day'
import { daysBetween } from '../core/calendar/day'
import { MONDAY_TO_FRIDAY } from '../core/calendar/workingDays'
import { testsBeforeDust } from '../core/sequence/testsBeforeDust'
import { parseSize } from '../core/measure/size'
import type { PlaceKind } from '../core/places/place'
import { checkSense, type Breach } from '../core/schedule/checkSense'
import { keptBefore, planOf, type Plan } from '../core/schedule/plan'
import { planDiff } from '../core/schedule/planDiff'
import { problemOf, type Crew, type ProblemInput, type SiteToPlan } from '../core/schedule/problem'
import { seededRandom } from '../core/schedule/random'
import { USUAL_SENSE, type Sense } from '../core/schedule/sense'
import { daysWithout } from '../core/schedule/without'
import { NO_FORECAST } from '../core/schedule/weather'
import { layTreatment } from '../core/scope/layTreatment'
import { treatmentById } from '../core/scope/treatments'
import { TRADES, type Trade } from '../core/scope/vocabulary'
import { USUAL_SCHOOLS } from '../core/sequence/schools'
import type { Observation } from '../core/walk/observation'
import { registersOf } from '../core/walk/registers'
import { siteStateOf } from '../core/walk/siteState'

const TODAY = '2026-03-10' as Day
const ROOMS = [
  'room-paint-only',
  'room-board-finishes',
  'bathroom-rebuilt',
  'kitchen-rebuilt',
  'window-replaced',
  'window-added',
]
const FACES = ['face-tear-off', 'window-replaced']
const ROUNDS = 60
/** Nothing is too long: the same firm without the rules of openings and of services. */
const WITHOUT_SENSE: Sense = {
  ...USUAL_SENSE,
  nights: { hole: 9999, cut: 9999, face: 9999, roof: 9999, ground: 9999 },
  daysWithout: { kitchen: 9999, bathroom: 9999 },
}

/** Random firms, planned and planned again, and read by a checker that shares nothing with the search. */
export const benchSenseCommand = (): Command =>
  new Command('sense')
    .description(
      'Plan random firms and count the rules of sense that break, what sense costs, and who moves for nothing.',
    )
    .option('--firms <n>', 'how many', '300')
    .option('--seed <n>', 'of the first', '1')
    .action(({ firms, seed }: { firms: string; seed: string }) => {
      console.table(senseFigures(Number(firms), Number(seed)))
    })

function senseFigures(count: number, seed: number): Record<string, string> {
  const breaches = new Map<Breach['rule'], number>()
  const prices: number[] = []
  const livedIn: number[] = []
  let [moved, tried] = [0, 0]
  for (let i = 0; i < count; i++) {
    const input = firmOf(seededRandom(seed + i))
    const plan = planned(input)
    for (const site of input.sites)
      for (const { rule } of checkSense(
        plan,
        { id: site.id, state: site.state, sense: site.sense!, called: new Set() },
        TODAY,
      ))
        breaches.set(rule, (breaches.get(rule) ?? 0) + 1)
    const free = planned({ ...input, sites: input.sites.map((site) => ({ ...site, sense: WITHOUT_SENSE })) })
    prices.push(lengthOf(plan) / Math.max(1, lengthOf(free)) - 1)
    livedIn.push(...plan.without.map(daysWithout))
    const again = planned({ ...input, before: keptBefore(plan) })
    moved += planDiff(plan, again).moved.length
    tried += plan.visits.length
  }
  const sorted = [...prices].sort((a, b) => a - b)
  return {
    firms: String(count),
    'visits planned': String(tried),
    'rules broken': [...breaches].map(([rule, times]) => `${rule} ${times}`).join(', ') || 'none',
    'price of sense, median': `${(sorted[Math.floor(sorted.length / 2)]! * 100).toFixed(1)} %`,
    'price of sense, nine of ten': `${(sorted[Math.floor(sorted.length * 0.9)]! * 100).toFixed(1)} %`,
    'days without the only kitchen or bathroom, median': String(
      [...livedIn].sort((a, b) => a - b)[Math.floor(livedIn.length / 2)] ?? '-',
    ),
    'visits moved by planning again with nothing new': `${moved} of ${tried}`,
  }
}

const planned = (input: ProblemInput): Plan => planOf(problemOf(input), { rounds: ROUNDS, seed: 1 })
const lengthOf = ({ finish }: Plan): number =>
  Object.values(finish).reduce((sum, day) => sum + daysBetween(TODAY, day), 0)
/** A firm of one to four houses, lived in or empty, old or new, with a crew or two of every trade. */
function firmOf(random: () => number): ProblemInput {
  const teams = random() < 0.5 ? 1 : 2
  const crews = (Object.keys(TRADES) as Trade[]).map((trade): Crew => ({
    id: trade,
    name: trade,
    trade,
    crews: teams,
    crewSize: 2,
    calendar: MONDAY_TO_FRIDAY,
  }))
  const sites = Array.from({ length: 1 + Math.floor(random() * 4) }, (_, i) => houseOf(`house ${i + 1}`, random))
  return { today: TODAY, sites, crews, bookings: [], pins: [], forecast: NO_FORECAST, before: [] }
}

function houseOf(id: string, random: () => number): SiteToPlan {
  const pick = (of: readonly string[]): string => of[Math.floor(random() * of.length)]!
  const some = (most: number): number => Math.floor(random() * (most + 1))
  const facts: Observation[] = []
  const say = (fact: Pick<Observation, 'subject' | 'subjectId' | 'facet' | 'placeId' | 'value'>): void => {
    const order = facts.length
    const at = new Date(Date.parse('2026-03-01T08:00:00Z') + order * 1000).toISOString()
    facts.push({ ...fact, id: `${id}/${order}`, siteId: id, walkId: null, by: '', seenAt: at, order } as Observation)
  }
  const lay = (name: string, kind: PlaceKind, size: string, treatmentId: string): void => {
    const placeId = `${id}/${name}`
    const at = { id: placeId, kind, size: parseSize(size, 'metric') }
    const place = { name, kind, level: 'Ground floor', size: at.size, order: facts.length }
    say({ subject: 'place', subjectId: placeId, facet: 'laid', placeId, value: place })
    const treatment = treatmentById(treatmentId)!
    layTreatment(treatment, at, {}).forEach((value, i) =>
      say({ subject: 'line', subjectId: `${placeId}/${i}`, facet: 'laid', placeId, value }),
    )
    for (const { what, lead, neededFor } of treatment.selections)
      say({
        subject: 'selection',
        subjectId: `${placeId}/${what}`,
        facet: 'laid',
        placeId,
        value: { placeId, what, lead, neededFor },
      })
  }
  for (let i = 0; i <= some(4); i++) lay(`room ${i}`, 'room', '4 x 3.2 x 2.5', pick(ROOMS))
  for (let i = 0; i < some(2); i++) lay(`face ${i}`, 'face', '9 x 2.7', pick(FACES))
  if (random() < 0.4) lay('slope', 'roof', '8 x 5', 'roof-recovered')
  const laid = siteStateOf(registersOf(facts))
  const tests = random() < 0.5 ? testsBeforeDust(1911, laid, laid.places[0]!.id) : null
  if (tests) say({ subject: 'line', subjectId: `${id}/tests`, facet: 'laid', placeId: tests.placeId, value: tests })
  return {
    id,
    name: id,
    calendar: MONDAY_TO_FRIDAY,
    startsOn: TODAY,
    schools: USUAL_SCHOOLS,
    ownRelations: [],
    livedIn: random() < 0.5,
    sense: USUAL_SENSE,
    state: siteStateOf(registersOf(facts)),
  }
}
