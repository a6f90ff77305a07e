import { closeSync, fsyncSync, openSync } from 'node:fs'
import { open, rename } from 'node:fs/promises'
import { dirname } from 'node:path'

/** Writes beside and renames, so that a half-written file is never found under its name. The bytes and the name are on the
 * disk when this returns: what is acknowledged after it survives a power cut. */
export async function writeWhole(file: string, bytes: Buffer): Promise<void> {
  const beside = `${file}.part`
  const handle = await open(beside, 'w')
  try {
    await handle.writeFile(bytes)
    await handle.sync()
  } finally {
    await handle.close()
  }
  await moveWhole(beside, file)
}

/** Gives a file that is on the disk its name, and flushes that too. */
export async function moveWhole(from: string, to: string): Promise<void> {
  await rename(from, to)
  flushFolder(dirname(to))
}

/** What a folder holds, and the folder's own name in the one above, is on the disk when this returns. */
export function flushFolder(folder: string): void {
  for (const one of [folder, dirname(folder)]) {
    const handle = openSync(one, 'r')
    try {
      fsyncSync(handle)
    } finally {
      closeSync(handle)
    }
  }
}
