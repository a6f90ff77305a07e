import { jsonBody, route } from '@/server/http/route'
import { unpinVisit } from '@/server/plan/changePlan'

export const POST = route(async (context, _params, request) => unpinVisit(context, await jsonBody(request)))
