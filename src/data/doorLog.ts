import type { Db } from './database'

/** What is written down of who came in and what left. */
export const DOOR_EVENTS = {
  'signed in': 'Signed in',
  'wrong password': 'Tried to sign in',
  'signed out': 'Signed out',
  'sessions ended': 'Sessions ended',
  'password changed': 'Password changed',
  'password reset': 'Password reset',
  'person added': 'Person added',
  'person put away': 'Person put away',
  'person brought back': 'Person brought back',
  'site put away': 'Site put away',
  'site brought back': 'Site brought back',
  'link given': 'Link given',
  'link opened': 'Link opened',
  'link withdrawn': 'Link withdrawn',
  'link given anew': 'Link given anew',
  'link reopened': 'Link opened again after a slip',
  exported: 'Taken out as a file',
  'brought in': 'Brought in from a file',
  restored: 'Restored from a backup',
  'settings changed': 'Settings changed',
} as const
export type DoorEvent = keyof typeof DOOR_EVENTS

export interface LoggedEvent {
  readonly id: number
  readonly at: string
  readonly what: DoorEvent
  readonly who: string
  readonly detail: string
}

export function logAtDoor(db: Db, what: DoorEvent, who: string, detail: string, at: string): void {
  db.prepare('INSERT INTO door_log (at, what, who, detail) VALUES (?, ?, ?, ?)').run(at, what, who, detail)
}

/** The latest first.
 * @param before only those before an entry, to page back */
export const readDoorLog = (db: Db, limit: number, before = Number.MAX_SAFE_INTEGER): LoggedEvent[] =>
  db.prepare('SELECT * FROM door_log WHERE id < ? ORDER BY id DESC LIMIT ?').all(before, limit) as LoggedEvent[]
