import { jsonBody, route } from '@/server/http/route'
import { settleOffer } from '@/server/sites/unitsOfHouse'

export const POST = route(async (context, { site }, request) => settleOffer(context, site!, await jsonBody(request)))
