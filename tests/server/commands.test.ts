import { execFile } from 'node:child_process'
import { existsSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { program } from '../../src/cli/program'
import { openDatabase } from '../../src/data/database'
import { databaseFile } from '../../src/server/firmFolder'
import { demoFolder, emptyFolder } from '../fixtures/folder'
import { rmSync } from 'node:fs'

const run = promisify(execFile)
const BIN = 'bin/aftermist'
const streamed = async (stream: NodeJS.ReadableStream): Promise<string> => {
  let text = ''
  for await (const part of stream) text += String(part)
  return text
}
const aftermist = (...args: string[]) => run(BIN, args).then(({ stdout }) => stdout)

let folder: string
beforeAll(async () => {
  folder = demoFolder()
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const count = (of: string, table: string) => {
  const db = openDatabase(databaseFile(of))
  const { n } = db.prepare(`SELECT COUNT(*) AS n FROM ${table}`).get() as { n: number }
  db.close()
  return n
}

describe('the command line', { timeout: 180_000 }, () => {
  test('lists its commands, and each explains itself', async () => {
    expect(await aftermist('--help')).toContain('Walk a site')
    const commands = program.commands.map((one) => one.name())
    for (const command of ['start', 'demo', 'migrate', 'rebuild', 'backup', 'restore', 'bench'])
      expect(commands).toContain(command)
    for (const command of program.commands) {
      expect(command.helpInformation()).toContain('Usage: aftermist')
      expect(command.description().length, command.name()).toBeGreaterThan(20)
    }
  })
  test('a backup restored is the firm again, and what stood there is kept beside it', async () => {
    const backup = join(emptyFolder(), 'copy')
    await aftermist('backup', '--data', folder, '--to', backup)
    await expect(aftermist('backup', '--data', folder, '--to', backup)).rejects.toThrow('is not empty')
    const parent = emptyFolder()
    const firm = join(parent, 'firm')
    await aftermist('restore', '--from', backup, '--data', firm)
    expect(count(firm, 'observation')).toBe(count(folder, 'observation'))
    expect(readdirSync(join(firm, 'photos')).sort()).toEqual(readdirSync(join(folder, 'photos')).sort())
    await aftermist('restore', '--from', backup, '--data', firm)
    expect(readdirSync(parent).some((name) => name.startsWith('firm.before-restore-'))).toBe(true)
  })
  test('rebuild proves the state equal; a folder without a firm is said to be one', async () => {
    expect(await aftermist('rebuild', '--data', folder)).toMatch(/^Equal: \d+ facts derived again, none differs\./)
    expect(await aftermist('migrate', '--data', folder)).toMatch(/^At form \d+\./)
    await expect(aftermist('rebuild', '--data', emptyFolder())).rejects.toThrow('holds no firm')
  })
  test('the demo never overwrites a real firm', async () => {
    await expect(aftermist('demo', '--no-serve', '--data', folder)).rejects.toThrow('holds a real firm')
    expect(existsSync(databaseFile(folder))).toBe(true)
  })
  test('quantities are reckoned a line at a time, and a bad line never stops the rest', async () => {
    const cases = [
      JSON.stringify({ id: 'rungs', calc: 'C-13', inputs: { long: '22 ft', units: 'imperial' } }),
      'no case at all',
      JSON.stringify({ id: 'patch', calc: 'C-25', inputs: { long: 5600, wide: 450, thick: 100 } }),
    ]
    const started = execFile(BIN, ['takeoff'])
    started.stdin!.end(cases.join('\n'))
    const lines = (await streamed(started.stdout!)).trim().split('\n')
    expect(lines.map((line) => JSON.parse(line) as object)).toMatchObject([
      { id: 'rungs', outputs: { rungs: 12 } },
      { id: null, error: { field: 'case' } },
      { id: 'patch', outputs: { order: 0.4 } },
    ])
    const described = (await aftermist('takeoff', '--describe')).trim().split('\n')
    expect(described).toHaveLength(63)
    expect(JSON.parse(described[25]!)).toMatchObject({ id: 'C-25', title: 'Concrete' })
  })
})
