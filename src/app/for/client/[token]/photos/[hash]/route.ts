import { openRoute } from '@/server/http/route'
import { photoResponse } from '@/server/photos/photos'
import { requireSharedPhoto } from '@/server/share/clientUpdates'

export const GET = openRoute((firm, { token, hash }) => {
  requireSharedPhoto(firm, token!, hash!)
  return photoResponse(firm, hash!, 'shared')
})
