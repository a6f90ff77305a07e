import { jsonBody, route } from '@/server/http/route'
import { editSite } from '@/server/sites/editSite'

export const POST = route(async (context, { site }, request) => editSite(context, site!, await jsonBody(request)))
