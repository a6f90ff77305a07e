import { jsonBody, route } from '@/server/http/route'
import { tellTrades } from '@/server/share/notices'

export const POST = route(async (context, _params, request) => tellTrades(context, await jsonBody(request)))
