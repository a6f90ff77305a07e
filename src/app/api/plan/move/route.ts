import { jsonBody, route } from '@/server/http/route'
import { moveVisit } from '@/server/plan/moveVisit'

export const POST = route(async (context, _params, request) => moveVisit(context, await jsonBody(request)))
