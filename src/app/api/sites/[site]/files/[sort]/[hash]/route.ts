import { bytesBody, route } from '@/server/http/route'
import { startPhotoJobs } from '@/server/photos/photoSizes'
import { MAX_PART_BYTES, receivePart } from '@/server/photos/uploads'

export const PUT = route(async (context, { site, sort, hash }, request) => {
  const part = {
    sort: sort!,
    hash: hash!,
    offset: Number(request.headers.get('upload-offset')),
    length: Number(request.headers.get('upload-length')),
  }
  const received = await receivePart(context, site!, part, await bytesBody(request, MAX_PART_BYTES))
  if (received.done) startPhotoJobs(context.firm)
  return received
})
