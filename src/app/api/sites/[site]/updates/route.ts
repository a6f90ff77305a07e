import { jsonBody, route } from '@/server/http/route'
import { publishUpdate } from '@/server/share/clientUpdates'

export const POST = route(async (context, { site }, request) => publishUpdate(context, site!, await jsonBody(request)))
