import { jsonBody, route } from '@/server/http/route'
import { keepEdits } from '@/server/share/clientUpdates'

export const POST = route(async (context, { site }, request) => keepEdits(context, site!, await jsonBody(request)))
