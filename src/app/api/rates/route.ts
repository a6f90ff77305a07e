import { jsonBody, route } from '@/server/http/route'
import { keepRate } from '@/server/sites/crewsAndRates'

export const POST = route(async (context, _params, request) => keepRate(context, await jsonBody(request)))
