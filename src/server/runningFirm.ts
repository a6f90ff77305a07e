import { resolve } from 'node:path'
import { USUAL, writeAs } from '../core/habits/habits'
import { readFirm } from '../data/firm'
import { openFirmFolder, type FirmFolder } from './firmFolder'
import { lockFolder } from '../data/folderLock'
import { startSending } from './share/messages'
import { writeMorningMails } from './share/morningMail'
import { startPhotoJobs } from './photos/photoSizes'
import { clearIncoming } from './sites/takeBundle'

const running = globalThis as { aftermistFirm?: Promise<FirmFolder> }

/** The folder this server works on, from `AFTERMIST_DATA`; opened once a process, and by one process at a time.
 * @throws where another server works on it */
export async function runningFirm(): Promise<FirmFolder> {
  running.aftermistFirm ??= openOnce()
  const firm = await running.aftermistFirm
  // Pages and routes are bundled apart: each prints in the firm's way from its first answer on, and from the next change on.
  writeAs(readFirm(firm.db) ?? USUAL)
  return firm
}

const SECONDS_BETWEEN = 60

/** What is looked at now and then for as long as the server runs: whether it is morning, and what waits in the outbox since the
 * server stopped, since it failed, or since the night. */
function startRounds(firm: FirmFolder): void {
  const round = (): void => {
    writeMorningMails(firm)
    startSending(firm)
  }
  round()
  setInterval(round, SECONDS_BETWEEN * 1000).unref()
}

async function openOnce(): Promise<FirmFolder> {
  const named = process.env.AFTERMIST_DATA
  if (!named) throw new Error('AFTERMIST_DATA names no folder. Start with bin/aftermist start --data DIR.')
  const folder = resolve(named)
  if (!lockFolder(folder))
    throw new Error(`Another server works on ${folder}. One server a folder: stop that one first.`)
  const firm = await openFirmFolder(folder)
  // What was left in the queue, or half brought in, when the server stopped.
  clearIncoming(firm)
  startPhotoJobs(firm)
  startRounds(firm)
  return firm
}

/** Opens the firm as the server starts; a server that may not work on its folder says why, and ends. */
export async function openAtStart(): Promise<void> {
  if (!process.env.AFTERMIST_DATA) return
  try {
    await runningFirm()
  } catch (error) {
    console.error(error instanceof Error ? error.message : error)
    process.exit(1)
  }
}
