import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest'
import { readDoorLog } from '../../src/data/doorLog'
import { readPersonByLogin, type Person } from '../../src/data/people'
import { readSessionsOf } from '../../src/data/sessions'
import type { Clock } from '../../src/server/clock'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import {
  addPerson,
  assignPerson,
  changePassword,
  createFirm,
  endSessionsOf,
  putAwayPerson,
  resetPassword,
  signIn,
  signInToDemo,
} from '../../src/server/people/accounts'
import { beginSession, closeSession, deviceWords, personOfSession, renewedKey } from '../../src/server/people/sessions'
import { waitAfter } from '../../src/server/people/signInTries'
import { as, closed, emptyFolder, TODAY } from '../fixtures/folder'

let firm: FirmFolder
const OWNER = { firm: 'Test & Sons', name: 'Ada Underbough', login: 'ada', password: 'barge quoin lantern' }
const BO = { name: 'Bo', login: 'bo', password: 'walnut ferry sundial', role: 'crew' }

beforeAll(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
})
afterAll(() => closed(firm))

/** The same firm some time later. */
const later = (minutes: number): FirmFolder => {
  const clock: Clock = {
    ...firm.clock,
    now: () => new Date(Date.parse(firm.clock.now()) + minutes * 60_000).toISOString(),
  }
  return { ...firm, clock }
}
const owner = () => as(firm, 'owner')
const bo = (): Person => readPersonByLogin(firm.db, 'bo')!

describe('a firm and its people', () => {
  test.each([
    [{ ...OWNER, firm: ' ' }, 'Firm: type its name.'],
    [{ ...OWNER, password: 'short' }, 'Password: use at least 12 characters.'],
    [{ ...OWNER, password: 'password1234' }, 'this one is easily guessed'],
    [{ ...OWNER, password: 'ada underbough' }, 'this one is easily guessed'],
    [{ ...OWNER, password: 'aaaaaaaaaaaaaaaa' }, 'this one is easily guessed'],
    [{ ...OWNER, login: '' }, /Sign-in name/],
  ])('bad input names the field and the mend', async (body, message) => {
    await expect(createFirm(firm, body)).rejects.toThrow(message)
  })
  test('is created once', async () => {
    expect(await createFirm(firm, OWNER)).toMatchObject({ name: 'Ada Underbough', role: 'owner' })
    await expect(createFirm(firm, OWNER)).rejects.toThrow('already holds a firm')
  })
  test('passwords are kept as argon2 hashes only', () => {
    const kept = firm.db.prepare('SELECT password_hash AS hash FROM person').all() as { hash: string }[]
    for (const { hash } of kept) expect(hash).toMatch(/^\$argon2id\$/)
  })
  test('only the owner adds people; a name is taken once', async () => {
    await addPerson(owner(), BO)
    await expect(addPerson(owner(), BO)).rejects.toThrow('"bo" is taken')
    await expect(addPerson(as(firm, 'crew'), { ...BO, login: 'bo2' })).rejects.toMatchObject({ status: 403 })
    expect(() => assignPerson(owner(), owner().person.id, { siteIds: [] })).toThrow('Only crew')
  })
  test('nobody walks in without a password outside the demo', () => {
    expect(() => signInToDemo(firm, { role: 'owner' })).toThrow('Only the demo')
  })
})

describe('trying passwords', () => {
  test('a wrong name and a wrong password are answered alike', async () => {
    await expect(signIn(firm, { login: 'nobody', password: 'x' }, '1.1.1.1')).rejects.toThrow('is not right')
    await expect(signIn(firm, { login: 'ada', password: 'x' }, '1.1.1.1')).rejects.toThrow('is not right')
  })
  test('a stranger who tries a name waits longer each time; whoever it belongs to signs in from elsewhere', async () => {
    for (let i = 0; i < 5; i++)
      await expect(signIn(firm, { login: 'bo', password: `try ${i}` }, '9.9.9.9')).rejects.toMatchObject({
        status: 401,
      })
    await expect(signIn(firm, { login: 'bo', password: BO.password }, '9.9.9.9')).rejects.toThrow('Wait 15 seconds')
    expect(await signIn(firm, { login: 'BO', password: BO.password }, '2.2.2.2')).toMatchObject({ login: 'bo' })
    expect(await signIn(later(1), { login: 'bo', password: BO.password }, '9.9.9.9')).toMatchObject({ login: 'bo' })
  })
  test('the wait doubles, and has an end', () => {
    const now = Date.parse('2026-03-10T08:00:00Z')
    const tries = (count: number): string[] => Array.from({ length: count }, () => '2026-03-10T08:00:00.000Z')
    expect([4, 5, 6, 7, 40].map((count) => waitAfter(tries(count), 5, now))).toEqual([0, 15, 30, 60, 900])
  })
  test('the owner reads who signed in and who tried', () => {
    const log = readDoorLog(firm.db, 50)
    expect(log.filter(({ what, who }) => what === 'wrong password' && who === 'Bo')).toHaveLength(5)
  })
})

describe('a session', () => {
  let key: string
  beforeEach(() => {
    key = beginSession(firm, bo(), 'Android, Chrome')
  })
  test('opens for its person, and its key is kept nowhere', () => {
    expect(personOfSession(firm, key)).toMatchObject({ login: 'bo' })
    expect(JSON.stringify(firm.db.prepare('SELECT * FROM session').all())).not.toContain(key)
  })
  test('ends on the server when somebody signs out, whoever still holds its cookie', () => {
    closeSession(firm, key, false)
    expect(personOfSession(firm, key)).toBeNull()
  })
  test('signing out everywhere ends the others too', () => {
    const elsewhere = beginSession(firm, bo(), 'Windows')
    closeSession(firm, key, true)
    expect(personOfSession(firm, elsewhere)).toBeNull()
  })
  test('is given a new key after half a day; the old one serves until the new one has come back', () => {
    expect(renewedKey(firm, key)).toBeNull()
    const evening = later(13 * 60)
    const newer = renewedKey(evening, key)!
    expect(personOfSession(evening, key)).not.toBeNull()
    expect(renewedKey(evening, newer)).toBeNull()
    expect(personOfSession(later(13 * 60 + 2), key)).toBeNull()
    expect(personOfSession(later(13 * 60 + 2), newer)).toMatchObject({ login: 'bo' })
    closeSession(evening, newer, false)
    expect(personOfSession(evening, newer)).toBeNull()
  })
  test('that nobody used for four weeks is over', () => {
    expect(personOfSession(later(29 * 24 * 60), key)).toBeNull()
  })
  test('is told by its device', () => {
    expect(deviceWords('Mozilla/5.0 (Linux; Android 14) Chrome/120 Mobile Safari')).toBe('Android, Chrome')
    expect(deviceWords(null)).toBe('a device')
  })
})

describe('managing people', () => {
  test('somebody changes their own password, knowing the present one; all their sessions end', async () => {
    const context = { ...as(firm, 'crew') }
    const key = beginSession(firm, context.person, 'Android')
    await expect(changePassword(context, { current: 'wrong', password: 'gable mint otter' })).rejects.toThrow(
      'Present password',
    )
    await expect(changePassword(context, { current: BO.password, password: 'qwertyuiop12' })).rejects.toThrow('guessed')
    await changePassword(context, { current: BO.password, password: 'gable mint otter' })
    expect(personOfSession(firm, key)).toBeNull()
    expect(await signIn(firm, { login: 'bo', password: 'gable mint otter' }, '2.2.2.2')).toMatchObject({ login: 'bo' })
  })
  test('the owner resets a password and ends another’s sessions; nobody else does', async () => {
    const key = beginSession(firm, bo(), 'Android')
    endSessionsOf(owner(), bo().id)
    expect(personOfSession(firm, key)).toBeNull()
    await resetPassword(owner(), bo().id, { password: 'kettle harbour fig' })
    expect(await signIn(firm, { login: 'bo', password: 'kettle harbour fig' }, '2.2.2.2')).toMatchObject({
      login: 'bo',
    })
    expect(() => endSessionsOf(as(firm, 'crew'), bo().id)).toThrow('Only the owner')
    await expect(resetPassword(as(firm, 'crew'), bo().id, { password: 'x' })).rejects.toThrow('Only the owner')
  })
  test('who is put away cannot sign in, and is out at once; brought back, they can', async () => {
    const key = beginSession(firm, bo(), 'Android')
    putAwayPerson(owner(), bo().id, { away: true })
    expect(personOfSession(firm, key)).toBeNull()
    expect(readSessionsOf(firm.db, bo().id)).toEqual([])
    await expect(signIn(firm, { login: 'bo', password: 'kettle harbour fig' }, '3.3.3.3')).rejects.toThrow('not right')
    putAwayPerson(owner(), bo().id, { away: false })
    expect(await signIn(firm, { login: 'bo', password: 'kettle harbour fig' }, '3.3.3.3')).toMatchObject({
      login: 'bo',
    })
    expect(() => putAwayPerson(owner(), owner().person.id, { away: true })).toThrow('The owner cannot be put away')
  })
})
