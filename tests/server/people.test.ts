import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { readPerson } from '../../src/data/people'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import {
  addPerson,
  assignPerson,
  createFirm,
  endEverySession,
  signIn,
  signInToDemo,
} from '../../src/server/people/accounts'
import { as, closed, emptyFolder, TODAY } from '../fixtures/folder'

let firm: FirmFolder
const OWNER = { firm: 'Test & Sons', name: 'Ada Underbough', login: 'ada', password: 'long enough words' }

beforeAll(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
})
afterAll(() => closed(firm))

describe('a firm and its people', () => {
  test.each([
    [{ ...OWNER, firm: ' ' }, 'Firm: type its name.'],
    [{ ...OWNER, password: 'short' }, 'Password: use at least 10 characters.'],
    [{ ...OWNER, login: '' }, /Sign-in name/],
  ])('bad input names the field and the mend', async (body, message) => {
    await expect(createFirm(firm, body)).rejects.toThrow(message)
  })
  test('is created once', async () => {
    expect(await createFirm(firm, OWNER)).toMatchObject({ name: 'Ada Underbough', role: 'owner' })
    await expect(createFirm(firm, OWNER)).rejects.toThrow('already holds a firm')
  })
  test('a wrong name and a wrong password are answered alike, and too many tries rest the name', async () => {
    await expect(signIn(firm, { login: 'nobody', password: 'x' })).rejects.toThrow('is not right')
    for (let i = 0; i < 8; i++)
      await expect(signIn(firm, { login: 'guess', password: `try ${i}` })).rejects.toMatchObject({ status: 401 })
    await expect(signIn(firm, { login: 'guess', password: 'again' })).rejects.toMatchObject({ status: 429 })
    expect(await signIn(firm, { login: 'ADA', password: OWNER.password })).toMatchObject({ login: 'ada' })
  })
  test('passwords are kept as argon2 hashes only', () => {
    const kept = firm.db.prepare('SELECT password_hash AS hash FROM person').all() as { hash: string }[]
    for (const { hash } of kept) expect(hash).toMatch(/^\$argon2id\$/)
  })
  test('signing out everywhere ends every session made before', () => {
    const context = as(firm, 'owner')
    endEverySession(context, { everywhere: false })
    expect(readPerson(firm.db, context.person.id)!.sessionGeneration).toBe(context.person.sessionGeneration)
    endEverySession(context, { everywhere: true })
    expect(readPerson(firm.db, context.person.id)!.sessionGeneration).toBe(context.person.sessionGeneration + 1)
  })
  test('only the owner adds people; a name is taken once', async () => {
    const person = { name: 'Bo', login: 'bo', password: 'long enough words', role: 'crew' }
    await addPerson(as(firm, 'owner'), person)
    await expect(addPerson(as(firm, 'owner'), person)).rejects.toThrow('"bo" is taken')
    await expect(addPerson(as(firm, 'crew'), { ...person, login: 'bo2' })).rejects.toMatchObject({ status: 403 })
    expect(() => assignPerson(as(firm, 'owner'), as(firm, 'owner').person.id, { siteIds: [] })).toThrow('Only crew')
  })
  test('nobody walks in without a password outside the demo', () => {
    expect(() => signInToDemo(firm, { role: 'owner' })).toThrow('Only the demo')
  })
})
