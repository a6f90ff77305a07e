import { jsonBody, route } from '@/server/http/route'
import { changePlace } from '@/server/sites/changePlace'

export const POST = route(async (context, { site }, request) => changePlace(context, site!, await jsonBody(request)))
