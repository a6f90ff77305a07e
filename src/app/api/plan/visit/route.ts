import { route } from '@/server/http/route'
import { visitView } from '@/server/views/visit'

export const GET = route((context, _params, request) =>
  visitView(context, new URL(request.url).searchParams.get('key') ?? ''),
)
