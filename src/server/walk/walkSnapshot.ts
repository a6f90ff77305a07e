import type { Observation } from '../../core/walk/observation'
import type { Context } from '../context'
import { addDays, daysBetween, type Day } from '../../core/calendar/day'
import { workingDaysBetween } from '../../core/calendar/workingDays'
import type { Site } from '../../data/sites'
import { simulatedWeather } from '../../devices/weather/simulatedWeather'
import { readFirm } from '../../data/firm'
import type { Db } from '../../data/database'
import { readDamagedPhotos } from '../../data/photos'
import { readPlan } from '../../data/plans'
import { readRates } from '../../data/rates'
import { readStandards } from '../../data/standards'
import { registersFor } from '../siteStates'

/** All a phone needs to walk a site without a network: its registers, its planned visits, and the server's time. */
export function walkSnapshot(context: Context, siteId: string) {
  const site = context.site(siteId)
  const registers = [...registersFor(context.reader, context.db, site).values()]
  const plan = readPlan(context.db)
  // What stands in for a weather station is for the demo alone: nothing made up is recorded by a real firm.
  const demo = readFirm(context.db)?.demo ?? false
  return {
    site: {
      id: site.id,
      name: site.name,
      units: site.units,
      livedIn: site.livedIn,
      built: site.built,
      startsOn: site.startsOn,
    },
    person: context.person.name,
    demo,
    now: context.now(),
    today: context.today,
    workDay: workDayOf(site, context.today),
    weather: demo ? simulatedWeather().conditionsOn(context.today) : null,
    lessons: lessons(context),
    phrases: firmPhrases(context).map(({ words, kind }) => ({ words, kind })),
    rates: readRates(context.db),
    standards: readStandards(context.db, site.id),
    damaged: damagedPhotos(context.db, site.id, registers),
    registers,
    visits: (plan?.plan.visits ?? [])
      .filter((visit) => visit.siteId === site.id)
      .map(({ key, lineIds, startDay, endDay, trade, crewId }) => ({
        key,
        lineIds,
        startDay,
        endDay,
        trade,
        crewed: crewId !== null,
        crewId,
      })),
  }
}

/** What all sites taught about scope walks, the newest first; what it cost stays at the desk. */
const lessons = (context: Context): string[] =>
  context
    .sites()
    .flatMap((site) => context.record(site).entries.filter((entry) => entry.kind === 'lesson'))
    .sort((a, b) => (a.seenAt < b.seenAt ? 1 : -1))
    .slice(0, 12)
    .map(({ values: { look, cause } }) => (cause ? `${String(look)} (${String(cause)})` : String(look)))

/** What words mean to the firm, on whichever of its sites somebody put them right; of the same words the last counts. */
export const firmPhrases = (context: Context) =>
  context
    .sites()
    .flatMap((site) => context.record(site).phrases.map((phrase) => ({ ...phrase, siteId: site.id })))
    .sort((a, b) => (a.seenAt < b.seenAt ? -1 : 1))

/** Photos that turned out to be unreadable after the phone had sent them: what they showed, to be taken again. */
function damagedPhotos(db: Db, siteId: string, registers: readonly Observation[]): { hash: string; caption: string }[] {
  const damaged = readDamagedPhotos(db, siteId)
  return registers.flatMap((o) =>
    o.subject === 'photo' && o.facet === 'taken' && damaged.has(o.value.hash)
      ? [{ hash: o.value.hash, caption: o.value.caption }]
      : [],
  )
}

/** How many working days and weeks of the site today is; 0 before it starts. */
function workDayOf({ calendar, startsOn }: Site, today: Day): { day: number; week: number } {
  if (today < startsOn) return { day: 0, week: 0 }
  return {
    day: workingDaysBetween(addDays(startsOn, -1), today, calendar),
    week: Math.floor(daysBetween(startsOn, today) / 7) + 1,
  }
}
