import { jsonBody, route } from '@/server/http/route'
import { copyUnitOf } from '@/server/sites/unitsOfHouse'

export const POST = route(async (context, { site }, request) => copyUnitOf(context, site!, await jsonBody(request)))
