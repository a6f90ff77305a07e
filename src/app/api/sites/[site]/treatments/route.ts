import { jsonBody, route } from '@/server/http/route'
import { layTreatmentAt } from '@/server/sites/createSite'

export const POST = route(async (context, { site }, request) => layTreatmentAt(context, site!, await jsonBody(request)))
