import { jsonBody, route } from '@/server/http/route'
import { whoCame } from '@/server/plan/whoCame'

export const POST = route(async (context, _params, request) => whoCame(context, await jsonBody(request)))
