import { addDays, type Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import { parseSize } from '../measure/size'
import type { PlaceKind } from '../places/place'
import { layTreatment } from '../scope/layTreatment'
import { treatmentById } from '../scope/treatments'
import { STAGES, TRADES, type Trade } from '../scope/vocabulary'
import { USUAL_SCHOOLS } from '../sequence/schools'
import { testsBeforeDust } from '../sequence/testsBeforeDust'
import type { Observation } from '../walk/observation'
import { registersOf } from '../walk/registers'
import { siteStateOf } from '../walk/siteState'
import type { Crew, ProblemInput, SiteToPlan } from './problem'
import { USUAL_SENSE } from './sense'
import { NO_FORECAST } from './weather'

const ROOMS = [
  'room-paint-only',
  'room-board-finishes',
  'bathroom-rebuilt',
  'kitchen-rebuilt',
  'window-replaced',
  'window-added',
]
const FACES = ['face-tear-off', 'window-replaced']

/** A firm of one to four houses, lived in or empty, old or new, with a crew or two of every trade; a third of the firms miss
 * a crew, some goods are here already and some come late, some work waits for other work by name, some ends are promised and
 * some scaffolds hired. */
export function randomFirm(random: () => number, today: Day): ProblemInput {
  const teams = random() < 0.5 ? 1 : 2
  const trades = Object.keys(TRADES) as Trade[]
  const missing = random() < 1 / 3 ? trades[Math.floor(random() * trades.length)] : undefined
  const crews = trades
    .filter((trade) => trade !== missing)
    .map((trade): Crew => ({
      id: trade,
      name: trade,
      trade,
      crews: teams,
      crewSize: 2,
      calendar: MONDAY_TO_FRIDAY,
    }))
  const sites = Array.from({ length: 1 + Math.floor(random() * 4) }, (_, i) => houseOf(`house ${i + 1}`, random, today))
  return { today, sites, crews, bookings: [], pins: [], forecast: NO_FORECAST, before: [] }
}

function houseOf(id: string, random: () => number, today: Day): SiteToPlan {
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
  for (const { id: subjectId, placeId } of laid.selections) {
    const roll = random()
    if (roll < 0.3) say({ subject: 'selection', subjectId, facet: 'state', placeId, value: 'arrived' })
    if (roll > 0.8) {
      say({ subject: 'selection', subjectId, facet: 'state', placeId, value: 'ordered' })
      say({ subject: 'selection', subjectId, facet: 'arrives', placeId, value: addDays(today, 40 + some(100)) })
    }
  }
  if (random() < 0.4)
    for (let i = 0; i <= some(2); i++) {
      const [one, other] = [pick(laid.lines.map((line) => line.id)), pick(laid.lines.map((line) => line.id))]
      const value = [{ for: other, leastDays: some(4) }]
      if (one !== other) say({ subject: 'line', subjectId: one, facet: 'waits', placeId: null, value })
    }
  const write = (kind: string, values: Readonly<Record<string, unknown>>): void =>
    say({
      subject: 'entry',
      subjectId: `${id}/${kind}`,
      facet: 'written',
      placeId: null,
      value: { kind, values },
    } as never)
  if (random() < 0.3) write('promise', { what: 'All done', to: 'the bank', by: addDays(today, 40 + some(160)) })
  if (random() < 0.5 && laid.places.some(({ kind }) => kind === 'face' || kind === 'roof'))
    write('hire', {
      what: 'the scaffold',
      sort: 'scaffold',
      from: STAGES['strip-out'],
      until: STAGES.cladding,
      ...(random() < 0.5 ? { comes: addDays(today, some(40)) } : { notice: 5 }),
    })
  const tests = random() < 0.5 ? testsBeforeDust(1911, laid, laid.places[0]!.id) : null
  if (tests) say({ subject: 'line', subjectId: `${id}/tests`, facet: 'laid', placeId: tests.placeId, value: tests })
  return {
    id,
    name: id,
    calendar: MONDAY_TO_FRIDAY,
    startsOn: today,
    schools: USUAL_SCHOOLS,
    ownRelations: [],
    livedIn: random() < 0.5,
    sense: USUAL_SENSE,
    state: siteStateOf(registersOf(facts)),
  }
}
