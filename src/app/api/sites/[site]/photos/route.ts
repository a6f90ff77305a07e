import { bytesBody, route } from '@/server/http/route'
import { MAX_PHOTO_BYTES, storePhoto } from '@/server/photos/photos'

export const POST = route(async (context, { site }, request) =>
  storePhoto(context, site!, await bytesBody(request, MAX_PHOTO_BYTES)),
)
