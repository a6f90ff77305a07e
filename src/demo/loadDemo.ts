import type { SiteConditions } from '../core/walk/siteConditions'
import { simulatedWeather } from '../devices/weather/simulatedWeather'
import { addWorkingDays, MONDAY_TO_FRIDAY } from '../core/calendar/workingDays'
import type { Day } from '../core/calendar/day'
import { USUAL_SCHOOLS } from '../core/sequence/schools'
import type { Observation } from '../core/walk/observation'
import { saveCrew } from '../data/crews'
import { insertObservations } from '../data/observations'
import { readPeople } from '../data/people'
import { readBookings, readPlan, saveBooking } from '../data/plans'
import { insertSite, readSite } from '../data/sites'
import { contextFor, type Context } from '../server/context'
import type { FirmFolder } from '../server/firmFolder'
import { addPerson, assignPerson, createFirm } from '../server/people/accounts'
import { storePhoto } from '../server/photos/photos'
import { runPhotoJobs } from '../server/photos/photoSizes'
import { planFirm } from '../server/plan/planFirm'
import { draftUpdate, publishUpdate } from '../server/share/clientUpdates'
import { sendWaiting } from '../server/share/messages'
import { tellTrades } from '../server/share/notices'
import { tellOthers } from '../server/share/others'
import { whoToTell } from '../server/share/tell'
import { CREWS, FIRM } from './firm'
import { drawPlan, drawScene } from './scenes'
import { BAKEHOUSE } from './sites/bakehouse'
import { HERON } from './sites/heron'
import { MILLRACE, ORCHARD, PELL } from './sites/others'
import { TOLLGATE } from './sites/tollgate'
import { demoId, placeIdOf, siteIdOf } from './ids'
import { dictatedFacts, entryFacts, layDown, seenFacts, type Made } from './storyFacts'
import type { SeenPlace, SiteStory } from './story'

export const STORIES: readonly SiteStory[] = [BAKEHOUSE, HERON, ORCHARD, PELL, MILLRACE, TOLLGATE]

/** Fills an empty folder with the demo firm, mid-flight as of the folder's today. */
export async function loadDemo(firm: FirmFolder): Promise<void> {
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
  await liveThrough(context)
  await Promise.all([runPhotoJobs(firm), sendWaiting(firm)])
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
    calendar: { weekdays: crew.weekdays ?? [1, 2, 3, 4, 5], halves: crew.halves ?? 'both' },
    daysOff: away,
    contact: `${crew.key}@trades.example.com`,
    licence: crew.licence ?? '',
    own: crew.own ?? false,
    setUpHours: crew.setUpHours ?? 0,
  })
}

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
      travelHours: story.travelHours ?? 0,
      schools: story.schools ?? USUAL_SCHOOLS,
      crews: {},
      ownRelations: [],
      clientName: story.client,
      clientAddress: `${story.key}@clients.example.com`,
      privateNote: story.privateNote,
      street: story.street,
      wayIn: story.wayIn,
      whomToCall: `${FIRM.owner.name}, 555 0100`,
    },
    context.now(),
  )
  const observed: Observation[] = []
  const say = (made: Made, walkId: string | null, by: string, seenAt: string): void => {
    const id = demoId(story.key, made.subject, made.subjectId, made.facet, seenAt)
    observed.push({ ...made, id, siteId, walkId, by, seenAt } as Observation)
  }
  const lines = layDown(story, (made) => say(made, null, FIRM.owner.name, `${firstDay}T06:30:00.000Z`), day)
  if (story.plan)
    for (const made of await planFacts(context, story, story.plan))
      say(made, null, FIRM.owner.name, `${firstDay}T06:40:00.000Z`)
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
      for (const made of entryFacts(story, seen, placeId, lines)) say(made, walkId, walk.by, clock())
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

/** The plan of a level as a drawing of its places, with its pins. */
async function planFacts(
  context: Context,
  story: SiteStory,
  { level, pins }: NonNullable<SiteStory['plan']>,
): Promise<Made[]> {
  const siteId = siteIdOf(story.key)
  const places = story.places.filter((place) => place.level === level)
  const { hash } = await storePhoto(context, siteId, await drawPlan(places))
  const taken = { hash, caption: level, sheet: 'plan' as const }
  return [
    { subject: 'photo', subjectId: demoId('plan', siteId, level), facet: 'taken', placeId: null, value: taken },
    ...pins.map(({ x, y, text }): Made => ({
      subject: 'pin',
      subjectId: demoId('pin', siteId, text),
      facet: 'put',
      placeId: null,
      value: { sheet: hash, at: { x, y }, text },
    })),
  ]
}

/** A walk's clock: seven in the morning and on, a minute for each thing recorded. */
function minutes(day: Day): () => string {
  let at = Date.parse(`${day}T06:00:00Z`)
  return () => new Date((at += 40_000)).toISOString()
}

const conditionsOn = (day: Day): SiteConditions => {
  const { simulated: _simulated, ...conditions } = simulatedWeather().conditionsOn(day)
  return conditions
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
async function liveThrough(context: Context): Promise<void> {
  const { db, today } = context
  await planFirm(context, 'The week’s plan')
  const soon = addWorkingDays(today, 10, MONDAY_TO_FRIDAY)
  const early = readPlan(db)!.plan.visits.filter(
    (visit) =>
      visit.crewId && (visit.startDay <= soon || visit.trade === 'cabinet-maker' || visit.trade === 'countertop'),
  )
  tellTrades(context, { visitKeys: early.map((visit) => visit.key) })
  const nextDoor = whoToTell(context).others.filter(({ telephone }) => telephone === null)
  tellOthers(context, { ids: nextDoor.map(({ id }) => id) })
  const week = addWorkingDays(today, 5, MONDAY_TO_FRIDAY)
  for (const booking of readBookings(db))
    if (booking.startDay <= week) saveBooking(db, { ...booking, state: 'confirmed' })

  const lastFriday: Context = { ...context, now: () => `${addWorkingDays(today, -2, MONDAY_TO_FRIDAY)}T16:00:00.000Z` }
  for (const key of ['bakehouse', 'heron']) {
    const site = readSite(db, siteIdOf(key))!
    const { draft, photos } = draftUpdate(lastFriday, site)
    const { finish: _finish, ...text } = draft
    await publishUpdate(lastFriday, site.id, {
      ...text,
      photos: photos.slice(-2).flatMap(({ hash, before }) => (before ? [before, hash] : [hash])),
    })
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
