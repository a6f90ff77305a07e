import { kindOf, readEntry } from '../core/entries/entry'
import { narrate } from '../core/narration/narrate'
import { proposalOf } from '../core/narration/spokenFacts'
import { registersOf } from '../core/walk/registers'
import type { SiteConditions } from '../core/walk/siteConditions'
import { siteStateOf } from '../core/walk/siteState'
import { simulatedWeather } from '../devices/weather/simulatedWeather'
import { v5 } from 'uuid'
import { addWorkingDays, MONDAY_TO_FRIDAY } from '../core/calendar/workingDays'
import type { Day } from '../core/calendar/day'
import { parseSize } from '../core/measure/size'
import { minor } from '../core/measure/money'
import type { LineLaid } from '../core/scope/line'
import { layTreatment } from '../core/scope/layTreatment'
import { treatmentById } from '../core/scope/treatments'
import { gateItemId } from '../core/sequence/coverGate'
import { USUAL_SCHOOLS } from '../core/sequence/relations'
import type { NewFact, Observation } from '../core/walk/observation'
import { saveCrew } from '../data/crews'
import { insertObservations } from '../data/observations'
import { readPeople } from '../data/people'
import { readBookings, readPlan, saveBooking } from '../data/plans'
import { insertSite, readSite } from '../data/sites'
import { contextFor, type Context } from '../server/context'
import type { FirmFolder } from '../server/firmFolder'
import { addPerson, assignPerson, createFirm } from '../server/people/accounts'
import { storePhoto } from '../server/photos/photos'
import { planFirm } from '../server/plan/planFirm'
import { draftUpdate, publishUpdate } from '../server/share/clientUpdates'
import { tellTrades } from '../server/share/notices'
import { CREWS, FIRM } from './firm'
import { drawScene } from './scenes'
import { BAKEHOUSE } from './sites/bakehouse'
import { HERON } from './sites/heron'
import { MILLRACE, ORCHARD, PELL, TOLLGATE } from './sites/others'
import type { SeenPlace, SiteStory } from './story'

export const STORIES: readonly SiteStory[] = [BAKEHOUSE, HERON, ORCHARD, PELL, MILLRACE, TOLLGATE]

const SPACE = '6f1d9a52-3c1e-5b7a-9d0e-2a7c4f8b1e60'
/** The same thing of the demo always has the same id. */
export const demoId = (...parts: readonly string[]): string => v5(parts.join('/'), SPACE)
export const siteIdOf = (key: string): string => demoId('site', key)
export const placeIdOf = (site: string, place: string): string => demoId('place', site, place)

/** Fills an empty folder with the demo firm, mid-flight as of the folder's today. */
export async function loadDemo(firm: FirmFolder, origin: string): Promise<void> {
  await createFirm(
    firm,
    { firm: FIRM.name, name: FIRM.owner.name, login: FIRM.owner.login, password: FIRM.password },
    true,
  )
  const context = contextFor(firm, readPeople(firm.db)[0]!)
  for (const crew of CREWS) keepDemoCrew(context, crew)
  for (const story of STORIES) await loadSite(context, story)
  for (const person of FIRM.people) {
    const { id } = await addPerson(context, { ...person, password: FIRM.password })
    if (person.role === 'crew') assignPerson(context, id, { siteIds: person.sites.map(siteIdOf) })
  }
  await liveThrough(context, origin)
}

function keepDemoCrew(context: Context, crew: (typeof CREWS)[number]): void {
  const day = (offset: number): Day => addWorkingDays(context.today, offset, MONDAY_TO_FRIDAY)
  const away = crew.away
    ? Array.from({ length: crew.away[1] - crew.away[0] + 1 }, (_, i) => day(crew.away![0] + i))
    : []
  saveCrew(context.db, {
    id: demoId('crew', crew.key),
    name: crew.name,
    trade: crew.trade,
    crews: crew.crews,
    crewSize: crew.crewSize,
    calendar: { weekdays: crew.weekdays ?? [1, 2, 3, 4, 5], daysOff: away, halves: crew.halves ?? 'both' },
    contact: `${crew.key}@trades.example.com`,
    licence: crew.licence ?? '',
  })
}

type Made = Pick<Observation, 'subject' | 'facet' | 'subjectId' | 'placeId' | 'value'>

async function loadSite(context: Context, story: SiteStory): Promise<void> {
  const { db, today } = context
  const siteId = siteIdOf(story.key)
  const day = (offset: number): Day => addWorkingDays(today, offset, MONDAY_TO_FRIDAY)
  const firstDay = day(Math.min(story.startsIn, ...story.walks.map((walk) => walk.day)) - 1)
  insertSite(
    db,
    {
      id: siteId,
      name: story.name,
      built: story.built,
      units: story.units,
      livedIn: story.livedIn,
      calendar: MONDAY_TO_FRIDAY,
      startsOn: day(story.startsIn),
      schools: story.school ? { cabinetsAndPaint: story.school } : USUAL_SCHOOLS,
      ownRelations: [],
      clientName: story.client,
      clientAddress: `${story.key}@clients.example.com`,
      privateNote: story.privateNote,
    },
    context.now(),
  )
  const observed: Observation[] = []
  const say = (made: Made, walkId: string | null, by: string, seenAt: string): void => {
    const id = demoId(story.key, made.subject, made.subjectId, made.facet, seenAt)
    observed.push({ ...made, id, siteId, walkId, by, seenAt } as Observation)
  }
  const lines = layDown(story, (made) => say(made, null, FIRM.owner.name, `${firstDay}T06:30:00.000Z`), day)
  for (const walk of story.walks) {
    const walkDay = day(walk.day)
    const walkId = demoId('walk', story.key, walkDay)
    const clock = minutes(walkDay)
    say(
      {
        subject: 'walk',
        subjectId: walkId,
        facet: 'started',
        placeId: null,
        value: { kind: walk.kind, day: walkDay, by: walk.by, conditions: conditionsOn(walkDay) },
      },
      walkId,
      walk.by,
      clock(),
    )
    for (const seen of walk.seen) {
      const placeId = placeIdOf(story.key, seen.at)
      for (const made of seenFacts(
        story.key,
        seen,
        placeId,
        lines.filter((line) => line.placeId === placeId),
        day,
      ))
        say(made, walkId, walk.by, clock())
      for (const made of entryFacts(story, seen, placeId)) say(made, walkId, walk.by, clock())
      if (seen.dictated)
        for (const made of dictatedFacts(story, seen, observed, walkDay)) say(made, walkId, walk.by, clock())
      if (seen.photo) {
        const before = observed.filter((one) => one.subject === 'photo' && one.placeId === placeId).at(-1)
        const made = await photoFact(context, siteId, placeId, seen.photo, walkDay, before)
        say(made, walkId, walk.by, clock())
      }
    }
    say({ subject: 'walk', subjectId: walkId, facet: 'ended', placeId: null, value: walkDay }, walkId, walk.by, clock())
  }
  db.transaction(() => insertObservations(db, observed, context.now()))()
}

/** A walk's clock: seven in the morning and on, a minute for each thing recorded. */
function minutes(day: Day): () => string {
  let at = Date.parse(`${day}T06:00:00Z`)
  return () => new Date((at += 40_000)).toISOString()
}

interface LaidLine extends LineLaid {
  readonly id: string
}

function layDown(story: SiteStory, say: (made: Made) => void, day: (offset: number) => Day): LaidLine[] {
  const lines: LaidLine[] = []
  story.places.forEach((place, order) => {
    const placeId = placeIdOf(story.key, place.key)
    const kind = place.kind ?? 'room'
    const size = parseSize(place.size, story.units)
    const laid = {
      name: place.name,
      kind,
      level: place.level,
      size,
      order: order + 1,
      ...(place.futureName ? { futureName: place.futureName } : {}),
    }
    say({ subject: 'place', subjectId: placeId, facet: 'laid', placeId, value: laid })
    for (const id of place.treatments) {
      const treatment = treatmentById(id)!
      layTreatment(treatment, { id: placeId, kind, size }, {}).forEach((line, i) => {
        const lineId = demoId('line', story.key, place.key, id, String(i))
        lines.push({ ...line, id: lineId })
        say({ subject: 'line', subjectId: lineId, facet: 'laid', placeId, value: line })
      })
      for (const { what, lead, neededFor } of treatment.selections) {
        say({
          subject: 'selection',
          subjectId: demoId('selection', story.key, place.key, what),
          facet: 'laid',
          placeId,
          value: { placeId, what, lead, neededFor },
        })
      }
    }
  })
  for (const told of story.selections ?? []) saySelection(story.key, told, say, day)
  return lines
}

function saySelection(
  site: string,
  told: NonNullable<SiteStory['selections']>[number],
  say: (made: Made) => void,
  day: (offset: number) => Day,
): void {
  const placeId = placeIdOf(site, told.at)
  const about = { subject: 'selection' as const, subjectId: demoId('selection', site, told.at, told.what), placeId }
  if (told.lead && told.neededFor) {
    const value = {
      placeId,
      what: told.what,
      lead: told.lead,
      neededFor: told.neededFor,
      ...(told.supplier ? { supplier: told.supplier } : {}),
      ...(told.approvalDays ? { approvalDays: told.approvalDays } : {}),
    }
    say({ ...about, facet: 'laid', value })
  }
  if (told.state) say({ ...about, facet: 'state', value: told.state })
  if (told.leadDays) say({ ...about, facet: 'lead', value: told.leadDays })
  if (told.choice) say({ ...about, facet: 'choice', value: told.choice })
  if (told.arrivesIn !== undefined) say({ ...about, facet: 'arrives', value: day(told.arrivesIn) })
}

/** The facts that one seen place tells. */
function seenFacts(
  site: string,
  seen: SeenPlace,
  placeId: string,
  lines: readonly LaidLine[],
  day: (offset: number) => Day,
): Made[] {
  const made: Made[] = [{ subject: 'place', subjectId: placeId, facet: 'visited', placeId, value: true }]
  const onLine = (line: LaidLine, facet: string, value: unknown): void =>
    void made.push({ subject: 'line', subjectId: line.id, facet, placeId, value } as Made)
  const own = (kind: string, text: string): string => demoId(kind, site, seen.at, text)
  for (const line of lines) {
    const byTitle = Object.entries(seen.lines ?? {}).find(([start]) => line.title.startsWith(start))?.[1]
    const percent =
      line.trade === 'inspector'
        ? line.inspects?.some((stage) => seen.passed?.includes(stage))
          ? 100
          : undefined
        : (byTitle ?? seen.progress?.[line.stage])
    if (percent !== undefined) onLine(line, 'progress', percent)
    if (seen.held && line.title.startsWith(seen.held.line))
      onLine(line, 'held', {
        reason: seen.held.reason,
        ...(seen.held.untilIn === undefined ? {} : { until: day(seen.held.untilIn) }),
      })
    const out = seen.out?.find((one) => line.title.startsWith(one.line))
    if (out) onLine(line, 'excluded', { reason: out.reason })
  }
  for (const [stage, percent] of Object.entries(seen.eye ?? {}))
    made.push({ subject: 'stage', subjectId: `${placeId}/${stage}`, facet: 'eye', placeId, value: percent })
  for (const { stage, item } of seen.ticked ?? [])
    made.push({ subject: 'gate', subjectId: gateItemId(placeId, stage, item), facet: 'ticked', placeId, value: true })
  for (const { text, condition, certain } of seen.found ?? [])
    made.push({
      subject: 'finding',
      subjectId: own('finding', text),
      facet: 'found',
      placeId,
      value: { text, condition, certain },
    })
  for (const keep of seen.keeps ?? [])
    made.push({ subject: 'keep', subjectId: own('keep', keep.text), facet: 'kept', placeId, value: keep })
  for (const note of seen.notes ?? [])
    made.push({
      subject: 'note',
      subjectId: own('note', note.text),
      facet: 'noted',
      placeId,
      value: { text: note.text, private: note.private ?? false },
    })
  for (const { byIn, price, answer, ...asked } of seen.decide ?? []) {
    const value = {
      ...asked,
      ...(byIn === undefined ? {} : { by: day(byIn) }),
      ...(price === undefined ? {} : { price: minor(price) }),
    }
    made.push({ subject: 'decision', subjectId: own('decision', asked.question), facet: 'asked', placeId, value })
    if (answer)
      made.push({
        subject: 'decision',
        subjectId: own('decision', asked.question),
        facet: 'answered',
        placeId,
        value: answer,
      })
  }
  if (seen.extra) {
    const { price, title, stage, trade, hours } = seen.extra
    const subjectId = own('extra', title)
    const value: LineLaid = {
      placeId,
      stage,
      trade,
      action: 'install',
      element: 'outlet',
      title,
      basis: 'once',
      rate: 'frame-opening',
      quantity: { value: 1, unit: 'each' },
      how: 'said on the walk',
      rough: false,
      hours,
      cautions: [],
      extra: true,
    }
    made.push(
      { subject: 'line', subjectId, facet: 'laid', placeId, value },
      { subject: 'line', subjectId, facet: 'price', placeId, value: minor(price) },
    )
  }
  return made
}

const conditionsOn = (day: Day): SiteConditions => {
  const { simulated: _simulated, ...conditions } = simulatedWeather().conditionsOn(day)
  return conditions
}

function entryFacts(story: SiteStory, seen: SeenPlace, placeId: string): Made[] {
  return (seen.entries ?? []).map(({ kind: id, typed }) => {
    const kind = kindOf(id)
    const values = readEntry(kind, (key) => typed[key] ?? '', story.units)
    return {
      subject: 'entry',
      subjectId: demoId('entry', story.key, seen.at, id, Object.values(typed).join()),
      facet: 'written',
      placeId: kind.at === 'site' ? null : placeId,
      value: { kind: id, values },
    }
  })
}

/** What was dictated at a place, read as anybody's words are. */
function dictatedFacts(
  story: SiteStory,
  seen: SeenPlace,
  observed: readonly Observation[],
  today: Day,
): readonly NewFact[] {
  const state = siteStateOf(registersOf(observed))
  const place = story.places.find((one) => one.key === seen.at)!
  let count = 0
  const newId = (): string => demoId('said', story.key, seen.at, today, String(count++))
  return narrate({
    text: seen.dictated!,
    places: state.places.map((one) => one.name),
    current: place.name,
    units: story.units,
    today,
  }).flatMap((line) => proposalOf(line, { state, units: story.units, newId }).facts)
}

async function photoFact(
  context: Context,
  siteId: string,
  placeId: string,
  photo: NonNullable<SeenPlace['photo']>,
  day: Day,
  before: Observation | undefined,
): Promise<Made> {
  const { hash } = await storePhoto(context, siteId, await drawScene(photo.scene, `${siteId}${placeId}${day}`))
  return {
    subject: 'photo',
    subjectId: demoId('photo', siteId, placeId, day),
    facet: 'taken',
    placeId,
    value: {
      hash,
      caption: photo.caption,
      ...(before?.subject === 'photo' && before.facet === 'taken' ? { sameSpotAs: before.value.hash } : {}),
    },
  }
}

/** What happened at the desk since: a plan, trades told and their answers, two client updates, a delivery that slipped. */
async function liveThrough(context: Context, origin: string): Promise<void> {
  const { db, today } = context
  await planFirm(context, 'The week’s plan')
  const soon = addWorkingDays(today, 10, MONDAY_TO_FRIDAY)
  const early = readPlan(db)!.plan.visits.filter(
    (visit) =>
      visit.crewId && (visit.startDay <= soon || visit.trade === 'cabinet-maker' || visit.trade === 'countertop'),
  )
  await tellTrades(context, { visitKeys: early.map((visit) => visit.key) }, origin)
  const week = addWorkingDays(today, 5, MONDAY_TO_FRIDAY)
  for (const booking of readBookings(db))
    if (booking.startDay <= week) saveBooking(db, { ...booking, state: 'confirmed' })

  const lastFriday: Context = { ...context, now: () => `${addWorkingDays(today, -2, MONDAY_TO_FRIDAY)}T16:00:00.000Z` }
  for (const key of ['bakehouse', 'heron']) {
    const site = readSite(db, siteIdOf(key))!
    const { draft, photos } = draftUpdate(lastFriday, site)
    const { finish: _finish, ...text } = draft
    await publishUpdate(lastFriday, site.id, { ...text, photos: photos.slice(-2).map((photo) => photo.hash) }, origin)
  }

  const slipped = {
    subject: 'selection' as const,
    subjectId: demoId('selection', 'bakehouse', 'kitchen', 'Cabinets'),
    facet: 'arrives' as const,
    placeId: placeIdOf('bakehouse', 'kitchen'),
    value: addWorkingDays(today, 29, MONDAY_TO_FRIDAY),
  }
  const seenAt = context.now()
  db.transaction(() =>
    insertObservations(
      db,
      [{ ...slipped, id: demoId('slip'), siteId: siteIdOf('bakehouse'), walkId: null, by: FIRM.owner.name, seenAt }],
      seenAt,
    ),
  )()
  await planFirm(context, 'The cabinets slipped a week')

  const declined = readBookings(db).find(
    (booking) => booking.state === 'told' && booking.crewId === demoId('crew', 'board'),
  )
  if (declined)
    saveBooking(db, {
      ...declined,
      state: 'declined',
      reason: 'taken by another job until then',
      freeFrom: addWorkingDays(declined.startDay, 4, MONDAY_TO_FRIDAY),
      changedAt: context.now(),
    })
}
