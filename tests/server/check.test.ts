import { rmSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { checkFirm } from '../../src/cli/check'
import { copyFirm } from '../../src/cli/backup'
import { emptyFolder } from '../fixtures/folder'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import type { FirmFolder } from '../../src/server/firmFolder'
import { photoFile } from '../../src/server/photos/photoSizes'
import { writeMessage } from '../../src/server/share/messages'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const NOW = Date.parse('2026-03-10T12:00:00Z')
const wrong = async (now = NOW): Promise<string[]> =>
  (await checkFirm(firm.path, now)).flatMap((one) => (one.wrong && !/GB free/.test(one.words) ? [one.words] : []))

describe('a firm that is looked at while it runs', () => {
  test('is whole, and lacks a backup until there is one that is young enough', async () => {
    firm.db.prepare('UPDATE message SET sent_at = written_at').run()
    expect(await wrong()).toEqual(['There was never a backup.'])
    await copyFirm(firm.path, emptyFolder(), 'backup')
    firm.db.prepare("UPDATE door_log SET at = '2026-03-09T12:00:00Z' WHERE detail = 'backup'").run()
    expect(await wrong()).toEqual([])
    expect(await wrong(Date.parse('2026-03-14T12:00:00Z'))).toEqual(['The last backup is 5 days old.'])
  })
  test('tells facts that differ from what was recorded, and changes nothing of them', async () => {
    firm.db.prepare('DELETE FROM register WHERE observation_id IN (SELECT observation_id FROM register LIMIT 2)').run()
    const told = async () => (await wrong()).filter((words) => /differ/.test(words))
    expect((await told())[0]).toMatch(/^\d+ of \d+ facts differ/)
    expect(await told()).toHaveLength(1)
  })
  test('tells photos without a file, and messages that wait too long', async () => {
    firm.db.prepare('UPDATE message SET sent_at = written_at').run()
    const hash = firm.db.prepare('SELECT hash FROM photo LIMIT 1').pluck().get() as string
    rmSync(photoFile(firm, hash, 'original'))
    writeMessage(firm, { siteId: null, recipient: 'A', address: 'a@example.com', subject: 's', body: 'b' })
    expect((await wrong()).some((words) => words.includes(`${hash}.original is missing`))).toBe(true)
    expect((await wrong(NOW + 3 * 86_400_000)).some((words) => /^1 message waits, the oldest for/.test(words))).toBe(
      true,
    )
  })
  test('a folder without a firm is said to be one', async () => {
    await expect(checkFirm(emptyFolder(), NOW)).rejects.toThrow('holds no firm')
  })
})
