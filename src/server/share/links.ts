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
 * @throws Refusal 404 for an unknown token or the wrong audience, 410 where it was revoked or has expired */
export function openLink(firm: FirmFolder, token: string, audience: Audience): Link {
  const link = readLinkByHash(firm.db, hashOf(token))
  if (!link || link.audience !== audience)
    throw new Refusal(404, 'This link leads nowhere. Check that it was copied whole.')
  if (link.revokedAt) throw new Refusal(410, 'This link was withdrawn. Ask for a new one.')
  if (link.expiresAt < firm.clock.now()) throw new Refusal(410, 'This link has expired. Ask for a new one.')
  recordView(firm.db, link.id, firm.clock.now())
  return link
}

export function withdrawLink(context: Context, id: string): void {
  context.requireLead()
  const link = readLink(context.db, id)
  if (!link) throw new Refusal(404, 'Link: it is not on record.')
  if (link.siteId) context.site(link.siteId)
  revokeLink(context.db, id, context.now())
}
