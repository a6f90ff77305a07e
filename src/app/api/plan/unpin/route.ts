import { jsonBody, route } from '@/server/http/route'
import { unpinVisit } from '@/server/plan/moveVisit'

export const POST = route(async (context, _params, request) => unpinVisit(context, await jsonBody(request)))
