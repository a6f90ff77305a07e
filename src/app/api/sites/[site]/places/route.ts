import { jsonBody, route } from '@/server/http/route'
import { addPlace } from '@/server/sites/createSite'

export const POST = route(async (context, { site }, request) => addPlace(context, site!, await jsonBody(request)))
