import { array, boolean, object, string } from 'yup'
import { parseDay, type Day } from '../../core/calendar/day'
import { catalogueOf, languageFrom, visitDaysIn } from '../../core/share/languages/languages'
import { composeTradeNotice, photosOfReady } from '../../core/share/tradeNotice'
import { byStart } from '../../core/schedule/tradeRun'
import { sameTime, type VisitTime } from '../../core/schedule/planDiff'
import type { PlannedVisit } from '../../core/schedule/plan'
import { readCrews, type CrewContact } from '../../data/crews'
import type { Link } from '../../data/links'
import { readFirm } from '../../data/firm'
import { revokeVisitLinks } from '../../data/links'
import { deleteBooking, readBookings, readPlan, saveBooking, type StoredBooking } from '../../data/plans'
import { readSite, type Site } from '../../data/sites'
import { readStandards } from '../../data/standards'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { marksOf } from '../../core/walk/photoMarks'
import { readReceiptsOfLink } from '../../data/receipts'
import { outsidePhotoResponse } from '../photos/photos'
import { Refusal } from '../refusal'
import { receiptView } from './receipts'
import { finishedKeys, recordOf } from '../siteStates'
import { createLink, linkAddress, linkMark, openLink } from './links'
import { startSending, writeMessage } from './messages'
import { dueReminders } from './tell'
import { visitNamer, visitWords } from './visitWords'
import { trimmed } from '../../schemas/trimmed'

const keys = object({
  visitKeys: array(string().required()).min(1, 'Choose at least one visit.').max(200).required(),
  /** Whoever asks has said it themselves, by their own telephone. */
  said: boolean().default(false),
})

/** Tells trades their dates: a booking with what was told for each, links to confirm or decline, and one message a crew,
 * whatever the number of its visits. */
export function tellTrades(context: Context, body: unknown): { told: number } {
  context.requireLead()
  const { visitKeys, said } = keys.validateSync(body)
  const { off, on, told, booked } = toTell(context, visitKeys)
  context.db.transaction(() => {
    for (const { booking, crew } of off) callOff(context, booking, crew, said)
    for (const [crew, visits] of on) {
      for (const visit of visits) {
        if (booked.get(visit.key) !== crew.id) revokeVisitLinks(context.db, visit.key, context.now())
        book(context, visit, crew.id)
      }
      if (said) continue
      const { subject, body: text } = noticeFor(context, crew, visits, (visit) =>
        linkMark(createLink(context, visit.siteId, 'trade', visit.key)),
      )
      writeMessage(context.firm, {
        siteId: visits[0]!.siteId,
        recipient: crew.name,
        address: crew.contact,
        subject,
        body: text,
      })
    }
  })()
  startSending(context.firm)
  return { told }
}

/** The words for a crew, for whoever sends them from their own telephone; nothing is booked until they say that it went.
 * @returns whom to send to, and the words with their links */
export function wordsToSend(context: Context, body: unknown): { to: string; text: string } {
  context.requireLead()
  const { visitKeys } = keys.validateSync(body)
  const [theirs] = toTell(context, visitKeys).on
  if (!theirs) throw new Refusal(409, 'There is nothing new to say to them. Look again.')
  const [crew, visits] = theirs
  const { body: text } = context.db.transaction(() =>
    noticeFor(context, crew, visits, (visit) =>
      linkAddress(context.firm, createLink(context, visit.siteId, 'trade', visit.key)),
    ),
  )()
  return { to: crew.contact, text }
}

/** Of some visits those that are called off, and those to be told by crew. */
function toTell(context: Context, visitKeys: readonly string[]) {
  const visits = new Map((readPlan(context.db)?.plan.visits ?? []).map((visit) => [visit.key, visit]))
  const bookings = new Map(readBookings(context.db).map((booking) => [booking.visitKey, booking]))
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  const finished = finishedKeys(context.db, context.sites())
  const off: { booking: StoredBooking; crew: CrewContact | undefined }[] = []
  const on = new Map<CrewContact, PlannedVisit[]>()
  for (const key of new Set(visitKeys)) {
    const visit = visits.get(key)
    const booking = bookings.get(key)
    const crew = visit?.crewId ? crews.get(visit.crewId) : undefined
    context.site((visit ?? booking)?.siteId ?? '')
    // What one declined another is asked for at once.
    const handedOn = booking?.state === 'declined' && visit !== undefined
    if (booking && booking.crewId !== visit?.crewId && !handedOn && !finished.has(key))
      off.push({ booking, crew: crews.get(booking.crewId) })
    else if (visit && crew) on.set(crew, [...(on.get(crew) ?? []), visit])
  }
  return {
    off,
    on: [...on],
    told: off.length + [...on.values()].flat().length,
    /** Who was told of each visit until now. */
    booked: new Map([...bookings].map(([key, { crewId }]) => [key, crewId])),
  }
}

/** What a crew is told of some visits, in its language.
 * @param linkOf what stands for the link of each */
export function noticeFor(
  context: Pick<Context, 'db'>,
  crew: Pick<CrewContact, 'language'>,
  visits: readonly PlannedVisit[],
  linkOf: (visit: PlannedVisit) => string,
): { subject: string; body: string } {
  const words = catalogueOf(crew.language)
  const name = visitNamer(context.db, words)
  const days = [...visits].sort(byStart).map((visit) => ({
    what: name(visit),
    when: visitDaysIn(words, visit),
    street: readSite(context.db, visit.siteId)?.street ?? '',
    link: linkOf(visit),
  }))
  const [first] = days
  return {
    subject: `${first!.what}: ${first!.when}${days.length > 1 ? ` (+${days.length - 1})` : ''}`,
    body: `${words.page.mailAsks}\n\n${days.map(({ what, when, street, link }) => [what, when, ...(street ? [street] : []), link, ''].join('\n')).join('\n')}`,
  }
}

/** Reminds trades of days that they know of, with the link where the visit stands. */
export function remindTrades(context: Context, body: unknown): { reminded: number } {
  context.requireLead()
  const { visitKeys } = keys.validateSync(body)
  const due = new Map(dueReminders(context).map((booking) => [booking.visitKey, booking]))
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  const chosen = [...new Set(visitKeys)].flatMap((key) => due.get(key) ?? [])
  const visits = new Map((readPlan(context.db)?.plan.visits ?? []).map((visit) => [visit.key, visit]))
  context.db.transaction(() => {
    for (const booking of chosen) {
      const crew = crews.get(booking.crewId)!
      const link = createLink(context, booking.siteId, 'trade', booking.visitKey)
      saveBooking(context.db, { ...booking, remindedAt: context.now() })
      const words = catalogueOf(crew.language)
      const what = visitNamer(context.db, words)(visits.get(booking.visitKey)!)
      const when = visitDaysIn(words, booking)
      writeMessage(context.firm, {
        siteId: booking.siteId,
        recipient: crew.name,
        address: crew.contact,
        subject: `${words.page.reminder}: ${what}, ${when}`,
        body: `${what}\n${when}\n\n${words.page.mailReminds}\n${linkMark(link)}\n`,
      })
    }
  })()
  startSending(context.firm)
  return { reminded: chosen.length }
}

/** The crew hears that nobody needs them there any more, and the booking is gone. */
function callOff(context: Context, booking: StoredBooking, crew: CrewContact | undefined, said: boolean): void {
  deleteBooking(context.db, booking.visitKey)
  if (!crew || said) return
  const words = catalogueOf(crew.language)
  const what = booking.what || words.page.work
  const when = visitDaysIn(words, booking)
  writeMessage(context.firm, {
    siteId: booking.siteId,
    recipient: crew.name,
    address: crew.contact,
    subject: `${words.page.calledOff}: ${what}, ${when}`,
    body: `${words.page.calledOff}: ${what}, ${when}. ${words.page.nothingToDo}\n`,
  })
}

/** Keeps what a crew was told. */
const book = (context: Context, visit: PlannedVisit, crewId: string): void =>
  saveBooking(context.db, {
    visitKey: visit.key,
    siteId: visit.siteId,
    crewId,
    what: visitWords(context.db, visit),
    state: 'told',
    startDay: visit.startDay,
    startHalf: visit.startHalf,
    endDay: visit.endDay,
    endHalf: visit.endHalf,
    reason: '',
    changedAt: context.now(),
    remindedAt: null,
  })

/** What a trade's link shows, in the language that was asked for or else the crew's own: one visit. Where the plan has
 * moved since, it says so instead of taking an answer. */
export function tradePage(firm: FirmFolder, token: string, asked?: string) {
  const link = openLink(firm, token, 'trade')
  const { booking, visit, site, finished } = bookedVisit(firm, link)
  const all = readPlan(firm.db)?.plan.visits ?? []
  const told: VisitTime = booking
  const crew = readCrews(firm.db).find(({ id }) => id === booking.crewId)
  const language = languageFrom(asked, crew?.language)
  const words = catalogueOf(language)
  const notice = visit
    ? composeTradeNotice(
        { ...visit, ...timeOf(told) },
        all,
        recordOf('trade', firm.db, site),
        site.name,
        site.units,
        words,
        readStandards(firm.db, site.id),
      )
    : null
  return {
    token,
    language,
    words: words.page,
    firm: readFirm(firm.db)?.name ?? '',
    where: whereOf(site),
    notice,
    state: booking.state,
    changing: visit ? booking.state !== 'declined' && !sameTime(told, visit) : !finished,
    receipts: readReceiptsOfLink(firm.db, link.id).map((receipt) => receiptView('trade', firm, site, receipt)),
  }
}

/** Where somebody comes to, how they get in and whom they call. */
export const whereOf = ({ street, wayIn, whomToCall }: Pick<Site, 'street' | 'wayIn' | 'whomToCall'>): string[] =>
  [street, wayIn, whomToCall].filter((words) => words !== '')

/** A photo of what a notice shows, for whoever holds its link. */
export function noticePhoto(firm: FirmFolder, token: string, hash: string): Promise<Response> {
  const { visit, site } = bookedVisit(firm, openLink(firm, token, 'trade'))
  const state = recordOf('trade', firm.db, site)
  if (!visit || !photosOfReady(visit, state).some((one) => one.hash === hash))
    throw new Refusal(404, 'This photo is not part of the notice.')
  return outsidePhotoResponse(firm, hash, marksOf(state.photos, hash))
}

const timeOf = ({ startDay, startHalf, endDay, endHalf }: VisitTime): VisitTime => ({
  startDay,
  startHalf,
  endDay,
  endHalf,
})

/** The booking behind a trade's link, and the visit as it is planned now where it is still theirs. */
export function bookedVisit(firm: FirmFolder, link: Pick<Link, 'siteId' | 'subject'>) {
  const booking = readBookings(firm.db).find((one) => one.visitKey === link.subject)
  const site = link.siteId ? readSite(firm.db, link.siteId) : null
  if (!booking || !site) throw new Refusal(410, 'This visit was called off. You need do nothing.')
  const planned = readPlan(firm.db)?.plan.visits.find((one) => one.key === link.subject)
  const visit = planned?.crewId === booking.crewId ? planned : null
  return { booking, visit, site, finished: finishedKeys(firm.db, [site]).has(booking.visitKey) }
}

const answerSchema = object({
  answer: string().oneOf(['confirm', 'decline'], 'Answer: confirm or decline.').required('Answer: confirm or decline.'),
  reason: trimmed().max(300, 'Reason: use at most 300 characters.').default(''),
  freeFrom: string().default(''),
})

/** A trade's answer by link changes the booking; a decline frees the day for the next plan. */
export function answerNotice(firm: FirmFolder, token: string, body: unknown): { state: StoredBooking['state'] } {
  const input = answerSchema.validateSync(body)
  const { booking, visit, finished } = bookedVisit(firm, openLink(firm, token, 'trade'))
  if (finished) throw new Refusal(409, 'This work is already done. You need do nothing.')
  if (!visit || (booking.state !== 'declined' && !sameTime(booking, visit))) {
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
