import { jsonBody, route } from '@/server/http/route'
import { moveSiteAway } from '@/server/sites/editSite'

export const POST = route(async (context, { site }, request) => moveSiteAway(context, site!, await jsonBody(request)))
