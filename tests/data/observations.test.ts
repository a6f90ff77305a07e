import { readdirSync } from 'node:fs'
import { resolve } from 'node:path'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import type { Observation } from '../../src/core/walk/observation'
import { registersOf } from '../../src/core/walk/registers'
import { openDatabase } from '../../src/data/database'
import { migrate, readMigrations } from '../../src/data/migrate'
import { insertObservations, readObservations, readRegisters, rebuildRegisters } from '../../src/data/observations'
import { insertSite, readSite } from '../../src/data/sites'
import { databaseFile, openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { closed, emptyFolder, TODAY } from '../fixtures/folder'
import { siteOf } from '../fixtures/record'

let firm: FirmFolder
beforeEach(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
  insertSite(firm.db, siteOf('s'), 'now')
})
afterEach(() => closed(firm))

const note = (id: string, part: Partial<Observation> = {}): Observation =>
  ({
    id,
    siteId: 's',
    walkId: null,
    placeId: null,
    subject: 'line',
    subjectId: 'l',
    facet: 'progress',
    value: 25,
    by: 'Ada',
    seenAt: '2026-03-10T08:00:00.000Z',
    ...part,
  }) as Observation
const take = (observations: readonly Observation[]) =>
  firm.db.transaction(() => insertObservations(firm.db, observations, 'now'))()
const standing = () => readRegisters(firm.db, 's').map((o) => [o.subjectId, o.facet, o.id])

describe('observations', () => {
  test('each is taken in once, however often it is sent', () => {
    expect(take([note('a'), note('b')])).toEqual({ taken: 2, known: 0 })
    expect(take([note('a'), note('b'), note('c')])).toEqual({ taken: 1, known: 2 })
    expect(readObservations(firm.db, 's')).toHaveLength(3)
  })
  test('the registers follow step by step as they would be derived from all at once', () => {
    const any = fc.array(
      fc
        .record({
          id: fc.uuid(),
          subjectId: fc.constantFrom('l', 'm'),
          minute: fc.integer({ min: 0, max: 4 }),
          value: fc.constantFrom(0, 25, 50),
        })
        .map(({ id, subjectId, minute, value }) =>
          note(id, { subjectId, value, seenAt: `2026-03-10T08:0${minute}:00.000Z` } as Partial<Observation>),
        ),
      { maxLength: 8 },
    )
    fc.assert(
      fc.property(any, (observations) => {
        for (const one of observations) take([one])
        const obvious = [...registersOf(readObservations(firm.db, 's')).values()].map((o) => [
          o.subjectId,
          o.facet,
          o.id,
        ])
        expect(standing().sort()).toEqual(obvious.sort())
      }),
      { numRuns: 40 },
    )
  })
  test('none is ever changed or removed, not even by hand', () => {
    take([note('a')])
    expect(() => firm.db.prepare("UPDATE observation SET value = '100'").run()).toThrow('append-only')
    expect(() => firm.db.prepare('DELETE FROM observation').run()).toThrow('append-only')
  })
  test('every observation taken in raises the revision of its site, and only then', () => {
    take([note('a')])
    take([note('a')])
    expect(readSite(firm.db, 's')!.revision).toBe(1)
  })
  test('rebuilding proves equal, and finds and mends what is not', () => {
    take([note('a'), note('b', { seenAt: '2026-03-10T09:00:00.000Z' }), note('c', { subjectId: 'm' })])
    expect(rebuildRegisters(firm.db)).toEqual({ registers: 2, differing: 0 })
    firm.db.prepare("UPDATE register SET observation_id = 'a', seen_at = '' WHERE subject_id = 'l'").run()
    expect(rebuildRegisters(firm.db).differing).toBe(1)
    expect(standing()).toContainEqual(['l', 'progress', 'b'])
  })
})

describe('migrations', () => {
  test('are numbered without a gap and run once', async () => {
    const all = readMigrations(resolve('src/data/migrations'))
    expect(all.map((one) => one.number)).toEqual(all.map((_, i) => i + 1))
    expect(await migrate(firm.db, databaseFile(firm.path), all)).toEqual({ ran: [], backup: null })
    const older = migrate(firm.db, databaseFile(firm.path), all.slice(0, -1))
    await expect(older).rejects.toThrow('was made by a newer version')
  })
  test('copy the file first, and leave it as it was where one fails', async () => {
    const file = databaseFile(firm.path)
    const version = firm.db.pragma('user_version', { simple: true })
    const next = [
      { number: 901, name: 'good', sql: 'CREATE TABLE extra (id TEXT) STRICT' },
      { number: 902, name: 'bad', sql: 'CREATE TABLE extra (id TEXT) STRICT' },
    ]
    await expect(migrate(firm.db, file, next)).rejects.toThrow('already exists')
    expect(firm.db.pragma('user_version', { simple: true })).toBe(901)
    expect(readdirSync(firm.path)).toContain('aftermist.sqlite.before-901')
    const copy = openDatabase(`${file}.before-901`)
    expect(copy.pragma('user_version', { simple: true })).toBe(version)
    copy.close()
  })
  test('an older site keeps how it paints, now with room for the reason', async () => {
    const schools = JSON.stringify({ cabinetsAndPaint: 'cabinets-first' })
    firm.db.prepare('UPDATE site SET schools = ?').run(schools)
    const again = readMigrations(resolve('src/data/migrations')).filter((one) => one.name === 'schools')
    firm.db.pragma(`user_version = ${again[0]!.number - 1}`)
    await migrate(firm.db, databaseFile(firm.path), again)
    expect(readSite(firm.db, 's')!.schools).toEqual({ cabinetsAndPaint: { way: 'cabinets-first', why: '' } })
  })
  test('every table is strict', () => {
    const tables = firm.db.pragma('table_list') as { name: string; strict: number; schema: string }[]
    expect(
      tables.filter((one) => one.schema === 'main' && !one.name.startsWith('sqlite_') && one.strict === 0),
    ).toEqual([])
  })
})
