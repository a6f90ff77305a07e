import { jsonBody, route } from '@/server/http/route'
import { changePlan } from '@/server/plan/changePlan'

export const POST = route(async (context, _params, request) => changePlan(context, await jsonBody(request)))
