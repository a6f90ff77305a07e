import { resolve } from 'node:path'
import { openFirmFolder, type FirmFolder } from './firmFolder'
import { startOutbox } from './share/messages'
import { startPhotoJobs } from './photos/photoSizes'

const running = globalThis as { aftermistFirm?: Promise<FirmFolder> }

/** The folder this server works on, from `AFTERMIST_DATA`; opened once a process. */
export function runningFirm(): Promise<FirmFolder> {
  const folder = process.env.AFTERMIST_DATA
  if (!folder) throw new Error('AFTERMIST_DATA names no folder. Start with bin/aftermist start --data DIR.')
  running.aftermistFirm ??= openFirmFolder(resolve(folder)).then((firm) => {
    // What was left in the queue when the server stopped.
    startPhotoJobs(firm)
    startOutbox(firm)
    return firm
  })
  return running.aftermistFirm
}
