import { createHash } from 'node:crypto'
import { appendFileSync, existsSync, mkdirSync, statSync } from 'node:fs'
import { readFile, rm } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { MAX_FILE_BYTES, type FileSort } from '../../core/walk/sentFiles'
import { readMemo } from '../../data/memos'
import { readPhoto } from '../../data/photos'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { storeMemo } from './memos'
import { storePhoto } from './photos'
import { flushFolder } from './writeWhole'

/** Most bytes of one part. */
export const MAX_PART_BYTES = 4_000_000

export interface Part {
  readonly sort: string
  readonly hash: string
  /** Where in the file this part begins. */
  readonly offset: number
  /** Length of the whole file. */
  readonly length: number
}

/** How much of a file has arrived; with `done` all of it, and it is kept. */
export interface Received {
  readonly received: number
  readonly done: boolean
}

const partFile = (firm: FirmFolder, hash: string): string => join(firm.path, 'uploads', `${hash}.part`)

/** Takes the next part of a file. One that does not follow what is here changes nothing; the answer says where to go on,
 * so a phone that died, or whose answer was lost, goes on from there.
 * @throws Refusal naming what is wrong with the file, and what to do */
export async function receivePart(context: Context, siteId: string, part: Part, bytes: Buffer): Promise<Received> {
  const { sort, hash, offset, length } = part
  if (!(sort in MAX_FILE_BYTES)) throw new Refusal(404, 'Only photos, memos and films can be sent.')
  if (!/^[0-9a-f]{64}$/.test(hash)) throw new Refusal(422, 'File: its name is not the hash of what is in it.', 'file')
  if (!Number.isInteger(length) || length < 1 || !Number.isInteger(offset) || offset < 0)
    throw new Refusal(422, 'File: say how long it is and where this part begins.', 'file')
  const site = context.site(siteId)
  const limit = MAX_FILE_BYTES[sort as FileSort]
  if (length > limit)
    throw new Refusal(413, `File: larger than ${limit / 1e6} MB. Take it again, smaller or shorter.`, 'file')
  const known = sort === 'photo' ? readPhoto(context.db, hash) : readMemo(context.db, hash)
  if (known?.siteId === site.id) return { received: length, done: true }
  const received = append(partFile(context.firm, hash), offset, length, bytes)
  if (received < length) return { received, done: false }
  await accept(context, siteId, sort as FileSort, hash)
  return { received, done: true }
}

/** @returns how long the file is now */
function append(file: string, offset: number, length: number, bytes: Buffer): number {
  const here = existsSync(file) ? statSync(file).size : 0
  if (offset !== here || here + bytes.length > length) return here
  if (here === 0) mkdirSync(dirname(file), { recursive: true })
  // A phone goes on from what it was told: that part is on the disk, also after a power cut.
  appendFileSync(file, bytes, { flush: true })
  if (here === 0) flushFolder(dirname(file))
  return here + bytes.length
}

async function accept(context: Context, siteId: string, sort: FileSort, hash: string): Promise<void> {
  const file = partFile(context.firm, hash)
  const bytes = await readFile(file)
  try {
    if (createHash('sha256').update(bytes).digest('hex') !== hash)
      throw new Refusal(422, 'File: it changed on the way. Send it again.', 'file')
    if (sort === 'photo') await storePhoto(context, siteId, bytes)
    else await storeMemo(context, siteId, bytes, sort)
  } finally {
    await rm(file, { force: true })
  }
}
