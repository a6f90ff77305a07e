import { createHash } from 'node:crypto'
import { existsSync, mkdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { insertMemo, readMemo } from '../../data/memos'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { writeWhole } from './writeWhole'

export const MAX_MEMO_BYTES = 10_000_000

/** The first bytes of the kinds of sound that phones record. */
const KINDS: readonly { readonly type: string; readonly at: number; readonly starts: string }[] = [
  { type: 'audio/webm', at: 0, starts: '\x1a\x45\xdf\xa3' },
  { type: 'audio/ogg', at: 0, starts: 'OggS' },
  { type: 'audio/mp4', at: 4, starts: 'ftyp' },
]

const fileOf = (firm: FirmFolder, hash: string): string => join(firm.path, 'memos', hash.slice(0, 2), hash)

/** Takes a spoken memo in, kept by the hash of its bytes.
 * @throws Refusal 415 where it is no sound that phones record, 413 where it is too large */
export async function storeMemo(context: Context, siteId: string, bytes: Buffer): Promise<{ hash: string }> {
  const site = context.site(siteId)
  if (bytes.length > MAX_MEMO_BYTES) throw new Refusal(413, 'Memo: larger than 10 MB. Speak in shorter pieces.', 'memo')
  const kind = KINDS.find(({ at, starts }) => bytes.subarray(at, at + starts.length).toString('latin1') === starts)
  if (!kind) throw new Refusal(415, 'Memo: this file is not WebM, Ogg or MP4 sound. Record it again here.', 'memo')
  const hash = createHash('sha256').update(bytes).digest('hex')
  if (readMemo(context.db, hash)) return { hash }
  mkdirSync(join(context.firm.path, 'memos', hash.slice(0, 2)), { recursive: true })
  await writeWhole(fileOf(context.firm, hash), bytes)
  insertMemo(context.db, { hash, siteId: site.id, type: kind.type, bytes: bytes.length, receivedAt: context.now() })
  return { hash }
}

/** A memo, for whoever may see its site. */
export async function memoResponse(context: Context, hash: string): Promise<Response> {
  const memo = readMemo(context.db, hash)
  if (!memo || !existsSync(fileOf(context.firm, hash))) throw new Refusal(404, 'This memo is not here yet.')
  context.site(memo.siteId)
  return new Response(new Uint8Array(await readFile(fileOf(context.firm, hash))), {
    headers: { 'content-type': memo.type, 'cache-control': 'private, max-age=604800, immutable' },
  })
}
