import { createHash } from 'node:crypto'
import { existsSync, mkdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { hiddenParts, marksOf, type PhotoMark } from '../../core/walk/photoMarks'
import { MAX_FILE_BYTES } from '../../core/walk/sentFiles'
import { addJob } from '../../data/jobs'
import { insertPhoto, readPhoto } from '../../data/photos'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { makePhotoSizes, photoFile, pictureKind, type PhotoSize } from './photoSizes'
import { writeWhole } from './writeWhole'

const TYPES = ['jpeg', 'png', 'webp']

/** Takes a photo in, kept by the hash of its bytes. The sizes that are shown are made apart from this, by a job.
 * @throws Refusal 415 where it is not a photo, 413 where it is too large; the sentence says what to do */
export async function storePhoto(
  context: Pick<Context, 'site' | 'db' | 'firm' | 'now'>,
  siteId: string,
  bytes: Buffer,
): Promise<{ hash: string }> {
  const site = context.site(siteId)
  if (bytes.length > MAX_FILE_BYTES.photo)
    throw new Refusal(413, 'Photo: larger than 30 MB. Take it again at a smaller size.', 'photo')
  const hash = createHash('sha256').update(bytes).digest('hex')
  const known = readPhoto(context.db, hash)
  if (known) {
    if (known.siteId !== site.id)
      throw new Refusal(409, 'Photo: the same picture is already kept for another site.', 'photo')
    return { hash }
  }
  const meta = await requirePicture(bytes)
  mkdirSync(join(context.firm.path, 'photos', hash.slice(0, 2)), { recursive: true })
  await writeWhole(photoFile(context.firm, hash, 'original'), bytes)
  const receivedAt = context.now()
  context.db.transaction(() => {
    insertPhoto(context.db, {
      hash,
      siteId: site.id,
      type: meta.format,
      width: meta.width,
      height: meta.height,
      bytes: bytes.length,
      receivedAt,
    })
    addJob(context.db, 'photo-sizes', hash, receivedAt)
  })()
  return { hash }
}

/** What a picture is.
 * @throws Refusal 415 where the bytes are none of the kinds that are kept */
export async function requirePicture(bytes: Buffer): Promise<{ format: string; width: number; height: number }> {
  const meta = await pictureKind(bytes)
  if (meta && TYPES.includes(meta.format)) return meta
  throw new Refusal(
    415,
    'Photo: this file is not a JPEG, PNG or WebP picture. Set the camera to its most compatible format and take it again.',
    'photo',
  )
}

export async function photoResponse(firm: FirmFolder, hash: string, size: PhotoSize): Promise<Response> {
  return jpeg(await bytesOf(firm, hash, size), 'private, max-age=604800, immutable')
}

/** A photo for people outside the firm: whatever was marked to be hidden cannot be read in it. */
export async function outsidePhotoResponse(
  firm: FirmFolder,
  hash: string,
  marks: readonly PhotoMark[],
): Promise<Response> {
  // Marks may change after it was shared, so nobody keeps a copy.
  return jpeg(await outsidePhoto(firm, hash, marks), 'private, no-store')
}

/** The same as bytes, for a file that is given away. */
const outsidePhoto = async (firm: FirmFolder, hash: string, marks: readonly PhotoMark[]): Promise<Buffer> =>
  withPartsHidden(await bytesOf(firm, hash, 'shared'), marks)

/** The same of several photos of a site, by their hash. */
export async function outsidePhotos(
  firm: FirmFolder,
  photos: Parameters<typeof marksOf>[0],
  hashes: readonly string[],
): Promise<Map<string, Uint8Array>> {
  const pictures = new Map<string, Uint8Array>()
  for (const hash of hashes) pictures.set(hash, await outsidePhoto(firm, hash, marksOf(photos, hash)))
  return pictures
}

async function withPartsHidden(bytes: Buffer, marks: readonly PhotoMark[]): Promise<Buffer> {
  const picture = sharp(bytes)
  const { width, height } = await picture.metadata()
  const parts = hiddenParts(marks, width, height)
  if (parts.length === 0) return bytes
  const hidden = await Promise.all(
    parts.map(async (part) => ({
      left: part.left,
      top: part.top,
      // Down to a few pixels and up again: unlike a soft blur it cannot be reckoned back.
      input: await sharp(await picture.clone().extract(part).resize(4, 4, { fit: 'fill' }).png().toBuffer())
        .resize(part.width, part.height, { fit: 'fill', kernel: 'nearest' })
        .png()
        .toBuffer(),
    })),
  )
  return picture.composite(hidden).jpeg({ quality: 82 }).toBuffer()
}

async function bytesOf(firm: FirmFolder, hash: string, size: PhotoSize): Promise<Buffer> {
  const file = photoFile(firm, hash, size)
  const known = /^[0-9a-f]{64}$/.test(hash) && existsSync(photoFile(firm, hash, 'original'))
  if (!known) throw new Refusal(404, 'This photo is not here yet.')
  // Somebody looks before its turn in the queue has come.
  if (!existsSync(file) && !(await makePhotoSizes(firm, hash)))
    throw new Refusal(415, 'Photo: the file is damaged. Take it again.', 'photo')
  return readFile(file)
}

const jpeg = (bytes: Buffer, cache: string): Response =>
  new Response(new Uint8Array(bytes), { headers: { 'content-type': 'image/jpeg', 'cache-control': cache } })

export function requirePhotoOfOwnSite(context: Context, hash: string): void {
  const photo = readPhoto(context.db, hash)
  if (!photo) throw new Refusal(404, 'This photo is not here yet.')
  context.site(photo.siteId)
}
