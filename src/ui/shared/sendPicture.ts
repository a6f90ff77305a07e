import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { hashOf, sendFile } from './sendFile'

/** Sends a picture from the desk.
 * @returns the hash that names it
 * @throws ImpossibleRequest with the sentence that refuses it */
export async function sendPicture(siteId: string, file: Blob, field: string): Promise<string> {
  const hash = await hashOf(file)
  const refused = await sendFile({ siteId, sort: 'photo', hash, blob: file }, (url, init) => fetch(url, init))
  if (refused !== null) throw new ImpossibleRequest('picture', refused, field)
  return hash
}
