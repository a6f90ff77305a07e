import { getIronSession, type SessionOptions } from 'iron-session'
import { cookies, headers } from 'next/headers'
import { readFirm, type Firm } from '../../data/firm'
import { readPerson, type Person } from '../../data/people'
import { contextFor, type Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { runningFirm } from '../runningFirm'
import { Refusal } from '../refusal'

interface SessionData {
  personId?: string
  generation?: number
}

const FOUR_WEEKS = 28 * 24 * 3600

async function sessionOf(firm: FirmFolder) {
  const secure = (await headers()).get('x-forwarded-proto') === 'https'
  const options: SessionOptions = {
    password: firm.secret,
    cookieName: 'aftermist',
    ttl: FOUR_WEEKS,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure, path: '/' },
  }
  return getIronSession<SessionData>(await cookies(), options)
}

/** The person signed in, or null: no cookie, an old one, or one ended by 'sign out everywhere'. */
async function signedIn(firm: FirmFolder): Promise<Person | null> {
  const session = await sessionOf(firm)
  if (!session.personId) return null
  const person = readPerson(firm.db, session.personId)
  return person && person.sessionGeneration === session.generation ? person : null
}

export async function openSession(firm: FirmFolder, person: Person): Promise<void> {
  const session = await sessionOf(firm)
  session.personId = person.id
  session.generation = person.sessionGeneration
  await session.save()
}

export async function endSession(firm: FirmFolder): Promise<void> {
  ;(await sessionOf(firm)).destroy()
}

/** The context of the person signed in, or null. */
export async function contextOrNull(): Promise<Context | null> {
  const firm = await runningFirm()
  const person = await signedIn(firm)
  return person ? contextFor(firm, person) : null
}

export async function requireContext(): Promise<Context> {
  const context = await contextOrNull()
  if (!context) throw new Refusal(401, 'You are signed out. Sign in again; what you typed is kept.')
  return context
}

/** Whether the folder holds a firm yet, and what kind. */
export async function firmOnRecord(): Promise<Firm | null> {
  return readFirm((await runningFirm()).db)
}
