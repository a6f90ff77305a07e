import { createHash, randomBytes } from 'node:crypto'
import { logAtDoor } from '../../data/doorLog'
import { readPerson, type Person } from '../../data/people'
import {
  deleteOldSessions,
  deleteSession,
  deleteSessionsOf,
  insertSession,
  markSessionReplaced,
  markSessionSeen,
  readSession,
  readSessionsOf,
  type Session,
} from '../../data/sessions'
import type { FirmFolder } from '../firmFolder'

const HOUR_MS = 3_600_000
/** A session that nobody used for so long is over. */
export const SESSION_DAYS = 28
/** A key is renewed once it is so old; the one before serves what is under way for a moment longer. */
const RENEW_MS = 12 * HOUR_MS
const GRACE_MS = 60_000
/** How often it is written down that a session is in use. */
const SEEN_MS = 5 * 60_000

const hashOf = (key: string): string => createHash('sha256').update(key).digest('hex')

/** Opens a session of somebody on a device.
 * @returns the key for its cookie, which is kept nowhere here */
export function beginSession(firm: FirmFolder, person: Person, device: string): string {
  const now = firm.clock.now()
  deleteOldSessions(firm.db, ago(now, SESSION_DAYS * 24 * HOUR_MS), ago(now, GRACE_MS))
  const key = newKey(firm, person.id, hashOf(randomBytes(16).toString('hex')), device)
  logAtDoor(firm.db, 'signed in', person.name, device, now)
  return key
}

function newKey(firm: FirmFolder, personId: string, root: string, device: string): string {
  const key = randomBytes(32).toString('base64url')
  const now = firm.clock.now()
  insertSession(firm.db, { keyHash: hashOf(key), personId, root, device, beganAt: now, seenAt: now })
  return key
}

const ago = (now: string, ms: number): string => new Date(Date.parse(now) - ms).toISOString()

/** Whose session a key opens; null where it has ended, was replaced, or nobody used it for weeks. */
export function personOfSession(firm: FirmFolder, key: string): Person | null {
  const session = readSession(firm.db, hashOf(key))
  if (!session) return null
  const now = Date.parse(firm.clock.now())
  if (now - Date.parse(session.seenAt) > SESSION_DAYS * 24 * HOUR_MS) return null
  if (session.replacedAt && now - Date.parse(session.replacedAt) > GRACE_MS) return null
  if (now - Date.parse(session.seenAt) > SEEN_MS) markSessionSeen(firm.db, session.keyHash, firm.clock.now())
  const person = readPerson(firm.db, session.personId)
  return person && person.putAwayAt === null ? person : null
}

/** A newer key for a session whose key has grown old; null while it serves. The old one ends when the new one has come
 * back, so that a phone whose answer was lost is not signed out. */
export function renewedKey(firm: FirmFolder, key: string): string | null {
  const session = readSession(firm.db, hashOf(key))
  if (!session) return null
  retireOlder(firm, session)
  const age = Date.parse(firm.clock.now()) - Date.parse(session.beganAt)
  if (session.replacedAt || age < RENEW_MS) return null
  return newKey(firm, session.personId, session.root, session.device)
}

function retireOlder(firm: FirmFolder, session: Session): void {
  for (const one of readSessionsOf(firm.db, session.personId))
    if (one.root === session.root && one.beganAt < session.beganAt)
      markSessionReplaced(firm.db, one.keyHash, firm.clock.now())
}

/** Signs out: the session ends here, whoever still holds its cookie. */
export function closeSession(firm: FirmFolder, key: string, everywhere: boolean): void {
  const session = readSession(firm.db, hashOf(key))
  if (!session) return
  if (everywhere) deleteSessionsOf(firm.db, session.personId)
  else deleteSession(firm.db, session.root)
  const person = readPerson(firm.db, session.personId)
  logAtDoor(firm.db, 'signed out', person?.name ?? '', everywhere ? 'everywhere' : session.device, firm.clock.now())
}

/** A device in a few words, by what its browser says of itself. */
export function deviceWords(agent: string | null): string {
  const text = agent ?? ''
  const kind = /iPhone|iPad/.test(text)
    ? 'iPhone or iPad'
    : /Android/.test(text)
      ? 'Android'
      : /Windows/.test(text)
        ? 'Windows'
        : /Mac OS/.test(text)
          ? 'Mac'
          : /Linux/.test(text)
            ? 'Linux'
            : 'a device'
  const browser = /Firefox/.test(text)
    ? 'Firefox'
    : /Edg/.test(text)
      ? 'Edge'
      : /Chrome/.test(text)
        ? 'Chrome'
        : /Safari/.test(text)
          ? 'Safari'
          : ''
  return browser ? `${kind}, ${browser}` : kind
}
