import { jsonBody, route } from '@/server/http/route'
import { moveCrewAway } from '@/server/sites/crewsAndRates'

export const POST = route(async (context, { crew }, request) => moveCrewAway(context, crew!, await jsonBody(request)))
