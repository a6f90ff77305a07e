import { route } from '@/server/http/route'
import { aheadFile } from '@/server/paper/paperFiles'

export const GET = route((context, _params, request) => {
  const wanted = new URL(request.url).searchParams
  return aheadFile(
    context,
    wanted.get('site') || null,
    wanted.get('weeks') === '3' ? 3 : 2,
    wanted.get('by') === 'place' ? 'place' : 'trade',
  )
})
