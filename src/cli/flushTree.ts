import { closeSync, fsyncSync, openSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

/** Everything in a folder is on the disk when this returns. */
export function flushTree(folder: string): void {
  for (const entry of readdirSync(folder, { withFileTypes: true }))
    if (entry.isDirectory()) flushTree(join(folder, entry.name))
    else if (entry.isFile()) flush(join(folder, entry.name))
  flush(folder)
}

function flush(path: string): void {
  const handle = openSync(path, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}
