import { existsSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { beginJob, endJob } from '../../data/jobs'
import { markPhotoDamaged } from '../../data/photos'
import type { FirmFolder } from '../firmFolder'
import { writeWhole } from './writeWhole'

const MAX_PIXELS = 100_000_000
const MOST_TRIES = 3
/** Longest side of the two sizes that are ever shown. */
const SIDES = { shared: 1600, thumb: 480 } as const
export type PhotoSize = keyof typeof SIDES

export const photoFile = (firm: Pick<FirmFolder, 'path'>, hash: string, size: PhotoSize | 'original'): string =>
  join(firm.path, 'photos', hash.slice(0, 2), `${hash}.${size}`)

/** Reads what a picture is, without decoding it; null where it is none. */
export const pictureKind = (bytes: Buffer) =>
  sharp(bytes, { limitInputPixels: MAX_PIXELS })
    .metadata()
    .catch(() => null)

const making = new Map<string, Promise<boolean>>()

/** Re-encodes a photo upright in its two sizes, without any of its hidden data (position, camera, time). Whoever asks
 * for a photo that is being made waits for that one.
 * @returns false where the photo cannot be decoded; it is marked as damaged then */
export function makePhotoSizes(firm: FirmFolder, hash: string): Promise<boolean> {
  const original = photoFile(firm, hash, 'original')
  const made = making.get(original) ?? resize(firm, hash, original).finally(() => making.delete(original))
  making.set(original, made)
  return made
}

async function resize(firm: FirmFolder, hash: string, original: string): Promise<boolean> {
  for (const [size, side] of Object.entries(SIDES) as [PhotoSize, number][]) {
    if (existsSync(photoFile(firm, hash, size))) continue
    let small: Buffer
    try {
      small = await sharp(original, { limitInputPixels: MAX_PIXELS, failOn: 'error' })
        .autoOrient()
        .resize(side, side, { fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: 82 })
        .toBuffer()
    } catch {
      // The bytes are as the phone sent them, so trying again would not help.
      markPhotoDamaged(firm.db, hash)
      return false
    }
    await writeWhole(photoFile(firm, hash, size), small)
  }
  return true
}

const running = new WeakMap<FirmFolder, Promise<void>>()

/** Works through the queue, one job after the other; a call while it is being worked through joins that run. */
export function runPhotoJobs(firm: FirmFolder): Promise<void> {
  const run = running.get(firm) ?? workThrough(firm).finally(() => running.delete(firm))
  running.set(firm, run)
  return run
}

async function workThrough(firm: FirmFolder): Promise<void> {
  for (let job = beginJob(firm.db); job; job = beginJob(firm.db)) {
    if (job.tries >= MOST_TRIES) markPhotoDamaged(firm.db, job.subject)
    else await makePhotoSizes(firm, job.subject)
    endJob(firm.db, job.id)
  }
}

/** Starts on the queue without waiting for it. What fails stays in the queue and is told in the server's log. */
export const startPhotoJobs = (firm: FirmFolder): void => void runPhotoJobs(firm).catch(console.error)
