import { jsonBody, route } from '@/server/http/route'
import { previewChange } from '@/server/plan/changePlan'

export const POST = route(async (context, _params, request) => previewChange(context, await jsonBody(request)))
