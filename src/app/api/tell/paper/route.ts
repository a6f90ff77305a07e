import { jsonBody, originOf, route } from '@/server/http/route'
import { givePaper } from '@/server/share/otherPage'

export const POST = route(async (context, _params, request) =>
  givePaper(context, await jsonBody(request), originOf(request)),
)
