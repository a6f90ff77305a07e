import { jsonBody, route } from '@/server/http/route'
import { givePaper } from '@/server/share/otherPage'

export const POST = route(async (context, _params, request) => givePaper(context, await jsonBody(request)))
