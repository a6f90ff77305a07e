import { createHash } from 'node:crypto'
import { existsSync, mkdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { MAX_FILE_BYTES, type FileSort } from '../../core/walk/sentFiles'
import { insertMemo, readMemo } from '../../data/memos'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { writeWhole } from './writeWhole'

type MemoSort = Exclude<FileSort, 'photo'>

/** The first bytes of the containers that phones record into; each holds sound or a film. */
const CONTAINERS: readonly {
  readonly type: string
  readonly at: number
  readonly starts: string
  readonly films: boolean
}[] = [
  { type: 'webm', at: 0, starts: '\x1a\x45\xdf\xa3', films: true },
  { type: 'ogg', at: 0, starts: 'OggS', films: false },
  { type: 'mp4', at: 4, starts: 'ftyp', films: true },
]

const REFUSALS: Record<MemoSort, { readonly large: string; readonly kind: string }> = {
  memo: {
    large: 'Memo: larger than 10 MB. Speak in shorter pieces.',
    kind: 'Memo: this file is not WebM, Ogg or MP4 sound. Record it again here.',
  },
  film: {
    large: 'Film: larger than 60 MB. Take a shorter one.',
    kind: 'Film: this file is not WebM or MP4. Set the camera to its most compatible format and take it again.',
  },
}

export const memoFile = (firm: FirmFolder, hash: string): string => join(firm.path, 'memos', hash.slice(0, 2), hash)

/** Takes a spoken memo or a short film in, kept by the hash of its bytes.
 * @throws Refusal 415 where it is nothing that phones record, 413 where it is too large */
export async function storeMemo(
  context: Context,
  siteId: string,
  bytes: Buffer,
  sort: MemoSort = 'memo',
): Promise<{ hash: string }> {
  const site = context.site(siteId)
  if (bytes.length > MAX_FILE_BYTES[sort]) throw new Refusal(413, REFUSALS[sort].large, sort)
  const type = memoContainer(bytes, sort)
  const hash = createHash('sha256').update(bytes).digest('hex')
  if (readMemo(context.db, hash)) return { hash }
  mkdirSync(join(context.firm.path, 'memos', hash.slice(0, 2)), { recursive: true })
  await writeWhole(memoFile(context.firm, hash), bytes)
  insertMemo(context.db, { hash, siteId: site.id, type, bytes: bytes.length, receivedAt: context.now() })
  return { hash }
}

/** What kind of sound or film it is.
 * @throws Refusal 415 where it is nothing that phones record */
export function memoContainer(bytes: Buffer, sort: MemoSort): string {
  const container = CONTAINERS.find(
    ({ at, starts, films }) =>
      (sort === 'memo' || films) && bytes.subarray(at, at + starts.length).toString('latin1') === starts,
  )
  if (!container) throw new Refusal(415, REFUSALS[sort].kind, sort)
  return `${sort === 'film' ? 'video' : 'audio'}/${container.type}`
}

/** A memo, for whoever may see its site. */
export async function memoResponse(context: Context, hash: string): Promise<Response> {
  const memo = readMemo(context.db, hash)
  if (!memo || !existsSync(memoFile(context.firm, hash))) throw new Refusal(404, 'This memo is not here yet.')
  context.site(memo.siteId)
  return new Response(new Uint8Array(await readFile(memoFile(context.firm, hash))), {
    headers: { 'content-type': memo.type, 'cache-control': 'private, max-age=604800, immutable' },
  })
}
