import { v7 as uuid } from 'uuid'
import { array, object, string, tuple } from 'yup'
import { dayOf, longDay, type Day } from '../../core/calendar/day'
import { clientFacts, composeClientUpdate, type ClientUpdate } from '../../core/share/clientUpdate'
import { composeClientScope } from '../../core/share/clientScope'
import { carriedOver, UPDATE_PARTS, type UpdateEdits } from '../../core/share/updateEdits'
import { clientAsks, type ClientAsk } from '../../core/share/clientAsks'
import { sharedPhotos } from '../../core/share/sharedPhotos'
import { finishDays } from '../../core/schedule/finishDays'
import { emptyPlan, type Plan } from '../../core/schedule/plan'
import { candidateDays, clockBegins } from '../../core/selections/candidates'
import type { Selection } from '../../core/selections/selection'
import { orderByFrom } from '../../core/selections/orderBy'
import { measuredOn, selectionNeededOn } from '../../core/schedule/neededOn'
import { wholePromisedBy } from '../../core/schedule/promisedEnds'
import { marksOf } from '../../core/walk/photoMarks'
import { registersOf } from '../../core/walk/registers'
import { siteStateOf, type SiteState } from '../../core/walk/siteState'
import { readPlan } from '../../data/plans'
import { outsidePhotoResponse } from '../photos/photos'
import { readPhoto } from '../../data/photos'
import { insertUpdate, readLatestUpdate, readUpdateEdits, saveUpdateEdits } from '../../data/share'
import { readSite, type Site } from '../../data/sites'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { recordOf, recordUpTo } from '../siteStates'
import { createLink, linkAddress, linkMark, openLink } from './links'
import { startSending, writeMessage } from './messages'
import { trimmed } from '../../schemas/trimmed'
import { extraDays } from '../plan/extraDays'
import { siteSense } from '../plan/siteSense'
import { openAsks, receiptsOf } from './clientAnswers'

/** The update as the facts would have it today, ready to be edited. */
export function draftUpdate(
  context: Context,
  site: Site,
): {
  draft: ClientUpdate
  edits: UpdateEdits
  /** The sentences that they read last, by which what is new is known; null before the first update. */
  sent: readonly string[] | null
  asks: ClientAsk[]
  since: string | null
  /** Those taken since the last update, each with the earlier one from its spot. */
  photos: { hash: string; caption: string; place: string; on: Day; before: string | null }[]
} {
  context.requireLead()
  const published = readLatestUpdate(context.db, site.id)
  const now = recordOf('client', context.db, site)
  const before = published
    ? recordUpTo('client', context.db, site, published.publishedAt)
    : siteStateOf(registersOf([]))
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  const orderBy = orderByDays(context, site, now, plan)
  const draft = composeClientUpdate({
    siteId: site.id,
    today: context.today,
    before,
    now,
    plan,
    units: site.units,
    orderBy,
  })
  const photos = now.photos
    .filter((photo) => !photo.sheet && (!published || photo.seenAt > published.publishedAt))
    .map((photo) => ({
      hash: photo.hash,
      caption: photo.caption,
      place: now.places.find((p) => p.id === photo.placeId)?.name ?? site.name,
      on: dayOf(photo.seenAt),
      before: now.photos.find(({ hash }) => hash === photo.sameSpotAs)?.hash ?? null,
    }))
  return {
    draft,
    edits: readUpdateEdits(context.db, site.id),
    sent: published && UPDATE_PARTS.flatMap((part) => published.update[part]),
    asks: clientAsks(now, orderBy, context.today, candidatesAt(context, site, plan, wholePromisedBy(now))),
    since: published ? longDay(dayOf(published.publishedAt)) : null,
    photos,
  }
}

/** Last day to order of every selection that the plan needs. */
export function orderByDays(
  { db, today }: Pick<Context, 'db' | 'today'>,
  site: Site,
  state: SiteState,
  plan: Plan,
): Map<string, Day> {
  const { orderBuffer } = siteSense(db, site.id)
  return new Map(
    state.selections.flatMap((selection) => {
      const needed = selectionNeededOn(plan, selection, wholePromisedBy(state))
      return needed
        ? [
            [
              selection.id,
              measuredOn(plan, selection) ??
                orderByFrom(today, needed, selection.leadDays, selection.approvalDays ?? 0, site.calendar, orderBuffer),
            ] as const,
          ]
        : []
    }),
  )
}

/** What is told of each thing that a selection may become, by the plan. */
function candidatesAt({ db, today }: Pick<Context, 'db' | 'today'>, site: Site, plan: Plan, promised: Day | null) {
  const { orderBuffer } = siteSense(db, site.id)
  return (selection: Selection): string[] =>
    candidateDays(
      selection.candidates,
      selectionNeededOn(plan, selection, promised),
      selection.approvalDays ?? 0,
      clockBegins(today, selection.awaited),
      site.calendar,
      orderBuffer,
    ).map(({ sentence }) => sentence)
}

const sentences = array(trimmed().max(600, 'A sentence has at most 600 characters.').required()).max(40).required()
const publication = object({
  headline: trimmed().max(160, 'Headline: use at most 160 characters.').required('Headline: write one.'),
  done: sentences,
  next: sentences,
  off: sentences,
  decide: sentences,
  terms: sentences.default([]),
  /** What of all that waits for the client can be answered on the link, by id; all of it where nothing is said. */
  asks: array(string().required()).max(200),
  photos: array(
    string()
      .matches(/^[0-9a-f]{64}$/)
      .required(),
  )
    .max(12, 'Photos: at most 12.')
    .required(),
})

const words = trimmed().max(600, 'A sentence has at most 600 characters.').default('')
const edits = object({
  headline: trimmed().max(160, 'Headline: use at most 160 characters.').nullable().default(null),
  instead: array(tuple([string().max(600).required(), words]))
    .max(200)
    .default([]),
  dropped: array(string().max(600).required()).max(200).default([]),
  added: object(Object.fromEntries(UPDATE_PARTS.map((part) => [part, array(words).max(40)]))),
})

/** Keeps what a lead makes of the update while they write it. */
export function keepEdits(context: Context, siteId: string, body: unknown): void {
  context.requireLead()
  const site = context.site(siteId)
  const input = edits.validateSync(body)
  saveUpdateEdits(context.db, site.id, { ...input, instead: Object.fromEntries(input.instead as [string, string][]) })
}

/** Publishes the edited update under a new link and puts a message with it into the outbox. */
export async function publishUpdate(context: Context, siteId: string, body: unknown): Promise<{ url: string }> {
  context.requireLead()
  const site = context.site(siteId)
  const input = publication.validateSync(body)
  for (const hash of input.photos) {
    if (readPhoto(context.db, hash)?.siteId !== site.id)
      throw new Refusal(422, 'Photos: one of them is not of this site.', 'photos')
  }
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  const now = recordOf('client', context.db, site)
  const facts = clientFacts({ siteId: site.id, today: context.today, plan, now })
  const asks = await publishedAsks(context, site, plan, input.asks)
  const { photos, asks: _asked, ...update } = input
  const link = context.db.transaction(() => {
    insertUpdate(
      context.db,
      {
        id: uuid(),
        siteId: site.id,
        update: {
          ...update,
          scope: composeClientScope(now, { units: site.units, today: context.today }),
          finish: facts.finish,
          safe: finishDays(plan, site.id, context.today)?.safe ?? null,
        },
        facts,
        photos,
        asks,
        publishedAt: context.now(),
      },
      context.person.name,
    )
    saveUpdateEdits(context.db, site.id, carriedOver(readUpdateEdits(context.db, site.id)))
    return createLink(context, site.id, 'client', '')
  })()
  writeMessage(context.firm, {
    siteId: site.id,
    recipient: site.clientName || 'Client',
    address: site.clientAddress,
    subject: `${site.name}: ${input.headline}`,
    body: `${input.headline}.\n\nWhat was done, what comes next, what will be off and what to decide:\n${linkMark(link)}\n`,
  })
  startSending(context.firm)
  return { url: linkAddress(context.firm, link) }
}

/** What the link will ask, with what each extra does to the dates. */
async function publishedAsks(
  context: Context,
  site: Site,
  plan: Plan,
  chosen?: readonly string[],
): Promise<ClientAsk[]> {
  const state = recordOf('client', context.db, site)
  const asks: ClientAsk[] = []
  for (const ask of clientAsks(
    state,
    orderByDays(context, site, state, plan),
    context.today,
    candidatesAt(context, site, plan, wholePromisedBy(state)),
  )) {
    if (chosen && !chosen.includes(ask.id)) continue
    const days = ask.kind === 'extra' ? [(await extraDays(context, site.id, ask.id)).finish] : []
    asks.push({ ...ask, about: [...ask.about, ...days] })
  }
  return asks
}

/** What a client's link shows: the update as it was published, and nothing else. */
export function clientPage(firm: FirmFolder, token: string) {
  const link = openLink(firm, token, 'client')
  return { ...publishedUpdate(firm, readSite(firm.db, link.siteId!)!), token }
}

/** The update that the client of a site was given last, with what still waits for an answer.
 * @throws Refusal 404 before the first */
export function publishedUpdate(firm: FirmFolder, site: Site) {
  const published = readLatestUpdate(firm.db, site.id)
  if (!published) throw new Refusal(404, 'There is no update yet.')
  const { headline, done, next, off, decide, terms, scope, finish, safe } = published.update
  const open = openAsks(firm, site, published.asks)
  return {
    site: site.name,
    on: longDay(dayOf(published.publishedAt)),
    headline,
    done,
    next,
    off,
    // What can be answered here stands once, with its answer; what was answered is no longer to be decided.
    decide: decide.filter((sentence) => !published.asks.some(({ asks }) => sentence.startsWith(asks))),
    terms,
    scope,
    asks: open,
    receipts: receiptsOf('client', firm, site),
    // A day that has gone by since is not told as one to come.
    finish: finish && finish >= firm.clock.today() ? longDay(finish) : null,
    safe: safe && safe >= firm.clock.today() ? longDay(safe) : null,
    photos: sharedPhotos(recordOf('client', firm.db, site), published.photos),
  }
}

/** A photo of the published update, for whoever holds the client's link. */
export function sharedPhoto(firm: FirmFolder, token: string, hash: string): Promise<Response> {
  const link = openLink(firm, token, 'client')
  const site = readSite(firm.db, link.siteId!)
  if (!site || !readLatestUpdate(firm.db, site.id)?.photos.includes(hash))
    throw new Refusal(404, 'This photo is not part of the update.')
  return outsidePhotoResponse(firm, hash, marksOf(recordOf('client', firm.db, site).photos, hash))
}
