import { jsonBody, route } from '@/server/http/route'
import { previewMove } from '@/server/plan/moveVisit'

export const POST = route(async (context, _params, request) => previewMove(context, await jsonBody(request)))
