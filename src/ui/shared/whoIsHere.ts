import { PICTURE_CACHE } from './pictureCache'

/** Whose phone or desk this is now: a person of a firm. What a browser keeps is kept under this, and is shut to whoever
 * comes next. */
export interface Who {
  /** The firm's key and the person's id. */
  readonly key: string
  readonly name: string
}

const KEPT = 'aftermist-who'
/** Tells the server whose things a request is about, so that nothing goes out under another name. */
export const WHO_HEADER = 'x-aftermist-who'

/** Who was signed in here last and has not signed out; null where nobody is. */
export function whoIsHere(): Who | null {
  const kept = window.localStorage.getItem(KEPT)
  if (!kept) return null
  const who = JSON.parse(kept) as Partial<Who>
  return typeof who.key === 'string' && typeof who.name === 'string' ? { key: who.key, name: who.name } : null
}

/** Opens what is kept here to somebody, and shuts what was kept for somebody else. */
export async function enter(who: Who): Promise<void> {
  if (whoIsHere()?.key !== who.key) await shut()
  window.localStorage.setItem(KEPT, JSON.stringify(who))
}

/** Shuts what is kept here: nothing of it is shown until its owner signs in again. Pictures are not left at all. */
export async function shut(): Promise<void> {
  window.localStorage.removeItem(KEPT)
  if ('caches' in window) await caches.delete(PICTURE_CACHE)
}
