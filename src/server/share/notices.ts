import { array, object, string } from 'yup'
import { dayOf, longDay, parseDay, type Day } from '../../core/calendar/day'
import { composeTradeNotice } from '../../core/share/tradeNotice'
import { sameTime, visitDays, type VisitTime } from '../../core/schedule/planDiff'
import type { PlannedVisit } from '../../core/schedule/plan'
import { readCrews, type CrewContact } from '../../data/crews'
import { readFirm } from '../../data/firm'
import { readBookings, readPlan, saveBooking, type StoredBooking } from '../../data/plans'
import { readSite } from '../../data/sites'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'
import { createLink, openLink } from './links'
import { sendWaiting, writeMessage } from './messages'
import { visitWords } from './visitWords'

const keys = object({ visitKeys: array(string().required()).min(1, 'Choose at least one visit.').max(200).required() })

/** Tells trades their dates: a booking with what was told, a link to confirm or decline, a message in the outbox. */
export async function tellTrades(context: Context, body: unknown, origin: string): Promise<{ told: number }> {
  context.requireLead()
  const { visitKeys } = keys.validateSync(body)
  const visits = (readPlan(context.db)?.plan.visits ?? []).filter((visit) => visitKeys.includes(visit.key))
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  for (const visit of visits) {
    context.site(visit.siteId)
    const crew = visit.crewId ? crews.get(visit.crewId) : undefined
    if (crew) tellOne(context, visit, crew, origin)
  }
  await sendWaiting(context.firm)
  return { told: visits.length }
}

function tellOne(context: Context, visit: PlannedVisit, crew: CrewContact, origin: string): void {
  const { token } = createLink(context, visit.siteId, 'trade', visit.key)
  saveBooking(context.db, {
    visitKey: visit.key,
    siteId: visit.siteId,
    crewId: crew.id,
    state: 'told',
    startDay: visit.startDay,
    startHalf: visit.startHalf,
    endDay: visit.endDay,
    endHalf: visit.endHalf,
    reason: '',
    changedAt: context.now(),
  })
  writeMessage(context.firm, {
    siteId: visit.siteId,
    recipient: crew.name,
    address: crew.contact,
    subject: `${visitWords(context.db, visit)}: ${visitDays(visit)}`,
    body: `${visitWords(context.db, visit)}\n${visitDays(visit)}\n\nWhere, how much, what is ready; confirm or decline:\n${origin}/for/trade/${token}\n`,
  })
}

/** What a trade's link shows: one visit. Where the plan has moved since, it says so instead of taking an answer. */
export function tradePage(firm: FirmFolder, token: string) {
  const { booking, visit, site } = bookedVisit(firm, token)
  const told: VisitTime = booking
  const done = visit === null
  const notice = visit
    ? composeTradeNotice({ ...visit, ...timeOf(told) }, siteState(firm.db, site), site.name, site.units)
    : null
  return {
    token,
    firm: readFirm(firm.db)?.name ?? '',
    notice,
    state: booking.state,
    changing: visit !== null && booking.state !== 'declined' && !sameTime(told, visit),
    done,
    answered: booking.state === 'told' ? null : longDay(dayOf(booking.changedAt)),
  }
}

const timeOf = ({ startDay, startHalf, endDay, endHalf }: VisitTime): VisitTime => ({
  startDay,
  startHalf,
  endDay,
  endHalf,
})

function bookedVisit(firm: FirmFolder, token: string) {
  const link = openLink(firm, token, 'trade')
  const booking = readBookings(firm.db).find((one) => one.visitKey === link.subject)
  const site = link.siteId ? readSite(firm.db, link.siteId) : null
  if (!booking || !site) throw new Refusal(410, 'This visit was called off. You need do nothing.')
  const visit = readPlan(firm.db)?.plan.visits.find((one) => one.key === link.subject) ?? null
  return { booking, visit, site }
}

const answerSchema = object({
  answer: string().oneOf(['confirm', 'decline'], 'Answer: confirm or decline.').required('Answer: confirm or decline.'),
  reason: string().trim().max(300, 'Reason: use at most 300 characters.').default(''),
  freeFrom: string().default(''),
})

/** A trade's answer by link changes the booking; a decline frees the day for the next plan. */
export function answerNotice(firm: FirmFolder, token: string, body: unknown): { state: StoredBooking['state'] } {
  const input = answerSchema.validateSync(body)
  const { booking, visit } = bookedVisit(firm, token)
  if (!visit) throw new Refusal(409, 'This work is already done. You need do nothing.')
  if (booking.state !== 'declined' && !sameTime(booking, visit)) {
    throw new Refusal(409, 'This date is being changed. You will get a new message; please answer that one.')
  }
  const freeFrom = input.freeFrom === '' ? undefined : freeDay(input.freeFrom, booking.startDay)
  const { freeFrom: _old, ...rest } = booking
  const state = input.answer === 'confirm' ? 'confirmed' : 'declined'
  saveBooking(firm.db, {
    ...rest,
    state,
    reason: input.reason,
    ...(state === 'declined' && freeFrom ? { freeFrom } : {}),
    changedAt: firm.clock.now(),
  })
  return { state }
}

function freeDay(text: string, told: Day): Day {
  const day = parseDay(text)
  if (day < told) throw new Refusal(422, 'Next free day: choose the day asked for or a later one.', 'freeFrom')
  return day
}
