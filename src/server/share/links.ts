import { createHash, createHmac, timingSafeEqual } from 'node:crypto'
import { v7 as uuid } from 'uuid'
import { logAtDoor } from '../../data/doorLog'
import { readFirm } from '../../data/firm'
import {
  insertLink,
  readLink,
  readLinkByHash,
  recordView,
  renewLink,
  unrevokeLink,
  revokeLink,
  type Audience,
  type Link,
} from '../../data/links'
import type { Db } from '../../data/database'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'

const DAYS_VALID: Record<Audience, number> = { client: 60, trade: 45, other: 60, calendar: 365 }
const MS_PER_DAY = 86_400_000

const expiryFrom = (now: string, audience: Audience): string =>
  new Date(Date.parse(now) + DAYS_VALID[audience] * MS_PER_DAY).toISOString()

/** Makes a link for one audience and one subject.
 * @returns its id; whoever writes it into a message writes `linkMark` of it */
export function createLink(
  context: Pick<Context, 'db' | 'now' | 'person'>,
  siteId: string | null,
  audience: Audience,
  subject: string,
): string {
  const id = uuid()
  const createdAt = context.now()
  const createdBy = context.person.name
  insertLink(context.db, {
    id,
    siteId,
    audience,
    subject,
    createdBy,
    createdAt,
    expiresAt: expiryFrom(createdAt, audience),
  })
  return id
}

const ID_LETTERS = 22

/** The token of a link: its id, and what only the folder's link secret makes of the id and the generation. It stands
 * nowhere; it is made when it is needed. */
export function tokenOf(
  firm: Pick<FirmFolder, 'linkSecret'>,
  { id, generation }: Pick<Link, 'id' | 'generation'>,
): string {
  const seal = createHmac('sha256', firm.linkSecret).update(`${id}.${generation}`).digest('base64url')
  return `${Buffer.from(id.replaceAll('-', ''), 'hex').toString('base64url')}${seal}`
}

function linkOf(firm: FirmFolder, token: string): Link | null {
  const bytes = Buffer.from(token.slice(0, ID_LETTERS), 'base64url')
  if (bytes.length === 16 && token.length > ID_LETTERS) {
    const hex = bytes.toString('hex')
    const link = readLink(firm.db, hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5'))
    if (link && isSame(token, tokenOf(firm, link))) return link
  }
  return readLinkByHash(firm.db, createHash('sha256').update(token).digest('hex'))
}

const isSame = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b))

/** Where people reach us: what the firm has set, or else where the server was started. Never what a request says. */
export const addressOf = (db: Db): string =>
  readFirm(db)?.address || process.env.AFTERMIST_ADDRESS || 'http://localhost:4400'

/** The whole address of a link, as it stands now. */
export function linkAddress(firm: Pick<FirmFolder, 'db' | 'linkSecret'>, id: string): string {
  const link = readLink(firm.db, id)!
  return `${addressOf(firm.db)}/for/${link.audience}/${tokenOf(firm, link)}`
}

/** What stands for a link in a message until it is sent or shown. */
export const linkMark = (id: string): string => `{link:${id}}`
const MARKED = /\{link:([0-9a-f-]{36})\}/g

/** A message with its links in it.
 * @returns null where one of them was withdrawn meanwhile */
export function withLinks(firm: Pick<FirmFolder, 'db' | 'linkSecret'>, text: string): string | null {
  const ids = [...text.matchAll(MARKED)].map((mark) => mark[1]!)
  if (ids.some((id) => readLink(firm.db, id)?.revokedAt !== null)) return null
  return text.replace(MARKED, (_mark, id: string) => linkAddress(firm, id))
}

/** The link behind a token, its viewing recorded.
 * @throws Refusal 404 for an unknown token or the wrong audience, 410 where it was revoked or has expired, 429 for an
 * unknown token after many of them */
export function openLink(firm: FirmFolder, token: string, audience: Audience): Link {
  const link = linkOf(firm, token)
  if (!link) countMiss(firm)
  if (!link || link.audience !== audience)
    throw new Refusal(404, 'This link leads nowhere. Check that it was copied whole.')
  if (link.revokedAt) throw new Refusal(410, 'This link was withdrawn. Ask for a new one.')
  const now = firm.clock.now()
  if (link.expiresAt < now) throw new Refusal(410, 'This link has expired. Ask for a new one.')
  if (isNewVisit(link, now)) logAtDoor(firm.db, 'link opened', AUDIENCES[audience], link.id, now)
  recordView(firm.db, link.id, now)
  return link
}

const AUDIENCES: Record<Audience, string> = {
  client: 'A client',
  trade: 'A trade',
  other: 'Somebody on the job',
  calendar: 'A calendar',
}

/** Opened again within the hour is one visit. */
const isNewVisit = ({ lastViewedAt }: Link, now: string): boolean =>
  lastViewedAt === null || Date.parse(now) - Date.parse(lastViewedAt) > 3_600_000

/** Tokens that nobody was given, tried within so many minutes, after which the next is not even said to be none. */
const MISSES = 40
const MISS_WINDOW_MINUTES = 10
const missed = new WeakMap<FirmFolder, readonly number[]>()

/** Links that were given always open; who guesses is told to stop. */
function countMiss(firm: FirmFolder): void {
  const now = Date.parse(firm.clock.now())
  const recent = (missed.get(firm) ?? []).filter((at) => at > now - MISS_WINDOW_MINUTES * 60_000)
  missed.set(firm, [...recent, now])
  if (recent.length >= MISSES)
    throw new Refusal(429, `Too many links were tried that lead nowhere. Wait ${MISS_WINDOW_MINUTES} minutes.`)
}

function ownLink(context: Context, id: string): Link {
  context.requireLead()
  const link = readLink(context.db, id)
  if (!link) throw new Refusal(404, 'Link: it is not on record.')
  if (link.siteId) context.site(link.siteId)
  return link
}

export function withdrawLink(context: Context, id: string): void {
  const link = ownLink(context, id)
  revokeLink(context.db, id, context.now())
  logAtDoor(context.db, 'link withdrawn', context.person.name, link.id, context.now())
}

/** How long a slip of the finger can be taken back. */
const UNDO_MINUTES = 10

/** Undoes a withdrawal that has just been made: the same address opens again.
 * @throws Refusal 409 where it was withdrawn longer ago than a slip of the finger is */
export function reopenLink(context: Context, id: string): void {
  const { revokedAt } = ownLink(context, id)
  if (!revokedAt) return
  if (Date.parse(context.now()) - Date.parse(revokedAt) > UNDO_MINUTES * 60_000)
    throw new Refusal(409, 'This link was withdrawn a while ago. Give it anew: it gets another address.')
  unrevokeLink(context.db, id)
  logAtDoor(context.db, 'link reopened', context.person.name, id, context.now())
}

/** Gives a link anew: what was withdrawn or has expired opens again, under another token; the one of before leads nowhere.
 * @returns its new address */
export function giveAnew(context: Context, id: string): { url: string } {
  const link = ownLink(context, id)
  renewLink(context.db, id, expiryFrom(context.now(), link.audience))
  logAtDoor(context.db, 'link given anew', context.person.name, link.id, context.now())
  return { url: linkAddress(context.firm, id) }
}
