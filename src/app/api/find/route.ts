import { route } from '@/server/http/route'
import { find } from '@/server/views/find'

export const GET = route((context, _params, request) => {
  const { searchParams } = new URL(request.url)
  return { found: find(context, searchParams.get('q') ?? '', searchParams.get('site')) }
})
