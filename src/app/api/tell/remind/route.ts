import { jsonBody, route } from '@/server/http/route'
import { remindTrades } from '@/server/share/notices'

export const POST = route(async (context, _params, request) => remindTrades(context, await jsonBody(request)))
