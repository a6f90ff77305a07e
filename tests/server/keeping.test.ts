import { spawn } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import Database from 'better-sqlite3'
import { strToU8, zipSync } from 'fflate'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { copyFirm } from '../../src/cli/backup'
import { restoreFirm } from '../../src/cli/restore'
import { serve } from '../../src/cli/serve'
import { isLocked, lockFolder } from '../../src/data/folderLock'
import { readPeople } from '../../src/data/people'
import { siteIdOf } from '../../src/demo/ids'
import { contextFor } from '../../src/server/context'
import { databaseFile, openFirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { siteBundle } from '../../src/server/sites/siteBundle'
import { clearIncoming, takeBundle } from '../../src/server/sites/takeBundle'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { as, closed, demoFolder, emptyFolder, openedDemo, TODAY } from '../fixtures/folder'

const BIN = 'bin/aftermist'
const ROUNDS = Number(process.env.AFTERMIST_ROUNDS ?? 3)
let parent: string
let folder: string
beforeEach(() => {
  parent = emptyFolder()
  folder = join(parent, 'firm')
  renameSync(demoFolder(), folder)
})
afterEach(() => rmSync(parent, { recursive: true, force: true }))

const backedUp = async (): Promise<string> => {
  const backup = join(parent, 'backup')
  await copyFirm(folder, backup, 'backup')
  return backup
}
const files = (of: string): string[] => (readdirSync(of, { recursive: true }) as string[]).sort()
const rows = (of: string): unknown => {
  const db = new Database(databaseFile(of), { readonly: true })
  const all = db.prepare('SELECT * FROM observation ORDER BY id').all()
  db.close()
  return all
}

describe('one server a folder', () => {
  test('a second is refused, and the lock goes with the process', () => {
    const free = lockFolder(folder)!
    expect(isLocked(folder)).toBe(true)
    expect(lockFolder(folder)).toBeNull()
    expect(statSync(join(folder, 'running')).mode & 0o077).toBe(0)
    free()
    expect(isLocked(folder)).toBe(false)
  })
  test('it holds though nobody keeps what would give it free', () => {
    setFlagsFromString('--expose-gc')
    const sweep = runInNewContext('gc') as () => void
    lockFolder(folder)
    sweep()
    expect(isLocked(folder)).toBe(true)
  })
  test('starting another says so in a sentence; so it does where the port is taken', async () => {
    const free = lockFolder(folder)!
    await expect(serve({ data: folder, port: '0', host: '127.0.0.1' })).rejects.toThrow(
      `Another server works on ${folder}. One server a folder: stop that one first.`,
    )
    free()
    const taken = createServer()
    const port = await new Promise<number>((found) =>
      taken.listen(0, '127.0.0.1', () => found((taken.address() as { port: number }).port)),
    )
    await expect(serve({ data: folder, port: String(port), host: '127.0.0.1' })).rejects.toThrow(
      `Port ${port} is taken.`,
    )
    taken.close()
    await expect(serve({ data: folder, port: '70000', host: '127.0.0.1' })).rejects.toThrow(
      'Port "70000": write a number from 1 to 65535.',
    )
  })
})

describe('a backup comes back whole or not at all', () => {
  test('whole, with what stood there beside it', async () => {
    const backup = await backedUp()
    const before = rows(folder)
    const aside = await restoreFirm(backup, folder)
    expect(rows(folder)).toEqual(before)
    expect(rows(aside!)).toEqual(before)
    expect(statSync(folder).mode & 0o077).toBe(0)
  })
  test.each<[string, (backup: string) => void]>([
    ['no database', (backup) => writeFileSync(databaseFile(backup), 'nothing of ours')],
    [
      'a database of somebody else',
      (backup) => {
        rmSync(databaseFile(backup))
        new Database(databaseFile(backup)).exec('CREATE TABLE cake (id TEXT)').close()
      },
    ],
    [
      'a page of it lost',
      (backup) => {
        const bytes = readFileSync(databaseFile(backup))
        bytes.fill(7, 8192, 40_000)
        writeFileSync(databaseFile(backup), bytes)
      },
    ],
    [
      'a photo that is another',
      (backup) => {
        const photo = files(join(backup, 'photos')).find((name) => name.endsWith('.original'))!
        rmSync(join(backup, 'photos', photo))
        writeFileSync(join(backup, 'photos', photo), 'another picture')
      },
    ],
    [
      'nothing in it',
      (backup) => {
        rmSync(backup, { recursive: true })
        mkdirSync(backup)
      },
    ],
  ])('%s: refused in a sentence, and what stands there is untouched', async (_what, spoil) => {
    const backup = await backedUp()
    spoil(backup)
    const before = [rows(folder), files(folder)]
    await expect(restoreFirm(backup, folder)).rejects.toThrow('Nothing was changed.')
    expect([rows(folder), files(folder)]).toEqual(before)
  })
  test('under a running server it is refused', async () => {
    const backup = await backedUp()
    const free = lockFolder(folder)!
    await expect(restoreFirm(backup, folder)).rejects.toThrow('Stop it first; nothing was changed.')
    free()
  })
  test(
    'stopped at any moment, the folder holds a firm: the one of before or the one of the backup',
    { timeout: 60_000 + ROUNDS * 5000 },
    async () => {
      const backup = await backedUp()
      const before = rows(folder)
      for (let round = 0; round < ROUNDS; round++) {
        const restoring = spawn(BIN, ['restore', '--from', backup, '--data', folder], { stdio: 'ignore' })
        const gone = new Promise((done) => restoring.once('exit', done))
        const wait = setTimeout(() => restoring.kill('SIGKILL'), 700 + ((round * 397) % 1500))
        await gone
        clearTimeout(wait)
        expect(existsSync(databaseFile(folder)), `round ${round}`).toBe(true)
        expect(rows(folder)).toEqual(before)
      }
    },
  )
})

describe('a site that is brought in comes in whole or not at all', () => {
  const elsewhere = async () => {
    const firm = await openFirmFolder(join(parent, 'elsewhere'), TODAY)
    await createFirm(firm, { firm: 'Another', name: 'Ada', login: 'ada', password: 'barge quoin lantern' })
    return firm
  }
  const SITE = siteIdOf('tollgate')

  test('a file that breaks off in the middle leaves nothing, and a second try works', async () => {
    const [firm, other] = [await openedDemo(), await elsewhere()]
    const file = new Uint8Array(await siteBundle(as(firm, 'owner'), SITE).arrayBuffer())
    const owner = () => contextFor(other, readPeople(other.db)[0]!)
    async function* broken() {
      yield file.slice(0, file.length / 2)
      throw new Error('the line went')
    }
    await expect(takeBundle(owner(), broken())).rejects.toThrow()
    await expect(takeBundle(owner(), [file.slice(0, file.length - 40)])).rejects.toThrow('File:')
    expect(owner().sites()).toEqual([])
    // As if the server had been killed in the middle: what lay there is cleared at the start.
    mkdirSync(join(other.path, 'incoming', 'left'), { recursive: true })
    clearIncoming(other)
    expect(existsSync(join(other.path, 'incoming', 'left'))).toBe(false)
    expect(await takeBundle(owner(), [file])).toEqual({ siteId: SITE })
    closed(firm)
    other.db.close()
  })
  test('a file that opens to more than a site holds is refused', async () => {
    const other = await elsewhere()
    const bomb = zipSync({ 'site.json': new Uint8Array(80_000_000), 'observations.jsonl': strToU8('') }, { level: 1 })
    await expect(takeBundle(contextFor(other, readPeople(other.db)[0]!), [bomb])).rejects.toThrow(
      'it opens to more than a site can hold',
    )
    other.db.close()
  })
})

describe('a full disk', () => {
  test('what cannot be kept is not said to be kept, and what stood before stands', async () => {
    const firm = await openedDemo()
    const site = siteIdOf('bakehouse')
    const count = () => (firm.db.prepare('SELECT COUNT(*) AS n FROM observation').get() as { n: number }).n
    const before = count()
    const pages = firm.db.pragma('page_count', { simple: true }) as number
    firm.db.pragma(`max_page_count = ${pages}`)
    const note = (text: string) => ({
      subject: 'note',
      subjectId: crypto.randomUUID(),
      facet: 'noted',
      placeId: null,
      value: { text, private: false },
    })
    expect(() => {
      for (let i = 0; i < 400; i++)
        recordFacts(as(firm, 'owner'), site, { facts: [note('x'.repeat(900)), note('y'.repeat(900))] })
    }).toThrow(/full/)
    const kept = count()
    // A batch is kept whole or not at all.
    expect((kept - before) % 2).toBe(0)
    firm.db.pragma('max_page_count = 1073741823')
    recordFacts(as(firm, 'owner'), site, { facts: [note('room again')] })
    expect(count()).toBe(kept + 1)
    closed(firm)
  })
})

describe('a clock that goes back', () => {
  test('loses no newer edit', async () => {
    const at = join(parent, 'later')
    cpSync(folder, at, { recursive: true })
    const site = siteIdOf('bakehouse')
    const order = (context: ReturnType<typeof as>) => context.record(context.site(site)).places[0]!
    const later = await openFirmFolder(at, '2026-03-20')
    const { id } = order(as(later, 'owner'))
    const named = (value: string) => ({
      facts: [{ subject: 'place', subjectId: id, facet: 'name', placeId: id, value }],
    })
    recordFacts(as(later, 'owner'), site, named('Said on the 20th'))
    later.db.close()
    const earlier = await openFirmFolder(at, '2026-03-02')
    recordFacts(as(earlier, 'owner'), site, named('Said after that'))
    expect(order(as(earlier, 'owner')).name).toBe('Said after that')
    earlier.db.close()
  })
})
