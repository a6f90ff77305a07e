import { jsonBody, route } from '@/server/http/route'
import { recordFacts } from '@/server/walk/recordFacts'

export const POST = route(async (context, { site }, request) => recordFacts(context, site!, await jsonBody(request)))
