import { partsOf, route } from '@/server/http/route'
import { MAX_BUNDLE_BYTES, takeBundle } from '@/server/sites/takeBundle'

export const POST = route((context, _params, request) => {
  // Nothing of it is read for anybody else.
  context.requireOwner()
  return takeBundle(context, partsOf(request, MAX_BUNDLE_BYTES, 'File: larger than 2 GB.'))
})
