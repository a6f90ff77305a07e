import { hash, verify } from '@node-rs/argon2'
import { v7 as uuid } from 'uuid'
import { array, boolean, object, string } from 'yup'
import { insertFirm, readFirm } from '../../data/firm'
import {
  assignSites,
  countFailedSignIns,
  forgetFailedSignIns,
  insertPerson,
  raiseSessionGeneration,
  readPeople,
  readPerson,
  readPersonByLogin,
  recordFailedSignIn,
  type Person,
  type Role,
} from '../../data/people'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { trimmed } from '../trimmed'

/** Tries within a quarter of an hour before a login rests. */
const ATTEMPTS = 8
const ATTEMPT_WINDOW_MINUTES = 15

const password = string()
  .min(10, 'Password: use at least 10 characters.')
  .max(200, 'Password: use at most 200 characters.')
  .required('Password: choose one of at least 10 characters.')
const login = trimmed()
  .min(2, 'Sign-in name: use at least 2 characters.')
  .max(80, 'Sign-in name: use at most 80 characters.')
  .required('Sign-in name: type one.')
const personName = trimmed().max(80, 'Name: use at most 80 characters.').required('Name: type your name.')

const newFirm = object({
  firm: trimmed().max(80, 'Firm: use at most 80 characters.').required('Firm: type its name.'),
  name: personName,
  login,
  password,
})

/** Creates the firm and its owner; only once, on an empty folder. */
export async function createFirm(firm: FirmFolder, body: unknown, demo = false): Promise<Person> {
  const input = newFirm.validateSync(body)
  if (readFirm(firm.db)) throw new Refusal(409, 'This folder already holds a firm. Sign in instead.')
  const passwordHash = await hash(input.password)
  firm.db.transaction(() => {
    insertFirm(firm.db, { name: input.firm, demo }, firm.clock.now())
    insertPerson(
      firm.db,
      { id: uuid(), name: input.name, login: input.login, role: 'owner', passwordHash },
      firm.clock.now(),
    )
  })()
  return readPersonByLogin(firm.db, input.login)!
}

const newPerson = object({
  name: personName,
  login,
  password,
  role: string().oneOf(['lead', 'crew'], 'Role: choose lead or crew.').required('Role: choose one.'),
})

export async function addPerson(context: Context, body: unknown): Promise<Person> {
  context.requireOwner()
  const input = newPerson.validateSync(body)
  if (readPersonByLogin(context.db, input.login))
    throw new Refusal(409, `Sign-in name: "${input.login}" is taken. Choose another.`, 'login')
  const passwordHash = await hash(input.password)
  insertPerson(
    context.db,
    { id: uuid(), name: input.name, login: input.login, role: input.role as Role, passwordHash },
    context.now(),
  )
  return readPersonByLogin(context.db, input.login)!
}

const credentials = object({
  login: trimmed().required('Sign-in name: type it.'),
  password: string().required('Password: type it.'),
})
const WRONG = 'Sign-in name or password is not right. Try again.'

/** @throws Refusal 401 for a wrong pair, 429 after too many tries */
export async function signIn(firm: FirmFolder, body: unknown): Promise<Person> {
  const input = credentials.validateSync(body)
  const since = new Date(Date.parse(firm.clock.now()) - ATTEMPT_WINDOW_MINUTES * 60_000).toISOString()
  if (countFailedSignIns(firm.db, input.login, since) >= ATTEMPTS) {
    throw new Refusal(429, `Too many tries. Wait ${ATTEMPT_WINDOW_MINUTES} minutes and try again.`)
  }
  const person = readPersonByLogin(firm.db, input.login)
  // A name that does not exist costs as much time as a wrong password.
  const right = await verify(person?.passwordHash ?? (await decoyHash()), input.password)
  if (!person || !right) {
    recordFailedSignIn(firm.db, input.login, firm.clock.now())
    throw new Refusal(401, WRONG)
  }
  forgetFailedSignIns(firm.db, input.login)
  return person
}

let decoy: Promise<string> | undefined
const decoyHash = (): Promise<string> => (decoy ??= hash('nobody has this password'))

const demoRole = object({ role: string().oneOf(['owner', 'lead', 'crew']).required() })

/** Signs a visitor into the demo by role; refused everywhere but in the demo. */
export function signInToDemo(firm: FirmFolder, body: unknown): Person {
  if (!readFirm(firm.db)?.demo) throw new Refusal(403, 'Only the demo can be entered without a password.')
  const { role } = demoRole.validateSync(body)
  const person = readPeople(firm.db).find((one) => one.role === role)
  if (!person) throw new Refusal(404, 'The demo has nobody in that role.')
  return person
}

/** Ends every session of the person where they asked for it everywhere. */
export function endEverySession(context: Context, body: unknown): void {
  const { everywhere } = object({ everywhere: boolean().required() }).validateSync(body)
  if (everywhere) raiseSessionGeneration(context.db, context.person.id)
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
  context.db.transaction(() => assignSites(context.db, personId, siteIds))()
}
