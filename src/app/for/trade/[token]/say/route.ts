import { jsonBody, openRoute } from '@/server/http/route'
import { sayByTrade } from '@/server/share/tradeWords'

export const POST = openRoute(async (firm, { token }, request) => sayByTrade(firm, token!, await jsonBody(request)))
