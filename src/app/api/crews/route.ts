import { jsonBody, route } from '@/server/http/route'
import { keepCrew } from '@/server/sites/crewsAndRates'

export const POST = route(async (context, _params, request) => keepCrew(context, await jsonBody(request)))
