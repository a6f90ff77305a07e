import type { FileSort } from '@/core/walk/sentFiles'

/** Bytes of one part: small enough that a weak signal gets one through. */
const PART = 1_000_000

interface FileToSend {
  readonly siteId: string
  readonly sort: FileSort
  readonly hash: string
  readonly blob: Blob
  /** How much the server is known to have. */
  readonly sent?: number
}

/** Sends a file in parts, going on from where the server is; safe to call again after any interruption.
 * @param send puts one part, and throws where the network is gone
 * @param onSent is told how much has arrived, to be kept for the next time
 * @returns null where it arrived, otherwise the sentence that refuses it */
export async function sendFile(
  { siteId, sort, hash, blob, sent = 0 }: FileToSend,
  send: (url: string, init: RequestInit) => Promise<Response>,
  onSent: (sent: number) => Promise<unknown> = () => Promise.resolve(),
): Promise<string | null> {
  for (let offset = Math.min(sent, blob.size); ;) {
    const answer = await send(`/api/sites/${siteId}/files/${sort}/${hash}`, {
      method: 'PUT',
      body: blob.slice(offset, offset + PART),
      headers: {
        'content-type': 'application/octet-stream',
        'upload-offset': String(offset),
        'upload-length': String(blob.size),
      },
    })
    const told = (await answer.json()) as { received: number; done: boolean; error?: { message: string } }
    if (told.error) return told.error.message
    if (told.done) return null
    offset = told.received
    await onSent(offset)
  }
}

/** The hash that names a file. */
export async function hashOf(file: Blob): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', await file.arrayBuffer())
  return [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}
