import { isWorkingDay } from '../../core/calendar/workingDays'
import { emptyPlan } from '../../core/schedule/plan'
import { ENGLISH } from '../../core/share/languages/english'
import { crewMorning, isMorning, officeMorning, type MorningMail, type MorningSite } from '../../core/share/morningMail'
import { composeRoomSheet } from '../../core/share/roomSheet'
import { readMorningDue, saveMorningAddress, saveMorningWritten } from '../../data/people'
import { readPlan } from '../../data/plans'
import { readStandards } from '../../data/standards'
import type { Site } from '../../data/sites'
import { morning } from '../../schemas/people'
import { contextFor, type Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { todayView } from '../views/today'
import { addressOf } from './links'
import { mailGoes, writeMessage } from './messages'

/** Somebody says where they want to read in the morning what concerns them, or that they do not. */
export function keepMorningAddress({ db, person }: Context, body: unknown): { address: string } {
  const { address } = morning.validateSync(body)
  saveMorningAddress(db, person.id, address)
  return { address }
}

/** Writes to everybody who asked what concerns them today, once a day, in the morning of a day that is worked. One who cannot
 * be written to holds up nobody else. */
export function writeMorningMails(firm: FirmFolder): void {
  if (!firm.db.open || !isMorning(firm.clock.hour()) || !mailGoes(firm)) return
  const today = firm.clock.today()
  for (const person of readMorningDue(firm.db, today)) {
    try {
      const mail = morningMail(contextFor(firm, person))
      firm.db.transaction(() => {
        if (mail)
          writeMessage(firm, { ...mail, siteId: null, recipient: person.name, address: person.morningAddress }, true)
        saveMorningWritten(firm.db, person.id, today)
      })()
    } catch (error) {
      console.error(error)
    }
  }
}

/** What somebody reads in the morning; null where it concerns them in nothing. */
export function morningMail(context: Context): MorningMail | null {
  const { db, today, person } = context
  const worked = context.sites().filter(({ calendar }) => isWorkingDay(today, calendar))
  if (worked.length === 0) return null
  const href = `${addressOf(db)}/today`
  if (person.role === 'crew')
    return crewMorning(
      today,
      worked.map((site) => placesToday(context, site)),
      href,
    )
  const { lead, needs, board, next } = todayView(context)
  return officeMorning(
    today,
    {
      lead,
      needs: needs.map(({ when, text, detail }) => `${when}: ${text} ${detail}`),
      board: board.map(({ name, morning, afternoon }) => ({
        name,
        out: [
          ...morning.map(({ text, note }) => `${text} (${note})`),
          ...afternoon
            .filter(({ key }) => !morning.some((one) => one.key === key))
            .map(({ text, note }) => `In the afternoon: ${text} (${note})`),
        ],
      })),
      walks: next.map(({ name, reason }) => `${name}: ${reason}`),
    },
    href,
  )
}

/** The places of a site in which somebody works today, as crew may know them. */
function placesToday(context: Context, site: Site): MorningSite {
  const { db, today } = context
  const plan = readPlan(db)?.plan ?? emptyPlan(today)
  const visits = plan.visits.filter((one) => one.siteId === site.id && one.startDay <= today && one.endDay >= today)
  const lineIds = new Set(visits.flatMap((visit) => visit.lineIds))
  const state = context.record(site)
  const standards = readStandards(db, site.id)
  return {
    name: site.name,
    where: [site.street, site.wayIn, site.whomToCall].filter(Boolean).join(', '),
    places: state.places
      .filter(({ id }) => visits.some(({ placeIds }) => placeIds.includes(id)))
      .map((place) => {
        const due = { ...state, lines: state.lines.filter(({ id }) => lineIds.has(id)) }
        const sheet = composeRoomSheet(place, due, plan, site.units, ENGLISH, standards)
        return {
          name: place.name,
          cautions: sheet.cautions,
          work: sheet.work.map(
            ({ title, amount, trade, held }) =>
              `${title}${amount ? `, ${amount}` : ''} (${trade.toLowerCase()})${held ? `; held: ${held}` : ''}`,
          ),
          stays: sheet.stays,
        }
      }),
  }
}
