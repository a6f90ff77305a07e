import { away } from '../../schemas/away'
import { credentials, newFirm, newPerson, passwordChange, passwordReset } from '../../schemas/people'
import { randomBytes } from 'node:crypto'
import { v7 as uuid } from 'uuid'
import { array, object, string } from 'yup'
import { logAtDoor } from '../../data/doorLog'
import { insertFirm, readFirm, saveHabits } from '../../data/firm'
import {
  assignSites,
  forgetFailedSignIns,
  insertPerson,
  readPasswordHash,
  readPeople,
  readPerson,
  readPersonByLogin,
  recordFailedSignIn,
  savePasswordHash,
  savePutAway,
  type Person,
  type Role,
} from '../../data/people'
import { deleteSessionsOf } from '../../data/sessions'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { decoyHash, isPassword, strongHash } from './passwords'
import { slowDown } from './signInTries'

/** Creates the firm and its owner; only once, on an empty folder. */
export async function createFirm(firm: FirmFolder, body: unknown, demo = false): Promise<Person> {
  const input = newFirm.validateSync(body)
  if (readFirm(firm.db)) throw new Refusal(409, 'This folder already holds a firm. Sign in instead.')
  const passwordHash = await strongHash(input.password, [input.firm, input.name, input.login])
  firm.db.transaction(() => {
    insertFirm(firm.db, { name: input.firm, demo, key: randomBytes(16).toString('hex') }, firm.clock.now())
    saveHabits(firm.db, { ...input, name: input.firm })
    insertPerson(
      firm.db,
      { id: uuid(), name: input.name, login: input.login, role: 'owner', passwordHash },
      firm.clock.now(),
    )
  })()
  return readPersonByLogin(firm.db, input.login)!
}

export async function addPerson(context: Context, body: unknown): Promise<Person> {
  context.requireOwner()
  const input = newPerson.validateSync(body)
  const taken = (): Refusal => new Refusal(409, `Sign-in name: "${input.login}" is taken. Choose another.`, 'login')
  if (readPersonByLogin(context.db, input.login)) throw taken()
  const passwordHash = await strongHash(input.password, [firmName(context), input.name, input.login])
  // Somebody may have taken the name while the password was worked on.
  if (readPersonByLogin(context.db, input.login)) throw taken()
  insertPerson(
    context.db,
    { id: uuid(), name: input.name, login: input.login, role: input.role as Role, passwordHash },
    context.now(),
  )
  logAtDoor(context.db, 'person added', context.person.name, `${input.name}, ${input.role}`, context.now())
  return readPersonByLogin(context.db, input.login)!
}

const firmName = (context: Pick<Context, 'db'>): string => readFirm(context.db)?.name ?? ''

const WRONG = 'Sign-in name or password is not right. Try again.'

/** @param address where the request came from
 * @throws Refusal 401 for a wrong pair or somebody who was put away, 429 after too many tries */
export async function signIn(firm: FirmFolder, body: unknown, address = ''): Promise<Person> {
  const input = credentials.validateSync(body)
  await slowDown(firm, input.login, address)
  const person = readPersonByLogin(firm.db, input.login)
  const right = await isPassword(person?.passwordHash ?? (await decoyHash()), input.password)
  if (!person || !right || person.putAwayAt !== null) {
    recordFailedSignIn(firm.db, input.login, address, firm.clock.now())
    logAtDoor(firm.db, 'wrong password', person ? person.name : 'Nobody of that name', address, firm.clock.now())
    throw new Refusal(401, WRONG)
  }
  forgetFailedSignIns(firm.db, input.login, address)
  return person
}

const demoRole = object({ role: string().oneOf(['owner', 'lead', 'crew']).required() })

/** Signs a visitor into the demo by role; refused everywhere but in the demo. */
export function signInToDemo(firm: FirmFolder, body: unknown): Person {
  if (!readFirm(firm.db)?.demo) throw new Refusal(403, 'Only the demo can be entered without a password.')
  const { role } = demoRole.validateSync(body)
  const person = readPeople(firm.db).find((one) => one.role === role && one.putAwayAt === null)
  if (!person) throw new Refusal(404, 'The demo has nobody in that role.')
  return person
}

/** Somebody changes their own password. Every session of theirs ends; the caller opens a new one here.
 * @throws Refusal 401 where the present one is wrong, 429 after too many tries */
export async function changePassword(context: Context, body: unknown, address = ''): Promise<void> {
  const { db, person, firm } = context
  const input = passwordChange.validateSync(body)
  await slowDown(firm, person.login, address)
  if (!(await isPassword(readPasswordHash(db, person.id), input.current))) {
    recordFailedSignIn(db, person.login, address, context.now())
    throw new Refusal(401, 'Present password: it is not right.', 'current')
  }
  savePasswordHash(db, person.id, await strongHash(input.password, [firmName(context), person.name, person.login]))
  deleteSessionsOf(db, person.id)
  forgetFailedSignIns(db, person.login, address)
  logAtDoor(db, 'password changed', person.name, '', context.now())
}

function anotherPerson(context: Context, personId: string): Person {
  context.requireOwner()
  const person = readPerson(context.db, personId)
  if (!person) throw new Refusal(404, 'Person: nobody of that kind is on record.')
  return person
}

/** The owner gives somebody a new password, who is signed out everywhere. */
export async function resetPassword(context: Context, personId: string, body: unknown): Promise<void> {
  const person = anotherPerson(context, personId)
  const { password } = passwordReset.validateSync(body)
  savePasswordHash(context.db, person.id, await strongHash(password, [firmName(context), person.name, person.login]))
  deleteSessionsOf(context.db, person.id)
  logAtDoor(context.db, 'password reset', context.person.name, person.name, context.now())
}

/** Ends every session of somebody else's. */
export function endSessionsOf(context: Context, personId: string): void {
  const person = anotherPerson(context, personId)
  deleteSessionsOf(context.db, person.id)
  logAtDoor(context.db, 'sessions ended', context.person.name, person.name, context.now())
}

/** Somebody who works here no more is put away, or is brought back: what they recorded stays, and they cannot sign in
 * meanwhile. */
export function putAwayPerson(context: Context, personId: string, body: unknown): void {
  const person = anotherPerson(context, personId)
  const input = away.validateSync(body)
  if (input.away && person.role === 'owner')
    throw new Refusal(422, 'The owner cannot be put away: nobody could bring them back.')
  savePutAway(context.db, person.id, input.away ? context.now() : null)
  if (input.away) deleteSessionsOf(context.db, person.id)
  const what = input.away ? 'person put away' : 'person brought back'
  logAtDoor(context.db, what, context.person.name, person.name, context.now())
}

/** Which sites a crew member sees. */
export function assignPerson(context: Context, personId: string, body: unknown): void {
  context.requireOwner()
  const { siteIds } = object({
    siteIds: array(string().required()).max(500).required('Sites: say which.'),
  }).validateSync(body)
  if (readPerson(context.db, personId)?.role !== 'crew')
    throw new Refusal(422, 'Only crew are given single sites; leads and owners see all.')
  for (const id of siteIds) context.site(id)
  context.db.transaction(() => assignSites(context.db, personId, [...new Set(siteIds)]))()
}
