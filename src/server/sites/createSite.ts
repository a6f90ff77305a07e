import { v7 as uuid } from 'uuid'
import { boolean, object, string } from 'yup'
import { parseSize, type Size } from '../../core/measure/size'
import type { Units } from '../../core/measure/length'
import type { PlaceKind } from '../../core/places/place'
import { layTreatment } from '../../core/scope/layTreatment'
import type { RateOverrides } from '../../core/scope/rates'
import { treatmentById } from '../../core/scope/treatments'
import { USUAL_SCHOOLS } from '../../core/sequence/schools'
import type { Observation } from '../../core/walk/observation'
import { registersOf } from '../../core/walk/registers'
import { siteStateOf } from '../../core/walk/siteState'
import { insertObservations } from '../../data/observations'
import { readRates } from '../../data/rates'
import { insertSite } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState, siteStateWith } from '../siteStates'
import { factOf } from '../walk/factOf'
import { newPlace, newSite } from '../../schemas/newSite'
import { calendarFrom, startFrom } from './siteInput'
import { testFacts } from './testFacts'

/** Creates a site with its places and what happens in each, all or nothing. */
export function createSite(context: Context, body: unknown): { siteId: string } {
  context.requireLead()
  const input = newSite.validateSync(body)
  const siteId = uuid()
  const rates = readRates(context.db)
  const laid = input.places.flatMap((place, i) => placeFacts(context, siteId, place, i, input.units as Units, rates))
  const facts = [...laid, ...testFacts(context, { id: siteId, built: input.built }, siteStateOf(registersOf(laid)))]
  context.db.transaction(() => {
    insertSite(
      context.db,
      {
        id: siteId,
        name: input.name,
        built: input.built,
        units: input.units as Units,
        livedIn: input.livedIn,
        calendar: calendarFrom({ ...input, halves: 'both', daysOff: [] }),
        startsOn: startFrom(input.startsOn),
        travelHours: 0,
        schools: USUAL_SCHOOLS,
        crews: {},
        ownRelations: [],
        clientName: input.clientName,
        clientAddress: input.clientAddress,
        privateNote: '',
        street: input.street,
        wayIn: input.wayIn,
        whomToCall: input.whomToCall,
      },
      context.now(),
    )
    insertObservations(context.db, facts, context.now())
  })()
  return { siteId }
}

type PlaceInput = { name: string; kind: string; level: string; size: string; treatments: string[] }

function placeFacts(
  context: Context,
  siteId: string,
  input: PlaceInput,
  index: number,
  units: Units,
  rates: RateOverrides,
): Observation[] {
  const placeId = uuid()
  const size: Size | null = input.size === '' ? null : parseSize(input.size, units)
  const kind = input.kind as PlaceKind
  const laid = { name: input.name, kind, level: input.level, size, order: index + 1 }
  return [
    factOf(context, siteId, { subject: 'place', subjectId: placeId, facet: 'laid', placeId, value: laid }),
    ...input.treatments.flatMap((id) => treatmentFacts(context, siteId, { id: placeId, kind, size }, id, rates)),
  ]
}

/** The lines and selections that a treatment lays down at a place. */
function treatmentFacts(
  context: Context,
  siteId: string,
  place: { id: string; kind: PlaceKind; size: Size | null },
  treatmentId: string,
  rates: RateOverrides,
): Observation[] {
  const treatment = treatmentById(treatmentId)
  if (!treatment) throw new Refusal(422, 'Treatment: choose one of the list.', 'treatments')
  const lines = layTreatment(treatment, place, rates).map((laid) =>
    factOf(context, siteId, { subject: 'line', subjectId: uuid(), facet: 'laid', placeId: place.id, value: laid }),
  )
  const selections = treatment.selections.map(({ what, lead, neededFor }) =>
    factOf(context, siteId, {
      subject: 'selection',
      subjectId: uuid(),
      facet: 'laid',
      placeId: place.id,
      value: { placeId: place.id, what, lead, neededFor },
    }),
  )
  return [...lines, ...selections]
}

const addition = object({ place: newPlace.required() })
const laying = object({
  placeId: string().required('Place: choose one.'),
  treatment: string().required('Treatment: choose one.'),
  /** Somebody was asked, and does want it twice. */
  again: boolean().default(false),
})

/** Adds a place to a site that is under way. */
export function addPlace(context: Context, siteId: string, body: unknown): { placeId: string } {
  context.requireLead()
  const site = context.site(siteId)
  const { place } = addition.validateSync(body, { context: { units: site.units } })
  const nextOrder = Math.max(0, ...siteState(context.db, site).places.map((known) => known.order)) + 1
  const laid = placeFacts(context, site.id, place, nextOrder - 1, site.units, readRates(context.db))
  const facts = [...laid, ...testFacts(context, site, siteStateWith(context.db, site, laid))]
  context.db.transaction(() => insertObservations(context.db, facts, context.now()))()
  return { placeId: facts[0]!.subjectId }
}

/** Lays one more treatment down at a place.
 * @throws Refusal 409 with the field `again` where all of its work stands there already and nobody said that it comes again */
export function layTreatmentAt(context: Context, siteId: string, body: unknown): { lines: number } {
  context.requireLead()
  const site = context.site(siteId)
  const input = laying.validateSync(body)
  const { places, lines } = siteState(context.db, site)
  const place = places.find((known) => known.id === input.placeId)
  if (!place) throw new Refusal(404, 'Place: it is not on this site any more.', 'placeId')
  const facts = treatmentFacts(context, site.id, place, input.treatment, readRates(context.db))
  const here = new Set(
    lines.filter(({ placeId }) => placeId === place.id).map(({ stage, title }) => `${stage} ${title}`),
  )
  const laid = facts.flatMap((fact) => (fact.subject === 'line' && fact.facet === 'laid' ? [fact.value] : []))
  if (!input.again && laid.length > 0 && laid.every(({ stage, title }) => here.has(`${stage} ${title}`)))
    throw new Refusal(
      409,
      `${treatmentById(input.treatment)!.title}: all of its work stands at ${place.name} already. Laid down again, it would be done twice.`,
      'again',
    )
  const tests = testFacts(context, site, siteStateWith(context.db, site, facts))
  context.db.transaction(() => insertObservations(context.db, [...facts, ...tests], context.now()))()
  return { lines: laid.length }
}
