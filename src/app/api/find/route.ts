import { route } from '@/server/http/route'
import { find } from '@/server/views/find'

export const GET = route((context, _params, request) => ({
  found: find(context, new URL(request.url).searchParams.get('q') ?? ''),
}))
