import { getIronSession, type SessionOptions } from 'iron-session'
import { cookies, headers } from 'next/headers'
import { readFirm, type Firm } from '../../data/firm'
import type { Person } from '../../data/people'
import { contextFor, type Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { beginSession, closeSession, deviceWords, personOfSession, renewedKey, SESSION_DAYS } from '../people/sessions'
import { Refusal } from '../refusal'
import { runningFirm } from '../runningFirm'

interface SessionData {
  key?: string
}

async function sessionOf(firm: FirmFolder) {
  const secure = (await headers()).get('x-forwarded-proto') === 'https'
  const options: SessionOptions = {
    password: firm.secret,
    cookieName: 'aftermist',
    ttl: SESSION_DAYS * 24 * 3600,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure, path: '/' },
  }
  return getIronSession<SessionData>(await cookies(), options)
}

/** Where the request came from, for slowing down whoever guesses. */
export async function addressOfRequest(): Promise<string> {
  const forwarded = (await headers()).get('x-forwarded-for') ?? ''
  // The door and every proxy add the address that they saw at the end.
  return forwarded.split(',').at(-1)?.trim().slice(0, 60) ?? ''
}

/** Opens a session for the device that asks; whatever session it had before ends. */
export async function openSession(firm: FirmFolder, person: Person): Promise<void> {
  const session = await sessionOf(firm)
  if (session.key) closeSession(firm, session.key, false)
  session.key = beginSession(firm, person, deviceWords((await headers()).get('user-agent')))
  await session.save()
}

export async function endSession(firm: FirmFolder, everywhere: boolean): Promise<void> {
  const session = await sessionOf(firm)
  if (session.key) closeSession(firm, session.key, everywhere)
  session.destroy()
}

/** The context of the person signed in, or null. */
export async function contextOrNull(): Promise<Context | null> {
  const firm = await runningFirm()
  const { key } = await sessionOf(firm)
  const person = key ? personOfSession(firm, key) : null
  return person ? contextFor(firm, person) : null
}

/** The context of a request to a route; a session whose key has grown old is given a new one on the way. */
export async function requireContext(): Promise<Context> {
  const firm = await runningFirm()
  const session = await sessionOf(firm)
  const person = session.key ? personOfSession(firm, session.key) : null
  if (!person) throw new Refusal(401, 'You are signed out. Sign in again; what you typed is kept.')
  const newer = renewedKey(firm, session.key!)
  if (newer) {
    session.key = newer
    await session.save()
  }
  return contextFor(firm, person)
}

/** Whether the folder holds a firm yet, and what kind. */
export async function firmOnRecord(): Promise<Firm | null> {
  return readFirm((await runningFirm()).db)
}
