import { createHash, randomBytes } from 'node:crypto'
import { v7 as uuid } from 'uuid'
import {
  insertLink,
  readLink,
  readLinkByHash,
  recordView,
  revokeLink,
  type Audience,
  type Link,
} from '../../data/links'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'

const DAYS_VALID: Record<Audience, number> = { client: 60, trade: 45, other: 60, calendar: 365 }
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** Makes a link of 256 random bits for one audience and one subject; only its hash is kept. */
export function createLink(
  context: Pick<Context, 'db' | 'now' | 'person'>,
  siteId: string | null,
  audience: Audience,
  subject: string,
): { id: string; token: string } {
  const token = randomBytes(32).toString('base64url')
  const id = uuid()
  const createdAt = context.now()
  const expiresAt = new Date(Date.parse(createdAt) + DAYS_VALID[audience] * 86_400_000).toISOString()
  insertLink(context.db, {
    id,
    tokenHash: hashOf(token),
    siteId,
    audience,
    subject,
    by: context.person.name,
    createdAt,
    expiresAt,
  })
  return { id, token }
}

/** The link behind a token, its viewing recorded.
 * @throws Refusal 404 for an unknown token or the wrong audience, 410 where it was revoked or has expired, 429 for an
 * unknown token after many of them */
export function openLink(firm: FirmFolder, token: string, audience: Audience): Link {
  const link = readLinkByHash(firm.db, hashOf(token))
  if (!link) countMiss(firm)
  if (!link || link.audience !== audience)
    throw new Refusal(404, 'This link leads nowhere. Check that it was copied whole.')
  if (link.revokedAt) throw new Refusal(410, 'This link was withdrawn. Ask for a new one.')
  if (link.expiresAt < firm.clock.now()) throw new Refusal(410, 'This link has expired. Ask for a new one.')
  recordView(firm.db, link.id, firm.clock.now())
  return link
}

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

export function withdrawLink(context: Context, id: string): void {
  context.requireLead()
  const link = readLink(context.db, id)
  if (!link) throw new Refusal(404, 'Link: it is not on record.')
  if (link.siteId) context.site(link.siteId)
  revokeLink(context.db, id, context.now())
}
