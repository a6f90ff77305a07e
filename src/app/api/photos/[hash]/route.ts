import { route } from '@/server/http/route'
import { photoResponse, requirePhotoOfOwnSite } from '@/server/photos/photos'

export const GET = route((context, { hash }, request) => {
  requirePhotoOfOwnSite(context, hash!)
  return photoResponse(
    context.firm,
    hash!,
    new URL(request.url).searchParams.get('size') === 'shared' ? 'shared' : 'thumb',
  )
})
